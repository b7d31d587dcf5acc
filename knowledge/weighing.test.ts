import { describe, expect, test } from '@jest/globals';
import { weigh, type OptionId, type WeighFacts } from '#core/decide';
import fc from 'fast-check';
import { OPTION_CAUTIONS, optionReaches, WEIGH_OPTIONS, WEIGH_RULES } from './index.ts';

/** A grown deciduous hedge, armored scale alive and moderate, in leaf, nothing else going on. */
const HEDGE: WeighFacts = {
  group: 'armored',
  targetId: 'euonymus-scale',
  life: 'alive',
  eggsBeneath: false,
  level: 3,
  minedShare: null,
  holedShare: 0.05,
  helpersSeen: false,
  antsSeen: false,
  young: false,
  vigour: 'fair',
  edible: false,
  evergreen: false,
  heightM: 1.8,
  volumeM3: 1.6,
  plants: 1,
  reachM: 2.5,
  hostOil: 'usual',
  sheltered: false,
  shade: false,
  wateredOverhead: false,
  sourceOpen: false,
  leafState: 'in-leaf',
  winter: 'none',
  window: 'soon',
  allStagesSeen: false,
  softFlush: false,
  bloom: 'over',
  beesVisitBloom: true,
  beesAtHoneydew: false,
  hot: false,
  fitHoursToday: true,
  thirsty: false,
  cropIsOff: null,
  lateSeason: false,
};
const SOFT_INDOORS: WeighFacts = {
  ...HEDGE,
  group: 'soft',
  targetId: 'brown-soft-scale',
  evergreen: true,
  sheltered: true,
  heightM: 1.4,
  volumeM3: 0.8,
  window: 'none',
  beesVisitBloom: false,
};
const CITRUS: WeighFacts = {
  ...HEDGE,
  group: 'leaf-miner',
  targetId: 'citrus-leaf-miner',
  evergreen: true,
  edible: true,
  sheltered: false,
  heightM: 2,
  volumeM3: 2,
  window: 'none',
  level: 2,
  minedShare: 0.1,
  holedShare: null,
};
const YOUNG_CITRUS: WeighFacts = {
  ...CITRUS,
  young: true,
  heightM: 0.9,
  volumeM3: 0.4,
  minedShare: 0.5,
  level: 3,
  softFlush: true,
};
const FIG: WeighFacts = {
  ...HEDGE,
  group: 'fungus',
  targetId: 'fig-rust',
  edible: true,
  beesVisitBloom: false,
  window: 'none',
  heightM: 2.5,
  volumeM3: 6,
  level: 3,
  life: 'alive',
  lateSeason: true,
  cropIsOff: true,
};
const ROSE: WeighFacts = {
  ...HEDGE,
  group: 'fungus',
  targetId: 'rose-black-spot',
  window: 'none',
  wateredOverhead: true,
};
const COTTONY: WeighFacts = {
  ...HEDGE,
  group: 'giant',
  targetId: 'cottony-cushion-scale',
  evergreen: true,
  window: 'none',
  helpersSeen: true,
};
const MITES: WeighFacts = { ...HEDGE, group: 'mite', targetId: 'spider-mites', window: 'none', level: 3 };

type Situation = readonly [
  what: string,
  facts: WeighFacts,
  first: OptionId,
  refused: readonly OptionId[],
  schools?: Record<string, string>,
];

const SITUATIONS: readonly Situation[] = [
  [
    'nothing named yet',
    { ...HEDGE, group: null, targetId: null },
    'name-first',
    ['spray-now', 'spray-in-window', 'winter-spray', 'drench'],
  ],
  [
    'dead covers only',
    { ...HEDGE, life: 'dead' },
    'look-again',
    ['spray-now', 'spray-in-window', 'winter-spray', 'drench'],
  ],
  [
    'dead covers in bloom and heat alike',
    { ...HEDGE, life: 'dead', bloom: 'open', hot: true },
    'look-again',
    ['spray-now'],
  ],
  [
    'dry mothers with eggs beneath, hands reach them',
    { ...HEDGE, eggsBeneath: true },
    'by-hand',
    ['spray-now'],
  ],
  [
    'dry mothers with eggs beneath on a large hedge',
    { ...HEDGE, eggsBeneath: true, heightM: 2.4, volumeM3: 12 },
    'spray-in-window',
    ['spray-now'],
  ],
  [
    'whether it lives is not known',
    { ...HEDGE, life: 'unknown', window: 'none', heightM: 3, volumeM3: 9, reachM: 4 },
    'look-again',
    [],
  ],
  ['nothing found at the last count', { ...HEDGE, level: 0 }, 'leave', ['spray-now']],
  ['window open on a hedge', { ...HEDGE, window: 'open', volumeM3: 12, heightM: 2.4 }, 'spray-now', []],
  ['window open, hands reach it all', { ...HEDGE, window: 'open' }, 'by-hand', []],
  [
    'window open, and the spray school',
    { ...HEDGE, window: 'open', volumeM3: 2 },
    'spray-now',
    [],
    { 'first-strike': 'spray-first' },
  ],
  [
    'window soon on a large hedge',
    { ...HEDGE, volumeM3: 12, heightM: 2.4 },
    'spray-in-window',
    ['spray-now'],
  ],
  [
    'armored scale long after its window',
    { ...HEDGE, winter: 'ahead', window: 'over', volumeM3: 12, heightM: 2.4, level: 3, lateSeason: true },
    'winter-spray',
    ['spray-now'],
  ],
  [
    'armored, all stages seen',
    { ...HEDGE, window: 'over', allStagesSeen: true, volumeM3: 12, heightM: 2.4 },
    'spray-now',
    [],
  ],
  [
    'bloom tomorrow, window open',
    { ...HEDGE, window: 'open', bloom: 'soon', volumeM3: 12 },
    'by-hand',
    ['spray-now'],
  ],
  ['in bloom, window open', { ...HEDGE, window: 'open', bloom: 'open' }, 'by-hand', ['spray-now']],
  [
    'in bloom that bees leave alone',
    { ...HEDGE, window: 'open', bloom: 'open', beesVisitBloom: false, volumeM3: 12, heightM: 2.4 },
    'spray-now',
    [],
  ],
  [
    'bees at honeydew with no bloom',
    { ...SOFT_INDOORS, sheltered: false, window: 'open', beesAtHoneydew: true },
    'by-hand',
    ['spray-now'],
  ],
  [
    'window open, rain all day',
    { ...HEDGE, window: 'open', volumeM3: 12, heightM: 2.4, fitHoursToday: false },
    'spray-now',
    [],
  ],
  ['heat wave, window open', { ...HEDGE, window: 'open', hot: true }, 'by-hand', ['spray-now']],
  [
    'thirsty hedge, window open',
    { ...HEDGE, window: 'open', thirsty: true, heightM: 2.4, volumeM3: 12 },
    'improve-place',
    ['spray-now'],
  ],
  [
    "a shrub twice the sprayer's reach",
    { ...HEDGE, heightM: 5, volumeM3: 20, window: 'open', level: 4 },
    'arborist',
    ['spray-now', 'spray-in-window', 'winter-spray', 'by-hand'],
  ],
  [
    'a tall tree lightly infested',
    { ...HEDGE, heightM: 9, volumeM3: 200, level: 1, window: 'open' },
    'leave',
    ['spray-now', 'by-hand'],
  ],
  [
    'walnut, scale on it, in leaf',
    {
      ...HEDGE,
      targetId: 'walnut-scale',
      hostOil: 'avoid',
      window: 'none',
      heightM: 11,
      volumeM3: 900,
      level: 3,
    },
    'arborist',
    ['winter-spray', 'spray-now', 'by-hand'],
  ],
  [
    'young walnut within reach',
    { ...HEDGE, targetId: 'walnut-scale', hostOil: 'avoid', window: 'open', young: true },
    'by-hand',
    ['winter-spray'],
  ],
  [
    'light on a strong old tree',
    { ...HEDGE, level: 1, vigour: 'strong', heightM: 3.5, volumeM3: 30, reachM: 4, window: 'none' },
    'leave',
    [],
  ],
  [
    'light on a young weak one',
    { ...HEDGE, level: 1, young: true, vigour: 'weak', window: 'open' },
    'by-hand',
    [],
  ],
  [
    'helpers at work on a grown tree',
    {
      ...HEDGE,
      helpersSeen: true,
      vigour: 'strong',
      heightM: 3.5,
      volumeM3: 30,
      reachM: 4,
      window: 'open',
      level: 3,
    },
    'wait-for-helpers',
    [],
  ],
  [
    'many holed covers, soft scale',
    { ...SOFT_INDOORS, sheltered: false, holedShare: 0.45, heightM: 3, volumeM3: 14, reachM: 4, level: 3 },
    'wait-for-helpers',
    [],
  ],
  [
    'many holed covers on a dying young plant',
    { ...SOFT_INDOORS, sheltered: false, holedShare: 0.35, young: true, vigour: 'weak', level: 5 },
    'by-hand',
    [],
  ],
  [
    'cottony cushion scale with its beetle',
    COTTONY,
    'wait-for-helpers',
    ['spray-now', 'drench', 'spray-in-window'],
  ],
  [
    'cottony cushion scale with its beetle, high up',
    { ...COTTONY, heightM: 3.2, volumeM3: 12, reachM: 4 },
    'wait-for-helpers',
    ['spray-now', 'drench'],
  ],
  [
    'cottony cushion scale, helpers not looked for',
    { ...COTTONY, helpersSeen: null, heightM: 3.2, volumeM3: 12, reachM: 4 },
    'wait-for-helpers',
    ['spray-now', 'drench'],
  ],
  ['grown citrus with a few mines', CITRUS, 'leave', ['spray-now', 'drench', 'winter-spray']],
  [
    'grown citrus with a few mines, every flush school',
    { ...CITRUS, softFlush: true },
    'by-hand',
    [],
    { 'leaf-mining': 'every-flush' },
  ],
  ['young citrus with half the flush mined', YOUNG_CITRUS, 'spray-now', ['drench']],
  ['young citrus, flush hardened', { ...YOUNG_CITRUS, softFlush: false }, 'by-hand', ['spray-now']],
  ['young citrus in bloom', { ...YOUNG_CITRUS, bloom: 'open' }, 'by-hand', ['spray-now']],
  [
    'holly mines on a grown holly',
    {
      ...HEDGE,
      group: 'leaf-miner',
      targetId: 'holly-leaf-miner',
      evergreen: true,
      window: 'over',
      level: 2,
      heightM: 3,
      volumeM3: 9,
      reachM: 4,
    },
    'leave',
    ['spray-now', 'winter-spray'],
  ],
  [
    'boxwood miner adults flying, heavy',
    {
      ...HEDGE,
      group: 'leaf-miner',
      targetId: 'boxwood-leaf-miner',
      evergreen: true,
      window: 'open',
      level: 4,
      heightM: 0.4,
      volumeM3: 12,
    },
    'spray-now',
    ['winter-spray'],
  ],
  [
    'a ladybird larva',
    { ...HEDGE, group: 'helper', targetId: null, level: null, window: 'none' },
    'leave',
    ['spray-now', 'by-hand'],
  ],
  ['fig rust with the crop off', FIG, 'leave', ['drench']],
  ['fig rust with the crop in', { ...FIG, cropIsOff: false }, 'by-hand', []],
  ['fig rust, crop off, stripping school', FIG, 'by-hand', [], { 'fig-rust': 'strip' }],
  ['black spot on a rose watered from above', ROSE, 'by-hand', ['drench']],
  [
    'black spot on a rose hands do not reach: what lies on the ground they do',
    { ...ROSE, heightM: 4.5, volumeM3: 9, reachM: 5 },
    'improve-place',
    ['drench'],
  ],
  [
    'leaf curl after it shows',
    {
      ...HEDGE,
      winter: 'ahead',
      group: 'fungus',
      targetId: 'peach-leaf-curl',
      window: 'none',
      edible: true,
      heightM: 3.6,
      volumeM3: 20,
      reachM: 4,
    },
    'winter-spray',
    ['spray-now'],
  ],
  [
    'leaf curl, tree bare',
    {
      ...HEDGE,
      winter: 'now',
      group: 'fungus',
      targetId: 'peach-leaf-curl',
      window: 'none',
      leafState: 'dormant',
      edible: true,
      heightM: 3.6,
      volumeM3: 20,
      reachM: 4,
    },
    'winter-spray',
    [],
  ],
  [
    'bare tree with live scale',
    {
      ...HEDGE,
      winter: 'now',
      targetId: 'san-jose-scale',
      leafState: 'dormant',
      window: 'later',
      heightM: 3,
      volumeM3: 20,
      reachM: 4,
      level: 3,
    },
    'winter-spray',
    [],
  ],
  [
    'buds swelling, live scale',
    { ...HEDGE, winter: 'ask', targetId: 'san-jose-scale', leafState: 'delayed-dormant', window: 'later' },
    'winter-spray',
    [],
  ],
  [
    'an evergreen hedge in the cool season',
    { ...HEDGE, evergreen: true, winter: 'now', window: 'later', volumeM3: 12, heightM: 2.4 },
    'winter-spray',
    ['spray-now'],
  ],
  [
    'a bare tree whose winter sprays are done',
    { ...HEDGE, targetId: 'san-jose-scale', leafState: 'dormant', window: 'later', winter: 'none' },
    'by-hand',
    ['winter-spray'],
  ],
  [
    'buds swelling, dead scale',
    { ...HEDGE, life: 'dead', leafState: 'delayed-dormant' },
    'look-again',
    ['winter-spray'],
  ],
  ['soft scale on a potted camellia', SOFT_INDOORS, 'by-hand', ['winter-spray']],
  [
    'soft scale in a sunroom, too big for hands',
    { ...SOFT_INDOORS, heightM: 2.4, volumeM3: 12, reachM: 3 },
    'spray-now',
    ['winter-spray'],
  ],
  [
    'ants and soft scale on a shaded wall',
    { ...SOFT_INDOORS, sheltered: false, antsSeen: true, shade: true, heightM: 3, volumeM3: 12, reachM: 4 },
    'improve-place',
    [],
  ],
  [
    'drench asked for in autumn',
    {
      ...HEDGE,
      group: 'soft',
      targetId: 'magnolia-scale',
      heightM: 7,
      volumeM3: 150,
      level: 5,
      lateSeason: true,
      window: 'none',
      beesVisitBloom: false,
    },
    'arborist',
    ['drench'],
  ],
  [
    'drench on a tree bees visit',
    {
      ...HEDGE,
      group: 'soft',
      targetId: 'tuliptree-scale',
      heightM: 9,
      volumeM3: 300,
      level: 5,
      window: 'none',
    },
    'arborist',
    ['drench'],
  ],
  [
    'drench against armored scale',
    { ...HEDGE, heightM: 7, volumeM3: 150, level: 5, beesVisitBloom: false },
    'arborist',
    ['drench'],
  ],
  [
    'felt scale heavy on a strong shrub',
    {
      ...HEDGE,
      group: 'felt',
      targetId: 'azalea-bark-scale',
      level: 5,
      vigour: 'strong',
      heightM: 3,
      volumeM3: 14,
      reachM: 4,
      window: 'none',
    },
    'cut-back',
    [],
  ],
  ['mites in dry heat', { ...MITES, hot: true }, 'by-hand', ['spray-now']],
  ['mites, heavy, mild days', { ...MITES, level: 4, heightM: 2.4, volumeM3: 12 }, 'spray-now', []],
  [
    'source over the fence, light, hands busy',
    { ...HEDGE, level: 3, sourceOpen: true, window: 'over', heightM: 2.4, volumeM3: 12 },
    'deal-with-source',
    ['spray-now'],
  ],
  [
    'heavy soft scale out of reach on what bees leave alone, organic only',
    {
      ...HEDGE,
      group: 'soft',
      targetId: 'brown-soft-scale',
      level: 4,
      heightM: 9,
      reachM: 2.5,
      beesVisitBloom: false,
      window: 'none',
    },
    'arborist',
    ['drench', 'spray-now'],
    { organic: 'organic-only' },
  ],
  [
    'helpers at work, and the school that treats all the same',
    { ...HEDGE, helpersSeen: true, window: 'open', volumeM3: 12, heightM: 2.4, level: 4 },
    'spray-now',
    [],
    { helpers: 'treat-and-conserve' },
  ],
  [
    'pores of the bark',
    { ...HEDGE, group: 'no-trouble', targetId: 'bark-pores', level: null, life: 'unknown', window: 'none' },
    'leave',
    ['spray-now', 'drench'],
  ],
];

describe('what to do about it', () => {
  test.each(SITUATIONS)('%s', (_, facts, first, refused, schools = {}) => {
    const weighed = weigh(WEIGH_RULES, facts, schools);
    expect(weighed.options[0]?.option).toBe(first);
    expect(weighed.refused.map(({ option }) => option)).toEqual(expect.arrayContaining([...refused]));
  });

  test('fifty situations are the least', () => expect(SITUATIONS.length).toBeGreaterThanOrEqual(50));

  test('every rule speaks in some situation, has an option and is told once', () => {
    const spoken = new Set(
      SITUATIONS.flatMap(([, facts, , , schools = {}]) =>
        WEIGH_RULES.filter((rule) => rule.when(facts, schools)).map(({ id }) => id),
      ),
    );
    const ids = WEIGH_RULES.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.filter((id) => !spoken.has(id))).toEqual([]);
    expect(WEIGH_RULES.every(({ option }) => option in WEIGH_OPTIONS)).toBe(true);
  });

  test('the same facts give the same answer, in any order of the rules; what is refused is never offered', () => {
    const facts = fc.constantFrom(...SITUATIONS.map(([, situation]) => situation)).chain((situation) =>
      fc
        .record({
          level: fc.constantFrom(null, 0, 1, 3, 5),
          bloom: fc.constantFrom('open' as const, 'soon' as const, 'over' as const),
          window: fc.constantFrom('open' as const, 'soon' as const, 'over' as const, 'none' as const),
          hot: fc.constantFrom(true, false, null),
          life: fc.constantFrom('alive' as const, 'dead' as const, 'unknown' as const),
        })
        .map((changes): WeighFacts => ({ ...situation, ...changes })),
    );
    fc.assert(
      fc.property(facts, (situation) => {
        const there = weigh(WEIGH_RULES, situation, {});
        const back = weigh([...WEIGH_RULES].reverse(), situation, {});
        expect(back.options.map(({ option, score }) => [option, score])).toEqual(
          there.options.map(({ option, score }) => [option, score]),
        );
        const refused = there.refused.map(({ option }) => option);
        expect(there.options.filter(({ option }) => refused.includes(option))).toEqual([]);
        // Bees, heat and death are never sprayed over, whatever else speaks for it.
        if (
          (situation.bloom === 'open' && situation.beesVisitBloom) ||
          situation.hot === true ||
          situation.life === 'dead'
        )
          expect(there.options.some(({ option }) => option === 'spray-now')).toBe(false);
      }),
      { seed: 6, numRuns: 400 },
    );
  });

  test('what an option reaches follows the stage that is there, and what must be heeded is told', () => {
    expect(optionReaches('spray-now', { ...HEDGE, window: 'open' })).toContain('crawlers that are out');
    expect(optionReaches('spray-now', YOUNG_CITRUS)).toContain('eggs on soft leaves');
    expect(optionReaches('spray-now', { ...YOUNG_CITRUS, softFlush: false })).toContain('no larva inside');
    expect(optionReaches('spray-now', ROSE)).toContain('still sound');
    expect(optionReaches('leave', HEDGE)).toBeNull();
    for (const option of [
      'by-hand',
      'spray-now',
      'spray-in-window',
      'winter-spray',
      'drench',
      'arborist',
      'cut-back',
    ] as const)
      expect(OPTION_CAUTIONS[option]!.length).toBeGreaterThan(20);
  });

  test('what nobody has said is told as missing', () => {
    expect(
      weigh(WEIGH_RULES, { ...HEDGE, helpersSeen: null, hot: null, life: 'unknown' }, {}).missing,
    ).toEqual(['life', 'helpersSeen', 'hot']);
  });
});
