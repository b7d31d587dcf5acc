import type { TargetGroup } from '#core/identify';

/** What the plant wears: bare and hardened, buds swelling to first green, or leaves. */
export type LeafState = 'dormant' | 'delayed-dormant' | 'in-leaf';

/** The unit a label writes its rate in; always product per finished spray. */
export type RateUnit =
  | 'percent' | 'ml-per-l' | 'ml-per-10-l' | 'floz-per-us-gal' | 'tbsp-per-us-gal' | 'tsp-per-us-gal'
  | 'floz-per-imperial-gal' | 'g-per-l' | 'oz-per-us-gal';

/** One line of a product's label: for what, on what, when, and how strong. */
export interface LabelLine {
  readonly id: string;
  /** The crop or site in the label's own words. */
  readonly crop: string;
  /** Hosts the words cover; empty when the words are as wide as "trees and shrubs". */
  readonly hostIds: readonly string[];
  readonly groups: readonly TargetGroup[];
  readonly leafStates: readonly LeafState[];
  readonly rateLow: number;
  readonly rateHigh: number;
  readonly rateUnit: RateUnit;
  readonly leastC: number | null;
  readonly greatestC: number | null;
  readonly intervalDays: number | null;
  readonly usesPerYear: number | null;
  readonly daysToHarvest: number | null;
  readonly reentryHours: number | null;
  readonly rainFreeHours: number | null;
}

export type Formulation = 'emulsifiable-oil' | 'soap' | 'flowable' | 'powder' | 'soluble';

/** What a person has on the shelf. */
export interface Product {
  readonly id: string;
  readonly name: string;
  readonly materialId: string;
  readonly strengthPercent: number;
  readonly containsOil: boolean;
  readonly formulation: Formulation;
  readonly lines: readonly LabelLine[];
}
