import { howMany } from '#knowledge';
import { CloudOff } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useNameOf } from '../api/name-of.ts';
import { fieldName, shownValue } from '../parts/record-words.ts';
import { differing, dropWaiting, isStuck, retryRefused, sendWaiting, type WaitingEntry } from './outbox.ts';
import { useWaiting } from './use-outbox.ts';

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
        <CloudOff size={18} aria-hidden />
        <span>
          <b>
            {waiting.length} {waiting.length === 1 ? 'entry' : 'entries'} waiting to be sent.
          </b>{' '}
          {refused.length > 0
            ? `${howMany(refused.length, 'needs', 'need')} a look.`
            : 'Kept on this device until the server can be reached.'}
        </span>
      </summary>
      <ul className="mt-2 flex flex-col gap-1">
        {waiting.map((entry) => (
          <li key={entry.seq} className="flex flex-wrap items-center gap-x-3">
            <span>
              {entry.label}
              {entry.refused && <b className="block text-error">{entry.refused}</b>}
              <Met entry={entry} />
              {isStuck(entry) && (
                <span className="block">
                  tried {howMany(entry.failed ?? 0, 'time')}; the others go on without it
                </span>
              )}
            </span>
            {entry.refused && (
              <button
                type="button"
                className="underline min-h-8"
                onClick={() => void retryRefused(entry.seq)}
              >
                {entry.meanwhile ? 'Keep what is here' : 'Try again'}
              </button>
            )}
            {(entry.refused || isStuck(entry)) && (
              <button type="button" className="underline min-h-8" onClick={() => void dropWaiting(entry.seq)}>
                {entry.meanwhile ? 'Keep what is there' : 'Give it up'}
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

/** What is here and what stands there, where another edit of the same came first. */
function Met({ entry }: { entry: WaitingEntry }) {
  const nameOf = useNameOf();
  return (
    <>
      {differing(entry).map(({ field, here, there }) => (
        <span key={field} className="block">
          {fieldName(field)}: {shownValue(here, nameOf)} here, {shownValue(there, nameOf)} there
        </span>
      ))}
    </>
  );
}
