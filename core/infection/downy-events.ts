import { run } from './day-runs.ts';
import { rainIn } from './event-rain.ts';
import { firstSplash } from './first-splash.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { LeafHours } from './leaf-hours.ts';
import { type WetSpell, wetSpells } from './wet-spells.ts';
import { byCase } from './wetness-case.ts';

const HOURS = 24;

/** Downy mildew of grapes: the first infection by rain on warm soil, later ones in wet nights. */
const DOWNY = { rainMm: 10, withinDays: 2, leastC: 10, nightC: 11, darkHours: 4, wetCh: 50 } as const;
const NIGHT_JOINS_H = 4;

/** The first splash from warm soil, and every wet night after it that infects. */
export function downyEvents(hours: LeafHours): InfectionEvent[] {
  const primary = firstSplash(hours, DOWNY);
  if (primary === null) return [];
  const nights = wetSpells(hours.wet.long, hours.tempC, NIGHT_JOINS_H, (primary + 1) * HOURS);
  const infectsAt = ({ from, to, wetHours, meanC }: WetSpell) =>
    meanC > DOWNY.nightC &&
    wetHours * meanC >= DOWNY.wetCh &&
    hours.isDark.subarray(from, to + 1).reduce((sum, dark) => sum + dark, 0) >= DOWNY.darkHours;
  return [
    run(hours, Math.max(0, primary - 1), primary, { short: false, middle: true, long: true }, null),
    ...nights.filter(infectsAt).map((night): InfectionEvent => {
      const spells = byCase((at) =>
        wetSpells(hours.wet[at], hours.tempC, NIGHT_JOINS_H, night.from, night.to).find(infectsAt),
      );
      return {
        from: night.from,
        to: night.to,
        wetHours: byCase((at) => spells[at]?.wetHours ?? 0),
        meanC: night.meanC,
        neededHours: DOWNY.wetCh / night.meanC,
        rainMm: rainIn(hours, night.from, night.to),
        infects: { short: false, middle: spells.middle !== undefined, long: true },
        index: null,
      };
    }),
  ];
}
