import { daysBetween } from '#core/calendar';
import { describe, expect, test } from '@jest/globals';
import { nameIt, type Answers } from '#core/identify';
import { celsiusDaysFromFahrenheitDays } from '#core/units';
import {
  hatchTimes,
  incubationDays,
  BELIEFS,
  cautionsFor,
  CHECKS,
  COUNTRY_NOTES,
  countryNotesFor,
  efficacyAgainst,
  EVENTS,
  FIRST_WORDS,
  GROUPS,
  HOSTS,
  KEY,
  MATERIALS,
  OWN_EFFICACY,
  RULES,
  SPUR_THRESHOLDS,
  searchGuide,
  SOURCES,
  TARGETS,
  TOLD_APART,
  UNLISTED,
  meetingRules,
  WEIGH_RULES,
  USE_RULES,
  USUAL_MONTHS,
  usualWindows,
} from './index.ts';
import { COLOURS } from './targets/colours.ts';
import { treatedAs } from './told-apart.ts';

const ids = (entries: readonly { id: string }[]) => entries.map((entry) => entry.id);
const name = (hostId: string, answers: Answers, month = 6, sheltered = false) =>
  nameIt(KEY, { hostId, month, sheltered }, answers);

describe('the records hold together', () => {
  test('ids are unique', () => {
    for (const list of [HOSTS, TARGETS, CHECKS, EVENTS, RULES, SOURCES, MATERIALS, BELIEFS])
      expect(new Set(ids(list)).size).toBe(list.length);
  });

  test('every reference leads somewhere and every figure names its source', () => {
    const sources = new Set(ids(SOURCES)),
      hosts = new Set(ids(HOSTS)),
      targets = new Set(ids(TARGETS));
    const checks = new Map(CHECKS.map((check) => [check.id, new Set(ids(check.answers))]));
    for (const entry of [...TARGETS, ...EVENTS, ...RULES]) {
      expect(entry.sourceIds.length).toBeGreaterThan(0);
      for (const id of entry.sourceIds) expect(sources).toContain(id);
    }
    for (const event of EVENTS) expect(targets).toContain(event.targetId);
    for (const target of TARGETS) {
      for (const id of Object.keys(target.hosts)) expect(hosts).toContain(id);
      for (const [check, answers] of Object.entries(target.looks)) {
        for (const answer of Object.keys(answers)) expect(checks.get(check)).toContain(answer);
      }
      expect(GROUPS[target.group]).toBeDefined();
    }
  });

  test('beliefs and efficacy speak of troubles, checks and materials that exist', () => {
    const targets = ids(TARGETS),
      materials = ids(MATERIALS),
      checks = ids(CHECKS);
    for (const belief of BELIEFS) {
      expect(targets).toEqual(expect.arrayContaining([...belief.targetIds]));
      expect(materials).toEqual(expect.arrayContaining([...belief.materialIds]));
      expect(checks).toEqual(expect.arrayContaining([...belief.checkIds]));
      expect(belief.targetIds.length + belief.materialIds.length + belief.checkIds.length).toBeGreaterThan(0);
    }
    expect(targets).toEqual(expect.arrayContaining([...OWN_EFFICACY]));
    for (const target of TARGETS)
      expect(materials).toEqual(
        expect.arrayContaining(efficacyAgainst(target).map((entry) => entry.materialId)),
      );
  });

  test('pairs told apart, first words, colours and country notes speak of what exists', () => {
    const [targets, checks, materials] = [ids(TARGETS), ids(CHECKS), ids(MATERIALS)];
    for (const { targetIds, checkIds, changes } of TOLD_APART) {
      expect(targets).toEqual(expect.arrayContaining([...targetIds]));
      expect(checks).toEqual(expect.arrayContaining([...checkIds]));
      const [first, second] = targetIds.map((id) => TARGETS.find((target) => target.id === id)!);
      const differ = checkIds.filter(
        (id) => JSON.stringify(first!.looks[id]) !== JSON.stringify(second!.looks[id]),
      );
      // What changes something can be told; what cannot be told apart changes nothing.
      if (changes !== null) expect([targetIds, differ.length > 0]).toEqual([targetIds, true]);
    }
    for (const { signs } of FIRST_WORDS) expect(checks).toEqual(expect.arrayContaining([...signs]));
    for (const { materialIds } of COUNTRY_NOTES)
      expect(materials).toEqual(expect.arrayContaining([...materialIds]));
    expect(countryNotesFor('uk', 'copper')).toHaveLength(1);
    expect(countryNotesFor('us', 'copper')).toEqual([]);
    const coloured = new Set([...targets, ...ids(UNLISTED)]);
    expect(Object.keys(COLOURS).filter((id) => !coloured.has(id))).toEqual([]);
    expect(targets.filter((id) => COLOURS[id] === undefined)).toEqual([]);
  });

  test('troubles dealt with alike share a group, and each sign is one a first word leads to', () => {
    for (const { targetIds, changes } of TOLD_APART) {
      const [first, second] = targetIds.map((id) => TARGETS.find((target) => target.id === id)!.group);
      if (changes === null) expect([targetIds, first]).toEqual([targetIds, second]);
    }
    expect(treatedAs('pink-wax-scale')).toBe(treatedAs('white-wax-scale'));
    expect(treatedAs('pink-wax-scale')).toBe(treatedAs('florida-wax-scale'));
    expect(treatedAs('euonymus-scale')).toBeNull();
    const led = new Set(FIRST_WORDS.flatMap(({ signs }) => signs));
    const signs = ids(CHECKS.filter(({ kind }) => kind === 'sign'));
    expect(signs.filter((id) => !led.has(id))).toEqual([]);
  });

  test('at least 130 kinds of trouble, listed or not, each on plants that exist', () => {
    expect(KEY.candidates.length + KEY.unlisted.length).toBeGreaterThanOrEqual(130);
  });

  test("a trouble's own efficacy overrules its group's, and nothing is advised that kills the vedalia beetle", () => {
    const against = (id: string) =>
      new Map(
        efficacyAgainst(TARGETS.find((target) => target.id === id)!).map((entry) => [
          entry.materialId,
          entry.word,
        ]),
      );
    expect(against('brown-soft-scale').get('imidacloprid')).toBe('works');
    expect(against('tuliptree-scale').get('imidacloprid')).toBe('poor');
    expect(against('euonymus-scale').get('imidacloprid')).toBe('poor');
    expect(
      ['imidacloprid', 'dinotefuran', 'pyriproxyfen', 'buprofezin'].map((id) =>
        against('cottony-cushion-scale').get(id),
      ),
    ).toEqual(Array(4).fill('avoid'));
  });

  test('what rests on practice alone is a rule of thumb', () => {
    const lines = [...RULES, ...USE_RULES, ...WEIGH_RULES, ...meetingRules({}).rules];
    const alone = lines.filter(({ sourceIds }) => sourceIds.every((id) => id === 'practice'));
    expect(alone.length).toBeGreaterThan(50);
    expect(alone.filter(({ grade }) => grade === 'B').map(({ id }) => id)).toEqual([]);
    expect(SPUR_THRESHOLDS.map(({ grade }) => grade)).toEqual(Array(4).fill('C'));
  });

  test('every scale and miner has its usual months, in cold and in mild winters, north and south', () => {
    const ids = new Set(TARGETS.map(({ id }) => id));
    expect(Object.keys(USUAL_MONTHS).filter((id) => !ids.has(id))).toEqual([]);
    const insects = TARGETS.filter(({ group }) =>
      ['armored', 'soft', 'felt', 'giant', 'leaf-miner'].includes(group),
    );
    for (const { id } of insects)
      for (const mild of [true, false]) {
        const north = usualWindows(id, 45, '2026-01-01', mild);
        const south = usualWindows(id, -45, '2026-07-01', mild);
        expect([id, north.length > 0 && north.length === south.length]).toEqual([id, true]);
        expect(north.every(({ from, to }, i) => from < to && (i === 0 || north[i - 1]!.to < from))).toBe(
          true,
        );
        // The southern year is the northern one half a year on.
        for (const [i, { from }] of south.entries())
          expect(Math.abs(daysBetween(north[i]!.from, from) - 182)).toBeLessThanOrEqual(1);
      }
  });

  test('where no thermometer tells, low latitudes count as mild', () => {
    const first = (latitudeDeg: number) =>
      usualWindows('calico-scale', latitudeDeg, '2026-01-01', null)[1]!.from;
    expect([first(30), first(45)]).toEqual(['2026-04-25', '2026-05-25']);
    expect(usualWindows('apple-scab', 45, '2026-01-01', null)).toEqual([]);
  });

  test('soft scale stays soft for longer than armored; a fungus is judged after its incubation only', () => {
    expect(hatchTimes('calico-scale', 'soft').softDays[0]).toBeGreaterThan(
      hatchTimes('juniper-scale', 'armored').softDays[2],
    );
    expect(hatchTimes(null, null)).toEqual({ softDays: [10, 14, 20], spanDays: 28 });
    expect([
      incubationDays('apple-scab', 'fungus'),
      incubationDays(null, 'fungus'),
      incubationDays(null, 'mite'),
    ]).toEqual([17, 14, null]);
  });

  test('published sums are kept as printed', () => {
    for (const event of EVENTS) {
      const [from, to = from] = event.published
        .match(/\d+/g)!
        .slice(0, event.kind === 'first' ? 1 : 2)
        .map(Number);
      // One is published in °C·days a round; its rounds follow each other.
      const inCd = event.published.includes('°C·days')
        ? (value: number) => value * event.generation
        : celsiusDaysFromFahrenheitDays;
      expect(event.fromCd).toBeCloseTo(inCd(from!), 9);
      expect(event.toCd).toBeCloseTo(inCd(to!), 9);
    }
    expect(EVENTS.find((event) => event.id === 'euonymus-scale-first-1')!.fromCd).toBeCloseTo(225.56, 2);
  });
});

describe('every trouble can be named', () => {
  test.each(TARGETS.map((target) => [target.id, target] as const))(
    '%s, or what is dealt with as it is, comes out on top of its own looks on its own host',
    (id, target) => {
      const rank = { always: 4, usually: 3, sometimes: 2, rarely: 1, never: 0 };
      const answers = Object.fromEntries(
        CHECKS.flatMap((check) => {
          const words = target.looks[check.id];
          if (!words) return [];
          if (check.kind === 'sign') return [[check.id, rank[words.yes ?? 'never'] >= 3 ? 'yes' : 'no']];
          const best = Object.entries(words).sort((a, b) => rank[b[1]] - rank[a[1]])[0]!;
          return [[check.id, best[0]]];
        }),
      );
      const [host] = Object.entries(target.hosts).sort((a, b) => rank[b[1]] - rank[a[1]])[0]!;
      const naming = name(host, answers);
      const leader = naming.standings[0]!.targetId;
      expect(leader === id || (treatedAs(id) !== null && treatedAs(leader) === treatedAs(id))).toBe(true);
      expect(naming.groups[0]!.group).toBe(target.group);
    },
  );

  test('each pair of troubles that share a host is told apart by some check, or dealt with alike', () => {
    for (const a of TARGETS) {
      for (const b of TARGETS) {
        if (a.id >= b.id || !Object.keys(a.hosts).some((host) => host in b.hosts)) continue;
        if (treatedAs(a.id) !== null && treatedAs(a.id) === treatedAs(b.id)) continue;
        expect(
          CHECKS.some((check) => JSON.stringify(a.looks[check.id]) !== JSON.stringify(b.looks[check.id])),
        ).toBe(true);
      }
    }
  });
});

describe('what may honestly be said', () => {
  test('one answer names nothing', () => {
    expect(name('spindle', {}).verdict.kind).toBe('not-enough');
    expect(name('spindle', { 'white-flecks': 'yes' }).verdict.kind).toBe('not-enough');
  });

  test('euonymus scale on a hedge, in four checks', () => {
    const naming = name('spindle', {
      sticky: 'no',
      'white-flecks': 'yes',
      lift: 'cover-only',
      shape: 'pear',
    });
    expect(naming.verdict).toEqual({ kind: 'named', targetId: 'euonymus-scale' });
    const reasons = naming.standings[0]!.reasons!;
    expect(reasons.for.map((r) => r.checkId)).toEqual(
      expect.arrayContaining(['white-flecks', 'lift', 'shape']),
    );
    expect(reasons.against).toEqual([]);
  });

  test('sticky camellia with flat ovals is brown soft scale; a cover that lifts speaks against it', () => {
    const answers = { sticky: 'yes', lift: 'whole', shape: 'flat-oval', 'cotton-sac': 'no', ants: 'yes' };
    expect(name('camellia', answers).standings[0]!.targetId).toBe('brown-soft-scale');
    const contrary = name('camellia', { ...answers, lift: 'cover-only' });
    const soft = contrary.standings.find((s) => s.targetId === 'brown-soft-scale')!;
    expect(soft.reasons!.against.map((r) => r.checkId)).toContain('lift');
  });

  test('a red smear under white felt is a felt scale', () => {
    const naming = name('crape-myrtle', { 'white-felt': 'yes', press: 'pink-red', 'black-film': 'yes' });
    expect(naming.groups[0]!.group).toBe('felt');
    expect(naming.verdict).toEqual({ kind: 'named', targetId: 'crapemyrtle-bark-scale' });
  });

  test('when only the group is sure, only the group is said', () => {
    const naming = name('lilac', { sticky: 'no', 'black-film': 'no', lift: 'cover-only', crust: 'yes' });
    expect(naming.verdict).toEqual({ kind: 'group', group: 'armored' });
  });

  test('answers that go together nowhere name nothing, and are hardly trusted', () => {
    const naming = name('rose', {
      sticky: 'yes',
      'fringed-spots': 'yes',
      trail: 'yes',
      'h-ridge': 'yes',
      'jelly-horns': 'yes',
      'stalked-eggs': 'yes',
      tent: 'yes',
      lift: 'whole',
      shape: 'ridged-sac',
      where: 'inside',
    });
    expect(naming.verdict.kind).toBe('not-enough');
    expect(naming.trust).toBeLessThan(0.2);
  });

  test('"not sure" changes nothing, and an answer that does not exist is refused', () => {
    const without = name('apple', { crust: 'yes' });
    expect(name('apple', { crust: 'yes', lift: 'not-sure' }).standings).toEqual(without.standings);
    expect(() => name('apple', { lift: 'sideways' })).toThrow(RangeError);
  });

  test('the next check is worth its effort: at the start a look, never a week of tape', () => {
    const [first] = name('spindle', {}).nextChecks;
    expect(CHECKS.find((check) => check.id === first!.checkId)!.effort).toBe('look');
    const { nextChecks } = name('spindle', {});
    const bits = nextChecks.filter((check) => check.expectedBits >= 0.1).map((check) => check.bitsPerMinute);
    expect(bits.length).toBeGreaterThan(5);
    expect([...bits].sort((a, b) => b - a)).toEqual(bits);
    expect(Math.min(...nextChecks.map((check) => check.bitsPerMinute))).toBeGreaterThanOrEqual(0);
  });
});

test('cautions depend on what is sprayed, and where', () => {
  const scene = {
    edible: false,
    inLeaf: true,
    oil: true,
    harmsBees: true,
    beesVisitBloom: true,
    honeydewMaker: false,
    licensed: false,
    fishPoison: false,
    country: 'au' as const,
    beyondReach: false,
    oilTopC: 29,
    daysToHarvest: null,
    reentryHours: 4,
  };
  expect(ids(cautionsFor(scene))).toEqual([
    'bees',
    'heat',
    'protect',
    'keep-off',
    'water',
    'poison',
    'label',
  ]);
  expect(cautionsFor(scene).find(({ id }) => id === 'poison')!.text).toContain('13 11 26');
  expect(ids(cautionsFor({ ...scene, edible: true, beyondReach: true, licensed: true }))).toEqual(
    expect.arrayContaining(['harvest', 'reach', 'licensed']),
  );
});

test('a crusted, blackened pot of citrus with flies rising is two troubles', () => {
  const { two } = name(
    'lemon',
    {
      sticky: 'yes',
      'black-film': 'yes',
      'white-flies': 'yes',
      domes: 'yes',
      'h-ridge': 'yes',
      lift: 'whole',
      shape: 'dome',
      ants: 'yes',
    },
    6,
    true,
  );
  expect([...(two?.targetIds ?? [])].sort()).toEqual(['black-scale', 'whitefly']);
  expect(
    name('spindle', { sticky: 'no', 'white-flecks': 'yes', lift: 'cover-only', shape: 'pear' }).two,
  ).toBeNull();
});

test(
  "season and place shift what is probable: brown horse-chestnut leaves in winter are not this year's " +
    'miner',
  () => {
    const chance = (month: number) =>
      name('horse-chestnut', {}, month).standings.find(
        (standing) => standing.targetId === 'horse-chestnut-leaf-miner',
      )!.probability;
    expect(chance(8)).toBeGreaterThan(chance(2));
    const lace = (sheltered: boolean) =>
      name('azalea', { stipple: 'yes' }, 7, sheltered).standings.find(
        (standing) => standing.targetId === 'lace-bugs',
      )!.probability;
    expect(lace(false)).toBeGreaterThan(lace(true));
  },
);

test.each([
  ['sticky', 'check', 'sticky'],
  ['white fluff', 'target', 'crapemyrtle-bark-scale'],
  ['squiggly line', 'target', 'citrus-leaf-miner'],
  ['leaf curl', 'target', 'peach-leaf-curl'],
  ['Unaspis euonymi', 'target', 'euonymus-scale'],
  ['kumquat', 'host', 'kumquat'],
  ['black spot', 'target', 'rose-black-spot'],
  ['lift test', 'check', 'lift'],
  ['moss', 'target', 'lichen'],
])('"%s" finds %s %s among the first twenty', (query, kind, id) => {
  expect(searchGuide(query).slice(0, 20)).toContainEqual({ kind, id });
});

test('lecanium young sit on leaves in summer and on twigs in spring', () => {
  const chance = (month: number, where: string) =>
    name('plum', { domes: 'yes', where }, month).standings.find(
      (standing) => standing.targetId === 'european-fruit-lecanium',
    )!.probability;
  expect(chance(7, 'leaves')).toBeGreaterThan(1.5 * chance(7, 'twigs'));
  expect(chance(4, 'twigs')).toBeGreaterThan(1.5 * chance(4, 'leaves'));
});

test('answers no one trouble gives together are pointed out, and only those', () => {
  const pairs = (answers: Answers) =>
    name('camellia', answers).contradictions.map(({ first, second }) => [first.checkId, second.checkId]);
  expect(pairs({ 'rust-dots': 'yes', lift: 'cover-only', sticky: 'not-sure' })).toEqual([
    ['rust-dots', 'lift'],
  ]);
  expect(pairs({ sticky: 'yes', lift: 'whole', shape: 'flat-oval', ants: 'no' })).toEqual([]);
});
