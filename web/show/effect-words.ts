import type { Estimate } from '#core/sampling';
import { showShare, showShareRange } from './units.ts';

/** What treating did, as the end of a sentence that begins with "treating". */
export function effectWords(takenAway: Estimate): string {
  if (takenAway.low > 0) return `took away ${showShareRange(takenAway)} more than went by itself`;
  if (takenAway.high < 0) return 'took nothing away: the treated did worse';
  return `cannot be told from doing nothing: these counts allow anything up to ${showShare(takenAway.high)} taken away, and nothing at all`;
}
