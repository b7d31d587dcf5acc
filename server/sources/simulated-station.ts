import { addDays, type CivilDate, dayNumber, daysBetween } from '#core/calendar';
import { simulateForecast, type WeatherDay } from '#core/weather';
import { simulateDays, type SimulatedClimate } from '#simulated';
import type { WeatherSource } from './weather-source.ts';

export interface SimulatedStation {
  readonly stationId: string;
  readonly climate: SimulatedClimate;
  readonly seed: number;
  readonly from: CivilDate;
  readonly to: CivilDate;
  /** Standard deviation of the forecast's error at ten days, °C; null for a station without a forecast. */
  readonly forecastErrorC: number | null;
  /** How the readings differ from the open air, e.g. under glass. */
  readonly alter?: (day: WeatherDay) => WeatherDay;
}

const FORECAST_DAYS = 10;

/** A stand-in for a weather station and its forecast: seeded, so that it always tells the same weather. */
export function simulatedStation(station: SimulatedStation): WeatherSource {
  const all = simulateDays(station.climate, station.seed, station.from, station.to);
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
