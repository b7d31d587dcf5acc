import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import type { Untold } from './diary-words.ts';

/** What schools that do not wait for the forecast do. */
export function BySchool({ school, renewOn }: Pick<Untold, 'school' | 'renewOn'>) {
  const today = useToday();
  if (school === 'habits-only')
    return <p className="mt-1">By the school you follow nothing is sprayed: habits only.</p>;
  return (
    <p className="mt-1">
      By the school you follow a cover is renewed by the calendar
      {renewOn === null
        ? ', in its season.'
        : renewOn <= today
          ? ': it is due now.'
          : `: next on ${showDate(renewOn, today)}.`}
    </p>
  );
}

export const OverTheFence = () => (
  <p className="mt-1 soft">It stands over the fence: it can be watched, not covered.</p>
);

export const BlightAdvice = () => (
  <p className="mt-1">Report it or ask your adviser: blossom sprays against it are not for home gardens.</p>
);

export const Resists = () => (
  <p className="soft text-sm mt-1">The variety is said to resist it: covers are seldom worth it.</p>
);
