import { dayDone, drawnKind, leavesOf } from './drawn-treatment.ts';
import type { Generation, PossibleSeason } from './possible-season.ts';
import type { SeasonDraws } from './season-draws.ts';
import { endAlone, endOf, treatmentsIn, winterLeft } from './season-outcome.ts';
import type { PlannedTreatment, TreatmentKind } from './treatment.ts';

/** What one more treatment of a kind would do in a draw, done on one day. */
interface Column {
  /** By generation: what it leaves of each cohort; null where it touches none. */
  readonly leaves: readonly (Float64Array | null)[];
  /** By generation: share left with this treatment alone added. */
  readonly shares: readonly number[];
  readonly winter: number;
}

/** One draw with what stays in the plan laid over it. */
interface Row {
  readonly season: PossibleSeason;
  readonly alone: number;
  readonly winter: number;
  /** By generation: share × keep × what the plan so far leaves, over what is kept alone. */
  readonly weights: readonly Float64Array[];
  readonly shares: readonly number[];
  /** By candidate day, in the order of the days asked for. */
  readonly columns: readonly Column[];
}

/** A table of what treatments of one kind leave on each of some days, so that a plan costs products only. */
export interface PlanTable {
  readonly days: readonly number[];
  /** Mean left over all draws, of 100, with treatments on the days at these places of `days`. */
  meanLeft(places: readonly number[]): number;
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
  return {
    days,
    meanLeft(places) {
      let sum = 0;
      for (const row of rows) sum += leftOfRow(row, places);
      return (100 * sum) / rows.length;
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
    if (!byDay.has(day))
      byDay.set(
        day,
        columnOf(season, weights, (generation) => leavesOf(season, generation, drawn, day), {
          winter: winterLeft(season, [{ kind: drawn, day }]),
        }),
      );
    return byDay.get(day)!;
  };
  return {
    season,
    alone: endAlone(season),
    winter: winterLeft(season, treatments),
    weights,
    shares: weights.map(sumOf),
    columns: days.map((day) => column(dayDone({ day }, fit))),
  };
}

function columnOf(
  season: PossibleSeason,
  weights: readonly Float64Array[],
  leavesIn: (generation: Generation) => Float64Array,
  { winter }: Pick<Column, 'winter'>,
): Column {
  const leaves = season.generations.map((generation) => {
    const left = leavesIn(generation);
    return left.every((share) => share === 1) ? null : left;
  });
  return {
    leaves,
    winter,
    shares: leaves.map((left, g) => (left ? dot(weights[g]!, left) : sumOf(weights[g]!))),
  };
}

function leftOfRow(
  { season, alone, winter, weights, shares, columns }: Row,
  places: readonly number[],
): number {
  let wintered = winter;
  for (const place of places) wintered *= columns[place]!.winter;
  const left = weights.map((ofGeneration, g) => {
    const touching = places.map((place) => columns[place]!).filter((column) => column.leaves[g] !== null);
    if (touching.length === 0) return shares[g]!;
    if (touching.length === 1) return touching[0]!.shares[g]!;
    return productSum(
      ofGeneration,
      touching.map((column) => column.leaves[g]!),
    );
  });
  return endOf(season, wintered, left) / alone;
}

function productSum(weights: Float64Array, leaves: readonly Float64Array[]): number {
  const [first, second, third] = leaves;
  let sum = 0;
  if (leaves.length === 2) {
    for (let i = 0; i < weights.length; i++) sum += weights[i]! * first![i]! * second![i]!;
    return sum;
  }
  if (leaves.length === 3) {
    for (let i = 0; i < weights.length; i++) sum += weights[i]! * first![i]! * second![i]! * third![i]!;
    return sum;
  }
  return weights.reduce(
    (total, weight, i) => total + leaves.reduce((left, leaf) => left * leaf[i]!, weight),
    0,
  );
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

const sumOf = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0);
