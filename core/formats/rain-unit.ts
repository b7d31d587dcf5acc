/** Millimetres in one of each unit rain is told in; the inch is exact by definition. */
export const RAIN_UNITS = { mm: 1, in: 25.4 } as const;
export type RainUnit = keyof typeof RAIN_UNITS;

const NAMES: readonly (readonly [RegExp, RainUnit])[] = [
  [/\b(in|inch|inches)\b|"/, 'in'],
  [/\bmm\b|\bmillimet/, 'mm'],
];

/** The unit a column of rain names; null when it names none: a dry month reads alike in both. */
export const rainUnitOf = (name: string): RainUnit | null =>
  NAMES.find(([pattern]) => pattern.test(name))?.[1] ?? null;
