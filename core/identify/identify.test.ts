import { describe, expect, test } from '@jest/globals';
import {
  isScaleGroup,
  makesHoneydew,
  nameIt,
  NOT_SURE,
  SOMETHING_ELSE,
  WORD_PROBABILITY,
  type Candidate,
  type Check,
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

const run = (answers: Record<string, string>, hostId = 'oak') =>
  nameIt([SOFT, HARD], CHECKS, { hostId, month: 6, sheltered: false }, answers);
const chance = (naming: ReturnType<typeof nameIt>, id: string) =>
  naming.standings.find((standing) => standing.targetId === id)!.probability;

// "Always" with its doubt is (0.8 + 2·0.97)/3, "never" (2·0.02 + 0.1)/3; a twentieth of answers is mere
// chance.
const withChance = (probability: number) => 0.95 * probability + 0.05 / 2;
const ALWAYS = (0.8 + 2 * 0.97) / 3,
  NEVER = (2 * 0.02 + 0.1) / 3;

describe('Bayes by hand, two troubles and a tenth for neither', () => {
  test('before any answer', () => {
    expect(chance(run({}), 'soft-one')).toBeCloseTo(0.45, 12);
    expect(chance(run({}), SOMETHING_ELSE)).toBeCloseTo(0.1, 12);
  });

  test('sticky: always against never, and an eighth for what is in no list', () => {
    const total = 0.45 * withChance(ALWAYS) + 0.45 * withChance(NEVER) + 0.1 * withChance(0.12);
    expect(chance(run({ sticky: 'yes' }), 'soft-one')).toBeCloseTo((0.45 * withChance(ALWAYS)) / total, 12);
    expect(chance(run({ sticky: 'yes' }), 'hard-one')).toBeCloseTo((0.45 * withChance(NEVER)) / total, 12);
  });

  test("a test's words are shared out over its answers, to sum to 1", () => {
    const cover = withChance(ALWAYS / (ALWAYS + NEVER));
    const total = 0.45 * cover + 0.45 * (1 - cover) + 0.1 * 0.5;
    expect(chance(run({ lift: 'cover' }), 'hard-one')).toBeCloseTo((0.45 * cover) / total, 12);
  });

  test('on a host nobody listed both stay possible', () => {
    expect(chance(run({}, 'cactus'), 'soft-one')).toBeCloseTo(0.45, 12);
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
    expect(next[2]!.expectedBits).toBeLessThan(0.05);
    // Mutual information of sticky by hand: entropy of the answer less its mean entropy under each.
    const h = (p: number) => -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
    const yes = 0.45 * withChance(ALWAYS) + 0.45 * withChance(NEVER) + 0.1 * withChance(0.12);
    expect(next[0]!.expectedBits).toBeCloseTo(
      h(yes) - 0.45 * h(withChance(ALWAYS)) - 0.45 * h(withChance(NEVER)) - 0.1 * h(withChance(0.12)),
      12,
    );
  });

  test('what was answered is not asked again', () => {
    expect(run({ sticky: 'yes', idle: NOT_SURE }).nextChecks.map((check) => check.checkId)).toEqual([
      'lift',
      'idle',
    ]);
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
