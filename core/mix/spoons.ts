import type { Spoon } from '#core/units';

export interface Scoops {
  readonly spoon: Spoon;
  readonly count: number;
}

export interface SpoonMeasure {
  readonly scoops: readonly Scoops[];
  /** What these scoops hold together, ml. */
  readonly volumeMl: number;
  /** More level spoonfuls than a person counts without slipping: use a measuring jug. */
  readonly tooMany: boolean;
}

const MOST_SPOONFULS = 16;

/** Steps of the smallest spoon; a hair off a whole step counts as whole. */
const ROUND = {
  nearest: Math.round,
  down: (steps: number) => Math.floor(steps + 1e-9),
  up: (steps: number) => Math.ceil(steps - 1e-9),
} as const;

/**
 * Nearest amount that level spoonfuls can give, largest spoons first; the last step is rounded to
 * the smallest spoon. `down` rounds below instead, for staying under a label's upper rate, `up` above.
 * @throws RangeError for no spoons or a volume not above 0.
 */
export function measureWithSpoons(
  volumeMl: number,
  spoons: readonly Spoon[],
  rounding: 'nearest' | 'down' | 'up' = 'nearest',
): SpoonMeasure {
  if (spoons.length === 0) throw new RangeError('no spoons to measure with');
  if (!(volumeMl > 0)) throw new RangeError('the volume to measure must be above 0 ml');
  const ordered = [...spoons].sort((a, b) => b.volumeMl - a.volumeMl);
  const smallestMl = ordered.at(-1)!.volumeMl;
  const steps = volumeMl / smallestMl;
  let restMl = ROUND[rounding](steps) * smallestMl;
  const scoops: Scoops[] = [];
  for (const spoon of ordered) {
    const count = Math.floor(restMl / spoon.volumeMl + 1e-9);
    if (count > 0) scoops.push({ spoon, count });
    restMl -= count * spoon.volumeMl;
  }
  return {
    scoops,
    volumeMl: scoops.reduce((sum, { spoon, count }) => sum + count * spoon.volumeMl, 0),
    tooMany: scoops.reduce((sum, { count }) => sum + count, 0) > MOST_SPOONFULS,
  };
}
