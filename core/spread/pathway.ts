/**
 * How a trouble gets from one plant to another: over crowns that touch, within a room, with the wind of its young's
 * weeks, carried by ants, on tools and hands, or by being of the same kind and exposed to the same.
 */
export const PATHWAYS = ['touches', 'same-room', 'downwind', 'ants', 'tools', 'same-host'] as const;
export type Pathway = (typeof PATHWAYS)[number];

/** How likely a linked plant bears the trouble too: a share, worth so many looks. */
export interface PathwayBelief {
  readonly chance: number;
  readonly looks: number;
}

/** Plants that were looked over for it along one pathway, and how many bore it. */
export interface LookedAlong {
  readonly looked: number;
  readonly bore: number;
}

/** The belief after looks: the mean of a beta distribution, each look counting as one. */
export function chanceAfter({ chance, looks }: PathwayBelief, { looked, bore }: LookedAlong): number {
  return (chance * looks + bore) / (looks + looked);
}

/** The chance that at least one of several pathways brought it, each by itself. */
export const chanceOfAny = (chances: readonly number[]): number =>
  1 - chances.reduce((none, chance) => none * (1 - chance), 1);
