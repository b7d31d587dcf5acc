import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { gardenDay, namesRecord, namingScene } from './index.ts';
import { madeGarden, outdoors, plantOf, productOf, sprayOf, STATION, watchOn } from './made-garden.ts';

const TODAY = '2026-06-20';
const lemon = plantOf('Lemon', 'lemon');
const rose = plantOf('Rose', 'rose');
const INDOORS = v7();
const room = outdoors({ id: INDOORS, name: 'Sunroom', kind: 'sunroom' });

const warm = (date: string, maxC: number) => ({ date, minC: 12, maxC, rainMm: 0, windMs: null });

describe('what the records make likelier', () => {
  test('nothing, where nothing was recorded', () => {
    const day = gardenDay(madeGarden({ plants: [lemon] }), TODAY);
    expect(namingScene(day, lemon)).toEqual({
      scene: { hostId: 'lemon', month: 6, sheltered: false, leanings: {} },
      clues: [],
    });
  });

  test('a burn, days after oil; more so if it was hot', () => {
    const watch = watchOn(lemon, 'brown-soft-scale');
    const oil = productOf('mineral-oil');
    const garden = (maxC: number | null) =>
      madeGarden({
        plants: [lemon],
        watches: [watch],
        products: [oil],
        sprays: [sprayOf(watch, '2026-06-15', [oil])],
        ...(maxC === null ? {} : { days: { [STATION]: [warm('2026-06-15', maxC), warm('2026-06-16', 24)] } }),
      });
    const seen = (maxC: number | null) => namingScene(gardenDay(garden(maxC), TODAY), lemon);
    const clue = (maxC: number | null) => seen(maxC).clues.find(({ what }) => what === 'sprayed');
    expect(clue(34)).toMatchObject({ daysAgo: 5, hottestC: 34 });
    const odds = (maxC: number | null) => seen(maxC).scene.leanings!['spray-burn']!;
    expect(odds(34)).toBeGreaterThan(odds(25));
    expect(odds(25)).toBeGreaterThan(1);
    expect(odds(null)).toBe(odds(25));
    expect(clue(null)).toMatchObject({ hottestC: null });
  });

  test('no burn from what was sprayed a month ago, or from what does not burn', () => {
    const watch = watchOn(lemon, 'brown-soft-scale');
    const clues = (on: string, materialId: string) => {
      const product = productOf(materialId);
      const state = madeGarden({
        plants: [lemon],
        watches: [watch],
        products: [product],
        sprays: [sprayOf(watch, on, [product])],
      });
      return namingScene(gardenDay(state, TODAY), lemon).clues.filter(({ what }) => what === 'sprayed');
    };
    expect(clues('2026-05-20', 'mineral-oil')).toEqual([]);
    expect(clues('2026-06-15', 'spinosad')).toEqual([]);
    expect(clues('2026-06-15', 'sulfur')).toHaveLength(1);
  });

  test('mites and mealybugs, once it was moved indoors; not once it is out again', () => {
    const moved = (placeId: string, movedOn: string) => ({ id: v7(), plantId: lemon.id, placeId, movedOn });
    const seen = (...moves: ReturnType<typeof moved>[]) =>
      namingScene(
        gardenDay(madeGarden({ plants: [lemon], places: [outdoors(), room], moves }), '2026-12-10'),
        lemon,
      );
    const inside = seen(moved(INDOORS, '2026-10-12'));
    expect(inside.clues).toMatchObject([{ what: 'moved-in', on: '2026-10-12', placeName: 'Sunroom' }]);
    expect(inside.scene.sheltered).toBe(true);
    expect(inside.scene.leanings!.mealybug).toBeGreaterThan(1);
    expect(seen(moved(INDOORS, '2026-10-12'), moved(outdoors().id, '2026-11-20')).clues).toEqual([]);
    expect(seen(moved(INDOORS, '2026-03-01')).clues).toEqual([]);
  });

  test('what was met on this plant more than elsewhere, a lab more than the key; not what cannot live here', () => {
    const leanings = (...watches: ReturnType<typeof watchOn>[]) =>
      namingScene(gardenDay(madeGarden({ plants: [lemon, rose], watches }), TODAY), lemon).scene.leanings!;
    const here = leanings(watchOn(lemon, 'mealybug'))['mealybug']!;
    const there = leanings(watchOn(rose, 'mealybug'))['mealybug']!;
    const byLab = leanings(watchOn(lemon, 'mealybug', { namedBy: 'lab' }))['mealybug']!;
    expect(here).toBeGreaterThan(there);
    expect(there).toBeGreaterThan(1);
    expect(byLab).toBeGreaterThan(here);
    expect(leanings(watchOn(rose, 'rose-black-spot'))).toEqual({});
    expect(leanings(watchOn(lemon, 'mealybug', { outcome: 'ruled-out' }))).toEqual({});
  });

  test('a watch that is looked at again is no evidence for its own name', () => {
    const watch = watchOn(lemon, 'mealybug');
    const day = gardenDay(madeGarden({ plants: [lemon], watches: [watch] }), TODAY);
    expect(namingScene(day, lemon, null, watch.id).scene.leanings).toEqual({});
  });

  test('the month it was seen in stands for today; the south has the months of the north', () => {
    const month = (latitudeDeg: number, seen: number | null) =>
      namingScene(gardenDay(madeGarden({ plants: [lemon] }, { latitudeDeg }), TODAY), lemon, seen).scene
        .month;
    expect([month(45, null), month(45, 3), month(-35, null), month(-35, 3)]).toEqual([6, 3, 12, 9]);
  });
});

test('how names held, newest first', () => {
  const watches = [
    watchOn(lemon, 'mealybug', { openedOn: '2026-03-01', firstTargetId: 'aphids', firstGroup: 'sap-sucker' }),
    watchOn(rose, null, { openedOn: '2026-05-01' }),
  ];
  const names = namesRecord(gardenDay(madeGarden({ plants: [lemon, rose], watches }), TODAY));
  expect(names).toMatchObject([
    { plantName: 'Rose', name: 'Not yet named', firstName: null, held: 'open' },
    { plantName: 'Lemon', name: 'Mealybug', firstName: 'Aphids', held: 'renamed' },
  ]);
});
