import { keptWhile } from '#core/caches';
import { type CivilDate, daysBetween } from '#core/calendar';
import {
  leafSignsOf,
  leafStanding,
  type LeafQuestion,
  type LeafSign,
  type LeafStanding,
  seasonStages,
  type UsualYear,
  usualYearAt,
  usualYearOf,
} from '#core/plan';
import type { Plant } from '#core/records';
import type { Protocol } from '#core/sampling';
import { placeOn } from '#core/weather';
import { evergreenOf } from '#knowledge';
import type { PlantBook } from './garden-books.ts';
import type { GardenDay } from './garden-day.ts';
import { type GardenWeather, staysOf } from './season-weather.ts';

const standings = keptWhile<GardenWeather, string, PlantBook, LeafStanding>();

/** What a plant wears today, what that rests on, and what to ask where it is not certain. */
export function leavesOf(day: GardenDay, plant: Plant): LeafStanding {
  const book = day.books.plantBook(plant.id);
  return standings(day.weather, plant.id, book, () =>
    leafStanding(
      {
        evergreen: evergreenOf(plant),
        signs: leafSigns(book, day.today),
        year: usualYear(day, book),
        seasonStart: day.start,
      },
      day.today,
    ),
  );
}

/** Counts that are made on leaves that are out. */
const ON_LEAVES: ReadonlySet<Protocol> = new Set(['leaf', 'mined', 'disease', 'spots']);

/** Everything that tells of a plant's leaves up to a day, in order: stages, looks, sprays, counts on leaves. */
export function leafSigns({ growth, sprays, samples }: PlantBook, today: CivilDate): LeafSign[] {
  const sprayed = sprays
    .filter(({ leafState }) => leafState === 'in-leaf')
    .map(({ on }): LeafSign => ({ kind: 'sprayed', on, leafState: 'in-leaf' }));
  const counted = samples
    .filter(({ protocol }) => ON_LEAVES.has(protocol))
    .map(({ on }): LeafSign => ({ kind: 'counted-on-leaves', on, leafState: 'in-leaf' }));
  return [...sprayed, ...counted, ...leafSignsOf(growth)]
    .filter(({ on }) => on <= today)
    .toSorted((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}

/** What to ask before a dose for bare wood: always once the year has turned, unless it was just seen. */
export function bareWoodQuestion({ start, today }: GardenDay, leaves: LeafStanding): LeafQuestion | null {
  if (leaves.basis === 'seen' || leaves.basis === 'nature') return null;
  const bare = leaves.value !== 'in-leaf';
  return leaves.question ?? (bare && daysBetween(start, today) < HALF_A_YEAR ? 'green-yet' : null);
}

/** The southern and the northern year both turn half a year after their season's first day. */
export const HALF_A_YEAR = 182;

const usualYears = keptWhile<GardenWeather, string, PlantBook, UsualYear>();

/** The usual year where a plant stands: by its own years or usual months, else by the calendar. */
export function usualYear(day: GardenDay, book: PlantBook): UsualYear {
  return usualYears(day.weather, book.plant.id, book, () => {
    const { pastSeasons, pastYears } = day.ofPlant(book.plant);
    const stages = pastSeasons.length > 0 ? seasonStages(day.start, pastSeasons) : null;
    const here = placeOn(staysOf(book), day.today);
    const sheltered = day.books.place(here)?.kind !== 'outdoors';
    return (
      (stages && usualYearOf(stages, day.start, pastYears.length > 0 ? 'own-years' : 'usual-months')) ??
      usualYearAt(day.garden.latitudeDeg, sheltered)
    );
  });
}
