import type { SunTimes } from './sun-times.ts';

const { exp, PI, sin } = Math;

/** Lags and night cooling of air at 1.5 m (Parton & Logan 1981, Agric. Meteorol. 23:205). */
const MAXIMUM_LAG_H = 1.86;
const NIGHT_COOLING = 2.2;
const MINIMUM_LAG_H = -0.17;

interface DayTemperatureShape extends SunTimes {
  readonly minC: number;
  readonly maxC: number;
  /** Minimum of the next morning, which the evening cools towards. */
  readonly nextMinC: number;
  /** Temperature at the previous sunset, from which the early hours cool. */
  readonly previousSunsetC: number;
  readonly previousSunset: number;
}

/** Temperature at sunset, °C: the day's sine curve at its end. */
export function sunsetTemperature(minC: number, maxC: number, { sunrise, sunset }: SunTimes): number {
  const dayHours = sunset - sunrise;
  return minC + (maxC - minC) * sin((PI * (dayHours - MINIMUM_LAG_H)) / (dayHours + 2 * MAXIMUM_LAG_H));
}

/** Temperature at a local hour (0–24), °C: a sine by day, exponential cooling by night. */
export function temperatureAt(hour: number, day: DayTemperatureShape): number {
  const { sunrise, sunset, minC, maxC } = day;
  const dayHours = sunset - sunrise;
  const minimumAt = sunrise + MINIMUM_LAG_H;
  if (hour >= minimumAt && hour <= sunset) {
    return minC + (maxC - minC) * sin((PI * (hour - minimumAt)) / (dayHours + 2 * MAXIMUM_LAG_H));
  }
  const nightHours = 24 - dayHours;
  if (hour > sunset) return cool(sunsetTemperature(minC, maxC, day), day.nextMinC, hour - sunset, nightHours);
  return cool(day.previousSunsetC, minC, hour + 24 - day.previousSunset, nightHours);
}

function cool(fromC: number, towardsC: number, hours: number, nightHours: number): number {
  return towardsC + (fromC - towardsC) * exp((-NIGHT_COOLING * hours) / nightHours);
}
