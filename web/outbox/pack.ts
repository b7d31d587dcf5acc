import { PACK_SHAPE, type PackedGarden } from '#answers';
import type { CivilDate } from '#core/calendar';
import type { Photo } from '#core/records';
import { API_AT } from '../api/at-moment.ts';
import { deviceStore } from './device-store.ts';

/** The garden as this device took it along. */
export interface Pack {
  readonly shape: number;
  readonly packedAtMs: number;
  /** The real time of the computer at home then, less this device's, in ms. */
  readonly aheadMs: number;
  /** Records, in bytes. */
  readonly bytes: number;
  /** The garden's day then, by the computer at home, and the zone its days are in. */
  readonly today: CivilDate;
  readonly timeZone: string;
  /** The made-up garden's day is stepped and not the calendar's. */
  readonly stepped: boolean;
  readonly garden: PackedGarden;
}

/** What is told of a pack without opening it. */
export type PackLabel = Omit<Pack, 'garden'>;

/** The photos that were packed with the records, newest first. */
export async function packedPhotos(): Promise<readonly Photo[]> {
  const pack = await deviceStore.get<Pack>(PACK);
  return pack?.garden.beside.photos.toSorted((a, b) => (a.takenOn < b.takenOn ? 1 : -1)) ?? [];
}

export const PACK = 'garden',
  LABEL = 'garden-label';

let packedAt = -Infinity;
let packing: Promise<PackLabel> | null = null;

/** When this page packed last, ms since 1970; never is before all time. */
export const lastPackedAt = (): number => packedAt;

/**
 * Packs the garden's records onto this device.
 * @throws Error where home cannot be reached or does not tell them, or the browser keeps nothing
 */
export function packNow(nowMs: number): Promise<PackLabel> {
  packing ??= pack(nowMs).finally(() => {
    packing = null;
  });
  return packing;
}

async function pack(nowMs: number): Promise<PackLabel> {
  const unreached = () => {
    throw new Error('home cannot be reached from here.');
  };
  // The version is sent along by the browser: what has not changed is not sent again.
  const response = await fetch(`${API_AT}/state`, { cache: 'no-cache' }).catch(unreached);
  if (!response.ok) throw new Error('the computer at home does not tell its records now.');
  const text = await response.text().catch(unreached);
  const garden = JSON.parse(text) as PackedGarden;
  const label: PackLabel = {
    shape: PACK_SHAPE,
    packedAtMs: nowMs,
    aheadMs: await aheadOfHere().catch(unreached),
    bytes: new Blob([text]).size,
    today: garden.today,
    timeZone: garden.state.garden.timeZone,
    stepped: garden.stepped,
  };
  const isKept =
    (await deviceStore.put(PACK, { ...label, garden } satisfies Pack)) &&
    (await deviceStore.put(LABEL, label));
  if (!isKept) throw new Error('this browser keeps nothing here: it has no room, or is not allowed to.');
  packedAt = nowMs;
  return label;
}

/** The clock at home less this device's, ms; what the way takes is far less than what matters. */
async function aheadOfHere(): Promise<number> {
  const { headers } = await fetch('/api/health', { cache: 'no-store' });
  const toldAt = Date.parse(headers.get('date') ?? '');
  return Number.isNaN(toldAt) ? 0 : toldAt - Date.now();
}

/** What is packed here; null where nothing is, or a program that keeps other records packed it. */
export async function packLabel(): Promise<PackLabel | null> {
  const label = await deviceStore.get<PackLabel>(LABEL);
  return label?.shape === PACK_SHAPE ? label : null;
}
