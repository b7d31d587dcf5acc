import type { FigureRange } from '#core/season-model';
import type { Spread, WeightedSum } from './normal-belief.ts';
import type { DoneBetween, WatchYears, YearsThought } from './watch-years.ts';

/** Where each number of the belief stands, and the sums that make up levels, growth and what was left. */
export interface LearntLayout {
  readonly spreads: readonly Spread[];
  readonly kindIds: readonly string[];
  /** Growth of the trouble in this garden. */
  readonly shared: WeightedSum;
  kind(kindId: string): WeightedSum;
  growth(watch: number): WeightedSum;
  level(watch: number, count: number): WeightedSum;
  /** The level at the count after a stretch, had nothing been done in it. */
  without(watch: number, stretch: number): WeightedSum;
  left(watch: number, stretch: number, done: number): WeightedSum;
  /** Growth of the coming year: the plant's own and what a year may bring. */
  nextYear(watch: number): WeightedSum;
  nextAlone(watch: number): WeightedSum;
}

/** Of the doubt about a year's growth so much is the trouble's in this garden, and so much the plant's own. */
const SHARED_PART = 0.25;
const OWN_PART = 0.25;
/** The rest is the year's. */
const YEARS_PART = 1 - SHARED_PART - OWN_PART;
/** Two counts of what has not changed differ a little more than by chance: other twigs, another hand (grade C). */
const BETWEEN_COUNTS = 0.15;
/** Of the doubt about a treatment so much goes with its kind in this garden; the rest is that day's. */
const KIND_PART = 0.5;
/** Kill times reach is a rule of thumb: wider than its figures say by so much on the logarithm (grade C). */
const WIDER = 0.1;
/** Before its first count anything may be there. */
const FIRST_DEVIATION = 3;
const Z80 = 1.2816;

/** Lays out what is believed of several watches: see learnYears. */
export function layOut(watches: readonly WatchYears[], thought: YearsThought): LearntLayout {
  const spreads: Spread[] = [];
  const place = (mean: number, deviation: number) => spreads.push({ mean, deviation }) - 1;
  const one = place(1, 0);
  const doubt = onLog(thought.growth);
  const part = (share: number, years = 1) => Math.sqrt(share * years) * doubt.deviation;
  const shared: WeightedSum = [[place(doubt.mean, part(SHARED_PART)), 1]];
  const comingYear = place(0, part(YEARS_PART));
  const kinds = new Map<string, number>();
  const kindPlace = (kindId: string) => {
    if (!kinds.has(kindId)) kinds.set(kindId, place(0, 1));
    return kinds.get(kindId)!;
  };
  const scaled = ({ mean, deviation }: Spread, scores: WeightedSum): WeightedSum => [
    [one, mean],
    ...scores.map(([at, weight]) => [at, weight * deviation] as const),
  ];
  const leftOf = ({ kindId, left }: DoneBetween): WeightedSum => {
    const { mean, deviation } = onLog(left);
    return scaled({ mean, deviation: Math.hypot(deviation, WIDER) }, [
      [kindPlace(kindId), Math.sqrt(KIND_PART)],
      [place(0, 1), Math.sqrt(1 - KIND_PART)],
    ]);
  };
  const laid = watches.map(({ levels, stretches }) => {
    if (stretches.length !== levels.length - 1) throw new RangeError('between counts lies one stretch each');
    const ofPlant = place(0, part(OWN_PART));
    const source = place(0, 1);
    return {
      ofPlant,
      first: place(levels[0]!.log, FIRST_DEVIATION),
      stretches: stretches.map(({ years, done, source: cameOver }) => ({
        alone: [
          [shared[0]![0], years],
          [ofPlant, years],
          [place(0, Math.hypot(part(YEARS_PART, years), BETWEEN_COUNTS)), 1],
          ...(cameOver ? scaled(onLog(cameOver), [[source, 1]]) : []),
        ] as WeightedSum,
        done: done.map(leftOf),
      })),
    };
  });
  const level = (watch: number, count: number): WeightedSum => {
    const { first, stretches } = laid[watch]!;
    return [
      [first, 1],
      ...stretches.slice(0, count).flatMap(({ alone, done }) => [...alone, ...done.flat()]),
    ];
  };
  const growth = (watch: number): WeightedSum => [...shared, [laid[watch]!.ofPlant, 1]];
  const nextYear = (watch: number): WeightedSum => [...growth(watch), [comingYear, 1]];
  return {
    spreads,
    kindIds: [...kinds.keys()],
    shared,
    kind: (kindId) => [[kindPlace(kindId), 1]],
    growth,
    level,
    without: (watch, stretch) => [...level(watch, stretch), ...laid[watch]!.stretches[stretch]!.alone],
    left: (watch, stretch, done) => laid[watch]!.stretches[stretch]!.done[done]!,
    nextYear,
    nextAlone: (watch) => [...level(watch, watches[watch]!.levels.length - 1), ...nextYear(watch)],
  };
}

/** A range of a factor as a normal on its logarithm. */
export function onLog({ low, middle, high }: FigureRange): Spread {
  return { mean: Math.log(middle), deviation: Math.log(high / low) / (2 * Z80) };
}

/** A normal on the logarithm as a range of the factor that holds eight in ten. */
export function fromLog({ mean, deviation }: Spread): FigureRange {
  return {
    low: Math.exp(mean - Z80 * deviation),
    middle: Math.exp(mean),
    high: Math.exp(mean + Z80 * deviation),
  };
}
