import type { CivilDate } from '#core/calendar';
import type { FigureRange } from '#core/season-model';
import type { LevelRange, Measure, Protocol } from '#core/sampling';
import { measureAt, notComparable, type Spread } from '#core/seasons';
import { HANDWORK, materialById } from '#knowledge';
import type { HandworkKind } from '#core/records';
import type { GardenDay } from '../garden-day.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { growthThought, type LearntHere, learntHere } from './learnt-here.ts';
import { SPRAYS_OF_SEASON, type ThoughtStretch } from './thought-left.ts';

/** A watch's level from count to count, what was done on the way, and what it taught. Ranges hold eight in ten. */
export interface PathAnswer {
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly counts: readonly PathCount[];
  readonly stretches: readonly PathStretch[];
  /** Counts that cannot stand on the path, and why. */
  readonly apart: readonly { readonly on: CivilDate; readonly why: 'protocol' | 'stage' }[];
  /** Times as many a year left alone: of this watch, of the coming year, and of the trouble in the garden. */
  readonly growth: FigureRange;
  /** The same as thought before anything was counted. */
  readonly growthThought: FigureRange;
  readonly nextYear: FigureRange;
  readonly growthHere: FigureRange;
  /** Watches of the trouble that taught it, this one among them. */
  readonly watches: number;
  /** A year after the last count with nothing done, in the measure's own unit. */
  readonly nextAlone: FigureRange;
  readonly kinds: readonly PathKind[];
}

export interface PathCount {
  readonly sampleId: string;
  readonly on: CivilDate;
  readonly protocol: Protocol;
  readonly measure: Measure;
  readonly level: LevelRange | null;
  /** In the light of all counts, in the measure's own unit. */
  readonly path: FigureRange;
}

export interface PathStretch {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly fromSource: boolean;
  /** What would be there at its end, had nothing been done in it. */
  readonly alone: FigureRange;
  readonly done: readonly {
    readonly id: string;
    readonly on: CivilDate;
    readonly name: string;
    /** Share left, as thought before the counts and as learnt from them. */
    readonly thought: FigureRange;
    readonly left: FigureRange;
  }[];
}

export interface PathKind {
  readonly kindId: string;
  readonly name: string;
  readonly times: number;
  readonly score: Spread;
}

/** Null where a watch was never counted. */
export function pathAnswer(day: GardenDay, picture: WatchPicture): PathAnswer | null {
  const learnt = learntHere(day, picture);
  if (!learnt) return null;
  const { counts, stretches, watch } = learnt;
  const { kind } = counts.at(-1)!.summary.measure;
  const shown = (range: FigureRange) => inMeasure(range, kind);
  return {
    watchId: picture.watch.id,
    plantName: picture.plant.name,
    targetName: picture.targetName,
    counts: counts.map(({ id, on, protocol, summary }, i) => ({
      sampleId: id,
      on,
      protocol,
      measure: summary.measure,
      level: summary.level,
      path: shown(watch.path[i]!),
    })),
    stretches: stretches.map((stretch, i) => pathStretch(stretch, shown(watch.alone[i]!), learnt)),
    apart: countsApart(picture, learnt),
    growth: watch.growth,
    growthThought: growthThought(picture),
    nextYear: watch.nextYear,
    growthHere: learnt.growth,
    watches: learnt.watches,
    nextAlone: shown(watch.nextAlone),
    kinds: learnt.kinds.map((each) => ({ ...each, name: kindName(each.kindId) })),
  };
}

function inMeasure({ low, middle, high }: FigureRange, kind: Measure['kind']): FigureRange {
  const at = (level: number) => measureAt(kind, level);
  return { low: at(low), middle: at(middle), high: at(high) };
}

function pathStretch(
  { from, to, source, done }: ThoughtStretch,
  alone: FigureRange,
  { watch }: LearntHere,
): PathStretch {
  return {
    from,
    to,
    fromSource: source !== null,
    alone,
    done: done.map(({ id, on, name, left: thought }) => ({
      id,
      on,
      name,
      thought,
      left: watch.left.find((each) => each.id === id)!.left,
    })),
  };
}

function countsApart({ samples }: WatchPicture, { counts }: LearntHere): PathAnswer['apart'] {
  const last = counts.at(-1)!;
  return samples.flatMap((sample) => {
    const why = notComparable(last, sample);
    return why === null || counts.includes(sample) ? [] : [{ on: sample.on, why }];
  });
}

const HAND = 'hand:';

function kindName(kindId: string): string {
  if (kindId === 'winter-oil') return 'Oil on bare wood';
  if (kindId === SPRAYS_OF_SEASON) return 'The sprays of a season';
  if (kindId.startsWith(HAND)) return HANDWORK[kindId.slice(HAND.length) as HandworkKind].name;
  return materialById(kindId).name;
}
