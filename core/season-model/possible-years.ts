import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import { type ClimateNormals, generateDays, type WeatherDay } from '#core/weather';
import type { PossibleYear } from './possible-year.ts';

export interface YearsAsked {
  /** First day of the frame, and how many it has. */
  readonly start: CivilDate;
  readonly days: number;
  /** First day of the season: heat counts from it. */
  readonly season: CivilDate;
  readonly measured: readonly WeatherDay[];
  /** Days that follow the measured ones; may be empty. */
  readonly forecast: readonly WeatherDay[];
  /** What the rest is drawn from; null where nobody told what the place is like. */
  readonly normals: ClimateNormals | null;
  readonly model: DegreeDayModel;
  readonly years: number;
  readonly seed: number;
}

/** A forecast knows no more than the time of year after so many days (grade C). */
const FORECAST_WORTH_DAYS = 18;
/** From so much rain in a forecast on it counts as wet in every year drawn. mm. */
const TOLD_AS_WET_MM = 0.5;

/**
 * Possible years of a frame: measured days as they were, forecast days with a drawn year's departures growing into
 * them, then the drawn year. Without normals there is one year of which nothing is told but what was measured.
 */
export function possibleYears(asked: YearsAsked): PossibleYear[] {
  const { normals, years, seed, start, days } = asked;
  const fixed = placed(asked, asked.measured);
  if (!normals) return [yearFrom(asked, fixed, placed(asked, asked.forecast))];
  const end = addDays(start, days - 1);
  const drawn = Array.from({ length: years }, (_, i) => generateDays(normals, seed + i, start, end));
  const ahead = placed(asked, asked.forecast);
  const first = ahead.findIndex((day) => day !== undefined);
  const mean = ahead.map((day, at) =>
    day ? drawn.reduce((sum, year) => sum + middleC(year[at]!), 0) / drawn.length : 0,
  );
  return drawn.map((year) =>
    yearFrom(
      asked,
      fixed,
      year.map((day, at) => {
        const told = ahead[at];
        if (!told) return day;
        const weight = Math.min(1, Math.sqrt((at - first + 1) / FORECAST_WORTH_DAYS));
        const departureC = weight * (middleC(day) - mean[at]!);
        return {
          ...told,
          minC: told.minC + departureC,
          maxC: told.maxC + departureC,
          rainMm: rainAhead(told.rainMm, day.rainMm, weight),
        };
      }),
    ),
  );
}

/** Rain that was forecast, unless the drawn year's own counts for more by then. */
function rainAhead(toldMm: number | null, drawnMm: number | null, weight: number): number | null {
  if (toldMm === null) return drawnMm;
  return toldMm >= TOLD_AS_WET_MM || weight < 0.5 ? toldMm : drawnMm;
}

const middleC = ({ minC, maxC }: WeatherDay) => (minC + maxC) / 2;

function placed({ start, days }: YearsAsked, told: readonly WeatherDay[]): (WeatherDay | undefined)[] {
  const byPlace: (WeatherDay | undefined)[] = new Array<undefined>(days).fill(undefined);
  for (const day of told) {
    const at = daysBetween(start, day.date);
    if (at >= 0 && at < days) byPlace[at] = day;
  }
  return byPlace;
}

function yearFrom(
  { start, season, model, days }: YearsAsked,
  fixed: readonly (WeatherDay | undefined)[],
  otherwise: readonly (WeatherDay | undefined)[],
): PossibleYear {
  const all = Array.from({ length: days }, (_, at) => fixed[at] ?? otherwise[at]);
  const number = (value: number | null | undefined) => value ?? NaN;
  const from = Math.max(0, daysBetween(start, season));
  return {
    heatCd: heatFrom(all, from, model),
    minC: Float64Array.from(all, (day) => number(day?.minC)),
    maxC: Float64Array.from(all, (day) => number(day?.maxC)),
    rainMm: Float64Array.from(all, (day) => number(day?.rainMm)),
  };
}

/** Heat of each day from a day on; nothing before it, nor on days nobody told of. */
function heatFrom(
  all: readonly (WeatherDay | undefined)[],
  from: number,
  model: DegreeDayModel,
): Float64Array {
  const heat = new Float64Array(all.length);
  const told = all.flatMap((day, at) => (day && at >= from ? [{ day, at }] : []));
  const sums = accumulateDegreeDays(
    told.map(({ day }) => day.minC),
    told.map(({ day }) => day.maxC),
    model,
  );
  told.forEach(({ at }, i) => (heat[at] = sums[i]! - (i > 0 ? sums[i - 1]! : 0)));
  return heat;
}
