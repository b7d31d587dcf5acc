import { rainIn } from './event-rain.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { LeafHours } from './leaf-hours.ts';
import { byCase, type ByCase } from './wetness-case.ts';

const HOURS = 24;
/** Fit weather of whole days is a warning: never surer than possible. */
export const NO_SURER = { short: false, middle: false, long: true } as const;

/** Stretches of so many days on end that suit, and longer ones. */
export function dayRuns(
  hours: LeafHours,
  daysRunning: number,
  suits: (day: number) => boolean,
): InfectionEvent[] {
  return runsOf(hours.days, suits)
    .filter(([first, last]) => last - first + 1 >= daysRunning)
    .map(([first, last]) => run(hours, first, last, NO_SURER, null));
}

/** Days on end as one event: their hours, their mean, their rain. */
export function run(
  hours: LeafHours,
  first: number,
  last: number,
  infects: ByCase<boolean>,
  index: number | null,
): InfectionEvent {
  const [from, to] = [first * HOURS, last * HOURS + HOURS - 1];
  const within = hours.tempC.subarray(from, to + 1);
  return {
    from,
    to,
    wetHours: byCase((at) => hours.wet[at].subarray(from, to + 1).reduce((sum, wet) => sum + wet, 0)),
    meanC: within.reduce((sum, value) => sum + value, 0) / within.length,
    neededHours: null,
    rainMm: rainIn(hours, from, to),
    infects,
    index,
  };
}

/** First and last day of each stretch of days that suit. */
export function runsOf(days: number, suits: (day: number) => boolean): (readonly [number, number])[] {
  const runs: [number, number][] = [];
  for (let i = 0; i < days; i++) {
    if (!suits(i)) continue;
    const before = runs.at(-1);
    if (before && before[1] === i - 1) before[1] = i;
    else runs.push([i, i]);
  }
  return runs;
}

/** The hours of a day. */
export const dayOf = (values: Float64Array, day: number): Float64Array =>
  values.subarray(day * HOURS, (day + 1) * HOURS);
