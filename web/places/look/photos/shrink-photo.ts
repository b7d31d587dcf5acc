import type { CivilDate } from '#core/calendar';

const LONGEST_SIDE_PX = 1600;
const MOST_FILE_BYTES = 40_000_000;
/** Tried in turn until the picture is small enough to send over a garden's Wi-Fi. */
const QUALITIES = [0.85, 0.7, 0.55];
const ENOUGH_BYTES = 1_000_000;

export interface ShrunkPhoto {
  readonly image: Blob;
  /** Day by the camera's own clock; null when the file does not say. */
  readonly takenOn: CivilDate | null;
}

/** Why a file was not taken, in words for the person who chose it. */
export class PhotoRefused extends Error {
  override readonly name = 'PhotoRefused';
}

/**
 * Reads a picture file and draws it anew as a JPEG of at most 1600 pixels a side. What else the
 * file held, the place it was taken among it, stays on the device.
 * @throws PhotoRefused for what is no picture this browser can open, or is far too large.
 */
export async function shrinkPhoto(file: File): Promise<ShrunkPhoto> {
  if (file.size > MOST_FILE_BYTES) throw new PhotoRefused(`${file.name} is larger than 40 MB.`);
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new PhotoRefused(
      `${file.name} cannot be opened as a picture: it is damaged, or of a kind this browser does not know.`,
    );
  });
  const shrink = Math.min(1, LONGEST_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * shrink));
  canvas.height = Math.max(1, Math.round(bitmap.height * shrink));
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return { image: await smallEnough(canvas), takenOn: await dayTaken(file) };
}

async function smallEnough(canvas: HTMLCanvasElement): Promise<Blob> {
  let image: Blob | null = null;
  for (const quality of QUALITIES) {
    image = await new Promise<Blob | null>((done) => {
      canvas.toBlob(done, 'image/jpeg', quality);
    });
    if (image && image.size <= ENOUGH_BYTES) break;
  }
  if (!image) throw new PhotoRefused('This browser could not shrink the picture.');
  return image;
}

async function dayTaken(file: File): Promise<CivilDate | null> {
  const { default: exifr } = await import('exifr');
  const tags = (await exifr
    .parse(file, { pick: ['DateTimeOriginal'], reviveValues: false })
    .catch(() => null)) as { DateTimeOriginal?: unknown } | null;
  // The camera's own clock, "2026:05:29 10:15:00", without a time zone.
  const parts = /^(\d{4}):(\d{2}):(\d{2})/.exec(String(tags?.DateTimeOriginal ?? ''));
  return parts ? `${parts[1]}-${parts[2]}-${parts[3]}` : null;
}
