import { qt } from 'lib-r-math.js';
import { type EmergenceCurve, FIRST_SHARE, heatOfShare, shareOut } from './hatch-curve.ts';
import { TAPE_OVERDISPERSION } from './tape-signal.ts';

const { log, max, min } = Math;

/** A tape (or trap) count between two sums of heat, °C·days. Tapes of one week stand side by side. */
export interface HeatCount {
  readonly fromCd: number;
  readonly toCd: number;
  readonly count: number;
}

/** An estimate with its 80 % interval; an end that the counts leave open is null. °C·days. */
export interface Estimate {
  readonly valueCd: number;
  readonly lowCd: number | null;
  readonly highCd: number | null;
}

export interface EmergenceFit {
  readonly curve: EmergenceCurve;
  /** Heat at which one in twenty, half and nineteen in twenty are out. */
  readonly first: Estimate;
  readonly half: Estimate;
  readonly last: Estimate;
  /** Variance over that of Poisson counts, at least 1. */
  readonly overdispersion: number;
  readonly caught: number;
  readonly tapes: number;
  /**
   * False while the highest catch is the latest: how far it will still rise is not known, nor when it
   * ends.
   */
  readonly peakSeen: boolean;
}

/** Why counts were not fitted, with what is missing. */
export type FitRefusal =
  | { readonly kind: 'too-few-caught'; readonly caught: number; readonly needed: number }
  | { readonly kind: 'too-few-tapes'; readonly catching: number; readonly needed: number }
  /** Half would be out at a heat the year does not have: such counts hold no whole hatch. */
  | { readonly kind: 'leaves-the-year'; readonly halfOutCd: number; readonly yearCd: number };

/** Fewer than these hold no curve (grade C). */
export const FEWEST_CAUGHT = 20;
export const FEWEST_CATCHING = 2;

/** Logistic scales looked through, °C·days: from all in a few warm days to a whole summer. */
const SCALES = { least: 4, most: 120, steps: 24 } as const;
const POINTS = 160;
/**
 * Over-dispersion leans on the usual one as if that had been seen in this many tapes: with fewer, the interval
 * of half out held in up to 90 % of simulated seasons instead of 80 (`npm run bench -- recovery`).
 */
const USUAL_WORTH_TAPES = 12;
/** Crawlers a tape must be expected to hold before its count tells of scatter. */
const LEAST_EXPECTED = 2;

/**
 * Fits emergence to interval counts by maximum likelihood: given all that was caught, each count's
 * share is the share of the curve within its interval. The intervals watched need not cover the
 * whole emergence (the likelihood is truncated to them, so at today too), nor follow without a gap.
 * Intervals are by profile likelihood, widened for over-dispersion estimated from the scatter.
 * A curve that is half out before the year begins or after its whole heat (`yearCd`) is refused.
 * Counts must not be negative and intervals must not be empty.
 */
export function fitEmergence(counts: readonly HeatCount[], yearCd = Infinity): EmergenceFit | FitRefusal {
  const caught = counts.reduce((sum, { count }) => sum + count, 0);
  if (caught < FEWEST_CAUGHT) return { kind: 'too-few-caught', caught, needed: FEWEST_CAUGHT };
  const catching = new Set(counts.filter(({ count }) => count > 0).map(({ fromCd }) => fromCd)).size;
  if (catching < FEWEST_CATCHING) return { kind: 'too-few-tapes', catching, needed: FEWEST_CATCHING };
  const surface = likelihoodSurface(counts);
  const { curve } = surface;
  if (curve.halfOutCd < 0 || curve.halfOutCd > yearCd)
    return { kind: 'leaves-the-year', halfOutCd: curve.halfOutCd, yearCd };
  const { overdispersion, freedom } = scatter(counts, curve, caught);
  // An F quantile, as the over-dispersion is itself estimated.
  const drop = 0.5 * overdispersion * qt(0.9, freedom) ** 2;
  const estimate = (share: number) => profile(counts, surface, share, drop);
  return {
    curve,
    overdispersion,
    caught,
    tapes: counts.length,
    peakSeen: hasSeenPeak(counts),
    first: estimate(FIRST_SHARE),
    half: estimate(0.5),
    last: estimate(1 - FIRST_SHARE),
  };
}

/** Log-likelihood of a curve, given what was caught in all. */
export function logLikelihood(counts: readonly HeatCount[], curve: EmergenceCurve): number {
  let total = 0,
    caught = 0,
    within = 0;
  for (const { fromCd, toCd, count } of counts) {
    const part = max(1e-12, shareOut(toCd, curve) - shareOut(fromCd, curve));
    total += count * log(part);
    caught += count;
    within += part;
  }
  return total - caught * log(within);
}

interface Surface {
  readonly curve: EmergenceCurve;
  readonly best: number;
  readonly lowestCd: number;
  readonly highestCd: number;
}

function scales(): number[] {
  const { least, most, steps } = SCALES;
  return Array.from({ length: steps }, (_, i) => least * (most / least) ** (i / (steps - 1)));
}

const SCALE_GRID = scales();

/** The likeliest curve: a grid over both parameters, then finer grids about the best. */
function likelihoodSurface(counts: readonly HeatCount[]): Surface {
  const from = min(...counts.map(({ fromCd }) => fromCd)),
    to = max(...counts.map(({ toCd }) => toCd));
  const [lowestCd, highestCd] = [from - (to - from) / 2, to + (to - from)];
  let best = -Infinity;
  let curve: EmergenceCurve = { halfOutCd: (from + to) / 2, scaleCd: 20 };
  const look = (halfOutCd: number, scaleCd: number) => {
    const value = logLikelihood(counts, { halfOutCd, scaleCd });
    if (value > best) [best, curve] = [value, { halfOutCd, scaleCd }];
  };
  for (const scaleCd of SCALE_GRID)
    for (let i = 0; i <= POINTS; i++) look(lowestCd + (i / POINTS) * (highestCd - lowestCd), scaleCd);
  let halfStep = (highestCd - lowestCd) / POINTS,
    scaleStep = 0.08;
  for (let round = 0; round < 12; round++) {
    const at = curve;
    for (let i = -2; i <= 2; i++)
      for (let j = -2; j <= 2; j++)
        look(
          at.halfOutCd + i * halfStep * 0.5,
          min(SCALES.most, max(SCALES.least, at.scaleCd * (1 + j * scaleStep * 0.5))),
        );
    halfStep *= 0.6;
    scaleStep *= 0.6;
  }
  return { curve, best, lowestCd, highestCd };
}

/** Highest value over the logistic scales: the best on the grid, then between its neighbours. */
function likeliest(valueAt: (scaleCd: number) => number): number {
  const values = SCALE_GRID.map(valueAt);
  const at = values.indexOf(max(...values));
  let low = SCALE_GRID[max(0, at - 1)]!,
    high = SCALE_GRID[min(SCALE_GRID.length - 1, at + 1)]!;
  for (let i = 0; i < 14; i++) {
    const [left, right] = [low + (high - low) / 3, high - (high - low) / 3];
    if (valueAt(left) < valueAt(right)) low = left;
    else high = right;
  }
  return max(values[at]!, valueAt((low + high) / 2));
}

/**
 * The interval of one point of the curve: where the best likelihood with that point held stays within
 * `drop`.
 */
function profile(counts: readonly HeatCount[], surface: Surface, share: number, drop: number): Estimate {
  const valueCd = heatOfShare(share, surface.curve);
  const logit = log(share / (1 - share));
  const inside = (pointCd: number) =>
    surface.best -
      likeliest((scaleCd) => logLikelihood(counts, { halfOutCd: pointCd - scaleCd * logit, scaleCd })) <=
    drop;
  const span = surface.highestCd - surface.lowestCd;
  const end = (direction: 1 | -1) => {
    let near = valueCd,
      far = valueCd + direction * span;
    if (inside(far)) return null;
    for (let i = 0; i < 16; i++) {
      const middle = (near + far) / 2;
      if (inside(middle)) near = middle;
      else far = middle;
    }
    return near;
  };
  return { valueCd, lowCd: end(-1), highCd: end(1) };
}

/**
 * Pearson's scatter about the fit, leaning on the usual over-dispersion while tapes are few. Tapes that
 * should hold hardly any say nothing of it.
 */
function scatter(
  counts: readonly HeatCount[],
  curve: EmergenceCurve,
  caught: number,
): { overdispersion: number; freedom: number } {
  const parts = counts.map(({ fromCd, toCd }) => max(1e-12, shareOut(toCd, curve) - shareOut(fromCd, curve)));
  const within = parts.reduce((sum, part) => sum + part, 0);
  const telling = counts
    .map(({ count }, i) => ({ count, expected: (caught * parts[i]!) / within }))
    .filter(({ expected }) => expected >= LEAST_EXPECTED);
  const ownWorth = max(0, telling.length - 3);
  const freedom = ownWorth + USUAL_WORTH_TAPES;
  if (ownWorth === 0) return { overdispersion: TAPE_OVERDISPERSION, freedom };
  const pearson = telling.reduce((sum, { count, expected }) => sum + (count - expected) ** 2 / expected, 0);
  return {
    overdispersion: max(TAPE_OVERDISPERSION, (pearson + TAPE_OVERDISPERSION * USUAL_WORTH_TAPES) / freedom),
    freedom,
  };
}

/** Whether the catch per °C·day has fallen since its highest, tapes of one interval taken together. */
function hasSeenPeak(counts: readonly HeatCount[]): boolean {
  const byInterval = new Map<number, { span: number; count: number; tapes: number }>();
  for (const { fromCd, toCd, count } of counts) {
    const interval = byInterval.get(fromCd) ?? { span: toCd - fromCd, count: 0, tapes: 0 };
    byInterval.set(fromCd, { ...interval, count: interval.count + count, tapes: interval.tapes + 1 });
  }
  const rates = [...byInterval]
    .sort(([a], [b]) => a - b)
    .map(([, { span, count, tapes }]) => count / tapes / max(1, span));
  return rates.indexOf(max(...rates)) < rates.length - 1;
}
