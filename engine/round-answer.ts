import { groupBy } from 'es-toolkit';
import { isOverdue, type WalkStop, walkOrder } from '#core/plan';
import type { Round, Stop } from '#core/records';
import type { LevelRange, Protocol } from '#core/sampling';
import { compareCounts, type Change } from '#core/seasons';
import { placeOn } from '#core/weather';
import { hostById } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { staysOf } from './season-weather.ts';
import { seasonCount, type SummedSample } from './summed-sample.ts';
import type { WatchPicture } from './watch-picture.ts';
import { dueBesideSeries } from './superseded.ts';
import { picturesByPlant, watchPictures } from './watch-pictures.ts';

export interface RoundStop extends WalkStop {
  readonly placeName: string;
  readonly hostName: string;
  readonly targetName: string | null;
  readonly level: LevelRange | null;
  readonly overdue: boolean;
  /** How it is counted; null when there is nothing to count. */
  readonly protocol: Protocol | null;
  readonly tagged: number;
  /** What came of it on this round; more than one when two people did it. */
  readonly done: readonly Stop[];
}

/** What a count of this round says against the one before it, counted the same way. */
export interface RoundChange {
  readonly watchId: string;
  readonly name: string;
  readonly targetName: string;
  readonly sample: SummedSample;
  readonly before: SummedSample | null;
  readonly change: Change | null;
}

/** The same stop counted more than once in the same way on one round: two people met there, or one came twice. */
export interface CountedTwice {
  readonly watchId: string;
  readonly name: string;
  readonly targetName: string;
  readonly samples: readonly SummedSample[];
  /** Whether they may be taken as one count: the same tagged twigs cannot be counted twice in one. */
  readonly canBeOne: boolean;
}

export interface RoundAnswer {
  /** Null for the list a new round would have. */
  readonly round: Round | null;
  readonly stops: readonly RoundStop[];
  readonly changes: readonly RoundChange[];
  readonly countedTwice: readonly CountedTwice[];
}

/**
 * The walk of a round in its order, with what was done at each stop and what changed since the time
 * before.
 */
export function roundAnswer(day: GardenDay, round: Round | null, stops: readonly Stop[]): RoundAnswer {
  const pictures = watchPictures(day);
  return {
    round,
    stops: walkOrder(allStops(day, pictures, stops), day.today),
    changes: round ? changesOf(pictures, round.id) : [],
    countedTwice: round ? countedTwice(pictures, round.id) : [],
  };
}

function allStops(day: GardenDay, pictures: readonly WatchPicture[], done: readonly Stop[]): RoundStop[] {
  const places = day.books.state.places;
  const due = new Map(
    dueBesideSeries(day)
      .toReversed()
      .map((item) => [item.watchId, item.standing]),
  );
  const byPlant = picturesByPlant(pictures.filter((picture) => picture.watch.outcome === 'open'));
  return day.books.state.plants
    .filter((plant) => plant.retiredOn === null)
    .flatMap((plant): RoundStop[] => {
      const placeId = placeOn(staysOf(day.books.plantBook(plant.id)), day.today);
      const place = places.findIndex((entry) => entry.id === placeId);
      const open = byPlant.get(plant.id) ?? [];
      if (open.length === 0 && plant.outOfReach) return [];
      const stopOf = (picture: WatchPicture | null): RoundStop => {
        const standing = picture ? due.get(picture.watch.id) : undefined;
        const stop: WalkStop = {
          plantId: plant.id,
          watchId: picture?.watch.id ?? null,
          name: plant.name,
          place,
          due: standing === 'late' || standing === 'open' ? standing : null,
          lookedOn: picture
            ? ([...picture.inspections, ...picture.samples]
                .map(({ on }) => on)
                .sort()
                .at(-1) ?? null)
            : null,
        };
        return {
          ...stop,
          placeName: places[place]?.name ?? '',
          hostName: hostById(plant.hostId).name,
          targetName: picture?.targetName ?? null,
          level: picture?.level ?? null,
          overdue: isOverdue(stop, day.today),
          protocol: picture?.protocols[0] ?? null,
          tagged: picture?.tags.length ?? 0,
          done: done.filter((entry) => entry.plantId === plant.id && entry.watchId === stop.watchId),
        };
      };
      return open.length > 0 ? open.map(stopOf) : [stopOf(null)];
    });
}

function changesOf(pictures: readonly WatchPicture[], roundId: string): RoundChange[] {
  return pictures.flatMap((picture) =>
    picture.samples
      .filter((sample) => sample.roundId === roundId)
      .map((sample): RoundChange => {
        const before =
          picture.samples
            .filter(
              (other) =>
                other.on <= sample.on &&
                other.roundId !== roundId &&
                other.protocol === sample.protocol &&
                other.tagged === sample.tagged,
            )
            .at(-1) ?? null;
        return {
          watchId: picture.watch.id,
          name: picture.plant.name,
          targetName: picture.targetName,
          sample,
          before,
          change: before && compareCounts(seasonCount(before), seasonCount(sample)),
        };
      }),
  );
}

function countedTwice(pictures: readonly WatchPicture[], roundId: string): CountedTwice[] {
  return pictures.flatMap(({ watch, plant, targetName, samples }) => {
    const ofRound = samples.filter((sample) => sample.roundId === roundId);
    const ways = groupBy(ofRound, ({ protocol, tagged }) => `${protocol} ${tagged}`);
    return Object.values(ways)
      .filter((alike) => alike.length > 1)
      .map((alike): CountedTwice => ({
        watchId: watch.id,
        name: plant.name,
        targetName,
        samples: alike,
        canBeOne: alike.every(({ units }) => units.every(({ tagId }) => tagId === undefined)),
      }));
  });
}
