import { sineHeatAbove, sineShareAbove, triangleHeatAbove, triangleShareAbove } from './heat-above.ts';
import { checkModel, type DegreeDayModel } from './model.ts';

/** One day's temperatures in °C. `nextMinC` is the following night's minimum; the double methods use it. */
export interface DayTemperatures {
  minC: number;
  maxC: number;
  nextMinC?: number;
}

/**
 * Degree days of one day, in °C·days, never below 0.
 *
 * With D(x) the heat above x under the day's shape: no cutoff D(L); horizontal D(L) − D(U);
 * intermediate D(L) − 2·D(U), not below 0; vertical D(L) − D(U) − (U − L)·(share of the day above U).
 * The average is (min + max)/2 − L, not below 0; under a horizontal cutoff both readings are first
 * held at U. The double methods take each half day by itself (Allen 1976, Environ. Entomol. 5:388).
 * A null `upperC` means no cutoff, whatever `cutoff` says. Without `nextMinC` the double methods
 * use `minC` for both halves.
 *
 * @throws RangeError for readings that are not numbers, a maximum below a minimum of its own day,
 *   or a model without meaning ({@link checkModel}).
 */
export function dailyDegreeDays(day: DayTemperatures, model: DegreeDayModel): number {
  checkModel(model);
  const { minC, maxC, nextMinC = minC } = day;
  if (!Number.isFinite(minC) || !Number.isFinite(maxC) || !Number.isFinite(nextMinC)) {
    throw new RangeError('a day needs a minimum and a maximum in °C');
  }
  if (maxC < minC) throw new RangeError(`the maximum (${maxC} °C) is below the minimum (${minC} °C)`);
  return heatOfDay(minC, maxC, nextMinC, model);
}

/** {@link dailyDegreeDays} without its checks, for runs over many days that were checked once. */
export function heatOfDay(minC: number, maxC: number, nextMinC: number, model: DegreeDayModel): number {
  if (model.method === 'average') return averageHeat(minC, maxC, model);
  if (model.method === 'single-sine' || model.method === 'single-triangle')
    return shapedHeat(minC, maxC, model);
  const riseHeat = shapedHeat(minC, maxC, model);
  // A night warmer than the day before it still bounds the falling half from both sides.
  const fallHeat = shapedHeat(Math.min(nextMinC, maxC), Math.max(nextMinC, maxC), model);
  return (riseHeat + fallHeat) / 2;
}

function averageHeat(minC: number, maxC: number, model: DegreeDayModel): number {
  const capC = model.cutoff === 'horizontal' && model.upperC !== null ? model.upperC : Infinity;
  return Math.max(0, (Math.min(minC, capC) + Math.min(maxC, capC)) / 2 - model.lowerC);
}

function shapedHeat(minC: number, maxC: number, model: DegreeDayModel): number {
  const sine = model.method === 'single-sine' || model.method === 'double-sine';
  const { lowerC, upperC, cutoff } = model;
  const aboveLower = sine ? sineHeatAbove(minC, maxC, lowerC) : triangleHeatAbove(minC, maxC, lowerC);
  if (upperC === null || cutoff === 'none' || maxC <= upperC) return aboveLower;
  const aboveUpper = sine ? sineHeatAbove(minC, maxC, upperC) : triangleHeatAbove(minC, maxC, upperC);
  if (cutoff === 'horizontal') return aboveLower - aboveUpper;
  if (cutoff === 'intermediate') return Math.max(0, aboveLower - 2 * aboveUpper);
  const shareAbove = sine ? sineShareAbove(minC, maxC, upperC) : triangleShareAbove(minC, maxC, upperC);
  return Math.max(0, aboveLower - aboveUpper - (upperC - lowerC) * shareAbove);
}
