import { type CivilDate, daysBetween } from '#core/calendar';
import type { MonthlyNormal } from './generator.ts';

/** What a gardener knows of a place without a thermometer. */
export interface ToldClimate {
  /** Usual last frost of spring and first of autumn, `MM-DD`; null where it does not freeze, or nobody said. */
  readonly lastFrost: string | null;
  readonly firstFrost: string | null;
  /** How hot a usual midsummer afternoon and how cold a usual midwinter night gets, °C. */
  readonly summerHighC: number;
  readonly winterLowC: number;
  /** How warm a midsummer night stays; null where nobody said. */
  readonly summerLowC: number | null;
  readonly summers: 'dry' | 'even' | 'wet';
}

/** Usual months as they follow from what was told, and how far off each may be. */
export interface RoughMonths {
  /** Twelve, January first. */
  readonly months: readonly MonthlyNormal[];
  /** Standard deviation of a month's mean about the true one, °C (rule of thumb, grade C). */
  readonly widthC: number;
}

/** The mean low about the usual last and first frost: single nights fall this far below it (grade C). */
const LOW_AT_FROST_C = 5;
/** Afternoon less night in midsummer, where nothing else tells of it, and its share in midwinter (grade C). */
const SUMMER_RANGE_C = { dry: 15, even: 11, wet: 9 } as const;
const WINTER_SHARE_OF_RANGE = 0.75;
const RANGE_LIMITS_C = [6, 18] as const;
/** Days from the winter solstice to the coldest day, and how far frost dates may move that (grade C). */
const COLDEST_AFTER_SOLSTICE = 28;
const COLDEST_LIMITS = [10, 50] as const;
/** Wet days of a month in summer and in winter, and the rain of one (grade C). */
const WET_DAYS = { dry: [2, 10], even: [9, 9], wet: [13, 5] } as const;
const MM_A_WET_DAY = 7;
const WIDTH_C = { withNights: 1.2, withFrosts: 1.8, without: 2.5 } as const;

const YEAR = 365;
/** A year without a leap day to count on. */
const NEW_YEAR: CivilDate = '2001-01-01';
const SOLSTICE = { north: 355, south: 172 } as const;

/**
 * Monthly normals from what a gardener knows: a year of two cosines through midwinter nights and midsummer
 * afternoons, its spring and autumn held by the frosts. A rule of thumb (grade C), to be replaced by a climate
 * table or by years of readings.
 * @throws RangeError when summer afternoons are not above winter nights, or the summer night lies outside them.
 */
export function roughMonths(told: ToldClimate, latitudeDeg: number): RoughMonths {
  const { summerHighC, winterLowC, summers } = told;
  if (!(summerHighC > winterLowC))
    throw new RangeError('midsummer afternoons are warmer than midwinter nights');
  if (told.summerLowC !== null && !(told.summerLowC >= winterLowC && told.summerLowC < summerHighC))
    throw new RangeError('a midsummer night lies between a winter night and a summer afternoon');
  const solstice = latitudeDeg < 0 ? SOLSTICE.south : SOLSTICE.north;
  const frosts = frostSeason(told, solstice);
  const usualRange = Math.min(SUMMER_RANGE_C[summers], summerHighC - winterLowC);
  const byRange = summerHighC - usualRange;
  const byFrost = frosts && summerLowByFrost(winterLowC, frosts.halfDays);
  const summerLowC =
    told.summerLowC ??
    within(
      byRange + (byFrost === null ? 0 : frostsTell(winterLowC) * (byFrost - byRange)),
      Math.max(winterLowC, summerHighC - RANGE_LIMITS_C[1]),
      Math.max(winterLowC, summerHighC - RANGE_LIMITS_C[0]),
    );
  const winterHighC = Math.min(summerHighC, winterLowC + (summerHighC - summerLowC) * WINTER_SHARE_OF_RANGE);
  const coldest = frosts?.coldest ?? solstice + COLDEST_AFTER_SOLSTICE;
  const wetDays = (summer: number) =>
    WET_DAYS[summers][1] + (WET_DAYS[summers][0] - WET_DAYS[summers][1]) * summer;
  return {
    widthC: WIDTH_C[told.summerLowC !== null ? 'withNights' : frosts ? 'withFrosts' : 'without'],
    months: Array.from({ length: 12 }, (_, month): MonthlyNormal => {
      const summer = summerShare(month, coldest);
      const wet = wetDays(summer);
      return {
        minC: tenth(winterLowC + (summerLowC - winterLowC) * summer),
        maxC: tenth(winterHighC + (summerHighC - winterHighC) * summer),
        rainMm: Math.round(wet * MM_A_WET_DAY),
        wetDays: Math.round(wet),
      };
    }),
  };
}

interface FrostSeason {
  /** Middle of the frosty half of the year, as a day of the year. */
  readonly coldest: number;
  /** From there to the frost at either end. */
  readonly halfDays: number;
}

/** Null where it does not freeze, or where the days told lie in no winter of this hemisphere. */
function frostSeason({ firstFrost, lastFrost }: ToldClimate, solstice: number): FrostSeason | null {
  if (firstFrost === null || lastFrost === null) return null;
  const first = dayOfYear(firstFrost);
  const lengthDays = (dayOfYear(lastFrost) - first + YEAR) % YEAR;
  const middle = (first + lengthDays / 2) % YEAR;
  const afterSolstice = ((middle - solstice + YEAR * 1.5) % YEAR) - YEAR / 2;
  if (Math.abs(afterSolstice) > 90 || lengthDays < 14 || lengthDays > 320) return null;
  return { coldest: solstice + within(afterSolstice, ...COLDEST_LIMITS), halfDays: lengthDays / 2 };
}

/** Midsummer nights, by a cosine through midwinter nights and the mean low about the frosts. */
function summerLowByFrost(winterLowC: number, halfDays: number): number | null {
  const risen = (1 - Math.cos((2 * Math.PI * halfDays) / YEAR)) / 2;
  return winterLowC >= LOW_AT_FROST_C ? null : winterLowC + (LOW_AT_FROST_C - winterLowC) / risen;
}

/** How far frosts are believed of midsummer nights: little where it hardly freezes, half where winters are deep. */
const frostsTell = (winterLowC: number) => within((LOW_AT_FROST_C - winterLowC) / 36, 0, 0.5);

/** How far a month lies from midwinter (0) to midsummer (1), the mean of its days. */
function summerShare(month: number, coldest: number): number {
  const first = daysBetween(NEW_YEAR, `2001-${String(month + 1).padStart(2, '0')}-01`);
  const days = new Date(Date.UTC(2001, month + 1, 0)).getUTCDate();
  const shares = Array.from(
    { length: days },
    (_, i) => (1 - Math.cos((2 * Math.PI * (first + i - coldest)) / YEAR)) / 2,
  );
  return shares.reduce((sum, share) => sum + share, 0) / days;
}

const dayOfYear = (monthDay: string) =>
  daysBetween(NEW_YEAR, `2001-${monthDay === '02-29' ? '02-28' : monthDay}`);
const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));
const tenth = (value: number) => Math.round(value * 10) / 10;

/** The usual night of midwinter in a hardiness zone (1a to 13b), °C; a zone goes by the coldest night of a year. */
export function winterLowOfZone(zone: string): number | null {
  const parts = /^(\d{1,2})\s*([ab]?)$/i.exec(zone.trim());
  const number = Number(parts?.[1]);
  if (!parts || number < 1 || number > 13) return null;
  const half = parts[2]?.toLowerCase();
  const coldestF = -60 + (number - 1) * 10 + (half === 'a' ? 2.5 : half === 'b' ? 7.5 : 5);
  return Math.round((coldestF - 32) / 1.8 + COLDEST_NIGHT_BELOW_USUAL_C);
}

/** The coldest night of a year lies about this far below a usual one of midwinter (grade C). */
const COLDEST_NIGHT_BELOW_USUAL_C = 12;
