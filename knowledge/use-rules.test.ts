import { describe, expect, test } from '@jest/globals';
import {
  type EarlierSpray,
  judgeUse,
  labelDoubts,
  type UseFacts,
  type UseVerdict,
  worstOf,
} from '#core/materials';
import { blankLine } from '#core/records';
import {
  genericProduct,
  ingredientsOf,
  materialById,
  MATERIALS,
  SCHOOL_QUESTIONS,
  SOURCES,
  RULES_OF_USE,
  USE_RULES,
} from './index.ts';

const materialFacts = (materialId: string) => {
  const material = materialById(materialId);
  return {
    materialId,
    ingredients: ingredientsOf(materialId, material.isOil),
    isOil: material.isOil,
    organic: material.organic,
    harmsBees: material.harmsBees,
    modeOfAction: material.modeOfAction,
    resistanceRisk: material.resistanceRisk,
  };
};

/** Oil on an armored scale on a hedge in leaf, out of bloom, nothing sprayed before. */
const HEDGE: UseFacts = {
  today: '2026-05-29',
  ...materialFacts('mineral-oil'),
  apart: [],
  unlabelled: false,
  expired: false,
  drench: false,
  line: blankLine({ id: 'l', crop: 'shrubs', rateLow: 1, rateHigh: 2 }),
  amount: null,
  misfits: [],
  hostId: 'spindle',
  hostOil: 'usual',
  edible: false,
  group: 'armored',
  leafState: 'in-leaf',
  leafQuestion: null,
  forBareWood: false,
  coolSeason: false,
  hours: { best: 'go', reasons: [] },
  weatherNotSure: false,
  efficacy: 'works',
  bloom: 'over',
  beesVisitBloom: true,
  honeydewMaker: false,
  beesAtHoneydew: null,
  lateSeason: false,
  harvestFrom: null,
  earlier: [],
  planned: [],
};
const before = (materialId: string, on: string, more: Partial<EarlierSpray> = {}): EarlierSpray => {
  const { ingredients, modeOfAction } = materialFacts(materialId);
  return {
    on,
    productName: materialById(materialId).name,
    sameProduct: false,
    materialId,
    ingredients,
    modeOfAction,
    apart: [],
    amount: 50,
    ...more,
  };
};
const same = (materialId: string, on: string) => before(materialId, on, { sameProduct: true });
const SPINOSAD: UseFacts = { ...HEDGE, ...materialFacts('spinosad'), hostId: 'kumquat', group: 'leaf-miner' };
const DRENCH: UseFacts = { ...HEDGE, ...materialFacts('imidacloprid'), drench: true, group: 'soft' };

type Case = readonly [
  what: string,
  facts: UseFacts,
  ruleId: string,
  verdict: UseVerdict,
  until?: string,
  schools?: Record<string, string>,
];

const CASES: readonly Case[] = [
  [
    'a bare-wood line on leaves',
    { ...HEDGE, misfits: ['bare-wood-rate-on-leaves'] },
    'label-bare-wood-rate-on-leaves',
    'no',
  ],
  [
    'a leaf line on bare wood',
    { ...HEDGE, misfits: ['leaf-rate-on-bare-wood'] },
    'label-leaf-rate-on-bare-wood',
    'no',
  ],
  [
    'bare wood of an evergreen',
    { ...HEDGE, misfits: ['evergreen-has-no-bare-wood'] },
    'label-evergreen-has-no-bare-wood',
    'no',
  ],
  ['another plant', { ...HEDGE, misfits: ['plant-not-on-label'] }, 'label-plant-not-on-label', 'no'],
  ['another trouble', { ...HEDGE, misfits: ['trouble-not-on-label'] }, 'label-trouble-not-on-label', 'no'],
  [
    'malathion in an organic garden',
    { ...HEDGE, ...materialFacts('malathion') },
    'organic-only',
    'no',
    undefined,
    { organic: 'organic-only' },
  ],
  ['past its date', { ...HEDGE, expired: true }, 'expired', 'care'],
  ['mixed in the kitchen', { ...HEDGE, unlabelled: true }, 'no-label', 'care'],
  [
    'a sugar-fed brew on what is eaten',
    { ...HEDGE, ...materialFacts('molasses'), edible: true },
    'brew-on-food',
    'care',
  ],
  [
    'a living brew 27 days before picking',
    { ...HEDGE, ...materialFacts('microbes'), edible: true, harvestFrom: '2026-06-25' },
    'brew-near-harvest',
    'no',
  ],
  ['oil on walnut', { ...HEDGE, hostOil: 'avoid', leafState: 'dormant' }, 'oil-avoid', 'no'],
  ['oil on a maple in leaf', { ...HEDGE, hostOil: 'dormant-only' }, 'oil-dormant-only', 'no'],
  ['oil on holly', { ...HEDGE, hostOil: 'test-first' }, 'oil-test', 'care'],
  ['soap on cherry', { ...HEDGE, ...materialFacts('soap'), hostId: 'cherry' }, 'soap-tender', 'care'],
  ['sulfur on apricot', { ...HEDGE, ...materialFacts('sulfur'), hostId: 'apricot' }, 'sulfur-never', 'no'],
  ['sulfur on a pear', { ...HEDGE, ...materialFacts('sulfur'), hostId: 'pear' }, 'sulfur-some', 'care'],
  ['copper on leaves', { ...HEDGE, ...materialFacts('copper') }, 'copper-in-leaf', 'care'],
  [
    'lime sulfur at all',
    { ...HEDGE, ...materialFacts('lime-sulfur'), leafState: 'dormant' },
    'lime-sulfur-acid',
    'care',
  ],
  ['in open bloom', { ...HEDGE, bloom: 'open' }, 'in-bloom', 'no'],
  ['spinosad the day before bloom', { ...SPINOSAD, bloom: 'soon' }, 'bloom-soon', 'no'],
  [
    'bees at honeydew, no bloom',
    { ...HEDGE, group: 'soft', honeydewMaker: true, beesAtHoneydew: true },
    'bees-at-honeydew',
    'no',
  ],
  ['honeydew nobody looked at', { ...HEDGE, group: 'soft', honeydewMaker: true }, 'look-for-bees', 'ask'],
  ['a bloom nobody spoke of', { ...HEDGE, bloom: 'unknown' }, 'bloom-not-said', 'ask'],
  [
    'a dose for bare wood on a plant nobody looked at since autumn',
    { ...HEDGE, leafState: 'dormant', forBareWood: true, leafQuestion: 'green-yet' },
    'leaf-state-asked',
    'ask',
  ],
  [
    'a drench that does little on armored scale',
    { ...DRENCH, group: 'armored', efficacy: 'poor' },
    'does-not-work',
    'no',
  ],
  ['what makes mites flare', { ...HEDGE, group: 'mite', efficacy: 'avoid' }, 'makes-it-worse', 'no'],
  ['heat tomorrow', { ...HEDGE, hours: { best: 'no', reasons: ['hot-within-48-h'] } }, 'no-fit-hour', 'wait'],
  ['fair hours only', { ...HEDGE, hours: { best: 'poor', reasons: ['still'] } }, 'hours-poor', 'care'],
  ['no forecast', { ...HEDGE, hours: null }, 'weather-not-said', 'ask'],
  ['no forecast, and not sure', { ...HEDGE, hours: null, weatherNotSure: true }, 'weather-not-known', 'care'],
  [
    'while picking goes on',
    { ...HEDGE, edible: true, harvestFrom: '2026-05-29', line: { ...HEDGE.line, daysToHarvest: 5 } },
    'while-picking',
    'care',
  ],
  [
    'a growth regulator beside vedalia',
    { ...HEDGE, ...materialFacts('buprofezin'), group: 'giant' },
    'vedalia',
    'no',
  ],
  [
    'again after nine days of fourteen',
    { ...HEDGE, line: { ...HEDGE.line, intervalDays: 14 }, earlier: [same('mineral-oil', '2026-05-20')] },
    'interval',
    'wait',
    '2026-06-03',
  ],
  [
    'the third of two uses',
    {
      ...HEDGE,
      line: { ...HEDGE.line, usesPerYear: 2 },
      earlier: [same('mineral-oil', '2026-02-20'), same('mineral-oil', '2026-04-02')],
    },
    'uses-a-year',
    'no',
    '2027-01-01',
  ],
  [
    "the year's amount gone",
    {
      ...HEDGE,
      line: { ...HEDGE.line, mostPerYear: 100 },
      earlier: [same('mineral-oil', '2026-02-20'), same('mineral-oil', '2026-04-02')],
    },
    'amount-a-year',
    'no',
    '2027-01-01',
  ],
  [
    'more than the label leaves of the year',
    {
      ...HEDGE,
      amount: 51,
      line: { ...HEDGE.line, mostPerYear: 100 },
      earlier: [same('mineral-oil', '2026-04-02')],
    },
    'amount-a-year',
    'no',
    '2027-01-01',
  ],
  [
    'a week before picking, ten days asked',
    { ...HEDGE, edible: true, line: { ...HEDGE.line, daysToHarvest: 10 }, harvestFrom: '2026-06-05' },
    'days-to-harvest',
    'no',
  ],
  ['eaten, and the line silent on it', { ...HEDGE, edible: true }, 'harvest-not-said', 'care'],
  [
    'oil three weeks after sulfur',
    { ...HEDGE, earlier: [before('sulfur', '2026-05-08')] },
    'apart-from-earlier',
    'wait',
    '2026-06-07',
  ],
  [
    'the same by the school of two weeks',
    { ...HEDGE, earlier: [before('sulfur', '2026-05-20')] },
    'apart-from-earlier',
    'wait',
    '2026-06-03',
    { 'oil-sulfur': '14' },
  ],
  [
    'its own label asks for more than the school',
    { ...HEDGE, apart: [{ ingredient: 'sulfur', days: 60 }], earlier: [before('sulfur', '2026-05-01')] },
    'apart-from-earlier',
    'wait',
    '2026-06-30',
  ],
  [
    'the other label asks for more',
    { ...HEDGE, earlier: [before('sulfur', '2026-05-01', { apart: [{ ingredient: 'oil', days: 45 }] })] },
    'apart-from-earlier',
    'wait',
    '2026-06-15',
  ],
  [
    'captan thirteen days after oil',
    { ...HEDGE, ...materialFacts('captan'), earlier: [before('mineral-oil', '2026-05-16')] },
    'apart-from-earlier',
    'wait',
    '2026-05-30',
  ],
  [
    'spinosad two weeks after neem, by that school',
    { ...SPINOSAD, earlier: [before('azadirachtin', '2026-05-15')] },
    'apart-from-earlier',
    'wait',
    '2026-06-05',
    { 'spinosad-oil': 'never-near-neem' },
  ],
  [
    'sulfur, with winter oil planned in three weeks',
    {
      ...HEDGE,
      ...materialFacts('sulfur'),
      planned: [{ from: '2026-06-19', what: 'Winter oil', ingredients: ['oil'] }],
    },
    'apart-from-planned',
    'care',
  ],
  [
    'neem after five days',
    { ...HEDGE, ...materialFacts('azadirachtin'), earlier: [before('azadirachtin', '2026-05-24')] },
    'neem-repeat',
    'wait',
    '2026-05-31',
  ],
  [
    'neem after eight days, by the slower school',
    { ...HEDGE, ...materialFacts('azadirachtin'), earlier: [before('azadirachtin', '2026-05-21')] },
    'neem-repeat',
    'wait',
    '2026-05-31',
    { 'neem-repeat': '10' },
  ],
  [
    'the third neem, weekly then fortnightly',
    {
      ...HEDGE,
      ...materialFacts('azadirachtin'),
      earlier: [before('azadirachtin', '2026-05-11'), before('azadirachtin', '2026-05-25')],
    },
    'neem-repeat',
    'wait',
    '2026-06-01',
    { 'neem-repeat': 'weekly-then-fortnightly' },
  ],
  [
    'spinosad a third time running',
    { ...SPINOSAD, earlier: [before('spinosad', '2026-05-01'), before('spinosad', '2026-05-14')] },
    'rotate',
    'no',
  ],
  ['a drench anywhere', { ...DRENCH, beesVisitBloom: false }, 'drench-licensed', 'care'],
  [
    'a drench on fruit the line does not name',
    { ...DRENCH, edible: true, hostId: 'apple' },
    'drench-eaten',
    'no',
  ],
  ['a drench in autumn', { ...DRENCH, beesVisitBloom: false, lateSeason: true }, 'drench-autumn', 'no'],
  ['a drench where bees go', DRENCH, 'drench-bees', 'no'],
  [
    'a drench before petals are logged down',
    { ...DRENCH, bloom: 'unknown' },
    'drench-before-petal-fall',
    'no',
    undefined,
    { drench: 'after-bloom' },
  ],
  [
    'a spring drench in leaf before bloom',
    { ...DRENCH, bloom: 'unknown' },
    'drench-near-bloom',
    'no',
    undefined,
    { drench: 'early-spring' },
  ],
];

describe('may it be used', () => {
  test.each(CASES.map((entry) => [entry[0], entry] as const))(
    '%s',
    (_, [, facts, ruleId, verdict, until, schools = {}]) => {
      const finding = judgeUse(RULES_OF_USE, facts, schools).find((entry) => entry.ruleId === ruleId);
      expect(finding).toMatchObject({ verdict, ...(until === undefined ? {} : { until }) });
    },
  );

  test('a brew is stopped less than four weeks before picking, and only on what is eaten', () => {
    const said = (more: Partial<UseFacts>) =>
      judgeUse(RULES_OF_USE, { ...HEDGE, ...materialFacts('molasses'), edible: true, ...more }, {})
        .map(({ ruleId }) => ruleId)
        .filter((id) => id.startsWith('brew'));
    expect(said({ harvestFrom: '2026-06-25' })).toEqual(['brew-near-harvest']);
    expect(said({ harvestFrom: '2026-06-26' })).toEqual(['brew-on-food']);
    expect(said({ harvestFrom: '2026-06-25', edible: false })).toEqual([]);
    expect(said({ ...materialFacts('seaweed'), harvestFrom: '2026-06-25' })).toEqual([]);
  });

  test('every rule is spoken by some case, and is graded and sourced', () => {
    const spoken = new Set(
      CASES.flatMap(([, facts, , , , schools = {}]) =>
        judgeUse(RULES_OF_USE, facts, schools).map(({ ruleId }) => ruleId),
      ),
    );
    expect(USE_RULES.map(({ id }) => id).filter((id) => !spoken.has(id))).toEqual([]);
    expect(new Set(USE_RULES.map(({ id }) => id)).size).toBe(USE_RULES.length);
    const sources = new Set(SOURCES.map(({ id }) => id));
    expect(
      USE_RULES.every(({ sourceIds }) => sourceIds.length > 0 && sourceIds.every((id) => sources.has(id))),
    ).toBe(true);
  });

  test('what is free says so by name, and lasts no longer than its days', () => {
    expect(judgeUse(RULES_OF_USE, HEDGE, {})).toMatchObject([{ ruleId: 'nothing-against', verdict: 'fine' }]);
    expect(
      worstOf(
        judgeUse(
          RULES_OF_USE,
          { ...HEDGE, today: '2026-06-07', earlier: [before('sulfur', '2026-05-08')] },
          {},
        ),
      ),
    ).toBe('fine');
    expect(
      worstOf(
        judgeUse(
          RULES_OF_USE,
          {
            ...HEDGE,
            amount: 50,
            line: { ...HEDGE.line, mostPerYear: 100 },
            earlier: [same('mineral-oil', '2026-04-02'), same('mineral-oil', '2025-04-02')],
          },
          {},
        ),
      ),
    ).toBe('fine');
    expect(
      worstOf(
        judgeUse(
          RULES_OF_USE,
          {
            ...SPINOSAD,
            earlier: [
              before('spinosad', '2026-05-01'),
              before('mineral-oil', '2026-05-10'),
              before('spinosad', '2026-05-14'),
            ],
          },
          {},
        ),
      ),
    ).toBe('fine');
  });

  test(
    'every material after every other, under every school, has an answer that names its rule; a school ' +
      'never loosens a label',
    () => {
      const wrong: string[] = [];
      for (const question of SCHOOL_QUESTIONS)
        for (const school of question.schools)
          for (const a of MATERIALS)
            for (const b of MATERIALS) {
              const facts: UseFacts = {
                ...HEDGE,
                ...materialFacts(a.id),
                apart: [{ ingredient: 'sulfur', days: 90 }],
                earlier: [before(b.id, '2026-05-10')],
              };
              const findings = judgeUse(RULES_OF_USE, facts, { [question.id]: school.id });
              const wait = findings.find(({ ruleId }) => ruleId === 'apart-from-earlier')?.until;
              const sulfurBefore = ingredientsOf(b.id, b.isOil).includes('sulfur');
              // The label's 90 days hold, whatever a school says.
              if (findings.length === 0 || (sulfurBefore && wait !== '2026-08-08'))
                wrong.push(`${a.id} after ${b.id} under ${school.id}: until ${wait}`);
            }
      expect(wrong).toEqual([]);
    },
  );
});

test('a generic product is a whole product but for its strength, and its usual rates raise no doubt', () => {
  let n = 0;
  for (const material of MATERIALS) {
    const product = genericProduct(material.id, () => `${material.id}-${n++}`);
    expect(product).toMatchObject({
      materialId: material.id,
      strengthPercent: null,
      organic: material.organic,
    });
    expect(labelDoubts(product, material.usual, new Set())).toEqual([]);
  }
});

test('a label line is checked for sense', () => {
  const doubts = (
    line: Parameters<typeof blankLine>[0],
    formulation: 'emulsifiable-oil' | 'powder' = 'emulsifiable-oil',
  ) =>
    labelDoubts(
      { formulation, lines: [blankLine(line)] },
      materialById('mineral-oil').usual,
      new Set(['apple']),
    ).map(({ field }) => field);
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 1, rateHigh: 2 })).toEqual([]);
  // 15 % in leaf where 1–3 is usual; 2.5 fl oz taken for 2.5 tablespoons would be no doubt, gallons for
  // litres is.
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 10, rateHigh: 15 })).toEqual(['rateHigh']);
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 2.5, rateHigh: 5, rateUnit: 'floz-per-us-gal' })).toEqual(
    [],
  );
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 0.5, rateHigh: 4, leafStates: ['dormant'] })).toEqual([
    'rateHigh',
  ]);
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 2, rateHigh: 3, rateUnit: 'oz-per-us-gal' })).toEqual([
    'rateUnit',
  ]);
  expect(
    doubts({ id: 'l', crop: 'trees', rateLow: 2, rateHigh: 3, rateUnit: 'floz-per-us-gal' }, 'powder'),
  ).toEqual(['rateUnit']);
  expect(doubts({ id: 'l', crop: 'apple', rateLow: 1, rateHigh: 2, hostIds: ['apple'] })).toEqual([
    'daysToHarvest',
  ]);
  expect(doubts({ id: 'l', crop: 'trees', rateLow: 1, rateHigh: 2, leastC: 30, greatestC: 20 })).toEqual([
    'greatestC',
  ]);
});
