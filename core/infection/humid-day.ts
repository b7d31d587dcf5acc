import type { LeafHours } from './leaf-hours.ts';

/** A day as mildews and night-time fungi have it. */
export interface HumidDay {
  readonly meanC: number;
  /** Mean of its dark hours, °C. */
  readonly nightC: number;
  /** Mean relative humidity of its dark hours, told or guessed, per cent. */
  readonly nightPercent: number;
}

const HOURS = 24;

/** Means of a day's hours, and of those without sun. */
export function humidDay({ tempC, humidity, isDark }: LeafHours, day: number): HumidDay {
  let sumC = 0,
    nightC = 0,
    nightPercent = 0,
    dark = 0;
  for (let at = day * HOURS; at < (day + 1) * HOURS; at++) {
    sumC += tempC[at]!;
    if (!isDark[at]) continue;
    dark++;
    nightC += tempC[at]!;
    nightPercent += humidity[at]!;
  }
  // In a summer without nights the whole day stands for them.
  return dark === 0
    ? { meanC: sumC / HOURS, nightC: sumC / HOURS, nightPercent: 0 }
    : { meanC: sumC / HOURS, nightC: nightC / dark, nightPercent: nightPercent / dark };
}
