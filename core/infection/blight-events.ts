import { dayOf, run } from './day-runs.ts';
import { rainIn } from './event-rain.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { LeafHours } from './leaf-hours.ts';
import { byCase } from './wetness-case.ts';

const HOURS = 24;

/**
 * Fire blight of blossom (after Steiner): heat above 18.3 °C of 110 °C·h and more since bloom opened (the caller
 * hands days of open bloom only), a day's mean of 15.6 °C and more, and dew or 0.25 mm of rain.
 */
const BLIGHT = { aboveC: 18.3, heatCh: 110, meanC: 15.6, rainMm: 0.25 } as const;

/** Days of open bloom on which all of it came together. */
export function blightEvents(hours: LeafHours): InfectionEvent[] {
  let heatCh = 0;
  const events: InfectionEvent[] = [];
  for (let i = 0; i < hours.days; i++) {
    const ofDay = dayOf(hours.tempC, i);
    heatCh += ofDay.reduce((sum, value) => sum + Math.max(0, value - BLIGHT.aboveC), 0);
    const meanC = ofDay.reduce((sum, value) => sum + value, 0) / HOURS;
    if (heatCh < BLIGHT.heatCh || meanC < BLIGHT.meanC) continue;
    const rained = rainIn(hours, i * HOURS, i * HOURS + HOURS - 1) >= BLIGHT.rainMm;
    const wetIn = byCase((at) => rained || hours.wet[at].subarray(i * HOURS, (i + 1) * HOURS).includes(1));
    if (wetIn.long) events.push(run(hours, i, i, wetIn, null));
  }
  return events;
}
