import { expect, test } from '@jest/globals';
import type { YearBar } from '#engine';
import { yearLanes } from './year-layout.ts';

const bar = (id: string, from: string, to: string): YearBar => ({
  id,
  what: { kind: 'feeding' },
  from,
  to,
  early: null,
  late: null,
  state: 'coming',
});
const lay = (bars: YearBar[], labelled = true) =>
  yearLanes(bars, '2026-01-01', '2026-12-31', 730, ({ id }) => id.split(' ')[0]!, labelled);

test('a bar lies on its days, two px a day, and is never too thin to see', () => {
  const { placed } = lay([bar('a', '2026-01-11', '2026-01-20'), bar('b', '2026-06-01', '2026-06-01')]);
  expect(placed.map(({ x, width }) => [x, width])).toEqual([
    [20, 20],
    [302, 7],
  ]);
  expect(lay([bar('a', '2025-11-11', '2026-01-10')]).placed[0]).toMatchObject({ x: 0, width: 20 });
});

test('a spread belongs to its bar: the label stands behind it, and nothing lies on it', () => {
  const spread = { ...bar('window', '2026-03-11', '2026-03-20'), early: '2026-03-01', late: '2026-04-10' };
  const { placed, lanes } = lay([bar('spray', '2026-03-05', '2026-03-06'), spread], false);
  expect(placed[1]).toMatchObject({ x: 138, width: 20, early: 118, late: 198, lane: 1 });
  expect(lanes).toBe(2);
});

test('no bar or label lies over another: what meets goes a lane down', () => {
  const { placed, lanes } = lay([
    bar('window', '2026-03-01', '2026-05-01'),
    bar('spray', '2026-04-01', '2026-04-03'),
    bar('late', '2026-11-01', '2026-11-02'),
  ]);
  expect([placed.map(({ lane }) => lane), lanes]).toEqual([[0, 1, 0], 2]);
});

test('turns alike are named once, a label that would leave the page is left off, and so are all where there is no room', () => {
  const weekly = ['03-01', '03-08', '03-15', '09-01'].map((on, i) =>
    bar(`spray ${i}`, `2026-${on}`, `2026-${on}`),
  );
  expect(lay(weekly).placed.map(({ label }) => label)).toEqual(['spray', '', '', 'spray']);
  expect(lay([bar('december', '2026-12-20', '2026-12-24')]).placed[0]!.label).toBe('');
  expect(lay(weekly, false).placed.every(({ label }) => label === '')).toBe(true);
});
