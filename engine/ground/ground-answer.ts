import { omit } from 'es-toolkit';
import { type Contact, contactsOf, spotsIn, walkPast } from '#core/ground';
import type { GroundPicture, GroundShape, Plant } from '#core/records';
import type { LevelRange } from '#core/sampling';
import type { GardenDay } from '../garden-day.ts';
import { dueBesideSeries } from '../superseded.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { picturesByPlant, watchPictures } from '../watch-pictures.ts';
import { hostById } from '#knowledge';
import { drawnCrowns, placesStoodIn } from './drawn-crowns.ts';
import { type SeasonWind, seasonWind } from './season-wind.ts';

/** Where a plant is drawn. */
export interface GroundSpot {
  readonly xM: number;
  readonly yM: number;
  readonly turnDeg: number;
  /** Put by the gardener; else the app put a pot somewhere in the room it stands in. */
  readonly isSet: boolean;
}

/** A growing plant as the plan shows it. */
export interface GroundPlant {
  readonly id: string;
  readonly name: string;
  readonly hostName: string;
  readonly placeId: string;
  readonly spreadM: number;
  readonly lengthM: number | null;
  readonly heightM: number;
  readonly outOfReach: boolean;
  /** The record of its spot in this place, where it has one. */
  readonly spotId: string | null;
  /** Null while nobody put it on the plan. */
  readonly spot: GroundSpot | null;
  /** The worst level of its open watches; null where none is counted. */
  readonly level: LevelRange | null;
  readonly watches: readonly GroundWatch[];
  readonly due: 'late' | 'open' | 'soon' | null;
}

export interface GroundWatch {
  readonly id: string;
  readonly targetName: string;
  readonly status: WatchPicture['status'];
  readonly level: LevelRange | null;
  readonly sourcePlantId: string | null;
}

/** Two plants that touch, and who says so. */
export interface GroundContact {
  readonly a: string;
  readonly b: string;
  /** As drawn; null where it was only said. */
  readonly drawn: Omit<Contact, 'a' | 'b'> | null;
  /** Drawn as touching, and said not to. */
  readonly isOverruled: boolean;
}

/** The garden as it is drawn. */
export interface GroundAnswer {
  readonly shapes: readonly GroundShape[];
  readonly pictures: readonly GroundPicture[];
  readonly plants: readonly GroundPlant[];
  readonly contacts: readonly GroundContact[];
  readonly upBearingDeg: number;
  /** Month by month, 1 to 12; null where neither readings nor the gardener tell. */
  readonly winds: readonly (SeasonWind | null)[];
  /** Ids of the plants on the plan in the order of a walk past all of them. */
  readonly walk: readonly string[];
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);

/** Everything the plan shows. */
export function groundAnswer(day: GardenDay): GroundAnswer {
  const { state } = day.books;
  const plants = groundPlants(day);
  return {
    shapes: state.groundShapes,
    pictures: state.groundPictures,
    plants,
    contacts: groundContacts(day),
    upBearingDeg: day.garden.upBearingDeg,
    winds: MONTHS.map((month) => seasonWind(day, [month])),
    walk: walkPastAll(plants, state.groundShapes),
  };
}

function groundPlants(day: GardenDay): GroundPlant[] {
  const { state } = day.books;
  const stands = placesStoodIn(state);
  const spots = spotsOf(day, stands);
  const spotIds = new Map(drawnCrowns(state).map(({ plant, spot }) => [plant.id, spot.id]));
  const due = new Map(
    dueBesideSeries(day)
      .toReversed()
      .map((item) => [item.watchId, item.standing]),
  );
  const byPlant = picturesByPlant(watchPictures(day).filter(({ watch }) => watch.outcome === 'open'));
  return state.plants
    .filter(({ retiredOn }) => retiredOn === null)
    .map((plant): GroundPlant => {
      const open = byPlant.get(plant.id) ?? [];
      const standings = open.map(({ watch }) => due.get(watch.id));
      return {
        id: plant.id,
        name: plant.name,
        hostName: hostById(plant.hostId).name,
        placeId: stands.get(plant.id)!,
        spreadM: plant.spreadM,
        lengthM: plant.lengthM,
        heightM: plant.heightM,
        outOfReach: plant.outOfReach,
        spotId: spotIds.get(plant.id) ?? null,
        spot: spots.get(plant.id) ?? null,
        level: worstOf(open.map(({ level }) => level)),
        watches: open.map(({ watch, targetName, status, level }) => ({
          id: watch.id,
          targetName,
          status,
          level,
          sourcePlantId: watch.sourcePlantId,
        })),
        due: (['late', 'open', 'soon'] as const).find((standing) => standings.includes(standing)) ?? null,
      };
    });
}

function worstOf(levels: readonly (LevelRange | null)[]): LevelRange | null {
  return levels.reduce((worst, level) => (level && level.level > (worst?.level ?? -1) ? level : worst), null);
}

/** Spots the gardener gave, and for the rest that stand in a drawn room one there each. */
function spotsOf(day: GardenDay, stands: ReadonlyMap<string, string>): ReadonlyMap<string, GroundSpot> {
  const { state } = day.books;
  const spots = new Map(
    drawnCrowns(state).map(({ plant, spot: { xM, yM, turnDeg } }): [string, GroundSpot] => [
      plant.id,
      { xM, yM, turnDeg, isSet: true },
    ]),
  );
  for (const room of state.groundShapes) {
    const inRoom = (plant: Plant) =>
      room.placeId !== null &&
      plant.retiredOn === null &&
      stands.get(plant.id) === room.placeId &&
      !spots.has(plant.id);
    const left = state.plants.filter(inRoom);
    spotsIn(room, left.length).forEach((spot, i) => spots.set(left[i]!.id, { ...spot, isSet: false }));
  }
  return spots;
}

function groundContacts({ books }: GardenDay): GroundContact[] {
  const { state } = books;
  const drawn = new Map(
    contactsOf(drawnCrowns(state).map(({ crown }) => crown)).map((contact) => [
      `${contact.a} ${contact.b}`,
      contact,
    ]),
  );
  const isApart = new Set(state.apart.map(([a, b]) => `${a} ${b}`));
  const touching = books.plantBooks.flatMap((book) =>
    book.touching.filter((other) => book.plant.id < other).map((other) => `${book.plant.id} ${other}`),
  );
  return [...new Set([...touching, ...[...drawn.keys()].filter((pair) => isApart.has(pair))])].map((pair) => {
    const [a, b] = pair.split(' ') as [string, string];
    const contact = drawn.get(pair);
    return {
      a,
      b,
      drawn: contact ? omit(contact, ['a', 'b']) : null,
      isOverruled: isApart.has(pair),
    };
  });
}

/** From the house, or the corner of the drawing where there is none. */
function walkPastAll(plants: readonly GroundPlant[], shapes: readonly GroundShape[]): string[] {
  const stops = plants.flatMap(({ id, spot }) => (spot ? [{ id, xM: spot.xM, yM: spot.yM }] : []));
  const house = shapes.find(({ kind }) => kind === 'house');
  return walkPast(stops, house ?? { xM: 0, yM: 0 }).map(({ id }) => id);
}
