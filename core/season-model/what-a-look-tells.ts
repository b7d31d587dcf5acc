import { randomLcg } from 'd3-random';
import { mean } from 'simple-statistics';
import { type HeatCount, TAPE_OVERDISPERSION, tapeCount } from '#core/emergence';
import { figureAt, type FigureRange, SHARE } from './figure-range.ts';
import { beliefAfterTapes, type Hatch, hatchesOf, outBy } from './hatch-belief.ts';
import { LIFE_STAGES } from './life-stage.ts';
import { summariseLeft } from './left-summary.ts';
import { rangeAfterCounts } from './range-after-counts.ts';
import { drawScores, mixed } from './scores.ts';
import { type DrawsAsked, drawSeasons, type SeasonDraws } from './season-draws.ts';
import { leftInDraws } from './season-outcome.ts';
import type { PlannedTreatment, TreatmentKind } from './treatment.ts';

/** What would narrow what is not known: tapes read weekly, spots tagged for a spray, covers turned over. */
export const LOOKS = ['tapes', 'tagged-spots', 'covers-turned'] as const;
export type Look = (typeof LOOKS)[number];

/** What a look is worth for a plan. */
export interface LookWorth {
  readonly look: Look;
  /** Share of the width of the range of what is left that it would take on average, 0–1. */
  readonly narrower: number;
}

/** What would be looked at. */
export interface LooksAsked {
  /** Tapes hang from this day of the frame on, so many, and one catches so many over a hatch. */
  readonly tapesFrom: number;
  readonly tapes: number;
  readonly perTape: number;
  readonly spots: number;
  /** Covers turned over count as so many looked at apart: those of one twig share its fate. */
  readonly coversApart: number;
}

/** Truths a look is tried on, and seasons drawn for each. */
const TRUTHS = 20;
const DRAWS = 80;
const WEEK = 7;

/**
 * What each look would tell before a plan is settled: truths are drawn, what the look would show of each is made
 * up, and the plan is judged anew on what is then believed. By how much narrower its range is on average.
 */
export function whatALookTells(
  asked: DrawsAsked,
  plan: readonly PlannedTreatment[],
  looks: LooksAsked,
): LookWorth[] {
  const few = { ...asked, draws: Math.min(DRAWS, asked.draws) };
  const draws = drawSeasons(few);
  const width = widthOf(draws, plan);
  if (width === 0) return LOOKS.map((look) => ({ look, narrower: 0 }));
  const scores = drawScores(['first', 'span', ...LOOKS], TRUTHS, asked.seed);
  const score = (name: string, truth: number) => scores.get(name)![truth]!;
  const after = (look: Look, truth: number) => {
    if (look !== 'tapes')
      return widthOf(
        draws,
        plan.map((treatment) => seen(treatment, look, looks, score(look, truth))),
      );
    const belief = afterTapes(few, looks, score('first', truth), score('span', truth), truth);
    return widthOf(drawSeasons({ ...few, belief }), plan);
  };
  return LOOKS.map((look) => {
    const widths = Array.from({ length: TRUTHS }, (_, truth) => after(look, truth));
    return { look, narrower: Math.max(0, 1 - mean(widths) / width) };
  }).sort((a, b) => b.narrower - a.narrower);
}

function widthOf(draws: SeasonDraws, plan: readonly PlannedTreatment[]): number {
  const { low, high } = summariseLeft(leftInDraws(draws, plan));
  return high - low;
}

/** The belief about the hatch after weekly tapes through one that is made up. */
function afterTapes(
  { belief, years, seed }: DrawsAsked,
  { tapesFrom, tapes, perTape }: LooksAsked,
  firstScore: number,
  spanScore: number,
  truth: number,
) {
  const hatch = hatchesOf(belief)(firstScore, spanScore);
  const { heatCd } = years[truth % years.length]!;
  const chance = randomLcg(mixed(seed ^ mixed(truth)));
  const sums = heatCd.map(runningFrom());
  const at = (day: number) => (belief.by === 'days' ? day : sums[Math.min(sums.length - 1, day)]!);
  const counts: HeatCount[] = [];
  for (let day = Math.max(0, tapesFrom); day + WEEK < heatCd.length; day += WEEK) {
    const [fromCd, toCd] = [at(day), at(day + WEEK)];
    if (toCd > fromCd) counts.push({ fromCd, toCd, count: caught(hatch, fromCd, toCd) });
    if (outBy(toCd, hatch) > 0.99) break;
  }
  return beliefAfterTapes(belief, counts, TAPE_OVERDISPERSION);
  function caught(out: Hatch, from: number, to: number) {
    const expected = perTape * (outBy(to, out) - outBy(from, out));
    let sum = 0;
    for (let tape = 0; tape < tapes; tape++) sum += tapeCount(expected, TAPE_OVERDISPERSION, chance);
    return sum;
  }
}

function runningFrom() {
  let sum = 0;
  return (value: number) => (sum += Number.isNaN(value) ? 0 : value);
}

/** A treatment of which it has been seen how much it wets, or how many it kills. */
function seen(treatment: PlannedTreatment, look: Look, looks: LooksAsked, score: number): PlannedTreatment {
  const { kind } = treatment;
  // Spots are tagged for what is sprayed on.
  if (kind.acts !== 'contact') return treatment;
  if (look === 'tagged-spots')
    return { ...treatment, kind: { ...kind, coverage: seenShare(kind.coverage, looks.spots, score) } };
  const kill = Object.fromEntries(
    LIFE_STAGES.map((stage) => [stage, seenShare(kind.kill[stage], looks.coversApart, score)]),
  ) as unknown as TreatmentKind['kill'];
  return { ...treatment, kind: { ...kind, kill } };
}

/** A share after so many looks at a truth that lies at a score of its range. */
function seenShare(range: FigureRange, looked: number, score: number): FigureRange {
  if (range.high <= range.low) return range;
  return rangeAfterCounts(range, Math.round(looked * figureAt(range, score, SHARE)), looked);
}
