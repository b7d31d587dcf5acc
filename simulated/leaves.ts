import { randomBernoulli, randomBeta, randomLcg } from 'd3-random';
import type { Unit } from '#core/sampling';

/** Leaves of which `share` (0–1) are mined, most with a live larva, as an observer would write them down. */
export function simulateMinedLeaves(share: number, leaves: number, seed: number): Unit[] {
  const source = randomLcg(seed);
  const mined = randomBernoulli.source(source)(share),
    twice = randomBernoulli.source(source)(0.25),
    alive = randomBernoulli.source(source)(0.6);
  return Array.from({ length: leaves }, () => {
    const mines = mined() * (1 + twice());
    return { counts: { mines, larvae: mines > 0 ? alive() : 0 } };
  });
}

/** Leaves whose spotted area averages `meanPercent`, very unlike each other, to the half per cent. */
export function simulateSpottedLeaves(meanPercent: number, leaves: number, seed: number): Unit[] {
  const share = randomBeta.source(randomLcg(seed))((meanPercent / 100) * 8, (1 - meanPercent / 100) * 8);
  return Array.from({ length: leaves }, () => ({ counts: { percent: Math.round(share() * 200) / 2 } }));
}
