import type { LeafHours } from './leaf-hours.ts';
import type { WetnessCase } from './wetness-case.ts';

const HOURS = 24;

/** Rain from one hour to another, both within it, mm. */
export function rainIn({ rainSumMm }: LeafHours, from: number, to: number): number {
  return rainSumMm[to]! - (rainSumMm[from - 1] ?? 0);
}

/** Rain of a wet time: by its hours where they were told, else of the days on which a case has it rain in it. */
export function rainOfDays(hours: LeafHours, at: WetnessCase, from: number, to: number): number {
  let rainMm = 0;
  for (let day = Math.floor(from / HOURS); day <= Math.floor(to / HOURS); day++) {
    const [first, last] = [Math.max(from, day * HOURS), Math.min(to, day * HOURS + HOURS - 1)];
    const isTold = hours.isRainTold[day] === 1;
    if (isTold) rainMm += rainIn(hours, first, last);
    else if (hours.rains[at].subarray(first, last + 1).includes(1))
      rainMm += rainIn(hours, day * HOURS, day * HOURS + HOURS - 1);
  }
  return rainMm;
}
