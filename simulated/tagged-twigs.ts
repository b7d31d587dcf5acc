import { randomGamma, randomLcg, randomNormal, randomPoisson } from 'd3-random';
import { type TaggedPair, untouchedTags } from '#core/seasons';

/** A plant whose twigs carry tags, and what a treatment leaves of what is on the treated. */
export interface TaggedPlant {
  readonly tags: number;
  /** Live scale on a twig before. */
  readonly livePerTwig: number;
  /** Clumping, the negative binomial's k: small is clumped. */
  readonly clumping: number;
  /** Share a treatment leaves, 1 for none. */
  readonly left: number;
  /** How much each twig goes its own way besides, as a deviation of the logarithm. */
  readonly own: number;
}

const FIRST_DRAWS = 3;
const SEED_STEP = 7919;
/** In the weeks between, so many are left of themselves. */
const OF_THEMSELVES = 0.9;

/** The same tags counted before and after; which stay untouched is drawn as the app draws it. */
export function simulateTags(plant: TaggedPlant, seed: number): TaggedPair[] {
  const chance = randomLcg(seed * SEED_STEP + 5);
  for (let drawn = 0; drawn < FIRST_DRAWS; drawn++) chance();
  const live = randomGamma.source(chance)(plant.clumping, plant.livePerTwig / plant.clumping);
  const ownWay = randomNormal.source(chance)(0, plant.own);
  const poisson = randomPoisson.source(chance);
  return untouchedTags(plant.tags, seed).map((untouched) => {
    const before = live();
    const after = before * OF_THEMSELVES * Math.exp(ownWay()) * (untouched ? 1 : plant.left);
    return { before: poisson(before)(), after: poisson(after)(), untouched };
  });
}
