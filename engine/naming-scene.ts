import { uniqBy } from 'es-toolkit';
import { type CivilDate, daysBetween, hemisphereOf, monthOf, northernMonth, yearOf } from '#core/calendar';
import type { Scene } from '#core/identify';
import type { Plant } from '#core/records';
import { placeOn } from '#core/weather';
import { ingredientsOf, targetById } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { staysOf } from './season-weather.ts';

/** Something in the garden's own records that makes some troubles likelier here. */
export type NamingClue =
  | {
      readonly what: 'sprayed';
      readonly on: CivilDate;
      readonly daysAgo: number;
      /** Highest °C of that day and the two after; null where nobody read it. */
      readonly hottestC: number | null;
      readonly targetIds: readonly string[];
    }
  | {
      readonly what: 'moved-in';
      readonly on: CivilDate;
      readonly placeName: string;
      readonly targetIds: readonly string[];
    }
  | {
      readonly what: 'seen-here';
      readonly year: number;
      readonly plantName: string;
      readonly samePlant: boolean;
      readonly byLab: boolean;
      readonly targetIds: readonly string[];
    };

export interface NamingScene {
  readonly scene: Scene;
  readonly clues: readonly NamingClue[];
}

/** How long after a spray a burn from it shows. */
const BURN_WITHIN_DAYS = 21;
const DAYS_AFTER = 2;
/** From this on oil and sulfur burn (the middle of what schools say). */
const HOT_C = 29;
/** How long after it came in the dry air of a room shows. */
const INDOORS_WITHIN_DAYS = 150;
const INDOOR_TROUBLES = ['mealybug', 'spider-mites', 'brown-soft-scale', 'whitefly'] as const;

/** What each clue is worth, as odds (rule of thumb, grade C). */
const ODDS = {
  sprayedInHeat: 10,
  sprayed: 3,
  movedIn: 2.5,
  samePlant: 4,
  sameGarden: 1.8,
  byLab: 1.5,
} as const;

/**
 * Where and when a plant is looked at, and what the records make likelier on it. A watch that is looked at again
 * is left out: its own name is no evidence for itself.
 */
export function namingScene(
  day: GardenDay,
  plant: Plant,
  seenMonth: number | null = null,
  lookedAtId: string | null = null,
): NamingScene {
  const stays = staysOf(day.books.plantBook(plant.id));
  const place = day.books.place(placeOn(stays, day.today));
  const month = seenMonth ?? monthOf(day.today);
  const told = [...sprayedClues(day, plant), ...movedClues(day, plant), ...seenClues(day, plant, lookedAtId)];
  const leanings: Record<string, number> = {};
  for (const { clue, odds } of told)
    for (const id of clue.targetIds) leanings[id] = Math.max(leanings[id] ?? 1, odds);
  return {
    scene: {
      hostId: plant.hostId,
      month: northernMonth(month, hemisphereOf(day.garden.latitudeDeg)),
      sheltered: place !== undefined && place.kind !== 'outdoors',
      leanings,
    },
    clues: told.map(({ clue }) => clue),
  };
}

interface Told {
  readonly clue: NamingClue;
  readonly odds: number;
}

function sprayedClues(day: GardenDay, plant: Plant): Told[] {
  const burning = day.books
    .plantBook(plant.id)
    .sprays.filter(({ on }) => on <= day.today && daysBetween(on, day.today) <= BURN_WITHIN_DAYS)
    .filter(({ parts }) =>
      parts.some(({ productId }) => {
        const { materialId, containsOil } = day.books.product(productId);
        return ingredientsOf(materialId, containsOil).some((each) =>
          ['oil', 'sulfur', 'lime-sulfur', 'soap', 'copper'].includes(each),
        );
      }),
    )
    .toSorted((a, b) => (a.on < b.on ? 1 : -1));
  const [last] = burning;
  if (!last) return [];
  const temps = day
    .ofPlant(plant)
    .readings.filter(({ date }) => date >= last.on && daysBetween(last.on, date) <= DAYS_AFTER)
    .map(({ maxC }) => maxC);
  if (last.weather) temps.push(last.weather.maxC);
  const hottestC = temps.length === 0 ? null : Math.max(...temps);
  const inHeat = hottestC !== null && hottestC >= HOT_C;
  return [
    {
      clue: {
        what: 'sprayed',
        on: last.on,
        daysAgo: daysBetween(last.on, day.today),
        hottestC,
        targetIds: ['spray-burn', 'spray-residue'],
      },
      odds: inHeat ? ODDS.sprayedInHeat : ODDS.sprayed,
    },
  ];
}

function movedClues(day: GardenDay, plant: Plant): Told[] {
  const moves = day.books
    .plantBook(plant.id)
    .moves.filter(({ movedOn }) => movedOn <= day.today)
    .toSorted((a, b) => (a.movedOn < b.movedOn ? 1 : -1));
  const [last] = moves;
  if (!last || daysBetween(last.movedOn, day.today) > INDOORS_WITHIN_DAYS) return [];
  const place = day.books.place(last.placeId);
  if (!place || place.kind === 'outdoors') return [];
  return [
    {
      clue: { what: 'moved-in', on: last.movedOn, placeName: place.name, targetIds: INDOOR_TROUBLES },
      odds: ODDS.movedIn,
    },
  ];
}

/** What was named in this garden before and can live on this plant, once each: the surest first. */
function seenClues(day: GardenDay, plant: Plant, lookedAtId: string | null): Told[] {
  const clues = day.books.state.watches
    .filter(({ id }) => id !== lookedAtId)
    .filter(
      ({ targetId, outcome, openedOn }) =>
        targetId !== null &&
        outcome !== 'ruled-out' &&
        openedOn <= day.today &&
        livesOn(targetId, plant.hostId),
    )
    .map((watch): Told & { readonly targetId: string } => {
      const samePlant = watch.plantId === plant.id;
      const byLab = watch.namedBy === 'lab';
      return {
        targetId: watch.targetId!,
        clue: {
          what: 'seen-here',
          year: yearOf(watch.openedOn),
          plantName: day.books.plantBook(watch.plantId).plant.name,
          samePlant,
          byLab,
          targetIds: [watch.targetId!],
        },
        odds: (samePlant ? ODDS.samePlant : ODDS.sameGarden) * (byLab ? ODDS.byLab : 1),
      };
    })
    .toSorted((a, b) => b.odds - a.odds);
  return uniqBy(clues, ({ targetId }) => targetId);
}

function livesOn(targetId: string, hostId: string): boolean {
  const { hosts, elsewhere } = targetById(targetId);
  return hosts[hostId] !== undefined || elsewhere !== undefined;
}
