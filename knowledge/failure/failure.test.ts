import { describe, expect, test } from '@jest/globals';
import { CLUE_WEIGHTS, EXPLAINED } from '../index.ts';
import { failedTreatment } from '#simulated';
import {
  type Clue,
  CLUES,
  cluesIn,
  type ExplainedBy,
  EXPLANATIONS,
  explanationOdds,
  explanationsFor,
  type FailureCase,
  type FailureFacts,
  saidOf,
  lookedAt,
  tellingLook,
  weighed,
} from '#core/failure';

/** Nobody told anything. */
const BARE: FailureFacts = {
  nameProbability: null,
  namedByLab: false,
  timing: null,
  hatchSeen: false,
  stageSeen: null,
  wettedSaid: null,
  wettedLooked: null,
  rateOfLowest: null,
  rainAfterMm: null,
  hottestC: null,
  kills: null,
  source: null,
  sourceFound: null,
  ants: null,
  helpersKilled: null,
  sameModeInARow: 0,
  newGrowth: null,
  pressed: null,
  turned: null,
  daysSince: 21,
  daysNeeded: 14,
  seesHalving: 0.6,
};
const cluesOf = (facts: Partial<FailureFacts>): Clue[] => {
  const bare = new Set(cluesIn(BARE));
  return cluesIn({ ...BARE, ...facts }).filter((clue) => !bare.has(clue));
};

describe('what records say', () => {
  test('nothing told gives only what is always there', () => {
    expect(cluesIn(BARE)).toEqual(['modes-changed', 'counted-late-enough']);
  });

  const cases: readonly [Partial<FailureFacts>, readonly Clue[]][] = [
    [{ timing: { met: 0.2, atBest: 0.8 } }, ['met-few']],
    [{ timing: { met: 0.4, atBest: 0.8 } }, ['met-fewer']],
    [{ timing: { met: 0.56, atBest: 0.8 } }, []],
    [{ timing: { met: 0.7, atBest: 0.8 } }, ['met-most']],
    [{ timing: { met: 0.7, atBest: 0.8 }, hatchSeen: true }, ['met-most-by-own-hatch']],
    [{ timing: { met: 0, atBest: 0 } }, []],
    [{ stageSeen: 'hard' }, ['hard-stage-seen']],
    [{ stageSeen: 'soft' }, ['soft-stage-seen']],
    [{ wettedSaid: 'missed-some' }, ['missed-some-said']],
    [{ wettedSaid: 'everything' }, ['everything-said']],
    [{ wettedSaid: 'everything', wettedLooked: { wet: 4, of: 10 } }, ['spots-dry']],
    [{ wettedSaid: 'missed-some', wettedLooked: { wet: 9, of: 10 } }, ['spots-wet']],
    [{ wettedSaid: 'missed-some', wettedLooked: { wet: 0, of: 3 } }, ['missed-some-said']],
    [{ rateOfLowest: 0.5 }, ['below-label']],
    [{ rateOfLowest: 0.9 }, ['just-below-label']],
    [{ rateOfLowest: 1 }, ['label-rate']],
    [{ rainAfterMm: 5 }, ['rain-much']],
    [{ rainAfterMm: 1 }, ['rain-some']],
    [{ rainAfterMm: 0 }, ['dry-after']],
    [{ rainAfterMm: 0, hottestC: 34 }, ['hot-after']],
    [{ kills: 0 }, ['reaches-little']],
    [{ kills: 0.9 }, ['reaches']],
    [{ source: 'touching', sourceFound: 'infested' }, ['source-touching', 'source-infested']],
    [{ source: 'near', sourceFound: 'clear' }, ['source-near', 'source-clear']],
    [{ ants: true }, ['ants']],
    [{ ants: false }, ['no-ants']],
    [{ helpersKilled: 0.7 }, ['helpers-killed']],
    [{ helpersKilled: 0.2 }, []],
    [{ sameModeInARow: 3 }, ['same-mode-some']],
    [{ sameModeInARow: 4 }, ['same-mode-often']],
    [{ newGrowth: 'clean', pressed: 'dry' }, ['new-growth-clean', 'pressed-dry']],
    [{ newGrowth: 'live', pressed: 'alive', turned: false }, ['new-growth-live', 'pressed-alive']],
    [{ turned: false }, ['not-turned']],
    [{ daysSince: 10 }, ['counted-soon']],
    [{ seesHalving: 0.3 }, ['count-blunt']],
    [{ seesHalving: 0.9 }, ['count-sharp']],
    [{ nameProbability: 0.5 }, ['name-unsure']],
    [{ nameProbability: 0.95 }, ['name-sure']],
    [{ nameProbability: 0.5, namedByLab: true }, ['name-by-lab']],
  ];
  test.each(cases)('%j', (facts, said) => {
    expect(cluesOf(facts)).toEqual(said);
  });

  test('every clue comes of some fact, and every explanation but one has a clue for it', () => {
    const met = new Set([...cases.flatMap(([, said]) => said), ...cluesIn(BARE)]);
    expect(CLUES.filter((clue) => !met.has(clue))).toEqual([]);
    const strong = CLUES.filter((clue) => CLUE_WEIGHTS[clue].times >= 3).map((clue) => CLUE_WEIGHTS[clue].of);
    expect(EXPLANATIONS.filter((id) => !strong.includes(id))).toEqual(['came-back', 'as-expected']);
  });
});

const CASE: FailureCase = {
  moved: { mean: Math.log(0.9), deviation: 0.2 },
  alone: { mean: 0, deviation: 0.5 },
  left: { low: 0.2, middle: 0.35, high: 0.5 },
  leftAtBest: { low: 0.2, middle: 0.35, high: 0.5 },
  timingTold: false,
  evidence: [],
  among: EXPLANATIONS,
};
const explained = (part: Partial<FailureCase>) => explanationOdds({ ...CASE, ...part }, EXPLAINED);
const oddsOf = (some: readonly ExplainedBy[], id: string) => some.find((each) => each.id === id)!.odds;

describe('the odds of explanations', () => {
  test('sum to 1, likeliest first, as usual as thought where no count and no clue tells', () => {
    const odds = explained({ moved: null });
    expect(odds.reduce((sum, each) => sum + each.odds, 0)).toBeCloseTo(1, 12);
    expect(odds.map((each) => each.odds)).toEqual(odds.map((each) => each.odds).sort((a, b) => b - a));
    const all = EXPLANATIONS.reduce((sum, id) => sum + EXPLAINED[id].weight, 0);
    for (const id of EXPLANATIONS) expect(oddsOf(odds, id)).toBeCloseTo(EXPLAINED[id].weight / all, 12);
  });

  test('a clue multiplies the odds of its own against each other by its weight', () => {
    const [without, withRain] = [
      explained({}),
      explained({ evidence: weighed(['rain-much'], CLUE_WEIGHTS) }),
    ];
    const against = (odds: readonly ExplainedBy[]) =>
      oddsOf(odds, 'washed-or-baked') / oddsOf(odds, 'came-back');
    expect(against(withRain) / against(without)).toBeCloseTo(CLUE_WEIGHTS['rain-much'].times, 9);
    expect(withRain.find(({ id }) => id === 'washed-or-baked')).toMatchObject({
      towards: [{ code: 'rain-much' }],
      against: [],
    });
    expect(
      explained({ evidence: weighed(['dry-after'], CLUE_WEIGHTS) }).find(
        ({ id }) => id === 'washed-or-baked',
      ),
    ).toMatchObject({
      towards: [],
      against: [{ code: 'dry-after' }],
    });
  });

  test('what was counted weighs: as many as before speaks against having worked, far fewer for it', () => {
    const same = oddsOf(
      explained({ moved: { mean: Math.log(1.1), deviation: 0.1 }, alone: { mean: 0, deviation: 0.1 } }),
      'as-expected',
    );
    const third = oddsOf(
      explained({ moved: { mean: Math.log(0.35), deviation: 0.1 }, alone: { mean: 0, deviation: 0.1 } }),
      'as-expected',
    );
    expect(same).toBeLessThan(0.03);
    expect(third).toBeGreaterThan(0.3);
  });

  test('work by hand cannot fail as a spray does', () => {
    const byHand = explained({ among: explanationsFor(false) });
    expect(byHand.map(({ id }) => id)).not.toContain('washed-or-baked');
    expect(byHand).toHaveLength(7);
    expect(byHand.reduce((sum, each) => sum + each.odds, 0)).toBeCloseTo(1, 12);
    expect(explanationsFor(true)).toEqual(EXPLANATIONS);
  });

  test('poor days that are known leave what they leave', () => {
    const poor = explained({
      timingTold: true,
      left: { low: 0.8, middle: 0.9, high: 0.97 },
      evidence: weighed(['met-few', 'label-rate', 'reaches', 'dry-after'], CLUE_WEIGHTS),
    });
    expect(poor[0]!.id).toBe('wrong-stage');
  });

  test('nothing is said without a strong clue, several where several stay, one where it stands far above', () => {
    const said = (some: readonly Clue[]) => saidOf(explained({ evidence: weighed(some, CLUE_WEIGHTS) }));
    expect(said([])).toEqual({ kind: 'cannot-tell' });
    expect(said(['rain-much', 'pressed-dry'])).toMatchObject({ kind: 'between' });
    expect(
      said([
        'counted-soon',
        'label-rate',
        'reaches',
        'dry-after',
        'pressed-alive',
        'count-sharp',
        'met-most',
        'spots-wet',
        'no-ants',
      ]),
    ).toEqual({ kind: 'told', id: 'too-early' });
  });
});

describe('the look that would tell', () => {
  const looks = [
    { id: 'covers', of: 'old-covers', finds: 0.9, findsElse: 0.1 },
    { id: 'lab', of: 'same-mode', finds: 0.9, findsElse: 0.1 },
    { id: 'useless', of: 'wrong-stage', finds: 0.5, findsElse: 0.5 },
  ] as const;

  test('is at the explanation that is in doubt; by hand in bits', () => {
    // Two left at even odds, found always under one and never under the other: one bit.
    const even = [
      { id: 'old-covers', odds: 0.5, towards: [], against: [] },
      { id: 'came-back', odds: 0.5, towards: [], against: [] },
    ] as const;
    const sure = tellingLook(even, [{ id: 'covers', of: 'old-covers', finds: 1, findsElse: 0 }]);
    expect(sure!.bits).toBeCloseTo(1, 12);
    const best = tellingLook(explained({ evidence: weighed(['pressed-dry'], CLUE_WEIGHTS) }), looks)!;
    expect(best.look.id).toBe('covers');
    expect(tellingLook(explained({}), [looks[2]])!.bits).toBeCloseTo(0, 12);
    expect(tellingLook(explained({}), [])).toBeNull();
  });

  test('taken, it weighs by how often it finds: by hand', () => {
    expect(lookedAt(looks[0], true)).toMatchObject({ code: 'covers yes', of: 'old-covers' });
    expect(lookedAt(looks[0], true).times).toBeCloseTo(9, 12);
    expect(lookedAt(looks[0], false).times).toBeCloseTo(1 / 9, 12);
  });
});

describe('2,000 made-up failures each', () => {
  const judged = (kept: number) =>
    Array.from({ length: 2000 }, (_, i) => {
      const made = failedTreatment(70_000 + i, kept);
      const odds = explanationOdds(
        {
          ...made,
          timingTold: made.facts.timing !== null,
          evidence: weighed(cluesIn(made.facts), CLUE_WEIGHTS),
          among: EXPLANATIONS,
        },
        EXPLAINED,
      );
      return { made, best: odds[0]!.id, said: saidOf(odds) };
    });

  test.each([0.85, 0.5, 0.15])('with %d of the facts on record', (kept) => {
    const all = judged(kept);
    const tellable = all.filter(({ made }) => made.tellable);
    const right = tellable.filter(({ made, best }) => best === made.truth).length / tellable.length;
    expect(right).toBeGreaterThanOrEqual(0.7);
    const untellable = all.filter(({ made }) => !made.tellable);
    const falselySure = untellable.filter(({ said }) => said.kind === 'told').length / untellable.length;
    expect(falselySure).toBeLessThanOrEqual(0.05);
    const told = tellable.filter(({ said }) => said.kind === 'told');
    const rightlySure = told.filter(({ made, said }) => said.kind === 'told' && said.id === made.truth);
    expect(rightlySure.length / Math.max(1, told.length)).toBeGreaterThan(0.9);
  });
});
