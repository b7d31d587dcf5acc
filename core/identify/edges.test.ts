import { describe, expect, test } from '@jest/globals';
import {
  assessLife,
  isScaleGroup,
  makesHoneydew,
  TARGET_GROUPS,
  type Answers,
  type TargetGroup,
} from './index.ts';
import { asSeenIn } from './by-season.ts';
import { contradictions } from './contradictions.ts';
import type { Candidate, Check, Key, Scene, Unlisted } from './evidence.ts';
import { hypothesesIn, SOMETHING_ELSE } from './hypotheses.ts';
import { weighedAnswers } from './likelihood.ts';
import { nameIt } from './name-it.ts';
import { nextQuestion } from './next-question.ts';
import { nextStep } from './next-step.ts';
import { believe, chancesOf, rank, rankGroups } from './posterior.ts';
import { scenePriors } from './priors.ts';
import { fieldOf, reasonsFor } from './reasons.ts';
import { twoTroubles } from './two-troubles.ts';
import { verdict } from './verdict.ts';

const YES_NO = [
  { id: 'yes', label: '' },
  { id: 'no', label: '' },
];
const sign = (id: string): Check => ({
  id,
  kind: 'sign',
  name: '',
  question: '',
  how: '',
  effort: 'look',
  answers: YES_NO,
});
const LIFT: Check = {
  ...sign('lift'),
  kind: 'test',
  answers: [
    { id: 'off', label: '' },
    { id: 'whole', label: '' },
  ],
};
const CHECKS: readonly Check[] = [sign('sticky'), sign('holes'), sign('trail'), LIFT];

const candidate = (id: string, group: TargetGroup, more: Partial<Candidate> = {}): Candidate => ({
  id,
  name: id,
  group,
  hosts: { holly: 'usually' },
  months: [],
  shelter: 'either',
  looks: {},
  ...more,
});
const SOFT = candidate('soft-scale', 'soft', {
  looks: { sticky: { yes: 'always' }, trail: { yes: 'never' }, lift: { whole: 'always' } },
});
const ARMORED = candidate('shield-scale', 'armored', {
  looks: { sticky: { yes: 'never' }, trail: { yes: 'never' }, lift: { off: 'always' } },
});
const MINER = candidate('miner', 'leaf-miner', {
  looks: { sticky: { yes: 'never' }, trail: { yes: 'always' } },
});
const ALL = [SOFT, ARMORED, MINER];
const SCENE = { hostId: 'holly', month: 6, sheltered: false };
const NEVER = { yes: 'never' } as const;
const QUITE_ELSE: Unlisted = {
  id: 'quite-else',
  group: null,
  usual: 'sometimes',
  looks: { sticky: NEVER, holes: NEVER, trail: NEVER },
};
const keyOf = (candidates: readonly Candidate[], unlisted: readonly Unlisted[] = [QUITE_ELSE]): Key => ({
  candidates,
  unlisted,
  checks: CHECKS,
  firstWords: [],
});
const ALL_KEY = keyOf(ALL);

describe('where and when it was noticed', () => {
  const priorsOf = (first: Partial<Candidate>, second: Partial<Candidate>, scene: Partial<Scene> = {}) => {
    const key = keyOf([candidate('a', 'soft', first), candidate('b', 'soft', second)]);
    const [a, b, rest] = scenePriors(hypothesesIn(key, 6), { ...SCENE, ...scene });
    return { odds: a! / b!, sum: a! + b!, rest };
  };

  test('a fifth is kept for what is in no list, whatever is listed', () => {
    const { sum, rest, odds } = priorsOf({}, {});
    expect(rest).toBeCloseTo(0.2, 12);
    expect(sum).toBeCloseTo(0.8, 12);
    expect(odds).toBeCloseTo(1, 12);
  });

  test('a host by its word; one that is not named removes it, unless it lives on others too', () => {
    expect(priorsOf({ hosts: { holly: 'always' } }, { hosts: { holly: 'rarely' } }).odds).toBeCloseTo(9.7, 9);
    expect(priorsOf({ hosts: { holly: 'usually' } }, { hosts: { rose: 'always' } }).odds).toBe(Infinity);
    const widely = { hosts: { rose: 'always' }, elsewhere: 'rarely' } as const;
    expect(priorsOf({ hosts: { holly: 'usually' } }, widely).odds).toBeCloseTo(8, 9);
  });

  test('a kind of plant that stands for many may carry anything, hardly ever', () => {
    const strange = { hostId: 'other-evergreen' };
    expect(priorsOf({}, { elsewhere: 'rarely' }, strange).odds).toBeCloseTo(0.2, 9);
    expect(priorsOf({}, {}, strange).odds).toBeCloseTo(1, 9);
  });

  test('what the records say multiplies the odds of what it names only', () => {
    const leaning = { leanings: { a: 4 } };
    expect(priorsOf({}, {}, leaning).odds).toBeCloseTo(4, 9);
    expect(priorsOf({}, {}, leaning).rest).toBeCloseTo(0.2, 12);
  });

  test('where nothing listed lives, all is open; where nothing unlisted is known, all is listed', () => {
    const nowhere = hypothesesIn(keyOf([candidate('a', 'soft', { hosts: { rose: 'always' } })]), 6);
    expect(scenePriors(nowhere, SCENE)).toEqual([0, 1]);
    const closed = hypothesesIn(keyOf([candidate('a', 'soft')], []), 6);
    expect(scenePriors(closed, SCENE)).toEqual([1]);
  });

  test('out of its months it is a fifth as likely; without months it has no season', () => {
    expect(priorsOf({ months: [5, 6] }, { months: [9] }).odds).toBeCloseTo(5, 9);
    expect(priorsOf({ months: [5, 6] }, { months: [] }).odds).toBeCloseTo(1, 9);
    expect(priorsOf({ months: [1] }, { months: [2] }).odds).toBeCloseTo(1, 9);
  });

  test('under glass there are no seasons, and what lives outdoors is a tenth as likely', () => {
    const sheltered = { sheltered: true };
    expect(priorsOf({ months: [6] }, { months: [12] }, sheltered).odds).toBeCloseTo(1, 9);
    expect(priorsOf({}, { shelter: 'outdoors' }, sheltered).odds).toBeCloseTo(10, 9);
    expect(priorsOf({}, { shelter: 'outdoors' }).odds).toBeCloseTo(1, 9);
    expect(
      priorsOf({ shelter: 'outdoors', months: [6] }, { shelter: 'outdoors', months: [1] }).odds,
    ).toBeCloseTo(5, 9);
  });
});

describe('a list ranked', () => {
  const another: Unlisted = { id: 'another-soft', group: 'soft', usual: 'rarely', looks: {} };
  const listed = hypothesesIn(
    keyOf(
      [candidate('a', 'soft'), candidate('b', 'armored'), candidate('c', 'soft')],
      [QUITE_ELSE, { ...QUITE_ELSE, id: 'canker' }, another],
    ),
    6,
  );
  const chances = [0.1, 0.25, 0.2, 0.15, 0.25, 0.05];

  test('goes from most to least probable, what is in no list among them', () => {
    expect(rank(listed, chances)).toEqual([
      { targetId: SOMETHING_ELSE, listed: false, probability: 0.4 },
      { targetId: 'b', listed: true, probability: 0.25 },
      { targetId: 'c', listed: true, probability: 0.2 },
      { targetId: 'a', listed: true, probability: 0.1 },
      { targetId: 'another-soft', listed: false, probability: 0.05 },
    ]);
  });

  test('by group adds its members up', () => {
    const groups = rankGroups(listed, chances);
    expect(groups.map(({ group }) => group)).toEqual([SOMETHING_ELSE, 'soft', 'armored']);
    expect(groups.map(({ probability }) => probability)).toEqual([
      expect.closeTo(0.4, 12),
      expect.closeTo(0.35, 12),
      expect.closeTo(0.25, 12),
    ]);
  });
});

describe('what may honestly be said', () => {
  const top = (targetId: string, probability: number) => [
    { targetId, listed: targetId !== SOMETHING_ELSE, probability },
  ];
  const group = (name: TargetGroup | typeof SOMETHING_ELSE, probability: number) => [
    { group: name, probability },
  ];

  test('nothing, before three answers or without a list', () => {
    expect(verdict(top('a', 0.99), group('soft', 0.99), 2)).toEqual({ kind: 'not-enough' });
    expect(verdict([], [], 9)).toEqual({ kind: 'not-enough' });
    expect(verdict(top('a', 0.99), [], 9)).toEqual({ kind: 'not-enough' });
  });

  test('a species from nine in ten, a group from three in four', () => {
    expect(verdict(top('a', 0.9), group('soft', 0.9), 3)).toEqual({ kind: 'named', targetId: 'a' });
    expect(verdict(top('a', 0.89), group('soft', 0.75), 3)).toEqual({ kind: 'group', group: 'soft' });
    expect(verdict(top('a', 0.74), group('soft', 0.74), 3)).toEqual({ kind: 'not-enough' });
  });

  test('an unlisted one of a group never has a name, only its group', () => {
    const another = [{ targetId: 'another-soft', listed: false, probability: 0.95 }];
    expect(verdict(another, group('soft', 0.96), 3)).toEqual({ kind: 'group', group: 'soft' });
  });

  test('those that are dealt with alike are said together, once they are as sure as one would have to be', () => {
    const twins = ['a', 'b', 'c'].map((id) => candidate(id, 'soft', { treatedAs: 'wax' }));
    const hypotheses = hypothesesIn(keyOf([...twins, candidate('d', 'soft')]), 6);
    const standings = (a: number, b: number, c: number, d: number) =>
      [a, b, c, d].map((probability, i) => ({ targetId: 'abcd'[i]!, listed: true, probability }));
    const said = (...[a, b, c, d]: [number, number, number, number]) =>
      verdict(standings(a, b, c, d), group('soft', 0.97), 3, hypotheses);
    expect(said(0.5, 0.38, 0.02, 0.07)).toEqual({ kind: 'alike', targetIds: ['a', 'b'], group: 'soft' });
    expect(said(0.5, 0.37, 0.02, 0.08)).toEqual({ kind: 'group', group: 'soft' });
  });

  test('none of these, on less than a name would take', () => {
    expect(verdict(top(SOMETHING_ELSE, 0.6), group(SOMETHING_ELSE, 0.6), 3)).toEqual({
      kind: 'none-of-these',
    });
    expect(verdict(top(SOMETHING_ELSE, 0.59), group('soft', 0.99), 3)).toEqual({ kind: 'not-enough' });
    expect(verdict(top('a', 0.5), group(SOMETHING_ELSE, 0.9), 3)).toEqual({ kind: 'not-enough' });
  });
});

describe('what to do next about the name', () => {
  const MORE = { checkIds: ['lift'], again: false };
  const NAMED = { kind: 'named', targetId: 'a' } as const;
  const ALIKE = { kind: 'alike', targetIds: ['a', 'b'], group: 'soft' } as const;
  const GROUP = { kind: 'group', group: 'soft' } as const;
  const OPEN = { kind: 'not-enough' } as const;
  const NONE = { kind: 'none-of-these' } as const;

  test('named is enough, alone or with what is dealt with alike, whatever is left to ask', () => {
    expect(nextStep(NAMED, MORE, 3)).toBe('enough');
    expect(nextStep(ALIKE, MORE, 3)).toBe('enough');
  });

  test('one looks on while a question is left; then a group is enough, and the rest is for a lab', () => {
    expect(nextStep(OPEN, MORE, 5)).toBe('look-on');
    expect(nextStep(GROUP, MORE, 5)).toBe('look-on');
    expect(nextStep(OPEN, null, 5)).toBe('lab');
    expect(nextStep(GROUP, null, 5)).toBe('enough');
    expect(nextStep(NONE, MORE, 5)).toBe('lab');
  });

  test('before three answers one looks on', () => {
    expect(nextStep(OPEN, null, 2)).toBe('look-on');
    expect(nextStep(GROUP, null, 3)).toBe('enough');
  });
});

describe('the next question', () => {
  const suggest = (checkId: string, expectedBits: number, again = false) => ({
    checkId,
    again,
    expectedBits,
    bitsPerMinute: expectedBits,
  });

  test('signs that hardly tell one by one are asked together while together they tell', () => {
    const some = [suggest('sticky', 0.009), suggest('holes', 0.008), suggest('trail', 0.004)];
    expect(nextQuestion(CHECKS, some, 5)).toEqual({ checkIds: ['sticky', 'holes', 'trail'], again: false });
    expect(nextQuestion(CHECKS, some.slice(0, 2), 5)).toBeNull();
  });

  test('a test stands by itself, and has to tell by itself', () => {
    expect(nextQuestion(CHECKS, [suggest('lift', 0.02), suggest('sticky', 0.5)], 5)).toEqual({
      checkIds: ['lift'],
      again: false,
    });
    expect(nextQuestion(CHECKS, [suggest('lift', 0.019)], 5)).toBeNull();
  });

  test('first and second looks are not mixed', () => {
    const mixed = [suggest('sticky', 0.3), suggest('holes', 0.2, true), suggest('trail', 0.1)];
    expect(nextQuestion(CHECKS, mixed, 5)).toEqual({ checkIds: ['sticky', 'trail'], again: false });
  });

  test('before three answers the best of what is left is asked, however little it tells', () => {
    expect(nextQuestion(CHECKS, [suggest('lift', 0)], 2)).toEqual({ checkIds: ['lift'], again: false });
    expect(nextQuestion(CHECKS, [], 2)).toBeNull();
  });
});

describe('answers that no one trouble gives together', () => {
  const pairs = (answers: Answers, listed: readonly Candidate[] = ALL) =>
    contradictions(listed, CHECKS, answers).map(({ first, second }) => [
      `${first.checkId}=${first.answerId}`,
      `${second.checkId}=${second.answerId}`,
    ]);

  test('are told as a pair, once', () => {
    expect(pairs({ sticky: 'yes', trail: 'yes' })).toEqual([['sticky=yes', 'trail=yes']]);
    expect(pairs({ sticky: 'yes', lift: 'off' })).toEqual([['sticky=yes', 'lift=off']]);
  });

  test('three answers can be two pairs; those that agree are none', () => {
    expect(pairs({ sticky: 'yes', trail: 'yes', lift: 'off' })).toEqual([
      ['sticky=yes', 'trail=yes'],
      ['sticky=yes', 'lift=off'],
    ]);
    expect(pairs({ sticky: 'yes', trail: 'no', lift: 'whole' })).toEqual([]);
  });

  test('"no" contradicts what is always there, and nothing else', () => {
    // Soft scale is always sticky, only it lifts off whole; the miner says nothing of lifting.
    const listed = [SOFT, ARMORED];
    expect(pairs({ sticky: 'no', lift: 'whole' }, listed)).toEqual([['sticky=no', 'lift=whole']]);
    const seldom = candidate('other', 'soft', {
      looks: { sticky: { yes: 'usually' }, lift: { whole: 'rarely' } },
    });
    expect(pairs({ sticky: 'no', lift: 'whole' }, [...listed, seldom])).toEqual([]);
  });

  test('an answer that nothing in the list gives is left out, and so is "not sure"', () => {
    const dry = ALL.map((each) => ({ ...each, looks: { ...each.looks, holes: { yes: 'never' as const } } }));
    expect(pairs({ holes: 'yes', sticky: 'yes' }, dry)).toEqual([]);
    expect(pairs({ sticky: 'yes', trail: 'not-sure' })).toEqual([]);
  });

  test('a check a trouble says nothing about may come out any way', () => {
    expect(pairs({ trail: 'yes', lift: 'off' })).toEqual([]);
    expect(pairs({ trail: 'yes', lift: 'whole' })).toEqual([]);
  });
});

describe('looks by month', () => {
  const winter = candidate('w', 'soft', {
    looks: { sticky: { yes: 'always' }, holes: { yes: 'never' } },
    seasonal: [
      { months: [12, 1], looks: { sticky: { yes: 'never' } } },
      { months: [1], looks: { holes: { yes: 'usually' } } },
    ],
  });

  test('replace the usual ones check by check, in their months only', () => {
    const looksIn = (month: number) => asSeenIn(month, [winter])[0]!.looks;
    expect(looksIn(6)).toEqual({ sticky: { yes: 'always' }, holes: { yes: 'never' } });
    expect(looksIn(12)).toEqual({ sticky: { yes: 'never' }, holes: { yes: 'never' } });
    expect(looksIn(1)).toEqual({ sticky: { yes: 'never' }, holes: { yes: 'usually' } });
  });

  test('leave a trouble without seasons as it is, and are worked out once', () => {
    const listed = [SOFT, winter];
    expect(asSeenIn(1, listed)[0]).toBe(SOFT);
    expect(asSeenIn(1, listed)).toBe(asSeenIn(1, listed));
    expect(asSeenIn(1, listed)).not.toBe(asSeenIn(2, listed));
  });
});

describe('reasons for and against', () => {
  const beliefOf = (answers: Answers) => believe(ALL_KEY, SCENE, answers);
  const reasonsIn = (answers: Answers, place: number) => {
    const belief = beliefOf(answers);
    return reasonsFor(place, fieldOf(CHECKS, belief));
  };
  const answers = { sticky: 'yes', trail: 'no' };
  const reasonsOf = (place: number) => reasonsIn(answers, place);

  test('what tells for one tells against another, with the bits it weighs', () => {
    const soft = reasonsOf(0);
    expect(soft.for[0]).toMatchObject({ checkId: 'sticky', answerId: 'yes', unlikely: false });
    const belief = beliefOf(answers);
    const { priors } = belief;
    const chance = chancesOf(belief, CHECKS[0]!, 0);
    const overField = priors.reduce((sum, prior, i) => sum + prior * chance[i]!, 0);
    expect(soft.for[0]!.bits).toBeCloseTo(Math.log2(chance[0]! / overField), 9);
    expect(soft.against).toEqual([]);
    expect(reasonsOf(1).against[0]).toMatchObject({ checkId: 'sticky', unlikely: true });
  });

  test('the weightiest stands first on either side', () => {
    const three = { sticky: 'yes', trail: 'no', lift: 'whole' };
    const { for: speaking } = reasonsIn(three, 0);
    expect(speaking.length).toBeGreaterThan(1);
    expect(speaking.map(({ bits }) => bits)).toEqual(
      speaking.map(({ bits }) => bits).toSorted((a, b) => b - a),
    );
    const { against } = reasonsIn(three, 2);
    expect(against.length).toBeGreaterThan(1);
    expect(against.map(({ bits }) => bits)).toEqual(
      against.map(({ bits }) => bits).toSorted((a, b) => a - b),
    );
  });

  test('what it has a clear opinion on and nobody looked at is missing; what was answered is not', () => {
    expect(reasonsOf(0).missing).toEqual(['lift']);
    expect(reasonsOf(2).missing).toEqual([]);
    expect(reasonsIn({}, 2).missing.toSorted()).toEqual(['sticky', 'trail']);
  });
});

describe('two troubles at once', () => {
  const two = (answers: Answers, listed: readonly Candidate[] = ALL) =>
    twoTroubles(believe(keyOf(listed), SCENE, answers));

  test('are found where signs of both show, and no one trouble makes both', () => {
    expect(two({ sticky: 'yes', trail: 'yes' })?.targetIds).toEqual(['soft-scale', 'miner']);
    const pair = two({ sticky: 'yes', trail: 'yes', lift: 'whole' })!;
    expect(pair.probability).toBeGreaterThan(0.4);
    expect(pair.probability).toBeLessThanOrEqual(1);
  });

  test('are not where one explains it all, or nothing was seen', () => {
    expect(two({ sticky: 'yes', trail: 'no', lift: 'whole' })).toBeNull();
    expect(two({ sticky: 'no', trail: 'no' })).toBeNull();
    expect(two({})).toBeNull();
  });

  test('of one group are one trouble as far as anyone can tell', () => {
    const trailing = candidate('soft-too', 'soft', {
      looks: { sticky: { yes: 'never' }, trail: { yes: 'always' } },
    });
    expect(two({ sticky: 'yes', trail: 'yes' }, [SOFT, trailing])).toBeNull();
  });

  test('the pair that explains most is told, wherever it stands in the list', () => {
    const weak = candidate('weak', 'fungus', {
      hosts: { holly: 'rarely' },
      looks: { trail: { yes: 'sometimes' } },
    });
    for (const listed of [
      [weak, SOFT, ARMORED, MINER],
      [MINER, ARMORED, SOFT, weak],
    ])
      expect([...two({ sticky: 'yes', trail: 'yes' }, listed)!.targetIds].sort()).toEqual([
        'miner',
        'soft-scale',
      ]);
  });
});

test('the whole naming: candidates have reasons, what is in no list has none', () => {
  const answers = { sticky: 'yes', trail: 'no', lift: 'whole' };
  const naming = nameIt(ALL_KEY, SCENE, answers);
  expect(naming.verdict).toEqual({ kind: 'named', targetId: 'soft-scale' });
  expect(naming.answered).toBe(3);
  for (const { targetId, reasons } of naming.standings)
    expect(reasons === null).toBe(targetId === SOMETHING_ELSE);
  const { probabilities } = believe(ALL_KEY, SCENE, answers);
  expect(naming.standings[0]!.probability).toBeCloseTo(Math.max(...probabilities), 12);
});

test('an answer its check does not have is refused', () => {
  expect(() => weighedAnswers(CHECKS, { sticky: 'perhaps' })).toThrow(RangeError);
  expect(weighedAnswers(CHECKS, { sticky: 'not-sure', unheard: 'of' })).toEqual([]);
});

test.each(TARGET_GROUPS.map((group) => [group]))(
  '%s: counted as scale, and dripping, as the group is',
  (group) => {
    expect(isScaleGroup(group)).toBe(['armored', 'soft', 'felt', 'giant'].includes(group));
    expect(makesHoneydew(group)).toBe(['soft', 'felt', 'giant'].includes(group));
    expect([isScaleGroup(null), makesHoneydew(null)]).toEqual([false, false]);
  },
);

describe('alive or not', () => {
  test.each<[Answers, number, boolean, number, string, string]>([
    [{}, 0, false, 0, 'unknown', 'not-checked'],
    [{ press: 'dry', 'turn-over': 'empty' }, 20, true, 3, 'alive', 'live-counted'],
    [{ 'turn-over': 'eggs' }, 0, false, 0, 'alive', 'eggs-beneath'],
    [{ press: 'dry', 'turn-over': 'eggs' }, 20, true, 0, 'alive', 'eggs-beneath'],
    [{ larva: 'inside' }, 0, true, 0, 'alive', 'live-larva'],
    [{ press: 'fluid' }, 0, false, 0, 'alive', 'fluid'],
    [{ press: 'pink-red' }, 0, false, 0, 'alive', 'fluid'],
    [{ press: 'fluid' }, 0, true, 0, 'unknown', 'moist-after-oil'],
    [{ press: 'pink-red' }, 0, true, 0, 'unknown', 'moist-after-oil'],
    [{ 'turn-over': 'body' }, 0, false, 0, 'alive', 'fluid'],
    [{ press: 'dry', 'turn-over': 'body' }, 12, false, 0, 'alive', 'fluid'],
    [{ 'turn-over': 'empty' }, 10, false, 0, 'dead', 'dry-and-turned'],
    [{ press: 'dry', 'turn-over': 'empty' }, 9, false, 0, 'unknown', 'dry-not-turned'],
    [{ 'turn-over': 'empty' }, 9, false, 0, 'unknown', 'dry-not-turned'],
    [{ press: 'dry' }, 30, false, 0, 'unknown', 'dry-not-turned'],
    [{ press: 'not-sure' }, 30, false, 0, 'unknown', 'not-checked'],
  ])('%j, %i covers turned, oiled %s, %i live: %s, %s', (answers, turned, oiled, live, life, because) => {
    expect(assessLife(answers, turned, oiled, live)).toEqual({ life, because });
  });
});
