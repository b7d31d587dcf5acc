import { describe, expect, test } from '@jest/globals';
import { type EarlierSpray, judgeUse, type PlannedSpray, type UseFacts } from '#core/materials';
import { blankLine } from '#core/records';
import { ingredientsOf, materialById, RULES_OF_USE } from './index.ts';

/** Each rule speaks where it should, and is silent as soon as any one of its conditions is missing. */

type Schools = Readonly<Record<string, string>>;
interface Scene {
  readonly facts: UseFacts;
  readonly schools?: Schools;
}

const TODAY = '2026-05-29';
const LINE = blankLine({ id: 'l', crop: 'shrubs', rateLow: 1, rateHigh: 2, daysToHarvest: 3 });

/** A flowable on a hedge, against which nothing speaks. */
const QUIET: UseFacts = {
  today: TODAY,
  materialId: 'captan',
  ingredients: ['other'],
  apart: [],
  isOil: false,
  organic: true,
  unlabelled: false,
  expired: false,
  harmsBees: false,
  modeOfAction: 'M4',
  resistanceRisk: false,
  drench: false,
  line: LINE,
  amount: null,
  misfits: [],
  hostId: 'spindle',
  hostOil: 'usual',
  edible: false,
  group: 'fungus',
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
const quiet = (more: Partial<UseFacts>): UseFacts => ({ ...QUIET, ...more });
const line = (more: Partial<UseFacts['line']>) => ({ ...LINE, ...more });
const earlier = (on: string, more: Partial<EarlierSpray> = {}): EarlierSpray => ({
  on,
  productName: 'Earlier',
  sameProduct: false,
  materialId: 'captan',
  ingredients: ['other'],
  apart: [],
  modeOfAction: 'M4',
  amount: 40,
  ...more,
});
const planned = (from: string, ingredients: PlannedSpray['ingredients']): PlannedSpray => ({
  from,
  what: 'Winter oil',
  ingredients,
});

const findings = ({ facts, schools = {} }: Scene) => judgeUse(RULES_OF_USE, facts, schools);
const finding = (ruleId: string, facts: UseFacts, schools: Schools = {}) =>
  findings({ facts, schools }).find((each) => each.ruleId === ruleId);
const rulesThatSpeak = (scene: Scene) =>
  findings(scene)
    .filter(({ verdict }) => verdict !== 'fine')
    .map(({ ruleId }) => ruleId);

test('against the quiet case nothing speaks, and that is said with a rule of its own', () => {
  expect(findings({ facts: QUIET })).toEqual([
    expect.objectContaining({ ruleId: 'nothing-against', verdict: 'fine', until: null }),
  ]);
});

/** A rule, facts that make it speak, and each change that must silence it. */
type Row = readonly [
  ruleId: string,
  speaks: Partial<UseFacts>,
  silencedBy: readonly Partial<UseFacts>[],
  schools?: Schools,
];

const OIL = { isOil: true, ingredients: ['oil'] } as const satisfies Partial<UseFacts>;
const HARMFUL = { harmsBees: true, materialId: 'malathion' } as const satisfies Partial<UseFacts>;
const DRENCH = { drench: true, beesVisitBloom: true, group: 'soft' } as const satisfies Partial<UseFacts>;

const ROWS: readonly Row[] = [
  ['organic-only', { organic: false }, [{ organic: true }], { organic: 'organic-only' }],
  ['expired', { expired: true }, [{ expired: false }]],
  ['no-label', { unlabelled: true }, [{ unlabelled: false }]],
  ['oil-avoid', { ...OIL, hostOil: 'avoid' }, [{ isOil: false }, { hostOil: 'test-first' }]],
  ['oil-avoid', { ...OIL, hostOil: 'avoid', leafState: 'dormant' }, [{ isOil: false }]],
  [
    'oil-dormant-only',
    { ...OIL, hostOil: 'dormant-only' },
    [{ isOil: false }, { hostOil: 'usual' }, { leafState: 'dormant' }, { leafState: 'delayed-dormant' }],
  ],
  [
    'oil-test',
    { ...OIL, hostOil: 'test-first' },
    [{ isOil: false }, { hostOil: 'usual' }, { leafState: 'dormant' }],
  ],
  [
    'soap-tender',
    { ingredients: ['soap', 'alkaline'], hostId: 'cherry' },
    [{ ingredients: ['other'] }, { hostId: 'apple' }, { leafState: 'dormant' }],
  ],
  [
    'sulfur-never',
    { ingredients: ['sulfur'], hostId: 'apricot' },
    [{ ingredients: ['other'] }, { hostId: 'grape' }, { hostId: 'apple' }],
  ],
  [
    'sulfur-some',
    { ingredients: ['sulfur'], hostId: 'pear' },
    [{ ingredients: ['other'] }, { hostId: 'apricot' }, { hostId: 'apple' }],
  ],
  ['copper-in-leaf', { ingredients: ['copper'] }, [{ ingredients: ['other'] }, { leafState: 'dormant' }]],
  ['lime-sulfur-acid', { ingredients: ['lime-sulfur', 'sulfur'] }, [{ ingredients: ['sulfur'] }]],
  [
    'in-bloom',
    { ...HARMFUL, bloom: 'open' },
    [
      { harmsBees: false },
      { beesVisitBloom: false },
      { bloom: 'over' },
      { bloom: 'unknown' },
      { bloom: 'soon' },
    ],
  ],
  [
    'bloom-soon',
    { ...HARMFUL, bloom: 'soon' },
    [{ harmsBees: false }, { beesVisitBloom: false }, { bloom: 'over' }, { materialId: 'soap' }],
  ],
  [
    'bees-at-honeydew',
    { harmsBees: true, beesAtHoneydew: true },
    [{ harmsBees: false }, { beesAtHoneydew: false }],
  ],
  [
    'look-for-bees',
    { harmsBees: true, honeydewMaker: true },
    [{ harmsBees: false }, { honeydewMaker: false }, { beesAtHoneydew: false }, { beesAtHoneydew: true }],
  ],
  [
    'vedalia',
    { group: 'giant', ingredients: ['growth-regulator'] },
    [{ group: 'armored' }, { ingredients: ['oil'] }],
  ],
  [
    'harvest-not-said',
    { edible: true, line: line({ daysToHarvest: null }) },
    [{ edible: false }, { line: line({ daysToHarvest: 0 }) }],
  ],
  ['drench-licensed', { drench: true }, [{ drench: false }]],
  [
    'drench-eaten',
    { drench: true, edible: true },
    [{ drench: false }, { edible: false }, { line: line({ hostIds: ['spindle'] }) }],
  ],
  ['drench-autumn', { drench: true, lateSeason: true }, [{ drench: false }, { lateSeason: false }]],
  ['drench-bees', DRENCH, [{ drench: false }, { beesVisitBloom: false }]],
  [
    'drench-bees',
    { drench: true, beesVisitBloom: false, honeydewMaker: true },
    [{ drench: false }, { honeydewMaker: false }],
    { drench: 'non-flowering' },
  ],
  [
    'drench-before-petal-fall',
    { ...DRENCH, bloom: 'unknown' },
    [{ drench: false }, { beesVisitBloom: false }, { bloom: 'over' }],
    { drench: 'after-bloom' },
  ],
  [
    'drench-near-bloom',
    { ...DRENCH, bloom: 'soon', leafState: 'dormant' },
    [{ drench: false }, { beesVisitBloom: false }, { bloom: 'unknown' }],
    { drench: 'early-spring' },
  ],
  [
    'drench-near-bloom',
    { ...DRENCH, bloom: 'unknown', leafState: 'in-leaf' },
    [{ leafState: 'dormant' }, { leafState: 'delayed-dormant' }],
    { drench: 'early-spring' },
  ],
];

describe('each condition of a rule counts', () => {
  test.each(ROWS.map((row, i) => [`${row[0]} (${i + 1})`, row] as const))('%s', (_, row) => {
    const [ruleId, speaks, silencedBy, schools] = row;
    expect(finding(ruleId, quiet(speaks), schools)?.verdict).toBeDefined();
    const stillSpeaking = silencedBy.filter((change) =>
      finding(ruleId, quiet({ ...speaks, ...change }), schools),
    );
    expect(stillSpeaking).toEqual([]);
  });

  test('a school that is not followed does not speak', () => {
    expect(finding('organic-only', quiet({ organic: false }))).toBeUndefined();
    const drenched = quiet({ ...DRENCH, bloom: 'unknown' });
    const speaking = (drench: string) =>
      rulesThatSpeak({ facts: drenched, schools: { drench } }).filter((id) => id.startsWith('drench-'));
    expect(speaking('never-where-bees')).toEqual(['drench-bees', 'drench-licensed']);
    expect(speaking('non-flowering')).toEqual(['drench-bees', 'drench-licensed']);
    expect(speaking('after-bloom')).toEqual(['drench-before-petal-fall', 'drench-licensed']);
    expect(speaking('early-spring')).toEqual(['drench-near-bloom', 'drench-licensed']);
  });
});

describe('what stays on it when bees come', () => {
  test.each(['bifenthrin', 'malathion', 'imidacloprid', 'dinotefuran', 'spinosad'])('%s', (materialId) => {
    expect(finding('bloom-soon', quiet({ harmsBees: true, bloom: 'soon', materialId }))?.verdict).toBe('no');
  });

  test.each(['mineral-oil', 'soap', 'sulfur'])('%s does not', (materialId) => {
    expect(finding('bloom-soon', quiet({ harmsBees: true, bloom: 'soon', materialId }))).toBeUndefined();
  });
});

describe('the same product again', () => {
  const used = (on: string, amount = 40) => earlier(on, { sameProduct: true, amount });

  test("the label's interval runs from its own last use, not another product's", () => {
    const facts = quiet({
      line: line({ intervalDays: 14 }),
      earlier: [used('2026-05-20'), earlier('2026-05-28')],
    });
    expect(finding('interval', facts)).toMatchObject({ verdict: 'wait', until: '2026-06-03' });
    expect(finding('interval', facts)!.says).toContain('14 days');
    expect(finding('interval', quiet({ ...facts, earlier: [earlier('2026-05-28')] }))).toBeUndefined();
    expect(finding('interval', quiet({ ...facts, earlier: [used('2026-05-15')] }))).toBeUndefined();
  });

  test('uses of a year are its own and of this year; used up until New Year', () => {
    const facts = (spent: EarlierSpray[]) => quiet({ line: line({ usesPerYear: 2 }), earlier: spent });
    expect(finding('uses-a-year', facts([used('2026-03-01'), used('2026-04-01')]))).toMatchObject({
      verdict: 'no',
      until: '2027-01-01',
    });
    expect(finding('uses-a-year', facts([used('2025-12-01'), used('2026-04-01')]))).toBeUndefined();
    expect(finding('uses-a-year', facts([earlier('2026-03-01'), used('2026-04-01')]))).toBeUndefined();
  });

  test("the year's amount counts what is about to go on, and only this product", () => {
    const facts = (amount: number | null, spent: EarlierSpray[]) =>
      quiet({ amount, line: line({ mostPerYear: 100 }), earlier: spent });
    expect(finding('amount-a-year', facts(60, [used('2026-03-01')]))).toBeUndefined();
    const over = finding('amount-a-year', facts(61, [used('2026-03-01')]));
    expect(over).toMatchObject({ verdict: 'no', until: '2027-01-01' });
    expect(over!.says).toContain('leaves 60 ml of its 100');
    const gone = finding('amount-a-year', facts(null, [used('2026-03-01', 100)]));
    expect(gone!.says).toContain('is used up');
    expect(finding('amount-a-year', facts(null, [used('2026-03-01', 99)]))).toBeUndefined();
    expect(finding('amount-a-year', facts(90, [earlier('2026-03-01', { amount: 90 })]))).toBeUndefined();
  });
});

describe('what is asked before it is poured', () => {
  test('a dose for bare wood is asked about only on wood that may have leaves', () => {
    const dose = (more: Partial<UseFacts>) =>
      finding(
        'leaf-state-asked',
        quiet({ forBareWood: true, leafState: 'dormant', leafQuestion: 'green-yet', ...more }),
      );
    expect(dose({})).toMatchObject({ verdict: 'ask' });
    for (const more of [{ forBareWood: false }, { leafState: 'in-leaf' }, { leafQuestion: null }] as const)
      expect(dose(more)).toBeUndefined();
  });

  test('bloom is asked about for what harms bees on what they visit, unless it is bare', () => {
    const spray = (more: Partial<UseFacts>) =>
      finding('bloom-not-said', quiet({ harmsBees: true, bloom: 'unknown', ...more }));
    expect(spray({})).toMatchObject({ verdict: 'ask' });
    for (const more of [
      { harmsBees: false },
      { beesVisitBloom: false },
      { bloom: 'over' },
      { leafState: 'dormant' },
    ] as const)
      expect(spray(more)).toBeUndefined();
  });

  test('the hours of today stand in the verdict, whichever reason closes them', () => {
    const hours = (
      best: 'go' | 'poor' | 'no' | 'unknown',
      ...reasons: NonNullable<UseFacts['hours']>['reasons'][number][]
    ) => quiet({ hours: { best, reasons } });
    expect(finding('no-fit-hour', hours('no', 'frost-near', 'windy'))!.says).toContain('frost');
    expect(finding('no-fit-hour', hours('no', 'rain-that-day'))!.says).toContain('rains');
    // Bloom and bees close hours too, and have rules of their own.
    expect(finding('no-fit-hour', hours('no', 'bloom'))).toBeUndefined();
    expect(finding('no-fit-hour', hours('poor', 'cool'))).toBeUndefined();
    expect(finding('hours-poor', hours('unknown', 'wind-unknown'))).toMatchObject({ verdict: 'care' });
    expect(finding('hours-poor', hours('go'))).toBeUndefined();
    expect(finding('weather-not-said', quiet({ hours: null, drench: true }))).toBeUndefined();
  });

  test('a kind that bears oil only while bare, and never is, takes it in the cool season after a test', () => {
    const juniper = (coolSeason: boolean) =>
      quiet({ isOil: true, ingredients: ['oil'], hostOil: 'dormant-only', coolSeason });
    expect(finding('oil-dormant-only', juniper(false))).toMatchObject({ verdict: 'no' });
    expect(finding('oil-dormant-only', juniper(true))).toBeUndefined();
    expect(finding('oil-test', juniper(true))).toMatchObject({ verdict: 'care' });
  });

  test('a drench on the home of the vedalia beetle is refused', () => {
    expect(finding('vedalia', quiet({ drench: true, group: 'giant' }))).toMatchObject({ verdict: 'no' });
  });
});

describe('days to harvest', () => {
  const picked = (more: Partial<UseFacts>) =>
    quiet({ edible: true, harvestFrom: '2026-06-05', line: line({ daysToHarvest: 10 }), ...more });

  test('stand in the way until picking has begun so late that they are over', () => {
    const spoken = finding('days-to-harvest', picked({}));
    expect(spoken).toMatchObject({ verdict: 'no' });
    expect(spoken!.says).toContain('2026-06-05');
    expect(spoken!.says).toContain('10 days');
    expect(finding('days-to-harvest', picked({ line: line({ daysToHarvest: 7 }) }))).toBeUndefined();
    expect(finding('days-to-harvest', picked({ line: line({ daysToHarvest: 8 }) }))).toBeDefined();
    const tomorrow = picked({ harvestFrom: '2026-05-30', line: line({ daysToHarvest: 2 }) });
    expect(finding('days-to-harvest', tomorrow)!.says).toContain('2 days before');
  });

  test('while picking goes on it is a choice, and says until when not to pick', () => {
    const now = picked({ harvestFrom: TODAY });
    expect(finding('days-to-harvest', now)).toBeUndefined();
    expect(finding('while-picking', now)).toMatchObject({ verdict: 'care' });
    expect(finding('while-picking', now)!.says).toContain('do not pick until 2026-06-08');
    for (const more of [
      { edible: false },
      { harvestFrom: '2026-05-30' },
      { line: line({ daysToHarvest: 0 }) },
    ])
      expect(finding('while-picking', picked({ harvestFrom: TODAY, ...more }))).toBeUndefined();
  });

  test.each<[string, Partial<UseFacts>]>([
    ['nothing on it is eaten', { edible: false }],
    ['the label gives none', { line: line({ daysToHarvest: null }) }],
    ['no picking is known', { harvestFrom: null }],
    ['picking lies behind', { harvestFrom: '2026-05-28' }],
  ])('do not speak where %s', (_, more) => {
    expect(finding('days-to-harvest', picked(more))).toBeUndefined();
  });
});

describe('one spray after another', () => {
  const OIL_NOW = quiet({ isOil: true, ingredients: ['oil'], materialId: 'mineral-oil' });
  const sulfur = (on: string, more: Partial<EarlierSpray> = {}) =>
    earlier(on, { ingredients: ['sulfur'], productName: 'Sulfur', ...more });
  const wait = (spent: EarlierSpray[], more: Partial<UseFacts> = {}, schools: Schools = {}) =>
    finding('apart-from-earlier', { ...OIL_NOW, earlier: spent, ...more }, schools);

  test('oil after sulfur waits as long as the school says, and is free on the day it ends', () => {
    expect(wait([sulfur('2026-05-20')])).toMatchObject({ verdict: 'wait', until: '2026-06-19' });
    expect(wait([sulfur('2026-05-20')], {}, { 'oil-sulfur': '14' })?.until).toBe('2026-06-03');
    expect(wait([sulfur('2026-04-29')])).toBeUndefined();
    expect(wait([sulfur('2026-04-30')])?.until).toBe('2026-05-30');
    expect(wait([sulfur('2026-05-20', { sameProduct: true })])).toBeUndefined();
  });

  test('the longest of several waits is told, whichever stands first', () => {
    const captan = earlier('2026-05-28', { ingredients: ['captan'], productName: 'Captan' });
    for (const spent of [
      [captan, sulfur('2026-05-20')],
      [sulfur('2026-05-20'), captan],
    ]) {
      const spoken = wait(spent)!;
      expect(spoken.until).toBe('2026-06-19');
      expect(spoken.says).toContain('Sulfur went on it on 2026-05-20: 30 days between');
    }
  });

  test("either label's own days hold when they are longer, and are told as the label's", () => {
    const byEarlier = wait([sulfur('2026-05-20', { apart: [{ ingredient: 'oil', days: 60 }] })])!;
    expect(byEarlier.until).toBe('2026-07-19');
    expect(byEarlier.says).toContain('By its label.');
    const byThis = wait([sulfur('2026-05-20')], { apart: [{ ingredient: 'sulfur', days: 45 }] })!;
    expect(byThis.until).toBe('2026-07-04');
    const shorter = wait([sulfur('2026-05-20', { apart: [{ ingredient: 'oil', days: 7 }] })])!;
    expect(shorter.until).toBe('2026-06-19');
    expect(shorter.says).not.toContain('By its label.');
  });

  test("a label's days from something else say nothing here", () => {
    const aboutCopper = { apart: [{ ingredient: 'copper' as const, days: 90 }] };
    expect(wait([sulfur('2026-05-20', aboutCopper)])?.until).toBe('2026-06-19');
    expect(wait([sulfur('2026-05-20')], aboutCopper)?.until).toBe('2026-06-19');
    expect(wait([earlier('2026-05-28', aboutCopper)])).toBeUndefined();
  });

  test('a spray that lies ahead is heeded from today to the last day it could clash', () => {
    const SULFUR_NOW = quiet({ ingredients: ['sulfur'] });
    const clash = (from: string, ingredients: PlannedSpray['ingredients'] = ['oil']) =>
      finding('apart-from-planned', { ...SULFUR_NOW, planned: [planned(from, ingredients)] });
    expect(clash(TODAY)?.verdict).toBe('care');
    expect(clash('2026-06-27')!.says).toContain('Winter oil is planned from 2026-06-27: 30 days between');
    expect(clash('2026-06-28')).toBeUndefined();
    expect(clash('2026-05-28')).toBeUndefined();
    expect(clash('2026-06-10', ['spinosad'])).toBeUndefined();
  });
});

describe('neem again', () => {
  const NEEM = quiet({ ingredients: ['neem'], materialId: 'azadirachtin' });
  const neem = (on: string) => earlier(on, { ingredients: ['neem'] });
  const wait = (spent: EarlierSpray[], school?: string) =>
    finding('neem-repeat', { ...NEEM, earlier: spent }, school ? { 'neem-repeat': school } : {});

  test('waits from the last neem of this year, told in any order', () => {
    const usual = wait([neem('2026-05-10'), neem('2026-05-28')])!;
    expect(usual.verdict).toBe('wait');
    expect(usual.says).toContain('2026-05-28');
    expect(wait([neem('2026-05-28'), neem('2026-05-10')])!.until).toBe(usual.until);
    expect(wait([earlier('2026-05-28')])).toBeUndefined();
    expect(wait([neem('2025-12-31')])).toBeUndefined();
  });

  test('the weekly school leaves a week; its fortnights begin with what the looks say', () => {
    const school = 'weekly-then-fortnightly';
    expect(wait([neem('2026-05-28')], school)?.until).toBe('2026-06-04');
    expect(wait([neem('2026-05-14'), neem('2026-05-28')], school)?.until).toBe('2026-06-04');
    expect(wait([neem('2026-05-22')], school)).toBeUndefined();
    expect(wait([neem('2026-05-23')], school)?.until).toBe('2026-05-30');
  });

  test('is no question for what holds none', () => {
    expect(finding('neem-repeat', quiet({ earlier: [neem('2026-05-28')] }))).toBeUndefined();
  });
});

describe('the same mode of action in a row', () => {
  const RISKY = quiet({
    resistanceRisk: true,
    modeOfAction: '5',
    materialId: 'spinosad',
    ingredients: ['spinosad'],
  });
  const spray = (on: string, modeOfAction: string) =>
    earlier(on, { modeOfAction, ingredients: ['spinosad'] });
  const rotate = (spent: EarlierSpray[], more: Partial<UseFacts> = {}) =>
    finding('rotate', { ...RISKY, earlier: spent, ...more });

  test('two are the most, whatever order they are told in', () => {
    expect(rotate([spray('2026-04-01', '5'), spray('2026-05-01', '5')])?.verdict).toBe('no');
    expect(rotate([spray('2026-05-01', '5'), spray('2026-04-01', '5')])?.verdict).toBe('no');
    expect(rotate([spray('2026-05-01', '5')])).toBeUndefined();
    expect(
      rotate([spray('2026-04-01', '5'), spray('2026-05-01', '5')], { resistanceRisk: false }),
    ).toBeUndefined();
  });

  test('another kind in between begins the count anew; one before both does not', () => {
    const [first, other, last] = [
      spray('2026-04-01', '5'),
      spray('2026-04-15', 'M2'),
      spray('2026-05-01', '5'),
    ];
    expect(rotate([first, other, last])).toBeUndefined();
    expect(rotate([last, other, first])).toBeUndefined();
    expect(rotate([spray('2026-03-01', 'M2'), first, last])?.verdict).toBe('no');
    expect(rotate([first, last, spray('2026-05-10', 'M2')])).toBeUndefined();
  });

  test('last year does not count', () => {
    expect(rotate([spray('2025-09-01', '5'), spray('2026-05-01', '5')])).toBeUndefined();
  });
});

test('what each material brings includes oil where the label says so, and something for every one', () => {
  expect(ingredientsOf('mineral-oil', true)).toEqual(['oil']);
  expect(ingredientsOf('myclobutanil', false)).toEqual(['other']);
  expect(ingredientsOf('myclobutanil', true)).toEqual(['other', 'oil']);
  expect(materialById('myclobutanil').id).toBe('myclobutanil');
});
