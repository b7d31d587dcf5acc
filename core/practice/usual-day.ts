import { addDays, type CivilDate } from '#core/calendar';
import { type ClimateNormals, generateDays } from '#core/weather';

/** Years that say when something usually is. */
const YEARS = 15;

/**
 * The day of a frame, from 0, by which so much heat above a threshold has usually gathered: the middle of fifteen
 * made-up years. Null where more than half of them never gather it.
 */
export function usualDayOfHeat(
  normals: ClimateNormals,
  { start, days }: { readonly start: CivilDate; readonly days: number },
  lowerC: number,
  heatCd: number,
): number | null {
  const end = addDays(start, days - 1);
  const reached = Array.from({ length: YEARS }, (_, year) => {
    let sum = 0;
    const at = generateDays(normals, year + 1, start, end).findIndex(
      ({ minC, maxC }) => (sum += Math.max(0, (minC + maxC) / 2 - lowerC)) >= heatCd,
    );
    return at < 0 ? Infinity : at;
  }).sort((a, b) => a - b);
  const middle = reached[Math.floor(YEARS / 2)]!;
  return middle === Infinity ? null : middle;
}
