import { photoAddress } from '../api/photo-address.ts';
import { journal } from './outbox.ts';

const CACHE = 'juglans-pictures';
const LONGEST_SIDE_PX = 480;
/** Taken along by themselves; more of them when somebody says he goes out. */
export const FEW = 24,
  MANY = 300;

const isKept = () => 'caches' in window;

export interface PicturesHere {
  readonly number: number;
  readonly bytes: number;
}

/** The small pictures kept here. */
export async function picturesHere(): Promise<PicturesHere> {
  if (!isKept()) return { number: 0, bytes: 0 };
  const kept = await caches.open(CACHE);
  const sizes = await Promise.all(
    (await kept.keys()).map(async (request) => (await (await kept.match(request))!.blob()).size),
  );
  return { number: sizes.length, bytes: sizes.reduce((sum, bytes) => sum + bytes, 0) };
}

/** Takes small pictures of photos along, those that are not here yet; stops when told to. */
export async function takePicturesAlong(
  photoIds: readonly string[],
  stop: AbortSignal,
  onTaken: (taken: number) => void = () => undefined,
): Promise<void> {
  if (!isKept()) return;
  const kept = await caches.open(CACHE);
  for (const [i, photoId] of photoIds.entries()) {
    if (stop.aborted) return;
    const address = photoAddress(photoId);
    if (!(await kept.match(address))) {
      const response = await fetch(address, { signal: stop });
      if (response.ok) await kept.put(address, new Response(await small(await response.blob())));
    }
    onTaken(i + 1);
  }
}

async function small(picture: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(picture);
  const shrink = Math.min(1, LONGEST_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * shrink)),
    Math.max(1, Math.round(bitmap.height * shrink)),
  );
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.75 });
}

/** A photo as this device has it: one that waits to be sent, or a small one taken along; null where neither. */
export async function pictureHere(photoId: string): Promise<Blob | null> {
  const waiting = journal.entries().find(({ path, image }) => image && path === `/photos/${photoId}/image`);
  if (waiting) return waiting.image!;
  if (!isKept()) return null;
  const kept = await (await caches.open(CACHE)).match(photoAddress(photoId));
  return kept ? kept.blob() : null;
}

/** Takes them off this device. */
export const forgetPictures = (): Promise<unknown> =>
  isKept() ? caches.delete(CACHE) : Promise.resolve(false);
