import type { ClockStart, EventState, Projection } from '#core/phenology';
import type { ClockAnswer } from '#engine';
import { showDate, showDateRange } from '../../show/dates.ts';
import { showShare } from '../../show/units.ts';

/** What a clock waits for, by the kind of its start. */
export const STARTED_BY: Readonly<Record<ClockStart['kind'], string>> = {
  season: 'the season',
  date: 'its day',
  stage: 'the growth stage to be logged',
  'first-males': 'the first males in a trap',
  'first-crawlers': 'the first crawlers on a tape',
  'first-mines': 'the first mines of the flush',
};

export function projectionWords(projection: Projection): string {
  switch (projection.kind) {
    case 'reached':
      return showDate(projection.on);
    case 'expected':
      return showDateRange(projection.median, projection.early, projection.late);
    case 'unlikely-this-season':
      return `probably not this season (${showShare(projection.shareOfYears)} of past years)`;
    case 'too-few-years':
      return `not to be said: ${projection.years} past years are too few, five are needed`;
    case 'not-started':
      return 'not to be said until its clock starts';
  }
}

/** The event a person would ask for: what is open, else what comes next. */
export function nextEvent(clock: ClockAnswer): EventState | undefined {
  const windows = clock.events.filter(({ event }) => event.kind === 'window');
  return windows.find(({ phase }) => phase === 'open') ?? clock.events.find(({ phase }) => phase === 'ahead');
}

/** The next event whose date is still open, on a clock that runs. */
export function upcoming(clock: ClockAnswer): EventState | undefined {
  return clock.events.find(({ phase, started }) => phase === 'ahead' && started !== null);
}
