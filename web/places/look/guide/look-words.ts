import type { Target } from '#knowledge';
import { CHECKS } from '#knowledge';

/** How often a check comes out each way with a trouble, in words. */
export function lookWords(target: Target, checkId: string): string {
  const check = CHECKS.find((entry) => entry.id === checkId)!;
  const words = target.looks[checkId];
  if (!words) return 'says nothing';
  if (check.kind === 'sign') return words.yes ?? 'never';
  return Object.entries(words)
    .map(
      ([answer, word]) =>
        `${word}: ${check.answers.find((entry) => entry.id === answer)!.label.toLowerCase()}`,
    )
    .join('; ');
}
