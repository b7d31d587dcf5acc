import { describe, expect, test } from '@jest/globals';
import { expectedAbout, plainFacts, reached, timedEvent, weeklyTapes } from '#simulated';
import { crawlerWindows, nextWindow, type WatchFacts, whatIsDue } from './index.ts';

const windows = (facts: Partial<WatchFacts>, today: string) => crawlerWindows(plainFacts(facts), today);
const next = (facts: Partial<WatchFacts>, today: string) => nextWindow(windows(facts, today));
const kinds = (facts: Partial<WatchFacts>, today: string) =>
  whatIsDue([plainFacts(facts)], today).map(({ kind, standing }) => `${kind} ${standing}`);

describe('crawlers on a tape', () => {
  test('open a window where nothing is published at all', () => {
    const caught = { tapes: weeklyTapes('2026-05-01', 140) };
    expect(next(caught, '2026-05-09')).toMatchObject({
      basis: 'seen',
      phase: 'open',
      opens: { median: '2026-05-08', early: '2026-05-01' },
      // Three weeks of hatch, then two in which the settled are soft.
      closes: { median: '2026-06-12', early: '2026-05-18', late: null },
    });
    expect(kinds(caught, '2026-05-09')).toContain('treat-now open');
  });

  test('a look at them by eye does as well, and one day is enough', () => {
    const seen = { crawlersSeenOn: ['2026-07-03'] };
    expect(next(seen, '2026-07-03')).toMatchObject({ basis: 'seen', phase: 'open' });
    expect(kinds(seen, '2026-07-03')).toContain('treat-now open');
    expect(windows(seen, '2026-07-02')).toEqual([]);
  });

  test('close with the soft time of the group, once the catch has fallen or ended', () => {
    const tapes = weeklyTapes('2026-05-01', 60, 140, 12, 0, 0);
    const over = (softDays: [number, number, number]) =>
      windows({ tapes, hatch: { softDays, spanDays: 21 } }, '2026-06-05')[0]!;
    // Last caught on 22 May.
    expect(over([10, 14, 20])).toMatchObject({
      phase: 'open',
      closes: { median: '2026-06-05', early: '2026-06-01', late: '2026-06-11' },
    });
    expect(windows({ tapes }, '2026-06-06')[0]!.phase).toBe('over');
    expect(over([42, 63, 84]).closes!.median).toBe('2026-07-24');
  });

  test('replace the published window of the same hatch, and leave the next one', () => {
    const first = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-20'));
    const second = timedEvent('window', expectedAbout('2026-07-25'), expectedAbout('2026-08-20'), {
      generation: 2,
    });
    const tapes = weeklyTapes('2026-05-01', 30, 30);
    expect(
      windows({ events: [first, second], tapes }, '2026-05-20').map(({ id, basis }) => [id, basis]),
    ).toEqual([
      ['window-1', 'seen'],
      ['window-2', 'published'],
    ]);
    expect(windows({ events: [first, second] }, '2026-05-20').map(({ id }) => id)).toEqual([
      'window-1',
      'window-2',
    ]);
  });

  test('rule over dead covers: what walks is alive', () => {
    expect(kinds({ life: 'dead', tapes: weeklyTapes('2026-05-01', 40) }, '2026-05-09')).toContain(
      'treat-now open',
    );
  });

  test('are not a hatch of last month: a long pause begins another', () => {
    expect(next({ crawlersSeenOn: ['2026-05-03', '2026-07-20'] }, '2026-07-21')!.opens.median).toBe(
      '2026-07-20',
    );
    expect(next({ crawlersSeenOn: ['2026-06-10', '2026-07-20'] }, '2026-07-21')!.opens.median).toBe(
      '2026-06-10',
    );
  });
});

describe('empty tapes', () => {
  const open = { events: [timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-20'))] };
  test('hold a spray back that a published sum would ask for, while they are read', () => {
    const empty = { ...open, tapes: weeklyTapes('2026-05-12', 0) };
    expect(kinds(empty, '2026-05-20')).toContain('wait-for-tapes open');
    expect(kinds(empty, '2026-05-20')).not.toContain('treat-now open');
    // Ten days after the last was read they say nothing of today.
    expect(kinds(empty, '2026-05-29')).toContain('wait-for-tapes open');
    expect(kinds(empty, '2026-05-30')).toContain('treat-now open');
  });
});

describe('a first hatch published by itself', () => {
  test('is a window as long as it hatches and is soft', () => {
    const first = timedEvent('first', reached('2026-05-18'), reached('2026-05-18'));
    expect(next({ events: [first] }, '2026-05-20')).toMatchObject({
      basis: 'published',
      phase: 'open',
      opens: { median: '2026-05-18' },
      closes: { median: '2026-06-22' },
    });
    expect(windows({ events: [first] }, '2026-06-23')[0]!.phase).toBe('over');
  });
});

describe('the usual months', () => {
  const usual = { usualWindows: [{ from: '2026-08-20', to: '2026-09-30', generation: 1 }] };
  test('stand where nothing is published, ask for tapes, and for no spray', () => {
    expect(next(usual, '2026-05-20')).toMatchObject({ basis: 'calendar', phase: 'ahead' });
    expect(kinds(usual, '2026-08-05')).not.toContain('hang-tapes open');
    expect(kinds(usual, '2026-08-06')).toContain('hang-tapes open');
    expect(kinds(usual, '2026-09-01').some((kind) => kind.startsWith('treat'))).toBe(false);
    expect(next({ ...usual, tapes: weeklyTapes('2026-08-20', 9) }, '2026-08-28')!.basis).toBe('seen');
    const event = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-20'));
    expect(windows({ ...usual, events: [event] }, '2026-05-20').map(({ basis }) => basis)).toEqual([
      'published',
    ]);
  });
});

describe('the next look', () => {
  const look = (facts: Partial<WatchFacts>, today: string) =>
    whatIsDue([plainFacts(facts)], today).find(({ kind }) => kind === 'next-look');
  test('is named for every open watch that asks for nothing else, however far', () => {
    expect(look({ lookedOn: '2026-05-10' }, '2026-05-12')).toMatchObject({
      opens: '2026-06-21',
      standing: 'later',
    });
    expect(look({ lookedOn: '2026-05-10' }, '2026-06-11')).toMatchObject({ standing: 'soon' });
    expect(look({ lookedOn: '2026-05-10' }, '2026-06-21')).toMatchObject({ standing: 'open' });
    expect(look({ lookedOn: '2026-05-10' }, '2026-12-01')).toMatchObject({ standing: 'late' });
    expect(look({ open: false }, '2026-06-21')).toBeUndefined();
    expect(look({ group: 'no-trouble', lookedOn: '2026-05-10' }, '2026-05-12')!.opens).toBe('2026-09-07');
  });
  test('waits for crawler time where nothing lives, or nothing was left', () => {
    const usualWindows = [{ from: '2026-08-20', to: '2026-09-30', generation: 1 }];
    for (const more of [{ life: 'dead' }, { clear: true, clearedOn: '2026-05-10' }] as const)
      expect(look({ ...more, usualWindows, lookedOn: '2026-05-10' }, '2026-05-20')!.opens).toBe('2026-08-13');
    expect(look({ life: 'dead', lookedOn: '2026-05-10' }, '2026-05-20')!.opens).toBe('2026-09-07');
  });
});

test('a fungus is judged after one incubation, and not before', () => {
  const scab = { group: 'fungus', treatedOn: ['2026-05-01'], incubationDays: 17 } as const;
  const judged = (today: string) =>
    whatIsDue([plainFacts(scab)], today).find(({ kind }) => kind === 'check-after-treatment');
  expect(judged('2026-05-07')).toBeUndefined();
  expect(judged('2026-05-08')).toMatchObject({
    opens: '2026-05-18',
    standing: 'soon',
    ruleId: 'check-after-incubation',
  });
  expect(judged('2026-05-18')).toMatchObject({ standing: 'open', closes: '2026-06-01' });
});
