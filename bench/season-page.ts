import {
  bestDays,
  drawSeasons,
  hatchBelief,
  leftInDraws,
  middleSeason,
  type PlannedTreatment,
  stream,
  summariseLeft,
  treatmentsIn,
} from '#core/season-model';
import { HEDGE_FIGURES, HEDGE_OIL, hedgeYears } from '#simulated';
import { medianTime } from './median-time.ts';

const DRAWS = 200;
const SPRAYS = 3;
const SEED = 7;
const DRAGS = 120;
/** Days a spray may be on: from March to September. */
const DAYS = Array.from({ length: 180 }, (_, i) => 70 + i);

/** A hatch of about five weeks, sixty cohorts long. */
const BELIEF = hatchBelief('days', { low: 135, middle: 145, high: 155 }, { low: 18, middle: 25, high: 34 });

/**
 * Milliseconds of one answer to a drag of three sprays over 200 possible seasons, of the search for two, and of
 * bare loops over as many products.
 */
export function measure(): {
  readonly cohorts: number;
  readonly drawMs: number;
  readonly dragP95Ms: number;
  readonly dragMs: number;
  readonly dragBareMs: number;
  readonly searchMs: number;
  readonly searchBareMs: number;
} {
  const asked = {
    belief: BELIEF,
    figures: HEDGE_FIGURES,
    years: hedgeYears(DRAWS, SEED),
    draws: DRAWS,
    seed: SEED,
  };
  const drawMs = medianTime(() => drawSeasons(asked), 3);
  const draws = drawSeasons(asked);
  const middle = middleSeason(asked);
  const cohorts =
    draws.seasons.reduce((sum, { generations }) => sum + generations[0]!.share.length, 0) / DRAWS;
  const drags = Array.from({ length: DRAGS }, (_, i) => {
    const plan = Array.from({ length: SPRAYS }, (_, s): PlannedTreatment => ({
      day: 120 + 15 * s + (i % 40),
      kind: HEDGE_OIL,
    }));
    const from = performance.now();
    summariseLeft(leftInDraws(draws, plan));
    stream(middle.seasons[0]!, treatmentsIn(middle, 0, plan));
    return performance.now() - from;
  }).sort((a, b) => a - b);
  const searchMs = medianTime(
    () => bestDays({ draws, base: [], kind: HEDGE_OIL, days: DAYS, count: 2, intervalDays: 7 }),
    5,
  );
  return {
    cohorts,
    drawMs,
    dragP95Ms: drags[Math.floor(0.95 * DRAGS)]!,
    dragMs: drags[DRAGS / 2]!,
    dragBareMs: medianTime(() => bareProducts(Math.round(cohorts), SPRAYS, DRAWS), 20, 20),
    searchMs,
    searchBareMs: medianTime(() => barePairs(Math.round(cohorts)), 3, 1),
  };
}

/** Products of a share with what each spray leaves, summed: nothing else. */
function bareProducts(cohorts: number, sprays: number, times: number): number {
  const shares = Float64Array.from({ length: cohorts }, (_, i) => 1 / (i + 1));
  const leaves = Array.from({ length: sprays }, (_, s) => shares.map((_, i) => ((i + s) % 10) / 10));
  let sum = 0;
  for (let time = 0; time < times; time++)
    for (let i = 0; i < cohorts; i++) {
      let left = shares[i]!;
      for (let s = 0; s < sprays; s++) left *= leaves[s]![i]!;
      sum += left;
    }
  return sum;
}

/** As many products as all pairs of days would take. */
const barePairs = (cohorts: number) =>
  bareProducts(cohorts, 2, (DRAWS * DAYS.length * (DAYS.length - 1)) / 2);
