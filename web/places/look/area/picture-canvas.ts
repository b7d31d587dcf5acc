import type { Pixels } from '#core/picture';

/** More pixels cost time and change the share of area by less than the light does. */
const LONGEST_SIDE_PX = 640;

/** A picture's pixels, shrunk for measuring. */
export async function readPixels(address: string): Promise<Pixels> {
  const response = await fetch(address);
  if (!response.ok) throw new Error('the picture could not be read');
  const bitmap = await createImageBitmap(await response.blob());
  const shrink = Math.min(1, LONGEST_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * shrink);
  canvas.height = Math.round(bitmap.height * shrink);
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const { data, width, height } = pen.getImageData(0, 0, canvas.width, canvas.height);
  return { data, width, height };
}

/** Red for the affected part: told from sound leaf by the stripes too, so that it reads without colour. */
const AFFECTED = [214, 40, 40] as const;
const STRIPE_PX = 4;
/** The ground is paled, so that the leaf's outline shows. */
const PALED = 0.45;

/** Draws the picture with the ground paled and the affected part striped. */
export function drawMask(
  canvas: HTMLCanvasElement,
  { data, width, height }: Pixels,
  leaf: Uint8Array,
  affected: Uint8Array,
): void {
  canvas.width = width;
  canvas.height = height;
  const shown = new ImageData(new Uint8ClampedArray(data), width, height);
  for (let pixel = 0; pixel < leaf.length; pixel++) {
    const at = 4 * pixel;
    const stripe =
      affected[pixel] === 1 && ((pixel % width) + Math.floor(pixel / width)) % STRIPE_PX < STRIPE_PX / 2;
    for (let band = 0; band < 3; band++) {
      if (leaf[pixel] === 0) shown.data[at + band] = data[at + band]! * PALED + 255 * (1 - PALED);
      else if (stripe) shown.data[at + band] = AFFECTED[band]!;
    }
  }
  canvas.getContext('2d')!.putImageData(shown, 0, 0);
}
