import { keptWith } from '#core/caches';
import {
  addDays,
  type CivilDate,
  daysBetween,
  hemisphereOf,
  seasonStart,
  shiftSeason,
  yearOf,
} from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import { FEWEST_PAST_YEARS, seasonEnsemble, type SeasonEnsemble } from '#core/phenology';
import { seasonStages } from '#core/plan';
import type { Place } from '#core/records';
import {
  completeSeries,
  fillFromNeighbour,
  followPlant,
  generateDays,
  normalsFromTable,
  type Gap,
  offsetDays,
  placeOn,
  type PlacedDay,
  type StandInDay,
  type Stay,
  type WeatherDay,
} from '#core/weather';
import type { PlantBook } from './garden-books.ts';
import type { GardenState } from './garden-state.ts';
import { usualMonths } from './usual-months.ts';

/** How many past seasons are looked through for an ensemble. */
const MOST_PAST_SEASONS = 30;

/** Futures drawn from the usual months where too few years were measured, and where their drawing starts. */
const DRAWN_SEASONS = 40;
const DRAW_SEED = 2011;

/** The temperatures of one season where a plant (or the open garden) stands. */
export interface SeasonWeather {
  readonly start: CivilDate;
  readonly today: CivilDate;
  readonly measured: readonly PlacedDay[];
  /** Days that were read since last season began, whether or not a sum can be made of them. */
  readonly readings: readonly WeatherDay[];
  /** Gaps filled on a straight line. */
  readonly filled: readonly Gap[];
  /** Measured days taken from a station that stands in. */
  readonly stoodInDays: number;
  /** Gaps too long to fill: their days are guessed where the place's possible years are known. */
  readonly refused: readonly Gap[];
  /** Days up to yesterday that nobody measured; the mean of the possible years stands for them. */
  readonly guessedDays: number;
  /** Whose readings they are, where the place has no thermometer of its own; null otherwise. */
  readonly borrowedFrom: string | null;
  /** From today on, as it was told or brought in. */
  readonly forecast: readonly WeatherDay[];
  /** What had been forecast of days that are over, read since or not. */
  readonly foretold: readonly WeatherDay[];
  /** Whole past seasons; drawn from the usual months where fewer than five were measured. */
  readonly pastSeasons: readonly (readonly WeatherDay[])[];
  /** The years they were; empty when they were drawn. */
  readonly pastYears: readonly number[];
  /** Without a cold season published sums of heat mean nothing here: generations run on. */
  readonly hasColdSeason: boolean;
}

/** The weather of every place on one day; what was asked is kept. */
export interface GardenWeather {
  readonly start: CivilDate;
  readonly today: CivilDate;
  ofStays(stays: readonly Stay[]): SeasonWeather;
  ensemble(weather: SeasonWeather, model: DegreeDayModel): SeasonEnsemble;
}

/** What of a state the weather of its places follows from. */
export type WeatherState = Pick<
  GardenState,
  'garden' | 'places' | 'normals' | 'days' | 'forecasts' | 'wetLooks'
>;

export function gardenWeather(state: WeatherState, today: CivilDate): GardenWeather {
  const start = seasonStart(today, hemisphereOf(state.garden.latitudeDeg));
  const places = new Map(state.places.map((place) => [place.id, place]));
  const seriesOf = memo((placeId: string) => placeSeries(state, places.get(placeId), start, today));
  const drawn = lazy(() => drawnSeasons(state, start));
  const weatherOf = memo((key: string) =>
    readSeason(seriesOf, drawn, JSON.parse(key) as Stay[], start, today),
  );
  return {
    start,
    today,
    ofStays: (stays) => weatherOf(JSON.stringify(stays)),
    ensemble: (weather, model) =>
      ensembles(weather, JSON.stringify(model), () =>
        seasonEnsemble({ ...weather, forecast: followsOn(weather), model }),
      ),
  };
}

/** The forecast, where it follows on the last day known or guessed; a hole before it ends the sum. */
export function followsOn({ measured, forecast, today }: SeasonWeather): readonly WeatherDay[] {
  const last = measured.at(-1);
  return last === undefined || last.date === addDays(today, -1) ? forecast : [];
}

const ensembles = keptWith<SeasonWeather, string, SeasonEnsemble>();

/** Where a plant stood: its first place, then its dated moves. */
export function staysOf({ plant, moves }: Pick<PlantBook, 'plant' | 'moves'>): Stay[] {
  return [
    { placeId: plant.placeId, from: '1900-01-01' },
    ...moves.map((move) => ({ placeId: move.placeId, from: move.movedOn })),
  ];
}

interface PlaceSeries {
  readonly byDate: ReadonlyMap<CivilDate, StandInDay>;
  readonly all: readonly StandInDay[];
  readonly forecast: readonly WeatherDay[];
  readonly foretold: readonly WeatherDay[];
  readonly borrowedFrom: string | null;
  /** Days of the open garden as they would be here. */
  offset(seasons: readonly (readonly WeatherDay[])[]): readonly (readonly WeatherDay[])[];
}

/** A place with a thermometer, or one that is near enough in kind to go by. */
type ReadAt = Place & { readonly stationId: string };

/**
 * Where a place's temperatures are read: by its own thermometer, else by that of a place of its kind, and
 * for one without heating by the open garden's. A heated room says nothing of another.
 */
function readAt({ places }: WeatherState, place: Place): ReadAt | undefined {
  const read = (at: Place | undefined) => at && at.stationId !== null && { ...at, stationId: at.stationId };
  const others = places.filter(({ id, stationId }) => id !== place.id && stationId !== null);
  const alike = others.find(({ kind }) => kind === place.kind);
  const open = place.kind === 'cold-house' ? others.find(({ kind }) => kind === 'outdoors') : undefined;
  return read(place) || read(alike) || read(open) || undefined;
}

function placeSeries(
  state: WeatherState,
  place: Place | undefined,
  start: CivilDate,
  today: CivilDate,
): PlaceSeries {
  const source = place && readAt(state, place);
  if (!source)
    return {
      byDate: new Map(),
      all: [],
      forecast: [],
      foretold: [],
      borrowedFrom: null,
      offset: (days) => days,
    };
  const { stationId, minOffsetC, maxOffsetC, standInIds } = source;
  const offset = <Day extends WeatherDay>(days: readonly Day[]) => offsetDays(days, minOffsetC, maxOffsetC);
  const oldest = shiftSeason(start, -MOST_PAST_SEASONS);
  const daysOf = (stationId: string): readonly StandInDay[] =>
    (state.days[stationId] ?? []).filter(({ date }) => date >= oldest && date < today);
  const all = offset(
    standInIds.reduce<readonly StandInDay[]>(
      (days, id) => fillFromNeighbour(days, daysOf(id)),
      daysOf(stationId),
    ),
  );
  const forecasts = offset(state.forecasts[stationId] ?? []);
  return {
    borrowedFrom: source.id === place.id ? null : source.id,
    byDate: new Map(all.map((day) => [day.date, day])),
    all,
    forecast: forecasts.filter(({ date }) => date >= today),
    foretold: forecasts.filter(({ date }) => date < today),
    offset: (seasons) => seasons.map(offset),
  };
}

function readSeason(
  seriesOf: (placeId: string) => PlaceSeries,
  drawn: () => readonly (readonly WeatherDay[])[],
  stays: Stay[],
  start: CivilDate,
  today: CivilDate,
): SeasonWeather {
  const yesterday = addDays(today, -1);
  const daysFrom = (first: CivilDate) =>
    Array.from({ length: Math.max(0, daysBetween(first, today)) }, (_, i) => addDays(first, i));
  const dates = daysFrom(start);
  const byPlace = new Map(stays.map((stay) => [stay.placeId, seriesOf(stay.placeId).byDate]));
  const lived = followPlant(stays, byPlace, dates);
  const { days, across, filled, refused } = completeSeries(lived, start, yesterday);
  const here = seriesOf(placeOn(stays, today));
  const past = pastSeasons(here.all, start);
  const futures =
    past.length >= FEWEST_PAST_YEARS || drawn().length === 0
      ? past.map(({ days }) => days)
      : here.offset(drawn());
  const measured = refused.length > 0 && futures.length > 0 ? withGuesses(across, dates, futures) : days;
  return {
    start,
    today,
    measured,
    readings: followPlant(stays, byPlace, daysFrom(shiftSeason(start, -1))),
    guessedDays: measured.filter(({ guessed }) => guessed).length,
    borrowedFrom: here.borrowedFrom,
    filled,
    refused,
    stoodInDays: measured.filter(({ origin }) => origin === 'neighbour').length,
    forecast: consecutive(here.forecast, today),
    foretold: here.foretold,
    pastSeasons: futures,
    pastYears: futures.length === past.length ? past.map((season) => season.year) : [],
    hasColdSeason: futures.length === 0 || seasonStages(start, futures) !== null,
  };
}

/** Days nobody measured, as the mean of the possible years has them. */
function withGuesses(
  measured: readonly PlacedDay[],
  dates: readonly CivilDate[],
  futures: readonly (readonly WeatherDay[])[],
): PlacedDay[] {
  const byDate = new Map(measured.map((day) => [day.date, day]));
  const mean = (i: number, side: 'minC' | 'maxC') =>
    futures.reduce((sum, season) => sum + season[Math.min(i, season.length - 1)]![side], 0) / futures.length;
  return dates.map(
    (date, i): PlacedDay =>
      byDate.get(date) ?? {
        date,
        minC: mean(i, 'minC'),
        maxC: mean(i, 'maxC'),
        rainMm: null,
        windMs: null,
        origin: 'guessed',
        guessed: true,
      },
  );
}

/** Earlier seasons of a place that are whole, or whole but for gaps short enough to fill. */
function pastSeasons(all: readonly WeatherDay[], start: CivilDate) {
  const oldest = all[0]?.date;
  if (!oldest) return [];
  return Array.from({ length: MOST_PAST_SEASONS }, (_, i) => shiftSeason(start, -(i + 1)))
    .filter((from) => from >= oldest)
    .map((from) => {
      const to = addDays(shiftSeason(from, 1), -1);
      const series = completeSeries(
        all.filter((day) => day.date >= from && day.date <= to),
        from,
        to,
      );
      return { year: yearOf(from), days: series.days, whole: series.refused.length === 0 };
    })
    .filter((season) => season.whole)
    .reverse();
}

/** The leading run of days that follow each other from `from` on. */
function consecutive(days: readonly WeatherDay[], from: CivilDate): WeatherDay[] {
  const firstMissing = days.findIndex((day, i) => day.date !== addDays(from, i));
  return firstMissing < 0 ? [...days] : days.slice(0, firstMissing);
}

/** Years drawn from the usual months, if those are kept; each is one possible season. */
function drawnSeasons(state: WeatherState, start: CivilDate): WeatherDay[][] {
  const usual = usualMonths(state);
  if (!usual) return [];
  const climate = normalsFromTable(usual.months, usual.widthC);
  return Array.from({ length: DRAWN_SEASONS }, (_, i) =>
    generateDays(climate, DRAW_SEED + i, start, addDays(shiftSeason(start, 1), -1)),
  );
}

function lazy<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

function memo<T>(make: (key: string) => T): (key: string) => T {
  const cachedByKey = new Map<string, T>();
  return (key) => {
    if (!cachedByKey.has(key)) cachedByKey.set(key, make(key));
    return cachedByKey.get(key)!;
  };
}
