import { type FigureRange, sharp } from '#core/season-model';
import type { Spread } from '#core/seasons';
import type { Clue } from './clues.ts';
import type { Explanation, Shows, Thoughts } from './explanation.ts';

/** How many times as likely something makes an explanation against all others: above 1 for it, below against. */
export interface Weight {
  readonly of: Explanation;
  readonly times: number;
}

export type ClueWeights = Readonly<Record<Clue, Weight>>;

/** Something on record with what it weighs. */
export interface Evidence<Code extends string = string> extends Weight {
  readonly code: Code;
}

/** Clues with what they weigh. */
export const weighed = (clues: readonly Clue[], weights: ClueWeights): Evidence<Clue>[] =>
  clues.map((code) => ({ code, ...weights[code] }));

export interface FailureCase {
  /** Later count over earlier, as a logarithm with its deviation; null without two that may be compared. */
  readonly moved: Spread | null;
  /** What the time between would have made of as many left alone, on the same scale. */
  readonly alone: Spread;
  /** What the treatments should have left on the days they were done, and on the best days, of 1. */
  readonly left: FigureRange;
  readonly leftAtBest: FigureRange;
  /** Whether the days it was done are known to have been poor or good. */
  readonly timingTold: boolean;
  readonly evidence: readonly Evidence[];
  /** The explanations that can hold for such work. */
  readonly among: readonly Explanation[];
}

export interface ExplainedBy {
  readonly id: Explanation;
  /** Probability among all, 0–1. */
  readonly odds: number;
  readonly towards: readonly Evidence[];
  readonly against: readonly Evidence[];
}

/** What may be said: one explanation, a few that stay, or that nobody can tell. */
export type Said =
  | { readonly kind: 'told'; readonly id: Explanation }
  | { readonly kind: 'between'; readonly ids: readonly Explanation[] }
  | { readonly kind: 'cannot-tell' };

/** One is told with so much of the odds, so many times the next, and a strong clue of its own. */
const TOLD_FROM = 0.65;
const TIMES_THE_NEXT = 4;
const STRONG_TIMES = 3;
/** Among several only those with a clue for them and so much of the odds are named. */
const NAMED_FROM = 0.15;
const MOST_NAMED = 3;
const Z80 = 1.2816;

/**
 * Each explanation by its odds, likeliest first: how usual it is, times what each clue makes of it, times how well
 * it foresees the change that was counted (a normal on the logarithm, with the doubts of growth, of what it leaves
 * and of the counts together). The odds sum to 1.
 */
export function explanationOdds(
  { moved, alone, left, leftAtBest, timingTold, evidence, among }: FailureCase,
  thoughts: Thoughts,
): ExplainedBy[] {
  const raw = among.map((id) => {
    const mine = evidence.filter((each) => each.of === id);
    const shown = shownWhere(id, thoughts[id].shows, { left, leftAtBest, timingTold });
    const fits = moved ? foreseen(moved, alone, shown) : 1;
    return {
      id,
      odds: thoughts[id].weight * fits * mine.reduce((so, { times }) => so * times, 1),
      towards: mine.filter(({ times }) => times > 1),
      against: mine.filter(({ times }) => times < 1),
    };
  });
  const sum = raw.reduce((total, { odds }) => total + odds, 0);
  return raw.map((each) => ({ ...each, odds: each.odds / sum })).sort((a, b) => b.odds - a.odds);
}

/** What the odds allow to be said. `explained` is likeliest first. */
export function saidOf(explained: readonly ExplainedBy[]): Said {
  const [first, second] = explained as [ExplainedBy, ExplainedBy];
  const isStrong = ({ towards }: ExplainedBy) => towards.some(({ times }) => times >= STRONG_TIMES);
  if (isStrong(first) && first.odds >= TOLD_FROM && first.odds >= TIMES_THE_NEXT * second.odds)
    return { kind: 'told', id: first.id };
  const stay = explained.filter((each) => isStrong(each) && each.odds >= NAMED_FROM).slice(0, MOST_NAMED);
  return stay.length > 0 ? { kind: 'between', ids: stay.map(({ id }) => id) } : { kind: 'cannot-tell' };
}

/** What a count shows where an explanation holds, as a share of as many left alone. */
function shownWhere(
  id: Explanation,
  { as, range }: Shows,
  { left, leftAtBest, timingTold }: Pick<FailureCase, 'left' | 'leftAtBest' | 'timingTold'>,
): FigureRange {
  // Where the days are known, what they leave is computed already.
  if (id === 'wrong-stage' && timingTold) return left;
  const due = id === 'wrong-stage' ? leftAtBest : left;
  const by = (factor: keyof FigureRange, share: keyof FigureRange) => {
    switch (as) {
      case 'left':
        return range[factor];
      case 'times':
        return due[share] * range[factor];
      case 'added':
        return due[share] + range[factor];
      case 'part':
        return 1 - (1 - due[share]) * range[factor];
    }
  };
  if (as === 'part')
    return { low: by('high', 'low'), middle: by('middle', 'middle'), high: by('low', 'high') };
  return { low: by('low', 'low'), middle: by('middle', 'middle'), high: by('high', 'high') };
}

/** Probability density of the change that was counted. */
function foreseen(moved: Spread, alone: Spread, shown: FigureRange): number {
  const { low, middle, high } = above0(shown);
  const doubt = Math.log(high / low) / (2 * Z80);
  const variance = moved.deviation ** 2 + alone.deviation ** 2 + doubt ** 2;
  const off = moved.mean - alone.mean - Math.log(middle);
  return Math.exp((-0.5 * off ** 2) / variance) / Math.sqrt(variance);
}

/** Less is never left (a logarithm needs some). */
const LEAST_LEFT = 0.01;
const above0 = ({ low, middle, high }: FigureRange): FigureRange =>
  middle <= LEAST_LEFT
    ? sharp(LEAST_LEFT)
    : { low: Math.max(LEAST_LEFT, low), middle, high: Math.max(LEAST_LEFT, high) };
