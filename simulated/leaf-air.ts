import { randomLcg, randomLogNormal, randomNormal, randomUniform } from 'd3-random';
import type { ForecastHours } from '#core/spray-hours';

/** What really happened in the hours of a day, of which a thermometer tells only the low, the high and the rain. */
export interface TrueHours {
  readonly tempC: readonly number[];
  readonly rainMm: readonly number[];
  readonly humidityPercent: readonly number[];
  /** Whether leaves were wet. */
  readonly wet: readonly boolean[];
}

/** How the air of an invented place lies: dew point below the night's low on dry days, and showers by share. */
export interface TrueAir {
  readonly dewOffsetC: number;
  /** Share of wet days whose rain comes as short hard showers. */
  readonly showers: number;
}

export const WET_PLACE: TrueAir = { dewOffsetC: 0.8, showers: 0.3 };
export const DRY_PLACE: TrueAir = { dewOffsetC: 3.5, showers: 0.7 };

const HOURS = 24;
/** What a leaf holds, mm, and what is left when it counts as dry. */
const LEAF_HOLDS_MM = 0.35,
  DRY_MM = 0.01;
/** Leaves under a clear night sky are colder than the air. */
const LEAF_COOLER_C = 1.6;
const DEW_MM_AN_HOUR = 0.035;
/** Drying, mm an hour for each kPa the air could still take up, by day and by night, in calm and in wind. */
const DRIES_BY_DAY = 0.34,
  DRIES_BY_NIGHT = 0.09;

/**
 * Invents the hours of consecutive days: rain as showers or as steady falls at any hour, air whose dew point
 * wanders, a film of water that rain and dew fill and that dries by what the air takes up. It shares nothing with
 * the guesses it is there to test but the day's curve of temperature. The same seed gives the same hours.
 */
export function trueHours(days: readonly ForecastHours[], air: TrueAir, seed: number): TrueHours[] {
  const source = randomLcg(seed);
  const normal = randomNormal.source(source)(0, 1);
  const uniform = randomUniform.source(source)(0, 1);
  const shower = randomLogNormal.source(source)(Math.log(4), 0.5);
  const steady = randomLogNormal.source(source)(Math.log(1.1), 0.5);
  const rain = rainOf(days);
  let offC = 0,
    dewOffC = 0,
    filmMm = 0;
  return days.map(({ day, sun, temperaturesC }, i) => {
    const hours = {
      tempC: [] as number[],
      rainMm: [] as number[],
      humidityPercent: [] as number[],
      wet: [] as boolean[],
    };
    const isWetDay = (day.rainMm ?? 0) > 0;
    const cloudC = isWetDay ? 0.2 : LEAF_COOLER_C;
    const clearDewC = day.minC - air.dewOffsetC * (isWetDay ? 0.2 : 1);
    for (let hour = 0; hour < HOURS; hour++) {
      offC = 0.8 * offC + 0.35 * normal();
      dewOffC = 0.95 * dewOffC + 0.25 * normal();
      const airC = temperaturesC[hour]! + offC;
      const rainMm = rain[i * HOURS + hour]!;
      const isDay = hour >= sun.sunrise && hour < sun.sunset;
      const dewC = Math.min(airC, rainMm > 0 ? airC - 0.3 : clearDewC + dewOffC);
      const lackKpa = vapourKpa(airC) - vapourKpa(dewC);
      const wind = 0.6 + 0.2 * (day.windMs ?? 2);
      const dew = !isDay && airC - cloudC < dewC ? DEW_MM_AN_HOUR : 0;
      filmMm = Math.min(LEAF_HOLDS_MM, filmMm + rainMm + dew);
      if (rainMm === 0)
        filmMm = Math.max(0, filmMm - lackKpa * wind * (isDay ? DRIES_BY_DAY : DRIES_BY_NIGHT));
      hours.tempC.push(tenth(airC));
      hours.rainMm.push(rainMm);
      hours.humidityPercent.push(Math.round(100 * (vapourKpa(dewC) / vapourKpa(airC))));
      hours.wet.push(filmMm > DRY_MM);
    }
    return hours;
  });

  function rainOf(all: readonly ForecastHours[]): number[] {
    const fell = new Array<number>(all.length * HOURS).fill(0);
    all.forEach(({ day }, i) => {
      if (!((day.rainMm ?? 0) > 0)) return;
      const isShower = uniform() < air.showers;
      const anHour = isShower ? shower() : steady();
      const length = Math.min(HOURS, Math.max(1, Math.ceil(day.rainMm! / anHour)));
      const from = Math.floor(isShower ? 12 + 8 * uniform() : uniform() * (HOURS - length + 1));
      const first = Math.min(from, HOURS - length);
      for (let hour = first; hour < first + length; hour++)
        fell[i * HOURS + hour] = hundredth(day.rainMm! / length);
    });
    return fell;
  }
}

const vapourKpa = (tempC: number): number => 0.6108 * Math.exp((17.27 * tempC) / (tempC + 237.3));
const tenth = (value: number): number => Math.round(value * 10) / 10;
const hundredth = (value: number): number => Math.round(value * 100) / 100;
