import type { Estimate } from './interval.ts';

const LEVELS = [0, 1, 2, 3, 4, 5] as const;

export type Level = (typeof LEVELS)[number];

/** Lower bounds of levels 1 to 5, rising; a value must exceed its bound. */
export type LevelBounds = readonly [number, number, number, number, number];

export interface LevelRange {
  readonly level: Level;
  /** The levels the interval's ends fall in; the truth may be either. */
  readonly low: Level;
  readonly high: Level;
}

export function levelOf(value: number, bounds: LevelBounds): Level {
  return LEVELS[bounds.filter((bound) => value > bound).length]!;
}

/** The level of an estimate with its interval carried through. */
export function levelRange(estimate: Estimate, bounds: LevelBounds): LevelRange {
  return {
    level: levelOf(estimate.value, bounds),
    low: levelOf(estimate.low, bounds),
    high: levelOf(estimate.high, bounds),
  };
}
