import type { Remote } from 'comlink';
import type { CivilDate } from '#core/calendar';
import { type GardenState, isEnteredList, withoutRecord, withRecord } from '#engine';
import { API_AT, isEarlierMoment } from '../api/at-moment.ts';
import { startWorker, type Working } from '../workers/bridge.ts';
import type { GardenWorker } from '../workers/garden-worker.ts';
import { deviceStore } from './kept-answers.ts';
import { type Entry, waitingEntries } from './outbox.ts';

/** The garden's records as the server last told them, kept on this device. */
export interface KeptGarden {
  readonly state: GardenState;
  readonly today: CivilDate;
  /** The made-up garden's day is stepped and not the calendar's. */
  readonly stepped: boolean;
}

const KEY = 'garden';
/** Asked for no oftener than this: most of it is weather, which changes once a day. */
const LEAST_APART_MS = 15_000;
let askedAt = -Infinity;

/** Keeps the garden's records beside the answers, so that they can be answered from without the server. */
export async function keepGarden(nowMs: number): Promise<void> {
  if (isEarlierMoment || nowMs - askedAt < LEAST_APART_MS) return;
  askedAt = nowMs;
  // The version is sent along by the browser: what has not changed is not sent again.
  const response = await fetch(`${API_AT}/state`, { cache: 'no-cache' });
  if (response.ok) await deviceStore.put(KEY, (await response.json()) as KeptGarden);
}

let working: Working<GardenWorker> | null = null;

/**
 * Works an answer out on this device for its own day, from the records as last told and what was entered since.
 * Null where no records are kept.
 */
export async function answeredHere<Answer>(
  ask: (engine: Remote<GardenWorker>, garden: KeptGarden) => Promise<Answer>,
): Promise<Answer | null> {
  if (isEarlierMoment) return null;
  const kept = await deviceStore.get<KeptGarden>(KEY);
  if (!kept) return null;
  working ??= startWorker<GardenWorker>(
    () => new Worker(new URL('../workers/garden-worker.ts', import.meta.url), { type: 'module' }),
  );
  const garden = { ...kept, state: withEntered(kept.state, waitingEntries()), today: todayOf(kept) };
  const { remote, failed } = working;
  return Promise.race([ask(remote, garden), failed]).catch((error: unknown) => {
    working?.end();
    working = null;
    throw error;
  });
}

/** The day in the garden's own zone. */
function todayOf({ state, today, stepped }: KeptGarden): CivilDate {
  if (stepped) return today;
  return new Intl.DateTimeFormat('en-CA', { timeZone: state.garden.timeZone }).format(new Date());
}

/** The records with what waits to be sent laid over them, in the order it was entered. */
export function withEntered(state: GardenState, entries: readonly Entry[]): GardenState {
  return entries.reduce((so, { method, path, json }) => {
    const [, list = '', id = ''] = path.split('/');
    if (!isEnteredList(list)) return so;
    if (method === 'DELETE') return withoutRecord(so, list, id);
    return json === undefined ? so : withRecord(so, list, JSON.parse(json) as { id: string });
  }, state);
}
