import { randomBinomial, randomGamma, randomLcg, randomPoisson } from 'd3-random';
import type { Unit } from '#core/sampling';

/** A plant's true state, from which a count of twigs is drawn. */
export interface TrueState {
  /** Live scale per 10 cm of twig. */
  readonly livePerTwig: number;
  /** Dead covers without a hole per live scale. */
  readonly deadPerLive: number;
  /** Share of all covers that are holed. */
  readonly holedShare: number;
  /** Clumping, the negative binomial's k: small is clumped. */
  readonly clumping: number;
}

/** Draws what an observer would count on `twigs` twigs: negative binomial numbers, binomial holes. */
export function simulateTwigs(state: TrueState, twigs: number, seed: number): Unit[] {
  const source = randomLcg(seed);
  const richness = randomGamma.source(source)(state.clumping, 1 / state.clumping);
  const poisson = randomPoisson.source(source);
  const binomial = randomBinomial.source(source);
  return Array.from({ length: twigs }, () => {
    const twigFactor = richness();
    const live = poisson(state.livePerTwig * twigFactor)();
    const unholed = poisson(state.livePerTwig * state.deadPerLive * twigFactor)();
    // As many holed as make up the share of the whole, on average.
    const total = Math.round((live + unholed) / (1 - state.holedShare));
    const holed = binomial(total, state.holedShare)();
    return { counts: { live, dead: unholed, holed } };
  });
}
