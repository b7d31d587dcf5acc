import type { GenericFungus } from './generic-wet-hours.ts';

/** Wet leaves for so long at a temperature. */
export interface WetRule {
  readonly kind: 'wet';
  /** Hours needed: a table's, by its disease, or a curve's. */
  readonly hours: { readonly table: string } | { readonly curve: GenericFungus };
  /** Wet times parted by fewer dry hours add up. */
  readonly joinWithinHours: number;
  /** Rain that has to fall in it, mm; 0 where dew will do. */
  readonly leastRainMm: number;
  /** Days after it must stay below this, °C; null where that does not matter. */
  readonly coolAfterC: number | null;
  /** Rain that begins in the dark counts from sunrise only, while there is little to infect with. */
  readonly spores: 'by-day-while-few' | 'any-hour';
  /** Hours more where the source has to swell first, which nobody sees. */
  readonly mayNeedMoreHours: number;
  /** What is published allows a warning and no more: never surer than possible. */
  readonly isFlag: boolean;
}

/** What makes weather an infection, by the disease. */
export type InfectionRule =
  | WetRule
  /** Grape powdery mildew's index, by hourly heat. */
  | { readonly kind: 'heat-index' }
  /** Days on end that are mild, humid and dry of leaf. */
  | {
      readonly kind: 'mild-humid';
      readonly fromC: number;
      readonly toC: number;
      readonly humidPercent: number;
      readonly daysRunning: number;
    }
  /** Heat on open bloom, wetted. */
  | { readonly kind: 'open-bloom' }
  /** Rain on warm soil first, then wet nights. */
  | { readonly kind: 'splash-then-nights' }
  /** Warm humid nights on end, in the rains. */
  | {
      readonly kind: 'warm-nights';
      readonly leastC: number;
      readonly humidPercent: number;
      readonly nightsRunning: number;
    };
