import type { KindTable } from '#server/store/kinds';
import { useChanges } from '../api/mixing.ts';
import { showMoment } from '../show/dates.ts';

type Row = Readonly<Record<string, unknown>>;

/** What stood in a record before, newest first: only the parts that were changed. */
export function History({ kind, id }: { kind: KindTable; id: string }) {
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
                  <span className="soft">{column.replaceAll('_', ' ')}:</span> {shown(value)}
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

/** Longer things are cut: the whole stands in the archive. */
const LONGEST = 200;

function shown(value: unknown): string {
  if (value === null || value === '') return 'nothing';
  const text = String(value);
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text;
}
