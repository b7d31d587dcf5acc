import { howMany } from '#knowledge';
import { Split } from 'lucide-react';
import { useNameOf } from '../api/name-of.ts';
import { type Difference, useDifferences, useSettle } from '../api/differences.ts';
import { entryWords } from '../outbox/entry-words.ts';
import { capital } from '../show/sentence.ts';
import { showDate } from '../show/dates.ts';
import { useToday } from '../show/use-show.ts';
import { useNotices } from './notices.tsx';
import { fieldName, shownValue } from './record-words.ts';

/** Fields two devices changed to different things, and the choice between them; nothing where there are none. */
export function Differences() {
  const differences = useDifferences().data ?? [];
  if (differences.length === 0) return null;
  return (
    <details className="bg-(--honey-pale) text-(--honey-deep) px-4 md:px-7 py-2" aria-label="Differences">
      <summary className="list-none cursor-pointer flex items-center gap-2 min-h-8" role="status">
        <Split size={18} aria-hidden className="shrink-0" />
        <span>
          <b>Two devices changed the same: {howMany(differences.length, 'choice')} to make.</b> Both are kept
          until you choose.
        </span>
      </summary>
      <ul className="mt-2 flex flex-col gap-2">
        {differences.map((one) => (
          <li key={one.id}>
            <OneDifference one={one} />
          </li>
        ))}
      </ul>
    </details>
  );
}

function OneDifference({ one }: { one: Difference }) {
  const { id, path, field, value, stands, label, enteredOn } = one;
  const nameOf = useNameOf();
  const today = useToday();
  const settle = useSettle();
  const { say } = useNotices();
  const choose = (take: 'kept-aside' | 'standing', told: string) =>
    settle.mutate({ id, take }, { onSuccess: () => say(told), onError: (error) => say(error.message) });
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>
        {capital(entryWords('PUT', path, JSON.stringify({ name: label ?? '' })))}, {fieldName(field)}:{' '}
        <b>{shownValue(stands, nameOf)}</b> stands, <b>{shownValue(value, nameOf)}</b> was entered
        {enteredOn ? ` on ${showDate(enteredOn, today)}` : ''} too
      </span>
      <button
        type="button"
        className="underline min-h-8"
        disabled={settle.isPending}
        onClick={() => choose('standing', 'It stays as it stands.')}
      >
        Leave what stands
      </button>
      <button
        type="button"
        className="underline min-h-8"
        disabled={settle.isPending}
        onClick={() => choose('kept-aside', 'Changed. What stood is among the earlier states.')}
      >
        Take the other
      </button>
    </div>
  );
}
