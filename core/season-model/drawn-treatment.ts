import { factorAt, figureAt, NOT_NEGATIVE, SHARE } from './figure-range.ts';
import { LIFE_STAGES } from './life-stage.ts';
import type { Generation, PossibleSeason } from './possible-season.ts';
import { UNFIT } from './possible-year.ts';
import {
  HELPERS_HALF_BACK_DAYS,
  type PlannedTreatment,
  RAIN_HALVES_MM,
  type TreatmentKind,
  WAITS_DAYS,
} from './treatment.ts';

const { floor, max, min } = Math;

/** What a kind of treatment comes to in one draw. */
export interface DrawnKind {
  readonly acts: TreatmentKind['acts'];
  /** What it takes of each stage, coverage included, in the order of the stages; 0–1. */
  readonly takes: readonly number[];
  readonly takesInWinter: number;
  readonly residueHalfLifeDays: number;
  readonly onsetDays: number;
  readonly lastsDays: number;
  readonly helpersKilled: number;
}

/** Scores a kind's figures are drawn by. */
export interface KindScores {
  readonly kill: number;
  readonly coverage: number;
  readonly residue: number;
}

export function drawnKind(kind: TreatmentKind, scores: KindScores): DrawnKind {
  const coverage = figureAt(kind.coverage, scores.coverage, SHARE);
  const kill = (range: TreatmentKind['kill']['crawler']) => coverage * figureAt(range, scores.kill, SHARE);
  return {
    acts: kind.acts,
    takes: LIFE_STAGES.map((stage) => kill(kind.kill[stage])),
    takesInWinter: kind.winterKill ? kill(kind.winterKill) : 0,
    residueHalfLifeDays:
      kind.residueHalfLifeDays.low > 0 ? factorAt(kind.residueHalfLifeDays, scores.residue) : 0,
    onsetDays: figureAt(kind.onsetDays, scores.residue, NOT_NEGATIVE),
    lastsDays: figureAt(kind.lastsDays, scores.residue, NOT_NEGATIVE),
    helpersKilled: figureAt(kind.helpersKilled, scores.kill, SHARE),
  };
}

/** The day a treatment is really done: its own, or the next fit one within a week; -1 where none is. */
export function dayDone({ day, done }: Pick<PlannedTreatment, 'day' | 'done'>, fit: Uint8Array): number {
  if (done) return day;
  for (let at = day; at <= day + WAITS_DAYS && at < fit.length; at++) if (fit[at] !== UNFIT) return at;
  return -1;
}

/** Share of each cohort that one treatment on a day leaves, 0–1; a little above 1 where helpers died of it. */
export function leavesOf(
  season: PossibleSeason,
  generation: Generation,
  kind: DrawnKind,
  day: number,
): Float64Array {
  const left = new Float64Array(generation.hatchedOn.length).fill(1);
  if (day < 0 || day > generation.until) return left;
  for (let i = 0; i < left.length; i++) left[i] = leftOfCohort(season, generation, kind, day, i);
  return left;
}

function leftOfCohort(
  season: PossibleSeason,
  generation: Generation,
  kind: DrawnKind,
  day: number,
  cohort: number,
): number {
  const hatchedOn = generation.hatchedOn[cohort]!;
  switch (kind.acts) {
    case 'hand':
      if (hatchedOn <= day) return 1 - kind.takes[stageAt(generation, cohort, day)]!;
      // With the mothers that wintered go the young they would have had; those of later generations were
      // taken with the generation before.
      return generation.first ? 1 - kind.takes[0]! : 1;
    case 'systemic':
      return leftBySystemic(generation, kind, day, cohort);
    case 'contact': {
      const helped = season.holed > 0 ? helpersMissing(season, generation, kind, day, cohort) : 1;
      if (hatchedOn <= day) return helped * (1 - kind.takes[stageAt(generation, cohort, day)]!);
      if (kind.residueHalfLifeDays === 0) return helped;
      return helped * (1 - kind.takes[0]! * residueLeft(season, kind, day, hatchedOn));
    }
  }
}

/** The stage a cohort that has hatched is in on a day, as an index. */
export function stageAt(generation: Generation, cohort: number, day: number): 0 | 1 | 2 | 3 {
  if (day >= generation.grownOn[cohort]!) return 3;
  if (day >= generation.secondOn[cohort]!) return 2;
  return day >= generation.settledOn[cohort]! ? 1 : 0;
}

/** What still works of a deposit on a later day, by time and by the rain between. */
function residueLeft(
  { rainSum }: PossibleSeason,
  { residueHalfLifeDays }: DrawnKind,
  day: number,
  later: number,
): number {
  const through = (at: number) => rainSum[min(rainSum.length - 1, max(0, floor(at)))]!;
  const rainMm = through(later) - through(day);
  return 0.5 ** ((later - day) / residueHalfLifeDays + rainMm / RAIN_HALVES_MM);
}

function leftBySystemic(
  generation: Generation,
  { takes, onsetDays, lastsDays }: DrawnKind,
  day: number,
  cohort: number,
): number {
  const from = max(day + onsetDays, generation.hatchedOn[cohort]!);
  if (from > day + onsetDays + lastsDays || from > generation.until) return 1;
  return 1 - takes[stageAt(generation, cohort, from)]!;
}

/** How many more a cohort keeps because helpers died before it settled. */
function helpersMissing(
  { holed }: PossibleSeason,
  generation: Generation,
  { helpersKilled }: DrawnKind,
  day: number,
  cohort: number,
): number {
  const settled = generation.settledOn[cohort]!;
  if (helpersKilled === 0 || holed === 0 || settled < day) return 1;
  const missing = helpersKilled * 0.5 ** ((settled - day) / HELPERS_HALF_BACK_DAYS);
  return (1 - holed * (1 - missing)) / (1 - holed);
}
