import type { LeafHours } from './leaf-hours.ts';
import { byCase } from './wetness-case.ts';

const HOURS = 24;

/** The hours of some of the days, first and last included; what lies outside is left off. */
export function sliceHours(hours: LeafHours, firstDay: number, lastDay: number): LeafHours {
  const first = Math.max(0, firstDay);
  const end = Math.min(hours.days, lastDay + 1);
  const [from, to] = [first * HOURS, Math.max(first, end) * HOURS];
  return {
    days: Math.max(0, end - first),
    tempC: hours.tempC.subarray(from, to),
    humidity: hours.humidity.subarray(from, to),
    wet: byCase((at) => hours.wet[at].subarray(from, to)),
    rainSumMm: hours.rainSumMm.subarray(from, to),
    isDark: hours.isDark.subarray(from, to),
    rains: byCase((at) => hours.rains[at].subarray(from, to)),
    isRainTold: hours.isRainTold.subarray(first, Math.max(first, end)),
    basis: hours.basis.slice(first, end),
  };
}
