import { pnorm } from 'lib-r-math.js';
import { type HeatCount, shareOut } from '#core/emergence';
import { type FigureRange } from './figure-range.ts';

const { abs, exp, log, max, min } = Math;

/**
 * What is believed of a hatch: how probable each pair of begin and length is. `by` says on what they lie: °C·days
 * from the season's first day, or days of the frame.
 */
export interface HatchBelief {
  readonly by: 'heat' | 'days';
  /** Where one in twenty is out, rising. */
  readonly firsts: readonly number[];
  /** From one in twenty to nineteen in twenty, rising. */
  readonly spans: readonly number[];
  /** Probability by first, then span; sums to 1. */
  readonly weights: readonly (readonly number[])[];
}

/** One hatch out of a belief. */
export interface Hatch {
  readonly by: 'heat' | 'days';
  readonly first: number;
  readonly span: number;
}

/** From 5 to 95 % a logistic curve takes this many of its scales. */
export const SCALES_IN_SPAN = 2 * log(19);

const FIRSTS = 61;
const SPANS = 15;
/** The grid reaches so many standard deviations to each side. */
const REACH = 3;
const Z80 = 1.2816;

/** The belief that a book's two ranges come to: begin and length doubted apart. */
export function hatchBelief(by: HatchBelief['by'], first: FigureRange, span: FigureRange): HatchBelief {
  const firsts = gridOf(first, FIRSTS, -Infinity);
  const spans = gridOf(span, SPANS, span.low / 4);
  return {
    by,
    firsts: firsts.values,
    spans: spans.values,
    weights: firsts.weights.map((ofFirst) => spans.weights.map((ofSpan) => ofFirst * ofSpan)),
  };
}

/** Crawlers a tape by a settled colony may catch over a hatch, where none were caught yet (grade C). */
const USUAL_CATCH = 60;

/**
 * The belief after what tapes caught: each pair weighs by how likely it makes the counts (given all that was
 * caught, as in fitting), with the variance of counts `overdispersion` times Poisson's. Tapes that caught nothing
 * at all tell that little had hatched by then.
 */
export function beliefAfterTapes(
  belief: HatchBelief,
  counts: readonly HeatCount[],
  overdispersion: number,
): HatchBelief {
  if (counts.length === 0) return belief;
  const caught = counts.reduce((sum, { count }) => sum + count, 0);
  const logs = belief.firsts.map((first) =>
    belief.spans.map((span) => logLikelihoodOf(counts, caught, first, span) / overdispersion),
  );
  const best = max(...logs.flat());
  return weighed(belief, (i, j) => exp(logs[i]![j]! - best));
}

/** The belief after crawlers were seen by eye at one point: some were out by then, and not all. */
export function beliefAfterSighting(belief: HatchBelief, seenAt: number): HatchBelief {
  return weighed(belief, (i, j) => {
    const out = outBy(seenAt, { by: belief.by, first: belief.firsts[i]!, span: belief.spans[j]! });
    // A first sight of crawlers is little before one in twenty are out, and unlikely after most are.
    return min(1, out / 0.02) * (1 - out);
  });
}

/** Share of a hatch that is out at a point of its scale, 0–1. */
export function outBy(at: number, { first, span }: Hatch): number {
  return shareOut(at, { halfOutCd: first + span / 2, scaleCd: span / SCALES_IN_SPAN });
}

/**
 * Gives the hatch at two standard normal scores: the first among all, the span among those of that first. For many
 * draws of one belief.
 */
export function hatchesOf(belief: HatchBelief): (firstScore: number, spanScore: number) => Hatch {
  const ofFirsts = belief.weights.map((row) => row.reduce((sum, weight) => sum + weight, 0));
  return (firstScore, spanScore) => {
    const first = atShare(belief.firsts, ofFirsts, pnorm(firstScore));
    const row = belief.weights[nearest(belief.firsts, first)]!;
    return { by: belief.by, first, span: atShare(belief.spans, row, pnorm(spanScore)) };
  };
}

/** One hatch of a belief, as {@link hatchesOf} gives it. */
export const hatchAt = (belief: HatchBelief, firstScore: number, spanScore: number): Hatch =>
  hatchesOf(belief)(firstScore, spanScore);

function logLikelihoodOf(counts: readonly HeatCount[], caught: number, first: number, span: number): number {
  const hatch: Hatch = { by: 'heat', first, span };
  let total = 0,
    within = 0;
  for (const { fromCd, toCd, count } of counts) {
    const part = max(1e-9, outBy(toCd, hatch) - outBy(fromCd, hatch));
    total += count * log(part);
    within += part;
  }
  return caught > 0 ? total - caught * log(within) : -USUAL_CATCH * within;
}

function weighed(belief: HatchBelief, factor: (first: number, span: number) => number): HatchBelief {
  const raw = belief.weights.map((row, i) => row.map((weight, j) => weight * factor(i, j)));
  const sum = raw.flat().reduce((total, weight) => total + weight, 0);
  // What contradicts every pair tells more of the figures than of the hatch: the belief stays.
  if (!(sum > 0)) return belief;
  return { ...belief, weights: raw.map((row) => row.map((weight) => weight / sum)) };
}

/** Points from far below the middle to far above it, each with the weight of a two-piece normal there. */
function gridOf({ low, middle, high }: FigureRange, points: number, least: number) {
  const [below, above] = [(middle - low) / Z80, (high - middle) / Z80];
  const [from, to] = [max(least, middle - REACH * below), middle + REACH * above];
  if (to <= from) return { values: [middle], weights: [1] };
  const values = Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));
  const raw = values.map((value) => {
    const spread = value < middle ? below : above;
    // Half of the weight lies on each side of the middle, however wide the sides are.
    return spread > 0 ? exp(-0.5 * ((value - middle) / spread) ** 2) / spread : 0;
  });
  const sum = raw.reduce((total, weight) => total + weight, 0);
  return { values, weights: raw.map((weight) => weight / sum) };
}

/** The value below which a share of the weights lies, along a straight line between points. */
function atShare(values: readonly number[], weights: readonly number[], share: number): number {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  let before = 0;
  for (let i = 0; i < values.length; i++) {
    const through = before + weights[i]! / total;
    if (through >= share || i === values.length - 1) {
      const inside = through > before ? (share - before) / (through - before) : 0.5;
      const from = i > 0 ? (values[i - 1]! + values[i]!) / 2 : values[i]!;
      const to = i < values.length - 1 ? (values[i]! + values[i + 1]!) / 2 : values[i]!;
      return from + min(1, max(0, inside)) * (to - from);
    }
    before = through;
  }
  return values.at(-1)!;
}

function nearest(values: readonly number[], value: number): number {
  let at = 0;
  for (let i = 1; i < values.length; i++) if (abs(values[i]! - value) < abs(values[at]! - value)) at = i;
  return at;
}
