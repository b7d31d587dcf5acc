import { journal } from './outbox.ts';
import { packedPhotos, packSometimes } from './pack.ts';
import { FEW, takePicturesAlong } from './pictures-here.ts';

/** Packs the garden while home can be reached, without being told to; where that fails what was packed stays. */
export async function packByItself(): Promise<void> {
  try {
    const label = await packSometimes(Date.now());
    if (!label) return;
    await journal.packedAt(label.packedAtMs);
    const newest = (await packedPhotos()).slice(0, FEW).map(({ id }) => id);
    await takePicturesAlong(newest, new AbortController().signal);
  } catch {
    // Another time: the page goes on without.
  }
}
