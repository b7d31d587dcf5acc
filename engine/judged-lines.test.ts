import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { Growth, Plant, ProductRecord } from '#core/records';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { daysAlike, madeGarden, plantOf, productOf, sprayOf, STATION, watchOn } from './made-garden.ts';
import { judgeLine, modeOfAction, nextHarvest, useScene, type UseTold } from './use-facts.ts';

const TODAY: CivilDate = '2026-06-10';
const TOLD: UseTold = {
  leafState: 'in-leaf',
  leafQuestion: null,
  bloom: 'over',
  weather: 'not-sure',
  beesAtHoneydew: false,
  planned: [],
};

interface Asked {
  readonly host?: string;
  readonly target?: string;
  readonly plant?: Partial<Plant>;
  readonly told?: Partial<UseTold>;
  readonly today?: CivilDate;
  readonly garden?: Parameters<typeof madeGarden>[1];
}

/** The rules that speak of one line, on one plant, today. */
function rules(
  product: ProductRecord,
  {
    host = 'spindle',
    target = 'euonymus-scale',
    plant: more = {},
    told = {},
    today = TODAY,
    garden = {},
  }: Asked = {},
  said: (made: { plant: Plant; watch: ReturnType<typeof watchOn> }) => Partial<GardenState> = () => ({}),
  amount: number | null = null,
): Record<string, string> {
  const plant = plantOf('P', host, more);
  const watch = watchOn(plant, target);
  const day = gardenDay(
    madeGarden({ plants: [plant], watches: [watch], products: [product], ...said({ plant, watch }) }, garden),
    today,
  );
  const scene = useScene(day, today, plant, watch, { ...TOLD, ...told });
  return Object.fromEntries(
    judgeLine(scene, product, product.lines[0]!, amount).map(({ ruleId, verdict }) => [ruleId, verdict]),
  );
}
const stage = (plant: Plant, on: CivilDate, what: Growth['stage']): Growth => ({
  id: on + what,
  plantId: plant.id,
  on,
  stage: what,
  leaves: null,
  note: '',
});
const oil = productOf('mineral-oil', {}, { containsOil: true });
const killer = productOf('malathion');

describe('bees', () => {
  test('an open bloom, or one nobody spoke of, stops what harms them on what they visit', () => {
    expect(rules(killer, { told: { bloom: 'open' } })).toMatchObject({
      'in-bloom': expect.stringMatching(/no|never/),
    });
    expect(Object.keys(rules(killer, { told: { bloom: 'over' } }))).not.toContain('in-bloom');
    expect(Object.values(rules(killer, { told: { bloom: null } }))).toContain('ask');
    const logged = rules(killer, { told: { bloom: null } }, ({ plant }) => ({
      growth: [stage(plant, '2026-06-05', 'bloom-start')],
    }));
    expect(logged).toHaveProperty('in-bloom');
    const lastYear = rules(killer, { told: { bloom: null } }, ({ plant }) => ({
      growth: [stage(plant, '2025-06-05', 'bloom-start')],
    }));
    expect(lastYear).not.toHaveProperty('in-bloom');
  });

  test('at honeydew count where the trouble makes it', () => {
    const soft = { host: 'holly', target: 'european-fruit-lecanium' };
    const told = (beesAtHoneydew: boolean | null) =>
      Object.values(rules(killer, { ...soft, told: { beesAtHoneydew } }));
    expect(told(true).some((verdict) => verdict === 'no' || verdict === 'never')).toBe(true);
    expect(told(null)).toContain('ask');
    // Armored scale makes none: nobody is asked.
    expect(Object.values(rules(killer, { told: { beesAtHoneydew: null } }))).not.toContain('ask');
  });
});

describe('a line and the plant', () => {
  test('a rate for bare wood is refused on leaves, and asked about where nobody knows', () => {
    const bare = productOf('mineral-oil', { leafStates: ['dormant'] }, { containsOil: true });
    expect(Object.values(rules(bare))).toContain('no');
    expect(rules(bare, { told: { leafState: 'dormant' } })).not.toHaveProperty('leaf-state-asked');
    expect(rules(bare, { told: { leafState: 'dormant', leafQuestion: 'green-yet' } })).toMatchObject({
      'leaf-state-asked': 'ask',
    });
  });

  test('oil on what it hurts', () => {
    expect(Object.values(rules(oil, { host: 'walnut', target: 'walnut-scale' }))).toContain('no');
    expect(Object.values(rules(oil, { host: 'juniper', target: 'juniper-scale' }))).not.toEqual(
      Object.values(rules(oil)),
    );
  });

  test('what does not work on this group is refused, and what makes it worse', () => {
    const drench = productOf('imidacloprid', { rateUnit: 'percent' });
    expect(rules(drench)).toHaveProperty('does-not-work');
    expect(rules(drench, { host: 'citrus-other', target: 'cottony-cushion-scale' })).toHaveProperty(
      'makes-it-worse',
    );
    expect(rules(oil)).not.toHaveProperty('does-not-work');
  });

  test('a systemic is a drench in any unit: not in autumn there and then', () => {
    const drench = (rateUnit: 'percent' | 'ml-per-cm-diameter') =>
      rules(productOf('dinotefuran', { rateUnit }), {
        host: 'holly',
        target: 'european-fruit-lecanium',
        today: '2026-10-05',
        told: { leafState: 'in-leaf' },
      });
    expect(drench('percent')).toEqual(drench('ml-per-cm-diameter'));
    const june = rules(productOf('dinotefuran', { rateUnit: 'percent' }), {
      host: 'holly',
      target: 'european-fruit-lecanium',
    });
    expect(Object.keys(drench('percent')).length).toBeGreaterThan(Object.keys(june).length);
  });

  test('picking is told with its day; a product past its day, and one without a label', () => {
    const crop = {
      host: 'apple',
      target: 'san-jose-scale',
      plant: { edible: true, harvestFrom: '06-20', harvestTo: '09-01' },
    };
    const late = productOf('malathion', { daysToHarvest: 30 });
    const none = rules(late, { ...crop, plant: { edible: false } });
    expect(Object.keys(rules(late, crop)).length).toBeGreaterThan(Object.keys(none).length);
    expect(rules({ ...oil, expiresOn: '2026-06-09' })).not.toEqual(
      rules({ ...oil, expiresOn: '2026-06-10' }),
    );
    expect(rules({ ...oil, unlabelled: true })).not.toEqual(rules(oil));
    expect(rules(killer, { garden: { schools: { organic: 'organic-only' } } })).not.toEqual(rules(killer));
    expect(rules({ ...oil, organic: true }, { garden: { schools: { organic: 'organic-only' } } })).toEqual(
      rules({ ...oil, organic: true }),
    );
  });
});

describe('what went on before', () => {
  const interval = productOf(
    'mineral-oil',
    { intervalDays: 14, usesPerYear: 2, mostPerYear: 100 },
    { containsOil: true },
  );
  const after = (
    sprayedOn: readonly CivilDate[],
    more: Parameters<typeof sprayOf>[3] = {},
    amount: number | null = null,
  ) =>
    rules(
      interval,
      {},
      ({ watch }) => ({ sprays: sprayedOn.map((on) => sprayOf(watch, on, [interval], more)) }),
      amount,
    );

  test("the label's interval, its uses and its amount in a year", () => {
    expect(after(['2026-05-28'])).toHaveProperty('interval');
    expect(after(['2026-05-27'])).not.toHaveProperty('interval');
    expect(after(['2026-04-01', '2026-05-01'])).toHaveProperty('uses-a-year');
    expect(after(['2025-04-01', '2026-05-01'])).not.toHaveProperty('uses-a-year');
    expect(after(['2026-05-01'], {}, 61)).toHaveProperty('amount-a-year');
    expect(after(['2026-05-01'], {}, 60)).not.toHaveProperty('amount-a-year');
    // What lies ahead is not known yet.
    expect(after(['2026-06-11'])).not.toHaveProperty('interval');
  });

  test('one tank over two watches of a plant is one spray', () => {
    const twice = (loadId: string | null) =>
      rules(interval, {}, ({ plant, watch }) => {
        const second = watchOn(plant, 'oystershell-scale');
        return {
          watches: [watch, second],
          sprays: [watch, second].map((on) => sprayOf(on, '2026-05-01', [interval], { loadId })),
        };
      });
    expect(twice(null)).toHaveProperty('uses-a-year');
    expect(twice('tank')).not.toHaveProperty('uses-a-year');
  });

  test('oil after sulfur waits as long as the school says', () => {
    const sulfur = productOf('sulfur');
    const wait = (on: CivilDate, schools = {}) =>
      rules(oil, { garden: { schools } }, ({ watch }) => ({
        products: [oil, sulfur],
        sprays: [sprayOf(watch, on, [sulfur])],
      }));
    const kept = (judged: Record<string, string>) =>
      Object.values(judged).some((verdict) => verdict === 'wait' || verdict === 'no');
    expect([kept(wait('2026-05-12')), kept(wait('2026-05-10'))]).toEqual([true, false]);
    expect([kept(wait('2026-05-01')), kept(wait('2026-05-01', { 'oil-sulfur': '60' }))]).toEqual([
      false,
      true,
    ]);
  });

  test('a mode of action is the label’s own word before the material’s', () => {
    expect(modeOfAction({ materialId: 'malathion', modeOfAction: 'X9' })).toBe('X9');
    expect(modeOfAction({ materialId: 'malathion', modeOfAction: '' })).not.toBe('');
  });
});

describe('the weather of the day', () => {
  test('is asked without a forecast, known with one, and not for a day that is past', () => {
    const ahead = { [STATION]: daysAlike(TODAY, 4) };
    expect(rules(oil, { told: { weather: null } })).toMatchObject({ 'weather-not-said': 'ask' });
    expect(rules(oil, { told: { weather: 'not-sure' } })).toHaveProperty('weather-not-known');
    const fine = rules(oil, { told: { weather: null } }, () => ({ forecasts: ahead }));
    expect(fine).not.toHaveProperty('weather-not-said');
    expect(fine).not.toHaveProperty('no-fit-hour');
    const frost = rules(oil, { told: { weather: null } }, () => ({
      forecasts: { [STATION]: daysAlike(TODAY, 4, { minC: -4 }) },
    }));
    expect(frost).toHaveProperty('no-fit-hour');
    const told = (highC: number, rain = false) =>
      rules(oil, { told: { weather: { lowC: 10, highC, rain, air: 'breeze' } } });
    expect(told(20)).not.toHaveProperty('no-fit-hour');
    expect(told(36)).toHaveProperty('no-fit-hour');
    expect(told(20, true)).toHaveProperty('no-fit-hour');
  });
});

test('picking that is still to come: today while it goes on, across New Year too', () => {
  const next = (harvestFrom: string | null, harvestTo: string | null, today: CivilDate) =>
    nextHarvest({ harvestFrom, harvestTo }, today);
  expect(next(null, null, TODAY)).toBeNull();
  expect(next('09-01', '10-15', '2026-06-10')).toBe('2026-09-01');
  expect(next('09-01', '10-15', '2026-09-01')).toBe('2026-09-01');
  expect(next('09-01', '10-15', '2026-10-15')).toBe('2026-10-15');
  expect(next('09-01', '10-15', '2026-10-16')).toBe('2027-09-01');
  expect(next('11-15', '02-10', '2027-01-05')).toBe('2027-01-05');
  expect(next('11-15', '02-10', '2027-02-11')).toBe('2027-11-15');
  expect(next('09-01', null, '2026-09-02')).toBe('2027-09-01');
});
