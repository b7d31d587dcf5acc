import { addDays } from '#core/calendar';
import type { PracticeTroubleId } from '#knowledge';
import { showDate } from '../../../show/dates.ts';
import { sightWords } from './practice-words.ts';
import type { Practice } from './use-practice.ts';

/** Everything met on the plant so far, the latest first. */
export function SightsCard({ practice, trouble }: { practice: Practice; trouble: PracticeTroubleId }) {
  const { sights, practised } = practice;
  return (
    <section aria-label="Met so far" className="sheet p-4 text-[0.93rem]">
      <h2 className="mb-2">Met so far</h2>
      {sights.length === 0 ? (
        <p className="soft">Nothing yet.</p>
      ) : (
        <ol className="flex flex-col gap-1.5" aria-live="polite">
          {[...sights].reverse().map((sight, i) => (
            <li key={i} className="grid grid-cols-[4.6rem_minmax(0,1fr)] gap-x-2">
              <span className="soft">{showDate(addDays(practised.start, sight.day))}</span>
              <span>{sightWords(trouble, sight)}</span>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
