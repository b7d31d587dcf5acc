import type { CivilDate } from '#core/calendar';
import type { LeafState } from '#core/materials';
import type { LeafEvidence, LeafQuestion, LeafStanding } from '#core/plan';
import { showDate } from './dates.ts';

export const LEAF_QUESTIONS: Readonly<Record<LeafQuestion, string>> = {
  'evergreen-or-not': 'Does it keep its leaves in winter?',
  'green-yet': 'Green yet? What does it wear today?',
  'leaves-down-yet': 'Leaves down yet? What does it wear today?',
};

export const LEAF_STATE_WORDS: Readonly<Record<LeafState, string>> = {
  dormant: 'bare',
  'delayed-dormant': 'buds swelling',
  'in-leaf': 'in leaf',
};

const SIGN_WORDS: Readonly<Record<Exclude<LeafEvidence, 'evergreen' | 'usual-year' | 'nothing'>, string>> = {
  'bud-swell': 'buds seen swelling',
  'green-tip': 'green tip logged',
  'petal-fall': 'petals fallen',
  'flush-start': 'a new flush logged',
  'flush-hard': 'a flush logged hard',
  'leaf-fall': 'leaf fall logged',
  'seen-bare': 'seen bare',
  'seen-in-leaf': 'seen in leaf',
  sprayed: 'sprayed in leaf',
  'counted-on-leaves': 'counted on its leaves',
};

/** What a plant wears and what that rests on, in one line. */
export function leavesLine({ value, by, basis, since }: LeafStanding, today: CivilDate): string {
  const state = LEAF_STATE_WORDS[value];
  if (by === 'evergreen') return 'In leaf all year: its kind keeps its leaves.';
  if (by === 'nothing') return 'Nobody has said what it wears; until then it counts as in leaf.';
  if (by === 'usual-year')
    return basis === 'measured'
      ? `Most likely ${state}, by the temperatures of other years here (grade C).`
      : `Most likely ${state}, by the calendar of this latitude (a guess, grade C).`;
  return `${state[0]!.toUpperCase()}${state.slice(1)}: ${SIGN_WORDS[by]} ${showDate(since!, today)}.`;
}
