import { type CivilDate, daysBetween } from '#core/calendar';
import type { InfectionAnswer, DiarySpell } from '#engine';
import { howMany, inSentence, materialById } from '#knowledge';
import { showDate, showShortDate } from '../../../show/dates.ts';
import { listed } from '../../../show/sentence.ts';
import type { Show } from '../../../show/units.ts';

export type Diary = Extract<InfectionAnswer, { readonly kind: 'diary' }>;

/** What became of a wet time, in a word or two. */
export const STANDING_WORDS: Readonly<Record<DiarySpell['standing'], string>> = {
  'no-infection': 'too short',
  covered: 'covered',
  'in-part': 'covered in part',
  through: 'got through',
  'reached-back': 'taken afterwards',
  ahead: 'to come',
};

/** The same of one wet time: what is only possible is not said to have happened. */
export const standingWords = ({ standing, word }: DiarySpell): string =>
  standing === 'through' && word === 'possible'
    ? 'may have got through'
    : standing === 'ahead' && word === null
      ? 'too short'
      : STANDING_WORDS[standing];

/** Whether it is likely, not only possible, that it infected what nothing covered. */
export const gotThrough = ({ standing, word }: DiarySpell): boolean =>
  standing === 'through' && word !== 'possible';

/** How sure it is that it infected; a table that tells how much tells that instead. */
export const infectionWords = ({ word, severity }: DiarySpell): string =>
  word === null ? 'none' : severity !== null && word !== 'possible' ? severity : word;

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

/** The finding of the page, in one sentence. */
export function diaryTitle(diary: Diary, trouble: string, today: CivilDate): string {
  const past = diary.spells.filter(({ standing }) => standing !== 'ahead');
  const through = past.filter(gotThrough);
  const maybe = past.filter((spell) => spell.standing === 'through' && !gotThrough(spell));
  const last = through.at(-1);
  const name = inSentence(trouble);
  const about = name.slice(0, 1).toUpperCase() + name.slice(1);
  if (!diary.span || diary.span.from > today)
    return through.length > 0
      ? `${about}: its season is over; ${timesWords(through.length)} got through`
      : diary.span
        ? `${about}: its season begins about ${showDate(diary.span.from, today)}`
        : `${about}: not its season`;
  if (last) {
    const spots = last.spots;
    const when = !spots
      ? ''
      : spots.from > today
        ? `; spots from ${showDate(spots.from)}`
        : daysBetween(spots.to, today) <= 7 && last.seen.kind !== 'spots' && last.seen.kind !== 'none'
          ? '; look for spots now'
          : '';
    return through.length === 1
      ? `${about}: one wet time got through, ${spellDays(last)}${when}`
      : `${about}: ${timesWords(through.length)} got through, the last ${spellDays(last)}${when}`;
  }
  if (maybe.length > 0)
    return `${about}: ${timesWords(maybe.length)} may have got through, the last ${spellDays(maybe.at(-1)!)}`;
  const covered = past.filter(({ standing }) => standing === 'covered' || standing === 'reached-back').length;
  const inPart = past.filter(({ standing }) => standing === 'in-part').length;
  if (inPart > 0) return `${about}: ${timesWords(inPart)} got through in part`;
  if (covered > 0) return `${about}: nothing got through; ${timesWords(covered)} met a cover`;
  return diary.days.unknown > diary.days.measured + diary.days.guessed
    ? `${about}: what rained is not known, so nothing can be told`
    : `${about}: nothing was wet long enough so far`;
}

const COUNT_WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const timesWords = (count: number): string =>
  `${COUNT_WORDS[count] ?? count} wet ${count === 1 ? 'time' : 'times'}`;

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
  return `${with_.slice(0, 1).toUpperCase()}${with_.slice(1)} of ${showShortDate(on)}; since then ${listed(since)}: about ${Math.round(covered * 10)} in 10 still protected.`;
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
