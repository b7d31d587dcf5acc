/** Three ways a day's rain may have lain on leaves, where nobody knows its hours. */
export const WETNESS_CASES = ['short', 'middle', 'long'] as const;
export type WetnessCase = (typeof WETNESS_CASES)[number];

export type ByCase<Value> = Readonly<Record<WetnessCase, Value>>;

/** One value for each case. */
export const byCase = <Value>(make: (at: WetnessCase) => Value): ByCase<Value> => ({
  short: make('short'),
  middle: make('middle'),
  long: make('long'),
});

/** How likely each case is before anybody looked (rule of thumb, grade C). */
export const USUAL_CASES: ByCase<number> = { short: 0.4, middle: 0.35, long: 0.25 };

/** What somebody found of a place's leaves on a day; null for what was not looked at. */
export interface WetLook {
  readonly breakfast: boolean | null;
  readonly noon: boolean | null;
  /** Hour of the clock by which they were dry. */
  readonly dryByHour: number | null;
}

const BREAKFAST_HOUR = 7,
  NOON_HOUR = 12;

/** A look as wet or dry at hours of the day, in order. */
export function toldHours({
  breakfast,
  noon,
  dryByHour,
}: WetLook): (readonly [hour: number, wet: boolean])[] {
  return [
    ...(breakfast === null ? [] : [[BREAKFAST_HOUR, breakfast] as const]),
    ...(noon === null ? [] : [[NOON_HOUR, noon] as const]),
    ...(dryByHour === null ? [] : [[dryByHour - 1, true] as const, [dryByHour, false] as const]),
  ].toSorted(([a], [b]) => a - b);
}
