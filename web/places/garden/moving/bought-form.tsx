import { useState } from 'react';
import { usePlants } from '../../../api/queries.ts';
import { DayField } from '../../../parts/day-field.tsx';
import { Field } from '../../../parts/field.tsx';
import { useToday } from '../../../show/use-show.ts';
import { useMoveLog } from './use-move-log.ts';

/** A bought plant is kept apart as one that came in is: much comes from the shop. */
export function BoughtForm() {
  const today = useToday();
  const growing = (usePlants().data ?? []).filter(({ retiredOn }) => retiredOn === null);
  const log = useMoveLog();
  const [plantId, setPlantId] = useState('');
  const [on, setOn] = useState(today);
  const [error, setError] = useState<string>();
  const begin = () => {
    const plant = growing.find(({ id }) => id === plantId);
    if (!plant) return setError('choose the plant');
    setError(undefined);
    void log
      .care([{ plantId, plantName: plant.name }], 'bought', on)
      .then((isKept) => isKept && setPlantId(''));
  };
  if (growing.length === 0) return null;
  return (
    <details className="sheet p-4 max-w-xl">
      <summary className="link-husk list-none inline-block">A plant was bought</summary>
      <p className="soft text-sm mt-1">
        It is kept apart for three weeks, and asked to be looked over after a fortnight. Add it to the garden
        first.
      </p>
      <div className="mt-3 flex flex-col gap-3">
        <Field label="Which" error={error}>
          <select
            className="select w-full"
            value={plantId}
            onChange={(event) => setPlantId(event.target.value)}
          >
            <option value="">choose…</option>
            {growing.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        <DayField label="Bought on" value={on} max={today} onChange={setOn} />
        <button type="button" className="btn btn-sm min-h-11 self-start" onClick={begin}>
          Keep it apart
        </button>
      </div>
    </details>
  );
}
