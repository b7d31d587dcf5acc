import type { Grade } from '#core/figures';
import type { PartHolds, RecipePart, RecipeStep } from '#core/mix';

/** Something mixed at home from several things, with what no label says. */
export interface Recipe {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  /** Usual amount to make at a time, ml. */
  readonly usualMl: number;
  /** How often a season usually asks for it; null where nobody can say. */
  readonly timesASeason: number | null;
  readonly parts: readonly RecipePart[];
  readonly steps: readonly RecipeStep[];
  readonly cautions: readonly string[];
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const ml = (name: string, perLitre: number, holds: PartHolds): RecipePart => ({
  name,
  by: 'volume',
  perLitre,
  holds,
});
const g = (name: string, perLitre: number): RecipePart => ({ name, by: 'weight', perLitre, holds: 'other' });
const step = (says: string, waitMinutes: number | null = null): RecipeStep => ({ says, waitMinutes });

const NO_LABEL =
  'No label stands behind it. One shoot first, and 48 hours; what may be eaten after it, nobody has said.';

export const RECIPES: readonly Recipe[] = [
  {
    id: 'jar-test',
    name: 'Jar test for a new pair',
    what: 'Shows in a jar what a tank would do.',
    usualMl: 500,
    timesASeason: null,
    parts: [ml('water from the same tap', 1000, 'water')],
    grade: 'B',
    sourceIds: ['practice'],
    steps: [
      step('Half the water into a clear jar with a lid.'),
      step(
        'Each product in its share of a tank and in its order: powders, flowables, soluble things, ' +
          'soap, oil.',
      ),
      step('Fill up, close, turn it over ten times.'),
      step('Let it stand. Flakes, jelly, layers or warmth: not in one tank.', 15),
      step('Turn it once more; what does not come together again stays out.', 30),
    ],
    cautions: [
      'Gloves and eyes as for the spray itself. Never lime sulfur with anything acid, not even in a jar.',
    ],
  },
  {
    id: 'soap-spray',
    name: 'Soap from the kitchen',
    what: 'Crawlers and soft bodies, on contact.',
    usualMl: 1000,
    timesASeason: 3,
    parts: [
      ml('plain liquid soap without scent or degreaser', 10, 'soap'),
      ml('soft or rain water', 990, 'water'),
    ],
    grade: 'C',
    sourceIds: ['practice'],
    steps: [
      step('Soap into a little warm water, stir without foam.'),
      step('Fill up with soft water: hard water makes curds of it.'),
      step('Spray to dripping, both leaf sides.'),
      step('Rinse leaves that feel sticky.', 120),
    ],
    cautions: [NO_LABEL, 'Cherry, plum, hawthorn, horse-chestnut and maple are marked by it.'],
  },
  {
    id: 'oil-and-soap',
    name: 'Kitchen oil and soap',
    what: 'Crawlers and settled young, on contact; counts as oil beside sulfur.',
    usualMl: 1000,
    timesASeason: 3,
    parts: [
      ml('sunflower or rape oil', 10, 'oil'),
      ml('plain liquid soap', 5, 'soap'),
      ml('warm water', 985, 'water'),
    ],
    grade: 'C',
    sourceIds: ['practice'],
    steps: [
      step('Oil and soap into a cup; stir until it is cream.', 2),
      step('Warm water in, a little at a time, stirring on.'),
      step('Shake, and keep shaking while spraying: it parts within minutes.'),
      step('Use it up within the hour.'),
    ],
    cautions: [
      NO_LABEL,
      "Not on plants that oil hurts, not above the school's temperature, not near sulfur.",
    ],
  },
  {
    id: 'raw-neem',
    name: 'Cold-pressed neem',
    what: 'As oil, and young that feed and moult.',
    usualMl: 1000,
    timesASeason: 6,
    parts: [
      ml('cold-pressed neem oil', 5, 'neem'),
      ml('plain liquid soap', 2, 'soap'),
      ml('water at 35 to 40 °C (95 to 104 °F)', 993, 'water'),
    ],
    grade: 'C',
    sourceIds: ['practice'],
    steps: [
      step('Warm the oil in its closed bottle in a water bath until it runs.', 10),
      step('Soap into the warm water, then the oil in a thin stream, stirring.'),
      step('It must look like thin milk: drops on top mean more soap.'),
      step('Spray within the hour, in the evening, shaking.'),
    ],
    cautions: [
      "Where a product of it has a label, that label's rate comes first.",
      'Counts as oil beside sulfur.',
    ],
  },
  {
    id: 'biological-feed',
    name: 'Biological mix, four times a season',
    what:
      "A school's feed for leaves and what lives on them: at bud swell, before bloom, after petals fall " +
      'and two weeks later.',
    usualMl: 5000,
    timesASeason: 4,
    grade: 'C',
    sourceIds: ['practice'],
    parts: [
      ml('cold-pressed neem or another plant oil', 5, 'neem'),
      ml('plain liquid soap', 2.5, 'soap'),
      ml('fish hydrolysate', 10, 'fish'),
      ml('liquid seaweed', 3, 'seaweed'),
      ml('molasses or dissolved sugar', 5, 'sugar'),
      ml('microbe culture, at its own rate', 10, 'microbes'),
      ml('water without chlorine', 964.5, 'water'),
    ],
    steps: [
      step('Let tap water stand open so that chlorine leaves it.', 720),
      step('Oil and soap with a little warm water to milk.', 5),
      step('Half the water into the tank; the milk in, stirring.'),
      step('Fish, seaweed and molasses, each through a strainer.'),
      step('Microbes last, and not into warm water.'),
      step('Fill up; shake every few minutes.'),
      step('Spray within four hours, in the evening.'),
    ],
    cautions: [
      'Brews fed with sugar can breed bacteria that make people ill: not on parts to be eaten, and ' +
        'none in the last weeks before picking.',
      'It holds oil: mind sulfur, heat and plants that oil hurts. Fish is acid: never near lime sulfur.',
      NO_LABEL,
    ],
  },
  {
    id: 'seaweed-and-fish',
    name: 'Seaweed and fish',
    what: "A school's leaf feed, monthly or fortnightly.",
    usualMl: 5000,
    timesASeason: 6,
    parts: [ml('liquid seaweed', 3, 'seaweed'), ml('fish hydrolysate', 5, 'fish'), ml('water', 992, 'water')],
    grade: 'C',
    sourceIds: ['practice'],
    steps: [
      step('Half the water, then seaweed, then fish through a strainer.'),
      step('Fill up and stir.'),
      step('Over the leaves in the evening.'),
    ],
    cautions: [
      'Acid: never near lime sulfur, nor in one tank with copper.',
      'Soft growth draws scale: leave it where there is much of that.',
    ],
  },
  {
    id: 'trunk-coat',
    name: 'White coat for trunks',
    what: 'Against sunburn; no cure for pests.',
    usualMl: 1000,
    timesASeason: 1,
    parts: [g('kaolin, fine', 250), ml('water', 900, 'water')],
    grade: 'C',
    sourceIds: ['practice'],
    steps: [
      step('Kaolin into the water, never the other way.'),
      step('Let it swell, then stir to cream.', 30),
      step('Brush it on dry bark from the ground up; again when rain has thinned it.'),
    ],
    cautions: ['A mask while the powder is dry.'],
  },
];

/** What is to be heeded of a mix by what its parts bring (rules of thumb, grade C). */
const OIL =
  'It holds oil: not near sulfur, not above the school’s temperature, not on plants that oil hurts.';
const CAUTION_OF: Readonly<Partial<Record<PartHolds, string>>> = {
  oil: OIL,
  neem: OIL,
  soap: 'Cherry, plum, hawthorn, horse-chestnut and maple are marked by soap.',
  fish: 'Fish is acid: never near lime sulfur, nor in one tank with copper.',
  sugar:
    'Brews fed with sugar can breed bacteria that make people ill: not on parts to be eaten, and none in the last ' +
    'weeks before picking.',
  microbes: 'What lives in it dies in warm or chlorinated water; use it within the day.',
};

/** Cautions for a mix of one's own, the one for all unlabelled mixes last. */
export function cautionsOfParts(parts: readonly Pick<RecipePart, 'holds'>[]): string[] {
  const brought = new Set(parts.map(({ holds }) => holds));
  return [...new Set([...brought].flatMap((holds) => CAUTION_OF[holds] ?? [])), NO_LABEL];
}

/** Materials of the shelf a part may be taken from, the usual one first. */
const MATERIALS_OF: Readonly<Record<PartHolds, readonly string[]>> = {
  water: [],
  oil: ['plant-oil', 'mineral-oil', 'raw-neem'],
  neem: ['raw-neem', 'plant-oil'],
  soap: ['soap'],
  fish: ['fish', 'fish-seaweed'],
  seaweed: ['seaweed', 'fish-seaweed'],
  sugar: ['molasses'],
  microbes: ['microbes'],
  other: [],
};
export const materialsOfPart = ({ holds }: Pick<RecipePart, 'holds'>): readonly string[] =>
  MATERIALS_OF[holds];

/** Whether a mix feeds the plant: making it is then logged as a feeding too. */
const FEEDS: ReadonlySet<PartHolds> = new Set(['fish', 'seaweed', 'sugar', 'microbes']);
export const isFeed = (parts: readonly Pick<RecipePart, 'holds'>[]): boolean =>
  parts.some(({ holds }) => FEEDS.has(holds));
