import { Hono } from 'hono';
import type { CivilDate } from '#core/calendar';
import type { Guess, OwnRecipe, Photo, Reading, Round, Stop, Wait } from '#core/records';
import { gardenDay, type GardenDay, type GardenState } from '#engine';
import type { AnswersFrom, StationSummary } from './answers-from.ts';
import { gardenAnswers } from './garden-answers.ts';
import { Problem, problemResponse } from './problem.ts';

/** Records no judgement rests on, as they are taken along. */
export interface PackedBeside {
  readonly stations: readonly StationSummary[];
  readonly readings: readonly Reading[];
  readonly rounds: readonly Round[];
  readonly stops: readonly Stop[];
  readonly photos: readonly Photo[];
  readonly guesses: readonly Guess[];
  readonly recipes: readonly OwnRecipe[];
  readonly waits: readonly Wait[];
}

/** A garden's records as a device takes them along, to answer from where the server cannot be reached. */
export interface PackedGarden {
  readonly state: GardenState;
  readonly beside: PackedBeside;
  /** The garden's day when it was packed. */
  readonly today: CivilDate;
  /** The made-up garden's day is stepped and not the calendar's. */
  readonly stepped: boolean;
}

/** Counts up with every change to what a packed record holds: an earlier pack is not read as a later one. */
export const PACK_SHAPE = 6;

/** What is said of an address that only the server answers. */
export const NOT_PACKED = 501;

/** Answers the questions about a garden from what was packed, as of a day, as the server would. */
export function packedAnswers() {
  let last: GardenDay | null = null;
  return ({ state, beside, stepped }: PackedGarden, today: CivilDate) => {
    const from: AnswersFrom = {
      day: () => (last = gardenDay(state, today, last)),
      beside: {
        stations: () => beside.stations,
        readings: (stationId) => beside.readings.filter((reading) => reading.stationId === stationId),
        rounds: () => beside.rounds,
        stops: (roundId) => beside.stops.filter((stop) => stop.roundId === roundId),
        photos: () => beside.photos,
        guesses: () => beside.guesses,
        recipes: () => beside.recipes,
        waits: () => beside.waits,
      },
      keeping: () => ({ backupTrouble: null, ahead: null, calendarAddress: null }),
    };
    return new Hono()
      .get('/garden', (c) => c.json({ garden: state.garden, today, demo: stepped, canStep: false }))
      .route('/', gardenAnswers(from))
      .notFound((c) => c.body(null, NOT_PACKED))
      .onError((error, c) => {
        if (error instanceof Problem) return problemResponse(c, error);
        throw error;
      });
  };
}
