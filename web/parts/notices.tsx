import { X } from 'lucide-react';
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from 'react';

interface Notice {
  readonly id: number;
  readonly text: string;
  readonly undo?: () => void;
}

interface Notices {
  /** Says what was done; with `undo` it offers to take it back. */
  say(text: string, undo?: () => void): void;
}

const Context = createContext<Notices>({ say: () => undefined });

export const useNotices = () => use(Context);

const SHOWN_FOR_MS = 12_000;

/** The line at the foot of the page that says what just happened and takes it back. */
export function NoticesProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<readonly Notice[]>([]);
  const drop = useCallback((id: number) => setNotices((all) => all.filter((notice) => notice.id !== id)), []);
  const say = useCallback(
    (text: string, undo?: () => void) => {
      const id = Date.now() + Math.random();
      setNotices((all) => [...all.slice(-2), { id, text, ...(undo ? { undo } : {}) }]);
      setTimeout(() => drop(id), SHOWN_FOR_MS);
    },
    [drop],
  );
  const value = useMemo(() => ({ say }), [say]);
  return (
    <Context value={value}>
      {children}
      <div className="toast toast-center z-50 bottom-16 md:bottom-4" role="status" aria-live="polite">
        {notices.map(({ id, text, undo }) => (
          <div
            key={id}
            className="flex items-center gap-4 rounded-lg bg-neutral text-neutral-content px-4 py-2 shadow-lg"
          >
            <span>{text}</span>
            {undo && (
              <button
                type="button"
                className="font-semibold underline py-1"
                onClick={() => {
                  undo();
                  drop(id);
                }}
              >
                Undo
              </button>
            )}
            <button type="button" aria-label="Dismiss" className="p-1" onClick={() => drop(id)}>
              <X size={16} />
            </button>
          </div>
        ))}
      </div>
    </Context>
  );
}
