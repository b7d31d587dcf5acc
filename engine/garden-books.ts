import { groupBy } from 'es-toolkit';
import type {
  Care,
  Device,
  Garden,
  Growth,
  Handwork,
  Inspection,
  Move,
  Place,
  Plant,
  ProductRecord,
  Sample,
  Series,
  Tick,
  Sighting,
  Tag,
  Tape,
  Trap,
  Watch,
  WatchClock,
  SeasonPlan,
} from '#core/records';
import { handworkCountsFor, sprayCountsFor } from './counts-for.ts';
import type { GardenState, LoggedSpray } from './garden-state.ts';
import { touchingPlants } from './ground/touching.ts';

/** Everything recorded of one plant, under whichever of its watches. */
export interface PlantBook {
  readonly plant: Plant;
  readonly moves: readonly Move[];
  readonly growth: readonly Growth[];
  readonly care: readonly Care[];
  /** Ids of the plants that touch it, by the plan and what was said. */
  readonly touching: readonly string[];
  readonly watches: readonly Watch[];
  readonly sprays: readonly LoggedSpray[];
  readonly samples: readonly Sample[];
  /** Hand work on it, for a watch of it or for the plant. */
  readonly handwork: readonly Handwork[];
  readonly series: readonly Series[];
  readonly marks: readonly Tick[];
}

/** Everything recorded of one watch, and what a judgement about it may rest on besides. */
export interface WatchBook {
  readonly watch: Watch;
  readonly plantBook: PlantBook;
  readonly clock: WatchClock | null;
  readonly seasonPlan: SeasonPlan | null;
  readonly inspections: readonly Inspection[];
  readonly samples: readonly Sample[];
  readonly tapes: readonly Tape[];
  readonly traps: readonly Trap[];
  readonly devices: readonly Device[];
  readonly tags: readonly Tag[];
  readonly sightings: readonly Sighting[];
  /** Aimed at it, or put on its plant for no trouble of its own with something that reaches it. */
  readonly sprays: readonly LoggedSpray[];
  /** For it, or for everything on its plant. */
  readonly handwork: readonly Handwork[];
  readonly series: readonly Series[];
  readonly marks: readonly Tick[];
  readonly garden: Garden;
  readonly products: readonly ProductRecord[];
}

/** The state of a garden, opened where one looks. */
export interface GardenBooks {
  readonly state: GardenState;
  readonly plantBooks: readonly PlantBook[];
  readonly watchBooks: readonly WatchBook[];
  /** @throws RangeError for an id that is not in the state: its records refer to each other. */
  plantBook(id: string): PlantBook;
  watchBook(id: string): WatchBook | undefined;
  place(id: string): Place | undefined;
  /** @throws RangeError as above. */
  product(id: string): ProductRecord;
}

/**
 * Opens a state for looking things up. Books of the state `before` that say the same now are the same
 * objects again, so that what was worked out from them can be kept.
 */
export function openBooks(state: GardenState, before: GardenBooks | null = null): GardenBooks {
  const plantBooks = booksOfPlants(state, before);
  const plantById = new Map(plantBooks.map((book) => [book.plant.id, book]));
  const watchBooks = booksOfWatches(state, (id) => orThrow(plantById.get(id), 'plant', id), before);
  const watchById = new Map(watchBooks.map((book) => [book.watch.id, book]));
  const places = new Map(state.places.map((place) => [place.id, place]));
  const products = new Map(state.products.map((product) => [product.id, product]));
  return {
    state,
    plantBooks,
    watchBooks,
    plantBook: (id) => orThrow(plantById.get(id), 'plant', id),
    watchBook: (id) => watchById.get(id),
    place: (id) => places.get(id),
    product: (id) => orThrow(products.get(id), 'product', id),
  };
}

const ofPlant = ({ plantId }: { readonly plantId: string }) => plantId;
const ofWatch = ({ watchId }: { readonly watchId: string }) => watchId;
const ofSeries = ({ seriesId }: { readonly seriesId: string }) => seriesId;

function booksOfPlants(state: GardenState, before: GardenBooks | null): PlantBook[] {
  const plantOfWatch = new Map(state.watches.map(({ id, plantId }) => [id, plantId]));
  const ofItsWatch = ({ watchId }: { readonly watchId: string }) => plantOfWatch.get(watchId)!;
  const ofEither = ({ watchId, plantId }: Pick<Handwork, 'watchId' | 'plantId'>) =>
    plantId ?? plantOfWatch.get(watchId!)!;
  const earlier = new Map(before?.plantBooks.map((book) => [book.plant.id, book]));
  const moves = groupBy(state.moves, ofPlant),
    growth = groupBy(state.growth, ofPlant),
    care = groupBy(state.care, ofPlant),
    watches = groupBy(state.watches, ofPlant),
    sprays = groupBy(state.sprays, ofEither),
    samples = groupBy(state.samples, ofItsWatch),
    handwork = groupBy(state.handwork, ofEither),
    series = groupBy(
      state.series.filter(({ watchId, plantId }) => watchId ?? plantId),
      ofEither,
    ),
    marks = groupBy(state.ticks, ofSeries),
    touching = groupBy(
      touchingPlants(state).flatMap(([a, b]) => [
        { plantId: a, other: b },
        { plantId: b, other: a },
      ]),
      ofPlant,
    );
  return state.plants.map((plant) =>
    asBefore(earlier.get(plant.id), {
      plant,
      moves: moves[plant.id] ?? NONE,
      growth: growth[plant.id] ?? NONE,
      care: care[plant.id] ?? NONE,
      touching: (touching[plant.id] ?? NONE).map(({ other }) => other).sort(),
      watches: watches[plant.id] ?? NONE,
      sprays: sprays[plant.id] ?? NONE,
      samples: samples[plant.id] ?? NONE,
      handwork: handwork[plant.id] ?? NONE,
      series: series[plant.id] ?? NONE,
      marks: (series[plant.id] ?? NONE).flatMap(({ id }) => marks[id] ?? NONE),
    }),
  );
}

function booksOfWatches(
  state: GardenState,
  plantBook: (id: string) => PlantBook,
  before: GardenBooks | null,
): WatchBook[] {
  const earlier = new Map(before?.watchBooks.map((book) => [book.watch.id, book]));
  const clocks = new Map(state.clocks.map((clock) => [clock.id, clock]));
  const seasonPlans = new Map(state.seasonPlans.map((plan) => [plan.id, plan]));
  const inspections = groupBy(state.inspections, ofWatch),
    samples = groupBy(state.samples, ofWatch),
    tapes = groupBy(state.tapes, ofWatch),
    traps = groupBy(state.traps, ofWatch),
    devices = groupBy(state.devices, ofWatch),
    tags = groupBy(state.tags, ofWatch),
    sightings = groupBy(state.sightings, ofWatch),
    products = new Map(state.products.map((product) => [product.id, product]));
  return state.watches.map((watch) => {
    const ofItsPlant = plantBook(watch.plantId);
    const { sprays, handwork, series, marks } = ofItsPlant;
    const itsSeries = series.filter(({ watchId }) => watchId === watch.id);
    return asBefore(earlier.get(watch.id), {
      watch,
      plantBook: ofItsPlant,
      clock: clocks.get(watch.id) ?? null,
      seasonPlan: seasonPlans.get(watch.id) ?? null,
      inspections: inspections[watch.id] ?? NONE,
      samples: samples[watch.id] ?? NONE,
      tapes: tapes[watch.id] ?? NONE,
      traps: traps[watch.id] ?? NONE,
      devices: devices[watch.id] ?? NONE,
      tags: tags[watch.id] ?? NONE,
      sightings: sightings[watch.id] ?? NONE,
      sprays: sprays.filter((spray) => sprayCountsFor(spray, watch, (id) => products.get(id))),
      handwork: handwork.filter((work) => handworkCountsFor(work, watch)),
      series: itsSeries,
      marks: marks.filter(({ seriesId }) => itsSeries.some(({ id }) => id === seriesId)),
      garden: state.garden,
      products: state.products,
    });
  });
}

const NONE: never[] = [];

/** The book there was, when it says the same: its records are the same objects, list by list. */
function asBefore<Book extends object>(earlier: Book | undefined, now: Book): Book {
  if (!earlier) return now;
  const same = (Object.keys(now) as (keyof Book)[]).every((key) => sameList(earlier[key], now[key]));
  return same ? earlier : now;
}

function sameList(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((item, i) => item === b[i]);
}

function orThrow<T>(book: T | undefined, what: string, id: string): T {
  if (book === undefined) throw new RangeError(`there is no ${what} ${id} in the state`);
  return book;
}
