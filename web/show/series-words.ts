import type { CivilDate } from '#core/calendar';
import type { Because } from '#core/programme';
import type { Series, Trigger } from '#core/records';
import { daysBetweenWords, named, rhythmWords, STAGE_WORDS, stepTitle } from '#knowledge';
import type { SettledStep } from '#engine';
import { showDate, showDateRange, showShortDate } from './dates.ts';
import { listed } from './sentence.ts';

/** The step as it is to be done: with what the rules leave it. */
export const settledTitle = ({ plan, material, use }: SettledStep): string =>
  stepTitle(plan, use?.kind === 'use' ? use.materialId : material);

const AWAITED_WORDS: Readonly<Record<Trigger['kind'], string>> = {
  after: 'after the step before',
  date: 'on the day you set',
  yearly: 'each year at this time',
  stage: 'at its stage of the year',
  crawlers: 'when crawlers are out',
  flush: 'while a flush is soft',
  'petal-fall': 'once petals are down',
  frost: 'before the first frost might come',
  heat: 'after so much warmth',
};

/** What a step that has no day yet waits for, and how to tell. */
export const WAITS_WORDS: Readonly<Record<Trigger['kind'], string>> = {
  ...AWAITED_WORDS,
  stage: 'its stage of the year: log it on the plant when you see it',
  crawlers: 'crawlers: hang tapes, or say that you see them',
  flush: 'new growth: log when a flush starts',
  'petal-fall': 'petals to fall: log it on the plant',
  frost: 'frost: nothing tells when it comes here. Set a day of your own, or bring in past temperatures',
  heat: 'warmth: no thermometer tells of it',
};

/** What begins a step's turns: "at the first crawlers", "7 to 10 days after the step before". */
export function triggerWords(trigger: Trigger): string {
  switch (trigger.kind) {
    case 'after':
      return trigger.mostDays === 0
        ? 'at once'
        : `${daysBetweenWords(trigger.leastDays, trigger.mostDays)} after the step before`;
    case 'date':
      return `on ${showDate(trigger.on)}`;
    case 'stage':
      return `when ${STAGE_WORDS[trigger.stage]}`;
    default:
      return AWAITED_WORDS[trigger.kind];
  }
}

/** Why a turn is due when it is. */
export function becauseWords(because: Because, today: CivilDate, rain: (mm: number) => string): string {
  switch (because.kind) {
    case 'after':
      return because.mostDays === 0
        ? `begins on ${showDate(because.on, today)}`
        : `${daysBetweenWords(because.leastDays, because.mostDays)} after ${showDate(because.on, today)}`;
    case 'rain':
      return `${rain(because.rainMm)} of rain since ${showDate(because.since, today)} washed it off`;
    case 'set':
      return 'the day you set';
    case 'awaited':
      return AWAITED_WORDS[because.what];
  }
}

/** On which days: "8–10 May", "about 12 June (5–20)", "today". */
export function stepDays({ from, to, due }: SettledStep, today: CivilDate): string {
  if (!from || !to) return '';
  if (due?.range && due.because.kind === 'awaited' && due.because.what !== 'frost')
    return `about ${showDateRange(from, due.range[0], due.range[1])}`;
  if (from === to) return from === today ? 'today' : showDate(from, today);
  const months = from.slice(0, 7) === to.slice(0, 7);
  return months
    ? `${Number(from.slice(8))}–${showDate(to, today)}`
    : `${showShortDate(from)}–${showDate(to, today)}`;
}

/** The whole of a series in a few lines, for who has not begun it. */
export const seriesLines = ({ steps }: Pick<Series, 'steps'>): string[] =>
  steps.map((plan, i) => {
    const begins =
      (i === 0 && plan.trigger.kind === 'after') || plan.trigger.kind === 'yearly'
        ? ''
        : triggerWords(plan.trigger);
    const byTurns = plan.materials.length > 1 ? `${listed(plan.materials.map(named))} by turns` : '';
    const title = stepTitle(plan, plan.materials.length === 1 ? plan.materials[0]! : null);
    return [title, byTurns, begins, rhythmWords(plan, showDate)].filter(Boolean).join(', ');
  });

/** What becomes of it: why it asks for nothing more. */
export const OVER_WORDS = {
  done: 'done to its end',
  lapsed: 'left off: nothing was logged for two months',
  ended: 'ended by you',
} as const;
