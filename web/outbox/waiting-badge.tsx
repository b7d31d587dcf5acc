import { howMany } from '#knowledge';
import { CloudOff } from 'lucide-react';
import { useEffect, useState } from 'react';
import { exportWaiting } from './export-waiting.ts';
import { journal } from './outbox.ts';
import { useWaiting } from './use-outbox.ts';
import { WaitingEntry } from './waiting-entry.tsx';

/** What is sent within this shows nothing: the page would move under the finger with every entry. */
const SHOWN_AFTER_MS = 1000;

/** What was entered and not yet taken by the server; nothing when all is sent, or is just being sent. */
export function WaitingBadge() {
  const waiting = useWaiting();
  const isAny = waiting.length > 0;
  const [isLate, setIsLate] = useState(false);
  useEffect(() => {
    if (!isAny) return undefined;
    const timer = setTimeout(() => setIsLate(true), SHOWN_AFTER_MS);
    return () => {
      clearTimeout(timer);
      setIsLate(false);
    };
  }, [isAny]);
  if (!isAny || !isLate) return null;
  const refused = waiting.filter((entry) => entry.refused !== undefined);
  return (
    <details
      className="bg-(--honey-pale) text-(--honey-deep) px-4 md:px-7 py-2"
      aria-label="Waiting to be sent"
    >
      <summary className="list-none cursor-pointer flex items-center gap-2 min-h-8" role="status">
        <CloudOff size={18} aria-hidden className="shrink-0" />
        <span>
          <b>
            {waiting.length} {waiting.length === 1 ? 'entry' : 'entries'} waiting to be sent.
          </b>{' '}
          {refused.length > 0
            ? `${howMany(refused.length, 'needs', 'need')} a look.`
            : 'Kept on this device until the server can be reached.'}
        </span>
      </summary>
      <ul className="mt-2 flex flex-col gap-2">
        {waiting.map((entry) => (
          <WaitingEntry key={entry.seq} entry={entry} />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={() => void journal.send()}>
          Send now
        </button>
        <button type="button" className="btn btn-sm" onClick={() => void exportWaiting(waiting)}>
          Save them to a file
        </button>
      </div>
    </details>
  );
}
