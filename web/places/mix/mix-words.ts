import type { LabelLine, LeafState, RateUnit } from '#core/materials';
import type { MixStep, SprayScope } from '#core/mix';

export const LEAF_STATES: readonly { id: LeafState; label: string }[] = [
  { id: 'dormant', label: 'bare and hardened (dormant)' },
  { id: 'delayed-dormant', label: 'buds swelling to first green (delayed dormant)' },
  { id: 'in-leaf', label: 'in leaf' },
];

export const SCOPE_WORDS: Readonly<Record<SprayScope, string>> = {
  whole: 'all of it',
  'newest-growth': 'newest growth',
  undersides: 'undersides of leaves',
  'bare-stems-and-ground': 'bare stems and ground',
};

export const RATE_UNITS: Readonly<Record<RateUnit, string>> = {
  percent: '%',
  'ml-per-l': 'ml per litre',
  'ml-per-10-l': 'ml per 10 litres',
  'ml-per-100-l': 'ml per 100 litres',
  'tsp-per-l': 'metric teaspoons per litre',
  'tbsp-metric-per-l': 'metric tablespoons (15 ml) per litre',
  'tbsp-australian-per-l': 'Australian tablespoons (20 ml) per litre',
  'floz-per-us-gal': 'US fl oz per US gallon',
  'tbsp-per-us-gal': 'US tablespoons per US gallon',
  'tsp-per-us-gal': 'US teaspoons per US gallon',
  'floz-per-100-us-gal': 'US fl oz per 100 US gallons',
  'pint-per-100-us-gal': 'US pints per 100 US gallons',
  'quart-per-100-us-gal': 'US quarts per 100 US gallons',
  'floz-per-imperial-gal': 'fl oz per imperial gallon',
  'tbsp-per-imperial-gal': 'tablespoons (15 ml) per imperial gallon',
  'tsp-per-imperial-gal': 'teaspoons (5 ml) per imperial gallon',
  'g-per-l': 'g per litre',
  'g-per-10-l': 'g per 10 litres',
  'g-per-100-l': 'g per 100 litres',
  'oz-per-us-gal': 'oz (weight) per US gallon',
  'oz-per-100-us-gal': 'oz (weight) per 100 US gallons',
  'lb-per-100-us-gal': 'lb per 100 US gallons',
  'oz-per-imperial-gal': 'oz (weight) per imperial gallon',
  'ml-per-m2': 'ml per m² of ground',
  'ml-per-100-m2': 'ml per 100 m² of ground',
  'g-per-m2': 'g per m² of ground',
  'g-per-100-m2': 'g per 100 m² of ground',
  'floz-per-1000-ft2': 'US fl oz per 1000 ft² of ground',
  'oz-per-1000-ft2': 'oz (weight) per 1000 ft² of ground',
  'ml-per-cm-diameter': 'ml per cm of trunk diameter',
  'ml-per-cm-circumference': 'ml per cm of trunk circumference',
  'ml-per-inch-diameter': 'ml per inch of trunk diameter',
  'ml-per-inch-circumference': 'ml per inch of trunk circumference',
  'floz-per-inch-diameter': 'US fl oz per inch of trunk diameter',
  'floz-per-inch-circumference': 'US fl oz per inch of trunk circumference',
  'g-per-cm-diameter': 'g per cm of trunk diameter',
  'g-per-cm-circumference': 'g per cm of trunk circumference',
  'g-per-inch-diameter': 'g per inch of trunk diameter',
  'g-per-inch-circumference': 'g per inch of trunk circumference',
  'oz-per-inch-diameter': 'oz (weight) per inch of trunk diameter',
  'oz-per-inch-circumference': 'oz (weight) per inch of trunk circumference',
};

/** "1–2 %". */
export function rateWords({
  rateLow,
  rateHigh,
  rateUnit,
  ratePrinted,
}: Pick<LabelLine, 'rateLow' | 'rateHigh' | 'rateUnit' | 'ratePrinted'>): string {
  if (ratePrinted) return ratePrinted;
  return `${rateLow === rateHigh ? rateLow : `${rateLow}–${rateHigh}`} ${RATE_UNITS[rateUnit]}`;
}

export const STEP_WORDS: Readonly<Record<MixStep, string>> = {
  'rinse-first': 'Rinse tank, hose and nozzle twice: what it held last may not meet this.',
  'check-sprayer': 'Look the sprayer over: no leaks, screen clean, never one that has held weedkiller.',
  'jar-test': 'A new pair: try it in a jar first.',
  'cut-with-soap': 'Cut the pressed oil with a little soap and warm water before it meets the tank.',
  'half-water': 'Fill half the water.',
  conditioner: 'Any water conditioner the labels ask for.',
  strain: 'Stir the powder to cream in a cup and strain it: it would clog your fine screen.',
  powders: 'Sift or pour in the powder.',
  agitate: 'Shake until none floats.',
  flowables: 'Add the flowable.',
  solubles: 'Add what dissolves.',
  soaps: 'Add the soap gently, without foam.',
  oils: 'Shake the oil in its pack, then add it.',
  'fill-to-mark': 'Fill to the mark.',
  'shake-and-keep-moving': 'Close, shake, and shake again every few minutes while spraying: oil rises.',
  'use-today': 'Use it up today; rinse the sprayer when done.',
};
