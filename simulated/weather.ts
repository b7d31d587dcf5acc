import { randomGamma, randomLcg, randomNormal } from 'd3-random';
import { addDays, type CivilDate, dayOfYear, daysBetween } from '#core/calendar';
import type { WeatherDay } from '#core/weather';

/** The shape of an invented place's year. Temperatures °C, rain mm, wind m/s. */
export interface SimulatedClimate {
  readonly meanC: number;
  /** Half the difference between the warmest and the coldest time of the year. */
  readonly seasonalC: number;
  /** Day of the year (0–364) on which it is coldest on average. */
  readonly coldestDay: number;
  /** Mean distance between a dry day's minimum and maximum, winter and summer. */
  readonly dailyRangeWinterC: number;
  readonly dailyRangeSummerC: number;
  /** Spread of a day's mean about the season's, winter and summer, and its day-to-day correlation. */
  readonly spreadWinterC: number;
  readonly spreadSummerC: number;
  readonly persistence: number;
  readonly wetAfterDry: number;
  readonly wetAfterWet: number;
  readonly rainPerWetDayMm: number;
  readonly windMeanMs: number;
  /** Where the wind mostly comes from in winter and in summer, degrees clockwise from north; left out: not told. */
  readonly windFrom?: { readonly winterDeg: number; readonly summerDeg: number };
}

/**
 * Invents consecutive days from `from` to `to` for a climate. Temperatures follow a yearly cosine
 * with a first-order autoregressive departure; rain is a two-state chain with gamma amounts
 * (after Richardson 1981, Water Resour. Res. 17:182). The same seed and `from` always give the same days, and
 * a longer run begins with the shorter one.
 */
export function simulateDays(
  climate: SimulatedClimate,
  seed: number,
  from: CivilDate,
  to: CivilDate,
): WeatherDay[] {
  const source = randomLcg(seed);
  const normal = randomNormal.source(source)(0, 1);
  const rain = randomGamma.source(source)(0.8, climate.rainPerWetDayMm / 0.8);
  const wind = randomGamma.source(source)(5, climate.windMeanMs / 5);
  // Of a source of its own, so that it changes none of the other figures.
  const veering = randomNormal.source(randomLcg(seed + 1))(0, WIND_VEERS_DEG);
  const innovation = Math.sqrt(1 - climate.persistence ** 2);
  let departure = normal();
  let wet = false;
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => {
    const date = addDays(from, i);
    // 1 at midsummer, 0 at midwinter.
    const summer = (1 - Math.cos((2 * Math.PI * (dayOfYear(date) - climate.coldestDay)) / 365.25)) / 2;
    departure = climate.persistence * departure + innovation * normal();
    wet = source() < (wet ? climate.wetAfterWet : climate.wetAfterDry);
    const spreadC = mix(climate.spreadWinterC, climate.spreadSummerC, summer);
    const dayMeanC =
      climate.meanC + climate.seasonalC * (2 * summer - 1) + spreadC * departure - (wet ? 0.8 : 0);
    const dryRangeC =
      mix(climate.dailyRangeWinterC, climate.dailyRangeSummerC, summer) * (1 + 0.18 * normal());
    const rangeC = Math.max(1.5, dryRangeC * (wet ? 0.65 : 1.06));
    const amountMm = rain();
    return {
      date,
      minC: tenth(dayMeanC - rangeC / 2),
      maxC: tenth(dayMeanC + rangeC / 2),
      rainMm: wet ? Math.max(0.2, tenth(amountMm)) : 0,
      windMs: tenth(wind()),
      ...windFrom(climate, summer, veering()),
    };
  });
}

/** How far a day's wind stands off the season's, degrees. */
const WIND_VEERS_DEG = 55;

function windFrom({ windFrom }: SimulatedClimate, summer: number, offDeg: number): { windFromDeg?: number } {
  if (!windFrom) return {};
  const deg = mix(windFrom.winterDeg, windFrom.summerDeg, summer) + offDeg;
  return { windFromDeg: Math.round((deg + 720) % 360) % 360 };
}

function mix(winter: number, summer: number, part: number): number {
  return winter + (summer - winter) * part;
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}
