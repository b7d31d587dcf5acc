import { addDays, type CivilDate } from '#core/calendar';
import { FEWEST_PAST_YEARS, type SeasonEnsemble } from './ensemble.ts';
import { ensembleQuantile } from './quantile.ts';

/** When a sum of heat is reached. */
export type Projection =
  /** The thermometer has already passed it. */
  | {
      readonly kind: 'reached';
      readonly on: CivilDate;
      /** The 80 % range where part of the heat was guessed. */
      readonly range?: readonly [early: CivilDate, late: CivilDate];
    }
  /** Median and 80 % range; `late` null means more than a tenth of past years never get there. */
  | {
      readonly kind: 'expected';
      readonly median: CivilDate;
      readonly early: CivilDate;
      readonly late: CivilDate | null;
      readonly shares: HeatShares;
    }
  /** Fewer than half of past years reach it. */
  | { readonly kind: 'unlikely-this-season'; readonly shareOfYears: number }
  /** Too few past years to say. */
  | { readonly kind: 'too-few-years'; readonly years: number }
  /** Counted from something that was not seen yet this season. */
  | { readonly kind: 'not-started' };

/**
 * Of the heat up to the median date: how much is measured, forecast, and taken from past years. Sums to
 * 1.
 */
export interface HeatShares {
  readonly measured: number;
  readonly forecast: number;
  readonly pastYears: number;
}

/**
 * The day a sum of `thresholdCd` °C·days is first reached: known if the measured days hold it,
 * else the spread of the ensemble's members. `beforeCd` of it lay before the count began and has
 * no part in the shares.
 */
export function projectCrossing(ensemble: SeasonEnsemble, thresholdCd: number, beforeCd = 0): Projection {
  const reached = firstIndexAtLeast(ensemble.measuredSums, thresholdCd);
  const years = ensemble.members.length;
  if (reached !== null) {
    const on = addDays(ensemble.start, reached);
    return ensemble.guessedDays > 0 && years >= FEWEST_PAST_YEARS
      ? { kind: 'reached', on, range: rangeOf(ensemble, thresholdCd, reached) }
      : { kind: 'reached', on };
  }
  if (years < FEWEST_PAST_YEARS) return { kind: 'too-few-years', years };
  const crossings = crossingsOf(ensemble, thresholdCd);
  const median = ensembleQuantile(crossings, 0.5);
  if (!Number.isFinite(median)) {
    return { kind: 'unlikely-this-season', shareOfYears: crossings.filter(Number.isFinite).length / years };
  }
  const late = ensembleQuantile(crossings, 0.9);
  // No range may begin before the first day that is not yet measured.
  const early = Math.max(
    ensemble.measuredDays,
    Math.min(Math.round(median), Math.ceil(ensembleQuantile(crossings, 0.1))),
  );
  return {
    kind: 'expected',
    median: addDays(ensemble.start, Math.round(median)),
    early: addDays(ensemble.start, early),
    late: Number.isFinite(late)
      ? addDays(ensemble.start, Math.max(Math.round(median), Math.floor(late)))
      : null,
    shares: heatShares(ensemble, thresholdCd, beforeCd),
  };
}

/** Days on which each possible year passes a sum, in order; Infinity for those that never do. */
function crossingsOf({ members }: SeasonEnsemble, thresholdCd: number): number[] {
  return members.map((sums) => firstIndexAtLeast(sums, thresholdCd) ?? Infinity).sort((a, b) => a - b);
}

function rangeOf(ensemble: SeasonEnsemble, thresholdCd: number, middle: number): [CivilDate, CivilDate] {
  const crossings = crossingsOf(ensemble, thresholdCd);
  const [early, late] = [0.1, 0.9].map((share) => ensembleQuantile(crossings, share)) as [number, number];
  const day = (index: number) => addDays(ensemble.start, Math.round(Number.isFinite(index) ? index : middle));
  return [day(Math.min(early, middle)), day(Math.max(late, middle))];
}

function heatShares(ensemble: SeasonEnsemble, thresholdCd: number, beforeCd: number): HeatShares {
  const wholeCd = thresholdCd - beforeCd;
  const guessedCd = Math.max(0, (ensemble.guessedSums.at(-1) ?? 0) - beforeCd);
  const measuredCd = ensemble.measuredSums.at(-1) ?? 0;
  const knownCd = Math.min(thresholdCd, ensemble.expectedSums.at(-1) ?? 0);
  const measured = Math.max(0, measuredCd - beforeCd - guessedCd) / wholeCd;
  const forecast = Math.max(0, knownCd - measuredCd) / wholeCd;
  return { measured, forecast, pastYears: 1 - measured - forecast };
}

/** Index of the first element not below `value` in a never-falling list; null if there is none. */
export function firstIndexAtLeast(sums: ArrayLike<number>, value: number): number | null {
  let low = 0;
  let high = sums.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sums[middle]! >= value) high = middle;
    else low = middle + 1;
  }
  return low < sums.length ? low : null;
}
