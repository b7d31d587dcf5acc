import { keptWhile } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import { byClosing, type DueItem, whatIsDue } from '#core/decide';
import type { Watch } from '#core/records';
import type { Store } from '../store/store.ts';
import type { SeasonReader } from './plant-season.ts';
import { factsOf, watchPicture, type WatchPicture } from './watch-picture.ts';

interface Drawn {
  readonly picture: WatchPicture;
  readonly due: readonly DueItem[];
}

/**
 * Pictures by watch; each is drawn again only when something that shows in it was written, or the day
 * or weather changed.
 */
const drawn = keptWhile<SeasonReader, string, string, Drawn>();

/** Every watch as it stands on the reader's day; drawn once for as long as nothing is written. */
export function watchPictures(store: Store, reader: SeasonReader, today: CivilDate): readonly WatchPicture[] {
  return drawnPictures(store, reader, today).map(({ picture }) => picture);
}

/** Watches by the plant they are on. */
export function picturesByPlant(
  pictures: readonly WatchPicture[],
): ReadonlyMap<string, readonly WatchPicture[]> {
  const byPlant = new Map<string, WatchPicture[]>();
  for (const picture of pictures)
    byPlant.set(picture.plant.id, [...(byPlant.get(picture.plant.id) ?? []), picture]);
  return byPlant;
}

/** One watch as it stands; undefined when there is none of that id. */
export function pictureOf(
  store: Store,
  reader: SeasonReader,
  watchId: string,
  today: CivilDate,
): WatchPicture | undefined {
  const watch = store.watch(watchId);
  return watch && drawnPicture(store, reader, watch, today).picture;
}

/** Everything due on the reader's day; worked out once for as long as nothing is written. */
export function dueItems(store: Store, reader: SeasonReader, today: CivilDate): readonly DueItem[] {
  return byClosing(drawnPictures(store, reader, today).flatMap(({ due }) => due));
}

/** A watch as lists show it: what stands on one line, without the counts behind it. */
export type ListedWatch = Pick<
  WatchPicture,
  'watch' | 'plant' | 'targetName' | 'status' | 'level' | 'levelBefore' | 'protocols'
> & {
  readonly countedOn: CivilDate | null;
  /** Whether published events are laid on this season for it. */
  readonly timed: boolean;
};

export function listedWatch({
  watch,
  plant,
  targetName,
  status,
  level,
  levelBefore,
  protocols,
  samples,
  events,
}: WatchPicture): ListedWatch {
  return {
    watch,
    plant,
    targetName,
    status,
    level,
    levelBefore,
    protocols,
    countedOn: samples.at(-1)?.on ?? null,
    timed: events.length > 0,
  };
}

function drawnPictures(store: Store, reader: SeasonReader, today: CivilDate): readonly Drawn[] {
  return store.watches().map((watch) => drawnPicture(store, reader, watch, today));
}

function drawnPicture(store: Store, reader: SeasonReader, watch: Watch, today: CivilDate): Drawn {
  return drawn(reader, watch.id, store.versionOf(watch.id), () => {
    const picture = watchPicture(store, reader, watch, today);
    return { picture, due: whatIsDue([factsOf(store, reader, picture, today)], today) };
  });
}
