import { describe, expect, test } from '@jest/globals';
import type { DiarySpell } from '#engine';
import {
  chanceWords,
  type Diary,
  diaryTitle,
  infectionWords,
  lastedWords,
  spellDays,
  spellName,
  standingWords,
  type Untold,
  untoldTitle,
} from './diary-words.ts';

const spell = (more: Partial<DiarySpell> = {}): DiarySpell => ({
  id: '2026-05-12T20',
  from: { date: '2026-05-12', hour: 20 },
  to: { date: '2026-05-13', hour: 13 },
  wetHours: { short: 17, middle: 17, long: 17 },
  basis: 'measured',
  meanC: 11,
  neededHours: 9,
  rainMm: 8,
  index: null,
  word: 'sure',
  chance: 1,
  severity: null,
  severityFrom: [],
  covered: 0,
  sinceCover: null,
  leaves: 7,
  sporesRipe: null,
  standing: 'through',
  spots: { from: '2026-05-25', to: '2026-05-27' },
  seen: { kind: 'not-yet' },
  ...more,
});
const diary = (spells: readonly DiarySpell[], more: Partial<Diary> = {}): Diary =>
  ({
    spells,
    span: { from: '2026-04-20', to: '2026-07-30', basis: 'logged', asks: null },
    days: { measured: 40, guessed: 0, unknown: 0 },
    ...more,
  }) as Diary;
const titled = (today: string, ...spells: readonly DiarySpell[]) => diaryTitle(diary(spells), 'Scab', today);

describe('the finding in a sentence', () => {
  test('one that got through, with the days of its spots', () => {
    expect(titled('2026-05-20', spell())).toBe(
      'Scab: one wet time got through, 12–13 May; spots from 25 May',
    );
    expect(titled('2026-05-26', spell())).toBe(
      'Scab: one wet time got through, 12–13 May; look for spots now',
    );
    expect(titled('2026-05-26', spell({ seen: { kind: 'none', on: '2026-05-26' } }))).toBe(
      'Scab: nothing showed of one wet time on bare leaves',
    );
  });

  test('what is only possible is not said to have happened', () => {
    const maybe = spell({ word: 'possible' });
    expect(standingWords(maybe)).toBe('may have got through');
    expect(titled('2026-05-20', maybe)).toBe('Scab: one wet time may have got through, the last 12–13 May');
  });

  test('what is likely is said to be, and what was seen rules over both', () => {
    const likely = spell({ word: 'likely', severity: 'light' });
    expect([standingWords(likely), infectionWords(likely)]).toEqual(['likely got through', 'likely, light']);
    expect(titled('2026-05-20', likely)).toBe(
      'Scab: one wet time likely got through, 12–13 May; spots from 25 May',
    );
    expect(titled('2026-05-20', spell(), likely, likely)).toBe(
      'Scab: one wet time got through and two more likely did, the last 12–13 May; spots from 25 May',
    );
    const spotted = spell({
      word: 'possible',
      seen: { kind: 'spots', on: '2026-05-26' } as DiarySpell['seen'],
    });
    expect(standingWords(spotted)).toBe('got through');
    expect(titled('2026-05-27', spotted)).toBe('Scab: one wet time got through, 12–13 May');
    const clean = spell({ seen: { kind: 'none', on: '2026-05-26' } });
    expect(standingWords(clean)).toBe('nothing showed');
    expect(titled('2026-05-27', clean)).toBe('Scab: nothing showed of one wet time on bare leaves');
  });

  test('without any weather, its season', () => {
    const untold = (span: Untold['span'], today: string) => untoldTitle({ span } as Untold, 'Scab', today);
    const span = { from: '2026-04-20', to: '2026-07-30', basis: 'computed', asks: null } as const;
    expect(untold(span, '2026-05-20')).toBe(
      'Scab: it can infect until about 30 July, and nobody tells of the weather',
    );
    expect(untold(span, '2026-01-20')).toBe('Scab: its season begins about 20 April');
    expect(untold(null, '2026-12-20')).toBe('Scab: not its season');
  });

  test('covered, in part, or nothing at all; and what nobody told of rain', () => {
    expect(titled('2026-05-20', spell({ standing: 'covered' }))).toBe(
      'Scab: nothing got through; one wet time met a cover',
    );
    expect(titled('2026-05-20', spell({ standing: 'in-part' }))).toBe(
      'Scab: one wet time got through in part',
    );
    expect(titled('2026-05-20')).toBe('Scab: nothing was wet long enough so far');
    const untold = diary([], { days: { measured: 0, guessed: 1, unknown: 30 } as Diary['days'] });
    expect(diaryTitle(untold, 'Scab', '2026-05-20')).toBe(
      'Scab: what rained is not known, so nothing can be told',
    );
  });

  test('before its season and after it', () => {
    const ahead = {
      span: { from: '2027-04-20', to: '2027-07-30', basis: 'computed', asks: 'green-tip' } as const,
    };
    expect(diaryTitle(diary([], ahead), 'Scab', '2027-01-15')).toBe('Scab: its season begins about 20 April');
    expect(diaryTitle(diary([spell()], { span: null }), 'Scab', '2026-11-01')).toBe(
      'Scab: its season is over; one wet time got through',
    );
  });
});

test('words for one wet time', () => {
  expect(spellDays(spell())).toBe('12–13 May');
  expect(spellDays(spell({ to: { date: '2026-05-13', hour: 0 } }))).toBe('12 May');
  expect(spellName(spell())).toBe('The night of 12 May');
  expect(spellName(spell({ from: { date: '2026-05-12', hour: 9 } }))).toBe('The wet time of 12 May');
  expect(infectionWords(spell({ severity: 'moderate' }))).toBe('moderate');
  expect(infectionWords(spell({ severity: 'moderate', word: 'possible' }))).toBe('possible');
  expect(infectionWords(spell({ word: null }))).toBe('none');
  expect([0, 0.44, 1].map(chanceWords)).toEqual(['1 in 10', '4 in 10', '9 in 10']);
  const guessed = { basis: 'guessed', wetHours: { short: 2, middle: 8, long: 19 } } as const;
  expect(lastedWords(spell(guessed), 'wet')).toBe('about 8 h (2–19)');
  expect(lastedWords(spell({ ...guessed, wetHours: { short: 2, middle: 0, long: 19 } }), 'wet')).toBe(
    '0–19 h',
  );
  expect(lastedWords(spell({ to: { date: '2026-05-16', hour: 0 } }), 'mild-humid')).toBe('4 days');
});
