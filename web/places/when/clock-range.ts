import { daysBetween } from '#core/calendar';
import type { ClockAnswer } from '#engine';

export interface ClockRange {
  readonly fromDay: number;
  readonly toDay: number;
  readonly topCd: number;
}

/**
 * The part of the season worth drawing: from before the first tape or mark to after the window, today
 * within it.
 */
export function clockRange(clock: ClockAnswer): ClockRange {
  const season = clock.spread.length || 365;
  const today = daysBetween(clock.start, clock.today);
  const marks = clock.events.filter(({ event }) => event.generation === 1);
  const topMarkCd = Math.max(0, ...marks.map(({ event }) => event.toCd));
  const lastDay = marks.length > 0 ? firstDayAbove(clock, topMarkCd) : today;
  const firstTape = Math.min(today, ...clock.tapes.map((tape) => daysBetween(clock.start, tape.putOn)));
  const usualFrom = Math.max(0, Math.min(firstTape - 21, today - 45));
  const { started } = clock;
  // A clock of its own is drawn from just before it started.
  const fromDay =
    started && started.by !== 'calendar'
      ? Math.max(0, Math.min(firstTape - 7, daysBetween(clock.start, started.on) - 10))
      : usualFrom;
  const toDay = Math.min(season - 1, Math.max(lastDay + 10, today + 21));
  const sumAtEnd = clock.spread[toDay]?.high ?? 0;
  return {
    fromDay,
    toDay,
    topCd: Math.max(50, (clock.measured.at(-1) ?? 0) * 1.1, topMarkCd > 0 ? topMarkCd * 1.12 : sumAtEnd),
  };
}

function firstDayAbove(clock: ClockAnswer, cd: number): number {
  const day = clock.spread.findIndex(({ median }) => median >= cd);
  return day < 0 ? clock.spread.length - 1 : day;
}
