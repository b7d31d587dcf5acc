import { type DaySpan, daysToSpots } from './days-to-spots.ts';

const { max, min } = Math;

/** Outside what a table tells of, the nearest it does tell: °C. Colder days count for less. */
const COLDEST_TOLD_C = 9,
  WARMEST_TOLD_C = 24;

/**
 * After how many days spots of an infection begin to show and all have shown, by the mean temperature of each day
 * since; days beyond those told are taken as the last. Each day goes one part of the way its temperature asks for,
 * so that a cold week puts them off. Null for a disease nothing is told of.
 */
export function spotsBetween(diseaseId: string, meansC: readonly number[]): DaySpan | null {
  const least = daysUntil(diseaseId, meansC, 0);
  const most = daysUntil(diseaseId, meansC, 1);
  return least === null || most === null ? null : [least, most];
}

/** What a spell of cold may put spots off by, at most. */
const LONGEST_DAYS = 400;

function daysUntil(diseaseId: string, meansC: readonly number[], side: 0 | 1): number | null {
  let share = 0;
  for (let day = 0; day < LONGEST_DAYS; day++) {
    const meanC = meansC[min(day, meansC.length - 1)] ?? COLDEST_TOLD_C;
    const span = daysToSpots(diseaseId, min(WARMEST_TOLD_C, max(COLDEST_TOLD_C, meanC)));
    if (!span) return null;
    const slower = diseaseId === 'apple-scab' && meanC < COLDEST_TOLD_C ? max(0, meanC) / COLDEST_TOLD_C : 1;
    share += slower / span[side];
    if (share >= 1 - 1e-9) return day + 1;
  }
  return LONGEST_DAYS;
}
