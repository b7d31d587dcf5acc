import { type CivilDate, daysBetween } from '#core/calendar';
import { gotThrough } from '#core/infection';
import type { InfectionAnswer, DiarySpell } from '#engine';
import { howMany, inSentence, materialById } from '#knowledge';
import { showDate, showShortDate } from '../../../show/dates.ts';
import { capital, listed } from '../../../show/sentence.ts';
import { THROUGH_WORDS } from '../../../show/through-words.ts';
import type { Show } from '../../../show/units.ts';

export type Diary = Extract<InfectionAnswer, { readonly kind: 'diary' }>;
export type Untold = Extract<InfectionAnswer, { readonly kind: 'untold' }>;

/** What became of a wet time, in a word or two. */
export const STANDING_WORDS: Readonly<Record<DiarySpell['standing'], string>> = {
  'no-infection': 'too short',
  covered: 'covered',
  'in-part': 'covered in part',
  through: 'got through',
  'reached-back': 'taken afterwards',
  ahead: 'to come',
};

/** The same of one wet time: what was seen first; and what is not sure is not said to have happened. */
export function standingWords({ standing, word, seen }: DiarySpell): string {
  if (standing === 'through' && word)
    return seen.kind === 'none'
      ? 'nothing showed'
      : seen.kind === 'spots'
        ? STANDING_WORDS.through
        : THROUGH_WORDS[word];
  return standing === 'ahead' && word === null ? STANDING_WORDS['no-infection'] : STANDING_WORDS[standing];
}

/** How sure it is that it infected; of what is sure, how much, where a table tells that. */
export function infectionWords({ word, severity }: DiarySpell): string {
  if (word === null) return 'none';
  if (severity === null || word === 'possible') return word;
  return word === 'sure' ? severity : `${word}, ${severity}`;
}

/** "6 in 10", never surer than one in ten either way. */
export function chanceWords(chance: number): string {
  const tenths = Math.min(9, Math.max(1, Math.round(chance * 10)));
  return `${tenths} in 10`;
}

/** How long it lasted: wet leaves by the hour, fit days of what needs none by the day. */
export const lastedWords = (spell: DiarySpell, ruleKind: Diary['disease']['ruleKind']): string =>
  RUNS.has(ruleKind) ? howMany(daysBetween(spell.from.date, spell.to.date) || 1, 'day') : wetWords(spell);

const RUNS: ReadonlySet<Diary['disease']['ruleKind']> = new Set([
  'heat-index',
  'mild-humid',
  'open-bloom',
  'warm-nights',
]);

/** Hours wet, as far as they are told: a figure, or from the least to the most it may have been. */
function wetWords({ wetHours: { short, middle, long }, basis }: DiarySpell): string {
  if (basis === 'measured' || short === long) return `${middle} h`;
  const least = Math.min(short, middle);
  return middle > least ? `about ${middle} h (${least}–${long})` : `${least}–${long} h`;
}

/** "12–13 May", or one day. */
export function spellDays({ from, to }: DiarySpell): string {
  const last = to.hour === 0 ? from.date : to.date;
  if (last <= from.date) return showDate(from.date);
  return from.date.slice(0, 7) === last.slice(0, 7)
    ? `${Number(from.date.slice(8))}–${showDate(last)}`
    : `${showDate(from.date)} to ${showDate(last)}`;
}

/** What a spell is called in a heading: the night or the day it began on. */
export const spellName = ({ from }: DiarySpell): string =>
  `${from.hour >= 18 || from.hour < 4 ? 'The night' : 'The wet time'} of ${showDate(from.date)}`;

/** What can be said of its season while nobody tells of any weather. */
export function untoldTitle({ span }: Untold, trouble: string, today: CivilDate): string {
  const about = capital(inSentence(trouble));
  if (!span || span.from > today) return aheadTitle(about, span, today);
  return `${about}: it can infect until about ${showDate(span.to, today)}, and nobody tells of the weather`;
}

/** The finding of a watch, with weather or without. */
export const findingOf = (answer: Diary | Untold, trouble: string, today: CivilDate): string =>
  answer.kind === 'diary' ? diaryTitle(answer, trouble, today) : untoldTitle(answer, trouble, today);

const aheadTitle = (about: string, span: Diary['span'], today: CivilDate): string =>
  span ? `${about}: its season begins about ${showDate(span.from, today)}` : `${about}: not its season`;

/** The finding of the page, in one sentence. */
export function diaryTitle(diary: Diary, trouble: string, today: CivilDate): string {
  const past = diary.spells.filter(({ standing }) => standing !== 'ahead');
  const through = past.filter(gotThrough);
  const maybe = past.filter(
    (spell) => spell.standing === 'through' && spell.seen.kind !== 'none' && !gotThrough(spell),
  );
  const last = through.at(-1);
  const about = capital(inSentence(trouble));
  if (!diary.span || diary.span.from > today)
    return through.length > 0
      ? `${about}: its season is over; ${throughWords(through)}`
      : aheadTitle(about, diary.span, today);
  if (last) {
    const spots = last.spots;
    const when = !spots
      ? ''
      : spots.from > today
        ? `; spots from ${showDate(spots.from)}`
        : daysBetween(spots.to, today) <= 7 && last.seen.kind !== 'spots' && last.seen.kind !== 'none'
          ? '; look for spots now'
          : '';
    const times = throughWords(through);
    return through.length === 1
      ? `${about}: ${times}, ${spellDays(last)}${when}`
      : `${about}: ${times}, the last ${spellDays(last)}${when}`;
  }
  if (maybe.length > 0)
    return `${about}: ${timesWords(maybe.length)} may have got through, the last ${spellDays(maybe.at(-1)!)}`;
  const covered = past.filter(({ standing }) => standing === 'covered' || standing === 'reached-back').length;
  const inPart = past.filter(({ standing }) => standing === 'in-part').length;
  const clean = past.filter(({ standing, seen }) => standing === 'through' && seen.kind === 'none').length;
  if (clean > 0) return `${about}: nothing showed of ${timesWords(clean)} on bare leaves`;
  if (inPart > 0) return `${about}: ${timesWords(inPart)} got through in part`;
  if (covered > 0) return `${about}: nothing got through; ${timesWords(covered)} met a cover`;
  return diary.days.unknown > diary.days.measured + diary.days.guessed
    ? `${about}: what rained is not known, so nothing can be told`
    : `${about}: nothing was wet long enough so far`;
}

/** "two wet times got through and one more likely did". */
function throughWords(through: readonly DiarySpell[]): string {
  const sure = through.filter(({ word, seen }) => word === 'sure' || seen.kind === 'spots').length;
  const likely = through.length - sure;
  if (sure === 0) return `${timesWords(likely)} likely got through`;
  return `${timesWords(sure)} got through${likely > 0 ? ` and ${countWord(likely)} more likely did` : ''}`;
}

const COUNT_WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const countWord = (count: number): string => COUNT_WORDS[count] ?? String(count);
const timesWords = (count: number): string => `${countWord(count)} wet ${count === 1 ? 'time' : 'times'}`;

/** What was over the leaves when it began, in a sentence. */
export function coverWords({ covered, sinceCover }: DiarySpell, show: Show): string {
  if (!sinceCover) return 'Nothing had been sprayed this season.';
  const { on, rainMm, days, newLeaves, materialIds } = sinceCover;
  const with_ = listed(materialIds.map((id) => inSentence(materialById(id).name)));
  const since = [
    `${days} ${days === 1 ? 'day' : 'days'}`,
    show.rain(rainMm),
    ...(newLeaves >= 0.5
      ? [`${Math.round(newLeaves)} new ${Math.round(newLeaves) === 1 ? 'leaf' : 'leaves'}`]
      : []),
  ];
  return `${capital(with_)} of ${showShortDate(on)}; since then ${listed(since)}: ${protectedWords(covered)}.`;
}

function protectedWords(share: number): string {
  const tenths = Math.round(share * 10);
  return tenths === 0 ? 'hardly any still protected' : `about ${tenths} in 10 still protected`;
}

/** What was found on the days its spots would show. */
export function seenWords({ seen }: DiarySpell): string {
  switch (seen.kind) {
    case 'spots':
      return `spots, ${showShortDate(seen.on)}`;
    case 'none':
      return `none, ${showShortDate(seen.on)}`;
    case 'not-looked':
      return 'nobody looked';
    case 'not-yet':
      return '';
  }
}

/** Turns of a plant's year, as they are logged. */
export const TURN_WORDS = {
  'leaf-fall': 'leaf fall',
  'bud-swell': 'buds swell',
  'green-tip': 'green tip',
  'bloom-start': 'bloom',
  'bloom-end': 'bloom over',
} as const;
