import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, daysBetween } from '#core/calendar';
import type { Growth, GrowthStage } from '#core/records';
import { gardenDay } from './garden-day.ts';
import { madeGarden, outdoors, plantOf } from './made-garden.ts';
import { growthBars } from './growth-bars.ts';

const APPLE = plantOf('Apple', 'apple');
const LEMON = plantOf('Lemon', 'lemon');

const logged = (stage: GrowthStage, on: string): Growth => ({
  id: v7(),
  plantId: APPLE.id,
  stage,
  on,
  leaves: null,
  note: '',
});

function barsOn(today: string, growth: readonly Growth[] = [], plant = APPLE, latitudeDeg = 45) {
  const state = madeGarden(
    { places: [outdoors({ stationId: null })], plants: [APPLE, LEMON], growth },
    { latitudeDeg },
  );
  const day = gardenDay(state, today);
  return growthBars(day, day.books.plantBook(plant.id));
}
const stagesOf = (bars: ReturnType<typeof barsOn>) =>
  bars.map(({ what, state }) => (what.kind === 'growth' ? `${what.stage} ${state}` : what.kind));

describe("buds and leaves of a plant's year", () => {
  test('without a log the turns ahead are the usual ones, weeks wide', () => {
    const bars = barsOn('2027-01-15');
    expect(stagesOf(bars)).toEqual(['bud-swell coming', 'green-tip coming', 'leaf-fall coming']);
    expect(bars[0]!.from).toBe('2027-04-01');
    for (const { from, early, late } of bars) {
      expect(daysBetween(early!, from)).toBe(daysBetween(from, late!));
      expect(daysBetween(early!, from)).toBeGreaterThanOrEqual(14);
    }
  });

  test('what was logged stands on its day and its usual day goes', () => {
    const bars = barsOn('2027-04-20', [logged('bud-swell', '2027-03-20'), logged('green-tip', '2027-04-10')]);
    expect(stagesOf(bars)).toEqual(['bud-swell done', 'green-tip done', 'leaf-fall coming']);
    expect(bars[0]).toMatchObject({ from: '2027-03-20', to: '2027-03-20', early: null, late: null });
  });

  test('a plant seen in leaf has no buds to swell this spring', () => {
    expect(stagesOf(barsOn('2027-03-25', [logged('seen-in-leaf', '2027-03-24')]))).toEqual([
      'leaf-fall coming',
    ]);
  });

  test('a usual day that has come and was not logged is open, not done', () => {
    expect(stagesOf(barsOn('2027-04-03'))[0]).toBe('bud-swell open');
  });

  test('evergreens have no such turns, only what was logged', () => {
    expect(barsOn('2027-01-15', [], LEMON)).toEqual([]);
  });

  test('in the south the turns come half a year later', () => {
    const north = barsOn('2027-01-15')[0]!.from;
    const south = barsOn('2027-07-15', [], APPLE, -45)[0]!.from;
    expect(Math.abs(daysBetween(addDays(north, 182), south))).toBeLessThan(4);
  });
});
