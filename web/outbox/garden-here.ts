import { NOT_PACKED } from '#answers';
import { isEarlierMoment } from '../api/at-moment.ts';
import { startWorker, type Working } from '../workers/bridge.ts';
import type { GardenWorker } from '../workers/garden-worker.ts';
import { dayHere } from './day-here.ts';
import { enteredSince } from './outbox.ts';
import { packLabel } from './pack.ts';

let working: Working<GardenWorker> | null = null;

/** What this device answers by itself, and when it packed what it answers from. */
export interface AnsweredHere {
  readonly response: Response;
  readonly packedAtMs: number;
}

/**
 * Works out on this device what the server would answer at an address, from the records it packed and what was
 * entered since. Null where nothing is packed, or only the server knows.
 */
export async function answeredHere(path: string): Promise<AnsweredHere | null> {
  if (isEarlierMoment) return null;
  const label = await packLabel();
  if (!label) return null;
  working ??= startWorker<GardenWorker>(
    () => new Worker(new URL('../workers/garden-worker.ts', import.meta.url), { type: 'module' }),
  );
  const { remote, failed } = working;
  const { day } = dayHere(label, Date.now());
  try {
    const asked = remote.answer(path, label.packedAtMs, day, enteredSince());
    const { status, body } = await Promise.race([asked, failed]);
    if (status === NOT_PACKED) return null;
    const headers = { 'content-type': 'application/json' };
    return { response: new Response(body, { status, headers }), packedAtMs: label.packedAtMs };
  } catch (error) {
    working?.end();
    working = null;
    throw error;
  }
}
