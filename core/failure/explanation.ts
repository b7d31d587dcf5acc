import type { FigureRange } from '#core/season-model';

/** Why a treatment may have taken less than hoped, `as-expected` for: it did what such work does. */
export const EXPLANATIONS = [
  'wrong-stage',
  'too-little-wetted',
  'came-back',
  'old-covers',
  'count-too-small',
  'washed-or-baked',
  'too-early',
  'too-weak',
  'does-not-reach',
  'helpers-or-ants',
  'wrong-name',
  'same-mode',
  'as-expected',
] as const;
export type Explanation = (typeof EXPLANATIONS)[number];

/** What only a spray can fail by. */
const OF_SPRAYS: ReadonlySet<Explanation> = new Set<Explanation>([
  'wrong-stage',
  'too-little-wetted',
  'washed-or-baked',
  'too-weak',
  'does-not-reach',
  'same-mode',
]);

/** The explanations that can hold for work by spraying, or by hand alone. */
export const explanationsFor = (sprayed: boolean): Explanation[] =>
  EXPLANATIONS.filter((id) => sprayed || !OF_SPRAYS.has(id));

/**
 * What a count shows where an explanation holds, as a share of as many with nothing done: `part` of what should
 * have been taken was; so much was `added` to what should be left; it was so many `times` that; or `left` is
 * told as such.
 */
export interface Shows {
  readonly as: 'part' | 'added' | 'times' | 'left';
  readonly range: FigureRange;
}

/** An explanation as it is thought of before any record is read. */
export interface ThoughtOf {
  /** How usual it is among treatments that seem to have failed; above 0, in any unit. */
  readonly weight: number;
  readonly shows: Shows;
}

export type Thoughts = Readonly<Record<Explanation, ThoughtOf>>;
