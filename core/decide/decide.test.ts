import { describe, expect, test } from '@jest/globals';
import { expectedAbout, plainFacts, reached, timedEvent, weeklyTapes } from '#simulated';
import { dormantDue, watchStatus, whatIsDue, type WatchFacts } from './index.ts';

const TODAY = '2026-05-20';
const kinds = (facts: Partial<WatchFacts>) =>
  whatIsDue([plainFacts(facts)], TODAY)
    .filter(({ kind }) => kind !== 'next-look')
    .map((due) => `${due.kind} ${due.standing}`);
const openWindow = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'));

describe('what is due', () => {
  test('an unnamed watch wants a name within a week', () => {
    expect(kinds({ named: false, group: null, openedOn: '2026-05-15' })).toEqual(['name-it open']);
    expect(kinds({ named: false, group: null, openedOn: '2026-05-01' })).toEqual(['name-it late']);
    expect(kinds({ named: false, group: null, open: false })).toEqual([]);
  });

  test('a window is told ten days ahead and not eleven', () => {
    expect(
      kinds({
        events: [timedEvent('window', expectedAbout('2026-05-30'), expectedAbout('2026-06-12'))],
        tapes: weeklyTapes('2026-05-12', 0),
      }),
    ).toEqual(['treat-soon soon']);
    expect(
      kinds({
        events: [timedEvent('window', expectedAbout('2026-05-31'), expectedAbout('2026-06-12'))],
        tapes: weeklyTapes('2026-05-12', 0),
      }),
    ).toEqual([]);
  });

  test('an open window asks for a spray, then for a second while tapes catch', () => {
    expect(kinds({ events: [openWindow], tapes: weeklyTapes('2026-05-05', 3, 40) })).toEqual([
      'treat-now open',
    ]);
    const treated = {
      events: [timedEvent('window', reached('2026-05-01'), expectedAbout('2026-06-05'))],
      treatedOn: ['2026-05-06'],
    };
    expect(kinds({ ...treated, tapes: weeklyTapes('2026-05-05', 30, 40) })).toEqual([
      'check-after-treatment open',
      'second-pass open',
    ]);
    expect(kinds({ ...treated, tapes: weeklyTapes('2026-05-05', 30, 0) })).toEqual([
      'check-after-treatment open',
    ]);
  });

  test('a window that opens before another author sees the first hatch is left to the tapes', () => {
    const first = timedEvent('first', expectedAbout('2026-05-29'), expectedAbout('2026-05-29'));
    expect(kinds({ events: [first, openWindow], tapes: weeklyTapes('2026-05-12', 0) })).toEqual([
      'window-disputed open',
    ]);
    expect(kinds({ events: [first, openWindow] })).toEqual(['window-disputed open']);
    expect(kinds({ events: [first, openWindow], tapes: weeklyTapes('2026-05-12', 4) })).toEqual([
      'treat-now open',
    ]);
  });

  test('tapes past the peak say that the hatch is passing', () => {
    expect(kinds({ events: [openWindow], tapes: weeklyTapes('2026-04-28', 10, 140, 30) })).toEqual([
      'hatch-passing open',
    ]);
  });

  test('a dead infestation leads to a look, never to a spray', () => {
    expect(kinds({ life: 'dead', events: [openWindow] })).toEqual(['look-alive open']);
  });

  test('tapes go up two weeks before the hatch and are changed weekly until two come back empty', () => {
    const first = timedEvent('first', expectedAbout('2026-06-05'), expectedAbout('2026-06-05'));
    expect(kinds({ events: [first] })).toEqual(['hang-tapes open']);
    expect(kinds({ events: [first], tapes: weeklyTapes('2026-05-07', 0) })).toEqual(['change-tape soon']);
    expect(kinds({ events: [first], tapesHungOn: ['2026-05-14'] })).toEqual(['change-tape soon']);
    expect(kinds({ events: [first], tapes: weeklyTapes('2026-05-04', 0) })).toEqual(['change-tape late']);
    expect(kinds({ tapes: weeklyTapes('2026-04-08', 30, 9, 2, 0, 0) })).toEqual([]);
  });

  test('scale is looked at two to four weeks after a spray, a check forgotten long ago is let go', () => {
    expect(kinds({ treatedOn: ['2026-05-02'] })).toEqual(['check-after-treatment open']);
    expect(kinds({ treatedOn: ['2026-04-18'] })).toEqual(['check-after-treatment late']);
    expect(kinds({ treatedOn: ['2026-04-18'], countedOn: ['2026-05-06'] })).toEqual([]);
    expect(kinds({ treatedOn: ['2025-11-01'] })).toEqual([]);
    expect(kinds({ treatedOn: ['2026-05-12'], group: 'fungus' })).toEqual(['check-after-treatment open']);
  });

  test("the season's count comes before the hatch", () => {
    const first = timedEvent('first', expectedAbout('2026-06-10'), expectedAbout('2026-06-10'));
    expect(kinds({ events: [first], countedOn: [], tapes: weeklyTapes('2026-05-12', 0) })).toEqual([
      'count-first open',
    ]);
  });

  test('what closes first stands first, and the same facts give the same list', () => {
    const watches = [
      plainFacts({ watchId: 'a', events: [openWindow], tapes: weeklyTapes('2026-05-05', 3, 40) }),
      plainFacts({ watchId: 'b', treatedOn: ['2026-04-18'] }),
      plainFacts({
        watchId: 'c',
        group: 'leaf-miner',
        events: [
          timedEvent('window', expectedAbout('2026-05-24'), expectedAbout('2026-05-29'), { stage: 'adults' }),
        ],
      }),
    ];
    const due = whatIsDue(watches, TODAY);
    expect(due.map((d) => d.watchId)).toEqual(['b', 'c', 'a']);
    expect(whatIsDue([...watches].reverse(), TODAY)).toEqual(due);
    expect(new Set(due.map((d) => d.id)).size).toBe(3);
  });
});

test.each([
  [{ outcome: 'ruled-out' }, 'ruled-out'],
  [{ named: false }, 'suspected'],
  [{ treatedThisSeason: true }, 'treating'],
  [{ lastChangeFell: true, level: 1, treatedThisSeason: true }, 'clearing'],
  [{ lastChangeFell: true, level: 4 }, 'waiting'],
  [{ treatedThisSeason: true, sinceTreating: 'clean', level: 0 }, 'recovering'],
  [{ treatedThisSeason: true, sinceTreating: 'fell', level: 4 }, 'clearing'],
  [{ outcome: 'closed', sinceTreating: 'clean' }, 'closed'],
  [{ countedThisSeason: false }, 'named'],
] as const)('status of %j is %s', (changes, status) => {
  expect(
    watchStatus({
      outcome: 'open',
      named: true,
      countedThisSeason: true,
      treatedThisSeason: false,
      lastChangeFell: false,
      sinceTreating: null,
      level: null,
      ...changes,
    }),
  ).toBe(status);
});

test('all stages at once are treated now, whatever the window says, and again until a count finds nothing', () => {
  const seen = plainFacts({
    allStagesOn: '2026-05-20',
    events: [timedEvent('window', expectedAbout('2026-06-02'), expectedAbout('2026-06-20'))],
  });
  expect(whatIsDue([seen], '2026-05-29').map(({ kind }) => kind)).toContain('all-stages');
  expect(whatIsDue([seen], '2026-05-29').map(({ kind }) => kind)).not.toContain('treat-soon');
  const after = (facts: Partial<WatchFacts>, today: string) =>
    whatIsDue([{ ...seen, ...facts }], today).find(({ kind }) => kind === 'all-stages');
  // It comes due again after each interval, until a count finds nothing.
  expect(after({ treatedOn: ['2026-05-21'] }, '2026-05-24')).toBeUndefined();
  expect(after({ treatedOn: ['2026-05-21'] }, '2026-05-29')).toMatchObject({
    opens: '2026-06-04',
    standing: 'soon',
  });
  expect(after({ treatedOn: ['2026-05-21', '2026-06-05'] }, '2026-06-20')).toMatchObject({
    opens: '2026-06-19',
    standing: 'open',
  });
  expect(after({ treatedOn: ['2026-05-21'], clearedOn: '2026-06-10' }, '2026-06-12')).toBeUndefined();
  expect(after({}, '2026-06-15')).toMatchObject({ standing: 'late' });
  expect(after({}, '2026-09-20')).toBeUndefined();
});

test('a clock that waits for males asks for a trap in spring, unless one hangs', () => {
  const waiting = timedEvent('first', { kind: 'not-started' }, { kind: 'not-started' });
  const facts = plainFacts({
    events: [{ ...waiting, started: null, event: { ...waiting.event, start: { kind: 'first-males' } } }],
  });
  const kinds = (watch: WatchFacts, today: string) => whatIsDue([watch], today).map(({ kind }) => kind);
  expect(kinds(facts, '2026-04-20')).toContain('hang-trap');
  expect(kinds({ ...facts, trapHangs: true }, '2026-04-20')).not.toContain('hang-trap');
  expect(kinds(facts, '2026-02-01')).not.toContain('hang-trap');
});

describe('how often against crawlers, by school', () => {
  const dueUnder = (crawlers: WatchFacts['schools']['crawlers'], facts: Partial<WatchFacts>, today = TODAY) =>
    whatIsDue(
      [plainFacts({ events: [openWindow], schools: { crawlers, mining: 'young-or-third' }, ...facts })],
      today,
    ).map(({ kind }) => kind);
  const rising = weeklyTapes('2026-05-08', 3, 60),
    level = weeklyTapes('2026-05-01', 3, 40, 38),
    fallen = weeklyTapes('2026-05-01', 60, 70, 12);

  test('once at the peak: not while tapes rise, then once', () => {
    expect(dueUnder('at-peak', { tapes: rising })).toContain('wait-for-tapes');
    expect(dueUnder('at-peak', { tapes: level })).toContain('treat-now');
    expect(dueUnder('at-peak', { tapes: level, treatedOn: ['2026-05-20'] })).not.toContain('second-pass');
  });

  test('once as the catch falls to half', () => {
    expect(dueUnder('at-fall', { tapes: level })).toContain('wait-for-tapes');
    expect(dueUnder('at-fall', { tapes: fallen })).toContain('treat-now');
    // Without tapes the middle of the window stands for it: 18 May to 5 June.
    expect(dueUnder('at-fall', {}, '2026-05-24')).toContain('wait-for-tapes');
    expect(dueUnder('at-fall', {}, '2026-05-28')).toContain('treat-now');
  });

  test('a growth regulator before leaves, and nothing on crawlers', () => {
    expect(dueUnder('growth-regulator', { tapes: level })).toEqual(
      expect.not.arrayContaining(['treat-now', 'second-pass', 'wait-for-tapes']),
    );
    const beforeLeaves = { from: '2026-04-05', to: '2026-04-26' };
    expect(dueUnder('growth-regulator', { events: [], beforeLeaves }, '2026-04-10')).toContain(
      'growth-regulator',
    );
    expect(
      dueUnder('growth-regulator', { events: [], beforeLeaves, treatedOn: ['2026-04-06'] }, '2026-04-10'),
    ).not.toContain('growth-regulator');
    expect(
      dueUnder('growth-regulator', { events: [], beforeLeaves, life: 'dead' }, '2026-04-10'),
    ).not.toContain('growth-regulator');
  });

  test('a second pass keeps the longer of two weeks, the label and the school', () => {
    const again = (repeatAfterDays: number) =>
      whatIsDue(
        [plainFacts({ events: [openWindow], tapes: rising, treatedOn: ['2026-05-19'], repeatAfterDays })],
        '2026-05-29',
      ).find(({ kind }) => kind === 'second-pass')?.opens;
    expect(again(14)).toBe('2026-06-02');
    expect(again(17)).toBe('2026-06-05');
  });
});

describe('leaf miners and winter', () => {
  const flush = {
    since: '2026-05-14',
    hardEarly: '2026-06-04',
    hardBy: '2026-06-13',
    hardLate: '2026-06-25',
  };
  const citrus = (miner: Partial<WatchFacts['miner']>, more: Partial<WatchFacts> = {}) =>
    plainFacts({
      group: 'leaf-miner',
      miner: {
        mines: true,
        flush,
        young: true,
        minedShare: 0.35,
        leavesDown: null,
        budSwell: null,
        ...miner,
      },
      ...more,
    });
  const kinds = (facts: WatchFacts, today: string) => whatIsDue([facts], today).map(({ kind }) => kind);

  test(
    'a young tree is covered while its flush is soft, again after the interval; a grown one with few ' +
      'mines is left',
    () => {
      expect(kinds(citrus({}), '2026-05-29')).toContain('cover-flush');
      expect(kinds(citrus({ young: false, minedShare: 0.2 }), '2026-05-29')).not.toContain('cover-flush');
      expect(kinds(citrus({ young: false, minedShare: 0.5 }), '2026-05-29')).toContain('cover-flush');
      expect(
        whatIsDue([citrus({}, { treatedOn: ['2026-05-20'] })], '2026-05-29').find(
          ({ kind }) => kind === 'cover-flush',
        ),
      ).toMatchObject({ opens: '2026-06-03', standing: 'soon' });
      expect(kinds(citrus({}, { treatedOn: ['2026-06-05'] }), '2026-06-08')).not.toContain('cover-flush');
      expect(kinds(citrus({ flush: null }), '2026-05-29')).not.toContain('cover-flush');
    },
  );

  test('the schools of every flush and of every month', () => {
    const few = { young: false, minedShare: 0.1 };
    expect(
      kinds(citrus(few, { schools: { crawlers: 'while-catching', mining: 'every-flush' } }), '2026-05-29'),
    ).toContain('cover-flush');
    const monthly = (treatedOn: string[], today: string) =>
      whatIsDue(
        [
          citrus(
            { ...few, flush: null },
            { treatedOn, schools: { crawlers: 'while-catching', mining: 'monthly' } },
          ),
        ],
        today,
      ).find(({ kind }) => kind === 'cover-flush');
    expect(monthly([], '2026-05-29')).toMatchObject({ standing: 'open', ruleId: 'flush-monthly' });
    expect(monthly(['2026-05-10'], '2026-06-01')).toMatchObject({ opens: '2026-06-09', standing: 'soon' });
    expect(monthly([], '2026-12-20')).toBeUndefined();
  });

  test('a label that asks for more days between holds the next cover back', () => {
    expect(
      whatIsDue([citrus({}, { treatedOn: ['2026-05-20'], repeatAfterDays: 21 })], '2026-06-05').find(
        ({ kind }) => kind === 'cover-flush',
      ),
    ).toMatchObject({ opens: '2026-06-10' });
  });

  test('leaves are cleared between leaf fall and bud swell', () => {
    const fallen = citrus({ flush: null, leavesDown: '2026-11-06', budSwell: '2027-04-05' });
    expect(kinds(fallen, '2026-12-01')).toContain('clear-leaves');
    expect(kinds(fallen, '2026-09-01')).not.toContain('clear-leaves');
    expect(kinds(fallen, '2027-04-06')).not.toContain('clear-leaves');
  });

  test('winter sprays show when due or near, not when done or far', () => {
    const step = {
      place: 'delayed' as const,
      what: 'oil' as const,
      from: '2026-04-05',
      to: '2026-04-26',
      state: 'due' as const,
      doneOn: null,
      mattersMost: true,
      question: null,
    };
    expect(dormantDue('w', [step], '2026-04-10')).toMatchObject([
      { kind: 'dormant-spray', ruleId: 'dormant-oil', closes: '2026-04-26', standing: 'open' },
    ]);
    expect(dormantDue('w', [{ ...step, state: 'ask', question: 'green-yet' }], '2026-04-10')).toMatchObject([
      { kind: 'say-leaves', ruleId: 'look-before-bare-wood', asks: 'green-yet', standing: 'open' },
    ]);
    expect(dormantDue('w', [{ ...step, state: 'coming' }], '2026-03-28')).toMatchObject([
      { standing: 'soon' },
    ]);
    expect(dormantDue('w', [{ ...step, state: 'coming' }], '2026-03-01')).toEqual([]);
    expect(dormantDue('w', [{ ...step, state: 'done', doneOn: '2026-04-08' }], '2026-04-10')).toEqual([]);
  });
});

test('hand work is looked at again like a spray, and does not count as one in the window', () => {
  const worked = plainFacts({
    workedOn: ['2026-05-10'],
    events: [timedEvent('window', { kind: 'reached', on: '2026-05-20' }, expectedAbout('2026-06-20'))],
  });
  const kinds = whatIsDue([worked], '2026-05-26').map(({ kind }) => kind);
  expect(kinds).toContain('check-after-treatment');
  expect(kinds).toContain('treat-now');
  expect(kinds).not.toContain('second-pass');
});
