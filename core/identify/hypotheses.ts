import { keptWith } from '#core/caches';
import { asSeenIn } from './by-season.ts';
import type { Candidate, Key, Looks, TargetGroup, Unlisted } from './evidence.ts';

/** Stands for every trouble that is in no list, so that a poor fit is not forced into a name. */
export const SOMETHING_ELSE = 'something-else';

/** One explanation of what was seen: a listed trouble, or a kind of unlisted one. */
export interface Hypothesis {
  readonly id: string;
  readonly group: TargetGroup | null;
  readonly looks: Looks;
  readonly candidate: Candidate | null;
  readonly unlisted: Unlisted | null;
  /** What is done about it: hypotheses with the same word need not be told apart. */
  readonly decision: string;
}

const kept = keptWith<Key, number, readonly Hypothesis[]>();

/** All explanations as they look in one month of the north (1–12), the listed ones first; kept with the key. */
export function hypothesesIn(key: Key, month: number): readonly Hypothesis[] {
  return kept(key, month, () => [
    ...asSeenIn(month, key.candidates).map((candidate): Hypothesis => ({
      id: candidate.id,
      group: candidate.group,
      looks: candidate.looks,
      candidate,
      unlisted: null,
      decision: candidate.treatedAs ?? candidate.id,
    })),
    ...key.unlisted.map((unlisted): Hypothesis => ({
      id: unlisted.id,
      group: unlisted.group,
      looks: unlisted.looks,
      candidate: null,
      unlisted,
      decision: unlisted.group ?? SOMETHING_ELSE,
    })),
  ]);
}
