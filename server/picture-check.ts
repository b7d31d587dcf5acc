import { imageSize } from 'image-size';
import { Problem } from '#answers';

/** The most a picture may take, in bytes and along a side; the interface shrinks far below it. */
export const MOST_PICTURE_BYTES = 8_000_000;
const LONGEST_SIDE_PX = 6000;

/** The kinds taken, by what their first bytes say, and how a whole one ends. */
const KINDS: Readonly<
  Record<string, { readonly mediaType: string; readonly isWhole: (bytes: Buffer) => boolean }>
> = {
  jpg: {
    mediaType: 'image/jpeg',
    isWhole: (bytes) => bytes.subarray(-64).includes(Buffer.from([0xff, 0xd9])),
  },
  png: { mediaType: 'image/png', isWhole: (bytes) => bytes.subarray(-12).includes(Buffer.from('IEND')) },
  webp: { mediaType: 'image/webp', isWhole: (bytes) => bytes.readUInt32LE(4) + 8 <= bytes.length },
};

export interface CheckedPicture {
  readonly mediaType: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Looks at a picture's own bytes, never at its name or what it claims to be.
 * @throws Problem 422 for what is no JPEG, PNG or WebP, is cut short, or is far too large.
 */
export function checkPicture(bytes: Buffer): CheckedPicture {
  if (bytes.length > MOST_PICTURE_BYTES) throw pictureProblem('is larger than 8 MB');
  const size = sizeOf(bytes);
  const kind = KINDS[size?.type ?? ''];
  if (!size || !kind) throw pictureProblem('is not a JPEG, PNG or WebP picture');
  if (!kind.isWhole(bytes)) throw pictureProblem('is cut short: the file is damaged');
  if (!(size.width > 0 && size.height > 0) || Math.max(size.width, size.height) > LONGEST_SIDE_PX)
    throw pictureProblem(`is more than ${LONGEST_SIDE_PX} pixels along a side`);
  return { mediaType: kind.mediaType, widthPx: size.width, heightPx: size.height };
}

function sizeOf(bytes: Buffer) {
  try {
    return imageSize(bytes);
  } catch {
    return null;
  }
}

export function pictureProblem(message: string): Problem {
  return new Problem(422, `The picture ${message}. It was not kept.`, [{ path: ['image'], message }]);
}
