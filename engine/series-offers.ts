import { addDays, type CivilDate, hemisphereOf } from '#core/calendar';
import { blankSeries, type Plant, type Series } from '#core/records';
import { placeOn } from '#core/weather';
import { evergreenOf, isFollowed, schoolsFor, seriesFor, type SeriesScene } from '#knowledge';
import type { SeriesSubject } from './comes.ts';
import type { GardenDay } from './garden-day.ts';
import { programmeAnswer, type SeriesAnswer, seriesAnswer } from './programme-answer.ts';
import { staysOf } from './season-weather.ts';
import type { WatchPicture } from './watch-picture.ts';

/** A usual series laid out for a plant, to be taken as it is, changed, or left. */
export interface SeriesOffer {
  /** What would be kept, but for its id. */
  readonly series: Series;
  readonly says: string;
  /** Whether the garden or plant follows the school that does it so; null for what is common to all. */
  readonly followed: boolean | null;
  readonly answer: SeriesAnswer;
}

export interface OffersAnswer {
  /** What the first of them follow from: the work logged last, if it was lately. */
  readonly from: CivilDate | null;
  readonly andThen: readonly SeriesOffer[];
  /** Those that begin anew. */
  readonly toBegin: readonly SeriesOffer[];
}

/** Work no older than this may still be the first step of a series. */
const LATELY_DAYS = 7;

/** The series that are usual for a plant, or for the watch on it. */
export function seriesOffers(day: GardenDay, plant: Plant, picture: WatchPicture | null): OffersAnswer {
  const subject: SeriesSubject = { plant, picture };
  const work = lastWork(day, plant, picture);
  const last = work && isStepOfSeries(day, plant, picture, work.on) ? null : work;
  const offersFor = (first: SeriesScene['first'], startedOn: CivilDate): SeriesOffer[] => {
    const scene = sceneOf(day, plant, picture, first);
    const running = runningTemplates(day, plant, picture);
    return seriesFor(scene)
      .filter(({ id }) => !running.has(id))
      .map((template): SeriesOffer => {
        const series = blankSeries({
          id: template.id,
          name: template.name,
          templateId: template.id,
          watchId: picture?.watch.id ?? null,
          plantId: picture ? null : plant.id,
          startedOn,
          steps: template.steps(scene),
        });
        return {
          series,
          says: template.says,
          followed: template.school && isFollowed(template, scene.schools),
          answer: seriesAnswer(day, series, subject),
        };
      });
  };
  const andThen = last ? offersFor(last.first, last.on) : [];
  const taken = new Set(andThen.map(({ series }) => series.templateId));
  return {
    from: andThen.length > 0 ? last!.on : null,
    andThen,
    toBegin: offersFor(null, day.today).filter(({ series }) => !taken.has(series.templateId)),
  };
}

function sceneOf(
  day: GardenDay,
  plant: Plant,
  picture: WatchPicture | null,
  first: SeriesScene['first'],
): SeriesScene {
  return {
    first,
    group: picture?.watch.group ?? null,
    targetId: picture?.watch.targetId ?? null,
    hostId: plant.hostId,
    evergreen: evergreenOf(plant),
    potted: isPotted(day, plant),
    schools: schoolsFor(day.garden, plant),
    today: day.today,
    southern: hemisphereOf(day.garden.latitudeDeg) === 'south',
  };
}

/** What has stood in more than one place, or under shelter, can be carried. */
function isPotted(day: GardenDay, plant: Plant): boolean {
  const stays = staysOf(day.books.plantBook(plant.id));
  return stays.length > 1 || day.books.place(placeOn(stays, day.today))?.kind !== 'outdoors';
}

/** Whether a series that runs on it counts the work of a day as one of its steps. */
function isStepOfSeries(day: GardenDay, plant: Plant, picture: WatchPicture | null, on: CivilDate): boolean {
  return programmeAnswer(day).some(
    ({ series, plantId, steps, over }) =>
      over === null &&
      (picture ? series.watchId === picture.watch.id : plantId === plant.id) &&
      steps.some(({ doneOn }) => doneOn === on),
  );
}

function runningTemplates(
  day: GardenDay,
  plant: Plant,
  picture: WatchPicture | null,
): ReadonlySet<string | null> {
  const ofSubject = day.books
    .plantBook(plant.id)
    .series.filter(({ watchId }) => watchId === (picture?.watch.id ?? null));
  return new Set(
    ofSubject
      .filter(({ endedOn }) => endedOn === null || endedOn > day.today)
      .map(({ templateId }) => templateId),
  );
}

/** The last spray or hand work of the last days. */
function lastWork(
  day: GardenDay,
  plant: Plant,
  picture: WatchPicture | null,
): { on: CivilDate; first: NonNullable<SeriesScene['first']> } | null {
  const { sprays, handwork } = picture ?? day.books.plantBook(plant.id);
  const since = addDays(day.today, -LATELY_DAYS);
  const lately = <T extends { readonly on: CivilDate }>(work: readonly T[]) =>
    work.findLast(({ on }) => on >= since && on <= day.today);
  const spray = lately(sprays),
    hand = lately(handwork);
  if (spray && (!hand || spray.on >= hand.on)) {
    const materials = [
      ...new Set(spray.parts.map(({ productId }) => day.books.product(productId).materialId)),
    ];
    return { on: spray.on, first: { action: 'spray', hand: null, materials } };
  }
  return hand ? { on: hand.on, first: { action: 'hand', hand: hand.kind, materials: [] } } : null;
}
