import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import { blankSeries, blankStep, type Series, type StepPlan } from '#core/records';
import { type DoneWork, type SeriesFacts, unroll } from './index.ts';

const START = '2026-05-01';
const series = (...steps: StepPlan[]): Series =>
  blankSeries({ id: 'a', name: 'S', watchId: 'w', startedOn: START, steps });
const sprayed = (on: CivilDate, ...materials: string[]): DoneWork => ({
  on,
  action: 'spray',
  hand: null,
  materials,
  aimed: true,
});
const byHand = (on: CivilDate, hand: string): DoneWork => ({ ...sprayed(on), action: 'hand', hand });
const looked = (on: CivilDate): DoneWork => ({ ...sprayed(on), action: 'look' });
const facts = (today: CivilDate, more: Partial<SeriesFacts> = {}): SeriesFacts => ({
  today,
  done: [],
  marks: [],
  looks: [],
  tapes: [],
  rain: [],
  comes: () => null,
  ...more,
});
/** Steps as "state day", done ones by their day, others from and to. */
const told = (plan: Series, on: SeriesFacts) =>
  unroll(plan, on).steps.map(({ step, state, doneOn, due }) =>
    [step, state, doneOn ?? (due ? `${due.from} ${due.to}` : '')].join(' ').trim(),
  );

const clear = (on: CivilDate) => ({ on, clear: true });
const alive = (on: CivilDate) => ({ on, clear: false });

const WEEKLY = blankStep({
  action: 'spray',
  materials: ['cold-pressed-neem'],
  every: { leastDays: 7, mostDays: 9, afterRainMm: null },
  times: null,
  until: [{ kind: 'looks-clear', looks: 2 }],
});
const FORTNIGHTLY = blankStep({
  action: 'spray',
  trigger: { kind: 'after', leastDays: 14, mostDays: 16 },
  every: { leastDays: 14, mostDays: 16, afterRainMm: null },
  times: null,
  until: [{ kind: 'date', on: '2026-09-30' }],
});

describe('weekly until two looks find nothing, then every second week', () => {
  const plan = series(WEEKLY, FORTNIGHTLY);

  test('the first turn is today, and those behind it lie a week apart', () => {
    expect(told(plan, facts(START))).toEqual([
      '0 open 2026-05-01 2026-05-01',
      '0 coming 2026-05-08 2026-05-10',
      '0 coming 2026-05-15 2026-05-17',
      '0 coming 2026-05-22 2026-05-24',
    ]);
  });

  test('a turn done late moves all that follow, one done early too', () => {
    const done = [sprayed('2026-05-01'), sprayed('2026-05-12'), sprayed('2026-05-17')];
    expect(told(plan, facts('2026-05-18', { done })).slice(0, 5)).toEqual([
      '0 done 2026-05-01',
      '0 done 2026-05-12',
      '0 done 2026-05-17',
      '0 coming 2026-05-24 2026-05-26',
      '0 coming 2026-05-31 2026-06-02',
    ]);
  });

  test('a second tank the next day is the same turn, and the wait counts from it', () => {
    const done = [sprayed('2026-05-01'), sprayed('2026-05-03')];
    expect(told(plan, facts('2026-05-04', { done })).slice(0, 2)).toEqual([
      '0 done 2026-05-03',
      '0 coming 2026-05-10 2026-05-12',
    ]);
  });

  test('what nobody did is late, and once two months have gone by the series counts as left off', () => {
    const done = [sprayed('2026-05-01')];
    expect(told(plan, facts('2026-05-11', { done }))[1]).toBe('0 late 2026-05-08 2026-05-10');
    expect(unroll(plan, facts('2026-07-09', { done })).over).toBeNull();
    expect(unroll(plan, facts('2026-07-10', { done })).over).toEqual({ on: '2026-07-09', why: 'lapsed' });
  });

  const done = [sprayed('2026-05-01'), sprayed('2026-05-08'), sprayed('2026-05-15')];

  test('one clear look ends nothing, two on one day neither, nor two with a live one between', () => {
    for (const looks of [
      [clear('2026-05-10')],
      [clear('2026-05-10'), clear('2026-05-10')],
      [clear('2026-05-10'), alive('2026-05-12'), clear('2026-05-16')],
      [clear('2026-04-20'), clear('2026-05-01')],
    ])
      expect(told(plan, facts('2026-05-17', { done, looks }))[3]).toBe('0 coming 2026-05-22 2026-05-24');
  });

  test('two in a row do, and the second pace counts from the last spray', () => {
    const looks = [alive('2026-05-07'), clear('2026-05-14'), clear('2026-05-16')];
    const { steps, end } = unroll(plan, facts('2026-05-17', { done, looks }));
    expect(steps.slice(3, 5).map(({ step, due }) => [step, due!.from, due!.to])).toEqual([
      [1, '2026-05-29', '2026-05-31'],
      [1, '2026-06-12', '2026-06-14'],
    ]);
    expect(end).toEqual({ on: '2026-09-30', by: { kind: 'date', on: '2026-09-30' } });
  });

  test('the last turn is the last before the day that ends it, and then it is done', () => {
    const late = [...done, sprayed('2026-09-10')];
    const looks = [clear('2026-05-14'), clear('2026-05-16')];
    expect(told(plan, facts('2026-09-11', { done: late, looks })).slice(4)).toEqual([
      '1 coming 2026-09-24 2026-09-26',
    ]);
    expect(unroll(plan, facts('2026-09-30', { done: late, looks })).over).toEqual({
      on: '2026-09-10',
      why: 'done',
    });
  });
});

test('look the next day, spray again on day seven, judge on day fourteen: looks neither shift nor hold up', () => {
  const after = (leastDays: number, mostDays: number) => ({ kind: 'after', leastDays, mostDays }) as const;
  const plan = series(
    blankStep({ action: 'spray' }),
    blankStep({ action: 'look', trigger: after(1, 3) }),
    blankStep({ action: 'spray', trigger: after(7, 10) }),
    blankStep({ action: 'look', trigger: after(7, 14) }),
  );
  const first = [sprayed('2026-05-01')];
  expect(told(plan, facts('2026-05-02', { done: first })).slice(1)).toEqual([
    '1 open 2026-05-02 2026-05-04',
    '2 coming 2026-05-08 2026-05-11',
    '3 coming 2026-05-15 2026-05-22',
  ]);
  expect(told(plan, facts('2026-05-06', { done: first }))[1]).toBe('1 late 2026-05-02 2026-05-04');
  // Nobody looked, and the spray's day is here.
  expect(told(plan, facts('2026-05-08', { done: first })).slice(1, 3)).toEqual([
    '1 passed 2026-05-02 2026-05-04',
    '2 open 2026-05-08 2026-05-11',
  ]);
  // Looked at on the third day, sprayed early: each is its own step.
  const both = [...first, looked('2026-05-04'), sprayed('2026-05-07')];
  expect(told(plan, facts('2026-05-08', { done: both }))).toEqual([
    '0 done 2026-05-01',
    '1 done 2026-05-04',
    '2 done 2026-05-07',
    '3 coming 2026-05-14 2026-05-21',
  ]);
  // A look on day 9 is no judgement of the second spray; one on day 12 is.
  expect(unroll(plan, facts('2026-05-20', { done: [...both, looked('2026-05-10')] })).over).toBeNull();
  expect(unroll(plan, facts('2026-05-20', { done: [...both, looked('2026-05-12')] })).over).toEqual({
    on: '2026-05-12',
    why: 'done',
  });
});

test('strip, drench, again: what was logged is found at its step, what was skipped is passed', () => {
  const plan = series(
    blankStep({ action: 'hand', hand: 'strip' }),
    blankStep({ action: 'spray', trigger: { kind: 'after', leastDays: 0, mostDays: 2 } }),
    blankStep({ action: 'spray', trigger: { kind: 'after', leastDays: 7, mostDays: 10 } }),
  );
  expect(
    told(plan, facts('2026-05-02', { done: [byHand('2026-05-01', 'strip'), sprayed('2026-05-02')] })),
  ).toEqual(['0 done 2026-05-01', '1 done 2026-05-02', '2 coming 2026-05-09 2026-05-12']);
  expect(told(plan, facts('2026-05-02', { done: [sprayed('2026-05-02')] })).slice(0, 2)).toEqual([
    '0 passed 2026-05-01 2026-05-01',
    '1 done 2026-05-02',
  ]);
  // Hand work of another kind is not a step of it.
  expect(told(plan, facts('2026-05-02', { done: [byHand('2026-05-01', 'prune')] }))[0]).toBe(
    '0 late 2026-05-01 2026-05-01',
  );
});

describe('materials by turns', () => {
  const plan = series(
    blankStep({
      action: 'spray',
      materials: ['spinosad', 'mineral-oil'],
      every: { leastDays: 10, mostDays: 14, afterRainMm: null },
      times: null,
      until: [{ kind: 'flush-hard' }],
    }),
  );
  const next = (done: DoneWork[]) =>
    unroll(plan, facts('2026-05-20', { done })).steps.find(({ due }) => due)?.material;

  test('the one behind that used last', () => {
    expect(next([])).toBe('spinosad');
    expect(next([sprayed('2026-05-10', 'spinosad')])).toBe('mineral-oil');
    expect(next([sprayed('2026-05-10', 'mineral-oil')])).toBe('spinosad');
    expect(next([sprayed('2026-05-01', 'spinosad'), sprayed('2026-05-12', 'mineral-oil')])).toBe('spinosad');
    // Something else was taken instead: the turn counts, and the order goes by turns.
    expect(next([sprayed('2026-05-10', 'soap')])).toBe('mineral-oil');
  });

  test('on a plant, where nothing was aimed at this, other materials are other work', () => {
    const copper = { ...sprayed('2026-05-10', 'fixed-copper'), aimed: false };
    const oil = { ...sprayed('2026-05-12', 'mineral-oil'), aimed: false };
    expect(told(plan, facts('2026-05-13', { done: [copper] }))[0]).toBe('0 late 2026-05-01 2026-05-01');
    expect(told(plan, facts('2026-05-13', { done: [copper, oil] })).slice(0, 2)).toEqual([
      '0 done 2026-05-12',
      '0 coming 2026-05-22 2026-05-26',
    ]);
  });

  test('it ends as the flush hardens, and says when that is expected', () => {
    const comes: SeriesFacts['comes'] = () => ({
      on: '2026-05-25',
      early: '2026-05-20',
      late: '2026-06-02',
      until: null,
    });
    const { steps, end } = unroll(plan, facts('2026-05-05', { comes }));
    expect(steps.map(({ due }) => due!.from)).toEqual(['2026-05-01', '2026-05-15', '2026-05-25']);
    expect(end).toEqual({ on: '2026-05-25', by: { kind: 'flush-hard' } });
    expect(unroll(plan, facts('2026-05-25', { comes })).over?.why).toBe('done');
  });
});

test('rain that washes it off brings the next turn forward, and what fell before it does not', () => {
  const plan = series(
    blankStep({ action: 'spray', every: { leastDays: 10, mostDays: 14, afterRainMm: 25 }, times: null }),
  );
  const rain = [
    { on: '2026-05-01', rainMm: 30 },
    { on: '2026-05-04', rainMm: 15 },
    { on: '2026-05-06', rainMm: 12 },
  ];
  const { steps } = unroll(plan, facts('2026-05-06', { done: [sprayed('2026-05-01')], rain }));
  expect(steps[1]!.due).toEqual({
    from: '2026-05-07',
    to: '2026-05-11',
    range: null,
    because: { kind: 'rain', on: '2026-05-06', rainMm: 27, since: '2026-05-01' },
  });
  const dry = unroll(plan, facts('2026-05-06', { done: [sprayed('2026-05-01')], rain: rain.slice(0, 2) }));
  expect(dry.steps[1]!.due!.from).toBe('2026-05-11');
});

describe('what the garden decides', () => {
  const coming = { on: '2026-06-10', early: '2026-06-05', late: '2026-06-18', until: '2026-07-01' };
  const one = (trigger: StepPlan['trigger']) => series(blankStep({ action: 'spray', trigger }));
  const due = (trigger: StepPlan['trigger'], today = START, comes: SeriesFacts['comes'] = () => coming) =>
    unroll(one(trigger), facts(today, { comes })).steps[0]!;

  test('stands as expected with its range, and waits where nobody can tell', () => {
    expect(due({ kind: 'crawlers' })).toMatchObject({
      state: 'coming',
      due: { from: '2026-06-10', to: '2026-07-01', range: ['2026-06-05', '2026-06-18'] },
    });
    expect(due({ kind: 'crawlers' }, '2026-06-12').state).toBe('open');
    expect(due({ kind: 'crawlers' }, '2026-07-02').state).toBe('late');
    expect(due({ kind: 'stage', stage: 'leaf-fall' }, START, () => null)).toMatchObject({
      state: 'waits',
      due: null,
    });
  });

  test('a day that is certain has no range, and is good for a fortnight where nothing says how long', () => {
    const sure = { on: '2026-06-10', early: '2026-06-10', late: '2026-06-10', until: null };
    expect(due({ kind: 'flush' }, START, () => sure).due).toMatchObject({ to: '2026-06-24', range: null });
  });

  test('before the first frost means before the earliest it might come', () => {
    expect(due({ kind: 'frost' }).due).toMatchObject({
      from: '2026-05-22',
      to: '2026-06-04',
      range: ['2026-06-05', '2026-06-18'],
    });
    expect(due({ kind: 'frost' }, START, () => null).state).toBe('waits');
  });

  test('is asked of the day the last treatment was done', () => {
    const asked: string[] = [];
    const plan = series(
      blankStep({ action: 'spray' }),
      blankStep({ action: 'look', trigger: { kind: 'heat', cd: 100 } }),
    );
    const comes: SeriesFacts['comes'] = (what, after) => {
      asked.push(`${what.kind} ${after}`);
      return coming;
    };
    unroll(plan, facts('2026-05-20', { done: [sprayed('2026-05-09')], comes }));
    expect(new Set(asked)).toEqual(new Set(['heat 2026-05-09']));
  });
});

describe('each year anew', () => {
  const plan = (on: string, startedOn = START): Series => ({
    ...series(blankStep({ action: 'look', trigger: { kind: 'yearly', on, forDays: 20 }, times: null })),
    startedOn,
  });

  test('the next is this year’s or next year’s, and the one behind a done one a year on', () => {
    expect(told(plan('01-05'), facts('2026-12-20'))[0]).toBe('0 coming 2027-01-05 2027-01-25');
    expect(told(plan('05-10'), facts(START))[0]).toBe('0 coming 2026-05-10 2026-05-30');
    const done = [looked('2027-01-08')];
    expect(told(plan('01-05'), facts('2027-01-09', { done })).slice(0, 2)).toEqual([
      '0 done 2027-01-08',
      '0 coming 2028-01-05 2028-01-25',
    ]);
  });

  test('a year nobody did it is passed, and the next is named', () => {
    expect(told(plan('01-05'), facts('2027-03-26'))[0]).toBe('0 late 2027-01-05 2027-01-25');
    expect(told(plan('01-05'), facts('2027-03-27')).slice(0, 2)).toEqual([
      '0 passed 2027-01-05 2027-01-25',
      '0 coming 2028-01-05 2028-01-25',
    ]);
  });
});

describe('ticks', () => {
  const errand = blankStep({
    action: 'errand',
    says: 'Bring it in',
    every: { leastDays: 7, mostDays: 7, afterRainMm: null },
    times: 3,
  });

  test('do a step no record tells of, and leave one out without its being a treatment', () => {
    const marks = [
      { on: '2026-05-01', step: 0, what: 'done' },
      { on: '2026-05-09', step: 0, what: 'left-out' },
    ] as const;
    const { steps } = unroll(series(errand), facts('2026-05-09', { marks }));
    expect(steps.map(({ state, doneOn, due }) => [state, doneOn ?? due?.from])).toEqual([
      ['done', '2026-05-01'],
      ['left-out', '2026-05-09'],
      ['coming', '2026-05-16'],
    ]);
  });

  test('beside the record of the same work they say nothing more', () => {
    const plan = series(WEEKLY);
    const marks = [{ on: '2026-05-01', step: 0, what: 'done' }] as const;
    const { steps } = unroll(plan, facts('2026-05-01', { marks, done: [sprayed('2026-05-01')] }));
    expect(steps.filter(({ state }) => state === 'done')).toHaveLength(1);
  });

  test('for a step behind this one they leave the steps between behind', () => {
    const plan = series(blankStep({ action: 'spray' }), blankStep({ action: 'feed' }), errand);
    const marks = [{ on: '2026-05-02', step: 2, what: 'done' }] as const;
    expect(told(plan, facts('2026-05-02', { marks })).slice(0, 3)).toEqual([
      '0 passed 2026-05-01 2026-05-01',
      '1 passed 2026-05-01 2026-05-01',
      '2 done 2026-05-02',
    ]);
  });

  test('for no step of it they are nothing', () => {
    const marks = [{ on: '2026-05-02', step: 7, what: 'done' }] as const;
    expect(told(series(errand), facts('2026-05-02', { marks }))[0]).toBe('0 late 2026-05-01 2026-05-01');
  });
});

test('what was done before it began, after it was ended, or lies ahead is not of it', () => {
  const plan = { ...series(WEEKLY), endedOn: '2026-05-20' };
  const done = [sprayed('2026-04-30'), sprayed('2026-05-04'), sprayed('2026-05-21')];
  const ended = unroll(plan, facts('2026-05-30', { done }));
  expect(ended.steps.map(({ doneOn }) => doneOn)).toEqual(['2026-05-04']);
  expect(ended.over).toEqual({ on: '2026-05-20', why: 'ended' });
  expect(
    unroll(plan, facts('2026-05-19', { done: [sprayed('2026-05-19'), sprayed('2026-05-20')] })).steps[0],
  ).toMatchObject({ state: 'done', doneOn: '2026-05-19' });
});
