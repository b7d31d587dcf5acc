import { rainIn } from './event-rain.ts';
import type { LeafHours } from './leaf-hours.ts';

const HOURS = 24;

/** Rain that begins a season: so much within so many days, at a mean of so many °C and more. */
export interface Splash {
  readonly rainMm: number;
  readonly withinDays: number;
  readonly leastC: number;
}

/** The first day by which so much rain fell in days warm enough; null while there was none. */
export function firstSplash(hours: LeafHours, { rainMm, withinDays, leastC }: Splash): number | null {
  for (let i = 0; i < hours.days; i++) {
    const from = Math.max(0, i - withinDays + 1) * HOURS;
    const within = hours.tempC.subarray(from, (i + 1) * HOURS);
    const meanC = within.reduce((sum, value) => sum + value, 0) / within.length;
    if (meanC >= leastC && rainIn(hours, from, (i + 1) * HOURS - 1) >= rainMm) return i;
  }
  return null;
}
