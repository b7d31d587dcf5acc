import { CloudOff } from 'lucide-react';
import { dropWaiting, isStuck, retryRefused, sendWaiting } from './outbox.ts';
import { useWaiting } from './use-outbox.ts';

/** What was entered and not yet taken by the server; nothing when all is sent. */
export function WaitingBadge() {
  const waiting = useWaiting();
  if (waiting.length === 0) return null;
  const refused = waiting.filter((entry) => entry.refused !== undefined);
  return (
    <details
      className="bg-(--honey-pale) text-(--honey-deep) px-4 md:px-7 py-2"
      aria-label="Waiting to be sent"
    >
      <summary className="list-none cursor-pointer flex items-center gap-2 min-h-8" role="status">
        <CloudOff size={18} aria-hidden />
        <span>
          <b>
            {waiting.length} {waiting.length === 1 ? 'entry' : 'entries'} waiting to be sent.
          </b>{' '}
          {refused.length > 0
            ? `${refused.length} need a look.`
            : 'Kept on this device until the server can be reached.'}
        </span>
      </summary>
      <ul className="mt-2 flex flex-col gap-1">
        {waiting.map((entry) => (
          <li key={entry.seq} className="flex flex-wrap items-center gap-x-3">
            <span>
              {entry.label}
              {entry.refused && <b className="block text-error">{entry.refused}</b>}
              {isStuck(entry) && (
                <span className="block">tried {entry.failed} times; the others go on without it</span>
              )}
            </span>
            {entry.refused && (
              <button
                type="button"
                className="underline min-h-8"
                onClick={() => void retryRefused(entry.seq)}
              >
                Try again
              </button>
            )}
            {(entry.refused || isStuck(entry)) && (
              <button type="button" className="underline min-h-8" onClick={() => void dropWaiting(entry.seq)}>
                Give it up
              </button>
            )}
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-sm mt-2" onClick={() => void sendWaiting()}>
        Send now
      </button>
    </details>
  );
}
