import type { TellingLook } from '#core/failure';

/** Looks that tell reasons apart; each answered yes or no on the spot. */
export const LOOK_IDS = [
  'covers-empty',
  'new-growth-clean',
  'young-of-one-age',
  'missed-in-shelter',
  'source-alive',
  'spoon-short',
  'ants-about',
  'signs-differ',
] as const;
export type LookId = (typeof LOOK_IDS)[number];

const look = (
  id: LookId,
  reason: TellingLook['of'],
  finds: number,
  findsElse: number,
): TellingLook<LookId> => ({
  id,
  of: reason,
  finds,
  findsElse,
});

/** How often each finds what it looks for where its reason holds, and where not (rules of thumb, grade C). */
export const TELLING_LOOKS: readonly TellingLook<LookId>[] = [
  look('covers-empty', 'old-covers', 0.9, 0.12),
  look('new-growth-clean', 'old-covers', 0.8, 0.15),
  look('young-of-one-age', 'wrong-stage', 0.75, 0.25),
  look('missed-in-shelter', 'too-little-wetted', 0.75, 0.2),
  look('source-alive', 'came-back', 0.85, 0.3),
  look('spoon-short', 'too-weak', 0.85, 0.05),
  look('ants-about', 'helpers-or-ants', 0.75, 0.2),
  look('signs-differ', 'wrong-name', 0.8, 0.08),
];

/** Such answers are kept with an inspection under this and the look's id. */
export const LOOK_ANSWER = 'why ';

/** Kept the same way: whether treated leaves are scorched, and untreated not. */
export const BURNED_ANSWER = `${LOOK_ANSWER}burned`;
