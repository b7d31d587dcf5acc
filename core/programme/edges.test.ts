import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import { blankSeries, blankStep, type Ending, type Series, type StepPlan } from '#core/records';
import { type DoneWork, type SeriesFacts, unroll } from './index.ts';

/** Every edge of when a turn is due, what ends it, and which work is of it. */

const START: CivilDate = '2026-05-01';
const day = (days: number): CivilDate => addDays(START, days);
const series = (...steps: StepPlan[]): Series =>
  blankSeries({ id: 'a', name: 'S', watchId: 'w', startedOn: START, steps });
const work = (days: number, more: Partial<DoneWork> = {}): DoneWork => ({
  on: day(days),
  action: 'spray',
  hand: null,
  materials: [],
  aimed: true,
  ...more,
});
const facts = (days: number, more: Partial<SeriesFacts> = {}): SeriesFacts => ({
  today: day(days),
  done: [],
  marks: [],
  looks: [],
  tapes: [],
  rain: [],
  comes: () => null,
  ...more,
});
const each = (leastDays: number, mostDays = leastDays, afterRainMm: number | null = null) => ({
  leastDays,
  mostDays,
  afterRainMm,
});
const spray = (more: Partial<StepPlan> = {}) =>
  blankStep({ action: 'spray', every: each(10, 12), times: null, ...more });
const nextDue = (plan: Series, asked: SeriesFacts) => unroll(plan, asked).steps.find(({ due }) => due)?.due;
const dones = (plan: Series, asked: SeriesFacts) =>
  unroll(plan, asked)
    .steps.filter(({ state }) => state === 'done')
    .map(({ doneOn }) => doneOn);

describe('why a turn is due when it is', () => {
  const because = (trigger: StepPlan['trigger'], comes: SeriesFacts['comes'] = () => null) =>
    nextDue(series(blankStep({ action: 'look', trigger })), facts(0, { comes }))?.because;
  const coming: SeriesFacts['comes'] = () => ({ on: day(9), early: day(7), late: day(9), until: day(8) });

  test('is told with it', () => {
    expect(because({ kind: 'after', leastDays: 3, mostDays: 5 })).toEqual({
      kind: 'after',
      on: START,
      leastDays: 3,
      mostDays: 5,
    });
    expect(because({ kind: 'date', on: day(4), forDays: 0 })).toEqual({ kind: 'set' });
    expect(because({ kind: 'yearly', on: '06-01', forDays: 0 })).toEqual({ kind: 'awaited', what: 'yearly' });
    expect(because({ kind: 'frost' }, coming)).toEqual({ kind: 'awaited', what: 'frost' });
    expect(because({ kind: 'flush' }, coming)).toEqual({ kind: 'awaited', what: 'flush' });
  });

  test('what is awaited has a range where either end is open, and a last day that lies behind is none', () => {
    const due = nextDue(
      series(blankStep({ action: 'look', trigger: { kind: 'crawlers' } })),
      facts(0, { comes: coming }),
    );
    expect(due).toMatchObject({ from: day(9), to: day(23), range: [day(7), day(9)] });
    const lateOnly: SeriesFacts['comes'] = () => ({ on: day(9), early: day(9), late: null, until: day(9) });
    expect(
      nextDue(
        series(blankStep({ action: 'look', trigger: { kind: 'crawlers' } })),
        facts(0, { comes: lateOnly }),
      ),
    ).toMatchObject({
      to: day(9),
      range: [day(9), null],
    });
  });

  test('a year that begins today is this year’s', () => {
    const yearly = series(
      blankStep({ action: 'look', trigger: { kind: 'yearly', on: '05-01', forDays: 0 }, times: null }),
    );
    expect(nextDue(yearly, facts(0))?.from).toBe(START);
    const open = series(
      blankStep({ action: 'look', trigger: { kind: 'yearly', on: '04-21', forDays: 10 }, times: null }),
    );
    expect(nextDue(open, facts(0))?.from).toBe('2026-04-21');
  });
});

describe('rain', () => {
  const plan = series(spray({ every: each(10, 12, 25) }));
  const due = (rain: [number, number][], days = 9) =>
    nextDue(
      plan,
      facts(days, { done: [work(0)], rain: rain.map(([at, rainMm]) => ({ on: day(at), rainMm })) }),
    )?.from;

  test('counts from the day after the last turn, as much as was said, up to the turn’s own day', () => {
    expect(due([[3, 25]])).toBe(day(4));
    expect(due([[3, 24.9]])).toBe(day(10));
    expect(due([[0, 30]])).toBe(day(10));
    expect(due([[9, 30]])).toBe(day(10));
    expect(due([[10, 30]], 11)).toBe(day(10));
    expect(
      due([
        [2, 10],
        [5, 15],
      ]),
    ).toBe(day(6));
  });

  test('says nothing where it does not matter', () => {
    const rain = [{ on: day(3), rainMm: 80 }];
    expect(nextDue(series(spray()), facts(9, { done: [work(0)], rain }))?.from).toBe(day(10));
  });
});

describe('endings', () => {
  const over = (until: Ending[], more: Partial<SeriesFacts>, days = 30) =>
    unroll(series(spray({ until })), facts(days, { done: [work(0)], ...more }));

  test('the first that comes ends it, in whatever order they are told', () => {
    const dates: Ending[] = [
      { kind: 'date', on: day(25) },
      { kind: 'date', on: day(11) },
    ];
    for (const until of [dates, dates.toReversed()]) {
      expect(over(until, {}, 5).end?.on).toBe(day(11));
      expect(over(until, {}, 11).over?.why).toBe('done');
      expect(over(until, {}, 10).over).toBeNull();
    }
  });

  test('empty tapes end what waits for tapes, and not what waits for looks', () => {
    const clear = [day(4), day(8)].map((on) => ({ on, clear: true }));
    expect(over([{ kind: 'tapes-empty', looks: 2 }], { tapes: clear }).over?.why).toBe('done');
    expect(over([{ kind: 'tapes-empty', looks: 2 }], { looks: clear }, 9).over).toBeNull();
    expect(over([{ kind: 'looks-clear', looks: 2 }], { tapes: clear }, 9).over).toBeNull();
    expect(over([{ kind: 'looks-clear', looks: 3 }], { looks: clear }, 9).over).toBeNull();
    expect(over([{ kind: 'looks-clear', looks: 1 }], { looks: clear }, 9).over?.why).toBe('done');
  });

  test('a look of the first turn’s own day proves nothing of it, one of the next day does', () => {
    const one: Ending[] = [{ kind: 'looks-clear', looks: 1 }];
    expect(over(one, { looks: [{ on: START, clear: true }] }, 5).over).toBeNull();
    expect(over(one, { looks: [{ on: day(1), clear: true }] }, 5).over?.why).toBe('done');
  });

  test('a step that follows is not ended by what was seen before its treatment', () => {
    const plan = series(
      blankStep({ action: 'spray' }),
      spray({
        trigger: { kind: 'after', leastDays: 10, mostDays: 12 },
        until: [{ kind: 'looks-clear', looks: 1 }],
      }),
    );
    const looks = [{ on: day(-3), clear: true }];
    const asked = (more: Partial<SeriesFacts>) => unroll(plan, facts(5, { done: [work(2)], ...more }));
    expect(asked({ looks }).over).toBeNull();
    expect(asked({ looks: [{ on: day(2), clear: true }] }).over).toBeNull();
    expect(asked({ looks: [{ on: day(3), clear: true }] }).over?.why).toBe('done');
  });

  test('what the garden decides is asked from the first turn on', () => {
    const asked: CivilDate[] = [];
    over(
      [{ kind: 'stage', stage: 'leaf-fall' }],
      {
        done: [work(3), work(14)],
        comes: (_, after) => {
          asked.push(after);
          return null;
        },
      },
      15,
    );
    expect(asked.at(-1)).toBe(day(3));
  });
});

describe('which work is of a step', () => {
  test('the order in which it was entered does not matter', () => {
    const days = [21, 0, 10];
    expect(dones(series(spray()), facts(22, { done: days.map((at) => work(at)) }))).toEqual([
      day(0),
      day(10),
      day(21),
    ]);
  });

  test('looks and hand work are of their own steps, by kind', () => {
    const plan = series(blankStep({ action: 'hand', hand: 'wipe', every: each(7), times: 3 }));
    const done = [
      work(0, { action: 'hand', hand: 'wipe' }),
      work(7, { action: 'hand', hand: 'jet' }),
      work(8),
    ];
    expect(dones(plan, facts(9, { done }))).toEqual([day(0)]);
  });

  test('work a third of the wait on is a turn of its own, sooner is the one before', () => {
    const plan = series(spray({ every: each(9) }));
    expect(dones(plan, facts(3, { done: [work(0), work(2)] }))).toEqual([day(2)]);
    expect(dones(plan, facts(3, { done: [work(0), work(3)] }))).toEqual([day(0), day(3)]);
    // A second tank of the same job takes over what it was done with.
    const turns = series(spray({ every: each(9), materials: ['soap', 'mineral-oil'] }));
    const done = [work(0, { materials: ['soap'] }), work(1, { materials: ['mineral-oil'] })];
    expect(unroll(turns, facts(2, { done })).steps[1]!.material).toBe('soap');
    expect(unroll(turns, facts(2, { done: [done[0]!, work(1)] })).steps[1]!.material).toBe('mineral-oil');
  });

  test('the same holds for a next step of the same kind, and not where there is no wait between', () => {
    const plan = series(
      blankStep({ action: 'spray' }),
      blankStep({ action: 'spray', trigger: { kind: 'after', leastDays: 9, mostDays: 9 } }),
    );
    expect(dones(plan, facts(5, { done: [work(0), work(2)] }))).toEqual([day(2)]);
    expect(nextDue(plan, facts(5, { done: [work(0), work(2)] }))?.from).toBe(day(11));
    expect(dones(plan, facts(5, { done: [work(0), work(3)] }))).toEqual([day(0), day(3)]);
    const atOnce = series(blankStep({ action: 'spray' }), blankStep({ action: 'spray' }));
    expect(dones(atOnce, facts(5, { done: [work(0), work(0)] }))).toEqual([day(0), day(0)]);
  });

  test('a look is the one asked for from a third of its wait before its day', () => {
    const plan = series(
      blankStep({ action: 'spray' }),
      blankStep({ action: 'look', trigger: { kind: 'after', leastDays: 9, mostDays: 12 } }),
    );
    const looked = (at: number) => dones(plan, facts(10, { done: [work(0), work(at, { action: 'look' })] }));
    expect(looked(5)).toEqual([day(0)]);
    expect(looked(6)).toEqual([day(0), day(6)]);
    // One that waits for a day of the year, or of the garden, is never early.
    const set = series(blankStep({ action: 'look', trigger: { kind: 'date', on: day(9), forDays: 3 } }));
    expect(dones(set, facts(10, { done: [work(8, { action: 'look' })] }))).toEqual([]);
    expect(dones(set, facts(10, { done: [work(9, { action: 'look' })] }))).toEqual([day(9)]);
    const waits = series(blankStep({ action: 'look', trigger: { kind: 'petal-fall' } }));
    expect(dones(waits, facts(10, { done: [work(9, { action: 'look' })] }))).toEqual([day(9)]);
  });

  test('a step further on is reached by work from a third of its wait before its day, not sooner', () => {
    const plan = series(
      blankStep({ action: 'hand', hand: 'strip', trigger: { kind: 'date', on: day(1), forDays: 2 } }),
      blankStep({ action: 'spray', trigger: { kind: 'after', leastDays: 9, mostDays: 12 } }),
    );
    const states = (at: number) =>
      unroll(plan, facts(20, { done: [work(at)] })).steps.map(({ state, doneOn }) => doneOn ?? state);
    expect(states(6)).toEqual(['passed', day(6)]);
    expect(states(5)[0]).toBe('late');
  });
});

describe('ticks and ends', () => {
  const plan = series(blankStep({ action: 'hand', hand: 'wipe', every: each(7), times: 4 }));
  const mark = (days: number, what: 'done' | 'left-out' = 'done') => ({ on: day(days), step: 0, what });

  test('a tick says nothing beside its record of the day, and something beside one of another day or kind', () => {
    const wiped = work(0, { action: 'hand', hand: 'wipe' });
    const count = (marks: ReturnType<typeof mark>[], done: DoneWork[]) =>
      dones(plan, facts(8, { marks, done })).length;
    expect(count([mark(0)], [wiped])).toBe(1);
    expect(count([mark(7)], [wiped])).toBe(2);
    expect(count([mark(0)], [work(0)])).toBe(1);
    expect(unroll(plan, facts(8, { marks: [mark(7, 'left-out')], done: [wiped] })).steps[1]!.state).toBe(
      'left-out',
    );
  });

  test('a turn that was left out counts as one and moves the next', () => {
    const { steps } = unroll(plan, facts(1, { marks: [mark(0, 'left-out')] }));
    expect(steps.map(({ state }) => state)).toEqual(['left-out', 'coming', 'coming', 'coming']);
    expect(steps[1]!.due!.from).toBe(day(7));
  });

  test('an end of today holds today, one to come not yet', () => {
    expect(unroll({ ...plan, endedOn: day(3) }, facts(3)).over).toEqual({ on: day(3), why: 'ended' });
    expect(unroll({ ...plan, endedOn: day(3) }, facts(2)).over).toBeNull();
    const late = { ...plan, endedOn: day(3) };
    expect(
      dones(
        late,
        facts(9, {
          done: [work(3, { action: 'hand', hand: 'wipe' }), work(7, { action: 'hand', hand: 'wipe' })],
        }),
      ),
    ).toEqual([day(3)]);
  });

  test('a series done without anything done is over from its first day', () => {
    const until: Ending[] = [{ kind: 'date', on: day(2) }];
    expect(unroll(series(spray({ until })), facts(9)).over).toEqual({ on: START, why: 'done' });
  });
});
