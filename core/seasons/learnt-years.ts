import type { FigureRange } from '#core/season-model';
import { fromLog, type LearntLayout, layOut } from './learnt-layout.ts';
import { afterMeasuring, apart, type Spread, spreadOf, type WeightedSum } from './normal-belief.ts';
import type { WatchYears, YearsThought } from './watch-years.ts';

/** What the counts of watches of one trouble teach; all ranges hold eight in ten. */
export interface LearntYears {
  /** How many times as many after a year left alone, of this trouble in this garden. */
  readonly growth: FigureRange;
  readonly watches: readonly LearntWatch[];
  readonly kinds: readonly LearntKind[];
}

export interface LearntWatch {
  readonly id: string;
  readonly growth: FigureRange;
  /** How many there were a unit at each count, in the light of all of them. */
  readonly path: readonly FigureRange[];
  /** What would have been there at each count but the first, had nothing been done since the one before. */
  readonly alone: readonly FigureRange[];
  /** What each treatment left of as many with nothing done. */
  readonly left: readonly { readonly id: string; readonly left: FigureRange }[];
  /** The coming year's: what a year may bring besides is in it. */
  readonly nextYear: FigureRange;
  /** A year after the last count, with nothing done. */
  readonly nextAlone: FigureRange;
}

export interface LearntKind {
  readonly kindId: string;
  /**
   * Where this garden lies among what was thought of the kind, in standard deviations: 0 as thought, below it
   * leaves fewer here, above more. The deviation is 1 while nothing is learnt.
   */
  readonly score: Spread;
  /** How often it was done between counts. */
  readonly times: number;
}

/**
 * Learns from the counts of several watches of one trouble what a year left alone does and what each treatment
 * left. Between counts the logarithm of the level moves by growth (shared in part between the watches), by what
 * was done (shared in part by treatments of one kind), by what came over from a source, and by chance; each count
 * adds its own error. All of it is normal on the logarithm, so the belief is exact.
 * @throws RangeError where a watch has not one stretch fewer than counts.
 */
export function learnYears(watches: readonly WatchYears[], thought: YearsThought): LearntYears {
  const layout = layOut(watches, thought);
  const belief = watches
    .flatMap(({ levels }, watch) =>
      levels.map((level, count) => ({ ...level, sum: layout.level(watch, count) })),
    )
    .reduce((so, { sum, log, deviation }) => afterMeasuring(so, sum, log, deviation), apart(layout.spreads));
  const rangeOf = (sum: WeightedSum) => fromLog(spreadOf(belief, sum));
  const done = watches.flatMap(({ stretches }) => stretches.flatMap((stretch) => stretch.done));
  return {
    growth: rangeOf(layout.shared),
    watches: watches.map((watch, w) => learntWatch(watch, w, layout, rangeOf)),
    kinds: layout.kindIds.map((kindId) => ({
      kindId,
      score: spreadOf(belief, layout.kind(kindId)),
      times: done.filter((each) => each.kindId === kindId).length,
    })),
  };
}

function learntWatch(
  { id, levels, stretches }: WatchYears,
  watch: number,
  layout: LearntLayout,
  rangeOf: (sum: WeightedSum) => FigureRange,
): LearntWatch {
  return {
    id,
    growth: rangeOf(layout.growth(watch)),
    path: levels.map((_, count) => rangeOf(layout.level(watch, count))),
    alone: stretches.map((_, stretch) => rangeOf(layout.without(watch, stretch))),
    left: stretches.flatMap(({ done }, stretch) =>
      done.map((each, i) => ({ id: each.id, left: rangeOf(layout.left(watch, stretch, i)) })),
    ),
    nextYear: rangeOf(layout.nextYear(watch)),
    nextAlone: rangeOf(layout.nextAlone(watch)),
  };
}
