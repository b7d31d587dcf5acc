import { type GuidePlate, guidePlates, metIn, type Target } from '#knowledge';
import { PlateFigure } from '../../../plates/guide/plate-figure.tsx';
import { monthsWords } from '../../../show/month-words.ts';
import { useGuidePlace, type GuidePlace } from './use-guide-place.ts';

/** Whether it is met this month, and else when; nothing for what is met all year or at times nobody knows. */
function whenMet(plate: GuidePlate, { month, across }: GuidePlace) {
  if (plate.months.length === 0) return null;
  const isNow = metIn(plate, across(month));
  return { isNow, words: isNow ? 'usually now' : monthsWords(plate.months.map(across)) };
}

/** A trouble drawn at each stage of its life. */
export function TroublePlates({ target }: { target: Target }) {
  const place = useGuidePlace();
  const plates = guidePlates(target.id, place);
  if (plates.length === 0) return null;
  return (
    <section aria-label="Drawn, stage by stage" className="sheet p-4 mb-5">
      <h2 className="mb-3">Stage by stage</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(100%,9.5rem),1fr))] gap-x-4 gap-y-5 md:grid-cols-3 xl:grid-cols-4">
        {plates.map((plate) => (
          <li key={plate.stage + plate.shows}>
            <PlateFigure plate={plate} met={whenMet(plate, place)} />
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-4">
        Drawn to the mark beneath each. True size is exact on paper and about right on most screens; a ruler
        laid on the screen tells. Lengths and months are rules of thumb (grade C).
      </p>
    </section>
  );
}
