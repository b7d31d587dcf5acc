import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { Plant } from '#core/records';
import { dormantAnswer, dormantItems } from './dormant-answer.ts';
import { gardenDay } from './garden-day.ts';
import type { GardenState } from './garden-state.ts';
import { madeGarden, outdoors, plantOf, productOf, sprayOf, watchOn } from './made-garden.ts';

/** At 45° N without a thermometer leaves fall about 10 November and buds swell about 31 March. */
const LEAVES_DOWN: CivilDate = '2025-11-11';
const APPLE = plantOf('Apple', 'apple');
const SCALE = watchOn(APPLE, 'san-jose-scale', { openedOn: '2024-01-01' });

function winter(
  said: Partial<GardenState> = {},
  {
    today = '2026-02-20' as CivilDate,
    plant = APPLE,
    schools = {},
  }: { today?: CivilDate; plant?: Plant; schools?: Readonly<Record<string, string>> } = {},
) {
  return gardenDay(
    madeGarden({ plants: [plant], watches: [{ ...SCALE, plantId: plant.id }], ...said }, { schools }),
    today,
  );
}
const first = (...asked: Parameters<typeof winter>) => dormantAnswer(winter(...asked)).plants[0]!;
const steps = (...asked: Parameters<typeof winter>) => {
  const { plan } = first(...asked);
  return plan.kind === 'steps' ? plan.steps : [];
};
const reason = (...asked: Parameters<typeof winter>) => {
  const { plan } = first(...asked);
  return plan.kind === 'left-out' ? plan.reason : null;
};

describe('the winter page', () => {
  test('plans for what a watch asks, names it, and tells the school', () => {
    expect(first()).toMatchObject({
      plantId: APPLE.id,
      plantName: 'Apple',
      watchId: SCALE.id,
      asksFor: ['San Jose scale'],
      before: null,
    });
    expect(first().winter!.leafFall).toEqual({ on: LEAVES_DOWN, basis: 'calendar' });
    expect(steps().map(({ place, what }) => [place, what])).toEqual([['delayed', 'oil']]);
    expect(dormantAnswer(winter()).school.id).toBe('by-trouble');
    expect(dormantAnswer(winter({}, { schools: { dormant: 'delayed-oil' } })).school.id).toBe('delayed-oil');
  });

  test('by the trouble: scale, felt scale, blight, diseases of bark', () => {
    const places = (target: string, host: string, schools = {}) => {
      const plant = plantOf('P', host);
      return steps({ plants: [plant], watches: [watchOn(plant, target)] }, { schools, plant }).map(
        ({ place }) => place,
      );
    };
    expect(places('crapemyrtle-bark-scale', 'crape-myrtle', { dormant: 'monthly-oil' })[0]).toBe('monthly');
    expect(places('fire-blight', 'apple')).toEqual(['green-tip']);
    expect(places('peach-leaf-curl', 'peach')).toEqual(['leaf-fall', 'midwinter', 'before-swell']);
    expect(places('apple-scab', 'apple')).toEqual([]);
  });

  test('leaves out what is closed or sheltered, what bears no oil, and what is no longer there', () => {
    expect(reason({ watches: [] })).toBe('no-trouble');
    expect(reason({ watches: [{ ...SCALE, outcome: 'closed', outcomeOn: '2026-01-05' }] })).toBe(
      'no-trouble',
    );
    expect(reason({ places: [outdoors({ kind: 'sunroom' })] })).toBe('sheltered');
    const walnut = plantOf('Walnut', 'walnut');
    expect(reason({ plants: [walnut], watches: [watchOn(walnut, 'walnut-scale')] }, { plant: walnut })).toBe(
      'oil-sensitive',
    );
    const lemon = plantOf('Lemon', 'lemon');
    expect(
      reason({ plants: [lemon], watches: [watchOn(lemon, 'california-red-scale')] }, { plant: lemon }),
    ).toBe('tender-evergreen');
    const magnolia = plantOf('Magnolia', 'magnolia');
    expect(
      reason({ plants: [magnolia], watches: [watchOn(magnolia, 'magnolia-scale')] }, { plant: magnolia }),
    ).toBe('evergreen-or-not');
    for (const more of [{ retiredOn: '2026-01-01' }, { outOfReach: true }] as const)
      expect(dormantAnswer(winter({}, { plant: { ...APPLE, ...more } })).plants).toEqual([]);
    // What is planned comes first.
    const bare = plantOf('Bare', 'apple');
    const both = dormantAnswer(winter({ plants: [bare, APPLE] })).plants.map(({ plantName }) => plantName);
    expect(both).toEqual(['Apple', 'Bare']);
  });

  test('a spray on bare wood of this winter is done; one in leaf, or of another winter, is not', () => {
    const oil = productOf('mineral-oil', { leafStates: ['dormant'] });
    const state = (on: CivilDate, leafState: 'dormant' | 'in-leaf' | 'delayed-dormant', product = oil) =>
      steps(
        { products: [product], sprays: [sprayOf(SCALE, on, [product], { leafState })] },
        { today: '2026-04-18' },
      )[0]!.state;
    expect(state('2026-04-10', 'delayed-dormant')).toBe('done');
    expect(state('2026-04-10', 'in-leaf')).not.toBe('done');
    expect(state('2025-04-10', 'delayed-dormant')).not.toBe('done');
    expect(state('2026-04-10', 'dormant', productOf('copper', { leafStates: ['dormant'] }))).not.toBe('done');
    expect(state('2026-04-10', 'dormant', productOf('sulfur', {}, { containsOil: true }))).toBe('done');
  });

  test('sulfur keeps oil off for as long as the school or the label says', () => {
    const sulfur = productOf('sulfur');
    const from = (product: typeof sulfur, schools = {}) =>
      steps(
        { products: [product], sprays: [sprayOf(SCALE, '2026-03-20', [product], { leafState: 'dormant' })] },
        { today: '2026-03-25', schools },
      )[0]!.from;
    const free = steps({}, { today: '2026-03-25' })[0]!.from;
    expect(from(sulfur) > free).toBe(true);
    expect(from(sulfur)).toBe('2026-04-19');
    expect(from(sulfur, { 'oil-sulfur': '14' })).toBe('2026-04-03');
    expect(
      from({ ...sulfur, apart: [{ ingredient: 'oil', days: 25 }] as never }, { 'oil-sulfur': '14' }),
    ).toBe('2026-04-14');
    expect(from({ ...sulfur, apart: [{ ingredient: 'copper', days: 90 }] as never })).toBe('2026-04-19');
  });

  test('in leaf the coming winter is planned, and the last one told', () => {
    const summer = first({}, { today: '2026-07-01' });
    expect(summer.winter!.leafFall.on.slice(0, 4)).toBe('2026');
    expect(summer.before).toMatchObject({ kind: 'steps', steps: [{ state: 'missed' }] });
  });

  test('is due at the watch that asks for it', () => {
    const items = (today: CivilDate) =>
      dormantItems(winter({}, { today })).map(({ watchId, kind }) => [watchId, kind]);
    expect(items('2026-02-20')).toEqual([]);
    expect(items('2026-04-05')).toEqual([[SCALE.id, 'say-leaves']]);
    expect(dormantItems(winter({ watches: [] }, { today: '2026-04-05' }))).toEqual([]);
  });
});
