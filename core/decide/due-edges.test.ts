import { describe, expect, test } from '@jest/globals';
import type { EventState } from '#core/phenology';
import { expectedAbout, plainFacts, reached, timedEvent, weeklyTapes } from '#simulated';
import { whatIsDue, type DueItem, type WatchFacts } from './index.ts';

/** What rules ask for; the next look, which stands in where none does, is tested by itself. */
const due = (facts: Partial<WatchFacts>, today: string): DueItem[] =>
  whatIsDue([plainFacts(facts)], today).filter(({ kind }) => kind !== 'next-look');
const kinds = (facts: Partial<WatchFacts>, today: string) => due(facts, today).map(({ kind }) => kind);

describe('a second pass', () => {
  const window = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'));
  const catching = { events: [window], treatedOn: ['2026-05-19'], tapes: weeklyTapes('2026-05-14', 20, 40) };

  test('is due two weeks on while tapes catch, and told ten days before', () => {
    expect(kinds(catching, '2026-05-23')).toContain('second-pass');
    expect(kinds(catching, '2026-05-22')).not.toContain('second-pass');
    const [item] = due(catching, '2026-06-02').filter(({ kind }) => kind === 'second-pass');
    expect(item).toMatchObject({ opens: '2026-06-02', standing: 'open', ruleId: 'repeat-while-catching' });
    expect(due(catching, '2026-06-01').find(({ kind }) => kind === 'second-pass')?.standing).toBe('soon');
  });

  test('is not asked for once the window has closed before it, or tapes are empty', () => {
    expect(kinds({ ...catching, repeatAfterDays: 17 }, '2026-05-30')).toContain('second-pass');
    // Caught from 21 May on: three weeks of hatch and two soft ones end on 25 June.
    expect(kinds({ ...catching, repeatAfterDays: 37 }, '2026-06-20')).toContain('second-pass');
    expect(kinds({ ...catching, repeatAfterDays: 38 }, '2026-06-20')).not.toContain('second-pass');
    expect(kinds({ ...catching, tapes: weeklyTapes('2026-05-14', 20, 0) }, '2026-05-30')).not.toContain(
      'second-pass',
    );
    expect(kinds({ ...catching, tapes: [] }, '2026-05-30')).not.toContain('second-pass');
  });

  test('counts from a spray within the window, not from one before it', () => {
    expect(kinds({ ...catching, treatedOn: ['2026-05-10'] }, '2026-05-23')).toContain('treat-now');
    expect(kinds({ ...catching, treatedOn: ['2026-05-10'] }, '2026-05-23')).not.toContain('second-pass');
    expect(kinds({ ...catching, treatedOn: ['2026-05-18'] }, '2026-05-23')).not.toContain('treat-now');
  });
});

describe('two authors about one generation', () => {
  const open = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'));
  const firstAhead = (more: Partial<EventState['event']> = {}) =>
    timedEvent('first', expectedAbout('2026-05-29'), expectedAbout('2026-05-29'), more);

  test('the same generation in dispute is left to the tapes', () => {
    expect(kinds({ events: [firstAhead(), open] }, '2026-05-20')).toContain('window-disputed');
    expect(
      kinds({ events: [firstAhead(), open], tapes: weeklyTapes('2026-05-12', 4) }, '2026-05-20'),
    ).toContain('treat-now');
  });

  test('another generation, or another stage, is no dispute', () => {
    for (const other of [firstAhead({ generation: 2 }), firstAhead({ stage: 'adults' })]) {
      const told = kinds({ events: [other, open] }, '2026-05-20');
      expect(told).toContain('treat-now');
      expect(told).not.toContain('window-disputed');
    }
  });

  test('a first hatch that is reached disputes nothing', () => {
    const first = timedEvent('first', reached('2026-05-15'), reached('2026-05-15'));
    expect(kinds({ events: [first, open] }, '2026-05-20')).toContain('treat-now');
  });
});

describe('once, as the catch falls', () => {
  const window = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'));
  const atFall = (...counts: readonly number[]) =>
    kinds(
      {
        events: [window],
        schools: { crawlers: 'at-fall', mining: 'young-or-third' },
        tapes: weeklyTapes('2026-05-01', ...counts),
      },
      '2026-05-24',
    ).filter((kind) => kind === 'treat-now' || kind === 'wait-for-tapes');

  test('fell to half is half of the highest, not nearly', () => {
    expect(atFall(400, 300, 200)).toEqual(['treat-now']);
    expect(atFall(400, 300, 201)).toEqual(['wait-for-tapes']);
    expect(atFall(20, 400, 200)).toEqual(['treat-now']);
    expect(atFall(20, 80, 70)).toEqual(['wait-for-tapes']);
    expect(atFall(20, 80)).toEqual(['wait-for-tapes']);
    // 80 and 40 is half, and no more than such counts scatter.
    expect(atFall(80, 40)).toEqual(['wait-for-tapes']);
  });
});

describe('a growth regulator before leaves', () => {
  const SCHOOL = {
    schools: { crawlers: 'growth-regulator', mining: 'young-or-third' },
    beforeLeaves: { from: '2026-04-05', to: '2026-04-26' },
  } as const satisfies Partial<WatchFacts>;

  test('is for scale, of any kind, and for nothing else', () => {
    for (const group of ['armored', 'soft', 'felt', 'giant'] as const)
      expect(kinds({ ...SCHOOL, group }, '2026-04-10')).toContain('growth-regulator');
    for (const group of ['fungus', 'leaf-miner', 'mite', 'sap-sucker', null] as const)
      expect(kinds({ ...SCHOOL, group }, '2026-04-10')).not.toContain('growth-regulator');
  });

  test('from ten days before the buds swell to the first green', () => {
    expect(kinds(SCHOOL, '2026-03-25')).not.toContain('growth-regulator');
    expect(due(SCHOOL, '2026-03-26')[0]).toMatchObject({ kind: 'growth-regulator', standing: 'soon' });
    expect(due(SCHOOL, '2026-04-05')[0]).toMatchObject({ kind: 'growth-regulator', standing: 'open' });
    expect(kinds(SCHOOL, '2026-04-26')).toContain('growth-regulator');
    expect(kinds(SCHOOL, '2026-04-27')).not.toContain('growth-regulator');
  });

  test('not when something went on within two weeks before, and not without that school', () => {
    expect(kinds({ ...SCHOOL, treatedOn: ['2026-03-22'] }, '2026-04-10')).not.toContain('growth-regulator');
    expect(kinds({ ...SCHOOL, treatedOn: ['2026-03-21'] }, '2026-04-10')).toContain('growth-regulator');
    expect(kinds({ ...SCHOOL, schools: plainFacts().schools }, '2026-04-10')).not.toContain(
      'growth-regulator',
    );
    expect(kinds({ ...SCHOOL, beforeLeaves: null }, '2026-04-10')).not.toContain('growth-regulator');
  });
});

describe('looking again after treatment', () => {
  test('scale from two to four weeks on; what is quick from the next day to the tenth', () => {
    const scale = due({ treatedOn: ['2026-05-01'] }, '2026-05-20')[0];
    expect(scale).toMatchObject({
      kind: 'check-after-treatment',
      ruleId: 'check-scale-after',
      opens: '2026-05-15',
      closes: '2026-05-29',
      standing: 'open',
    });
    const quick = due({ group: 'sap-sucker', treatedOn: ['2026-05-01'] }, '2026-05-12')[0];
    expect(quick).toMatchObject({
      ruleId: 'check-others-after',
      opens: '2026-05-02',
      closes: '2026-05-11',
      standing: 'late',
    });
  });

  test('hand work is treatment too, and the last of either counts', () => {
    const [item] = due({ treatedOn: ['2026-04-20'], workedOn: ['2026-05-01'] }, '2026-05-20');
    expect(item!.opens).toBe('2026-05-15');
    expect(item!.facts).toEqual([
      { what: 'treated', quantity: { kind: 'date', on: '2026-05-01' } },
      { what: 'since-then', quantity: { kind: 'days', value: 19 } },
    ]);
  });

  test('is done by a count from its first day on, and forgotten four months late', () => {
    const treatedOn = ['2026-05-01'];
    expect(kinds({ treatedOn, countedOn: ['2026-05-14'] }, '2026-05-20')).toContain('check-after-treatment');
    expect(kinds({ treatedOn, countedOn: ['2026-05-15'] }, '2026-05-20')).toEqual([]);
    expect(kinds({ treatedOn }, '2026-09-26')).toEqual(['check-after-treatment']);
    expect(kinds({ treatedOn }, '2026-09-27')).toEqual([]);
  });
});

describe('what has a name and no number', () => {
  const uncounted = { countedOn: [], openedOn: '2026-10-12', lookedOn: '2026-10-12' } as const;

  test('is counted first, and its tapes are named before a look that comes later', () => {
    const usualWindows = [{ from: '2026-11-01', to: '2027-01-31', generation: 1 }];
    const items = due({ ...uncounted, usualWindows }, '2026-10-12');
    expect(items.map(({ kind, opens, standing }) => [kind, opens, standing])).toEqual([
      ['hang-tapes', '2026-10-18', 'soon'],
      ['count-first', '2026-10-12', 'open'],
    ]);
    expect(due({ ...uncounted, usualWindows }, '2026-10-05')[0]!.standing).toBe('later');
    expect(items[1]).toMatchObject({ ruleId: 'count-to-weigh', closes: null, standing: 'open' });
    const late = [{ from: '2027-02-01', to: '2027-03-31', generation: 1 }];
    expect(kinds({ ...uncounted, usualWindows: late }, '2026-10-12')).toEqual(['count-first']);
  });

  test('unless it was counted or worked on before, is dead, clear, out of reach, or cannot be counted now', () => {
    for (const more of [
      { countedOn: ['2025-05-01'] },
      { treatedOn: ['2026-01-05'] },
      { workedOn: ['2026-01-05'] },
      { life: 'dead' },
      { clear: true },
      { reachable: false },
      { countable: false },
      { named: false },
    ] as const)
      expect(kinds({ ...uncounted, ...more }, '2026-10-12')).not.toContain('count-first');
  });
});

describe('tapes', () => {
  const hatch = timedEvent('first', expectedAbout('2026-05-30'), expectedAbout('2026-05-30'));

  test('go up a fortnight before the early end of the hatch, and are late after it', () => {
    // Early end 26 May.
    expect(due({ events: [hatch] }, '2026-05-11')[0]).toMatchObject({ kind: 'hang-tapes', standing: 'soon' });
    expect(due({ events: [hatch] }, '2026-05-12')[0]).toMatchObject({ kind: 'hang-tapes', standing: 'open' });
    expect(due({ events: [hatch] }, '2026-05-27')[0]).toMatchObject({ kind: 'hang-tapes', standing: 'late' });
    expect(kinds({ events: [hatch], life: 'dead' }, '2026-05-20')).toEqual([]);
  });

  test('are changed a week after they were hung or last read, told two days before', () => {
    const hung = { events: [hatch], tapesHungOn: ['2026-05-14'] };
    expect(kinds(hung, '2026-05-18')).toEqual([]);
    expect(due(hung, '2026-05-19')[0]).toMatchObject({
      kind: 'change-tape',
      standing: 'soon',
      opens: '2026-05-21',
    });
    expect(due(hung, '2026-05-21')[0]!.standing).toBe('open');
    expect(due(hung, '2026-05-22')[0]!.standing).toBe('late');
    expect(due({ ...hung, tapes: weeklyTapes('2026-05-10', 3) }, '2026-05-24')[0]!.opens).toBe('2026-05-24');
  });

  test('come down once two in a row were empty after the peak', () => {
    const read = (...counts: readonly number[]) =>
      kinds({ tapes: weeklyTapes('2026-05-01', ...counts) }, '2026-06-12');
    expect(read(30, 40, 9, 0, 0)).not.toContain('change-tape');
    expect(read(30, 40, 9, 3, 0)).toContain('change-tape');
  });
});
