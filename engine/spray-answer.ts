import type { LabelLine, Product } from '#core/materials';
import { loggedBloom } from '#core/plan';
import type { Garden, Plant } from '#core/records';
import {
  forecastHours,
  type ForecastHours,
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
  const isOil = product.containsOil || material.isOil;
  const limits = sprayLimits({
    isOil,
    labelLeastC: line.leastC,
    labelGreatestC: line.greatestC,
    labelRainFreeHours: line.rainFreeHours,
    schoolTopC: oilTopC(schoolsFor(day.garden, plant)),
    isCitrus: CITRUS_HOSTS.has(plant.hostId),
  });
  const bloom = loggedBloom(day.books.plantBook(plant.id).growth, day.start, day.today);
  const scene = {
    bloom: material.harmsBees && bloom.kind === 'open' && hostById(plant.hostId).beesVisitBloom,
    beesAtHoneydew: told.beesAtHoneydew && material.harmsBees,
    thirsty: told.thirsty,
  };
  const days = sprayHours(hoursAhead(day.ofPlant(plant), day.garden), limits, scene).slice(1);
  return {
    days,
    limits,
    scene,
    isOil,
    school: schoolFor('oil-top', schoolsFor(day.garden, plant)),
    stretches: goodStretches(days, leastHours),
  };
}

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
  return sprayHours(hoursAhead(day.ofPlace(outdoors), day.garden), limits).slice(1);
}

/** Yesterday, for its frost and its evening, and the forecast, in hours; nothing without a forecast. */
function hoursAhead({ forecast, measured }: SeasonWeather, garden: Garden): ForecastHours[] {
  const yesterday = measured.at(-1);
  if (forecast.length === 0 || !yesterday) return [];
  return forecastHours(
    [yesterday, ...forecast],
    garden.latitudeDeg,
    solarNoonHour(garden.timeZone, garden.longitudeDeg, forecast[0]!.date),
  );
}
