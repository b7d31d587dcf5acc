import type { ByCase } from './wetness-case.ts';

/** A time that infects, or that might have: a wet spell, or days on end of the weather a disease likes. */
export interface InfectionEvent {
  /** Hours since the first day's midnight, both within it. */
  readonly from: number;
  readonly to: number;
  readonly wetHours: ByCase<number>;
  /** Mean temperature while wet, or of its days, °C. */
  readonly meanC: number;
  /** Wet hours it would take at that temperature; null where none would do, or none are needed. */
  readonly neededHours: number | null;
  readonly rainMm: number;
  readonly infects: ByCase<boolean>;
  /** The index it rose to, where a disease has one. */
  readonly index: number | null;
}
