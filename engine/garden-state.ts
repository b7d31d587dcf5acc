import type {
  Care,
  Device,
  Garden,
  Growth,
  Handwork,
  Inspection,
  LocalAdvice,
  MonthlyNormalRecord,
  Move,
  Place,
  Plant,
  ProductRecord,
  Sample,
  Series,
  Tick,
  Sighting,
  Sprayer,
  SprayRecord,
  Tag,
  Tape,
  Trap,
  Watch,
  WatchClock,
  WetLookRecord,
  SeasonPlan,
  YearReview,
  PlantSpot,
  GroundPicture,
  GroundShape,
  SpreadLook,
} from '#core/records';
import type { DayOrigin, WeatherDay } from '#core/weather';

/** A day's weather as it was known when a spray was logged; told by whoever sprayed, where nothing else knew. */
export interface AttachedWeather extends Omit<WeatherDay, 'date'> {
  readonly origin: DayOrigin | 'told';
}

export interface LoggedSpray extends SprayRecord {
  readonly weather: AttachedWeather | null;
}

/**
 * Everything recorded of a garden that a judgement may rest on: plain records, each list in the order
 * of its days (or names), as they can be sent to a browser and back. A list that has not changed is
 * the same list in the next state.
 */
export interface GardenState {
  readonly garden: Garden;
  readonly places: readonly Place[];
  readonly plants: readonly Plant[];
  readonly moves: readonly Move[];
  /** Pairs of plants that were said to touch, by id, and such that do not, whatever the plan shows. */
  readonly touching: readonly (readonly [string, string])[];
  readonly apart: readonly (readonly [string, string])[];
  /** Where plants stand on the plan, and what else is drawn on it. */
  readonly plantSpots: readonly PlantSpot[];
  readonly groundShapes: readonly GroundShape[];
  readonly groundPictures: readonly GroundPicture[];
  /** Neighbours looked over for what was found on a plant. */
  readonly spreadLooks: readonly SpreadLook[];
  readonly growth: readonly Growth[];
  readonly care: readonly Care[];
  readonly watches: readonly Watch[];
  readonly clocks: readonly WatchClock[];
  readonly seasonPlans: readonly SeasonPlan[];
  readonly inspections: readonly Inspection[];
  readonly samples: readonly Sample[];
  readonly tapes: readonly Tape[];
  readonly traps: readonly Trap[];
  readonly devices: readonly Device[];
  readonly tags: readonly Tag[];
  readonly sightings: readonly Sighting[];
  readonly sprays: readonly LoggedSpray[];
  readonly handwork: readonly Handwork[];
  readonly series: readonly Series[];
  readonly ticks: readonly Tick[];
  readonly products: readonly ProductRecord[];
  readonly sprayers: readonly Sprayer[];
  readonly localAdvice: readonly LocalAdvice[];
  /** What was found of leaves, by place and day. */
  readonly wetLooks: readonly WetLookRecord[];
  /** Years looked back on, by the day that was done. */
  readonly yearReviews: readonly YearReview[];
  readonly normals: readonly MonthlyNormalRecord[];
  /** By thermometer: its days in order, with what was decided about doubtful ones laid over them. */
  readonly days: Readonly<Record<string, readonly WeatherDay[]>>;
  /** By thermometer: the forecast as it stands, after what was forecast of days that are over; in order. */
  readonly forecasts: Readonly<Record<string, readonly WeatherDay[]>>;
}

/** A garden of which nothing is recorded yet. */
export const emptyState = (garden: Garden): GardenState => ({
  garden,
  places: [],
  plants: [],
  moves: [],
  touching: [],
  apart: [],
  plantSpots: [],
  groundShapes: [],
  groundPictures: [],
  spreadLooks: [],
  growth: [],
  care: [],
  watches: [],
  clocks: [],
  seasonPlans: [],
  inspections: [],
  samples: [],
  tapes: [],
  traps: [],
  devices: [],
  tags: [],
  sightings: [],
  sprays: [],
  handwork: [],
  series: [],
  ticks: [],
  products: [],
  sprayers: [],
  localAdvice: [],
  wetLooks: [],
  yearReviews: [],
  normals: [],
  days: {},
  forecasts: {},
});
