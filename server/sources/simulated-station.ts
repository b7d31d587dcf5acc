import { addDays, type CivilDate, dayNumber, daysBetween } from '#core/calendar';
import { simulateForecast, type WeatherDay } from '#core/weather';
import { forecastHours } from '#core/spray-hours';
import { simulateDays, type SimulatedClimate, type TrueAir, trueHours } from '#simulated';
import type { WeatherSource } from './weather-source.ts';

export interface SimulatedStation {
  readonly stationId: string;
  readonly climate: SimulatedClimate;
  readonly seed: number;
  readonly from: CivilDate;
  readonly to: CivilDate;
  /** Standard deviation of the forecast's error at ten days, °C; null for a station without a forecast. */
  readonly forecastErrorC: number | null;
  /** Rain that is set by hand, by day, mm. */
  readonly rainOn?: Readonly<Record<CivilDate, number>>;
  /** From when on it tells rain and humidity by the hour, and what its air is like; null for days only. */
  readonly hours?: {
    readonly from: CivilDate;
    readonly latitudeDeg: number;
    readonly noonHour: number;
    readonly air: TrueAir;
  };
  /** How the readings differ from the open air, e.g. under glass. */
  readonly alter?: (day: WeatherDay) => WeatherDay;
}

const FORECAST_DAYS = 10;

/** A stand-in for a weather station and its forecast: seeded, so that it always tells the same weather. */
export function simulatedStation(station: SimulatedStation): WeatherSource {
  const all = withHours(
    station,
    simulateDays(station.climate, station.seed, station.from, station.to).map((day) => ({
      ...day,
      rainMm: station.rainOn?.[day.date] ?? day.rainMm,
    })),
  );
  const slice = (from: CivilDate, to: CivilDate) =>
    all.slice(Math.max(0, daysBetween(station.from, from)), Math.max(0, daysBetween(station.from, to) + 1));
  const altered = (days: WeatherDay[]) => (station.alter ? days.map(station.alter) : days);
  return {
    stationId: station.stationId,
    measured: (from, to) => altered(slice(from, to)),
    forecast: (today) =>
      station.forecastErrorC === null
        ? null
        : simulateForecast(
            slice(today, addDays(today, FORECAST_DAYS - 1)),
            station.seed + dayNumber(today),
            station.forecastErrorC,
          ),
  };
}

/** Its days with what its logger tells of their hours. */
function withHours({ hours, seed }: SimulatedStation, days: readonly WeatherDay[]): readonly WeatherDay[] {
  if (!hours) return days;
  const first = days.findIndex(({ date }) => date >= hours.from);
  if (first < 0) return days;
  const told = trueHours(
    forecastHours(days.slice(first), hours.latitudeDeg, hours.noonHour),
    hours.air,
    seed,
  );
  return days.map((day, i) => {
    const ofDay = told[i - first];
    return i < first || !ofDay
      ? day
      : { ...day, hourly: { rainMm: ofDay.rainMm, humidityPercent: ofDay.humidityPercent } };
  });
}
