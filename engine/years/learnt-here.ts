import {
  countedLevel,
  type LearntKind,
  type LearntWatch,
  learnYears,
  longestChain,
  type WatchYears,
} from '#core/seasons';
import type { FigureRange } from '#core/season-model';
import { GROWTH_A_YEAR, GROWTH_BY_WEATHER } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { seasonCount, type SummedSample } from '../summed-sample.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { watchPictures } from '../watch-pictures.ts';
import { hasSeasonModel, type ThoughtStretch, thoughtStretch } from './thought-left.ts';

/** What the garden's counts teach of one watch. */
export interface LearntHere {
  /** Its counts that may be laid side by side, and what lies between them. */
  readonly counts: readonly SummedSample[];
  readonly stretches: readonly ThoughtStretch[];
  readonly watch: LearntWatch;
  /** Growth of the trouble in the garden, and how many watches of it taught it. */
  readonly growth: FigureRange;
  readonly watches: number;
  readonly kinds: readonly LearntKind[];
}

interface CountedYears {
  readonly counts: readonly SummedSample[];
  readonly stretches: readonly ThoughtStretch[];
  readonly years: WatchYears;
}

/** Null where a watch was never counted. */
export function learntHere(day: GardenDay, picture: WatchPicture): LearntHere | null {
  const mine = countedYears(day, picture);
  if (!mine) return null;
  const others = watchPictures(day).flatMap((other) =>
    other.watch.id !== picture.watch.id && ofOneTrouble(other, picture)
      ? (countedYears(day, other) ?? [])
      : [],
  );
  const learnt = learnYears(
    [mine, ...others].map(({ years }) => years),
    { growth: growthThought(picture) },
  );
  return {
    ...mine,
    watch: learnt.watches[0]!,
    growth: learnt.growth,
    watches: 1 + others.filter(({ stretches }) => stretches.length > 0).length,
    kinds: learnt.kinds,
  };
}

/** As many after a year left alone, before anything was counted. */
export const growthThought = (picture: WatchPicture): FigureRange =>
  hasSeasonModel(picture) ? GROWTH_A_YEAR : GROWTH_BY_WEATHER;

function ofOneTrouble({ watch: a }: WatchPicture, { watch: b }: WatchPicture): boolean {
  if (a.outcome === 'ruled-out' || a.group === null) return false;
  return a.targetId === null && b.targetId === null ? a.group === b.group : a.targetId === b.targetId;
}

function countedYears(day: GardenDay, picture: WatchPicture): CountedYears | null {
  const counts = longestChain(picture.samples);
  if (counts.length === 0) return null;
  const stretches = counts.slice(1).map((count, i) => thoughtStretch(day, picture, counts[i]!.on, count.on));
  return {
    counts,
    stretches,
    years: {
      id: picture.watch.id,
      levels: counts.map((count) => countedLevel(seasonCount(count))),
      stretches,
    },
  };
}
