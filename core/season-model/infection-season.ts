import type { Generation, PossibleSeason } from './possible-season.ts';
import { type PossibleYear, sumsOf } from './possible-year.ts';

/** A wet spell that infects leaves which nothing covers. */
export interface Infection {
  /** Day of the frame. */
  readonly day: number;
  /** How much it infects beside the others, above 0. */
  readonly weight: number;
}

/** How an infection goes on: days within which what reaches back still takes it, and until spots show. */
export interface InfectionCourse {
  readonly reachBackDays: number;
  readonly spotsAfterDays: number;
}

const DIES_BY_ITSELF = { crawler: 0, settled: 0, second: 0, grown: 0 } as const;

/**
 * A fungus's season on the terms of an insect's, so that covers are planned and weighed alike: each infection is a
 * cohort that "hatches" on its day and has settled at once, out of reach of what only protects. What a spray takes
 * of the crawling stage is what it keeps from infecting, less and less as its residue goes; of the settled stage
 * what it takes after. Without an infection there is nothing to take.
 */
export function infectionSeason(
  infections: readonly Infection[],
  { reachBackDays, spotsAfterDays }: InfectionCourse,
  year: PossibleYear,
): PossibleSeason {
  const { rainSum, hotSum } = sumsOf(year);
  return {
    days: rainSum.length,
    generations: infections.length > 0 ? [generationOf()] : [],
    multiplies: 1,
    source: 0,
    holed: 0,
    dying: { lossADay: DIES_BY_ITSELF, hotLoss: 0, hotSum },
    year,
    rainSum,
  };
  function generationOf(): Generation {
    const inOrder = [...infections].sort((a, b) => a.day - b.day);
    const all = inOrder.reduce((sum, { weight }) => sum + weight, 0);
    const hatchedOn = Float64Array.from(inOrder, ({ day }) => day);
    return {
      hatchedOn,
      share: Float64Array.from(inOrder, ({ weight }) => weight / all),
      settledOn: hatchedOn,
      secondOn: hatchedOn.map((day) => day + reachBackDays),
      grownOn: hatchedOn.map((day) => day + Math.max(reachBackDays, spotsAfterDays)),
      keep: new Float64Array(inOrder.length).fill(1),
      kept: 1,
      first: true,
      complete: 1,
      until: rainSum.length - 1,
    };
  }
}
