import { useState } from 'react';
import { CARE_KINDS, GROWTH_STAGES, type Care, type Growth, type Plant } from '#core/records';
import { hostById } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { useDiary, usePlants } from '../../api/queries.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { Field } from '../../parts/field.tsx';
import { RemarkField } from '../../parts/remark-field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { showDate } from '../../show/dates.ts';
import { numberOr } from '../../show/number-or.ts';
import { useToday } from '../../show/use-show.ts';
import { CARE_WORDS, STAGE_WORDS } from '../../show/stage-words.ts';
import { DayField } from '../../parts/day-field.tsx';

/**
 * What the plant did and what was done for it: timing and cautions rest on the first, later numbers are
 * explained by the second.
 */
export function Diary({ plant }: { plant: Plant }) {
  const today = useToday();
  const { say } = useNotices();
  const diary = useDiary(plant.id).data;
  const entries = [
    ...(diary?.growth ?? []).map((entry) => ({ entry, table: 'growth', words: STAGE_WORDS[entry.stage] })),
    ...(diary?.care ?? []).map((entry) => ({ entry, table: 'care', words: CARE_WORDS[entry.kind] })),
  ].sort((a, b) => (a.entry.on < b.entry.on ? 1 : -1));
  const takeOut = (table: string, entry: Growth | Care, words: string) =>
    keepRecord(takeOutEntry(table, entry, `${words}, ${plant.name}`)).then(
      () =>
        say(
          `“${words}” was taken out.`,
          () => void keepRecord(putEntry(table, entry, `${words}, ${plant.name}`)),
        ),
      (error: Error) => say(error.message),
    );
  return (
    <section aria-label="Growth and care">
      <h2 className="mb-2">Growth and care</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        {entries.length === 0 && (
          <p className="soft">
            Nothing logged. Bud swell, bloom and leaf fall set what may be sprayed and when.
          </p>
        )}
        <ul className="text-[0.93rem] flex flex-col gap-1">
          {entries.slice(0, 12).map(({ entry, table, words }) => (
            <li key={entry.id} className="flex justify-between gap-3">
              <span>
                {showDate(entry.on, today)}: {words}
                {'leaves' in entry &&
                  typeof entry.leaves === 'number' &&
                  `, ${entry.leaves} leaves on a shoot`}
                {entry.note && <span className="soft">, {entry.note}</span>}
              </span>
              <button type="button" className="link-husk" onClick={() => void takeOut(table, entry, words)}>
                take out
                <span className="sr-only">
                  {' '}
                  {words} of {showDate(entry.on, today)}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <LogForm plant={plant} />
      </div>
    </section>
  );
}

function LogForm({ plant }: { plant: Plant }) {
  const today = useToday();
  const { say } = useNotices();
  const alike = (usePlants().data ?? []).filter(
    ({ hostId, retiredOn }) => hostId === plant.hostId && retiredOn === null,
  );
  const [what, setWhat] = useState('');
  const [on, setOn] = useState(today);
  const [leaves, setLeaves] = useState('');
  const [note, setNote] = useState('');
  const [forAll, setForAll] = useState(false);
  const [error, setError] = useState<string>();
  const log = async () => {
    if (what === '') return setError('choose one');
    setError(undefined);
    const counted = leaves.trim() === '' ? null : numberOr(leaves, Number.NaN);
    if (counted !== null && !(Number.isInteger(counted) && counted >= 0 && counted <= 200))
      return setError('leaves are a whole number up to 200');
    const [table, kind] = what.split('/') as ['growth' | 'care', string];
    const plantsMeant = forAll ? alike : [plant];
    try {
      for (const { id: plantId, name } of plantsMeant) {
        const record = {
          id: newId(),
          plantId,
          on,
          note,
          ...(table === 'growth' ? { stage: kind, leaves: counted } : { kind }),
        };
        await keepRecord(putEntry(table, record, `${kind}, ${name}`));
      }
      say(plantsMeant.length === 1 ? 'Logged.' : `Logged for ${plantsMeant.length} plants.`);
      setWhat('');
      setLeaves('');
      setNote('');
    } catch (problem) {
      setError((problem as Error).message);
    }
  };
  return (
    <details>
      <summary className="link-husk list-none">Log a stage or some care</summary>
      <form
        noValidate
        className="mt-3 flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void log();
        }}
      >
        <Field label="What" error={error}>
          <select className="select w-full" value={what} onChange={(event) => setWhat(event.target.value)}>
            <option value="">choose…</option>
            <optgroup label="What the plant does">
              {GROWTH_STAGES.map((stage) => (
                <option key={stage} value={`growth/${stage}`}>
                  {STAGE_WORDS[stage]}
                </option>
              ))}
            </optgroup>
            <optgroup label="What was done">
              {CARE_KINDS.map((kind) => (
                <option key={kind} value={`care/${kind}`}>
                  {CARE_WORDS[kind]}
                </option>
              ))}
            </optgroup>
          </select>
        </Field>
        <DayField label="On which day" value={on} max={today} onChange={setOn} />
        {what.startsWith('growth/') && (
          <Field
            label="Leaves open on a shoot"
            hint="if you counted: it tells what has unfolded from under a cover"
          >
            <input
              className="input w-28"
              inputMode="numeric"
              value={leaves}
              onChange={(event) => setLeaves(event.target.value)}
            />
          </Field>
        )}
        <RemarkField value={note} onChange={setNote} />
        {alike.length > 1 && (
          <label className="flex items-center gap-2 min-h-11">
            <input
              type="checkbox"
              className="checkbox"
              checked={forAll}
              onChange={(event) => setForAll(event.target.checked)}
            />{' '}
            for all {alike.length} of this kind ({hostById(plant.hostId).name})
          </label>
        )}
        <button type="submit" className="btn btn-sm">
          Log it
        </button>
      </form>
    </details>
  );
}
