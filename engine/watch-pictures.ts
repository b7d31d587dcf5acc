import { keptWhile } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import { byClosing, type DueItem, whatIsDue } from '#core/decide';
import type { WatchBook } from './garden-books.ts';
import type { GardenDay } from './garden-day.ts';
import type { GardenWeather } from './season-weather.ts';
import { factsOf, watchPicture, type WatchPicture } from './watch-picture.ts';

interface Drawn {
  readonly picture: WatchPicture;
  readonly due: readonly DueItem[];
}

/**
 * Pictures by watch; each is drawn again only when something that shows in it was written, or the day
 * or weather changed.
 */
const drawn = keptWhile<GardenWeather, string, WatchBook, Drawn>();

/** Every watch as it stands on the day; drawn once for as long as nothing is written. */
export function watchPictures(day: GardenDay): readonly WatchPicture[] {
  return drawnPictures(day).map(({ picture }) => picture);
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
export function pictureOf(day: GardenDay, watchId: string): WatchPicture | undefined {
  const book = day.books.watchBook(watchId);
  return book && drawnPicture(day, book).picture;
}

/** Everything due on the day; worked out once for as long as nothing is written. */
export function dueItems(day: GardenDay): readonly DueItem[] {
  return byClosing(drawnPictures(day).flatMap(({ due }) => due));
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

function drawnPictures(day: GardenDay): readonly Drawn[] {
  return day.books.watchBooks.map((book) => drawnPicture(day, book));
}

function drawnPicture(day: GardenDay, book: WatchBook): Drawn {
  return drawn(day.weather, book.watch.id, book, () => {
    const picture = watchPicture(day, book);
    return { picture, due: whatIsDue([factsOf(day, picture)], day.today) };
  });
}
