import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import { blankSeries, blankStep, type Series, type StepPlan } from '#core/records';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { handworkOn, madeGarden, plantOf, productOf, sprayOf, tapeOn, watchOn } from './made-garden.ts';
import { workingDay } from './working-day.ts';
import { yearAnswer } from './year-answer.ts';

const HEDGE = plantOf('Hedge', 'spindle');
const ROSE = plantOf('Rose', 'rose');
const SCALE = watchOn(HEDGE, 'euonymus-scale');
const SPOT = watchOn(ROSE, 'rose-black-spot');
const series = (id: string, watchId: string, ...steps: StepPlan[]): Series =>
  blankSeries({ id, name: id, watchId, startedOn: '2026-06-01', steps });
const spray = (material: string) => blankStep({ action: 'spray', materials: [material] });
const any = { groups: ['armored', 'fungus'] as ('armored' | 'fungus')[] };
const oil = productOf('mineral-oil', any, { containsOil: true });
const sulfur = productOf('sulfur', any);
const state = (said: Partial<GardenState>) =>
  madeGarden({ plants: [HEDGE, ROSE], watches: [SCALE, SPOT], products: [oil, sulfur], ...said });
const on = (said: Partial<GardenState>, today: CivilDate = '2026-06-01') =>
  workingDay(gardenDay(state(said), today));

describe('a working day', () => {
  test('looks come before hand work, hand work before sprays; what is further off is not of it', () => {
    const said = {
      series: [
        series('wash', SCALE.id, blankStep({ action: 'hand', hand: 'brush' })),
        series('dust', SPOT.id, spray('sulfur')),
        series(
          'far',
          SPOT.id,
          blankStep({ action: 'look', trigger: { kind: 'after', leastDays: 5, mostDays: 6 } }),
        ),
      ],
      tapes: [tapeOn(SCALE, '2026-05-26', 3)],
    };
    const { jobs } = on(said);
    expect(jobs.map(({ kind, plantName, what }) => [kind, plantName, what.kind])).toEqual([
      ['look', 'Hedge', 'due'],
      // Never counted: how bad it is comes before work.
      ['look', 'Hedge', 'due'],
      ['look', 'Rose', 'due'],
      ['hand', 'Hedge', 'planned'],
      ['spray', 'Hedge', 'due'],
      ['spray', 'Rose', 'planned'],
    ]);
    expect(jobs.some(({ id }) => id.startsWith('far'))).toBe(false);
  });

  test('what takes the same goes into one tank, with water for all its plants', () => {
    const two = [series('a', SCALE.id, spray('mineral-oil')), series('b', SPOT.id, spray('mineral-oil'))];
    const { tanks } = on({
      series: two,
      watches: [SCALE, { ...SPOT, group: 'armored', targetId: 'san-jose-scale' }],
    });
    expect(tanks).toHaveLength(1);
    // Two plants of 2 × 1 × 1 m in leaf, 0.11 l to the m³.
    expect(tanks[0]).toMatchObject({ materialId: 'mineral-oil', jobIds: ['a:0:0', 'b:0:0'] });
    expect(tanks[0]!.waterMl).toBeCloseTo(440, 6);
    expect(tanks[0]!.minutes).toBe(21);
    // By its line of 1 to 2 %: 4.4 to 8.8 ml in 440 ml.
    const { low, high, by } = tanks[0]!.pour!;
    expect([low, high].map((ml) => ml.toFixed(2)).concat(by)).toEqual(['4.40', '8.80', 'volume']);
  });

  test('what is in no pack of the shelf, or goes by ground, is poured by nobody’s figure', () => {
    const two = [series('a', SCALE.id, spray('mineral-oil'))];
    expect(on({ series: two, products: [] }).tanks[0]).toMatchObject({
      materialId: 'mineral-oil',
      pour: null,
    });
    const ground = productOf('mineral-oil', { ...any, rateUnit: 'ml-per-m2' });
    expect(on({ series: two, products: [ground] }).tanks[0]!.pour).toBeNull();
  });

  test('what must not meet on a plant is told', () => {
    const rust = watchOn(HEDGE, 'powdery-mildew');
    const both = [series('a', SCALE.id, spray('mineral-oil')), series('b', rust.id, spray('sulfur'))];
    const { clashes } = on({ series: both, watches: [SCALE, rust] });
    expect(clashes).toEqual([
      expect.objectContaining({ plantName: 'Hedge', materialIds: ['mineral-oil', 'sulfur'], apartDays: 30 }),
    ]);
    expect(on({ series: [both[0]!, series('c', SPOT.id, spray('sulfur'))] }).clashes).toEqual([]);
  });

  test('an empty garden has none', () => {
    expect(workingDay(gardenDay(madeGarden(), '2026-06-01'))).toMatchObject({
      jobs: [],
      tanks: [],
      minutes: 0,
    });
  });
});

describe('the year', () => {
  const year = (said: Partial<GardenState>, today: CivilDate = '2026-06-10') =>
    yearAnswer(gardenDay(state(said), today));
  const bars = (said: Partial<GardenState>, plantName: string, today?: CivilDate) =>
    year(said, today)
      .rows.filter((row) => row.plantName === plantName)
      .flatMap((row) => row.bars.map(({ what, from, to, state: stands }) => [what.kind, from, to, stands]));

  test('runs twelve months from the first of last month, across New Year', () => {
    expect(year({})).toMatchObject({ from: '2026-05-01', to: '2027-04-30' });
    expect(year({}, '2027-01-31')).toMatchObject({ from: '2026-12-01', to: '2027-11-30' });
  });

  test('holds what was done once, what is planned with its turns, and picking each year it falls in', () => {
    const load = { loadId: 'tank' };
    const said = {
      sprays: [sprayOf(SCALE, '2026-06-02', [oil], load), sprayOf(SPOT, '2026-06-02', [sulfur], load)],
      handwork: [handworkOn(SCALE, '2026-06-03')],
      series: [
        series(
          'again',
          SCALE.id,
          blankStep({ action: 'look', trigger: { kind: 'date', on: '2026-07-01', forDays: 2 } }),
        ),
      ],
      plants: [{ ...HEDGE, edible: true, harvestFrom: '12-20', harvestTo: '01-10' }, ROSE],
    };
    expect(bars(said, 'Hedge')).toEqual(
      expect.arrayContaining([
        ['sprayed', '2026-06-02', '2026-06-02', 'done'],
        ['worked', '2026-06-03', '2026-06-03', 'done'],
        ['harvest', '2026-12-20', '2027-01-10', 'coming'],
        ['series', '2026-07-01', '2026-07-03', 'coming'],
      ]),
    );
    expect(bars(said, 'Hedge').filter(([kind]) => kind === 'sprayed')).toHaveLength(1);
  });

  test('a turn that was done stays at its day under the same id', () => {
    const weekly = series('weekly', SCALE.id, {
      ...spray('mineral-oil'),
      every: { leastDays: 7, mostDays: 9, afterRainMm: null },
      times: 3,
    });
    const ids = (said: Partial<GardenState>) =>
      year(said).rows.flatMap((row) =>
        row.bars.filter(({ what }) => what.kind === 'series').map(({ id, state: is }) => [id, is]),
      );
    const before = ids({ series: [weekly] });
    const after = ids({ series: [weekly], sprays: [sprayOf(SCALE, '2026-06-05', [oil])] });
    expect(before.map(([id]) => id)).toEqual(['weekly:0:0', 'weekly:0:1', 'weekly:0:2']);
    expect(after).toEqual([
      ['weekly:0:0', 'done'],
      ['weekly:0:1', 'coming'],
      ['weekly:0:2', 'coming'],
    ]);
  });
});
