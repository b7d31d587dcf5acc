import { checkModel, type DegreeDayModel } from './model.ts';

/** Thresholds and cutoff of a model; hours need no shape of the day. */
export type HourlyModel = Pick<DegreeDayModel, 'lowerC' | 'upperC' | 'cutoff'>;

/**
 * Degree days of a day told by its hours, in °C·days: each reading stands for an equal share of the
 * day. The cutoffs mean what they mean for a shaped day ({@link dailyDegreeDays}).
 * @throws RangeError without readings, for one that is not a number, or for a model without meaning.
 */
export function hourlyDegreeDays(
  temperaturesC: readonly number[],
  { lowerC, upperC, cutoff }: HourlyModel,
): number {
  checkModel({ lowerC, upperC, cutoff, method: 'single-sine' });
  if (temperaturesC.length === 0 || !temperaturesC.every(Number.isFinite))
    throw new RangeError('a day of hours needs temperatures in °C');
  return heatOfHours(temperaturesC, { lowerC, upperC, cutoff });
}

/** {@link hourlyDegreeDays} without its checks. */
export function heatOfHours(
  temperaturesC: readonly number[],
  { lowerC, upperC, cutoff }: HourlyModel,
): number {
  const capped = upperC !== null && cutoff !== 'none';
  let aboveLower = 0,
    aboveUpper = 0,
    hoursAbove = 0;
  for (const valueC of temperaturesC) {
    if (valueC > lowerC) aboveLower += valueC - lowerC;
    if (capped && valueC > upperC) {
      aboveUpper += valueC - upperC;
      hoursAbove++;
    }
  }
  const hours = temperaturesC.length;
  if (!capped) return aboveLower / hours;
  if (cutoff === 'horizontal') return (aboveLower - aboveUpper) / hours;
  if (cutoff === 'intermediate') return Math.max(0, aboveLower - 2 * aboveUpper) / hours;
  return Math.max(0, aboveLower - aboveUpper - (upperC - lowerC) * hoursAbove) / hours;
}
