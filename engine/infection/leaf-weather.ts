import { keptWith } from '#core/caches';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import {
  type LearnedWetness,
  learnWetness,
  type LeafDay,
  type LeafHours,
  leafHours,
  type WetLook,
} from '#core/infection';
import type { Garden, Plant } from '#core/records';
import { laidInHours, solarNoonHour, type SunTimes, sunTimes } from '#core/spray-hours';
import { placeOn, type WeatherDay } from '#core/weather';
import type { GardenDay } from '../garden-day.ts';
import { type SeasonWeather, staysOf } from '../season-weather.ts';

/** The hours leaves of a place have had, last season and this one, and those its forecast tells of. */
export interface LeafWeather {
  readonly from: CivilDate;
  readonly today: CivilDate;
  readonly hours: LeafHours;
  readonly learned: LearnedWetness;
  /** Mean of each day, °C. */
  readonly meansC: readonly number[];
  /** Rain of each day, mm; null where nobody read it, whatever had been forecast. */
  readonly rainMm: readonly (number | null)[];
  /** Days before today that nobody read and that stand as they had been forecast. */
  readonly foretold: readonly boolean[];
  /** Days of the frame that are forecast begin here. */
  readonly forecastFrom: number;
  /** Nothing but what is watered wets what stands under a roof. */
  readonly sheltered: boolean;
}

/** The sun of a garden's days: the same whatever is written, and slow to work out. */
const suns = keptWith<Garden, string, SunTimes>();

const weathers = keptWith<SeasonWeather, string, LeafWeather | null>();

/** What leaves of a plant have had and will have; null where no day of it was ever read. */
export function leafWeather(day: GardenDay, plant: Plant): LeafWeather | null {
  const weather = day.ofPlant(plant);
  const placeId = placeOn(staysOf(day.books.plantBook(plant.id)), day.today);
  return weathers(weather, placeId, () => laidOut(day, weather, placeId));
}

/** Whether a plant stands where no rain falls on it today. */
export const standsSheltered = (day: GardenDay, plant: Plant): boolean =>
  isSheltered(day, placeOn(staysOf(day.books.plantBook(plant.id)), day.today));

const isSheltered = (day: GardenDay, placeId: string): boolean =>
  day.books.place(placeId)?.kind !== 'outdoors';

function laidOut(day: GardenDay, weather: SeasonWeather, placeId: string): LeafWeather | null {
  const sheltered = isSheltered(day, placeId);
  const laidDays = consecutiveDays(weather, sheltered);
  if (!laidDays) return null;
  const { days, foretold } = laidDays;
  const { latitudeDeg } = day.garden;
  const looks = new Map(
    day.books.state.wetLooks
      .filter((look) => look.placeId === placeId && look.on <= day.today)
      .map((look): [CivilDate, WetLook] => [look.on, look]),
  );
  const noonHour = solarNoonHour(day.garden.timeZone, day.garden.longitudeDeg, day.today);
  const sunOn = (date: CivilDate) =>
    suns(day.garden, `${date} ${noonHour}`, () => sunTimes(latitudeDeg, date, noonHour));
  const leafDays = laidInHours(
    days,
    days.map(({ date }) => sunOn(date)),
  ).map((laid): LeafDay => ({ ...laid, look: looks.get(laid.day.date) ?? null }));
  const learned = learnWetness(leafDays, usualDewOffsetC(day));
  const from = days[0]!.date;
  return {
    from,
    today: day.today,
    hours: leafHours(leafDays, learned.dewOffsetC),
    learned,
    meansC: leafDays.map(({ temperaturesC }) => temperaturesC.reduce((sum, value) => sum + value, 0) / 24),
    rainMm: days.map(({ rainMm }, i) => (foretold[i] ? null : rainMm)),
    foretold,
    forecastFrom: Math.max(0, daysBetween(from, day.today)),
    sheltered,
  };
}

/** The dew point lies near the night's low where summers are wet, and degrees below it where they are dry (C). */
const DEW_OFFSET_C = { dry: 3.5, even: 1.5, wet: 0.5 } as const;

const usualDewOffsetC = ({ garden }: GardenDay): number => DEW_OFFSET_C[garden.climate?.summers ?? 'even'];

/** As far back as last season's spots may tell of, and no further: each day costs its hours. */
const FRAME_DAYS = 430;

/**
 * Every day from the first reading to the end of the forecast. What nobody read stands as it had been forecast,
 * else as warm as the day before it, with rain unknown.
 */
function consecutiveDays(
  { readings, measured, foretold, forecast, today }: SeasonWeather,
  sheltered: boolean,
): { readonly days: readonly WeatherDay[]; readonly foretold: readonly boolean[] } | null {
  const byDate = new Map<CivilDate, WeatherDay>();
  for (const list of [measured, foretold, readings, forecast])
    for (const entry of list) byDate.set(entry.date, entry);
  const earliest = addDays(today, -FRAME_DAYS);
  const dates = [...byDate.keys()].filter((date) => date >= earliest).sort();
  const [first, last] = [dates[0], dates.at(-1)];
  if (!first || !last) return null;
  let before = byDate.get(first)!;
  const days = Array.from({ length: daysBetween(first, last) + 1 }, (_, i) => {
    const date = addDays(first, i);
    const told = byDate.get(date);
    const entry = told ?? { date, minC: before.minC, maxC: before.maxC, rainMm: null, windMs: null };
    before = entry;
    return sheltered ? underRoof(entry) : entry;
  });
  const wasForetold = new Set(foretold);
  return { days, foretold: days.map(({ date }) => wasForetold.has(byDate.get(date)!)) };
}

/** No rain falls under a roof, whatever the thermometer outside told of it. */
function underRoof({ hourly, ...day }: WeatherDay): WeatherDay {
  const { rainMm: _, ...rest } = hourly ?? {};
  return { ...day, rainMm: 0, ...(Object.keys(rest).length > 0 ? { hourly: rest } : {}) };
}
