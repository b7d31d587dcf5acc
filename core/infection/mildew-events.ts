import { dayOf, NO_SURER, run, runsOf } from './day-runs.ts';
import { firstSplash } from './first-splash.ts';
import { grapeMildewIndex } from './grape-mildew-index.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { LeafHours } from './leaf-hours.ts';

/** The first rain that lets spores go from bark, and how warm it has to be (Gadoury & Pearson 1990). */
const LETS_GO = { rainMm: 2.5, withinDays: 1, leastC: 10 } as const;

/** The index from which mildew is said to stand high, and from which it is on its way (Gubler et al. 1999). */
export const INDEX_HIGH = 60,
  INDEX_MODERATE = 40;

/** Grape powdery mildew: the first rain that may have let spores go, then days on end on which its index stands. */
export function mildewEvents(hours: LeafHours): InfectionEvent[] {
  const first = firstSplash(hours, LETS_GO);
  const runs = indexRuns(hours);
  return first === null ? runs : [run(hours, first, first, NO_SURER, null), ...runs].toSorted(byBeginning);
}

const byBeginning = (a: InfectionEvent, b: InfectionEvent): number => a.from - b.from;

function indexRuns(hours: LeafHours): InfectionEvent[] {
  const indices = grapeMildewIndex(
    Array.from({ length: hours.days }, (_, i) => Array.from(dayOf(hours.tempC, i))),
  );
  const runs = runsOf(hours.days, (i) => indices[i]! >= INDEX_MODERATE);
  return runs.map(([first, last]) => {
    const index = Math.max(...indices.slice(first, last + 1));
    return run(hours, first, last, { short: false, middle: index >= INDEX_HIGH, long: true }, index);
  });
}
