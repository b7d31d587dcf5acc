import { expect, test } from '@jest/globals';
import type { WatchPicture } from '#engine';
import { incubationDays } from '#knowledge';
import { addDays } from '#core/calendar';
import { judgedFrom } from './judged-from.ts';

const picture = (
  targetId: string,
  group: string,
  sprays: readonly string[],
  handwork: readonly string[] = [],
) =>
  ({
    watch: { targetId, group },
    sprays: sprays.map((on) => ({ on })),
    handwork: handwork.map((on) => ({ on })),
  }) as unknown as WatchPicture;

test('a fungus is judged one incubation after the last thing done, and not asked about before', () => {
  const hidden = incubationDays('apple-scab', 'fungus')!;
  const judged = addDays('2026-05-10', hidden);
  const scab = picture('apple-scab', 'fungus', ['2026-05-01'], ['2026-05-10']);
  expect(judgedFrom(scab, addDays(judged, -1))).toBe(judged);
  expect(judgedFrom(scab, judged)).toBeNull();
  expect(judgedFrom(picture('apple-scab', 'fungus', []), '2026-05-11')).toBeNull();
  expect(judgedFrom(picture('euonymus-scale', 'armored', ['2026-05-10']), '2026-05-11')).toBeNull();
});
