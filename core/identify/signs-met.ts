import type { Key, Scene } from './evidence.ts';
import { believe } from './posterior.ts';
import { suggestChecks } from './next-check.ts';

/** A trouble rarer than this on the plant keeps no sign in the list. */
const LEAST_PRIOR = 0.002;

/**
 * The signs that some trouble met on this plant, or some unlisted one, shows at least sometimes; what tells most
 * before anything is answered first. Nothing that matters on the plant is left out.
 */
export function signsMet(key: Key, scene: Scene): string[] {
  const belief = believe(key, scene, {});
  const here = belief.hypotheses.filter((_, i) => belief.priors[i]! >= LEAST_PRIOR);
  const shown = (checkId: string) =>
    here.some(({ looks }) => ['always', 'usually', 'sometimes'].includes(looks[checkId]?.yes ?? 'never'));
  return suggestChecks(key.checks, {}, belief)
    .map(({ checkId }) => checkId)
    .filter((checkId) => key.checks.find(({ id }) => id === checkId)!.kind === 'sign' && shown(checkId));
}
