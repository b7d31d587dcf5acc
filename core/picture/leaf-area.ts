import { roundedOut, withoutRim } from './outline.ts';
import { brightness, chroma, excessGreen, type Pixels } from './pixels.ts';
import { largestRegion, regionsFrom } from './regions.ts';

/** What makes a picture unfit to measure, or doubtful. */
export type PictureDoubt = 'no-leaf' | 'touches-edge' | 'too-dark' | 'too-bright' | 'out-of-focus';

export interface FoundLeaf {
  /** 1 on the leaf, 0 elsewhere, pixel by pixel. */
  readonly mask: Uint8Array;
  readonly leafPixels: number;
  /** How green its sound part is, as excess green. */
  readonly soundGreen: number;
  readonly doubts: readonly PictureDoubt[];
}

/** The outline as it is found, or rounded out to a convex one. */
export type Outline = 'found' | 'rounded';

/** Steps of finding a leaf, for showing progress. */
export const FIND_STEPS = 4;

/**
 * Smallest difference of colour from the ground that counts as leaf, in shares of light; paper and its
 * shadows stay below.
 */
const LEAST_CHROMA_DIFFERENCE = 0.025;
/** Pale damage differs less from the ground than the split between leaf and ground would ask. */
const OF_OTSU = 0.6;
/** Smaller pieces are crumbs on the paper, as a share of the picture. */
const LEAST_PIECE_SHARE = 0.002;
/** The rim left out, as a share of the picture's width. */
const RIM_SHARE = 0.006;
/** A leaf covers at least this share of the picture. */
const LEAST_LEAF_SHARE = 0.02;
const DARK = 45;
const BRIGHT = 250;
const MOST_CLIPPED = 0.15;
/** Steepest step at the leaf's edge over the whole step, a pixel: about 1 when sharp. */
const SHARP_FROM = 0.17;
/** A leaf's sound part is at least this green; below it the ground or the light is wrong. */
const SOUND_QUANTILE = 0.92;

/**
 * Finds the one leaf on a plain ground: what differs in colour from the picture's edge, its largest
 * piece, holes filled. Colour is taken without brightness, so that a shadow on the paper is not leaf.
 * White damage at the very edge of a leaf on white paper cannot be told from the paper: rounding the
 * outline out takes it in, and with it the bays of a lobed leaf. A thin rim, where leaf and ground
 * mix, is left out of the area.
 * `onStep` is called before each of the {@link FIND_STEPS} steps.
 */
export function findLeaf(
  pixels: Pixels,
  outline: Outline = 'found',
  onStep: (step: number) => void = () => undefined,
): FoundLeaf {
  const { width, height } = pixels;
  onStep(0);
  const ground = groundChroma(pixels);
  const differs = new Float32Array(width * height);
  for (let pixel = 0; pixel < differs.length; pixel++) {
    const [red, green] = chroma(pixels, pixel);
    differs[pixel] = Math.hypot(red - ground[0], green - ground[1]);
  }
  onStep(1);
  const from = Math.max(LEAST_CHROMA_DIFFERENCE, otsu(differs) * OF_OTSU);
  const unlike = differs.map((value) => (value > from ? 1 : 0));
  const region = largestRegion(unlike, width, height);
  // Pale mines can cut a leaf in pieces: rounding out takes in every piece, but no crumb.
  const whole =
    outline === 'rounded'
      ? roundedOut(regionsFrom(unlike.length * LEAST_PIECE_SHARE, unlike, width, height), width, height)
      : region;
  const mask = withoutRim(whole, width, height, Math.max(1, Math.round(width * RIM_SHARE)));
  onStep(2);
  const greens = new Float64Array(mask.reduce((sum, on) => sum + on, 0));
  for (let pixel = 0, i = 0; pixel < mask.length; pixel++)
    if (mask[pixel] === 1) greens[i++] = excessGreen(pixels, pixel);
  const leafPixels = greens.length;
  const soundGreen = leafPixels > 0 ? greens.sort()[Math.floor((leafPixels - 1) * SOUND_QUANTILE)]! : 0;
  onStep(3);
  return { mask, leafPixels, soundGreen, doubts: doubtsOf(pixels, whole, leafPixels, soundGreen) };
}

export interface AffectedArea {
  /** Share of the leaf's area that is less green than asked for, in per cent. */
  readonly percent: number;
  /** 1 where affected. */
  readonly mask: Uint8Array;
}

/** Half as green as the sound part counts as affected, unless the person says otherwise. */
export const USUAL_GREENNESS = 0.5;

/**
 * The part of a found leaf that is less than `greenness` (0–1) as green as its sound part: brown,
 * rusty, yellow or white.
 */
export function affectedArea(
  pixels: Pixels,
  { mask, leafPixels, soundGreen }: FoundLeaf,
  greenness: number,
): AffectedArea {
  const limit = greenness * soundGreen;
  const affected = mask.map((on, pixel) => (on === 1 && excessGreen(pixels, pixel) < limit ? 1 : 0));
  const count = affected.reduce((sum, cell) => sum + cell, 0);
  return { percent: leafPixels === 0 ? 0 : (100 * count) / leafPixels, mask: affected };
}

/** The colour of the picture's edge: the median of its outermost pixels. */
function groundChroma(pixels: Pixels): readonly [number, number] {
  const { width, height } = pixels;
  const rim: number[] = [];
  for (let x = 0; x < width; x++) rim.push(x, (height - 1) * width + x);
  for (let y = 0; y < height; y++) rim.push(y * width, y * width + width - 1);
  const colours = rim.map((pixel) => chroma(pixels, pixel));
  const median = (values: number[]) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
  return [median(colours.map(([red]) => red)), median(colours.map(([, green]) => green))];
}

const BINS = 256;

/** The value that best splits a picture's values in two (Otsu 1979, IEEE Trans. Syst. Man Cybern. 9:62). */
function otsu(values: Float32Array): number {
  const most = values.reduce((top, value) => Math.max(top, value), 0);
  if (most === 0) return 0;
  const bins = new Float64Array(BINS);
  for (const value of values) bins[Math.min(BINS - 1, Math.floor((value / most) * BINS))]! += 1;
  const total = values.length;
  const sum = bins.reduce((all, count, i) => all + i * count, 0);
  let below = 0,
    belowSum = 0,
    best = 0,
    bestSplit = 0;
  for (let i = 0; i < BINS; i++) {
    below += bins[i]!;
    belowSum += i * bins[i]!;
    if (below === 0 || below === total) continue;
    const difference = belowSum / below - (sum - belowSum) / (total - below);
    const between = below * (total - below) * difference ** 2;
    if (between > best) [best, bestSplit] = [between, i];
  }
  return ((bestSplit + 1) / BINS) * most;
}

function doubtsOf(pixels: Pixels, mask: Uint8Array, leafPixels: number, soundGreen: number): PictureDoubt[] {
  const { width, height } = pixels;
  if (leafPixels < LEAST_LEAF_SHARE * width * height || soundGreen < LEAST_CHROMA_DIFFERENCE)
    return ['no-leaf'];
  const doubts: PictureDoubt[] = [];
  if (touchesEdge(mask, width, height)) doubts.push('touches-edge');
  let light = 0,
    clipped = 0;
  for (let pixel = 0; pixel < mask.length; pixel++) {
    if (mask[pixel] === 0) continue;
    const value = brightness(pixels, pixel);
    light += value;
    if (value >= BRIGHT) clipped++;
  }
  if (light / leafPixels < DARK) doubts.push('too-dark');
  if (clipped / leafPixels > MOST_CLIPPED) doubts.push('too-bright');
  if (sharpness(pixels, mask) < SHARP_FROM) doubts.push('out-of-focus');
  return doubts;
}

function touchesEdge(mask: Uint8Array, width: number, height: number): boolean {
  for (let x = 0; x < width; x++) if (mask[x] === 1 || mask[(height - 1) * width + x] === 1) return true;
  for (let y = 0; y < height; y++)
    if (mask[y * width] === 1 || mask[y * width + width - 1] === 1) return true;
  return false;
}

/** How far either side of the leaf's edge its whole step of brightness is taken, in pixels. */
const REACH = 12;

/**
 * Median over the leaf's left and right edges of the steepest step between neighbours over the whole
 * step across.
 */
function sharpness(pixels: Pixels, mask: Uint8Array): number {
  const { width, height } = pixels;
  const ratios: number[] = [];
  for (let y = 0; y < height; y++) {
    for (let x = REACH; x < width - REACH; x++) {
      const pixel = y * width + x;
      if (mask[pixel] === mask[pixel - 1]) continue;
      const whole = Math.abs(brightness(pixels, pixel + REACH - 1) - brightness(pixels, pixel - REACH));
      if (whole < 20) continue;
      let steepest = 0;
      for (let i = -REACH / 2; i < REACH / 2; i++)
        steepest = Math.max(
          steepest,
          Math.abs(brightness(pixels, pixel + i) - brightness(pixels, pixel + i - 1)),
        );
      ratios.push(steepest / whole);
    }
  }
  if (ratios.length === 0) return 1;
  return ratios.sort((a, b) => a - b)[Math.floor(ratios.length / 2)]!;
}
