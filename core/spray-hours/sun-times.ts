import { getTimes } from 'suncalc';
import type { CivilDate } from '#core/calendar';

/** The sun at a place on a day, in hours of the local clock (may be broken numbers). */
export interface SunTimes {
  readonly sunrise: number;
  readonly sunset: number;
}

const MS_PER_HOUR = 3_600_000;

/**
 * Sunrise and sunset, the sun's upper edge at the horizon (suncalc, after Meeus), laid about
 * `solarNoonHour` of the local clock. Where it does not rise both are noon; where it does not set
 * they lie twelve hours off.
 * @param latitudeDeg −90 to 90, north positive.
 */
export function sunTimes(latitudeDeg: number, date: CivilDate, solarNoonHour: number): SunTimes {
  // At longitude 0 the clock is UTC; only the distance from noon is taken.
  const { sunrise, sunset, solarNoon, alwaysUp } = getTimes(new Date(`${date}T12:00:00Z`), latitudeDeg, 0);
  if (!sunrise || !sunset || !solarNoon) {
    const half = alwaysUp ? 12 : 0;
    return { sunrise: solarNoonHour - half, sunset: solarNoonHour + half };
  }
  const fromNoon = (at: Date) => (at.getTime() - solarNoon.getTime()) / MS_PER_HOUR;
  return { sunrise: solarNoonHour + fromNoon(sunrise), sunset: solarNoonHour + fromNoon(sunset) };
}
