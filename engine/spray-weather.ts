import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { LabelLine } from '#core/materials';
import type { Plant } from '#core/records';
import { RAIN_THAT_COUNTS_MM, type SprayLimits } from '#core/spray-hours';
import type { WeatherDay } from '#core/weather';
import { materialById } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import type { LoggedSpray } from './garden-state.ts';
import { limitsOf } from './spray-answer.ts';

/** Something in the weather of a spray that label, school or usual practice stands against. */
export interface WeatherAgainst {
  readonly what: 'too-hot' | 'too-cold' | 'frost' | 'rain';
  readonly on: CivilDate;
  /** °C, or mm of rain; null for rain told without a figure. */
  readonly value: number | null;
  /** °C; hours that must stay dry, for rain. */
  readonly limit: number;
  /** Who sets the limit. */
  readonly by: 'label' | 'school' | 'usual';
}

/** How a logged spray fared against what its label and the school ask of the weather. */
export interface SprayWeather {
  readonly sprayId: string;
  /** Days known of the spray's own and the two after, 0 to 3, and whether each of them was measured. */
  readonly knownDays: number;
  readonly allMeasured: boolean;
  readonly against: readonly WeatherAgainst[];
}

/** The spray's own day and the two after: oil burns in their heat. */
const DAYS_AFTER = 2;
/** Frost counts from the night before to the second night after. */
const NIGHTS_AFTER = 1;

interface Line {
  readonly label: LabelLine;
  readonly limits: SprayLimits;
  readonly isOil: boolean;
}

/** Judges a spray of the season that runs, or of a day whose weather was kept with it. */
export function sprayWeather(day: GardenDay, plant: Plant, spray: LoggedSpray): SprayWeather {
  const days = weatherAround(day, plant, spray);
  const lines = spray.parts.flatMap(({ productId, lineId }): Line[] => {
    const product = day.books.product(productId);
    const label = product.lines.find(({ id }) => id === lineId);
    if (!label) return [];
    const isOil = product.containsOil || materialById(product.materialId).isOil;
    return [{ label, isOil, limits: limitsOf(day, plant, product, label) }];
  });
  const after = days.filter(({ date }) => date >= spray.on);
  return {
    sprayId: spray.id,
    knownDays: after.length,
    allMeasured: after.length === DAYS_AFTER + 1 && after.every(({ measured }) => measured),
    against: strictest(lines.flatMap((line) => againstLine(line, days, spray))),
  };
}

type KnownDay = WeatherDay & { readonly measured: boolean };

/** What is known of the night before, the day and two days after: readings, the forecast, what was told. */
function weatherAround(day: GardenDay, plant: Plant, { on, weather, toldWeather }: LoggedSpray): KnownDay[] {
  const { readings, forecast } = day.ofPlant(plant);
  const byDate = new Map<CivilDate, KnownDay>();
  if (weather) byDate.set(on, { ...weather, date: on, measured: weather.origin === 'measured' });
  if (toldWeather && !byDate.has(addDays(on, 1)))
    byDate.set(addDays(on, 1), {
      date: addDays(on, 1),
      minC: toldWeather.lowC,
      maxC: toldWeather.highC,
      rainMm: toldWeather.rain ? null : 0,
      windMs: null,
      measured: false,
    });
  for (const ahead of forecast) byDate.set(ahead.date, { ...ahead, measured: false });
  for (const past of readings) byDate.set(past.date, { ...past, measured: true });
  return [...byDate.values()]
    .filter(({ date }) => date >= addDays(on, -1) && date <= addDays(on, DAYS_AFTER))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

function againstLine(
  { label, limits, isOil }: Line,
  days: readonly KnownDay[],
  spray: LoggedSpray,
): WeatherAgainst[] {
  const setBy = (labelled: number | null, limit: number, else_: 'school' | 'usual') =>
    labelled === limit ? 'label' : else_;
  const thatDay = days.filter(({ date }) => date === spray.on);
  const hot = (isOil ? days.filter(({ date }) => date >= spray.on) : thatDay).map(
    ({ date, maxC }): WeatherAgainst => ({
      what: 'too-hot',
      on: date,
      value: maxC,
      limit: limits.greatestC,
      by: setBy(label.greatestC, limits.greatestC, isOil ? 'school' : 'usual'),
    }),
  );
  const cold = thatDay.map(({ date, maxC }): WeatherAgainst => ({
    what: 'too-cold',
    on: date,
    value: maxC,
    limit: limits.leastC,
    by: setBy(label.leastC, limits.leastC, 'usual'),
  }));
  const frost = days
    .filter(({ date }) => daysBetween(spray.on, date) <= NIGHTS_AFTER)
    .map(({ date, minC }): WeatherAgainst => ({
      what: 'frost',
      on: date,
      value: minC,
      limit: 0,
      by: 'usual',
    }));
  return [
    ...hot.filter(({ value, limit }) => value! > limit),
    ...cold.filter(({ value, limit }) => value! < limit),
    ...(isOil ? frost.filter(({ value }) => value! < 0) : []),
    ...rainAgainst(label, limits, days, spray),
  ];
}

/** Rain of the day itself counts whole: nobody wrote down the hour. */
function rainAgainst(
  { rainFreeHours }: LabelLine,
  limits: SprayLimits,
  days: readonly KnownDay[],
  { on, toldWeather }: LoggedSpray,
): WeatherAgainst[] {
  if (limits.rainFreeHours <= 0) return [];
  const last = addDays(on, Math.ceil(limits.rainFreeHours / 24));
  return days
    .filter(({ date }) => date >= on && date <= last)
    .filter(({ rainMm, measured }) =>
      rainMm === null ? toldWeather?.rain === true && !measured : rainMm >= RAIN_THAT_COUNTS_MM,
    )
    .map(({ date, rainMm }) => ({
      what: 'rain' as const,
      on: date,
      value: rainMm,
      limit: limits.rainFreeHours,
      by: rainFreeHours === limits.rainFreeHours ? ('label' as const) : ('usual' as const),
    }));
}

/** One of a kind and day: of several lines in a tank the one that asks for most. */
function strictest(all: readonly WeatherAgainst[]): WeatherAgainst[] {
  const stricter = (a: WeatherAgainst, b: WeatherAgainst) =>
    a.what === 'too-hot' ? a.limit < b.limit : a.limit > b.limit;
  const kept = new Map<string, WeatherAgainst>();
  for (const one of all) {
    const key = `${one.what} ${one.on}`;
    const before = kept.get(key);
    if (!before || stricter(one, before)) kept.set(key, one);
  }
  return [...kept.values()];
}
