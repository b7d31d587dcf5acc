import type { CivilDate } from '#core/calendar';

/**
 * What a judgement may rest on, the most trusted first: what a kind is by nature, what was seen today,
 * what was logged and still holds, what was measured here, a published sum laid on a thermometer, the
 * calendar of the latitude, and nothing at all. What was seen rules over what was computed.
 */
export const BASES = ['nature', 'seen', 'logged', 'measured', 'published', 'calendar', 'unknown'] as const;
export type Basis = (typeof BASES)[number];

/** One thing that speaks for a value. */
export interface Claim<Value> {
  readonly value: Value;
  readonly basis: Basis;
  /** First day it holds; null when it always did. */
  readonly since: CivilDate | null;
  /** Last day on which it is taken without asking; null while nothing ends it. */
  readonly trustedTo: CivilDate | null;
  /** Last day on which it counts at all; null while nothing ends it. */
  readonly holdsTo: CivilDate | null;
}

/** A value with what it rests on, and whether the time has come to ask whether it still holds. */
export interface Standing<Value> extends Claim<Value> {
  readonly ask: boolean;
}

/**
 * Of the claims that hold on a day the most trusted, by {@link BASES}; of two alike the later one. Without
 * any the value `otherwise`, unknown and asked: it is never taken for good.
 */
export function mostTrusted<Value, C extends Claim<Value> = Claim<Value>>(
  claims: readonly C[],
  on: CivilDate,
  otherwise: C,
): C & Standing<Value> {
  const holding = claims.filter(
    ({ since, holdsTo }) => (since === null || since <= on) && (holdsTo === null || on <= holdsTo),
  );
  const best = holding.reduce<C>((a, b) => (outranks(b, a) ? b : a), otherwise);
  const { basis, trustedTo } = best;
  return { ...best, ask: basis === 'unknown' || (trustedTo !== null && on > trustedTo) };
}

function outranks(a: Claim<unknown>, b: Claim<unknown>): boolean {
  const byBasis = BASES.indexOf(a.basis) - BASES.indexOf(b.basis);
  return byBasis < 0 || (byBasis === 0 && (a.since ?? '') >= (b.since ?? ''));
}
