import { expose } from 'comlink';
import type { CivilDate } from '#core/calendar';
import { bandAnswer, gardenDay, type GardenDay, type GardenState, nowAnswer, watchAnswer } from '#engine';

let last: GardenDay | null = null;

/** The garden on a day; what did not change since the last question is taken over. */
function dayOf(state: GardenState, today: CivilDate): GardenDay {
  return (last = gardenDay(state, today, last));
}

const api = {
  now: (state: GardenState, today: CivilDate) => nowAnswer(dayOf(state, today)),
  band: (state: GardenState, today: CivilDate) => bandAnswer(dayOf(state, today)),
  watch: (state: GardenState, today: CivilDate, watchId: string) =>
    watchAnswer(dayOf(state, today), watchId) ?? null,
};

export type GardenWorker = typeof api;

expose(api);
