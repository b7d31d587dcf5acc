import { describe, expect, test } from '@jest/globals';
import type { Projection } from '#core/phenology';
import { expectedAbout, plainFacts, reached, timedEvent } from '#simulated';
import { whatIsDue, type WatchFacts } from './index.ts';

const due = (facts: Partial<WatchFacts>, today: string) => whatIsDue([plainFacts(facts)], today);
const first = (facts: Partial<WatchFacts>, today: string, kind: string) =>
  due(facts, today).find((item) => item.kind === kind);

const MINER = { group: 'leaf-miner', life: 'unknown' } as const;
const adults = { stage: 'adults' } as const;
const flight = (opens: Projection, closes: Projection, event: object = {}) =>
  timedEvent('window', opens, closes, event);

describe('a published flight', () => {
  test('is told ten days before its expected day, with its range, and is open once it is reached', () => {
    const ahead = {
      ...MINER,
      events: [flight(expectedAbout('2026-06-02'), expectedAbout('2026-06-20'), adults)],
    };
    expect(first(ahead, '2026-05-22', 'adults-soon')).toBeUndefined();
    const soon = first(ahead, '2026-05-23', 'adults-soon')!;
    expect(soon).toMatchObject({ standing: 'soon', ruleId: 'flight-ahead', opens: '2026-06-02' });
    expect(soon.closes).toBe('2026-06-20');
    expect(soon.opensRange![0] < soon.opens!).toBe(true);
    expect(soon.closesRange![0] < soon.closes!).toBe(true);
    const open = { ...MINER, events: [flight(reached('2026-05-20'), expectedAbout('2026-06-05'), adults)] };
    const now = first(open, '2026-05-23', 'adults-now')!;
    expect(now).toMatchObject({
      standing: 'open',
      ruleId: 'flight-open',
      opens: '2026-05-20',
      opensRange: null,
    });
    expect(now.facts.map(({ what }) => what)).toEqual(['window-published-as', 'reached-on']);
  });

  test('that is over asks for nothing, and a window of other stages is no flight', () => {
    const over = { ...MINER, events: [flight(reached('2026-05-01'), reached('2026-05-10'), adults)] };
    expect(due(over, '2026-05-23').filter(({ kind }) => kind.startsWith('adults'))).toEqual([]);
    const crawlers = { ...MINER, events: [flight(reached('2026-05-20'), expectedAbout('2026-06-05'))] };
    expect(first(crawlers, '2026-05-23', 'adults-now')).toBeUndefined();
  });
});

describe('the usual months of a flight', () => {
  const usual = { ...MINER, usualWindows: [{ from: '2026-05-10', to: '2026-06-10', generation: 1 }] };

  test('stand in where nothing is published, from ten days before to their last day', () => {
    expect(first(usual, '2026-04-29', 'adults-soon')).toBeUndefined();
    expect(first(usual, '2026-04-30', 'adults-soon')).toMatchObject({
      standing: 'soon',
      ruleId: 'flight-by-calendar',
      opens: '2026-05-10',
      closes: '2026-06-10',
    });
    expect(first(usual, '2026-05-10', 'adults-now')?.standing).toBe('open');
    expect(first(usual, '2026-06-10', 'adults-now')?.facts).toEqual([
      { what: 'usual-months', quantity: { kind: 'days-between', from: '2026-05-10', to: '2026-06-10' } },
    ]);
    expect(first(usual, '2026-06-11', 'adults-now')).toBeUndefined();
  });

  test('are for miners alone, and give way to a published flight', () => {
    expect(first({ ...usual, group: 'armored' }, '2026-05-12', 'adults-now')).toBeUndefined();
    const over = flight(reached('2026-05-01'), reached('2026-05-10'), adults);
    expect(first({ ...usual, events: [over] }, '2026-05-12', 'adults-now')).toBeUndefined();
  });
});

describe('adults that were trapped or seen', () => {
  test('stand above the calendar for two weeks, from the first catch of that flight', () => {
    const seen = { ...MINER, adultsSeenOn: ['2026-04-01', '2026-05-02', '2026-05-09'] };
    expect(first(seen, '2026-05-10', 'adults-now')).toMatchObject({
      ruleId: 'flight-seen',
      standing: 'open',
      opens: '2026-05-02',
      closes: '2026-05-23',
      facts: [
        { what: 'adults-first-seen', quantity: { kind: 'date', on: '2026-05-02' } },
        { what: 'adults-last-seen', quantity: { kind: 'date', on: '2026-05-09' } },
      ],
    });
    expect(first(seen, '2026-05-23', 'adults-now')).toBeDefined();
    expect(first(seen, '2026-05-24', 'adults-now')).toBeUndefined();
    expect(first({ ...MINER, adultsSeenOn: ['2026-05-09'] }, '2026-05-10', 'adults-now')?.opens).toBe(
      '2026-05-09',
    );
  });

  test('of a scale are males: tapes go up two weeks after, where no sum counts from them', () => {
    const males = { adultsSeenOn: ['2026-05-02'] };
    expect(first(males, '2026-05-05', 'hang-tapes')).toBeUndefined();
    expect(first(males, '2026-05-06', 'hang-tapes')).toMatchObject({
      ruleId: 'tapes-after-males',
      opens: '2026-05-16',
      closes: '2026-05-30',
      standing: 'soon',
    });
    expect(first(males, '2026-05-16', 'hang-tapes')?.standing).toBe('open');
    expect(first(males, '2026-06-27', 'hang-tapes')).toBeDefined();
    expect(first(males, '2026-06-28', 'hang-tapes')).toBeUndefined();
    expect(first({ ...males, tapesHungOn: ['2026-05-15'] }, '2026-05-16', 'hang-tapes')).toBeUndefined();
    expect(first({ ...males, life: 'dead' }, '2026-05-16', 'hang-tapes')).toBeUndefined();
    const counted = timedEvent('first', expectedAbout('2026-06-20'), expectedAbout('2026-06-20'), {
      start: { kind: 'first-males' },
    });
    expect(first({ ...males, events: [counted] }, '2026-05-16', 'hang-tapes')?.ruleId).not.toBe(
      'tapes-after-males',
    );
  });
});

test('what stands over the fence asks for its name and its next look, and for nothing else', () => {
  const tape = { events: [timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'))] };
  expect(due({ ...tape, reachable: true }, '2026-05-20').map(({ kind }) => kind)).toContain('treat-now');
  expect(due({ ...tape, reachable: false }, '2026-05-20').map(({ kind }) => kind)).toEqual(['next-look']);
  expect(due({ reachable: false, named: false }, '2026-05-20').map(({ kind }) => kind)).toEqual(['name-it']);
});
