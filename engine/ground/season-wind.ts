import { type WindDay, windOfMonths } from '#core/ground';
import type { GardenDay } from '../garden-day.ts';
import { keptWith } from '#core/caches';

/** The wind of some months, and who tells it. */
export interface SeasonWind {
  readonly fromDeg: number;
  readonly told: 'gardener' | 'readings';
  /** By the readings: how much it keeps to its direction, 0–1, and of how many days. */
  readonly steadiness: number | null;
  readonly days: number | null;
}

const windDays = keptWith<object, string, readonly WindDay[]>();

/**
 * The wind of months (1–12): as the gardener says it blows, else by the garden's readings; null where
 * neither tells.
 */
export function seasonWind(day: GardenDay, months: readonly number[]): SeasonWind | null {
  const { windFromDeg } = day.garden;
  if (windFromDeg !== null) return { fromDeg: windFromDeg, told: 'gardener', steadiness: null, days: null };
  const wind = windOfMonths(windDaysOf(day), months);
  return wind && { fromDeg: wind.fromDeg, told: 'readings', steadiness: wind.steadiness, days: wind.days };
}

/** Every day of which the thermometer of the open garden told where its wind came from. */
function windDaysOf(day: GardenDay): readonly WindDay[] {
  const { places, days } = day.books.state;
  const station = places.find(({ kind }) => kind === 'outdoors')?.stationId ?? null;
  if (station === null) return [];
  return windDays(days, station, () =>
    (days[station] ?? []).flatMap(({ date, windFromDeg, windMs }): WindDay[] =>
      windFromDeg === undefined || windMs === null
        ? []
        : [{ month: Number(date.slice(5, 7)), fromDeg: windFromDeg, speedMs: windMs }],
    ),
  );
}
