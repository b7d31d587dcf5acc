import type { TagStanding } from '#engine';
import { showFullDate } from '../../../show/dates.ts';
import { showShare, showShareRange } from '../../../show/units.ts';

/** Where the proof stands, or what it says, in one sentence. */
export function tagSentence(standing: TagStanding): string {
  const { phase, countFrom, countedOn, workedOn } = standing;
  switch (phase) {
    case 'hang':
      return 'Tag some twigs or leaves and leave half of them untreated: before against after, treated against untreated, tells on one plant whether the work did anything.';
    case 'before':
      return 'The tags hang. Photograph and count them before the work.';
    case 'work':
      return `Counted on ${showFullDate(countedOn!)}. Do the work now, and leave the untreated ones dry: cover them, or spray round them.`;
    case 'wait':
      return `Worked on ${showFullDate(workedOn!)}. A count tells from ${showFullDate(countFrom!)} on.`;
    case 'after':
      return 'Time to look again: the same tags, one by one.';
    case 'told':
      return verdictSentence(standing);
  }
}

/** What the tags say of the work: worked, did not, cannot be told yet; and whether it burned. */
export function verdictSentence({ effect, verdict, burned, needed }: TagStanding): string {
  const burnt = burned ? ' It burned the leaves.' : '';
  if (!effect)
    return `No tag was left alone, so what the work did cannot be told from what went by itself.${burnt}`;
  const { takenAway, treated, untouched } = effect;
  const tags = `${treated} tags treated, ${untouched} left alone`;
  switch (verdict) {
    case 'worked':
      return `It worked: it took ${showShareRange(takenAway)} more than went by itself (${tags}).${burnt}`;
    case 'did-not':
      return `It did not work: at most ${showShare(Math.max(0, takenAway.high))} were taken (${tags}).${burnt}`;
    default:
      return `It cannot be told yet: anything up to ${showShare(takenAway.high)} taken fits, and nothing at all (${tags}). ${moreWords(needed, treated + untouched)}${burnt}`;
  }
}

function moreWords({ halving }: TagStanding['needed'], tags: number): string {
  if (halving === null) return 'There are too few on each for tags to tell a halving.';
  if (halving <= tags) return 'So many tags mostly show a halving: what it took is likely less.';
  return `About ${halving - tags} tags more would show a halving.`;
}
