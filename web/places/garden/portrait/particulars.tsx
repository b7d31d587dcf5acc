import { useState, type ReactNode } from 'react';
import type { Place, Plant } from '#core/records';
import { targetById } from '#knowledge';
import { showDate } from '../../../show/dates.ts';
import { sizeWords } from '../../../show/size-words.ts';
import { useShow } from '../../../show/use-show.ts';
import { PlantForm, type PlantPart } from '../plant-form.tsx';

type Line = readonly [label: string, value: ReactNode];

const PART_WORDS: Readonly<Record<PlantPart, string>> = {
  is: 'What it is and how large',
  grows: 'How it grows',
  serves: 'What it is for',
};
const LIGHT = { sun: 'sun', 'part-shade': 'part shade', shade: 'shade' } as const;
const WATERED = { rain: 'by rain only', 'at-base': 'at the base', overhead: 'from above' } as const;

/** What is known of a plant, section by section; each is changed behind its own button. */
export function Particulars({ plant, places }: { readonly plant: Plant; readonly places: readonly Place[] }) {
  const show = useShow();
  const lines: Readonly<Record<PlantPart, readonly Line[]>> = {
    is: [
      ['Plants', plant.count],
      [plant.lengthM ? 'High, wide, long' : 'High, wide', sizeWords(plant, show)],
    ],
    grows: [
      ['Planted', plant.yearPlanted ?? 'not said'],
      ['Age', plant.age],
      ['Vigour', plant.vigour],
      ['Light', LIGHT[plant.light]],
      ['Watered', WATERED[plant.watering]],
      ...(plant.resists.length > 0
        ? [['Resists', plant.resists.map((id) => targetById(id).name).join(', ')] as const]
        : []),
    ],
    serves: [
      ['Eaten', plant.edible ? 'yes' : 'no'],
      ['Picked', pickedWords(plant)],
      ['Reach', plant.outOfReach ? 'not mine or out of reach' : 'within reach'],
      ...(plant.note ? [['Note', plant.note] as const] : []),
    ],
  };
  return (
    <section aria-label="Particulars" className="sheet p-4 flex flex-col gap-4">
      {(Object.keys(lines) as PlantPart[]).map((part) => (
        <Part key={part} part={part} lines={lines[part]} plant={plant} places={places} />
      ))}
    </section>
  );
}

function Part({
  part,
  lines,
  plant,
  places,
}: {
  readonly part: PlantPart;
  readonly lines: readonly Line[];
  readonly plant: Plant;
  readonly places: readonly Place[];
}) {
  const [isEdited, setIsEdited] = useState(false);
  return (
    <section aria-label={PART_WORDS[part]}>
      <div className="flex items-baseline justify-between gap-3 mb-1">
        <h2>{PART_WORDS[part]}</h2>
        {!isEdited && (
          <button type="button" className="link-husk text-sm min-h-6" onClick={() => setIsEdited(true)}>
            Change<span className="sr-only"> {PART_WORDS[part].toLowerCase()}</span>
          </button>
        )}
      </div>
      {isEdited ? (
        <PlantForm
          isNew={false}
          plant={plant}
          places={places}
          part={part}
          onDone={() => setIsEdited(false)}
        />
      ) : (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.93rem]">
          {lines.map(([label, value]) => (
            <div key={label} className="contents">
              <dt className="soft">{label}</dt>
              <dd className="font-medium text-right">{value}</dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  );
}

function pickedWords({ harvestFrom, harvestTo }: Plant): string {
  if (harvestFrom === null) return 'nothing is picked, or not said';
  return harvestTo === null
    ? `from ${showDayOfYear(harvestFrom)}`
    : `${showDayOfYear(harvestFrom)} to ${showDayOfYear(harvestTo)}`;
}

/** A day of every year; a leap year has them all. */
const showDayOfYear = (day: string) => showDate(`2024-${day}`);
