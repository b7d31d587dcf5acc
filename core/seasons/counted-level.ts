import { mean, sampleVariance } from 'simple-statistics';
import type { Measure, MeasureKind } from '#core/sampling';
import type { SeasonCount } from './compare.ts';

/**
 * A count on the scale on which a year multiplies: the natural logarithm of how many there are a unit, with its
 * standard deviation.
 */
export interface CountedLevel {
  readonly log: number;
  readonly deviation: number;
}

/** Added to every sum so that none found has a logarithm (Anscombe's half). */
const HALF = 0.5;
/** How much more than by chance units differ, as relative variance, where few were counted (grade C). */
const USUAL_CLUMPING = 1;
/** So many units' worth of trust in it: few twigs show less scatter than there is. */
const CLUMPING_WEIGHS = 6;
const Z95 = 1.96;

/**
 * The level a count stands for. Means: log of the mean, with the variance of chance counts and of clumping (the
 * units' own, drawn towards what is usual where they are few). Shares: the number a unit that makes so many
 * infested if they fell by chance, −log(1 − share), by the delta method from the share's own interval. Areas: log
 * of the area. `count.units` are at least 2.
 */
export function countedLevel({ measure, units }: Pick<SeasonCount, 'measure' | 'units'>): CountedLevel {
  if (measure.kind === 'mean') return levelOfCounts(units.map(({ value }) => value));
  return measure.kind === 'share' ? levelOfShare(measure) : levelOfArea(measure);
}

function levelOfCounts(counts: readonly number[]): CountedLevel {
  const n = counts.length;
  const sum = counts.reduce((total, count) => total + count, 0);
  const middle = mean([...counts]);
  const seen = middle > 0 ? Math.max(0, (sampleVariance([...counts]) - middle) / middle ** 2) : 0;
  const weight = middle > 0 ? n - 1 : 0;
  const clumping = (CLUMPING_WEIGHS * USUAL_CLUMPING + weight * seen) / (CLUMPING_WEIGHS + weight);
  const variance = 1 / (sum + HALF) + clumping / n;
  return { log: Math.log((sum + HALF) / n), deviation: Math.sqrt(variance) };
}

function levelOfShare({ value, low, high, units }: Measure): CountedLevel {
  const share = (value * units + HALF) / (units + 2 * HALF);
  const each = -Math.log1p(-share);
  const error = Math.max((high - low) / (2 * Z95), Math.sqrt((share * (1 - share)) / units));
  return { log: Math.log(each), deviation: error / ((1 - share) * each) };
}

/** An area of which nothing was seen is taken as half of what is first seen. */
const LEAST_AREA = 0.05;

function levelOfArea({ value, low, high }: Measure): CountedLevel {
  const [area, from, to] = [value, low, high].map((each) => Math.max(LEAST_AREA, each)) as [
    number,
    number,
    number,
  ];
  return { log: Math.log(area), deviation: Math.max(0.2, Math.log(to / from) / (2 * Z95)) };
}

/** A level, not on its logarithm, as the measure it is of: a share of units infested, or itself. */
export const measureAt = (kind: MeasureKind, level: number): number =>
  kind === 'share' ? -Math.expm1(-level) : level;
