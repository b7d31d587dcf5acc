import { expect, test } from '@jest/globals';
import { type ClimateNormals, normalsFromTable } from '#core/weather';
import { drawFutures, eventsOverYears, futureRange } from './index.ts';

const MODEL = { lowerC: 10, upperC: null, method: 'single-sine', cutoff: 'none' } as const;
const NORMALS: ClimateNormals = normalsFromTable(
  Array.from({ length: 12 }, (_, i) => {
    const warm = 10 - 12 * Math.cos((2 * Math.PI * (i + 0.5)) / 12);
    return { minC: warm - 5, maxC: warm + 5, rainMm: 60, wetDays: 9 };
  }),
);
const asked = {
  start: '2026-01-01',
  end: '2026-12-31',
  measured: [],
  forecast: [],
  model: MODEL,
  normals: NORMALS,
  thresholdCd: 300,
  futures: 100,
  seed: 5,
};

test('futures are drawn to the last, in order, the same for the same seed', async () => {
  const heard: number[] = [];
  const drawn = await drawFutures(asked, (count) => {
    heard.push(count);
    return true;
  });
  expect(heard).toEqual([20, 40, 60, 80, 100]);
  expect(drawn.days).toEqual([...drawn.days].sort((a, b) => a - b));
  expect(await drawFutures(asked, () => true)).toEqual(drawn);
  const range = futureRange(drawn, asked.start)!;
  expect(range.early < range.median && range.median < range.late!).toBe(true);
});

test('stopped, they give what there is; a sum none reaches has no date', async () => {
  expect((await drawFutures(asked, (count) => count < 40)).drawn).toBe(40);
  const never = await drawFutures({ ...asked, thresholdCd: 1e6 }, () => true);
  expect(never.days).toEqual([]);
  expect(futureRange(never, asked.start)).toBeNull();
});

test('events over years agree with one season at a time', () => {
  const steady = (heatCd: number) =>
    Array.from({ length: 365 }, () => ({ minC: 10 + heatCd, maxC: 10 + heatCd }));
  const seasons = [1, 2, 4].map(steady);
  const { years, members } = eventsOverYears(
    seasons,
    {
      start: '2026-01-01',
      measured: steady(2).slice(0, 10),
      forecast: [],
      pastSeasons: seasons,
      model: MODEL,
    },
    [
      { model: MODEL, cd: 100 },
      { model: MODEL, cd: 1e6 },
    ],
  );
  expect(years).toEqual([
    [99, 49, 24],
    [null, null, null],
  ]);
  // Twenty are measured by day 9; the rest comes at each past season's pace.
  expect(members[0]).toEqual([89, 49, 29]);
});
