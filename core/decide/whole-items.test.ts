import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import type { DormantStep } from '#core/plan';
import { expectedAbout, plainFacts, reached, timedEvent, weeklyTapes } from '#simulated';
import { dormantDue, type DueKind, type InfectionFacts, whatIsDue, type WatchFacts } from './index.ts';

/** Each thing due as a whole: its rule, its days, its standing, and every figure it rests on. */
const item = (facts: Partial<WatchFacts>, today: CivilDate, kind: DueKind) =>
  whatIsDue([plainFacts(facts)], today).find((due) => due.kind === kind);
const on = (what: string, day: CivilDate) => ({ what, quantity: { kind: 'date', on: day } });
const code = (what: string, said: string) => ({ what, quantity: { kind: 'code', code: said } });

const OPEN = timedEvent('window', reached('2026-05-18'), expectedAbout('2026-06-05'));
const openFacts = [
  { what: 'window-published-as', quantity: { kind: 'heat-range', fromCd: 226, toCd: 456 } },
  on('reached-on', '2026-05-18'),
];
const noTapes = code('tapes', 'none-this-season');

describe('looking', () => {
  test('a name is asked for within a week of opening', () => {
    expect(item({ named: false }, '2026-04-05', 'name-it')).toEqual({
      id: 'w:name-it:',
      watchId: 'w',
      kind: 'name-it',
      ruleId: 'name-before-acting',
      opens: '2026-04-01',
      opensRange: null,
      closes: '2026-04-08',
      closesRange: null,
      standing: 'open',
      eventId: null,
      asks: null,
      facts: [on('opened', '2026-04-01')],
    });
    expect(item({ named: false }, '2026-04-08', 'name-it')?.standing).toBe('open');
    expect(item({ named: false }, '2026-04-09', 'name-it')?.standing).toBe('late');
  });

  test('what was treated last is judged: scale from a fortnight on, a fungus after its incubation', () => {
    const facts = { treatedOn: ['2026-05-01', '2026-05-10'], workedOn: ['2026-05-04'] };
    expect(item(facts, '2026-05-24', 'check-after-treatment')).toMatchObject({
      ruleId: 'check-scale-after',
      opens: '2026-05-24',
      closes: '2026-06-07',
      standing: 'open',
      facts: [on('treated', '2026-05-10'), { what: 'since-then', quantity: { kind: 'days', value: 14 } }],
    });
    expect(item({ ...facts, workedOn: ['2026-05-12'] }, '2026-05-24', 'check-after-treatment')?.opens).toBe(
      '2026-05-26',
    );
    const standing = (today: CivilDate) => item(facts, today, 'check-after-treatment')?.standing;
    expect([
      standing('2026-05-13'),
      standing('2026-05-14'),
      standing('2026-06-07'),
      standing('2026-06-08'),
    ]).toEqual([undefined, 'soon', 'open', 'late']);
    const fungus = { ...facts, group: 'fungus', incubationDays: 17 } as const;
    expect(item(fungus, '2026-05-27', 'check-after-treatment')).toMatchObject({
      ruleId: 'check-after-incubation',
      opens: '2026-05-27',
      closes: '2026-06-10',
    });
    expect(item({ ...facts, group: 'sap-sucker' }, '2026-05-11', 'check-after-treatment')).toMatchObject({
      ruleId: 'check-others-after',
      opens: '2026-05-11',
      closes: '2026-05-20',
    });
  });

  test('mites are looked at on day 1, 7 and 14, each look once; what was let pass is left', () => {
    const facts = { treatedOn: ['2026-05-10'], group: 'mite' } as const;
    const days = (today: CivilDate, countedOn: CivilDate[] = []) => {
      const check = item({ ...facts, countedOn }, today, 'check-after-treatment');
      return check && [check.ruleId, check.opens, check.closes];
    };
    expect(days('2026-05-11')).toEqual(['check-mites-after', '2026-05-11', '2026-05-13']);
    expect(days('2026-05-16')).toEqual(['check-mites-after', '2026-05-11', '2026-05-13']);
    expect(days('2026-05-17')).toEqual(['check-mites-after', '2026-05-17', '2026-05-19']);
    expect(days('2026-05-12', ['2026-05-12'])).toEqual(['check-mites-after', '2026-05-17', '2026-05-19']);
    expect(days('2026-05-18', ['2026-05-12', '2026-05-18'])).toEqual([
      'check-mites-after',
      '2026-05-24',
      '2026-05-31',
    ]);
    expect(days('2026-05-25', ['2026-05-24'])).toBeUndefined();
  });

  test('a drench is judged once it has risen, whatever it was for; a spray after it as such', () => {
    const facts = { treatedOn: ['2026-05-10'], drench: { on: '2026-05-10', onsetDays: 56 } };
    expect(item(facts, '2026-06-26', 'check-after-treatment')).toMatchObject({
      ruleId: 'check-drench-after',
      opens: '2026-07-05',
      closes: '2026-07-19',
    });
    const both = { ...facts, treatedOn: ['2026-05-10', '2026-06-10'] };
    expect(item(both, '2026-06-26', 'check-after-treatment')?.ruleId).toBe('check-scale-after');
  });

  test('a count after the day it is judged from closes that; one before does not', () => {
    const facts = { treatedOn: ['2026-05-10'] };
    expect(
      item({ ...facts, countedOn: ['2026-05-23'] }, '2026-05-26', 'check-after-treatment'),
    ).toBeDefined();
    expect(
      item({ ...facts, countedOn: ['2026-05-01', '2026-05-24'] }, '2026-05-26', 'check-after-treatment'),
    ).toBe(undefined);
    expect(item(facts, '2026-10-05', 'check-after-treatment')).toBeDefined();
    expect(item(facts, '2026-10-06', 'check-after-treatment')).toBeUndefined();
  });

  test('the next look is six weeks on; of what is dead or clear when crawlers would come, else a season on', () => {
    const facts = { lookedOn: '2026-05-01', countedOn: [] };
    expect(item(facts, '2026-05-02', 'next-look')).toMatchObject({
      ruleId: 'look-again',
      opens: '2026-06-12',
      closes: '2026-06-19',
      standing: 'later',
      facts: [on('last-look', '2026-05-01')],
    });
    const standing = (today: CivilDate) => item(facts, today, 'next-look')?.standing;
    expect(['2026-06-01', '2026-06-02', '2026-06-12', '2026-06-19', '2026-06-20'].map(standing)).toEqual([
      'later',
      'soon',
      'open',
      'open',
      'late',
    ]);
    const opens = (more: Partial<WatchFacts>, today: CivilDate = '2026-05-02') =>
      item({ ...facts, ...more }, today, 'next-look')?.opens;
    expect([opens({ group: 'helper' }), opens({ group: 'no-trouble' })]).toEqual([
      '2026-08-29',
      '2026-08-29',
    ]);
    expect([opens({ life: 'dead' }), opens({ clear: true })]).toEqual(['2026-08-29', '2026-08-29']);
    const months = { usualWindows: [{ from: '2026-07-01', to: '2026-07-31', generation: 1 }] };
    expect([opens({ ...months, life: 'dead' }), opens({ ...months, clear: true })]).toEqual([
      '2026-06-24',
      '2026-06-24',
    ]);
    // Looked at when they were to come already: nothing came.
    expect(opens({ ...months, life: 'dead', lookedOn: '2026-06-24' }, '2026-06-25')).toBe('2026-10-22');
    expect(opens({ ...months })).toBe('2026-06-12');
    expect(item({ ...facts, named: false }, '2026-05-02', 'next-look')).toBeUndefined();
  });

  test('a fungus is looked at in its season: a fortnight on where no rain is told, else six weeks; not before it', () => {
    const quiet: InfectionFacts = {
      school: 'by-forecast',
      season: { from: '2026-04-15', to: '2026-07-20' },
      isTold: true,
      ahead: [],
      through: [],
      lastCover: null,
      renewOn: null,
      habits: [],
    };
    const opens = (infection: Partial<InfectionFacts>, more: Partial<WatchFacts> = {}) =>
      item(
        { lookedOn: '2026-05-01', countedOn: [], infection: { ...quiet, ...infection }, ...more },
        '2026-05-02',
        'next-look',
      )?.opens;
    expect(opens({})).toBe('2026-06-12');
    expect(opens({ isTold: false })).toBe('2026-05-15');
    expect(opens({ isTold: false }, { clear: true })).toBe('2026-06-12');
    const later = { season: { from: '2026-08-01', to: '2026-09-01' } };
    expect([opens(later), opens({ ...later, isTold: false })]).toEqual(['2026-08-01', '2026-08-01']);
    const over = { season: { from: '2026-04-15', to: '2026-06-11' } };
    expect([opens(over), opens({ ...over, isTold: false })]).toEqual(['2026-06-12', '2026-05-15']);
    expect(opens(over, { clear: true })).toBe('2026-08-29');
    expect([opens({ season: null }), opens({ season: null }, { clear: true })]).toEqual([
      '2026-06-12',
      '2026-08-29',
    ]);
  });
});

describe('a window of crawlers', () => {
  test('that is published and open', () => {
    expect(item({ events: [OPEN] }, '2026-05-20', 'treat-now')).toEqual({
      id: 'w:treat-now:window-1',
      watchId: 'w',
      kind: 'treat-now',
      ruleId: 'window-open',
      opens: '2026-05-18',
      opensRange: null,
      closes: '2026-06-05',
      closesRange: ['2026-06-01', '2026-06-10'],
      standing: 'open',
      eventId: 'window-1',
      asks: null,
      facts: [...openFacts, noTapes],
    });
  });

  test('that was caught: from the first catch, through its hatch and while the young are soft', () => {
    const tapes = weeklyTapes('2026-05-14', 0, 6);
    expect(item({ tapes }, '2026-05-29', 'treat-now')).toMatchObject({
      ruleId: 'crawlers-caught',
      opens: '2026-05-28',
      // 21 days of hatch and 14 soft ones after the first catch.
      closes: '2026-07-02',
      closesRange: ['2026-06-07', null],
      eventId: null,
      facts: [
        on('caught-first', '2026-05-28'),
        on('caught-last', '2026-05-28'),
        { what: 'last-tapes-crawlers-a-week', quantity: { kind: 'counts', values: [0, 6] } },
        code('the-tapes-say', 'first'),
        { what: 'soft-until', quantity: { kind: 'date', on: '2026-07-02', early: '2026-06-07', late: null } },
      ],
    });
    const falling = { tapes: weeklyTapes('2026-05-14', 200, 300, 280, 20) };
    expect(item(falling, '2026-06-12', 'hatch-passing')).toMatchObject({
      ruleId: 'hatch-passing',
      opens: '2026-05-21',
      closes: '2026-06-25',
      closesRange: ['2026-06-21', '2026-07-01'],
    });
    expect(
      item({ tapes: weeklyTapes('2026-05-14', 200, 300, 0, 0) }, '2026-06-11', 'hatch-passing')?.closes,
    ).toBe('2026-06-11');
  });

  test('that opens soon, with its range; nothing of it eleven days before', () => {
    const ahead = {
      events: [timedEvent('window', expectedAbout('2026-05-30'), expectedAbout('2026-06-15'))],
    };
    expect(item(ahead, '2026-05-19', 'treat-soon')).toBeUndefined();
    expect(item(ahead, '2026-05-20', 'treat-soon')).toMatchObject({
      ruleId: 'window-ahead',
      opens: '2026-05-30',
      opensRange: ['2026-05-26', '2026-06-04'],
      closes: '2026-06-15',
      standing: 'soon',
      eventId: 'window-1',
      facts: [
        openFacts[0],
        { what: 'heat-so-far-of-the-way-there', quantity: { kind: 'share', value: 0.9 } },
        {
          what: 'expected-on',
          quantity: { kind: 'date', on: '2026-05-30', early: '2026-05-26', late: '2026-06-04' },
        },
        noTapes,
      ],
    });
  });

  test('of which only the first hatch is published: it hatches, and is soft, for as long as its group', () => {
    const first = timedEvent('first', reached('2026-05-18'), reached('2026-05-18'));
    expect(item({ events: [{ ...first, phase: 'over' }] }, '2026-05-20', 'treat-now')).toMatchObject({
      closes: '2026-06-22',
      closesRange: ['2026-06-18', '2026-06-28'],
      facts: [
        { what: 'first-hatch-published-at', quantity: { kind: 'heat', cd: 226 } },
        on('reached-on', '2026-05-18'),
        noTapes,
      ],
    });
    expect(item({ events: [first] }, '2026-06-22', 'treat-now')).toBeDefined();
    expect(item({ events: [first] }, '2026-06-23', 'treat-now')).toBeUndefined();
  });

  test('that two authors dispute, or that empty tapes hold back', () => {
    const first = timedEvent('first', expectedAbout('2026-05-29'), expectedAbout('2026-05-29'));
    expect(item({ events: [first, OPEN] }, '2026-05-20', 'window-disputed')).toMatchObject({
      ruleId: 'window-disputed',
      facts: [
        ...openFacts,
        { what: 'first-hatch-published-at', quantity: { kind: 'heat', cd: 226 } },
        { what: 'heat-so-far-of-the-way-there', quantity: { kind: 'share', value: 0.9 } },
        {
          what: 'expected-on',
          quantity: { kind: 'date', on: '2026-05-29', early: '2026-05-25', late: '2026-06-03' },
        },
      ],
    });
    const empty = { events: [OPEN], tapes: weeklyTapes('2026-05-13', 0) };
    expect(item(empty, '2026-05-30', 'wait-for-tapes')).toMatchObject({
      ruleId: 'tapes-are-empty',
      standing: 'open',
      closes: '2026-06-05',
    });
    // What was read eleven days ago says nothing of today.
    expect(item(empty, '2026-05-31', 'wait-for-tapes')).toBeUndefined();
    expect(item(empty, '2026-05-31', 'treat-now')).toBeDefined();
  });

  test('under dead covers asks for a look, about the day they would come', () => {
    const dead = {
      life: 'dead',
      events: [timedEvent('window', expectedAbout('2026-05-30'), expectedAbout('2026-06-15'))],
    } as const;
    expect(item(dead, '2026-05-22', 'look-alive')).toBeUndefined();
    expect(item(dead, '2026-05-23', 'look-alive')).toMatchObject({
      ruleId: 'dead-look-again',
      opens: '2026-05-23',
      closes: '2026-06-06',
      standing: 'open',
      eventId: 'window-1',
    });
    expect(item({ ...dead, crawlersSeenOn: ['2026-05-22'] }, '2026-05-23', 'treat-now')?.ruleId).toBe(
      'crawlers-caught',
    );
  });

  test('after a count that found none asks for a look, and after crawlers that were since gone for no spray', () => {
    const gone = { clear: true, clearedOn: '2026-05-01' };
    expect(item({ ...gone, events: [OPEN] }, '2026-05-20', 'treat-now')).toBeUndefined();
    expect(item({ ...gone, events: [OPEN] }, '2026-05-20', 'look-alive')?.ruleId).toBe('dead-look-again');
    const caught = { clear: true, crawlersSeenOn: ['2026-05-10'] };
    const kinds = (clearedOn: CivilDate) =>
      whatIsDue([plainFacts({ ...caught, clearedOn })], '2026-05-20').map(({ kind }) => kind);
    expect(kinds('2026-05-09')).toContain('treat-now');
    expect(kinds('2026-05-10')).toContain('treat-now');
    expect(kinds('2026-05-11')).toEqual(['next-look']);
  });

  test('seen by eye goes before a published one, and by its own hatch', () => {
    const later = timedEvent('window', expectedAbout('2026-07-20'), expectedAbout('2026-08-05'), {
      generation: 2,
    });
    const facts = { crawlersSeenOn: ['2026-03-01', '2026-05-16', '2026-05-20'], events: [OPEN, later] };
    const now = item(facts, '2026-05-21', 'treat-now')!;
    expect(now).toMatchObject({ opens: '2026-05-16', ruleId: 'crawlers-caught' });
    expect(now.facts.slice(0, 2)).toEqual([
      on('caught-first', '2026-05-16'),
      on('caught-last', '2026-05-20'),
    ]);
    // In the published place of that hatch, so that the same is not told twice.
    expect(
      whatIsDue([plainFacts(facts)], '2026-05-21').filter(({ kind }) => kind === 'treat-now'),
    ).toHaveLength(1);
    // What is seen tomorrow is not known today.
    expect(item({ crawlersSeenOn: ['2026-05-22'] }, '2026-05-21', 'treat-now')).toBeUndefined();
  });
});

describe('again, and once', () => {
  test('a second pass tells of the last spray within the window', () => {
    const facts = {
      events: [OPEN],
      treatedOn: ['2026-05-20', '2026-05-21', '2026-05-02'],
      tapes: weeklyTapes('2026-05-14', 20, 40),
    };
    const pass = item(facts, '2026-06-04', 'second-pass')!;
    expect(pass).toMatchObject({ opens: '2026-06-04', standing: 'open', ruleId: 'repeat-while-catching' });
    expect(pass.facts[0]).toEqual(on('last-spray', '2026-05-21'));
    expect(pass.facts.length).toBeGreaterThan(3);
  });

  test('crawlers before the eye since the spray are reason enough', () => {
    const facts = { events: [OPEN], treatedOn: ['2026-05-20'] };
    expect(
      item({ ...facts, crawlersSeenOn: ['2026-05-19', '2026-05-20'] }, '2026-06-02', 'second-pass'),
    ).toBeUndefined();
    expect(
      item({ ...facts, crawlersSeenOn: ['2026-05-19', '2026-05-21'] }, '2026-06-02', 'second-pass'),
    ).toBeDefined();
  });

  test('the schools of one spray wait for the middle of the window, the peak, or the fall', () => {
    const school = (crawlers: 'at-peak' | 'at-fall', tapes: readonly number[], today: CivilDate) => {
      const facts = {
        events: [OPEN],
        schools: { crawlers, mining: 'young-or-third' as const },
        tapes: tapes.length === 0 ? [] : weeklyTapes('2026-05-06', ...tapes),
      };
      const [due] = whatIsDue([plainFacts(facts)], today).filter(({ kind }) =>
        /treat-now|wait-for/.test(kind),
      );
      return [due?.kind, due?.standing, due?.ruleId];
    };
    // 18 May to 5 June: the middle is nine days on.
    expect(school('at-peak', [], '2026-05-26')).toEqual(['wait-for-tapes', 'soon', 'once-at-peak']);
    expect(school('at-peak', [], '2026-05-27')).toEqual(['treat-now', 'open', 'once-at-peak']);
    expect(school('at-fall', [], '2026-05-27')).toEqual(['treat-now', 'open', 'once-at-fall']);
    expect(school('at-peak', [2, 60], '2026-05-21')[0]).toBe('wait-for-tapes');
    expect(school('at-peak', [55, 60], '2026-05-21')[0]).toBe('treat-now');
    expect(school('at-fall', [55, 60], '2026-05-21')[0]).toBe('wait-for-tapes');
    expect(school('at-peak', [300, 200, 60], '2026-05-28')[0]).toBe('treat-now');
    expect(school('at-fall', [300, 200, 60], '2026-05-28')[0]).toBe('treat-now');
    expect(school('at-fall', [300, 310, 160], '2026-05-28')[0]).toBe('wait-for-tapes');
    expect(school('at-peak', [300, 0, 0], '2026-05-27')[0]).toBe('treat-now');
    expect(school('at-fall', [300, 0, 0], '2026-05-27')[0]).toBe('treat-now');
  });

  test('all stages at once: from the day they were seen, and after each spray, until a count finds none', () => {
    const facts = { allStagesOn: '2026-05-10' };
    expect(item(facts, '2026-05-12', 'all-stages')).toMatchObject({
      ruleId: 'all-stages-seen',
      opens: '2026-05-10',
      closes: '2026-05-31',
      standing: 'open',
      facts: [on('all-stages-seen', '2026-05-10'), noTapes],
    });
    const standing = (today: CivilDate) => item(facts, today, 'all-stages')?.standing;
    expect([
      standing('2026-05-31'),
      standing('2026-06-01'),
      standing('2026-09-07'),
      standing('2026-09-08'),
    ]).toEqual(['open', 'late', 'late', undefined]);
    const sprayed = { ...facts, treatedOn: ['2026-05-09', '2026-05-12', '2026-05-10'] };
    expect(item(sprayed, '2026-05-16', 'all-stages')).toMatchObject({
      opens: '2026-05-26',
      standing: 'soon',
      facts: [on('all-stages-seen', '2026-05-10'), on('last-spray', '2026-05-12'), noTapes],
    });
    expect(item(sprayed, '2026-05-15', 'all-stages')).toBeUndefined();
    expect(item(sprayed, '2026-05-26', 'all-stages')?.standing).toBe('open');
    expect(item({ ...facts, treatedOn: ['2026-05-10'] }, '2026-05-15', 'all-stages')?.opens).toBe(
      '2026-05-24',
    );
    expect(item({ ...facts, clearedOn: '2026-05-11' }, '2026-05-12', 'all-stages')).toBeUndefined();
    expect(item({ ...facts, clearedOn: '2026-05-10' }, '2026-05-12', 'all-stages')).toBeDefined();
    // No single window stands beside it.
    expect(item({ ...facts, events: [OPEN] }, '2026-05-20', 'treat-now')).toBeUndefined();
  });

  test('a growth regulator goes on before leaves, in its school, and then crawlers are left alone', () => {
    const facts = {
      schools: { crawlers: 'growth-regulator' as const, mining: 'young-or-third' as const },
      beforeLeaves: { from: '2026-04-05', to: '2026-04-20' },
    };
    expect(item(facts, '2026-03-25', 'growth-regulator')).toBeUndefined();
    expect(item(facts, '2026-03-26', 'growth-regulator')).toMatchObject({
      ruleId: 'regulator-before-leaves',
      opens: '2026-04-05',
      closes: '2026-04-20',
      standing: 'soon',
      facts: [on('buds-swell', '2026-04-05'), on('first-green', '2026-04-20')],
    });
    expect(item(facts, '2026-04-05', 'growth-regulator')?.standing).toBe('open');
    expect(item(facts, '2026-04-20', 'growth-regulator')).toBeDefined();
    expect(item(facts, '2026-04-21', 'growth-regulator')).toBeUndefined();
    expect(item({ ...facts, treatedOn: ['2026-03-21'] }, '2026-04-06', 'growth-regulator')).toBeDefined();
    expect(item({ ...facts, treatedOn: ['2026-03-22'] }, '2026-04-06', 'growth-regulator')).toBeUndefined();
    expect(item({ ...facts, life: 'dead' }, '2026-04-06', 'growth-regulator')).toBeUndefined();
    expect(item({ ...facts, group: 'fungus' }, '2026-04-06', 'growth-regulator')).toBeUndefined();
    expect(item({ ...facts, events: [OPEN] }, '2026-05-20', 'treat-now')).toBeUndefined();
    expect(item({ ...facts, life: 'dead', events: [OPEN] }, '2026-05-20', 'look-alive')).toBeDefined();
    expect(
      item({ ...facts, schools: plainFacts().schools }, '2026-04-06', 'growth-regulator'),
    ).toBeUndefined();
  });
});

describe('tapes and traps', () => {
  const ahead = (day: CivilDate) => [timedEvent('window', expectedAbout(day), expectedAbout('2026-06-25'))];

  test('tapes go up a fortnight before the earliest day', () => {
    const facts = { events: ahead('2026-06-10') };
    expect(item(facts, '2026-05-22', 'hang-tapes')).toMatchObject({ opens: '2026-05-23', standing: 'soon' });
    expect(item(facts, '2026-05-23', 'hang-tapes')).toMatchObject({
      ruleId: 'tapes-before-hatch',
      opens: '2026-05-23',
      closes: '2026-06-06',
      standing: 'open',
      eventId: 'window-1',
    });
    expect(item(facts, '2026-06-06', 'hang-tapes')?.standing).toBe('open');
    expect(item(facts, '2026-06-07', 'hang-tapes')?.standing).toBe('late');
    expect(item({ events: [OPEN] }, '2026-05-20', 'hang-tapes')).toMatchObject({
      standing: 'open',
      closes: '2026-06-05',
    });
    expect(item({ ...facts, life: 'dead' }, '2026-05-23', 'hang-tapes')).toBeUndefined();
    expect(item({ ...facts, crawlersSeenOn: ['2026-05-23'] }, '2026-05-23', 'hang-tapes')).toBeUndefined();
    const first = timedEvent('first', expectedAbout('2026-06-10'), expectedAbout('2026-06-10'));
    const window = timedEvent('window', expectedAbout('2026-06-16'), expectedAbout('2026-06-25'));
    expect(item({ events: [first, window] }, '2026-05-30', 'hang-tapes')).toMatchObject({
      closes: '2026-06-06',
    });
    expect(
      item(
        { usualWindows: [{ from: '2026-06-10', to: '2026-07-01', generation: 1 }] },
        '2026-05-27',
        'hang-tapes',
      ),
    ).toMatchObject({
      ruleId: 'tapes-by-calendar',
      opens: '2026-05-27',
      closes: '2026-06-10',
      facts: [
        { what: 'usual-months', quantity: { kind: 'days-between', from: '2026-06-10', to: '2026-07-01' } },
      ],
    });
  });

  test('and are changed weekly, told two days before, until the hatch is over', () => {
    const facts = { tapes: weeklyTapes('2026-05-14', 3, 9, 12, 20) };
    expect(item(facts, '2026-06-15', 'change-tape')).toBeUndefined();
    expect(item(facts, '2026-06-16', 'change-tape')).toMatchObject({
      ruleId: 'tape-weekly',
      opens: '2026-06-18',
      closes: '2026-06-18',
      standing: 'soon',
      facts: [{ what: 'last-tapes-crawlers-a-week', quantity: { kind: 'counts', values: [9, 12, 20] } }],
    });
    expect(item(facts, '2026-06-18', 'change-tape')?.standing).toBe('open');
    expect(item(facts, '2026-06-19', 'change-tape')?.standing).toBe('late');
    expect(item({ tapes: weeklyTapes('2026-05-14', 9, 0, 0) }, '2026-06-11', 'change-tape')).toBeUndefined();
    expect(item({ tapesHungOn: ['2026-05-20'] }, '2026-05-27', 'change-tape')?.opens).toBe('2026-05-27');
    expect(item({ ...facts, tapesHungOn: ['2026-06-12'] }, '2026-06-18', 'change-tape')?.opens).toBe(
      '2026-06-19',
    );
  });

  test('a count is asked for in the month before the first hatch, once a season', () => {
    const facts = { events: ahead('2026-06-10'), countedOn: ['2025-12-31'] };
    expect(item(facts, '2026-05-06', 'count-first')).toBeUndefined();
    expect(item(facts, '2026-05-07', 'count-first')).toMatchObject({
      ruleId: 'count-before-hatch',
      opens: null,
      closes: '2026-06-06',
      standing: 'open',
      eventId: 'window-1',
    });
    expect(item(facts, '2026-06-07', 'count-first')?.standing).toBe('late');
    expect(item({ ...facts, countedOn: ['2026-01-01'] }, '2026-05-20', 'count-first')).toBeUndefined();
    expect(item({ ...facts, named: false }, '2026-05-20', 'count-first')).toBeUndefined();
    expect(item({ ...facts, group: 'fungus' }, '2026-05-20', 'count-first')).toBeUndefined();
    expect(item({ ...facts, events: [OPEN] }, '2026-05-20', 'count-first')).toBeUndefined();
  });

  test('a trap that hangs is asked for weekly: told two days ahead, late the day after', () => {
    const facts = { trapUnread: { since: '2026-06-01', due: '2026-06-08' } };
    expect(item(facts, '2026-06-05', 'read-trap')).toBeUndefined();
    expect(item(facts, '2026-06-06', 'read-trap')).toMatchObject({
      ruleId: 'trap-weekly',
      opens: '2026-06-08',
      closes: '2026-06-08',
      standing: 'soon',
      facts: [{ what: 'trap-hangs-since', quantity: { kind: 'date', on: '2026-06-01' } }],
    });
    expect(item(facts, '2026-06-08', 'read-trap')?.standing).toBe('open');
    expect(item(facts, '2026-06-09', 'read-trap')?.standing).toBe('late');
    expect(item({ ...facts, life: 'dead' }, '2026-06-08', 'read-trap')).toBeUndefined();
    expect(item({ trapUnread: null }, '2026-06-08', 'read-trap')).toBeUndefined();
  });

  test('a clock that begins with the first males asks for a trap in spring', () => {
    const waiting = {
      ...timedEvent('first', expectedAbout('2026-07-10'), expectedAbout('2026-07-10'), {
        start: { kind: 'first-males' },
      }),
      started: null,
    };
    const facts = { events: [waiting] };
    expect(item(facts, '2026-03-16', 'hang-trap')).toBeUndefined();
    expect(item(facts, '2026-03-17', 'hang-trap')).toMatchObject({
      ruleId: 'trap-before-males',
      opens: '2026-03-17',
      closes: '2026-05-31',
      standing: 'open',
      eventId: 'first-1',
      facts: [
        { what: 'first-crawlers-published-at', quantity: { kind: 'heat', cd: 226 } },
        code('counted-from', 'first-males-trapped'),
      ],
    });
    expect(item(facts, '2026-05-31', 'hang-trap')).toBeDefined();
    expect(item(facts, '2026-06-01', 'hang-trap')).toBeUndefined();
    expect(item({ ...facts, trapHangs: true }, '2026-04-01', 'hang-trap')).toBeUndefined();
    expect(item({ ...facts, life: 'dead' }, '2026-04-01', 'hang-trap')).toBeUndefined();
    const running = { ...waiting, started: { on: '2026-04-01', by: 'trap' as const } };
    expect(item({ events: [running as never] }, '2026-04-01', 'hang-trap')).toBeUndefined();
  });
});

describe('leaf miners through the season', () => {
  const flush = {
    since: '2026-05-01',
    hardBy: '2026-06-01',
    hardEarly: '2026-05-25',
    hardLate: '2026-06-10',
  };
  const citrus = (miner: object, more: Partial<WatchFacts> = {}): Partial<WatchFacts> => ({
    group: 'leaf-miner',
    life: 'unknown',
    miner: { ...plainFacts().miner, mines: true, flush: flush as never, ...miner },
    ...more,
  });

  test('a soft flush of a young tree, or one mined by over a third, is covered', () => {
    expect(item(citrus({ young: true, minedShare: 0.2 }), '2026-05-10', 'cover-flush')).toMatchObject({
      ruleId: 'flush-soft',
      opens: '2026-05-01',
      closes: '2026-06-01',
      closesRange: ['2026-05-25', '2026-06-10'],
      standing: 'open',
      facts: [
        on('soft-since', '2026-05-01'),
        {
          what: 'hard-by-by-rule-of-thumb',
          quantity: { kind: 'date', on: '2026-06-01', early: '2026-05-25', late: '2026-06-10' },
        },
        { what: 'leaves-mined-last-count', quantity: { kind: 'share', value: 0.2 } },
      ],
    });
    expect(item(citrus({ minedShare: 1 / 3 }), '2026-05-10', 'cover-flush')).toBeUndefined();
    expect(item(citrus({ minedShare: 0.34 }), '2026-05-10', 'cover-flush')).toBeDefined();
    expect(item(citrus({ minedShare: null }), '2026-05-10', 'cover-flush')).toBeUndefined();
    expect(item(citrus({ young: true, flush: null }), '2026-05-10', 'cover-flush')).toBeUndefined();
    const every = { schools: { crawlers: 'while-catching', mining: 'every-flush' } } as const;
    expect(item(citrus({}, every), '2026-05-10', 'cover-flush')?.facts).toHaveLength(2);
  });

  test('and again after each interval while it is soft', () => {
    const again = (treatedOn: readonly CivilDate[], today: CivilDate) =>
      item(citrus({ young: true }, { treatedOn, repeatAfterDays: 14 }), today, 'cover-flush');
    expect(again(['2026-04-30'], '2026-05-02')?.opens).toBe('2026-05-01');
    expect(again(['2026-05-12', '2026-05-02'], '2026-05-16')).toMatchObject({
      opens: '2026-05-26',
      standing: 'soon',
    });
    expect(again(['2026-05-12'], '2026-05-15')).toBeUndefined();
    expect(again(['2026-05-12'], '2026-05-26')?.standing).toBe('open');
    expect(again(['2026-05-12'], '2026-05-26')?.facts.at(-1)).toEqual(on('last-spray', '2026-05-12'));
    expect(again(['2026-05-18'], '2026-05-30')).toBeDefined();
    expect(again(['2026-05-19'], '2026-05-30')).toBeUndefined();
  });

  test('the monthly school covers through the growing season, flush or not', () => {
    const monthly = (today: CivilDate, treatedOn: readonly CivilDate[] = [], mines = true) =>
      item(
        citrus(
          { flush: null, mines },
          { treatedOn, schools: { crawlers: 'while-catching', mining: 'monthly' } },
        ),
        today,
        'cover-flush',
      );
    expect(monthly('2026-03-01')).toBeUndefined();
    expect(monthly('2026-03-02')).toMatchObject({
      ruleId: 'flush-monthly',
      opens: '2026-03-02',
      closes: '2026-03-12',
      standing: 'open',
      facts: [],
    });
    expect(monthly('2026-10-28')).toBeDefined();
    expect(monthly('2026-10-29')).toBeUndefined();
    expect(monthly('2026-05-20', [], false)).toBeUndefined();
    expect(monthly('2026-05-21', ['2026-05-01', '2026-04-20'])).toMatchObject({
      opens: '2026-05-31',
      standing: 'soon',
      facts: [on('last-spray', '2026-05-01')],
    });
    expect(monthly('2026-05-20', ['2026-05-01'])).toBeUndefined();
    expect(monthly('2026-05-31', ['2026-05-01'])?.standing).toBe('open');
  });

  test('fallen leaves are cleared from leaf fall to bud swell', () => {
    const facts = citrus({ mines: false, flush: null, leavesDown: '2026-11-10', budSwell: '2027-03-20' });
    expect(item(facts, '2026-10-30', 'clear-leaves')).toBeUndefined();
    expect(item(facts, '2026-10-31', 'clear-leaves')).toMatchObject({
      ruleId: 'clear-fallen-leaves',
      opens: '2026-11-10',
      closes: '2027-03-20',
      standing: 'soon',
      facts: [on('leaves-down', '2026-11-10')],
    });
    expect(item(facts, '2026-11-10', 'clear-leaves')?.standing).toBe('open');
    expect(item(facts, '2027-03-20', 'clear-leaves')).toBeDefined();
    expect(item(facts, '2027-03-21', 'clear-leaves')).toBeUndefined();
  });
});

describe('winter sprays at the watch that asks for them', () => {
  const step = (more: Partial<DormantStep>): DormantStep =>
    ({
      place: 'midwinter',
      what: 'oil',
      from: '2026-01-10',
      to: '2026-01-24',
      state: 'due',
      question: null,
      doneOn: null,
      mattersMost: false,
      ...more,
    }) as DormantStep;

  test('are told when due, asked about, or coming within ten days', () => {
    const due = (more: Partial<DormantStep>, today: CivilDate = '2026-01-12') =>
      dormantDue('w', [step(more)], today)[0];
    expect(due({})).toEqual({
      id: 'w:dormant-spray:midwinter',
      watchId: 'w',
      kind: 'dormant-spray',
      asks: null,
      ruleId: 'dormant-oil',
      opens: '2026-01-10',
      opensRange: null,
      closes: '2026-01-24',
      closesRange: null,
      standing: 'open',
      eventId: null,
      facts: [code('what', 'oil')],
    });
    expect(due({ state: 'done' })).toBeUndefined();
    expect(due({ state: 'held' })).toBeUndefined();
    expect(due({ state: 'coming' }, '2025-12-30')).toBeUndefined();
    expect(due({ state: 'coming' }, '2025-12-31')?.standing).toBe('soon');
    expect(due({ state: 'ask', question: 'green-yet' as never })).toMatchObject({
      kind: 'say-leaves',
      asks: 'green-yet',
      ruleId: 'look-before-bare-wood',
      standing: 'open',
    });
    expect(due({ mattersMost: true })?.facts).toEqual([
      code('what', 'oil'),
      code('of-this-winters-sprays', 'matters-most'),
    ]);
    expect(due({ what: 'copper' })?.ruleId).toBe('dormant-copper');
    expect(due({ what: 'oil-and-copper' })?.ruleId).toBe('dormant-copper');
    expect(due({ place: 'green-tip', what: 'copper' })?.ruleId).toBe('blight-copper');
    expect(due({ place: 'cool-season' })?.ruleId).toBe('cool-season-oil');
  });
});

test('what closes first stands on top, what never closes last, and ties keep their names in order', () => {
  const watches = ['b', 'a', 'c'].map((watchId) =>
    plainFacts({ watchId, named: false, openedOn: '2026-05-01' }),
  );
  const earlier = plainFacts({ watchId: 'z', named: false, openedOn: '2026-04-01' });
  expect(whatIsDue([...watches, earlier], '2026-05-02').map(({ watchId }) => watchId)).toEqual([
    'z',
    'a',
    'b',
    'c',
  ]);
  expect(whatIsDue([plainFacts({ open: false, named: false })], addDays('2026-05-01', 1))).toEqual([]);
});
