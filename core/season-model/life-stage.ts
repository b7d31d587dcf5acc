/**
 * What a cohort goes through after hatching: crawlers walk, the settled first stage is soft, the second is under
 * cover in part, the grown are out of reach of most. Of a leaf miner they are the laid egg, the young larva, the
 * old larva, and the one that has left its mine.
 */
export const LIFE_STAGES = ['crawler', 'settled', 'second', 'grown'] as const;
export type LifeStage = (typeof LIFE_STAGES)[number];

/** A figure for each stage. */
export type ByStage<T> = Readonly<Record<LifeStage, T>>;

/** How long each stage before the last lasts, in days or in °C·days of the hatch's own model. */
export interface StageLengths<T> {
  readonly unit: 'days' | 'heat';
  readonly crawler: T;
  readonly settled: T;
  readonly second: T;
}
