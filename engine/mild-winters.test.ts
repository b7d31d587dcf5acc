import { expect, test } from '@jest/globals';
import { guidePlates, USUAL_MONTHS } from '#knowledge';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { daysAlike, madeGarden, outdoors, plantOf, STATION, watchOn } from './made-garden.ts';
import { gardenWinters } from './mild-winters.ts';
import { usualSpans } from './watch-picture.ts';

const HEDGE = plantOf('Juniper', 'juniper');
const WATCH = watchOn(HEDGE, 'juniper-scale');
const TODAY = '2026-05-01';

/** A garden read for three years, every night as cold and every afternoon as warm. */
const read = (minC: number, maxC: number, said: Partial<GardenState> = {}, latitudeDeg = 45) =>
  gardenDay(
    madeGarden(
      {
        plants: [HEDGE],
        watches: [WATCH],
        days: { [STATION]: daysAlike('2023-01-01', 1216, { minC, maxC }) },
        ...said,
      },
      { latitudeDeg },
    ),
    TODAY,
  );

test('a garden’s own winters stand over its latitude, on a watch and in the guide alike', () => {
  const monthsByGuide = (latitudeDeg: number, mildWinters: boolean | null) =>
    guidePlates('juniper-scale', { latitudeDeg, mildWinters }).find(({ stage }) => stage === 'crawler')!
      .months;
  for (const [day, latitudeDeg, kind] of [
    [read(8, 18), 45, 'mild'],
    [read(-5, 3, {}, 30), 30, 'cold'],
  ] as const) {
    expect(gardenWinters(day)).toBe(kind === 'mild');
    const [span] = usualSpans(day, { watch: WATCH, plant: HEDGE }).filter(({ from }) => from >= day.start);
    const [from, to] = USUAL_MONTHS['juniper-scale']![kind][0]!;
    expect([span!.from.slice(5), span!.to.slice(5)]).toEqual([from, to]);
    const byGuide = monthsByGuide(latitudeDeg, gardenWinters(day));
    expect([byGuide[0], byGuide.at(-1)]).toEqual([Number(from.slice(0, 2)), Number(to.slice(0, 2))]);
  }
});

test('nothing is said of winters nobody measured, nor of a garden without a place in the open', () => {
  expect(gardenWinters(read(8, 18, { days: {} }))).toBeNull();
  expect(gardenWinters(read(8, 18, { places: [outdoors({ kind: 'indoors' })] }))).toBeNull();
});
