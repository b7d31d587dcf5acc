import { dayDone, drawnKind, type DrawnKind, leavesOf } from './drawn-treatment.ts';
import type { SeasonDraws } from './season-draws.ts';
import type { Generation, PossibleSeason } from './possible-season.ts';
import type { PlannedTreatment } from './treatment.ts';

/** A treatment as one draw has it: on the day it is really done there, -1 where it is not. */
export interface DoneTreatment {
  readonly kind: DrawnKind;
  readonly day: number;
}

/** What a plan leaves at the frame's end in each draw, of 100 left alone there. */
export function leftInDraws(draws: SeasonDraws, plan: readonly PlannedTreatment[]): Float64Array {
  return Float64Array.from(draws.seasons, (season, i) => leftOf(season, treatmentsIn(draws, i, plan)));
}

/** A plan's treatments as a draw has them. */
export function treatmentsIn(
  draws: SeasonDraws,
  draw: number,
  plan: readonly PlannedTreatment[],
): DoneTreatment[] {
  return plan.map((treatment) => ({
    kind: drawnKind(treatment.kind, draws.kindScores(treatment.kind.id, draw)),
    day: dayDone(treatment, draws.fitness(treatment.kind.fits, draw)),
  }));
}

/** Of 100 left alone, what treatments leave of one possible season at its end. */
export function leftOf(season: PossibleSeason, treatments: readonly DoneTreatment[]): number {
  const shares = season.generations.map((generation) =>
    shareLeft(
      generation,
      treatments.map(({ kind, day }) => leavesOf(season, generation, kind, day)),
    ),
  );
  return (100 * endOf(season, winterLeft(season, treatments), shares)) / endAlone(season);
}

/** Share of a generation left at its end, of those left alone, from what each treatment leaves of each cohort. */
export function shareLeft({ share, keep, kept }: Generation, leaves: readonly Float64Array[]): number {
  let left = 0;
  for (let i = 0; i < share.length; i++) {
    let part = share[i]! * keep[i]!;
    for (const leaf of leaves) part *= leaf[i]!;
    left += part;
  }
  return left / kept;
}

/** What winter treatments leave of the mothers to be. */
export function winterLeft(season: PossibleSeason, treatments: readonly DoneTreatment[]): number {
  const first = season.generations[0]?.hatchedOn[0] ?? season.days;
  return treatments.reduce(
    (left, { kind, day }) => (day >= 0 && day < first ? left * (1 - kind.takesInWinter) : left),
    1,
  );
}

/**
 * How many live at a season's end, from what was left of the winter's and the share left of each generation, in
 * units of the first generation's own hatch. Each generation comes from the one before, with what walks over from
 * a source plant; what had no time for another generation stays as it was.
 */
export function endOf(
  { generations, multiplies, source }: PossibleSeason,
  winter: number,
  shares: readonly number[],
): number {
  if (generations.length === 0) return winter;
  let hatched = winter + source,
    end = 0;
  for (let g = 0; g < generations.length; g++) {
    const left = hatched * shares[g]!;
    const complete = g + 1 < generations.length ? generations[g + 1]!.complete : 0;
    end += left * generations[g]!.kept * (1 - complete);
    hatched = complete * (left * multiplies + source);
  }
  return end;
}

/** The same with nothing done. */
export function endAlone(season: PossibleSeason): number {
  return endOf(
    season,
    1,
    season.generations.map(() => 1),
  );
}
