const POINTS = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
] as const;

/** The compass point a turn on the drawing (clockwise from its right) looks to. */
export const compassOf = (turnDeg: number, upBearingDeg: number): string =>
  bearingWords(turnDeg + 90 + upBearingDeg);

/** The compass point nearest to a bearing. */
export const bearingWords = (bearingDeg: number): string =>
  POINTS[((Math.round(bearingDeg / 45) % 8) + 8) % 8]!;
