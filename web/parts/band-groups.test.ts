import { expect, test } from '@jest/globals';
import type { BandBar, BandWhat } from '#engine';
import { bandGroupWords } from '../show/band-words.ts';
import { groupBars } from './band-groups.ts';

const bar = (
  id: string,
  what: BandWhat,
  from: string,
  to: string,
  state: BandBar['state'] = 'soon',
): BandBar => ({
  id,
  watchId: id,
  what,
  from,
  to,
  state,
});
const window = (targetName: string, generation = 1): BandWhat => ({ kind: 'window', targetName, generation });
const sprayed = (plantName: string): BandWhat => ({ kind: 'sprayed', plantName });
const words = (bars: readonly BandBar[]) =>
  groupBars(bars).map(({ bars: together, from, to }) => [
    bandGroupWords(together.map(({ what }) => what)),
    from,
    to,
  ]);

test('the same trouble on several plants is one bar over all its days', () => {
  expect(
    words([
      bar('b', window('San Jose scale'), '2026-06-05', '2026-06-20'),
      bar('a', window('San Jose scale'), '2026-06-01', '2026-06-12'),
    ]),
  ).toEqual([['San Jose scale, 2 plants', '2026-06-01', '2026-06-20']]);
});

test('what differs in generation, state or lies weeks apart stays apart', () => {
  const bars = [
    bar('a', window('San Jose scale'), '2026-06-01', '2026-06-12'),
    bar('b', window('San Jose scale', 2), '2026-06-01', '2026-06-12'),
    bar('c', window('San Jose scale'), '2026-06-01', '2026-06-12', 'open'),
    bar('d', window('San Jose scale'), '2026-06-23', '2026-06-30'),
  ];
  expect(groupBars(bars)).toHaveLength(4);
  expect(groupBars([bars[0]!, { ...bars[3]!, from: '2026-06-22' }])).toHaveLength(1);
});

test('sprays of some days together are counted', () => {
  expect(
    words([
      bar('a', sprayed('Rose'), '2026-04-01', '2026-04-01', 'done'),
      bar('b', sprayed('Apple'), '2026-04-03', '2026-04-03', 'done'),
      bar('c', sprayed('Pear'), '2026-05-03', '2026-05-03', 'done'),
    ]),
  ).toEqual([
    ['2 sprays', '2026-04-01', '2026-04-03'],
    ['Pear sprayed', '2026-05-03', '2026-05-03'],
  ]);
});

test('winter sprays, flushes and infections say how many', () => {
  const winter = (plantName: string): BandWhat => ({ kind: 'winter', plantName, spray: 'oil' });
  const flush = (plantName: string): BandWhat => ({ kind: 'flush', plantName });
  const infected = (plantName: string): BandWhat => ({
    kind: 'infected',
    plantName,
    targetName: 'Apple scab',
    isSure: true,
  });
  expect(bandGroupWords([winter('Apple'), winter('Pear')])).toBe('winter oil, 2 plants');
  expect(bandGroupWords([flush('Kumquat'), flush('Lemon')])).toBe('soft flush, 2 plants');
  expect(bandGroupWords([infected('Apple'), infected('Apple')])).toBe('apple scab got through, 2 times');
});
