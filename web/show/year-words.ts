import { HANDWORK, inSentence } from '#knowledge';
import type { YearBar, YearWhat } from '#engine';
import { DUE_WORDS } from './due-short-words.ts';
import { showDate, showDateRange } from './dates.ts';
import { settledTitle } from './series-words.ts';
import { STAGE_WORDS } from './stage-words.ts';
import { SPRAY_WORDS } from './winter-words.ts';

/** What one may look at by itself. */
export const YEAR_KINDS = ['windows', 'planned', 'done', 'harvest'] as const;
export type YearKind = (typeof YEAR_KINDS)[number];
export const YEAR_KIND_WORDS: Readonly<Record<YearKind, string>> = {
  windows: 'windows',
  planned: 'what is planned or due',
  done: 'what was done',
  harvest: 'harvest and bloom',
};

export function yearKindOf({ what, state }: Pick<YearBar, 'what' | 'state'>): YearKind {
  switch (what.kind) {
    case 'window':
      return 'windows';
    case 'harvest':
    case 'bloom':
    case 'growth':
      return 'harvest';
    default:
      return state === 'done' ? 'done' : 'planned';
  }
}

/** What a bar of the year is called, short enough to stand beside it. */
export function yearWords(what: YearWhat): string {
  switch (what.kind) {
    case 'window':
      return `${what.basis === 'calendar' ? 'usual months' : 'crawlers'}${what.generation > 1 ? `, ${what.generation}` : ''}`;
    case 'due':
      return DUE_WORDS[what.due];
    case 'winter':
      return inSentence(SPRAY_WORDS[what.spray].split(',')[0]!);
    case 'series':
      return inSentence(settledTitle(what.step));
    case 'feeding':
      return 'feed';
    case 'sprayed':
      return 'sprayed';
    case 'worked':
      return HANDWORK[what.hand].done;
    case 'harvest':
      return 'picking';
    case 'bloom':
      return 'bloom';
    case 'growth':
      return STAGE_WORDS[what.stage];
    case 'no-picking':
      return 'do not pick';
  }
}

const STATE_WORDS: Readonly<Record<YearBar['state'], string>> = {
  done: 'done',
  past: 'over',
  late: 'late',
  open: 'open',
  coming: 'coming',
};

/** The whole of a bar in words: what, when with its spread, and how it stands. */
export function barWords(bar: YearBar, today: string): string {
  const { what, from, to, early, late } = bar;
  const begins =
    early === null
      ? showDate(from, today)
      : showDateRange(from, early, late === null || late > to ? from : late);
  const days = from === to ? begins : `${begins} to ${showDate(to, today)}`;
  const more = what.kind === 'sprayed' ? ` with ${what.products.join(' and ')}` : '';
  return `${yearWords(what)}${more}, ${days}, ${STATE_WORDS[bar.state]}`;
}
