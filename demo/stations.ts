import type { CivilDate } from '#core/calendar';
import type { WeatherDay } from '#core/weather';
import { simulatedStation } from '#server/sources/simulated-station';
import type { WeatherSource } from '#server/sources/weather-source';
import { type SimulatedClimate, WET_PLACE } from '#simulated';
import { stationId } from './ids.ts';

/** Fallow Bank's weather: about 45° N, cold winters, warm summers. All invented. */
export const FALLOW_BANK: SimulatedClimate = {
  meanC: 8.8,
  seasonalC: 14.2,
  coldestDay: 15,
  dailyRangeWinterC: 8.5,
  dailyRangeSummerC: 12,
  spreadWinterC: 5,
  spreadSummerC: 3,
  persistence: 0.72,
  wetAfterDry: 0.22,
  wetAfterWet: 0.42,
  rainPerWetDayMm: 7,
  windMeanMs: 2.4,
  windFrom: { winterDeg: 310, summerDeg: 262 },
};

export const STATION_FROM: CivilDate = '2011-01-01';
/** The invented weather runs on to here; the garden's day can be stepped until then. */
export const STATION_TO: CivilDate = '2029-12-31';
const LOGGER_FROM: CivilDate = '2018-01-01';
const SEED = 4535;

export const GARDEN_STATION = stationId(1);
export const SUNROOM_LOGGER = stationId(2);

const shared = { climate: FALLOW_BANK, seed: SEED, from: STATION_FROM, to: STATION_TO };

/** Under glass: frost-free at night, warmed by day, never above what the vents allow. */
function underGlass(day: WeatherDay): WeatherDay {
  const minC = Math.round((11 + 0.3 * Math.max(0, day.minC)) * 10) / 10;
  const maxC = Math.round(Math.min(33, Math.max(minC + 2, 17 + 0.5 * Math.max(0, day.maxC))) * 10) / 10;
  return { date: day.date, minC, maxC, rainMm: null, windMs: null };
}

/** Its wet May: scab met a fresh cover on the 1st, bare leaves in the night of the 17th, a cover on the 21st. */
const WET_MAY: Readonly<Record<CivilDate, number>> = {
  '2026-05-01': 4.2,
  '2026-05-02': 6.5,
  '2026-05-08': 6.2,
  '2026-05-12': 6,
  '2026-05-16': 0,
  '2026-05-17': 0,
};
/** Since when the station has told humidity and rain by the hour. */
const HOURS_FROM: CivilDate = '2026-03-01';

export const gardenStation = (): WeatherSource =>
  simulatedStation({
    ...shared,
    stationId: GARDEN_STATION,
    forecastErrorC: 3,
    rainOn: WET_MAY,
    hours: { from: HOURS_FROM, latitudeDeg: 45, noonHour: 13, air: WET_PLACE },
  });

export function sunroomLogger(): WeatherSource {
  const logger = simulatedStation({
    ...shared,
    stationId: SUNROOM_LOGGER,
    forecastErrorC: null,
    alter: underGlass,
  });
  return { ...logger, measured: (from, to) => logger.measured(from < LOGGER_FROM ? LOGGER_FROM : from, to) };
}
