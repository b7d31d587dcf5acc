import type { PackedGarden } from '#answers';
import { API_AT, isEarlierMoment } from '../api/at-moment.ts';
import { deviceStore } from './device-store.ts';

/** The garden as this device took it along. */
export interface Pack {
  readonly build: string;
  readonly packedAtMs: number;
  /** The real time of the computer at home then, less this device's, in ms. */
  readonly aheadMs: number;
  /** Records, in bytes. */
  readonly bytes: number;
  readonly garden: PackedGarden;
}

/** What is told of a pack without opening it. */
export type PackLabel = Omit<Pack, 'garden'>;

export const PACK = 'garden',
  LABEL = 'garden-label';

/** Packed by itself no oftener than this: most of it is weather, which changes once a day. */
const LEAST_APART_MS = 120_000;
let packedAt = -Infinity;
let packing: Promise<PackLabel | null> | null = null;

/** Packs the garden unless that was done just now. */
export function packSometimes(nowMs: number): Promise<PackLabel | null> {
  return nowMs - packedAt < LEAST_APART_MS ? Promise.resolve(null) : packNow(nowMs);
}

/** Packs the garden's records onto this device; null where the server would not tell them. */
export function packNow(nowMs: number): Promise<PackLabel | null> {
  if (isEarlierMoment) return Promise.resolve(null);
  packing ??= pack(nowMs).finally(() => {
    packing = null;
  });
  return packing;
}

async function pack(nowMs: number): Promise<PackLabel | null> {
  packedAt = nowMs;
  // The version is sent along by the browser: what has not changed is not sent again.
  const response = await fetch(`${API_AT}/state`, { cache: 'no-cache' });
  if (!response.ok) return null;
  const text = await response.text();
  const toldAt = Date.parse(response.headers.get('date') ?? '');
  const label: PackLabel = {
    build: __BUILD__,
    packedAtMs: nowMs,
    aheadMs: Number.isNaN(toldAt) ? 0 : toldAt - Date.now(),
    bytes: new Blob([text]).size,
  };
  await deviceStore.put(PACK, { ...label, garden: JSON.parse(text) as PackedGarden } satisfies Pack);
  await deviceStore.put(LABEL, label);
  return label;
}

/** What is packed here; null where nothing is, or an older build of the program packed it. */
export async function packLabel(): Promise<PackLabel | null> {
  const label = await deviceStore.get<PackLabel>(LABEL);
  return label?.build === __BUILD__ ? label : null;
}
