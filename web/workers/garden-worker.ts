import { expose } from 'comlink';
import { type Entered, packedAnswers, type PackedGarden, withEntered } from '#answers';
import type { CivilDate } from '#core/calendar';
import { deviceStore } from '../outbox/device-store.ts';
import { type Pack, PACK } from '../outbox/pack.ts';

/** What was packed, as long as it is the same pack. */
let pack: Pack | undefined;
async function packOf(packedAtMs: number): Promise<Pack> {
  if (pack?.packedAtMs !== packedAtMs) pack = await deviceStore.get<Pack>(PACK);
  if (!pack) throw new Error('nothing is packed on this device');
  return pack;
}

/** With what was entered since laid over it; the same object until something more is. */
let laidOver:
  { readonly over: PackedGarden; readonly key: string; readonly garden: PackedGarden } | undefined;
function gardenOf(over: PackedGarden, today: CivilDate, entries: readonly Entered[]): PackedGarden {
  const key = JSON.stringify([today, entries]);
  if (laidOver?.over !== over || laidOver.key !== key)
    laidOver = { over, key, garden: withEntered({ ...over, today }, entries) };
  return laidOver.garden;
}

const answersOver = packedAnswers();

const api = {
  /** What the server would answer at an address, from what was packed and entered since. */
  async answer(path: string, packedAtMs: number, today: CivilDate, entries: readonly Entered[]) {
    const garden = gardenOf((await packOf(packedAtMs)).garden, today, entries);
    const response = await answersOver(garden, today).request(path);
    return { status: response.status, body: await response.text() };
  },
};

export type GardenWorker = typeof api;

expose(api);
