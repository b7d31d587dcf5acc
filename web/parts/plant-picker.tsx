import type { Plant } from '#core/records';

interface PlantPickerProps {
  readonly legend: string;
  readonly plants: readonly Pick<Plant, 'id' | 'name'>[];
  readonly chosen: readonly string[];
  readonly onChoose: (chosen: readonly string[]) => void;
}

/** Plants to pick any number of, with one tap for all. */
export function PlantPicker({ legend, plants, chosen, onChoose }: PlantPickerProps) {
  const all = plants.length > 0 && plants.every(({ id }) => chosen.includes(id));
  return (
    <fieldset>
      <legend className="font-semibold text-[0.93rem]">{legend}</legend>
      {plants.length > 1 && (
        <button
          type="button"
          className="link-husk text-sm"
          onClick={() => onChoose(all ? [] : plants.map(({ id }) => id))}
        >
          {all ? 'None of them' : 'All of them'}
        </button>
      )}
      <div className="grid sm:grid-cols-2 gap-x-4">
        {plants.map(({ id, name }) => (
          <label key={id} className="flex items-center gap-2 min-h-11">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={chosen.includes(id)}
              onChange={(event) =>
                onChoose(event.target.checked ? [...chosen, id] : chosen.filter((other) => other !== id))
              }
            />{' '}
            {name}
          </label>
        ))}
      </div>
      {plants.length === 0 && (
        <p className="soft">It is for none of your plants, or planned on them already.</p>
      )}
    </fieldset>
  );
}
