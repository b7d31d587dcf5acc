import type { CivilDate } from '#core/calendar';
import type { Ending, StageAwaited, StepPlan } from '#core/records';
import { HANDWORK } from '../handwork.ts';
import { inSentence } from '../in-sentence.ts';
import { materialById } from '../materials.ts';

/** What is seen when a stage has come. */
export const STAGE_WORDS: Readonly<Record<StageAwaited, string>> = {
  'leaf-fall': 'leaves are down',
  'bud-swell': 'buds swell',
  'green-tip': 'the first green shows',
};

const ACTION_WORDS: Readonly<Record<StepPlan['action'], string>> = {
  spray: 'Spray',
  look: 'Look it over',
  'read-tapes': 'Read the tapes',
  'hang-trap': 'Hang a trap',
  hand: 'By hand',
  feed: 'Feed',
  'bring-in': 'Bring it in',
  errand: 'To do',
};

/** What a step is, in a line: "Spray with insecticidal soap". */
export function stepTitle(plan: StepPlan, materialId: string | null = null): string {
  if (plan.action === 'hand') return HANDWORK[plan.hand!].name;
  if (plan.says)
    return plan.action === 'spray' && materialId ? `${plan.says}: ${named(materialId)}` : plan.says;
  return plan.action === 'spray' && materialId
    ? `Spray with ${named(materialId)}`
    : ACTION_WORDS[plan.action];
}

/** A material as it stands in a sentence. */
export const named = (materialId: string) => inSentence(materialById(materialId).name);

const span = (least: number, most: number): string => (least === most ? `${least}` : `${least} to ${most}`);
/** "7 to 10 days", "1 day". */
export const daysBetweenWords = (least: number, most: number): string =>
  `${span(least, most)} day${most === 1 ? '' : 's'}`;

/** How often it is done, and what ends it: "every 7 to 8 days, until two looks in a row find nothing". */
export function rhythmWords(
  { every, times, until, trigger }: StepPlan,
  date: (on: CivilDate) => string,
): string {
  const often =
    trigger.kind === 'yearly'
      ? 'each year'
      : every === null
        ? ''
        : `every ${daysBetweenWords(every.leastDays, every.mostDays)}${every.afterRainMm === null ? '' : ', sooner after heavy rain'}`;
  const most = times !== null && times > 1 ? `${times} times${until.length > 0 ? ' at most' : ''}` : '';
  return [often, most, ...until.map((by) => `until ${endingWords(by, date)}`)].filter(Boolean).join(', ');
}

const COUNT_WORDS: Readonly<Record<number, string>> = { 1: 'a look finds', 2: 'two looks in a row find' };

/** What ends the turns of a step: "two looks in a row find nothing alive". */
export function endingWords(by: Ending, date: (on: CivilDate) => string): string {
  switch (by.kind) {
    case 'looks-clear':
      return `${COUNT_WORDS[by.looks] ?? `${by.looks} looks in a row find`} nothing alive`;
    case 'tapes-empty':
      return `${COUNT_WORDS[by.looks] ?? `${by.looks} looks in a row find`} the tapes empty`;
    case 'date':
      return date(by.on);
    case 'stage':
      return STAGE_WORDS[by.stage];
    case 'flush-hard':
      return 'the flush is hard';
  }
}
