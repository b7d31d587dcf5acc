import type { CivilDate } from '#core/calendar';
import { answer, api } from '../api/client.ts';
import { isEarlierMoment } from '../api/at-moment.ts';
import { deviceStore } from './device-store.ts';
import { serverAnswers } from './reach.ts';

/** Whether this device opens without its server, as far as it has shown. */
export type OfflineStanding =
  /** The browser keeps no pages: it does not trust this computer, or cannot. */
  | { readonly kind: 'cannot' }
  /** Its pages are kept, and nobody has opened it without a signal yet. */
  | { readonly kind: 'not-tried' }
  | { readonly kind: 'proven'; readonly on: CivilDate };

/** Kept under this name: the day it was last opened so, and whether the server was told. */
const KEY = 'opened-offline';
interface Opening {
  readonly on: CivilDate;
  readonly told: boolean;
}

const keepsPages = () => 'serviceWorker' in navigator && window.isSecureContext;

export async function offlineStanding(): Promise<OfflineStanding> {
  if (!keepsPages() || !(await pagesAreKept())) return { kind: 'cannot' };
  const opening = await deviceStore.get<Opening>(KEY);
  return opening ? { kind: 'proven', on: opening.on } : { kind: 'not-tried' };
}

/** On a first visit the pages are still being kept; a browser that refuses never gets there. */
const KEEPING_TAKES_MS = 8000;

const pagesAreKept = (): Promise<boolean> =>
  Promise.race([
    navigator.serviceWorker.ready.then(() => true),
    new Promise<boolean>((tell) => {
      setTimeout(() => tell(false), KEEPING_TAKES_MS);
    }),
  ]);

/**
 * Notes an opening that came from the pages kept here while the server did not answer, and tells the server once
 * it does: it is earned by having been done, and by nothing else.
 */
export async function noteOpening(): Promise<void> {
  if (isEarlierMoment || !keepsPages() || !navigator.serviceWorker.controller) return;
  if (await serverAnswers()) return tell();
  await deviceStore.put(KEY, { on: today(), told: false } satisfies Opening);
}

/** Tells the server of an opening it does not know of. */
export async function tell(): Promise<void> {
  const opening = await deviceStore.get<Opening>(KEY);
  if (!opening || opening.told) return;
  await answer(api.door.offline.$put({ json: { on: opening.on } }));
  await deviceStore.put(KEY, { ...opening, told: true } satisfies Opening);
}

const today = (): CivilDate => new Intl.DateTimeFormat('en-CA').format(new Date());
