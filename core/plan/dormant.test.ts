import { describe, expect, test } from '@jest/globals';
import {
  dormantPlan,
  type DormantPlant,
  type DormantSchool,
  type StageSpan,
  type Winter,
  type WinterSpray,
  winterOf,
} from './index.ts';

const STAGES: readonly StageSpan[] = [
  { stage: 'dormant', from: '2026-01-01', to: '2026-04-04' },
  { stage: 'bud-swell', from: '2026-04-05', to: '2026-04-25' },
  { stage: 'in-leaf', from: '2026-04-26', to: '2026-10-09' },
  { stage: 'leaf-fall', from: '2026-10-10', to: '2026-11-05' },
  { stage: 'dormant', from: '2026-11-06', to: '2026-12-31' },
];
const noHeat = () => null;

describe('which winter, and when', () => {
  test('before green tip it is the one the day lies in; in leaf, the coming one', () => {
    expect(winterOf(STAGES, '2026-01-01', '2026-02-10', [], noHeat)).toMatchObject({
      leafFall: { on: '2025-11-06', basis: 'default' },
      budSwell: { on: '2026-04-05' },
      greenTip: { on: '2026-04-26' },
    });
    expect(winterOf(STAGES, '2026-01-01', '2026-05-29', [], noHeat)).toMatchObject({
      leafFall: { on: '2026-11-06' },
      budSwell: { on: '2027-04-05' },
      greenTip: { on: '2027-04-26' },
    });
    expect(winterOf(null, '2026-01-01', '2026-02-10', [], noHeat)).toBeNull();
  });

  test("what was logged stands first, then the plant's heat, then its own years", () => {
    const log = [
      { stage: 'bud-swell' as const, on: '2026-03-28' },
      { stage: 'leaf-fall' as const, on: '2025-11-20' },
    ];
    expect(winterOf(STAGES, '2026-01-01', '2026-02-10', log, noHeat)).toMatchObject({
      leafFall: { on: '2025-11-20', basis: 'logged' },
      budSwell: { on: '2026-03-28', basis: 'logged' },
    });
    // Eight days early this spring, so eight days early next spring.
    expect(winterOf(STAGES, '2026-01-01', '2026-06-01', log, noHeat)!.budSwell).toEqual({
      on: '2027-03-28',
      basis: 'own-years',
    });
    expect(
      winterOf(STAGES, '2026-01-01', '2026-06-01', log, (_, year) => (year === 2027 ? '2027-04-01' : null))!
        .budSwell,
    ).toEqual({ on: '2027-04-01', basis: 'own-heat' });
  });
});

describe('the programme', () => {
  const winter: Winter = {
    leafFall: { on: '2025-11-06', basis: 'default' },
    budSwell: { on: '2026-04-05', basis: 'default' },
    greenTip: { on: '2026-04-26', basis: 'default' },
  };
  const plant = (changes: Partial<DormantPlant> = {}): DormantPlant => ({
    evergreen: false,
    sheltered: false,
    oil: 'usual',
    troubles: ['scale'],
    ...changes,
  });
  const steps = (
    school: DormantSchool,
    plantMeant: DormantPlant,
    today: string,
    sprayed: WinterSpray[] = [],
    spurs: string[] = [],
  ) => {
    const plan = dormantPlan(plantMeant, winter, school, sprayed, spurs, today);
    if (plan.kind !== 'steps') throw new Error(plan.reason);
    return plan.steps.map(({ place, what, state, mattersMost }) => [place, what, state, mattersMost]);
  };

  test('scale asks for one oil from swell to first green; curl for copper that is on before swell', () => {
    expect(steps('by-trouble', plant(), '2026-04-10')).toEqual([['delayed', 'oil', 'due', true]]);
    expect(steps('by-trouble', plant({ troubles: ['scale', 'bark-disease'] }), '2026-03-20')).toEqual([
      ['leaf-fall', 'copper', 'missed', false],
      ['midwinter', 'copper', 'missed', false],
      ['before-swell', 'copper', 'due', true],
      ['delayed', 'oil', 'coming', false],
    ]);
  });

  test('what was sprayed near its time is done, by its kind; two passes make one step', () => {
    expect(
      steps('delayed-oil', plant(), '2026-05-01', [{ on: '2026-04-03', oil: true, copper: false }]),
    ).toEqual([['delayed', 'oil', 'done', true]]);
    expect(
      steps('delayed-oil', plant(), '2026-05-01', [{ on: '2026-04-11', oil: false, copper: true }]),
    ).toEqual([['delayed', 'oil', 'missed', true]]);
    const three = steps('three-sprays', plant({ troubles: ['bark-disease'] }), '2026-01-01', [
      { on: '2025-11-10', oil: true, copper: false },
      { on: '2025-11-12', oil: false, copper: true },
    ]);
    expect(three.map(([place, , state]) => [place, state])).toEqual([
      ['leaf-fall', 'done'],
      ['midwinter', 'coming'],
      ['before-swell', 'coming'],
    ]);
    expect(steps('by-spurs', plant(), '2026-02-01', [], ['2026-01-20'])).toEqual([
      ['midwinter', 'spur-sample', 'done', true],
    ]);
    expect(steps('monthly-oil', plant({ troubles: ['felt-scale'] }), '2025-11-01')).toHaveLength(5);
  });

  test('who is left out, and why', () => {
    const reason = (plantMeant: DormantPlant, school: DormantSchool = 'by-trouble') => {
      const plan = dormantPlan(plantMeant, winter, school, [], [], '2026-02-01');
      return plan.kind === 'left-out' ? plan.reason : null;
    };
    expect(reason(plant({ evergreen: true }))).toBe('evergreen');
    expect(reason(plant({ sheltered: true }))).toBe('sheltered');
    expect(reason(plant({ troubles: [] }))).toBe('no-trouble');
    expect(reason(plant({ oil: 'avoid' }))).toBe('oil-sensitive');
    // Copper is no oil.
    expect(reason(plant({ oil: 'avoid', troubles: ['bark-disease'] }))).toBeNull();
    expect(dormantPlan(plant(), null, 'by-trouble', [], [], '2026-02-01')).toEqual({
      kind: 'left-out',
      reason: 'no-dormant-season',
    });
  });
});

test('sulfur sprayed in autumn holds winter oil back, and takes it away when its days outlast the step', () => {
  const winter: Winter = {
    leafFall: { on: '2025-11-06', basis: 'default' },
    budSwell: { on: '2026-04-05', basis: 'default' },
    greenTip: { on: '2026-04-26', basis: 'default' },
  };
  const steps = (oil: string, today: string) => {
    const plan = dormantPlan(
      {
        evergreen: false,
        sheltered: false,
        oil: 'usual',
        troubles: ['scale'],
        notBefore: { oil, copper: null },
      },
      winter,
      'delayed-oil',
      [],
      [],
      today,
    );
    return plan.kind === 'steps' ? plan.steps.map(({ from, state }) => [from, state]) : [];
  };
  expect(steps('2026-04-12', '2026-04-08')).toEqual([['2026-04-12', 'coming']]);
  expect(steps('2026-04-12', '2026-04-12')).toEqual([['2026-04-12', 'due']]);
  expect(steps('2026-05-02', '2026-04-08')).toEqual([['2026-04-05', 'held']]);
  expect(steps('2026-04-01', '2026-04-08')).toEqual([['2026-04-05', 'due']]);
});
