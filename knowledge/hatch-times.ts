import type { Grade } from '#core/figures';
import type { TargetGroup } from '#core/identify';
import { hatchSpanOf } from './season/hatch-spans.ts';

/** How long a group's young stay soft enough to be reached after they hatch, in days. */
export interface SoftTime {
  readonly days: readonly [least: number, usual: number, most: number];
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const soft = (least: number, usual: number, most: number): SoftTime => ({
  days: [least, usual, most],
  grade: 'C',
  sourceIds: ['practice'],
});

/**
 * Armored scale is under its cover in two to three weeks (oil; soap reaches it for days only), felt scale in two
 * to four, soft and giant scale stay open for six to twelve. Rules of thumb.
 */
const SOFT_TIMES: Readonly<Partial<Record<TargetGroup, SoftTime>>> = {
  armored: soft(10, 14, 20),
  felt: soft(14, 21, 28),
  soft: soft(42, 63, 84),
  giant: soft(42, 63, 84),
};

/** How long the young of a trouble stay soft, and how long it hatches, in days. */
export function hatchTimes(
  targetId: string | null,
  group: TargetGroup | null,
): { readonly softDays: SoftTime['days']; readonly spanDays: number } {
  const { days } = (group && SOFT_TIMES[group]) ?? soft(10, 14, 20);
  return { softDays: days, spanDays: hatchSpanOf(targetId).days.middle };
}

/**
 * Days from infection to the last spots that were on their way: before them a treatment cannot be judged.
 * Published spans run from days to months; null for what is seen next spring only.
 */
const INCUBATION_DAYS: Readonly<Record<string, number>> = {
  'apple-scab': 17,
  'rose-black-spot': 16,
  'peach-leaf-curl': 35,
  'cedar-apple-rust': 21,
  'greasy-spot': 180,
  melanose: 14,
  'brown-rot': 14,
  'shot-hole': 21,
};
const USUAL_INCUBATION_DAYS = 14;

/** Days in which a drench has risen into the twigs: two to eight weeks, one to three (rules of thumb, grade C). */
const ONSET_DAYS: Readonly<Record<string, number>> = { imidacloprid: 56, dinotefuran: 21 };

/** Days until a material given at the roots shows in what feeds above; 0 for what works where it lands. */
export const onsetDays = (materialId: string): number => ONSET_DAYS[materialId] ?? 0;

/** Days after which a treatment against a fungus can be judged; null for what is no fungus. */
export function incubationDays(targetId: string | null, group: TargetGroup | null): number | null {
  if (group !== 'fungus') return null;
  return (targetId && INCUBATION_DAYS[targetId]) || USUAL_INCUBATION_DAYS;
}
