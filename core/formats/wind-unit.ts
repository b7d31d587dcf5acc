/** Metres a second of one of each unit wind is told in; the knot and the miles are exact by definition. */
export const WIND_UNITS = { 'm/s': 1, 'km/h': 1 / 3.6, mph: 0.44704, knots: 1852 / 3600 } as const;
export type WindUnit = keyof typeof WIND_UNITS;

const NAMES: readonly (readonly [RegExp, WindUnit])[] = [
  [/\bkm ?\/? ?h\b|\bkmh\b|\bkph\b/, 'km/h'],
  [/\bmph\b|\bmi ?\/ ?h\b|\bmiles\b/, 'mph'],
  [/\bkn\b|\bkts?\b|\bknots?\b/, 'knots'],
  [/\bm ?\/ ?s\b|\bms\b|\bmps\b/, 'm/s'],
];

/** The unit a column of wind names; null when it names none, for its values do not tell. */
export const windUnitOf = (name: string): WindUnit | null =>
  NAMES.find(([pattern]) => pattern.test(name))?.[1] ?? null;
