/** The share of an hour in which leaves were wet, in one of each unit sensors tell it in. */
export const WETNESS_UNITS = { share: 1, percent: 1 / 100, minutes: 1 / 60, 'of 15': 1 / 15 } as const;
export type WetnessUnit = keyof typeof WETNESS_UNITS;

const NAMES: readonly (readonly [RegExp, WetnessUnit])[] = [
  [/\bmin(utes?)?\b/, 'minutes'],
  [/%|\bper ?cent\b/, 'percent'],
];

/** The unit a column of wetness names; null when it names none, for its values seldom tell. */
export const wetnessUnitOf = (name: string): WetnessUnit | null =>
  NAMES.find(([pattern]) => pattern.test(name))?.[1] ?? null;
