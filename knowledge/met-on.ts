import type { FrequencyWord } from '#core/identify';
import { TARGETS, type Target } from './targets/index.ts';

const ORDER: readonly FrequencyWord[] = ['always', 'usually', 'sometimes', 'rarely'];

/** A trouble met on some plants: on which of them, and how usual it is where it is most usual. */
export interface MetOn {
  readonly target: Target;
  readonly word: FrequencyWord;
  readonly hostIds: readonly string[];
}

/**
 * Troubles met on kinds of plants at least so often, the most usual first, then those on more of the kinds, then
 * by name. A kind none of them names is met by nothing here.
 */
export function metOn(hostIds: readonly string[], leastOften: FrequencyWord): MetOn[] {
  const least = ORDER.indexOf(leastOften);
  const rank = (word: FrequencyWord | undefined) => (word ? ORDER.indexOf(word) : -1);
  return TARGETS.flatMap((target) => {
    const met = [...new Set(hostIds)].filter((id) => {
      const at = rank(target.hosts[id]);
      return at >= 0 && at <= least;
    });
    if (met.length === 0) return [];
    const best = Math.min(...met.map((id) => rank(target.hosts[id])));
    return [{ target, word: ORDER[best]!, hostIds: met }];
  }).sort(
    (a, b) =>
      ORDER.indexOf(a.word) - ORDER.indexOf(b.word) ||
      b.hostIds.length - a.hostIds.length ||
      a.target.name.localeCompare(b.target.name),
  );
}
