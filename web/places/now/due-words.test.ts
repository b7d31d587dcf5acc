import { expect, test } from '@jest/globals';
import type { DueKind } from '#core/decide';
import type { DueAnswer } from '#engine';
import { closingWords, dueWords, headline } from './due-words.ts';

const TODAY = '2026-05-29';
const item = (changes: Partial<DueAnswer>): DueAnswer => ({
  id: 'i',
  watchId: 'w',
  kind: 'treat-now',
  opens: '2026-05-20',
  opensRange: null,
  closes: '2026-06-10',
  closesRange: ['2026-06-08', '2026-06-14'],
  standing: 'open',
  facts: [],
  ruleId: 'window-open',
  eventId: null,
  asks: null,
  heldBy: [],
  isTagged: false,
  plantId: 'p',
  plantName: 'West hedge',
  targetName: 'San Jose scale',
  targetId: 'san-jose-scale',
  level: null,
  levelBefore: null,
  ...changes,
});

const KINDS: readonly DueKind[] = [
  'say-leaves',
  'next-look',
  'name-it',
  'count-first',
  'hang-tapes',
  'change-tape',
  'treat-now',
  'treat-soon',
  'second-pass',
  'hatch-passing',
  'window-disputed',
  'look-alive',
  'adults-soon',
  'adults-now',
  'check-after-treatment',
  'wait-for-tapes',
  'growth-regulator',
  'all-stages',
  'hang-trap',
  'cover-flush',
  'clear-leaves',
];

test('every kind has words of its own and a place to do it', () => {
  const words = KINDS.map((kind) => dueWords(item({ kind })));
  expect(new Set(words.map(({ title }) => title)).size).toBe(KINDS.length);
  for (const { advice, why, to, doIt } of words) {
    for (const text of [advice, why, doIt]) expect(text.length).toBeGreaterThan(2);
    expect(to).toMatch(/^\/(look\/w|mix\?watch=w|when\/dormant)/);
  }
  expect(dueWords(item({})).title).toBe('Spray West hedge, San Jose scale');
});

test('until when, in the words of its standing', () => {
  expect(closingWords(item({}), TODAY)).toEqual({
    tag: 'open',
    tone: 'tag-open',
    line: 'until 10 June (8–14)',
  });
  expect(closingWords(item({ standing: 'late', closes: '2026-05-28' }), TODAY)).toMatchObject({
    tag: '1 day late',
    line: 'was due 28 May',
  });
  expect(
    closingWords(
      item({ standing: 'soon', opens: '2026-06-02', opensRange: ['2026-06-01', '2026-06-06'] }),
      TODAY,
    ).line,
  ).toBe('from 2 June (1–6), until 10 June (8–14)');
  expect(closingWords(item({ closes: null, closesRange: null }), TODAY).line).toBe('no end');
});

test('the heading says what matters', () => {
  expect(headline([])).toBe('Nothing is due today');
  expect(headline([item({})])).toBe('One is open');
  expect(headline([item({}), item({}), item({ standing: 'late' }), item({ standing: 'soon' })])).toBe(
    'One is late, two are open and one opens within ten days',
  );
});

test('a check of work goes to the tags where some hang, else to the count', () => {
  const check = { kind: 'check-after-treatment', ruleId: 'check-scale-after' } as const;
  expect(dueWords(item(check))).toMatchObject({ to: '/look/w/count', doIt: 'Count' });
  expect(dueWords(item({ ...check, isTagged: true }))).toMatchObject({
    to: '/look/w/after',
    doIt: 'Tag by tag',
  });
});
