import type { MixStep } from '#core/mix';
import type { LeafState, Misfit, RateUnit } from '#core/materials';

export const LEAF_STATES: readonly { id: LeafState; label: string }[] = [
  { id: 'dormant', label: 'bare and hardened (dormant)' }, { id: 'delayed-dormant', label: 'buds swelling to first green (delayed dormant)' }, { id: 'in-leaf', label: 'in leaf' },
];

export const MISFIT_WORDS: Readonly<Record<Misfit, string>> = {
  'bare-wood-rate-on-leaves': 'is for bare wood: at that strength oil burns leaves',
  'leaf-rate-on-bare-wood': 'is for plants in leaf: bare wood has a line of its own',
  'evergreen-has-no-bare-wood': 'is for bare wood, and an evergreen never is',
  'plant-not-on-label': 'does not name this plant',
  'trouble-not-on-label': 'does not name this trouble',
};

export const RATE_UNITS: Readonly<Record<RateUnit, string>> = {
  percent: '%', 'ml-per-l': 'ml per litre', 'ml-per-10-l': 'ml per 10 litres', 'floz-per-us-gal': 'US fl oz per US gallon', 'tbsp-per-us-gal': 'US tablespoons per US gallon',
  'tsp-per-us-gal': 'US teaspoons per US gallon', 'floz-per-imperial-gal': 'fl oz per imperial gallon', 'g-per-l': 'g per litre', 'oz-per-us-gal': 'oz (weight) per US gallon',
};

export const STEP_WORDS: Readonly<Record<MixStep, string>> = {
  'check-sprayer': 'Look the sprayer over: no leaks, screen clean, never one that has held weedkiller.',
  'half-water': 'Fill half the water.',
  powders: 'Sift in the powder.',
  agitate: 'Shake until none floats.',
  flowables: 'Add the flowable.',
  solubles: 'Add what dissolves.',
  soaps: 'Add the soap gently, without foam.',
  oils: 'Shake the oil in its pack, then add it.',
  'fill-to-mark': 'Fill to the mark.',
  'shake-and-keep-moving': 'Close, shake, and shake again every few minutes while spraying: oil rises.',
  'use-today': 'Use it up today; rinse the sprayer when done.',
};
