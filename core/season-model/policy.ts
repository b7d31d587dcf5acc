import { randomLcg } from 'd3-random';
import { TAPE_OVERDISPERSION, tapeCount } from '#core/emergence';
import { hatchedBetween } from './hatched-between.ts';
import { dayDone, drawnKind } from './drawn-treatment.ts';
import type { PossibleSeason } from './possible-season.ts';
import { mixed } from './scores.ts';
import type { SeasonDraws } from './season-draws.ts';
import { type DoneTreatment, leftOf, treatmentsIn } from './season-outcome.ts';
import type { PlannedTreatment, TreatmentKind } from './treatment.ts';

/** What the tapes of one week held, and the day they were read. */
export interface WeekRead {
  readonly day: number;
  readonly caught: number;
}

/** What somebody who follows a school goes by on a day of reading: nothing that tapes and calendar do not tell. */
export interface PolicyScene {
  readonly day: number;
  /** Readings so far, today's among them. */
  readonly weeks: readonly WeekRead[];
  readonly sprayedOn: readonly number[];
}

/** A school as a rule that may react to what the tapes hold. */
export interface Policy {
  readonly id: string;
  /** What it sprays with the first time (0), the second (1) …: one kind, or several in one tank. */
  treatsWith(time: number): readonly TreatmentKind[];
  /** Whether to spray on this day of reading. */
  sprays(scene: PolicyScene): boolean;
}

/** The tapes they all read: how many hang from a day on, and what one catches over a whole hatch. */
export interface TapesHung {
  readonly from: number;
  readonly tapes: number;
  readonly perTape: number;
}

/** What a school comes to over all draws. */
export interface PolicyResult {
  /** Left of 100 in each draw, and how often was sprayed. */
  readonly left: Float64Array;
  readonly sprays: Float64Array;
}

const WEEK = 7;

/**
 * Follows a school through every possible season: each week tapes are read, as uncertain as real ones, and the
 * school sprays or waits; a spray waits for the next fit day. What was done before (`base`) stays and is not
 * counted. The same seed hangs the same tapes for every school.
 */
export function followPolicy(
  draws: SeasonDraws,
  policy: Policy,
  hung: TapesHung,
  seed: number,
  base: readonly PlannedTreatment[] = [],
): PolicyResult {
  const left = new Float64Array(draws.seasons.length),
    sprays = new Float64Array(draws.seasons.length);
  draws.seasons.forEach((season, draw) => {
    const before = treatmentsIn(draws, draw, base);
    const { done, times } = treatmentsOf(
      draws,
      season,
      draw,
      policy,
      hung,
      before,
      randomLcg(mixed(seed + draw)),
    );
    left[draw] = leftOf(season, [...before, ...done]);
    sprays[draw] = times;
  });
  return { left, sprays };
}

function treatmentsOf(
  draws: SeasonDraws,
  season: PossibleSeason,
  draw: number,
  { treatsWith, sprays }: Policy,
  hung: TapesHung,
  before: readonly DoneTreatment[],
  source: () => number,
): { readonly done: readonly DoneTreatment[]; readonly times: number } {
  const done: DoneTreatment[] = [];
  const sprayedOn: number[] = [];
  const weeks: WeekRead[] = [];
  for (let day = hung.from + WEEK; day < season.days; day += WEEK) {
    const expected = hung.perTape * hatchedBetween(season, [...before, ...done], day - WEEK, day);
    let caught = 0;
    for (let tape = 0; tape < hung.tapes; tape++) caught += tapeCount(expected, TAPE_OVERDISPERSION, source);
    weeks.push({ day, caught });
    if (!sprays({ day, weeks, sprayedOn })) continue;
    const kinds = treatsWith(sprayedOn.length);
    const on = dayDone({ day }, draws.fitness(kinds[0]!.fits, draw));
    if (on < 0) continue;
    sprayedOn.push(on);
    for (const kind of kinds) done.push({ kind: drawnKind(kind, draws.kindScores(kind.id, draw)), day: on });
  }
  return { done, times: sprayedOn.length };
}
