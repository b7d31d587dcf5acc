import { addDays, type CivilDate } from '#core/calendar';
import { hardeningOff, movingIn, type MovingInDue, quarantine } from '#core/moving';
import type { Place, Plant } from '#core/records';
import { COLD_LIMITS, coldLimitOf, hostById } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { PlantBook } from '../garden-books.ts';
import { placesStoodIn } from '../ground/drawn-crowns.ts';
import { picturesByPlant, watchPictures } from '../watch-pictures.ts';
import { backBy, type ColdDate, knowsCold, outFrom } from './cold-dates.ts';

/** A pot, where it stands, and when it must move. */
export interface Pot {
  readonly plantId: string;
  readonly plantName: string;
  readonly hostName: string;
  readonly placeId: string;
  readonly isInside: boolean;
  /** The coldest night it bears, °C, and whether its owner said so. */
  readonly leastC: number;
  readonly isOwnLimit: boolean;
  readonly backBy: ColdDate | null;
  readonly outFrom: ColdDate | null;
  /** The room it last wintered in, or the only one there is; null where nobody said. */
  readonly roomId: string | null;
  /** Counted back from the day it must be in, where that is not far off; what runs after it came in. */
  readonly steps: readonly MovingInDue[];
  readonly hardening: ReturnType<typeof hardeningOff>;
  /** It stands inside, and no night is too cold for it for weeks to come. */
  readonly mayStandOut: boolean;
  /** Bought lately: apart from others until it was looked over. */
  readonly quarantine: MovingInDue | null;
  /** What is watched on it. */
  readonly troubles: readonly string[];
}

/** A room and what stands in it. */
export interface Room {
  readonly id: string;
  readonly name: string;
  readonly kind: Place['kind'];
  readonly plants: readonly {
    readonly id: string;
    readonly name: string;
    readonly troubles: readonly string[];
  }[];
}

export interface MovingAnswer {
  readonly pots: readonly Pot[];
  readonly rooms: readonly Room[];
  /** Whether anything tells how cold it gets. */
  readonly knowsCold: boolean;
}

/** Steps show from so many days before a pot must be in. */
const AHEAD_DAYS = 60;
/** One is carried in for the winter from so long before it must be. */
const CARRIED_BEFORE_DAYS = 75;
const WASHES = new Set(['wipe', 'dip', 'jet', 'brush']);

/** Every pot that cannot winter outside here, room by room, with what its moving asks for. */
export function movingAnswer(day: GardenDay): MovingAnswer {
  const { state } = day.books;
  const stands = placesStoodIn(state);
  const byPlant = picturesByPlant(watchPictures(day).filter(({ watch }) => watch.outcome === 'open'));
  const troublesOf = (id: string) => (byPlant.get(id) ?? []).map(({ targetName }) => targetName);
  const growing = day.books.plantBooks.filter(({ plant }) => plant.retiredOn === null);
  const rooms = state.places.map((place): Room => ({
    id: place.id,
    name: place.name,
    kind: place.kind,
    plants: growing
      .filter(({ plant }) => stands.get(plant.id) === place.id)
      .map(({ plant: { id, name } }) => ({ id, name, troubles: troublesOf(id) })),
  }));
  return {
    pots: growing.flatMap(
      (book) => potOf(day, book, stands.get(book.plant.id)!, troublesOf(book.plant.id)) ?? [],
    ),
    rooms,
    knowsCold: knowsCold(day),
  };
}

function potOf(day: GardenDay, book: PlantBook, placeId: string, troubles: readonly string[]): Pot | null {
  const { plant } = book;
  const kindOf = (id: string) => day.books.place(id)?.kind ?? 'outdoors';
  const stood = [plant.placeId, ...book.moves.map((move) => move.placeId)];
  const wasInside = stood.some((id) => kindOf(id) !== 'outdoors');
  const leastC = plant.leastC ?? coldLimitOf(plant.hostId).value;
  const isInside = kindOf(placeId) !== 'outdoors';
  const back = backBy(day, leastC, isInside);
  const bought = boughtOn(book, day.today);
  const isTender = wasInside || (plant.hostId in COLD_LIMITS && back !== null) || plant.leastC !== null;
  if (!isTender && bought === null) return null;
  const looks = looksOf(day, book);
  const hardening = isTender && isInside ? hardeningOf(day, leastC) : [];
  return {
    plantId: plant.id,
    plantName: plant.name,
    hostName: hostById(plant.hostId).name,
    placeId,
    isInside,
    leastC,
    isOwnLimit: plant.leastC !== null,
    backBy: isTender ? back : null,
    outFrom: isTender ? outFrom(day, leastC) : null,
    roomId: roomOf(day, stood),
    steps: isTender && back ? stepsOf(day, book, back, isInside, looks) : [],
    hardening,
    mayStandOut: isTender && isInside && hardening.length === 0 && isWarmSeason(day, leastC, back),
    quarantine: bought === null ? null : quarantine(bought, true, looks, day.today),
    troubles,
  };
}

function stepsOf(
  day: GardenDay,
  { moves, handwork, sprays, care, plant }: PlantBook,
  back: ColdDate,
  isInside: boolean,
  looks: readonly CivilDate[],
): readonly MovingInDue[] {
  const from = addDays(back.on, -CARRIED_BEFORE_DAYS);
  const carriedIn = isInside ? (moves.findLast(({ movedOn }) => movedOn >= from)?.movedOn ?? null) : null;
  // What has stood inside since spring has nothing to do before autumn; what is far off asks for nothing yet.
  if ((isInside && carriedIn === null) || addDays(day.today, AHEAD_DAYS) < back.on) return [];
  const washes = [
    ...handwork.filter(({ kind }) => WASHES.has(kind)),
    ...sprays,
    ...care.filter(({ kind }) => kind === 'washed'),
  ]
    .map(({ on }) => on)
    .filter((on) => on <= day.today)
    .sort();
  return plant.outOfReach ? [] : movingIn(back.on, { looks, washes, carriedIn }, day.today);
}

/** In spring, until it stood out for a while. */
function hardeningOf(day: GardenDay, leastC: number): ReturnType<typeof hardeningOff> {
  const out = outFrom(day, leastC);
  if (!out || addDays(day.today, AHEAD_DAYS / 2) < out.on) return [];
  const steps = hardeningOff(out.on);
  return day.today > steps.at(-1)!.to ? [] : steps;
}

/** Nights are warm enough, and the next that is not lies farther ahead than a pot's way in begins. */
function isWarmSeason(day: GardenDay, leastC: number, back: ColdDate | null): boolean {
  const out = outFrom(day, leastC);
  if (!out || !back || addDays(day.today, AHEAD_DAYS) >= back.on) return false;
  return out.on <= day.today || out.on > back.on;
}

/** Days it was looked over or counted, whatever was found. */
function looksOf(day: GardenDay, { plant, care, watches, samples }: PlantBook): CivilDate[] {
  const ids = new Set(watches.map(({ id }) => id));
  const { inspections, spreadLooks } = day.books.state;
  return [
    ...care.filter(({ kind }) => kind === 'looked-over'),
    ...samples,
    ...inspections.filter(({ watchId }) => ids.has(watchId)),
    ...spreadLooks.filter(({ plantId }) => plantId === plant.id),
  ]
    .map(({ on }) => on)
    .filter((on) => on <= day.today)
    .sort();
}

/** Bought within the last two months. */
function boughtOn({ care }: PlantBook, today: CivilDate): CivilDate | null {
  return (
    care.findLast(({ kind, on }) => kind === 'bought' && on <= today && addDays(on, AHEAD_DAYS) >= today)
      ?.on ?? null
  );
}

function roomOf(day: GardenDay, stood: readonly Plant['placeId'][]): string | null {
  const rooms = day.books.state.places.filter(({ kind }) => kind !== 'outdoors');
  const last = stood.findLast((id) => rooms.some((room) => room.id === id));
  return last ?? (rooms.length === 1 ? rooms[0]!.id : null);
}
