import { dayDone, drawnKind, type DrawnKind, leavesOf } from './drawn-treatment.ts';
import type { PossibleSeason } from './possible-season.ts';
import type { SeasonDraws } from './season-draws.ts';
import { endAlone, endOf, treatmentsIn, winterLeft } from './season-outcome.ts';
import type { PlannedTreatment, TreatmentKind } from './treatment.ts';

/** What one more treatment of a kind would do in a draw, done on one day. */
interface Column {
  /** By generation: what it leaves of each cohort; null where it touches none. */
  readonly leaves: readonly (Float64Array | null)[];
  readonly winter: number;
}

/** One draw with what stays in the plan laid over it. */
interface Row {
  readonly season: PossibleSeason;
  readonly alone: number;
  readonly winter: number;
  /** By generation: share × keep × what the plan so far leaves, over what is kept alone. */
  readonly weights: readonly Float64Array[];
  /** By candidate day, in the order of the days asked for. */
  readonly columns: readonly Column[];
}

/** A table of what treatments of one kind leave on each of some days, so that a plan costs products only. */
export interface PlanTable {
  readonly days: readonly number[];
  /**
   * Mean left over all draws, of 100, with treatments on the days at some places of `days` and one more on each
   * of its days in turn, or of some of them: as many figures as there are days, not a number where none was asked.
   */
  withOneMore(places: readonly number[], asked?: readonly number[]): Float64Array;
}

/**
 * Tabulates treatments of `kind` on `days` besides those of `base`. A survival is a product over treatments, so
 * each day's effect on each cohort is worked out once.
 */
export function planTable(
  draws: SeasonDraws,
  base: readonly PlannedTreatment[],
  kind: TreatmentKind,
  days: readonly number[],
): PlanTable {
  const rows = draws.seasons.map((season, draw) => rowOf(draws, season, draw, base, kind, days));
  const everyPlace = days.map((_, place) => place);
  return {
    days,
    withOneMore(places, asked = everyPlace) {
      const sums = new Float64Array(days.length).fill(NaN);
      for (const place of asked) sums[place] = 0;
      for (const row of rows) addRow(row, places, asked, sums);
      return sums.map((sum) => (100 * sum) / rows.length);
    },
  };
}

function rowOf(
  draws: SeasonDraws,
  season: PossibleSeason,
  draw: number,
  base: readonly PlannedTreatment[],
  kind: TreatmentKind,
  days: readonly number[],
): Row {
  const treatments = treatmentsIn(draws, draw, base);
  const weights = season.generations.map((generation) => {
    const leaves = treatments.map((each) => leavesOf(season, generation, each.kind, each.day));
    return generation.share.map(
      (share, i) =>
        leaves.reduce((left, leaf) => left * leaf[i]!, share * generation.keep[i]!) / generation.kept,
    );
  });
  const drawn = drawnKind(kind, draws.kindScores(kind.id, draw));
  const fit = draws.fitness(kind.fits, draw);
  const byDay = new Map<number, Column>();
  const column = (day: number): Column => {
    if (!byDay.has(day)) byDay.set(day, columnOf(season, drawn, day));
    return byDay.get(day)!;
  };
  return {
    season,
    alone: endAlone(season),
    winter: winterLeft(season, treatments),
    weights,
    columns: days.map((day) => column(dayDone({ day }, fit))),
  };
}

function columnOf(season: PossibleSeason, kind: DrawnKind, day: number): Column {
  return {
    winter: winterLeft(season, [{ kind, day }]),
    leaves: season.generations.map((generation) => {
      const left = leavesOf(season, generation, kind, day);
      return left.every((share) => share === 1) ? null : left;
    }),
  };
}

/** Adds what one draw has left with each day's treatment besides those at `places`. */
function addRow(row: Row, places: readonly number[], asked: readonly number[], sums: Float64Array): void {
  const { season, alone, columns } = row;
  let winter = row.winter;
  for (const place of places) winter *= columns[place]!.winter;
  const weights = row.weights.map((ofGeneration, g) => reachedBy(ofGeneration, g, columns, places));
  const shares = weights.map(sumOf);
  const sharesLeft = [...shares];
  // Days that wait for the same fit day are one column: its sum is worked out once.
  let before: Column | null = null,
    left = 0;
  for (const place of asked) {
    const column = columns[place]!;
    if (column !== before) {
      for (let g = 0; g < weights.length; g++) {
        const leaves = column.leaves[g];
        sharesLeft[g] = leaves ? dot(weights[g]!, leaves) : shares[g]!;
      }
      left = endOf(season, winter * column.winter, sharesLeft) / alone;
      before = column;
    }
    sums[place]! += left;
  }
}

function reachedBy(
  weights: Float64Array,
  generation: number,
  columns: readonly Column[],
  places: readonly number[],
): Float64Array {
  const touching = places.flatMap((place) => columns[place]!.leaves[generation] ?? []);
  return touching.length === 0
    ? weights
    : weights.map((weight, i) => touching.reduce((left, leaves) => left * leaves[i]!, weight));
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

const sumOf = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0);
