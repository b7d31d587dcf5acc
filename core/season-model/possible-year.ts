import { keptWith } from '#core/caches';
import { HOT_C } from './season-figures.ts';
import type { FitWeather } from './treatment.ts';

/** One possible year, by day of the frame. What nobody told is not a number. */
export interface PossibleYear {
  /** Heat of each day under the hatch's own model, °C·days; 0 before the season's count begins. */
  readonly heatCd: Float64Array;
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
  readonly rainMm: Float64Array;
}

/** Whether a treatment can be done on a day: 0 no, 1 yes, 2 nobody told. */
export const UNFIT = 0,
  FIT = 1,
  UNTOLD = 2;

/** Rain of a day from which it counts, mm. */
const RAIN_MM = 0.5;

/** Fitness of each day of a possible year. */
export function fitDays({ minC, maxC, rainMm }: PossibleYear, fits: FitWeather): Uint8Array {
  const fit = new Uint8Array(maxC.length);
  for (let day = 0; day < fit.length; day++) fit[day] = fitnessOn(day);
  return fit;
  function fitnessOn(day: number) {
    const warmestC = maxC[day]!;
    const nextC = maxC[day + 1] ?? warmestC;
    const tooWarm = fits.greatestC !== null && Math.max(warmestC, nextC) > fits.greatestC;
    const tooCold = fits.leastC !== null && (warmestC < fits.leastC || minC[day]! < FROST_C);
    const wet = fits.dry && rainMm[day]! >= RAIN_MM;
    if (tooWarm || tooCold || wet) return UNFIT;
    const needsHeat = fits.greatestC !== null || fits.leastC !== null;
    const untold = (needsHeat && Number.isNaN(warmestC)) || (fits.dry && Number.isNaN(rainMm[day]!));
    return untold ? UNTOLD : FIT;
  }
}

/** A night below this ends the day for what must not meet frost. */
const FROST_C = 0;

/** Running sums of a year, worked out once however many draws share it. */
export interface YearSums {
  readonly heatSum: Float64Array;
  readonly rainSum: Float64Array;
  /** Days above {@link HOT_C}, summed through each day. */
  readonly hotSum: Float64Array;
}

const sums = keptWith<PossibleYear, 'sums', YearSums>();

export function sumsOf(year: PossibleYear): YearSums {
  return sums(year, 'sums', () => ({
    heatSum: runningSum(year.heatCd),
    rainSum: runningSum(year.rainMm),
    hotSum: runningSum(year.maxC.map((maxC) => (maxC > HOT_C ? 1 : 0))),
  }));
}

const fitness = keptWith<PossibleYear, string, Uint8Array>();

/** {@link fitDays}, worked out once for a year and a kind of treatment. */
export const fitDaysOf = (year: PossibleYear, fits: FitWeather): Uint8Array =>
  fitness(year, JSON.stringify(fits), () => fitDays(year, fits));

/** Sums up to and through each day; days that are not numbers count as nothing. */
function runningSum(values: Float64Array): Float64Array {
  let sum = 0;
  return values.map((value) => (sum += Number.isNaN(value) ? 0 : value));
}
