import { isEarlierMoment } from '../api/at-moment.ts';
import { journal } from './outbox.ts';
import { lastPackedAt, packedPhotos, packNow } from './pack.ts';
import { FEW, takePicturesAlong } from './pictures-here.ts';

/** No oftener than this: most of it is weather, which changes once a day. */
const LEAST_APART_MS = 120_000;
let later: ReturnType<typeof setTimeout> | undefined;

/** Packs the garden without being told to: at once, or when the last time is long enough ago. */
export function packByItself(): void {
  if (isEarlierMoment) return;
  clearTimeout(later);
  later = setTimeout(() => void packed(), Math.max(0, lastPackedAt() + LEAST_APART_MS - Date.now()));
}

async function packed(): Promise<void> {
  try {
    const label = await packNow(Date.now());
    await journal.packedAt(label.packedAtMs);
    const newest = (await packedPhotos()).slice(0, FEW).map(({ id }) => id);
    await takePicturesAlong(newest, new AbortController().signal);
  } catch {
    // Not now: what was packed before stays, and says how old it is on every page that rests on it.
  }
}
