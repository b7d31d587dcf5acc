import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import type { CivilDate } from '#core/calendar';

/** One day's temperatures, °C. */
export interface TemperaturePair {
  readonly minC: number;
  readonly maxC: number;
  /** Its hours, where a logger told them. */
  readonly hoursC?: readonly number[];
  /** Nobody measured it: each possible year has its own of that day. */
  readonly guessed?: true;
}

/** Fewer past years than this give no honest range. */
export const FEWEST_PAST_YEARS = 5;

/**
 * Days ahead at which a forecast is taken to know no more than the time of year does (grade C): its
 * error grows with the square root of lead to about 3 °C at ten days, and days of a season differ by
 * about 4 °C.
 */
const FORECAST_WORTH_DAYS = 18;

export interface SeasonInput {
  /** First day of the season; every list below starts on it or follows on. */
  readonly start: CivilDate;
  /** Days from the start to the last measured day. */
  readonly measured: readonly TemperaturePair[];
  /** Days that follow the last measured one; may be empty. */
  readonly forecast: readonly TemperaturePair[];
  /** Whole past seasons, each from its own start; may be empty. */
  readonly pastSeasons: readonly (readonly TemperaturePair[])[];
  readonly model: DegreeDayModel;
}

/** A season's heat as far as it is known, and one possible continuation for each past season. */
export interface SeasonEnsemble {
  readonly start: CivilDate;
  readonly model: DegreeDayModel;
  readonly measuredDays: number;
  /** Days among them that nobody measured, and °C·days of them summed through each. */
  readonly guessedDays: number;
  readonly guessedSums: Float64Array;
  readonly forecastDays: number;
  /** °C·days summed through each measured day. */
  readonly measuredSums: Float64Array;
  /** Best guess through the forecast's last day: measured days, then the forecast as given. */
  readonly expectedSums: Float64Array;
  /** Whole-season sums, one per past season; all agree up to the last measured day. */
  readonly members: readonly Float64Array[];
  /** Sums of the past seasons as they were, for comparing years. */
  readonly pastSums: readonly Float64Array[];
}

/**
 * Lays the season out as measured days, then the forecast, then each past season as one possible
 * future. Within the forecast each member departs from it by its own past season's departure from
 * the mean of all, growing with the square root of lead time to the whole of it at
 * {@link FORECAST_WORTH_DAYS} days, so that the range opens gradually.
 */
export function seasonEnsemble(input: SeasonInput): SeasonEnsemble {
  const { measured, forecast, pastSeasons, model } = input;
  const days = [...measured, ...forecast];
  return {
    start: input.start,
    model,
    measuredDays: measured.length,
    guessedDays: measured.filter(({ guessed }) => guessed).length,
    guessedSums: heatOfGuesses(measured, model),
    forecastDays: forecast.length,
    measuredSums: sums(measured, model),
    expectedSums: sums(days, model),
    members: pastSeasons.map((past) => sums(memberDays(past, input), model)),
    pastSums: pastSeasons.map((past) => sums(past, model)),
  };
}

function memberDays(past: readonly TemperaturePair[], input: SeasonInput): TemperaturePair[] {
  const { measured, forecast, pastSeasons } = input;
  const firstUnknown = measured.length;
  const disturbed = forecast.map((day, i) => {
    const weight = Math.min(1, Math.sqrt((i + 1) / FORECAST_WORTH_DAYS));
    const departureC =
      weight * (dayMeanC(past, firstUnknown + i) - meanOverSeasons(pastSeasons, firstUnknown + i));
    return { minC: day.minC + departureC, maxC: day.maxC + departureC };
  });
  const lived = measured.map((day, i) => (day.guessed ? (past[i] ?? day) : day));
  return [...lived, ...disturbed, ...past.slice(firstUnknown + forecast.length)];
}

function heatOfGuesses(measured: readonly TemperaturePair[], model: DegreeDayModel): Float64Array {
  let sum = 0;
  const through = sums(measured, model);
  return through.map((total, i) => (sum += measured[i]!.guessed ? total - (through[i - 1] ?? 0) : 0));
}

function dayMeanC(season: readonly TemperaturePair[], index: number): number {
  const day = season[Math.min(index, season.length - 1)]!;
  return (day.minC + day.maxC) / 2;
}

function meanOverSeasons(seasons: readonly (readonly TemperaturePair[])[], index: number): number {
  return seasons.reduce((sum, season) => sum + dayMeanC(season, index), 0) / seasons.length;
}

function sums(days: readonly TemperaturePair[], model: DegreeDayModel): Float64Array {
  return accumulateDegreeDays(
    days.map((d) => d.minC),
    days.map((d) => d.maxC),
    model,
    days.map((d) => d.hoursC),
  );
}
