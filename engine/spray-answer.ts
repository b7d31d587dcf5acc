import { addDays, type CivilDate } from '#core/calendar';
import type { LabelLine, Product, UseFacts } from '#core/materials';
import { loggedBloom } from '#core/plan';
import type { Plant, ToldWeather } from '#core/records';
import type { WeatherDay } from '#core/weather';
import {
  forecastHours,
  goodStretches,
  type GoodStretch,
  solarNoonHour,
  sprayHours,
  sprayLimits,
  type SprayDay,
  type SprayLimits,
  type SprayScene,
} from '#core/spray-hours';
import {
  AIR_WORDS,
  CITRUS_HOSTS,
  hostById,
  materialById,
  oilTopC,
  schoolFor,
  schoolsFor,
  type School,
} from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';

/** The hours of the coming days for one product on one plant. */
export interface SprayAnswer {
  readonly days: readonly SprayDay[];
  readonly stretches: readonly GoodStretch[];
  readonly limits: SprayLimits;
  readonly scene: SprayScene;
  readonly isOil: boolean;
  /** The school that sets oil's top temperature. */
  readonly school: School;
}

/** What the user sees and the records do not tell. */
export interface SceneTold {
  readonly beesAtHoneydew: boolean;
  readonly thirsty: boolean;
}

export function sprayAnswer(
  day: GardenDay,
  plant: Plant,
  product: Product,
  line: LabelLine,
  told: SceneTold,
  leastHours: number,
): SprayAnswer {
  const material = materialById(product.materialId);
  const limits = limitsOf(day, plant, product, line);
  const bloom = loggedBloom(day.books.plantBook(plant.id).growth, day.start, day.today);
  const scene = {
    bloom: material.harmsBees && bloom.kind === 'open' && hostById(plant.hostId).beesVisitBloom,
    beesAtHoneydew: told.beesAtHoneydew && material.harmsBees,
    thirsty: told.thirsty,
  };
  const days = hoursAhead(day, day.ofPlant(plant), limits, scene);
  return {
    days,
    limits,
    scene,
    isOil: product.containsOil || material.isOil,
    school: schoolFor('oil-top', schoolsFor(day.garden, plant)),
    stretches: goodStretches(days, leastHours),
  };
}

/** What one label line bears on one plant, by label, school and plant. */
export function limitsOf(
  { garden }: GardenDay,
  plant: Plant,
  product: Product,
  line: LabelLine,
): SprayLimits {
  return sprayLimits({
    isOil: product.containsOil || materialById(product.materialId).isOil,
    labelLeastC: line.leastC,
    labelGreatestC: line.greatestC,
    labelRainFreeHours: line.rainFreeHours,
    schoolTopC: oilTopC(schoolsFor(garden, plant)),
    isCitrus: CITRUS_HOSTS.has(plant.hostId),
  });
}

/** Rain that somebody expects, without a figure: enough to wash a spray off. */
const TOLD_RAIN_MM = 5;

/** Best of today's hours for a line on a plant, and what stands against them; null without a forecast. */
export function hoursToday(
  day: GardenDay,
  plant: Plant,
  product: Product,
  line: LabelLine,
  told: ToldWeather | null,
): UseFacts['hours'] {
  const weather = day.ofPlant(plant);
  const here =
    weather.forecast.length === 0 && told ? { ...weather, forecast: asForecast(told, day.today) } : weather;
  const [today] = hoursAhead(day, here, limitsOf(day, plant, product, line));
  if (!today) return null;
  const light = today.hours.filter(({ reasons }) => !reasons.includes('dark'));
  const best = (['go', 'poor', 'unknown', 'no'] as const).find((verdict) =>
    light.some((hour) => hour.verdict === verdict),
  );
  return { best: best ?? 'no', reasons: [...new Set(light.flatMap(({ reasons }) => reasons))] };
}

const asForecast = ({ lowC, highC, rain, air }: ToldWeather, today: CivilDate): WeatherDay[] =>
  [0, 1, 2].map((days) => ({
    date: addDays(today, days),
    minC: lowC,
    maxC: highC,
    rainMm: rain && days < 2 ? TOLD_RAIN_MM : 0,
    windMs: air === null ? null : AIR_WORDS[air].value,
  }));

/** The hours for oil on leaves in the open garden: the strictest thing a garden commonly sprays. */
export function outdoorSprayDays(day: GardenDay): SprayDay[] {
  const outdoors = day.books.state.places.find((place) => place.kind === 'outdoors');
  if (!outdoors) return [];
  const limits = sprayLimits({
    isOil: true,
    labelLeastC: null,
    labelGreatestC: null,
    labelRainFreeHours: null,
    schoolTopC: oilTopC(day.garden.schools),
    isCitrus: false,
  });
  return hoursAhead(day, day.ofPlace(outdoors), limits);
}

/** The hours of the forecast; yesterday's frost and evening count where they were measured. */
function hoursAhead(
  { garden, today }: GardenDay,
  { forecast, readings }: Pick<SeasonWeather, 'forecast' | 'readings'>,
  limits: SprayLimits,
  scene?: SprayScene,
): SprayDay[] {
  if (forecast.length === 0) return [];
  const before = readings.filter(({ date }) => date === addDays(today, -1));
  const hours = forecastHours(
    [...before, ...forecast],
    garden.latitudeDeg,
    solarNoonHour(garden.timeZone, garden.longitudeDeg, forecast[0]!.date),
  );
  return sprayHours(hours, limits, scene).slice(before.length);
}
