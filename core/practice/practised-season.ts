import {
  type DoneTreatment,
  endAlone,
  leftOf,
  type PlannedTreatment,
  type PossibleSeason,
  stream,
  type StreamDay,
  treatmentsIn,
} from '#core/season-model';
import type { HiddenTruth } from './hidden-truth.ts';
import type { PracticeCase, PracticeTreatment } from './practice-case.ts';

/** Cutting a source back to the base takes this much of what would come over from then on (grade C). */
const CLEARING_TAKES = 0.9;

/** Somebody's treatments, and when a source was cleared. */
export interface Done {
  readonly treatments: readonly PracticeTreatment[];
  readonly clearedOn: number | null;
}

export const NOTHING_DONE: Done = { treatments: [], clearedOn: null };

/** Treatments as the hidden season has them: on the day they were really done, -1 where no day was fit. */
export function treatmentsDone(
  { ways }: PracticeCase,
  { draws }: HiddenTruth,
  treatments: readonly PracticeTreatment[],
): DoneTreatment[] {
  const planned = treatments.flatMap(({ day, wayId }): PlannedTreatment[] => {
    const way = ways.find(({ kind }) => kind.id === wayId);
    return way ? [{ day, kind: way.kind }] : [];
  });
  return treatmentsIn(draws, 0, planned);
}

/** The hidden season, with fewer crawlers coming over once the source was cut back. */
export function seasonCleared({ season }: HiddenTruth, clearedOn: number | null): PossibleSeason {
  const first = season.generations[0];
  if (clearedOn === null || season.source === 0 || !first) return season;
  const later = first.share.reduce((sum, share, i) => sum + (first.hatchedOn[i]! > clearedOn ? share : 0), 0);
  return { ...season, source: season.source * (1 - CLEARING_TAKES * later) };
}

/**
 * How many live from day to day under what was done, of 100 at the end with nothing done and the source standing.
 * Treatments by the days they were really done.
 */
export function practisedStream(
  truth: HiddenTruth,
  treatments: readonly DoneTreatment[],
  clearedOn: number | null,
): StreamDay[] {
  const cleared = seasonCleared(truth, clearedOn);
  const scale = endAlone(cleared) / endAlone(truth.season);
  const days = stream(cleared, treatments);
  if (scale === 1) return days;
  return days.map(({ day, ...widths }) => ({
    day,
    crawler: widths.crawler * scale,
    settled: widths.settled * scale,
    second: widths.second * scale,
    grown: widths.grown * scale,
  }));
}

/** The hidden season as it is once no more than a tenth comes over. */
export const sourceStopped = ({ season }: HiddenTruth): PossibleSeason => ({
  ...season,
  source: season.source * (1 - CLEARING_TAKES),
});

/** Left at the end, of 100 with nothing done and the source standing. */
export function practisedLeft(practised: PracticeCase, truth: HiddenTruth, done: Done): number {
  const treatments = treatmentsDone(practised, truth, done.treatments);
  const cleared = seasonCleared(truth, done.clearedOn);
  return (leftOf(cleared, treatments) * endAlone(cleared)) / endAlone(truth.season);
}
