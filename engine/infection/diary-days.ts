import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { grapeMildewIndex } from '#core/infection';
import type { GardenDay } from '../garden-day.ts';
import type { InfectionDiary } from './infection-diary.ts';
import type { LeafWeather } from './leaf-weather.ts';

/** Leaves and what covers them, day by day, for the drawing. */
export interface InfectionDays {
  readonly from: CivilDate;
  readonly leaves: readonly number[];
  /** Share of what can be infected that is covered at noon, 0–1. */
  readonly covered: readonly number[];
  /** Risk index at the end of each day, where the disease has one. */
  readonly index: readonly number[] | null;
  /** How the day's wetness is told. */
  readonly measured: number;
  readonly guessed: number;
  readonly unknown: number;
}

/** The last days before today of which nobody read the rain. */
export interface UnreadDays {
  readonly since: CivilDate;
  /** Days of them that stand as they had been forecast; of the others nothing is known. */
  readonly foretold: number;
}

const HOURS = 24;
/** Yesterday's gauge is read today. */
const FEWEST_UNREAD = 2;
/** Drawn at least so long before today, and so long after. */
const SHOWN_BEFORE = 30,
  SHOWN_AFTER = 14;

/** The season now, or the one just over; a month back and a fortnight on at the least. */
export function shownDays(day: GardenDay, { spans, weather }: InfectionDiary) {
  const current = spans.findLast(({ from }) => from <= addDays(day.today, SHOWN_AFTER)) ?? spans[0];
  const last = addDays(weather.from, weather.hours.days - 1);
  const earliest = addDays(day.today, -SHOWN_BEFORE);
  const wanted = current && current.from < earliest ? current.from : earliest;
  const from = wanted < weather.from ? weather.from : wanted;
  const to = addDays(day.today, SHOWN_AFTER);
  return { from, to: to < last ? to : last };
}

/** Since when nobody has read the rain; null where somebody has, and where none falls. */
export function unreadDays({
  from,
  rainMm,
  foretold,
  forecastFrom,
  sheltered,
}: LeafWeather): UnreadDays | null {
  const lastRead = rainMm.slice(0, forecastFrom).findLastIndex((mm) => mm !== null);
  if (sheltered || forecastFrom - lastRead - 1 < FEWEST_UNREAD) return null;
  return {
    since: addDays(from, lastRead + 1),
    foretold: foretold.slice(lastRead + 1, forecastFrom).filter(Boolean).length,
  };
}

export function daysOf(
  { weather, leavesOn, coveredOn, disease, spans }: InfectionDiary,
  from: CivilDate,
  to: CivilDate,
): InfectionDays {
  const first = daysBetween(weather.from, from);
  const count = Math.max(1, daysBetween(from, to) + 1);
  const each = <T>(make: (frameDay: number) => T) => Array.from({ length: count }, (_, i) => make(first + i));
  const told = each((frameDay) => weather.hours.basis[frameDay] ?? 'unknown');
  const having = (basis: string) => told.filter((entry) => entry === basis).length;
  const span = spans.findLast((entry) => entry.from <= to);
  return {
    from,
    leaves: each(leavesOn),
    covered: each((frameDay) => coveredOn(frameDay * HOURS + 12)),
    index:
      disease.rule.kind === 'heat-index' && span
        ? indexOn(weather.hours.tempC, Math.max(0, daysBetween(weather.from, span.from)), first, count)
        : null,
    measured: having('measured'),
    guessed: having('guessed'),
    unknown: having('unknown'),
  };
}

/** The mildew index from budbreak, on the days shown. */
function indexOn(tempC: Float64Array, budbreak: number, first: number, count: number): number[] {
  const days = Math.max(0, first + count - budbreak);
  const indices = grapeMildewIndex(
    Array.from({ length: days }, (_, i) =>
      Array.from(tempC.subarray((budbreak + i) * HOURS, (budbreak + i + 1) * HOURS)),
    ),
  );
  return Array.from({ length: count }, (_, i) => indices[first + i - budbreak] ?? 0);
}
