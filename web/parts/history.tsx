import type { KindTable } from '#server/store/kinds';
import { useChanges } from '../api/mixing.ts';
import { useNameOf } from '../api/name-of.ts';
import { showMoment } from '../show/dates.ts';
import { fieldName, shownValue } from './record-words.ts';

type Row = Readonly<Record<string, unknown>>;

/** What stood in a record before, newest first: only the parts that were changed. */
export function History({ kind, id }: { kind: KindTable; id: string }) {
  const nameOf = useNameOf();
  const { changes = [], now = null } = useChanges(kind, id).data ?? {};
  if (changes.length === 0) return null;
  const states: readonly (Row | null)[] = [now, ...changes.map(({ before }) => before)];
  return (
    <details className="sheet p-4" aria-label="Earlier states">
      <summary className="link-husk list-none inline-block">
        Changed {changes.length === 1 ? 'once' : `${changes.length} times`}: what stood here before
      </summary>
      <ol className="mt-2 flex flex-col gap-2 text-[0.93rem]">
        {changes.map((change, i) => (
          <li key={change.seq}>
            <span className="soft">
              {change.action === 'removed' ? 'taken out' : 'until'} {showMoment(Date.parse(change.at))}
            </span>
            <ul className="pl-4">
              {differing(change.before, states[i] ?? null).map(([column, value]) => (
                <li key={column}>
                  <span className="soft">{fieldName(column)}:</span> {shownValue(value, nameOf)}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </details>
  );
}

function differing(before: Row, after: Row | null): [string, unknown][] {
  return Object.entries(before).filter(
    ([column, value]) => column !== 'id' && (after === null || after[column] !== value),
  );
}
