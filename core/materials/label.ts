import type { CivilDate } from '#core/calendar';
import type { TargetGroup } from '#core/identify';
import type { Ingredient } from './meeting.ts';
import type { RateUnit } from './rate.ts';

/** What the plant wears: bare and hardened, buds swelling to first green, or leaves. */
export type LeafState = 'dormant' | 'delayed-dormant' | 'in-leaf';

/** One line of a product's label: for what, on what, when, where, and how strong. */
export interface LabelLine {
  readonly id: string;
  /** The crop or site in the label's own words. */
  readonly crop: string;
  /** Where the line holds, in the label's own words; empty for everywhere. */
  readonly region: string;
  /** Hosts the words cover; empty when the words are as wide as "trees and shrubs". */
  readonly hostIds: readonly string[];
  readonly groups: readonly TargetGroup[];
  readonly leafStates: readonly LeafState[];
  readonly rateLow: number;
  readonly rateHigh: number;
  readonly rateUnit: RateUnit;
  /** The rate in the label's own words, where it was typed so. */
  readonly ratePrinted?: string | undefined;
  readonly leastC: number | null;
  readonly greatestC: number | null;
  readonly intervalDays: number | null;
  readonly usesPerYear: number | null;
  /** Product a plant may get in a year, ml or g; null when the label sets none. */
  readonly mostPerYear: number | null;
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
  /** Null where the pack was not looked at. */
  readonly strengthPercent: number | null;
  readonly containsOil: boolean;
  readonly formulation: Formulation;
  /** Group letters of its mode of action as printed on the label; empty to go by the material. */
  readonly modeOfAction: string;
  /** Allowed in organic growing, by its label. */
  readonly organic: boolean;
  /** Mixed at home: no label stands behind it. */
  readonly unlabelled: boolean;
  /** What the label says it must not touch or be mixed with, in its words. */
  readonly mustNotTouch: string;
  /** Days the label itself keeps it apart from others. */
  readonly apart: readonly { readonly ingredient: Ingredient; readonly days: number }[];
  /** What was in the pack, ml or g, on the morning of a day; null when nobody looked. */
  readonly stock: {
    readonly amount: number;
    readonly countedOn: CivilDate;
    readonly printed?: string | undefined;
  } | null;
  readonly expiresOn: CivilDate | null;
  /** What a pack holds, ml or g, and costs, in the user's money. */
  readonly pack: {
    readonly amount: number;
    readonly price: number;
    readonly printed?: string | undefined;
  } | null;
  readonly lines: readonly LabelLine[];
}
