/** Choices by chance from a seed, the same for the same seed. */
export interface Chance {
  /** A whole number, both ends included. */
  whole(from: number, to: number): number;
  one<T>(choices: readonly T[]): T;
  /** True in this share of cases, 0 to 1. */
  odds(share: number): boolean;
}

/** Numbers from a seed by mulberry32, for gardens made at random in tests. */
export function chance(seed: number): Chance {
  let state = seed;
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  const whole = (from: number, to: number) => from + Math.floor(next() * (to - from + 1));
  return {
    whole,
    odds: (share) => next() < share,
    one: (choices) => choices[whole(0, choices.length - 1)]!,
  };
}
