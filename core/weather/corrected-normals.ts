import { mean } from 'simple-statistics';
import { dailyCurves, type MonthlyNormal } from './generator.ts';
import type { WeatherDay } from './day.ts';

/** Monthly normals that may be off, and by how much, °C. */
export interface UncertainMonths {
  readonly months: readonly MonthlyNormal[];
  readonly widthC: number;
}

/** A day's departure from its normal, how much of it the next day keeps, and a whole season's own (grade C). */
const DAY_SPREAD_C = 3.75;
const PERSISTENCE = 0.7;
const SEASON_SPREAD_C = 1;

/**
 * Guessed normals set right by what was read since: shifted as a whole, by as much as readings can tell in the face
 * of their scatter and of the season's own mood (normal prior and likelihood; days persist, so that a week of them
 * counts for little more than one). Widths shrink as readings come in.
 */
export function correctedNormals(
  { months, widthC }: UncertainMonths,
  days: readonly WeatherDay[],
): UncertainMonths {
  if (days.length === 0) return { months, widthC };
  const centre = dailyCurves(months);
  const departureC = mean(
    days.map(({ date, minC, maxC }) => (minC + maxC) / 2 - (centre(date).minC + centre(date).maxC) / 2),
  );
  const independent = Math.max(1, (days.length * (1 - PERSISTENCE)) / (1 + PERSISTENCE));
  const readVariance = SEASON_SPREAD_C ** 2 + DAY_SPREAD_C ** 2 / independent;
  const believed = widthC ** 2 / (widthC ** 2 + readVariance);
  return {
    months: shifted(months, believed * departureC),
    widthC: Math.sqrt((1 - believed) * widthC ** 2),
  };
}

const shifted = (months: readonly MonthlyNormal[], byC: number): MonthlyNormal[] =>
  months.map((month) => ({ ...month, minC: month.minC + byC, maxC: month.maxC + byC }));
