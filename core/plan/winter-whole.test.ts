import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import {
  dormantPlan,
  type DormantPlant,
  type DormantSchool,
  leafSignsOf,
  type LeafFacts,
  type LeafSign,
  leafStanding,
  loggedBloom,
  type SpurSample,
  type UsualYear,
  usualYearOf,
  type Winter,
  type WinterSpray,
  winterOf,
} from './index.ts';

/** Every edge of what protects bare wood and leaves: which day, which state, which question. */

/** Swell on 5 April, first green on 26 April, leaves down on 6 November. */
const YEAR: UsualYear = { budSwell: 94, greenTip: 115, leafFall: 309, marginDays: 14, basis: 'measured' };
const START: CivilDate = '2026-01-01';
const sign = (kind: LeafSign['kind'], on: CivilDate, leafState: LeafSign['leafState']): LeafSign => ({
  kind,
  on,
  leafState,
});
const standing = (on: CivilDate, signs: readonly LeafSign[] = [], more: Partial<LeafFacts> = {}) =>
  leafStanding({ evergreen: false, signs, year: YEAR, seasonStart: START, ...more }, on);

describe('the usual year of leaves', () => {
  const value = (on: CivilDate) => standing(on).value;

  test('turns on its days: bare to swelling, swelling to leaf, leaf to bare', () => {
    expect(
      ['2026-04-04', '2026-04-05', '2026-04-25', '2026-04-26', '2026-11-05', '2026-11-06'].map(value),
    ).toEqual(['dormant', 'delayed-dormant', 'delayed-dormant', 'in-leaf', 'in-leaf', 'dormant']);
  });

  test('is asked about within its margin of a turn, and says nothing there by the calendar alone', () => {
    const asked = (on: CivilDate) => standing(on).question;
    expect([asked('2026-03-21'), asked('2026-03-22')]).toEqual([null, 'green-yet']);
    expect([asked('2026-05-10'), asked('2026-05-11')]).toEqual(['green-yet', null]);
    expect([asked('2026-10-22'), asked('2026-10-23')]).toEqual([null, 'leaves-down-yet']);
    expect([asked('2026-11-20'), asked('2026-11-21')]).toEqual(['green-yet', null]);
    const calendar = { year: { ...YEAR, basis: 'calendar' as const } };
    expect(standing('2026-04-10', [], calendar)).toMatchObject({
      value: 'in-leaf',
      basis: 'unknown',
      by: 'nothing',
      question: 'green-yet',
    });
    expect(standing('2026-11-01', [], calendar).question).toBe('leaves-down-yet');
    expect(standing('2026-07-01', [], calendar)).toMatchObject({
      value: 'in-leaf',
      basis: 'calendar',
      by: 'usual-year',
    });
    expect(standing('2026-07-01').trustedTo).toBeNull();
    expect(standing('2026-04-10')).toMatchObject({ basis: 'measured', trustedTo: '2026-04-09', ask: true });
  });

  test('an evergreen is what it is', () => {
    expect(standing('2026-01-15', [], { evergreen: true })).toEqual({
      value: 'in-leaf',
      basis: 'nature',
      by: 'evergreen',
      since: null,
      trustedTo: null,
      holdsTo: null,
      ask: false,
      question: null,
    });
  });

  test('follows from seasons: the last of each stage, with the margin of what it was read from', () => {
    const stages = [
      { stage: 'dormant', from: '2026-01-01' },
      { stage: 'bud-swell', from: '2026-04-05' },
      { stage: 'in-leaf', from: '2026-04-26' },
      { stage: 'dormant', from: '2026-11-06' },
    ] as never;
    expect(usualYearOf(stages, START, 'own-years')).toEqual(YEAR);
    expect(usualYearOf(stages, START, 'usual-months')).toEqual({
      ...YEAR,
      marginDays: 20,
      basis: 'calendar',
    });
    for (const missing of ['dormant', 'bud-swell', 'in-leaf'])
      expect(
        usualYearOf(
          (stages as { stage: string }[]).filter(({ stage }) => stage !== missing) as never,
          START,
          'own-years',
        ),
      ).toBeNull();
  });
});

describe('a sign of leaves', () => {
  test('is as good as seen for three days, and a later one ends it; one to come is not known', () => {
    const bare = sign('seen-bare', '2026-02-01', 'dormant');
    expect([standing('2026-02-04', [bare]).basis, standing('2026-02-05', [bare]).basis]).toEqual([
      'seen',
      'logged',
    ]);
    const green = sign('seen-in-leaf', '2026-02-20', 'in-leaf');
    expect(standing('2026-02-19', [bare, green]).value).toBe('dormant');
    expect(standing('2026-02-20', [bare, green]).value).toBe('in-leaf');
  });

  test('a swell is trusted for a fortnight, lasts six weeks, and then leaves are out', () => {
    const swell = sign('bud-swell', '2026-03-01', 'delayed-dormant');
    const on = (days: number) => standing(addDays('2026-03-01', days), [swell]);
    expect([on(14).question, on(15).question]).toEqual([null, 'green-yet']);
    expect([on(42).value, on(43).value]).toEqual(['delayed-dormant', 'in-leaf']);
    expect(on(43)).toMatchObject({ since: '2026-04-13', by: 'bud-swell' });
  });

  test('stands a fortnight without asking and six weeks at least, whatever the usual year says', () => {
    const odd = sign('seen-in-leaf', '2026-10-30', 'in-leaf');
    const on = (days: number) => standing(addDays('2026-10-30', days), [odd]);
    expect([on(14).question, on(15).question]).toEqual([null, 'leaves-down-yet']);
    expect([on(45).value, on(46).value]).toEqual(['in-leaf', 'dormant']);
  });

  test('every logged stage tells what it wears; blooms tell nothing', () => {
    const stages = [
      'bud-swell',
      'green-tip',
      'bloom-start',
      'bloom-end',
      'petal-fall',
      'flush-start',
      'flush-hard',
      'leaf-fall',
      'seen-bare',
      'seen-in-leaf',
    ] as const;
    const log = stages.map((stage, i) => ({ stage, on: addDays('2026-03-01', i) }));
    expect(leafSignsOf(log.toReversed()).map(({ kind, leafState }) => [kind, leafState])).toEqual([
      ['bud-swell', 'delayed-dormant'],
      ['green-tip', 'in-leaf'],
      ['petal-fall', 'in-leaf'],
      ['flush-start', 'in-leaf'],
      ['flush-hard', 'in-leaf'],
      ['leaf-fall', 'dormant'],
      ['seen-bare', 'dormant'],
      ['seen-in-leaf', 'in-leaf'],
    ]);
  });

  test('bloom is open for sixty days, and only as logged between the two days asked about', () => {
    const log = [
      { stage: 'bloom-start', on: '2026-04-20' },
      { stage: 'bloom-end', on: '2026-05-10' },
      { stage: 'leaf-fall', on: '2026-05-12' },
    ] as const;
    expect(loggedBloom(log, '2026-04-20', '2026-05-09')).toEqual({ kind: 'open', since: '2026-04-20' });
    expect(loggedBloom(log, '2026-04-21', '2026-05-09')).toEqual({ kind: 'unknown' });
    expect(loggedBloom(log, '2026-01-01', '2026-05-10')).toEqual({ kind: 'over', since: '2026-05-10' });
    expect(loggedBloom(log, '2026-01-01', '2026-06-10')).toEqual({ kind: 'over', since: '2026-05-10' });
    expect(loggedBloom(log, '2026-01-01', '2026-04-19')).toEqual({ kind: 'unknown' });
    expect(loggedBloom(log.slice(0, 1), '2026-01-01', '2026-06-19').kind).toBe('open');
    expect(loggedBloom(log.slice(0, 1), '2026-01-01', '2026-06-20').kind).toBe('unknown');
    // Of two of one day the later entry stands.
    const sameDay = [
      { stage: 'bloom-start', on: '2026-04-20' },
      { stage: 'petal-fall', on: '2026-04-20' },
    ] as const;
    expect(loggedBloom(sameDay, '2026-01-01', '2026-04-21').kind).toBe('over');
    expect(loggedBloom(sameDay.toReversed(), '2026-01-01', '2026-04-21').kind).toBe('open');
  });
});

describe('the dates of a winter', () => {
  const noHeat = () => null;
  const winter = (
    today: CivilDate,
    signs: readonly LeafSign[],
    year = YEAR,
    heat: Parameters<typeof winterOf>[4] = noHeat,
  ) => winterOf(year, START, today, signs, heat);

  test('the winter just past is spoken of for a fortnight after first green', () => {
    expect(winter('2026-05-10', []).greenTip.on).toBe('2026-04-26');
    expect(winter('2026-05-11', []).greenTip.on).toBe('2027-04-26');
    expect(winter('2026-02-01', [], { ...YEAR, basis: 'calendar' }).budSwell.basis).toBe('calendar');
    expect(winter('2026-02-01', []).budSwell.basis).toBe('default');
  });

  test('a stage logged within 75 days of its usual day is of this winter; further off it tells of other years', () => {
    const swell = (on: CivilDate) =>
      winter('2026-02-20', [sign('bud-swell', on, 'delayed-dormant')]).budSwell;
    expect(swell('2026-01-20')).toEqual({ on: '2026-01-20', basis: 'logged' });
    expect(swell('2026-01-19')).toEqual({ on: '2026-01-19', basis: 'own-years' });
  });

  test('by its own heat, but leaf fall never; else by the middle of its own years', () => {
    const heat = (stage: string, year: number) =>
      (year === 2026 ? (stage === 'bud-swell' ? '2026-03-28' : '2026-04-20') : null) as CivilDate | null;
    expect(winter('2026-02-01', [], YEAR, heat)).toEqual({
      leafFall: { on: '2025-11-06', basis: 'default' },
      budSwell: { on: '2026-03-28', basis: 'own-heat' },
      greenTip: { on: '2026-04-20', basis: 'own-heat' },
    });
    const years = ['2023-04-12', '2024-03-26', '2025-04-07'].map((on) =>
      sign('bud-swell', on, 'delayed-dormant'),
    );
    // Seven days late, ten early and two late: two late in the middle.
    expect(winter('2026-02-01', years).budSwell).toEqual({ on: '2026-04-07', basis: 'own-years' });
    expect(winter('2026-02-01', years.slice(0, 2)).budSwell).toEqual({
      on: '2026-03-26',
      basis: 'own-years',
    });
  });

  test('own years count across New Year', () => {
    const early: UsualYear = { ...YEAR, budSwell: 5 };
    const before = sign('bud-swell', '2024-12-30', 'delayed-dormant');
    // The usual day is 6 January: a week early in that year.
    expect(winterOf(early, START, '2026-01-02', [before], noHeat).budSwell).toEqual({
      on: '2025-12-31',
      basis: 'own-years',
    });
    const fall: UsualYear = { ...YEAR, leafFall: 360 };
    const after = sign('leaf-fall', '2023-01-04', 'dormant');
    expect(winterOf(fall, START, '2026-02-02', [after], noHeat).leafFall).toEqual({
      on: '2026-01-04',
      basis: 'own-years',
    });
  });

  test('what was seen moves only what it contradicts, on its very days', () => {
    const seen = (today: CivilDate, ...signs: LeafSign[]) => winter(today, signs);
    const bare = (on: CivilDate) => sign('seen-bare', on, 'dormant');
    const leafy = (on: CivilDate) => sign('seen-in-leaf', on, 'in-leaf');
    // Bare on the usual day of swell: it swells the next day at the earliest. Bare the day before: nothing moves.
    expect(seen('2026-04-06', bare('2026-04-05')).budSwell).toEqual({ on: '2026-04-06', basis: 'seen' });
    expect(seen('2026-04-06', bare('2026-04-04')).budSwell).toEqual({ on: '2026-04-05', basis: 'default' });
    // In leaf between swell and first green: the first green was then.
    expect(seen('2026-04-20', leafy('2026-04-15'))).toMatchObject({
      budSwell: { on: '2026-04-05', basis: 'default' },
      greenTip: { on: '2026-04-15', basis: 'seen' },
    });
    expect(seen('2026-04-28', leafy('2026-04-26')).greenTip).toEqual({ on: '2026-04-26', basis: 'default' });
    // Leafy on the usual day of leaf fall: they fall after it. Bare on it: as usual.
    expect(seen('2025-12-01', leafy('2025-11-06')).leafFall).toEqual({ on: '2025-11-07', basis: 'seen' });
    expect(seen('2025-12-01', bare('2025-11-06')).leafFall).toEqual({ on: '2025-11-06', basis: 'default' });
    expect(seen('2025-12-01', bare('2025-11-05')).leafFall).toEqual({ on: '2025-11-05', basis: 'seen' });
    // First green cannot come before the swell.
    expect(seen('2026-05-02', bare('2026-05-01'))).toMatchObject({
      budSwell: { on: '2026-05-02' },
      greenTip: { on: '2026-05-02' },
    });
  });
});

describe('the steps of a winter', () => {
  const WINTER: Winter = {
    leafFall: { on: '2025-11-06', basis: 'default' },
    budSwell: { on: '2026-04-05', basis: 'default' },
    greenTip: { on: '2026-04-26', basis: 'default' },
  };
  const plant = (more: Partial<DormantPlant> = {}): DormantPlant => ({
    evergreen: false,
    tender: false,
    leaves: { value: 'dormant', basis: 'seen', question: null },
    yearTurned: true,
    sheltered: false,
    oil: 'usual',
    troubles: ['scale'],
    ...more,
  });
  const planOf = (
    school: DormantSchool,
    meant: DormantPlant,
    today: CivilDate,
    sprayed: readonly WinterSpray[] = [],
    spurs: readonly SpurSample[] = [],
  ) => dormantPlan(meant, WINTER, school, sprayed, spurs, today);
  const steps = (...asked: Parameters<typeof planOf>) => {
    const plan = planOf(...asked);
    return plan.kind === 'steps' ? plan.steps : [];
  };
  const places = (...asked: Parameters<typeof planOf>) =>
    steps(...asked).map(({ place, what, from, to }) => [place, what, from, to]);

  test('have their days in every school', () => {
    expect(places('three-sprays', plant(), '2026-01-01')).toEqual([
      ['leaf-fall', 'oil', '2025-11-06', '2025-11-27'],
      ['midwinter', 'oil', '2026-01-06', '2026-02-03'],
      ['before-swell', 'oil', '2026-03-15', '2026-04-04'],
    ]);
    const both = plant({ troubles: ['bark-disease'] });
    expect(places('three-sprays', both, '2026-01-01').map(([, what]) => what)).toEqual(
      Array(3).fill('oil-and-copper'),
    );
    expect(places('delayed-oil', plant(), '2026-01-01')).toEqual([
      ['delayed', 'oil', '2026-04-05', '2026-04-26'],
    ]);
    expect(places('monthly-oil', plant(), '2026-01-01')).toEqual([
      ['monthly', 'oil', '2025-11-06', '2025-11-26'],
      ['monthly', 'oil', '2025-12-04', '2025-12-24'],
      ['monthly', 'oil', '2026-01-01', '2026-01-21'],
      ['monthly', 'oil', '2026-01-29', '2026-02-18'],
      ['monthly', 'oil', '2026-02-26', '2026-03-18'],
      ['monthly', 'oil', '2026-03-26', '2026-04-04'],
    ]);
    expect(places('by-trouble', plant({ troubles: ['fire-blight'] }), '2026-01-01')).toEqual([
      ['green-tip', 'copper', '2026-04-05', '2026-05-01'],
    ]);
    const evergreen = plant({ evergreen: true });
    expect(places('delayed-oil', evergreen, '2026-01-01')).toEqual([
      ['cool-season', 'oil', '2025-11-06', '2026-04-04'],
    ]);
    expect(places('monthly-oil', evergreen, '2026-01-01').map(([place]) => place)).toEqual(
      Array(6).fill('cool-season'),
    );
  });

  test('the monthly oil counts from the one really put on, across New Year, and ends before swell', () => {
    const oil = (on: CivilDate): WinterSpray => ({ on, oil: true, copper: false });
    const days = (sprayed: CivilDate[], today = '2026-04-30') =>
      steps('monthly-oil', plant(), today, sprayed.map(oil)).map(({ from, state, doneOn }) => [
        from,
        doneOn ?? state,
      ]);
    // Two weeks late in December: everything behind it is as much later.
    expect(days(['2025-11-08', '2025-12-20', '2026-01-17'], '2026-01-18')).toEqual([
      ['2025-11-06', '2025-11-08'],
      ['2025-12-06', '2025-12-20'],
      ['2026-01-17', '2026-01-17'],
      ['2026-02-14', 'coming'],
      ['2026-03-14', 'coming'],
    ]);
    expect(days(['2025-11-08', '2026-01-02'], '2026-01-03').slice(0, 3)).toEqual([
      ['2025-11-06', '2025-11-08'],
      ['2025-12-06', '2026-01-02'],
      ['2026-01-30', 'coming'],
    ]);
    // A turn nobody took is missed, and the next is four weeks after it began.
    expect(days(['2025-11-08'], '2026-01-10').slice(1, 3)).toEqual([
      ['2025-12-06', 'missed'],
      ['2026-01-03', 'due'],
    ]);
    // Copper is no oil, and a second oil within the month is no turn of its own.
    expect(
      steps('monthly-oil', plant(), '2025-12-01', [oil('2025-11-08'), oil('2025-11-20')]).map(
        ({ doneOn }) => doneOn,
      ),
    ).toEqual(['2025-11-08', null, null, null, null, null]);
    const most = steps('monthly-oil', plant(), '2026-01-18', [oil('2025-11-08'), oil('2025-12-20')]);
    expect(most.map(({ mattersMost }) => mattersMost)).toEqual([false, false, false, false, true]);
  });

  test('are left out with the reason', () => {
    const reason = (...asked: Parameters<typeof planOf>) => {
      const plan = planOf(...asked);
      return plan.kind === 'left-out' ? plan.reason : null;
    };
    for (const school of ['delayed-oil', 'monthly-oil', 'by-spurs'] as const)
      expect(reason(school, plant({ troubles: ['bark-disease'] }), '2026-01-01')).toBe('nothing-in-the-cool');
    expect(reason('three-sprays', plant({ troubles: ['fire-blight'] }), '2026-01-01')).toBeNull();
    expect(reason('delayed-oil', plant({ oil: 'avoid' }), '2026-01-01')).toBe('oil-sensitive');
    expect(reason('delayed-oil', plant({ evergreen: true, troubles: ['bark-disease'] }), '2026-01-01')).toBe(
      'nothing-in-the-cool',
    );
    expect(
      reason(
        'delayed-oil',
        plant({ evergreen: true, troubles: ['bark-disease', 'felt-scale'] }),
        '2026-01-01',
      ),
    ).toBeNull();
    expect(reason('delayed-oil', plant({ sheltered: true }), '2026-01-01')).toBe('sheltered');
    expect(reason('delayed-oil', plant({ troubles: [] }), '2026-01-01')).toBe('no-trouble');
    expect(dormantPlan(plant(), null, 'delayed-oil', [], [], '2026-01-01')).toEqual({
      kind: 'left-out',
      reason: 'no-trouble',
    });
    // Of oil with copper only the copper is left where no oil is borne; copper and samples stay.
    const shy = plant({ oil: 'avoid', troubles: ['scale', 'bark-disease'] });
    expect(places('three-sprays', shy, '2026-01-01').map(([, what]) => what)).toEqual([
      'copper',
      'copper',
      'copper',
    ]);
    expect(places('by-trouble', shy, '2026-01-01').map(([, what]) => what)).toEqual([
      'copper',
      'copper',
      'copper',
    ]);
    expect(places('by-spurs', shy, '2026-01-01').map(([, what]) => what)).toEqual(['spur-sample']);
  });

  test('the last copper matters most, without copper the last oil', () => {
    const most = (...asked: Parameters<typeof planOf>) =>
      steps(...asked).flatMap(({ place, mattersMost }) => (mattersMost ? [place] : []));
    expect(most('by-trouble', plant({ troubles: ['scale', 'bark-disease'] }), '2026-01-01')).toEqual([
      'before-swell',
    ]);
    expect(most('three-sprays', plant({ troubles: ['scale', 'bark-disease'] }), '2026-01-01')).toEqual([
      'before-swell',
    ]);
    expect(most('monthly-oil', plant(), '2026-01-01')).toHaveLength(1);
  });

  test('stand as the day has them, a week of grace about what was sprayed', () => {
    const state = (today: CivilDate, ...sprayed: WinterSpray[]) =>
      steps('delayed-oil', plant(), today, sprayed)[0]!.state;
    expect(['2026-04-04', '2026-04-05', '2026-04-26', '2026-04-27'].map((day) => state(day))).toEqual([
      'coming',
      'due',
      'due',
      'missed',
    ]);
    const oil = (on: CivilDate): WinterSpray => ({ on, oil: true, copper: false });
    expect(state('2026-04-10', oil('2026-03-29'))).toBe('done');
    expect(state('2026-04-10', oil('2026-03-28'))).toBe('due');
    expect(state('2026-05-10', oil('2026-05-03'))).toBe('done');
    expect(state('2026-05-10', oil('2026-05-04'))).toBe('missed');
    expect(state('2026-04-10', oil('2026-04-10'))).toBe('done');
    expect(state('2026-04-10', oil('2026-04-11'))).toBe('due');
    expect(state('2026-04-10', { ...oil('2026-04-08'), oil: false, copper: true })).toBe('due');
  });

  test('oil with copper is one step, done by one pass or by two', () => {
    const done = (...sprayed: WinterSpray[]) =>
      steps('three-sprays', plant({ troubles: ['bark-disease'] }), '2026-01-20', sprayed)[1]!.doneOn;
    const spray = (on: CivilDate, oil: boolean, copper: boolean): WinterSpray => ({ on, oil, copper });
    expect(done(spray('2026-01-10', true, true))).toBe('2026-01-10');
    expect(done(spray('2026-01-10', true, false))).toBeNull();
    expect(done(spray('2026-01-10', false, true))).toBeNull();
    expect(done(spray('2026-01-10', true, false), spray('2026-01-14', false, true))).toBe('2026-01-14');
    expect(done(spray('2026-01-10', false, true), spray('2026-01-14', true, false))).toBe('2026-01-14');
    const copper = steps('by-trouble', plant({ troubles: ['bark-disease'] }), '2026-01-20', [
      spray('2026-01-10', true, false),
    ]);
    expect(copper[1]!.doneOn).toBeNull();
  });

  test('what keeps a spray off moves it or takes it away', () => {
    const kept = (
      notBefore: DormantPlant['notBefore'],
      today: CivilDate,
      sprayed: readonly WinterSpray[] = [],
    ) => {
      const [step] = steps('delayed-oil', plant({ ...(notBefore ? { notBefore } : {}) }), today, sprayed);
      return [step!.state, step!.from];
    };
    const off = (oil: CivilDate | null, copper: CivilDate | null = null) => ({ oil, copper });
    expect(kept(off('2026-04-15'), '2026-04-10')).toEqual(['coming', '2026-04-15']);
    expect(kept(off('2026-04-15'), '2026-04-15')).toEqual(['due', '2026-04-15']);
    expect(kept(off('2026-04-26'), '2026-04-10')).toEqual(['coming', '2026-04-26']);
    expect(kept(off('2026-04-27'), '2026-04-10')).toEqual(['held', '2026-04-05']);
    expect(kept(off('2026-04-05'), '2026-04-10')).toEqual(['due', '2026-04-05']);
    expect(kept(off(null, '2026-04-20'), '2026-04-10')).toEqual(['due', '2026-04-05']);
    expect(kept(off('2026-04-15'), '2026-05-01')).toEqual(['missed', '2026-04-05']);
    expect(kept(off('2026-04-15'), '2026-04-10', [{ on: '2026-04-06', oil: true, copper: false }])).toEqual([
      'done',
      '2026-04-05',
    ]);
    const copper = plant({ troubles: ['fire-blight'], notBefore: off('2026-04-20', '2026-04-12') });
    expect(steps('by-trouble', copper, '2026-04-10')[0]!.from).toBe('2026-04-12');
  });

  test('a dose for bare wood is asked about unless it was just seen bare', () => {
    const due = (
      more: Partial<DormantPlant>,
      school: DormantSchool = 'delayed-oil',
      today: CivilDate = '2026-04-10',
    ) => {
      const step = steps(school, plant(more), today).find(({ state }) => state === 'due' || state === 'ask')!;
      return [step.state, step.question];
    };
    const leaves = (
      value: 'dormant' | 'in-leaf' | 'delayed-dormant',
      basis: 'seen' | 'logged',
      question: 'green-yet' | 'leaves-down-yet' | null = null,
    ) => ({ leaves: { value, basis, question } }) as const;
    expect(due(leaves('dormant', 'seen'))).toEqual(['due', null]);
    expect(due(leaves('delayed-dormant', 'seen'))).toEqual(['due', null]);
    expect(due(leaves('in-leaf', 'seen'))).toEqual(['ask', 'green-yet']);
    expect(due(leaves('dormant', 'logged'))).toEqual(['ask', 'green-yet']);
    expect(due({ ...leaves('dormant', 'logged'), yearTurned: false })).toEqual(['due', null]);
    expect(due({ ...leaves('dormant', 'logged', 'leaves-down-yet'), yearTurned: false })).toEqual([
      'ask',
      'leaves-down-yet',
    ]);
    expect(due({ ...leaves('in-leaf', 'logged'), yearTurned: false })).toEqual(['ask', 'leaves-down-yet']);
    expect(due({ ...leaves('in-leaf', 'logged'), evergreen: true }, 'delayed-oil', '2026-02-01')).toEqual([
      'due',
      null,
    ]);
    expect(due(leaves('in-leaf', 'logged'), 'by-spurs', '2026-01-10')).toEqual(['due', null]);
  });

  test('a spur sample of this winter opens the oil it asks for', () => {
    const oil = (...spurs: SpurSample[]) =>
      steps('by-spurs', plant(), '2026-04-10', [], spurs).some(({ what }) => what === 'oil');
    const asks = (on: CivilDate, asksForOil = true): SpurSample => ({ on, asksForOil });
    expect(oil(asks('2026-01-20'))).toBe(true);
    expect(oil(asks('2026-01-20', false))).toBe(false);
    expect(oil(asks('2025-10-30'))).toBe(true);
    expect(oil(asks('2025-10-29'))).toBe(false);
    expect(oil(asks('2025-02-01', false), asks('2026-01-20'))).toBe(true);
  });
});
