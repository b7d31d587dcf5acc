import { type CivilDate } from '#core/calendar';
import { assessLife } from '#core/identify';
import type { DoneWork, SeriesFacts } from '#core/programme';
import type { Series } from '#core/records';
import { placeOn } from '#core/weather';
import { comes, type SeriesSubject } from './comes.ts';
import type { GardenDay } from './garden-day.ts';
import type { WatchBook } from './garden-books.ts';
import { staysOf } from './season-weather.ts';
import { pictureOf } from './watch-pictures.ts';
import { isOiled, type WatchPicture } from './watch-picture.ts';

/** What a series is about; null where its watch has ended, or its plant is gone. */
export function subjectOf(day: GardenDay, { watchId, plantId }: Series): SeriesSubject | null {
  if (watchId !== null) {
    const picture = pictureOf(day, watchId);
    if (!picture || picture.watch.outcome !== 'open' || picture.plant.retiredOn !== null) return null;
    return { picture, plant: picture.plant };
  }
  if (plantId === null) return { picture: null, plant: null };
  const { plant } = day.books.plantBook(plantId);
  return plant.retiredOn === null ? { picture: null, plant } : null;
}

/** Everything a series is laid out by, as it is known on the day. */
export function seriesFacts(day: GardenDay, series: Series, subject: SeriesSubject): SeriesFacts {
  const { today } = day;
  const pictures = picturesOf(day, subject);
  const marks = day.books.state.ticks.filter(({ seriesId, on }) => seriesId === series.id && on <= today);
  return {
    today,
    marks,
    done: byDay(doneOn(day, series, subject, pictures)).filter(({ on }) => on <= today),
    looks: byDay(pictures.flatMap((picture) => looksOf(day, picture))),
    tapes: byDay(pictures.flatMap(tapeLooksOf)),
    rain: rainOn(day, subject),
    comes: (what, after) => comes(day, subject, what, after),
  };
}

const byDay = <T extends { readonly on: CivilDate }>(list: readonly T[]): T[] =>
  list.toSorted((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));

function picturesOf(day: GardenDay, { plant, picture }: SeriesSubject): WatchPicture[] {
  if (picture) return [picture];
  if (!plant) return [];
  return day.books.plantBook(plant.id).watches.flatMap(({ id }) => pictureOf(day, id) ?? []);
}

/** Records that do a step: aimed at the watch of the series, or on its plant. */
function doneOn(
  day: GardenDay,
  { watchId }: Series,
  { plant }: SeriesSubject,
  pictures: readonly WatchPicture[],
): DoneWork[] {
  if (!plant) return [];
  const plantBook = day.books.plantBook(plant.id);
  const book: Pick<WatchBook, 'sprays' | 'handwork'> =
    watchId === null ? plantBook : (day.books.watchBook(watchId) ?? plantBook);
  const work = (on: CivilDate, action: DoneWork['action'], more: Partial<DoneWork> = {}): DoneWork => ({
    on,
    action,
    hand: null,
    materials: [],
    aimed: false,
    ...more,
  });
  return [
    ...book.sprays.map((spray) =>
      work(spray.on, 'spray', {
        materials: spray.parts.map(({ productId }) => day.books.product(productId).materialId),
        aimed: watchId !== null && spray.watchId === watchId,
      }),
    ),
    ...book.handwork.map(({ on, kind }) => work(on, 'hand', { hand: kind })),
    ...plantBook.care.filter(({ kind }) => kind === 'feeding').map(({ on }) => work(on, 'feed')),
    ...plantBook.moves
      .filter(({ placeId }) => day.books.place(placeId)?.kind !== 'outdoors')
      .map(({ movedOn }) => work(movedOn, 'bring-in')),
    ...pictures.flatMap(({ inspections, samples, sightings, tapes, pastTapes, hanging, traps }) => [
      ...[...inspections, ...samples, ...sightings].map(({ on }) => work(on, 'look')),
      ...[...tapes, ...pastTapes].map(({ takenOff }) => work(takenOff, 'read-tapes')),
      ...hanging.filter(({ kind }) => kind === 'trap').map(({ hungOn }) => work(hungOn, 'hang-trap')),
      ...traps.map(({ putOn }) => work(putOn, 'hang-trap')),
    ]),
  ];
}

/** Looks that tell whether anything lives: counts of how much there is, and covers lifted. */
function looksOf(day: GardenDay, { samples, inspections, sprays }: WatchPicture): SeriesFacts['looks'] {
  const counted = samples.flatMap(({ on, summary }) =>
    summary.level === null ? [] : [{ on, clear: summary.level.level === 0 }],
  );
  const looked = inspections.flatMap(({ on, answers, coversTurned }) => {
    const { life } = assessLife(answers, coversTurned, isOiled(day, sprays, on));
    return life === 'unknown' ? [] : [{ on, clear: life === 'dead' }];
  });
  return [...counted, ...looked];
}

/** Tapes taken off on one day are one look. */
function tapeLooksOf({ tapes, pastTapes }: WatchPicture): SeriesFacts['tapes'] {
  const byDate = new Map<CivilDate, number>();
  for (const { takenOff, crawlers } of [...pastTapes, ...tapes])
    byDate.set(takenOff, (byDate.get(takenOff) ?? 0) + crawlers);
  return [...byDate].map(([on, crawlers]) => ({ on, clear: crawlers === 0 }));
}

/** Rain that was measured where the plant stands in the open. */
function rainOn(day: GardenDay, { plant }: SeriesSubject): SeriesFacts['rain'] {
  if (!plant) return [];
  const book = day.books.plantBook(plant.id);
  if (day.books.place(placeOn(staysOf(book), day.today))?.kind !== 'outdoors') return [];
  return day
    .ofPlant(plant)
    .readings.flatMap(({ date, rainMm }) => (rainMm === null ? [] : [{ on: date, rainMm }]));
}
