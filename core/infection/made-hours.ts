import { addDays, type CivilDate } from '#core/calendar';
import { forecastHours } from '#core/spray-hours';
import type { WeatherDay } from '#core/weather';
import type { LeafDay, LeafHours } from './leaf-hours.ts';
import type { WetLook } from './wetness-case.ts';
import { byCase, type ByCase } from './wetness-case.ts';

/** Days put together by hand for tests: at 45° N, noon at 12, from 1 May 2026. */
export const FIRST: CivilDate = '2026-05-01';

export const leafDays = (
  days: readonly Partial<WeatherDay>[],
  looks: Readonly<Record<number, Partial<WetLook>>> = {},
): LeafDay[] =>
  forecastHours(
    days.map((day, i) => ({
      date: addDays(FIRST, i),
      minC: 8,
      maxC: 18,
      rainMm: 0,
      windMs: 2,
      ...day,
    })),
    45,
    12,
  ).map((laid, i) => ({
    ...laid,
    look: looks[i] ? { breakfast: null, noon: null, dryByHour: null, ...looks[i] } : null,
  }));

/** Hours written out by hand: "w" wet with rain, "d" wet with dew, "." dry; at one temperature, all cases alike. */
export function hoursOf(signs: string, tempC = 12, rainAnHourMm = 1): LeafHours {
  const size = Math.ceil(signs.length / 24) * 24;
  const at = (i: number) => signs[i] ?? '.';
  const all = <T>(make: (i: number) => T) => Array.from({ length: size }, (_, i) => make(i));
  const wet = Uint8Array.from(all((i) => Number(at(i) !== '.')));
  const rains = Uint8Array.from(all((i) => Number(at(i) === 'w')));
  let sumMm = 0;
  return {
    days: size / 24,
    tempC: Float64Array.from(all(() => tempC)),
    humidity: Float64Array.from(all((i) => (at(i) === '.' ? 50 : 98))),
    wet: byCase(() => wet),
    rains: byCase(() => rains),
    isRainTold: new Uint8Array(size / 24).fill(1),
    rainSumMm: Float64Array.from(all((i) => (sumMm += rains[i]! * rainAnHourMm))),
    isDark: Uint8Array.from(all((i) => Number(i % 24 < 5 || i % 24 >= 20))),
    basis: Array.from({ length: size / 24 }, () => 'measured' as const),
  };
}

/** Hours nobody told, each case written out by hand; a millimetre for each hour of rain of the long one. */
export function guessedHours(signs: ByCase<string>, tempC: number | readonly number[] = 12): LeafHours {
  const longest = Math.max(...Object.values(signs).map(({ length }) => length));
  const each = byCase((at) => hoursOf(signs[at].padEnd(longest, '.')));
  const { long } = each;
  return {
    ...long,
    tempC: long.tempC.map((_, hour) => (typeof tempC === 'number' ? tempC : (tempC[hour] ?? 0))),
    wet: byCase((at) => each[at].wet.middle),
    rains: byCase((at) => each[at].rains.middle),
    isRainTold: new Uint8Array(long.days),
    basis: long.basis.map(() => 'guessed' as const),
  };
}
