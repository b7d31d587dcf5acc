import { randomLcg } from 'd3-random';
import { LEAF_BOX, onLeaf, type DamageKind, type DrawnLeaf } from '#core/eye';
import type { Pixels } from '#core/picture';

type Rgb = readonly [r: number, g: number, b: number];

/** The light a painted leaf lies in. */
export interface PaintedLight {
  /** Strength, 1 as usual. */
  readonly strength: number;
  /** Warmth: red up and blue down by this share. */
  readonly warmth: number;
  /** How much darker a soft shadow across the picture is, 0–1. */
  readonly shadow: number;
  /** Blur, as the radius of three passes of averaging, in pixels. */
  readonly blurPx: number;
  /** Grain of the sensor, standard deviation in steps of 255. */
  readonly grain: number;
}

export const PLAIN_LIGHT: PaintedLight = { strength: 1, warmth: 0, shadow: 0, blurPx: 0, grain: 3 };

const PAPER: Rgb = [232, 230, 224];
const SOUND: Rgb = [98, 138, 66];
const VEIN: Rgb = [128, 160, 92];
const DAMAGE: Readonly<Record<DamageKind, Rgb>> = {
  spots: [96, 66, 42],
  rust: [176, 96, 40],
  mines: [206, 198, 160],
  mildew: [222, 222, 214],
};
/** Room around the leaf, as a share of its box. */
const MARGIN = 0.08;

/**
 * A drawn leaf as a photo of it might look: on white paper, lit and blurred as told. The same seed
 * gives the same picture.
 */
export function paintLeaf(leaf: DrawnLeaf, width: number, light: PaintedLight, seed: number): Pixels {
  const height = Math.round((width * LEAF_BOX.height) / LEAF_BOX.width);
  const chance = randomLcg(seed);
  const scale = (LEAF_BOX.width * (1 + 2 * MARGIN)) / width;
  const damaged = damageAt(leaf, width, height, scale);
  const colours = new Float32Array(width * height * 3);
  for (let pixel = 0; pixel < width * height; pixel++) {
    const column = pixel % width;
    const row = (pixel - column) / width;
    const x = column * scale - MARGIN * LEAF_BOX.width,
      y = row * scale - MARGIN * LEAF_BOX.height;
    const colour = !onLeaf(x, y)
      ? PAPER
      : damaged[pixel] === 1
        ? DAMAGE[leaf.kind]
        : Math.abs(y - LEAF_BOX.height / 2) < 0.5
          ? VEIN
          : SOUND;
    const lit =
      light.strength *
      (1 - light.shadow / (1 + Math.exp(-(column - row * 0.6 - width * 0.35) / (width * 0.03))));
    colours[3 * pixel] = colour[0] * lit * (1 + light.warmth);
    colours[3 * pixel + 1] = colour[1] * lit;
    colours[3 * pixel + 2] = colour[2] * lit * (1 - light.warmth);
  }
  const blurred = blur(colours, width, height, light.blurPx);
  const data = new Uint8ClampedArray(width * height * 4);
  for (let pixel = 0; pixel < width * height; pixel++) {
    for (let band = 0; band < 3; band++)
      data[4 * pixel + band] =
        blurred[3 * pixel + band]! + light.grain * 1.7 * (chance() + chance() - 1) * 1.4;
    data[4 * pixel + 3] = 255;
  }
  return { data, width, height };
}

function damageAt(leaf: DrawnLeaf, width: number, height: number, scale: number): Uint8Array {
  const damaged = new Uint8Array(width * height);
  for (const { x, y, r } of leaf.patches) {
    const left = (x - r + MARGIN * LEAF_BOX.width) / scale,
      top = (y - r + MARGIN * LEAF_BOX.height) / scale,
      across = (2 * r) / scale;
    for (let row = Math.max(0, Math.floor(top)); row <= Math.min(height - 1, top + across); row++) {
      for (
        let column = Math.max(0, Math.floor(left));
        column <= Math.min(width - 1, left + across);
        column++
      ) {
        if ((column - left - across / 2) ** 2 + (row - top - across / 2) ** 2 <= (across / 2) ** 2)
          damaged[row * width + column] = 1;
      }
    }
  }
  return damaged;
}

/** Three passes of averaging over a row and a column come close to a Gaussian. */
function blur(colours: Float32Array, width: number, height: number, radius: number): Float32Array {
  if (radius < 1) return colours;
  let out = colours;
  for (let pass = 0; pass < 3; pass++)
    out = averaged(averaged(out, width, height, radius, 1, width), width, height, radius, width, height);
  return out;
}

function averaged(
  colours: Float32Array,
  width: number,
  height: number,
  radius: number,
  stride: number,
  along: number,
): Float32Array {
  const out = new Float32Array(colours.length);
  for (let pixel = 0; pixel < width * height; pixel++) {
    const at = stride === 1 ? pixel % width : Math.floor(pixel / width);
    const from = Math.max(-radius, -at),
      to = Math.min(radius, along - 1 - at);
    for (let band = 0; band < 3; band++) {
      let sum = 0;
      for (let i = from; i <= to; i++) sum += colours[3 * (pixel + i * stride) + band]!;
      out[3 * pixel + band] = sum / (to - from + 1);
    }
  }
  return out;
}
