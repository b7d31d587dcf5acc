import { randomLcg } from 'd3-random';
import { DAMAGE_KINDS, type DamageKind, drawLeaf, type DrawnLeaf } from './drawn-leaf.ts';
import { drawTwig, type DrawnTwig } from './drawn-twig.ts';

export type Exercise =
  | { readonly kind: 'leaf'; readonly seed: number; readonly leaf: DrawnLeaf }
  | { readonly kind: 'twig'; readonly seed: number; readonly twig: DrawnTwig };

const LEAST_PERCENT = 0.5;
const MOST_PERCENT = 60;

/** Small areas are where eyes err most, so shares are drawn evenly on the logarithm, 0.5–60 %. */
export function leafExercise(seed: number, only?: DamageKind): Exercise {
  const chance = randomLcg(seed);
  const kind = only ?? DAMAGE_KINDS[Math.floor(chance() * DAMAGE_KINDS.length)]!;
  const percent = LEAST_PERCENT * (MOST_PERCENT / LEAST_PERCENT) ** chance();
  return { kind: 'leaf', seed, leaf: drawLeaf(kind, percent, seed + 1) };
}

export function twigExercise(seed: number): Exercise {
  const chance = randomLcg(seed);
  const wanted = { live: 2 * 20 ** chance(), dead: 1 + 12 * chance(), holed: 8 * chance() };
  return { kind: 'twig', seed, twig: drawTwig(wanted, seed + 1) };
}
