import { type Hatch, outBy } from './hatch-belief.ts';
import { LIFE_STAGES, type StageLengths } from './life-stage.ts';
import { type PossibleYear, sumsOf } from './possible-year.ts';
import type { SeasonFigures } from './season-figures.ts';

const { ceil, floor, hypot, max, min } = Math;

/** The cohorts of one generation, by day of hatch; all lists are of one length. */
export interface Generation {
  /** Day of the frame on which each hatched. */
  readonly hatchedOn: Float64Array;
  /** Each one's share of the generation; sums to 1. */
  readonly share: Float64Array;
  /** When each becomes settled, second stage and grown, days of the frame; Infinity where it never does. */
  readonly settledOn: Float64Array;
  readonly secondOn: Float64Array;
  readonly grownOn: Float64Array;
  /** Share of each left at the generation's end with nothing done. */
  readonly keep: Float64Array;
  /** Sum over cohorts of share × keep. */
  readonly kept: number;
  /** It comes from what wintered. */
  readonly first: boolean;
  /** Share of the generation before that this one comes from; the rest had no time for it. */
  readonly complete: number;
  /** Day after which treatments no longer change it: it has bred, or the frame ends. */
  readonly until: number;
}

/** A season as it may be: one possible year with figures drawn for it. Treatments are laid over it. */
export interface PossibleSeason {
  readonly days: number;
  readonly generations: readonly Generation[];
  /** From one generation to the next, left alone. */
  readonly multiplies: number;
  readonly source: number;
  readonly holed: number;
  readonly dying: NaturalLoss;
  readonly year: PossibleYear;
  /** Rain summed through each day, mm. */
  readonly rainSum: Float64Array;
}

/** What dies with nothing done. */
export interface NaturalLoss {
  readonly lossADay: SeasonFigures['lossADay'];
  readonly hotLoss: number;
  /** Days too hot for crawlers, summed through each day. */
  readonly hotSum: Float64Array;
}

/** The figures of one season, drawn. */
export interface DrawnFigures {
  readonly hatch: Hatch;
  readonly stages: StageLengths<number>;
  readonly lossADay: SeasonFigures['lossADay'];
  readonly hotLoss: number;
  readonly holed: number;
  readonly source: number;
  readonly growthAYear: number;
  readonly generations: number;
  readonly generationLength: number;
}

/** A day's crawlers that are fewer than this share are not followed apart. */
const LEAST_SHARE = 2e-4;
/** A generation of which less than this hatches within the frame is none. */
const LEAST_COMPLETE = 0.02;
/** Begin of a further generation is as much wider as this share of a generation's length (grade C). */
const WIDENS = 0.25;

/**
 * Lays out the cohorts of a possible season. `year` holds the frame's days. `stepsADay` parts each day's hatch
 * finer; 1 is enough for sprays timed to the day.
 */
export function possibleSeason(figures: DrawnFigures, year: PossibleYear, stepsADay = 1): PossibleSeason {
  const { heatSum, rainSum, hotSum } = sumsOf(year);
  const dying: NaturalLoss = {
    lossADay: figures.lossADay,
    hotLoss: figures.hotLoss,
    hotSum,
  };
  const hatches = Array.from({ length: figures.generations }, (_, i) => hatchOf(figures, i)).map((hatch) => ({
    hatch,
    ...hatchedWithin(hatch, heatSum, stepsADay),
  }));
  const firstShort = hatches.findIndex(({ complete }) => complete < LEAST_COMPLETE);
  const enough = firstShort < 0 ? hatches : hatches.slice(0, firstShort);
  const generations = enough.map((each, i) => {
    const next = enough[i + 1];
    const until = next && next.complete > 0.5 ? dayOut(next, 0.5) : heatSum.length - 1;
    return generation(figures, dying, heatSum, each, { first: i === 0, until });
  });
  return {
    days: heatSum.length,
    generations,
    multiplies: figures.growthAYear ** (1 / max(1, generations.length)),
    source: figures.source,
    holed: figures.holed,
    dying,
    year,
    rainSum,
  };
}

/** Each further generation begins one length later and runs more apart. */
function hatchOf({ hatch, generationLength }: DrawnFigures, index: number): Hatch {
  const span = hypot(hatch.span, index * WIDENS * generationLength);
  return { ...hatch, span, first: hatch.first + index * generationLength - (span - hatch.span) / 2 };
}

interface Hatched {
  readonly days: readonly number[];
  readonly shares: readonly number[];
  /** Share of the hatch that falls into the frame. */
  readonly complete: number;
}

function hatchedWithin(hatch: Hatch, heatSum: Float64Array, stepsADay: number): Hatched {
  const at = (time: number) => (hatch.by === 'days' ? time : heatAt(heatSum, time));
  const days: number[] = [],
    shares: number[] = [];
  let before = outBy(at(-0.5), hatch),
    complete = 0;
  const step = 1 / stepsADay;
  for (let day = 0; day < heatSum.length; day++) {
    // Without heat nothing hatches.
    if (hatch.by === 'heat' && day > 0 && heatSum[day] === heatSum[day - 1]) continue;
    for (let part = 0; part < stepsADay; part++) {
      // A day's hatch lies about its noon.
      const through = outBy(at(day - 0.5 + (part + 1) * step), hatch);
      const share = through - before;
      before = through;
      if (share < LEAST_SHARE / stepsADay) continue;
      complete += share;
      days.push(day - 0.5 + (part + 0.5) * step);
      shares.push(share);
    }
  }
  return { days, shares: shares.map((share) => share / complete), complete };
}

/** Heat up to a time in days, where a day's number is its noon and its heat falls evenly about it. */
function heatAt(heatSum: Float64Array, time: number): number {
  const day = floor(time + 0.5);
  const before = day > 0 ? heatSum[min(day, heatSum.length) - 1]! : 0;
  const through = heatSum[min(day, heatSum.length - 1)]!;
  return before + (through - before) * (time + 0.5 - day);
}

function dayOut({ days, shares }: Hatched, share: number): number {
  let out = 0;
  const at = shares.findIndex((part) => (out += part) >= share);
  return days[at < 0 ? days.length - 1 : at]!;
}

function generation(
  figures: DrawnFigures,
  dying: NaturalLoss,
  heatSum: Float64Array,
  { days, shares, complete }: Hatched,
  { first, until }: Pick<Generation, 'first' | 'until'>,
): Generation {
  const hatchedOn = Float64Array.from(days);
  const share = Float64Array.from(shares);
  const { stages } = figures;
  const settles = stages.crawler,
    seconds = settles + stages.settled,
    grows = seconds + stages.second;
  const reached = (age: number) => ageReachedOn(hatchedOn, heatSum, stages.unit, age);
  const [settledOn, secondOn, grownOn] = [reached(settles), reached(seconds), reached(grows)];
  const ages = { hatchedOn, settledOn, secondOn, grownOn };
  const keep = hatchedOn.map((_, i) => naturalSurvival(ages, i, dying, until));
  const kept = share.reduce((sum, part, i) => sum + part * keep[i]!, 0);
  return { ...ages, share, keep, kept, first, complete: first ? 1 : complete, until };
}

/** When each cohort hatched and came of age. */
type Ages = Pick<Generation, 'hatchedOn' | 'settledOn' | 'secondOn' | 'grownOn'>;

/** Share of a cohort that lives to a day with nothing done. */
export function naturalSurvival(
  { hatchedOn, settledOn, secondOn, grownOn }: Ages,
  cohort: number,
  { lossADay, hotLoss, hotSum }: NaturalLoss,
  day: number,
): number {
  const ends = [settledOn[cohort]!, secondOn[cohort]!, grownOn[cohort]!, Infinity];
  let from = hatchedOn[cohort]!,
    left = hotLoss > 0 ? (1 - hotLoss) ** between(hotSum, from, min(ceil(ends[0]!) - 1, day)) : 1;
  LIFE_STAGES.forEach((stage, s) => {
    const to = max(from, min(ends[s]!, day));
    left *= (1 - lossADay[stage]) ** (to - from);
    from = to;
  });
  return left;
}

/** How much of a running sum falls on the days from one through another. */
function between(sum: Float64Array, from: number, to: number): number {
  const through = (day: number) => (day < 0 ? 0 : sum[min(sum.length - 1, floor(day))]!);
  return max(0, through(to) - through(from - 1));
}

/** The day on which each cohort reaches an age; Infinity beyond the frame. Cohorts are in order of hatch. */
function ageReachedOn(
  hatchedOn: Float64Array,
  heatSum: Float64Array,
  unit: 'days' | 'heat',
  age: number,
): Float64Array {
  if (unit === 'days') return hatchedOn.map((hatched) => hatched + age);
  let day = 0;
  return hatchedOn.map((hatched) => {
    const needed = heatAt(heatSum, hatched) + age;
    while (day < heatSum.length && heatSum[day]! < needed) day++;
    // The pointer only moves on: later cohorts come of age later.
    return day < heatSum.length ? max(day, hatched) : Infinity;
  });
}
