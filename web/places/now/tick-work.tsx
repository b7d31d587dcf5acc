import { useState } from 'react';
import { Link } from 'react-router';
import { HANDWORK_KINDS, type HandworkKind } from '#core/records';
import { HANDWORK } from '#knowledge';
import type { DayJob } from '#engine';
import { newId } from '../../api/new-id.ts';
import { usePlants } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { PlantPicker } from '../../parts/plant-picker.tsx';
import { SelectOne } from '../../parts/select-one.tsx';
import { type Kept, useKeeping } from '../../parts/use-keeping.ts';
import { capital } from '../../show/sentence.ts';
import { useToday } from '../../show/use-show.ts';

type Work = HandworkKind | 'feeding' | 'watering';
const WORK: readonly { id: Work; label: string }[] = [
  ...HANDWORK_KINDS.map((id) => ({ id, label: HANDWORK[id].done })),
  { id: 'feeding', label: 'fed' },
  { id: 'watering', label: 'watered' },
];

/** Plants picked and what was done on them, logged at once; it counts for every trouble on each of them. */
export function TickWork({ jobs }: { jobs: readonly DayJob[] }) {
  const today = useToday();
  const { keepAll } = useKeeping();
  const plants =
    usePlants().data?.filter(({ retiredOn, outOfReach }) => retiredOn === null && !outOfReach) ?? [];
  const due = new Set(jobs.map(({ plantId }) => plantId));
  const inOrder = plants.toSorted((a, b) => Number(due.has(b.id)) - Number(due.has(a.id)));
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [work, setWork] = useState<Work>('jet');
  const [minutes, setMinutes] = useState('');
  const [error, setError] = useState<string>();
  const log = async () => {
    const spent = minutes.trim() === '' ? null : Number(minutes);
    if (spent !== null && !(Number.isInteger(spent) && spent >= 0 && spent <= 2000))
      return setError('whole minutes, up to 2000');
    setError(undefined);
    const share = spent === null ? null : Math.round(spent / chosen.length);
    const entries = plants
      .filter(({ id }) => chosen.includes(id))
      .map(({ id, name }) => entryOf(id, name, work, today, share));
    const label = WORK.find(({ id }) => id === work)!.label;
    const which =
      entries.length === 1 ? plants.find(({ id }) => id === chosen[0])!.name : `${entries.length} plants`;
    if (!(await keepAll(entries, `Logged: ${label}, ${which}.`))) return;
    setChosen([]);
    setMinutes('');
  };
  if (plants.length === 0) return null;
  return (
    <form
      noValidate
      aria-label="Tick what was done"
      className="sheet p-4 flex flex-col gap-3 self-start"
      onSubmit={(event) => {
        event.preventDefault();
        void log();
      }}
    >
      <h2>Tick what was done</h2>
      <p className="soft text-sm">
        It counts for every trouble on each plant, and for the steps of its series.
      </p>
      <Field label="What">
        <SelectOne className="select w-full" value={work} options={WORK} onChange={setWork} />
      </Field>
      <PlantPicker legend="On which plants" plants={inOrder} chosen={chosen} onChoose={setChosen} />
      {work !== 'feeding' && work !== 'watering' && (
        <Field label="Minutes in all, if you know" error={error}>
          <input
            className="input w-full"
            inputMode="numeric"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
        </Field>
      )}
      <button type="submit" className="btn btn-primary self-start" disabled={chosen.length === 0}>
        {chosen.length === 0
          ? 'Choose plants'
          : `Log for ${chosen.length} plant${chosen.length === 1 ? '' : 's'}`}
      </button>
      {chosen.length > 0 && (
        <p className="text-sm">
          Sprayed them?{' '}
          <Link className="link-husk" to={`/mix?${chosen.map((id) => `plant=${id}`).join('&')}`}>
            Mix and log one tank
          </Link>{' '}
          for them.
        </p>
      )}
    </form>
  );
}

function entryOf(plantId: string, name: string, work: Work, on: string, minutes: number | null): Kept {
  const id = newId();
  const label = `${capital(WORK.find((entry) => entry.id === work)!.label)}, ${name}`;
  return work === 'feeding' || work === 'watering'
    ? { kind: 'care', label, record: { id, plantId, kind: work, on, note: '' } }
    : {
        kind: 'handwork',
        label,
        record: { id, watchId: null, plantId, on, kind: work, minutes, note: '' },
      };
}
