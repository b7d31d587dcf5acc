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
  /**
   * Take an earlier hatch where it leaves at most two more of 100: what feeds all summer does harm, and an early
   * spray can be made up for.
   */
  readonly earlier?: boolean;
  /** The table of the same draws, base, kind and days, where it was made before. */
  readonly table?: PlanTable;
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
/** An earlier hatch is taken where no more than this is left besides, of 100. */
const EARLIER_MAY_COST = 2;
/** Days no further apart than this belong to one time of the year. */
const ONE_TIME_DAYS = 12;
/** A day that takes less than this part of what the best day takes is left out of pairs. */
const LEAST_EFFECT = 0.02;
/** Of more days than this only every second, third … is tried in pairs before they are moved. */
const MOST_TRIED = 70;
/** Pairs no further apart than this are neighbours. */
const NEIGHBOURS = 3;
/** A day of a plan that is nearly the best is moved so far to each side at a time, in places among the days. */
const MOVED_BY = 10;
/** A day is as good as the best while no more than this is left besides, of 100. */
const AS_GOOD = 1;

/**
 * The days that leave least on average over all draws. One comes from trying all, two from trying all pairs (of a
 * long season every second or third day), three from the best pairs and every third; each day is then moved in
 * turn until none helps. Null where the days allowed hold no such plan. `onShare`
 * hears how far the search is, 0–1.
 */
export function bestDays(
  asked: BestAsked,
  onShare: (share: number) => void = () => undefined,
): BestDays | null {
  const table = asked.table ?? planTable(asked.draws, asked.base, asked.kind, asked.days);
  const search: Search = { table, intervalDays: asked.intervalDays, onShare };
  const least =
    asked.count === 1 ? bestWith(search, []) : asked.count === 2 ? bestPair(search) : bestTriple(search);
  if (!least) return null;
  const best = asked.earlier ? earlierAsGood(search, least) : least;
  return {
    days: best.places.map((place) => table.days[place]!),
    meanLeft: best.meanLeft,
    ranges: best.places.map((_, i) => rangeOf(search, best, i)),
  };
}

interface Search {
  readonly table: PlanTable;
  readonly intervalDays: number;
  readonly onShare: (share: number) => void;
}

/** A plan by its places among the days, rising, and what it leaves. */
interface Tried {
  readonly places: readonly number[];
  readonly meanLeft: number;
}

/** The best day to add to some, of all or of those asked, if any keeps its distance to them. */
function bestWith(
  search: Search,
  places: readonly number[],
  asked: readonly number[] = search.table.days.map((_, place) => place),
): Tried | undefined {
  const left = search.table.withOneMore(places, asked);
  let best: Tried | undefined;
  for (const place of asked) {
    const meanLeft = left[place]!;
    if ((!best || meanLeft < best.meanLeft) && keepsDistance(search, places, place))
      best = { places: [...places, place].sort((a, b) => a - b), meanLeft };
  }
  return best;
}

function keepsDistance({ table: { days }, intervalDays }: Search, places: readonly number[], place: number) {
  return places.every((other) => Math.abs(days[place]! - days[other]!) >= Math.max(1, intervalDays));
}

function rankedPairs(search: Search, upTo = 1): Tried[] {
  const { table, onShare } = search;
  const places = placesTried(table);
  const tried: Tried[] = [];
  places.forEach((first, i) => {
    const left = table.withOneMore([first], places.slice(i + 1));
    for (const second of places.slice(i + 1))
      if (keepsDistance(search, [first], second))
        tried.push({ places: [first, second], meanLeft: left[second]! });
    onShare((upTo * (i + 1)) / places.length);
  });
  return tried.sort((a, b) => a.meanLeft - b.meanLeft);
}

/** Every day that does anything by itself; of many, some between which the rest are looked at later. */
function placesTried({ withOneMore, days }: PlanTable): number[] {
  const left = withOneMore([]);
  const alone = Math.max(...left);
  const most = alone - Math.min(...left);
  const telling = days.map((_, place) => place).filter((place) => alone - left[place]! > LEAST_EFFECT * most);
  const step = Math.ceil(telling.length / MOST_TRIED);
  return telling.filter((_, i) => i % step === 0);
}

function bestPair(search: Search): Tried | undefined {
  let best: Tried | undefined;
  for (const pair of spreadOut(rankedPairs(search))) {
    const settled = movedInTurn(search, pair);
    if (!best || settled.meanLeft < best.meanLeft) best = settled;
  }
  return best;
}

function bestTriple(search: Search): Tried | undefined {
  const pairs = spreadOut(rankedPairs(search, 0.5));
  let best: Tried | undefined;
  pairs.forEach(({ places }, i) => {
    const third = bestWith(search, places);
    const settled = third && movedInTurn(search, third);
    if (settled && (!best || settled.meanLeft < best.meanLeft)) best = settled;
    search.onShare(0.5 + (i + 1) / pairs.length / 2);
  });
  return best;
}

/** The best pairs that are not neighbours of better ones. */
function spreadOut(ranked: readonly Tried[]): Tried[] {
  const chosen: Tried[] = [];
  for (const pair of ranked) {
    if (chosen.length === PAIRS_TRIED) break;
    const near = chosen.some(({ places }) =>
      places.every((place, i) => Math.abs(place - pair.places[i]!) <= NEIGHBOURS),
    );
    if (!near) chosen.push(pair);
  }
  return chosen;
}

/** Each day of a plan in turn put where it is best near by beside the others, until none moves. */
function movedInTurn(search: Search, start: Tried): Tried {
  let best = start;
  for (;;) {
    const before = best;
    for (const place of before.places) {
      const moved = bestWith(
        search,
        best.places.filter((other) => other !== place),
        placesNear(search, place),
      );
      if (moved && moved.meanLeft < best.meanLeft) best = moved;
    }
    if (best === before) return best;
  }
}

function placesNear({ table: { days } }: Search, place: number): number[] {
  const [from, to] = [Math.max(0, place - MOVED_BY), Math.min(days.length - 1, place + MOVED_BY)];
  return Array.from({ length: to - from + 1 }, (_, i) => from + i);
}

/** Days that are the best of their own time of the year are tried from the first of the plan on. */
function earlierAsGood(search: Search, least: Tried): Tried {
  const most = least.meanLeft + EARLIER_MAY_COST;
  let plan = least;
  for (let i = 0; i < least.places.length; i++) {
    const others = plan.places.filter((_, at) => at !== i);
    const left = search.table.withOneMore(others);
    const earlier = bottoms(search, left, others).find(
      (place) => place < plan.places[i]! && left[place]! <= most,
    );
    if (earlier !== undefined)
      plan = { places: [...others, earlier].sort((a, b) => a - b), meanLeft: left[earlier]! };
  }
  return plan;
}

/** Places that no other within {@link ONE_TIME_DAYS} leaves less than, rising. */
function bottoms(search: Search, left: Float64Array, others: readonly number[]): number[] {
  const { days } = search.table;
  const allowed = days.map((_, place) => place).filter((place) => keepsDistance(search, others, place));
  return allowed.filter((place) =>
    allowed.every(
      (near) => Math.abs(days[near]! - days[place]!) > ONE_TIME_DAYS || left[place]! <= left[near]!,
    ),
  );
}

function rangeOf(search: Search, best: Tried, index: number): readonly [number, number] {
  const { table } = search;
  const others = best.places.filter((_, i) => i !== index);
  const left = table.withOneMore(others);
  const asGood = (place: number) =>
    left[place]! <= best.meanLeft + AS_GOOD && keepsDistance(search, others, place);
  const end = (step: 1 | -1) => {
    let place = best.places[index]!;
    while (table.days[place + step] !== undefined && asGood(place + step)) place += step;
    return table.days[place]!;
  };
  return [end(-1), end(1)];
}
