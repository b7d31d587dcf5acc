import { describe, expect, test } from '@jest/globals';
import {
  isScaleGroup,
  makesHoneydew,
  nameIt,
  NOT_SURE,
  SOMETHING_ELSE,
  STILL_NOT_SURE,
  WORD_PROBABILITY,
  type Candidate,
  type Check,
  type Key,
  type Unlisted,
} from './index.ts';

const YES_NO = [
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no' },
];
const CHECKS: Check[] = [
  { id: 'sticky', kind: 'sign', name: '', question: 'sticky?', how: '', effort: 'look', answers: YES_NO },
  {
    id: 'idle',
    kind: 'sign',
    name: '',
    question: 'tells nothing?',
    how: '',
    effort: 'look',
    answers: YES_NO,
  },
  {
    id: 'lift',
    kind: 'test',
    name: '',
    question: 'lift?',
    how: '',
    effort: 'knife',
    answers: [
      { id: 'cover', label: '' },
      { id: 'whole', label: '' },
    ],
  },
];
const candidate = (id: string, group: Candidate['group'], looks: Candidate['looks']): Candidate => ({
  id,
  name: id,
  group,
  hosts: { oak: 'usually' },
  months: [],
  shelter: 'outdoors',
  looks,
});
const SOFT = candidate('soft-one', 'soft', { sticky: { yes: 'always' }, lift: { whole: 'always' } });
const HARD = candidate('hard-one', 'armored', { sticky: { yes: 'never' }, lift: { cover: 'always' } });

const never = { yes: 'never' } as const;
const QUITE_ELSE: Unlisted = {
  id: 'quite-else',
  group: null,
  usual: 'sometimes',
  looks: { sticky: never, idle: never },
};
const KEY: Key = { candidates: [SOFT, HARD], unlisted: [QUITE_ELSE], checks: CHECKS, firstWords: [] };
const SCENE = { hostId: 'oak', month: 6, sheltered: false };

const run = (answers: Record<string, string>, hostId = 'oak') => nameIt(KEY, { ...SCENE, hostId }, answers);
const chance = (naming: ReturnType<typeof nameIt>, id: string) =>
  naming.standings.find((standing) => standing.targetId === id)!.probability;

// "Always" with its doubt is (0.8 + 2·0.97)/3, "never" (2·0.02 + 0.1)/3. Four in five observers answer a fiftieth
// by chance, one in five sixteen in a hundred.
const ALWAYS = (0.8 + 2 * 0.97) / 3,
  NEVER = (2 * 0.02 + 0.1) / 3;
const overObservers = (chanceIf: (errorRate: number) => number) =>
  0.8 * chanceIf(0.02) + 0.2 * chanceIf(0.16);
const withChance = (probability: number) => overObservers((e) => (1 - e) * probability + e / 2);

describe('Bayes by hand, two troubles and a fifth for neither', () => {
  test('before any answer', () => {
    expect(chance(run({}), 'soft-one')).toBeCloseTo(0.4, 12);
    expect(chance(run({}), SOMETHING_ELSE)).toBeCloseTo(0.2, 12);
  });

  test('sticky: always against never, of a trouble and of what is in no list', () => {
    const total = 0.4 * withChance(ALWAYS) + 0.6 * withChance(NEVER);
    expect(chance(run({ sticky: 'yes' }), 'soft-one')).toBeCloseTo((0.4 * withChance(ALWAYS)) / total, 12);
    expect(chance(run({ sticky: 'yes' }), 'hard-one')).toBeCloseTo((0.4 * withChance(NEVER)) / total, 12);
  });

  test('"no" makes what is in no list likelier by as much as what never shows it', () => {
    const naming = run({ sticky: 'no', idle: 'no' });
    expect(chance(naming, SOMETHING_ELSE) / chance(naming, 'hard-one')).toBeCloseTo(
      (0.2 / 0.4) *
        (overObservers((e) => ((1 - e) * (1 - NEVER) + e / 2) ** 2) /
          overObservers((e) => ((1 - e) * (1 - NEVER) + e / 2) * 0.5)),
      9,
    );
  });

  test("a test's words are shared out over its answers, to sum to 1", () => {
    const cover = ALWAYS / (ALWAYS + NEVER);
    const total = 0.4 + 0.2 * 0.5;
    expect(chance(run({ lift: 'cover' }), 'hard-one')).toBeCloseTo((0.4 * withChance(cover)) / total, 12);
  });

  test('two answers of one observer: the product within each kind of observer', () => {
    const both = (sticky: number, lift: number) =>
      overObservers((e) => ((1 - e) * sticky + e / 2) * ((1 - e) * lift + e / 2));
    const cover = ALWAYS / (ALWAYS + NEVER);
    const soft = 0.4 * both(ALWAYS, cover);
    const hard = 0.4 * both(NEVER, 1 - cover);
    const rest = 0.2 * both(NEVER, 0.5);
    expect(chance(run({ sticky: 'yes', lift: 'whole' }), 'soft-one')).toBeCloseTo(
      soft / (soft + hard + rest),
      12,
    );
  });

  test('answers that no one trouble gives together lower the trust in all of them', () => {
    const agreeing = run({ sticky: 'yes', lift: 'whole' }).trust;
    expect(agreeing).toBeGreaterThan(0.8);
    expect(run({}).trust).toBeCloseTo(0.8, 12);
    expect(run({ sticky: 'yes', lift: 'cover' }).trust).toBeLessThan(0.7);
  });

  test('on a host nothing listed lives on, it is something else', () => {
    expect(chance(run({}, 'cactus'), SOMETHING_ELSE)).toBe(1);
    expect(run({ sticky: 'yes', lift: 'whole', idle: 'no' }, 'cactus').verdict.kind).toBe('none-of-these');
  });

  test(
    'a check neither has an opinion on does not shift them against each other; "not sure" counts as ' +
      'nothing',
    () => {
      const idle = run({ idle: 'yes' });
      expect(chance(idle, 'soft-one')).toBeCloseTo(chance(idle, 'hard-one'), 12);
      expect(run({ sticky: NOT_SURE }).answered).toBe(0);
    },
  );
});

describe('the next check', () => {
  test('a telling look comes before a knife; what tells next to nothing comes last', () => {
    const next = run({}).nextChecks;
    expect(next.map((check) => check.checkId)).toEqual(['sticky', 'lift', 'idle']);
    expect(next[2]!.expectedBits).toBeLessThan(next[1]!.expectedBits);
    // Mutual information of sticky by hand: entropy of the answer less its mean entropy under each.
    const h = (p: number) => -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
    const yes = 0.4 * withChance(ALWAYS) + 0.6 * withChance(NEVER);
    expect(next[0]!.expectedBits).toBeCloseTo(
      h(yes) - 0.4 * h(withChance(ALWAYS)) - 0.6 * h(withChance(NEVER)),
      12,
    );
  });

  test('"not sure" moves on; it comes once more, after all that tells more than a little, and then never', () => {
    const unsure = run({ lift: NOT_SURE, sticky: NOT_SURE }).nextChecks;
    expect(unsure.map(({ checkId, again }) => [checkId, again])).toEqual([
      ['idle', false],
      ['sticky', true],
      ['lift', true],
    ]);
    expect(run({ sticky: STILL_NOT_SURE, idle: NOT_SURE, lift: STILL_NOT_SURE }).nextChecks).toMatchObject([
      { checkId: 'idle', again: true },
    ]);
    expect(run({ sticky: STILL_NOT_SURE }).answered).toBe(0);
  });

  test('signs that one look shows are asked together, a test by itself; where nothing tells, nothing is asked', () => {
    expect(run({}).question).toEqual({ checkIds: ['sticky', 'idle'], again: false });
    expect(run({ sticky: 'not-sure', idle: 'no' }).question).toEqual({ checkIds: ['lift'], again: false });
    expect(run({ sticky: 'not-sure', idle: 'no', lift: 'still-not-sure' }).question).toEqual({
      checkIds: ['sticky'],
      again: true,
    });
    expect(run({ sticky: 'yes', idle: 'no', lift: 'whole' }).question).toBeNull();
  });

  test('which of two that are dealt with alike it is, is not worth a look', () => {
    const twins = [SOFT, { ...SOFT, id: 'twin', looks: { ...SOFT.looks, idle: { yes: 'always' as const } } }];
    const about = (treated: string | undefined) =>
      nameIt(
        {
          ...KEY,
          unlisted: [],
          candidates: twins.map((each) => (treated ? { ...each, treatedAs: treated } : each)),
        },
        SCENE,
        {},
      ).nextChecks.find(({ checkId }) => checkId === 'idle')!.expectedBits;
    expect(about('one')).toBeLessThan(1e-12);
    expect(about(undefined)).toBeGreaterThan(0.05);
  });

  test('how far it is grows from nothing as answers settle it', () => {
    expect(run({}).settled).toBe(0);
    const half = run({ sticky: 'yes' }).settled;
    expect(half).toBeGreaterThan(0);
    expect(run({ sticky: 'yes', lift: 'whole' }).settled).toBeGreaterThan(half);
  });

  test('what was answered is not asked again', () => {
    expect(run({ sticky: 'yes' }).nextChecks.map((check) => check.checkId)).toEqual(['lift', 'idle']);
  });
});

describe('verdict and reasons', () => {
  test('two answers, however clear, name nothing; a third does', () => {
    expect(run({ sticky: 'yes', lift: 'whole' }).verdict.kind).toBe('not-enough');
    expect(run({ sticky: 'yes', lift: 'whole', idle: 'no' }).verdict).toEqual({
      kind: 'named',
      targetId: 'soft-one',
    });
  });

  test('answers that contradict each other stand for and against', () => {
    const soft = run({ sticky: 'yes', lift: 'cover' }).standings.find(
      (standing) => standing.targetId === 'soft-one',
    )!.reasons!;
    expect(soft.for.map((reason) => reason.checkId)).toEqual(['sticky']);
    expect(soft.against.map((reason) => reason.checkId)).toEqual(['lift']);
    expect(run({}).standings.find((standing) => standing.targetId === 'soft-one')!.reasons!.missing).toEqual([
      'lift',
      'sticky',
    ]);
  });

  test('the five words keep their order', () => {
    const { always, usually, sometimes, rarely, never } = WORD_PROBABILITY;
    expect([always, usually, sometimes, rarely, never].every((p, i, all) => i === 0 || p < all[i - 1]!)).toBe(
      true,
    );
  });

  test('which groups are scale, and which drip', () => {
    expect(isScaleGroup('armored')).toBe(true);
    expect(makesHoneydew('armored')).toBe(false);
    expect(makesHoneydew('giant')).toBe(true);
    expect([isScaleGroup('fungus'), isScaleGroup(null), makesHoneydew(null)]).toEqual([false, false, false]);
  });
});
