import { randomLcg, randomPoisson } from 'd3-random';

export type CoverKind = 'live' | 'dead' | 'holed';

/** One cover on a twig drawn in a box 100 long and 24 high. */
export interface Cover {
  readonly kind: CoverKind;
  readonly x: number;
  readonly y: number;
  readonly turnDeg: number;
}

export interface DrawnTwig {
  readonly covers: readonly Cover[];
  readonly truth: Readonly<Record<CoverKind, number>>;
}

/** Covers do not lie on each other; nearer than this they would. */
const APART = 2.6;
const TRIES = 60;

/**
 * Draws 10 cm of twig with about the wanted numbers of covers; `truth` says how many there really are.
 * The same seed gives the same twig.
 */
export function drawTwig(wanted: Readonly<Record<CoverKind, number>>, seed: number): DrawnTwig {
  const chance = randomLcg(seed);
  const covers: Cover[] = [];
  for (const kind of ['live', 'dead', 'holed'] as const) {
    const number = randomPoisson.source(chance)(wanted[kind])();
    for (let i = 0; i < number; i++) {
      const free = freePlace(covers, chance);
      if (free) covers.push({ kind, ...free, turnDeg: Math.round(chance() * 180 - 90) });
    }
  }
  const count = (kind: CoverKind) => covers.filter((cover) => cover.kind === kind).length;
  return { covers, truth: { live: count('live'), dead: count('dead'), holed: count('holed') } };
}

function freePlace(covers: readonly Cover[], chance: () => number): { x: number; y: number } | null {
  for (let i = 0; i < TRIES; i++) {
    const place = { x: 3 + chance() * 94, y: 6 + chance() * 12 };
    if (covers.every((cover) => Math.hypot(cover.x - place.x, cover.y - place.y) >= APART)) return place;
  }
  return null;
}
