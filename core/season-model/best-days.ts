import { type PlanTable, planTable } from './plan-table.ts';
import type { SeasonDraws } from './season-draws.ts';
import type { PlannedTreatment, TreatmentKind } from './treatment.ts';

export interface BestAsked {
  readonly draws: SeasonDraws;
  /** What stays in the plan: done already, or of another kind. */
  readonly base: readonly PlannedTreatment[];
  readonly kind: TreatmentKind;
  /** Days on which it may be done, rising. */
  readonly days: readonly number[];
  readonly count: 1 | 2 | 3;
  /** Fewest days from one to the next. */
  readonly intervalDays: number;
}

export interface BestDays {
  readonly days: readonly number[];
  /** Mean left over all draws, of 100. */
  readonly meanLeft: number;
  /** For each day, how far it may be moved by itself for one more left of 100. */
  readonly ranges: readonly (readonly [from: number, to: number])[];
}

/** How many of the best pairs a third is tried with. */
const PAIRS_TRIED = 12;
/** A day is as good as the best while no more than this is left besides, of 100. */
const AS_GOOD = 1;

/**
 * The days that leave least on average over all draws. One and two come from trying all; three from the best
 * pairs, each day then moved in turn until none helps. Null where the days allowed hold no such plan. `onShare`
 * hears how far the search is, 0–1.
 */
export function bestDays(
  asked: BestAsked,
  onShare: (share: number) => void = () => undefined,
): BestDays | null {
  const table = planTable(asked.draws, asked.base, asked.kind, asked.days);
  const allowed = (places: readonly number[]) => inOrder(table, places, asked.intervalDays);
  const best =
    asked.count === 1
      ? bestOf(table, onePlace(table))
      : asked.count === 2
        ? rankedPairs(table, allowed, onShare)[0]
        : bestTriple(table, allowed, onShare);
  if (!best) return null;
  return {
    days: best.places.map((place) => table.days[place]!),
    meanLeft: best.meanLeft,
    ranges: best.places.map((_, i) => rangeOf(table, best, i, allowed)),
  };
}

interface Tried {
  readonly places: readonly number[];
  readonly meanLeft: number;
}

const onePlace = (table: PlanTable) => table.days.map((_, place) => [place]);

function bestOf(table: PlanTable, plans: readonly (readonly number[])[]): Tried | undefined {
  let best: Tried | undefined;
  for (const places of plans) {
    const meanLeft = table.meanLeft(places);
    if (!best || meanLeft < best.meanLeft) best = { places, meanLeft };
  }
  return best;
}

function rankedPairs(
  table: PlanTable,
  allowed: (places: readonly number[]) => boolean,
  onShare: (share: number) => void,
): Tried[] {
  const tried: Tried[] = [];
  table.days.forEach((_, first) => {
    for (let second = first + 1; second < table.days.length; second++)
      if (allowed([first, second]))
        tried.push({ places: [first, second], meanLeft: table.meanLeft([first, second]) });
    onShare((first + 1) / table.days.length);
  });
  return tried.sort((a, b) => a.meanLeft - b.meanLeft);
}

function bestTriple(
  table: PlanTable,
  allowed: (places: readonly number[]) => boolean,
  onShare: (share: number) => void,
): Tried | undefined {
  const pairs = spreadOut(rankedPairs(table, allowed, (share) => onShare(share / 2)));
  let best: Tried | undefined;
  pairs.forEach(({ places }, i) => {
    const third = bestOf(table, withOneMore(table, places).filter(allowed));
    const settled = third && movedInTurn(table, third, allowed);
    if (settled && (!best || settled.meanLeft < best.meanLeft)) best = settled;
    onShare(0.5 + (i + 1) / pairs.length / 2);
  });
  return best;
}

/** The best pairs that are not neighbours of better ones. */
function spreadOut(ranked: readonly Tried[]): Tried[] {
  const chosen: Tried[] = [];
  for (const pair of ranked) {
    if (chosen.length === PAIRS_TRIED) break;
    const near = chosen.some(({ places }) =>
      places.every((place, i) => Math.abs(place - pair.places[i]!) <= 3),
    );
    if (!near) chosen.push(pair);
  }
  return chosen;
}

const withOneMore = (table: PlanTable, places: readonly number[]) =>
  table.days
    .map((_, place) => [...places, place].sort((a, b) => a - b))
    .filter((all) => new Set(all).size === all.length);

function movedInTurn(table: PlanTable, start: Tried, allowed: (places: readonly number[]) => boolean): Tried {
  let best = start;
  for (;;) {
    const before = best;
    for (let i = 0; i < start.places.length; i++) {
      const others = best.places.filter((_, at) => at !== i);
      const moved = bestOf(table, withOneMore(table, others).filter(allowed));
      if (moved && moved.meanLeft < best.meanLeft) best = moved;
    }
    if (best === before) return best;
  }
}

function inOrder({ days }: PlanTable, places: readonly number[], intervalDays: number): boolean {
  return places.every((place, i) => i === 0 || days[place]! - days[places[i - 1]!]! >= intervalDays);
}

function rangeOf(
  table: PlanTable,
  best: Tried,
  index: number,
  allowed: (places: readonly number[]) => boolean,
): readonly [number, number] {
  const asGood = (place: number) => {
    const places = best.places.map((other, i) => (i === index ? place : other));
    return allowed(places) && table.meanLeft(places) <= best.meanLeft + AS_GOOD;
  };
  const end = (step: 1 | -1) => {
    let place = best.places[index]!;
    while (table.days[place + step] !== undefined && asGood(place + step)) place += step;
    return table.days[place]!;
  };
  return [end(-1), end(1)];
}
