import { describe, expect, test } from '@jest/globals';
import {
  dormantPlan,
  type DormantPlant,
  type DormantSchool,
  type LeafSign,
  type SpurSample,
  type UsualYear,
  type Winter,
  type WinterSpray,
  winterOf,
} from './index.ts';

/** Swell on 5 April, first green on 26 April, leaves down on 6 November. */
const YEAR: UsualYear = { budSwell: 94, greenTip: 115, leafFall: 309, marginDays: 14, basis: 'measured' };
const noHeat = () => null;
const sign = (kind: LeafSign['kind'], on: string, leafState: LeafSign['leafState']): LeafSign => ({
  kind,
  on,
  leafState,
});

describe('which winter, and when', () => {
  test('before green tip it is the one the day lies in; in leaf, the coming one', () => {
    expect(winterOf(YEAR, '2026-01-01', '2026-02-10', [], noHeat)).toMatchObject({
      leafFall: { on: '2025-11-06', basis: 'default' },
      budSwell: { on: '2026-04-05' },
      greenTip: { on: '2026-04-26' },
    });
    expect(winterOf(YEAR, '2026-01-01', '2026-05-29', [], noHeat)).toMatchObject({
      leafFall: { on: '2026-11-06' },
      budSwell: { on: '2027-04-05' },
      greenTip: { on: '2027-04-26' },
    });
  });

  test("what was logged stands first, then the plant's heat, then its own years", () => {
    const log = [
      sign('leaf-fall', '2025-11-20', 'dormant'),
      sign('bud-swell', '2026-03-28', 'delayed-dormant'),
    ];
    expect(winterOf(YEAR, '2026-01-01', '2026-02-10', log, noHeat)).toMatchObject({
      leafFall: { on: '2025-11-20', basis: 'logged' },
      budSwell: { on: '2026-03-28', basis: 'logged' },
    });
    // Eight days early this spring, so eight days early next spring.
    expect(winterOf(YEAR, '2026-01-01', '2026-06-01', log, noHeat).budSwell).toEqual({
      on: '2027-03-28',
      basis: 'own-years',
    });
    expect(
      winterOf(YEAR, '2026-01-01', '2026-06-01', log, (_, year) => (year === 2027 ? '2027-04-01' : null))
        .budSwell,
    ).toEqual({ on: '2027-04-01', basis: 'own-heat' });
  });
});

describe('what was seen of the leaves moves a winter that was only computed', () => {
  const winter = (today: string, ...signs: LeafSign[]) => winterOf(YEAR, '2026-01-01', today, signs, noHeat);

  test('leaves out in March end the winter then', () => {
    expect(winter('2026-03-20', sign('seen-in-leaf', '2026-03-15', 'in-leaf'))).toMatchObject({
      leafFall: { on: '2025-11-06' },
      budSwell: { on: '2026-03-15', basis: 'seen' },
      greenTip: { on: '2026-03-15', basis: 'seen' },
    });
  });
  test('a plant bare in late April has not swelled', () => {
    expect(winter('2026-04-28', sign('seen-bare', '2026-04-28', 'dormant'))).toMatchObject({
      budSwell: { on: '2026-04-29', basis: 'seen' },
      greenTip: { on: '2026-04-29', basis: 'seen' },
    });
  });
  test('a spray in leaf on 20 November puts leaf fall after it, and bare wood in October before', () => {
    expect(winter('2025-12-01', sign('sprayed', '2025-11-20', 'in-leaf')).leafFall).toEqual({
      on: '2025-11-21',
      basis: 'seen',
    });
    expect(winter('2026-10-20', sign('seen-bare', '2026-10-12', 'dormant')).leafFall).toEqual({
      on: '2026-10-12',
      basis: 'seen',
    });
  });
  test('what was logged is not moved by a guess of another kind', () => {
    const logged = sign('bud-swell', '2026-04-01', 'delayed-dormant');
    expect(winter('2026-04-10', logged, sign('seen-bare', '2026-04-03', 'dormant')).budSwell).toEqual({
      on: '2026-04-01',
      basis: 'logged',
    });
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
    tender: false,
    leaves: { value: 'dormant', basis: 'seen', question: null },
    yearTurned: true,
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
    spurs: SpurSample[] = [],
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
    expect(steps('by-spurs', plant(), '2026-02-01', [], [{ on: '2026-01-20', asksForOil: false }])).toEqual([
      ['midwinter', 'spur-sample', 'done', true],
    ]);
    expect(steps('monthly-oil', plant({ troubles: ['felt-scale'] }), '2025-11-01')).toHaveLength(6);
  });

  test('who is left out, and why', () => {
    const reason = (plantMeant: DormantPlant, school: DormantSchool = 'by-trouble') => {
      const plan = dormantPlan(plantMeant, winter, school, [], [], '2026-02-01');
      return plan.kind === 'left-out' ? plan.reason : null;
    };
    expect(reason(plant({ evergreen: true, tender: true }))).toBe('tender-evergreen');
    expect(reason(plant({ evergreen: null }))).toBe('evergreen-or-not');
    expect(reason(plant({ sheltered: true }))).toBe('sheltered');
    expect(reason(plant({ troubles: [] }))).toBe('no-trouble');
    expect(reason(plant({ oil: 'avoid' }))).toBe('oil-sensitive');
    // Copper is no oil.
    expect(reason(plant({ oil: 'avoid', troubles: ['bark-disease'] }))).toBeNull();
  });
});

describe('bare wood is looked at, not taken for granted', () => {
  const winter: Winter = {
    leafFall: { on: '2025-11-06', basis: 'default' },
    budSwell: { on: '2026-04-05', basis: 'default' },
    greenTip: { on: '2026-04-26', basis: 'default' },
  };
  const first = (changes: Partial<DormantPlant>, today: string, school: DormantSchool = 'delayed-oil') => {
    const plant: DormantPlant = {
      evergreen: false,
      tender: false,
      leaves: { value: 'dormant', basis: 'logged', question: null },
      yearTurned: true,
      sheltered: false,
      oil: 'usual',
      troubles: ['scale'],
      ...changes,
    };
    const plan = dormantPlan(plant, winter, school, [], [], today);
    return plan.kind === 'steps'
      ? plan.steps.map(({ what, place, state, question }) => [what, place, state, question])
      : plan.reason;
  };

  test('after the turn of the year it is always asked, unless just seen', () => {
    expect(first({}, '2026-04-10')).toEqual([['oil', 'delayed', 'ask', 'green-yet']]);
    const seen = { value: 'delayed-dormant', basis: 'seen', question: null } as const;
    expect(first({ leaves: seen }, '2026-04-10')).toEqual([['oil', 'delayed', 'due', null]]);
  });
  test('before it a leaf fall that was logged is enough, a calendar that doubts is not', () => {
    const autumn = { yearTurned: false } as const;
    const steps = (leaves: DormantPlant['leaves']) =>
      first({ ...autumn, leaves, troubles: ['felt-scale'] }, '2025-11-10', 'monthly-oil') as unknown[][];
    expect(steps({ value: 'dormant', basis: 'logged', question: null })[0]).toEqual([
      'oil',
      'monthly',
      'due',
      null,
    ]);
    const doubt = { value: 'in-leaf', basis: 'unknown', question: 'leaves-down-yet' } as const;
    expect(steps(doubt)[0]).toEqual(['oil', 'monthly', 'ask', 'leaves-down-yet']);
  });
  test('a hardy evergreen takes its oil in the cool season, one that bears oil only while bare too', () => {
    const evergreen = {
      evergreen: true,
      leaves: { value: 'in-leaf', basis: 'nature', question: null },
    } as const;
    expect(first(evergreen, '2026-02-10')).toEqual([['oil', 'cool-season', 'due', null]]);
    expect(first({ ...evergreen, oil: 'dormant-only' }, '2026-02-10')).toEqual([
      ['oil', 'cool-season', 'due', null],
    ]);
    expect(first({ ...evergreen, oil: 'avoid' }, '2026-02-10')).toBe('oil-sensitive');
    expect(first({ ...evergreen, troubles: ['bark-disease'] }, '2026-02-10')).toBe('nothing-in-the-cool');
    expect(
      (first({ ...evergreen, troubles: ['felt-scale'] }, '2026-02-10', 'monthly-oil') as unknown[]).length,
    ).toBe(6);
  });
  test('copper against blight goes on from swell to green tip; a spur sample over its threshold asks for oil', () => {
    const seen = { value: 'delayed-dormant', basis: 'seen', question: null } as const;
    expect(first({ troubles: ['fire-blight'], leaves: seen }, '2026-04-10', 'by-trouble')).toEqual([
      ['copper', 'green-tip', 'due', null],
    ]);
    const plan = dormantPlan(
      {
        evergreen: false,
        tender: false,
        leaves: seen,
        yearTurned: true,
        sheltered: false,
        oil: 'usual',
        troubles: ['scale'],
      },
      winter,
      'by-spurs',
      [],
      [{ on: '2026-01-20', asksForOil: true }],
      '2026-04-10',
    );
    expect(plan.kind === 'steps' && plan.steps.map(({ what, state }) => [what, state])).toEqual([
      ['spur-sample', 'done'],
      ['oil', 'due'],
    ]);
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
        tender: false,
        leaves: { value: 'dormant', basis: 'seen', question: null },
        yearTurned: true,
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
