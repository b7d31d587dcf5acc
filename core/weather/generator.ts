import { randomGamma, randomLcg, randomNormal } from 'd3-random';
import { mean, probit, sampleCorrelation, sampleStandardDeviation } from 'simple-statistics';
import { addDays, type CivilDate, daysBetween, monthOf } from '#core/calendar';
import type { WeatherDay } from './day.ts';

const { floor, max, min, round, sqrt } = Math;

/** A place's usual month: °C, mm, days with rain of 1 mm and more. */
export interface MonthlyNormal {
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number;
  readonly wetDays: number;
}

/** What a generator draws from: twelve months, January first. */
export interface ClimateNormals {
  readonly months: readonly MonthNormals[];
  /** Correlation of one day's departure with the next's. */
  readonly persistence: number;
  /** How far the normals themselves may be off, the same all year, °C; 0 where they were measured. */
  readonly centreSpreadC: number;
}

interface MonthNormals extends MonthlyNormal {
  /** Spread of a day's mean about the month's, and of its range (maximum less minimum). °C. */
  readonly meanSpreadC: number;
  readonly rangeSpreadC: number;
  readonly wetAfterWet: number;
  readonly wetAfterDry: number;
}

const WET_MM = 1;
/**
 * Spread of daily means and ranges where only monthly normals are known (rule of thumb for temperate
 * places, grade C).
 */
const USUAL = {
  meanSpreadWinterC: 4.5,
  meanSpreadSummerC: 3,
  rangeSpreadC: 3,
  persistence: 0.7,
  wetPersistence: 0.3,
} as const;
/**
 * Where summer and winter hardly differ, days differ less too: their spread for each degree between the means of
 * the warmest and the coldest month, from that of places without a season (rule of thumb, grade C). Temperate
 * places reach the usual spread.
 */
const LEAST_SPREAD_C = 1;
const SPREAD_PER_SEASON_C = 0.3;

/** Rain amounts on a wet day: a gamma distribution's shape (Richardson 1981). */
const RAIN_SHAPE = 0.75;

/**
 * Normals of a climate table completed with usual spreads. `months` are twelve, January first; `centreSpreadC` is
 * how far they may be off, where they are only guessed.
 */
export function normalsFromTable(months: readonly MonthlyNormal[], centreSpreadC = 0): ClimateNormals {
  const means = months.map(({ minC, maxC }) => (minC + maxC) / 2);
  const [coldest, warmest] = [min(...means), max(...means)];
  const most = LEAST_SPREAD_C + SPREAD_PER_SEASON_C * (warmest - coldest);
  return {
    persistence: USUAL.persistence,
    centreSpreadC,
    months: months.map((month, i) => {
      const summer = warmest > coldest ? (means[i]! - coldest) / (warmest - coldest) : 0.5;
      const share = min(0.95, month.wetDays / daysOfMonth(i));
      return {
        ...month,
        meanSpreadC: min(
          most,
          USUAL.meanSpreadWinterC + summer * (USUAL.meanSpreadSummerC - USUAL.meanSpreadWinterC),
        ),
        rangeSpreadC: USUAL.rangeSpreadC,
        wetAfterWet: share + USUAL.wetPersistence * (1 - share),
        wetAfterDry: share * (1 - USUAL.wetPersistence),
      };
    }),
  };
}

/**
 * Normals of a station's own days, spreads and persistence included. Sorted by date.
 * @throws RangeError when some month has fewer than 20 days.
 */
export function normalsOf(days: readonly WeatherDay[]): ClimateNormals {
  const byMonth = Array.from({ length: 12 }, (_, i) => days.filter(({ date }) => monthOf(date) === i + 1));
  const short = byMonth.findIndex((ofMonth) => ofMonth.length < 20);
  if (short >= 0) throw new RangeError(`month ${short + 1} has too few days`);
  const centre = dailyCurves(
    byMonth.map((ofMonth) => ({
      minC: mean(ofMonth.map(({ minC }) => minC)),
      maxC: mean(ofMonth.map(({ maxC }) => maxC)),
    })),
  );
  const departures = days.map(
    (day) => (day.minC + day.maxC) / 2 - (centre(day.date).minC + centre(day.date).maxC) / 2,
  );
  const pairs = days.flatMap((day, i) =>
    days[i + 1] && addDays(day.date, 1) === days[i + 1]!.date
      ? [[departures[i]!, departures[i + 1]!] as const]
      : [],
  );
  const departureOf = new Map(days.map(({ date }, i) => [date, departures[i]!]));
  return {
    persistence: sampleCorrelation(
      pairs.map(([today]) => today),
      pairs.map(([, next]) => next),
    ),
    centreSpreadC: 0,
    months: byMonth.map((ofMonth, i) => ({
      minC: mean(ofMonth.map(({ minC }) => minC)),
      maxC: mean(ofMonth.map(({ maxC }) => maxC)),
      meanSpreadC: sampleStandardDeviation(ofMonth.map(({ date }) => departureOf.get(date)!)),
      rangeSpreadC: sampleStandardDeviation(ofMonth.map(({ minC, maxC }) => maxC - minC)),
      ...rainOf(ofMonth, i),
    })),
  };
}

/**
 * Invents consecutive days from `from` to `to` for a place's normals: monthly means run smoothly
 * through the year, a day's departure remembers the last one's, rain is a wet–dry chain with gamma
 * amounts (after Richardson 1981, Water Resour. Res. 17:182). The same seed gives the same days.
 */
export function generateDays(
  normals: ClimateNormals,
  seed: number,
  from: CivilDate,
  to: CivilDate,
): WeatherDay[] {
  const source = randomLcg(seed);
  const normal = randomNormal.source(source)(0, 1);
  const gamma = randomGamma.source(source)(RAIN_SHAPE, 1 / RAIN_SHAPE);
  const centre = dailyCurves(normals.months);
  const innovation = sqrt(max(0, 1 - normals.persistence ** 2));
  const offC = normals.centreSpreadC > 0 ? normals.centreSpreadC * evenlyNormal(seed) : 0;
  let departure = normal();
  let wet = false;
  return Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => {
    const date = addDays(from, i);
    const month = normals.months[monthOf(date) - 1]!;
    departure = normals.persistence * departure + innovation * normal();
    wet = source() < (wet ? month.wetAfterWet : month.wetAfterDry);
    const { minC, maxC } = centre(date);
    const middleC = (minC + maxC) / 2 + offC + month.meanSpreadC * departure;
    const rangeC = max(1, maxC - minC + month.rangeSpreadC * normal());
    const rainMm = wet && month.wetDays > 0 ? max(WET_MM, (month.rainMm / month.wetDays) * gamma()) : 0;
    return {
      date,
      minC: tenth(middleC - rangeC / 2),
      maxC: tenth(middleC + rangeC / 2),
      rainMm: tenth(rainMm),
      windMs: null,
    };
  });
}

/**
 * A normal deviate by its seed: consecutive seeds lie evenly over the whole of it (steps of the golden ratio), so
 * that a few dozen draws already show its width.
 */
function evenlyNormal(seed: number): number {
  const share = (seed * GOLDEN) % 1;
  return probit(min(0.999, max(0.001, share)));
}

const GOLDEN = (sqrt(5) - 1) / 2;

function rainOf(
  ofMonth: readonly WeatherDay[],
  month: number,
): Pick<MonthNormals, 'rainMm' | 'wetDays' | 'wetAfterWet' | 'wetAfterDry'> {
  const told = ofMonth.filter(({ rainMm }) => rainMm !== null);
  const wet = (day: WeatherDay | undefined) => (day?.rainMm ?? 0) >= WET_MM;
  const follows = told.flatMap((day, i) =>
    told[i + 1] && addDays(day.date, 1) === told[i + 1]!.date ? [[wet(day), wet(told[i + 1])] as const] : [],
  );
  const chance = (afterWet: boolean) => {
    const after = follows.filter(([today]) => today === afterWet);
    return after.length === 0 ? 0 : after.filter(([, next]) => next).length / after.length;
  };
  const days = daysOfMonth(month);
  const share = told.length === 0 ? 0 : told.filter(wet).length / told.length;
  return {
    rainMm: told.length === 0 ? 0 : days * mean(told.map(({ rainMm }) => rainMm!)),
    wetDays: days * share,
    wetAfterWet: chance(true),
    wetAfterDry: chance(false),
  };
}

const daysOfMonth = (index: number) => new Date(Date.UTC(2001, index + 1, 0)).getUTCDate();

/**
 * Smooth curves through the year whose monthly means are the given ones: straight lines between
 * month middles, with the knots moved until the means of the months come out right.
 */
export function dailyCurves(
  months: readonly { readonly minC: number; readonly maxC: number }[],
): (date: CivilDate) => { minC: number; maxC: number } {
  const min = knotsFor(months.map(({ minC }) => minC)),
    max = knotsFor(months.map(({ maxC }) => maxC));
  return (date) => ({ minC: between(min, placeInYear(date)), maxC: between(max, placeInYear(date)) });
}

/** 0 at the middle of January, 1 at the middle of February, and so on round to 12. */
function placeInYear(date: CivilDate): number {
  const month = monthOf(date) - 1;
  return (month + (Number(date.slice(8)) - 0.5) / daysOfMonth(month) - 0.5 + 12) % 12;
}

function between(knots: readonly number[], place: number): number {
  const at = floor(place);
  return knots[at % 12]! + (place - at) * (knots[(at + 1) % 12]! - knots[at % 12]!);
}

function knotsFor(means: readonly number[]): number[] {
  let knots = [...means];
  for (let round = 0; round < 20; round++) {
    // A month's mean on straight lines is three quarters its own knot and an eighth of each neighbour's.
    const got = knots.map((knot, i) => 0.75 * knot + (knots[(i + 11) % 12]! + knots[(i + 1) % 12]!) / 8);
    knots = knots.map((knot, i) => knot + means[i]! - got[i]!);
  }
  return knots;
}

const tenth = (value: number) => round(value * 10) / 10;
