/** An estimate with its 95 % interval, all in the same unit. */
export interface Estimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
