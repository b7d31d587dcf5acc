import { randomLcg } from 'd3-random';
import { qnorm } from 'lib-r-math.js';

/** Standard normal scores of every doubtful figure, one for each draw. */
export type Scores = ReadonlyMap<string, Float64Array>;

/**
 * Scores drawn apart for each figure, stratified: of n draws one lies in each n-th of the distribution, so that
 * two hundred draws already hold its tails (Latin hypercube: McKay, Beckman & Conover 1979, Technometrics 21:239).
 * A figure's scores depend on its name and the seed alone, so that taking one out leaves the others as they were.
 */
export function drawScores(figureIds: readonly string[], draws: number, seed: number): Scores {
  return new Map(figureIds.map((id) => [id, stratified(draws, seed ^ hashOf(id))]));
}

function stratified(draws: number, seed: number): Float64Array {
  const chance = randomLcg(mixed(seed));
  const order = Array.from({ length: draws }, (_, i) => i);
  for (let i = draws - 1; i > 0; i--) {
    const j = Math.floor(chance() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return Float64Array.from(order, (stratum) => qnorm(withinOpen((stratum + chance()) / draws)));
}

/** A quantile is not finite at 0 and 1. */
const withinOpen = (share: number) => Math.min(1 - 1e-6, Math.max(1e-6, share));

/** A name as a whole number (FNV-1a). */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** Neighbouring seeds begin a linear congruential generator almost alike: spread first (after MurmurHash3). */
export function mixed(seed: number): number {
  const once = Math.imul(seed ^ (seed >>> 16), 0x85ebca6b);
  const twice = Math.imul(once ^ (once >>> 13), 0xc2b2ae35);
  return (twice ^ (twice >>> 16)) >>> 0;
}
