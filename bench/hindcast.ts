import { dayNumber, daysInYear } from '#core/calendar';
import { projectCrossing, seasonEnsemble } from '#core/phenology';
import { wilson } from '#core/sampling';
import { simulateForecast, type WeatherDay } from '#core/weather';
import { FALLOW_BANK, gardenStation, STATION_FROM, STATION_TO } from '#demo/stations';
import { BASE_50F, eventsFor } from '#knowledge';
import { simulateDays } from '#simulated';

const AHEAD = [60, 30, 14, 7] as const;
const PAST = 15;
const THRESHOLD = eventsFor('euonymus-scale').find((event) => event.kind === 'window')!.fromCd;
const FORECAST_ERROR_C = 3;

interface Outcome {
  readonly held: number;
  readonly asked: number;
  readonly medianErrorDays: number;
  readonly widthDays: number;
}

/** Stands before a year's event, looks only at what was known, and compares with what came. */
function standing(
  season: (year: number) => WeatherDay[],
  othersOf: (year: number) => readonly number[],
  years: readonly number[],
  daysBefore: number,
  withForecast: boolean,
): Outcome {
  let held = 0,
    width = 0;
  const errors: number[] = [];
  for (const year of years) {
    const start = `${year}-01-01`;
    const truth = season(year);
    const reached = projectCrossing(
      seasonEnsemble({ start, measured: truth, forecast: [], pastSeasons: [], model: BASE_50F }),
      THRESHOLD,
    );
    if (reached.kind !== 'reached') continue;
    const cut = dayNumber(reached.on) - dayNumber(start) - daysBefore;
    const forecast = withForecast ? simulateForecast(truth.slice(cut, cut + 10), year, FORECAST_ERROR_C) : [];
    const others = othersOf(year).map(season);
    const guess = projectCrossing(
      seasonEnsemble({
        start,
        measured: truth.slice(0, cut),
        forecast,
        pastSeasons: others,
        model: BASE_50F,
      }),
      THRESHOLD,
    );
    if (guess.kind !== 'expected') continue;
    const late = guess.late ?? guess.median;
    if (guess.early <= reached.on && reached.on <= late) held++;
    errors.push(Math.abs(dayNumber(guess.median) - dayNumber(reached.on)));
    width += dayNumber(late) - dayNumber(guess.early);
  }
  errors.sort((a, b) => a - b);
  return {
    held,
    asked: errors.length,
    medianErrorDays: errors[Math.floor(errors.length / 2)]!,
    widthDays: width / errors.length,
  };
}

const percent = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`;

function seasonsOf(all: readonly WeatherDay[], from: string): (year: number) => WeatherDay[] {
  return (year) => {
    const first = dayNumber(`${year}-01-01`) - dayNumber(from);
    return all.slice(first, first + daysInYear(year));
  };
}

/** 300 generated years with a fixed seed, each forecast from the 15 before it. */
export function hindcast(): void {
  const season = seasonsOf(simulateDays(FALLOW_BANK, 99, '1700-01-01', '2015-12-31'), '1700-01-01');
  const years = Array.from({ length: 300 }, (_, i) => 1716 + i);
  for (const daysBefore of AHEAD) {
    for (const withForecast of [false, true]) {
      const { held, asked, medianErrorDays, widthDays } = standing(
        season,
        (year) => Array.from({ length: PAST }, (_, i) => year - PAST + i),
        years,
        daysBefore,
        withForecast,
      );
      console.log(
        `${daysBefore} days before, ${withForecast ? 'with' : 'without'} forecast: 80 % range held ${percent(held, asked)} of ${asked} generated years, mean width ${widthDays.toFixed(1)} days, median error ${medianErrorDays} days`,
      );
    }
  }
}

/** The same for the years the demo's station tells, each from all the others it has. */
export function hindcastDemo(): void {
  const season = seasonsOf(gardenStation().measured(STATION_FROM, STATION_TO), STATION_FROM);
  const pastYears = Array.from({ length: PAST }, (_, i) => 2011 + i);
  for (const daysBefore of AHEAD) {
    const { held, asked, medianErrorDays, widthDays } = standing(
      season,
      (year) => pastYears.filter((other) => other !== year),
      pastYears,
      daysBefore,
      true,
    );
    const { low, high } = wilson(held, asked);
    console.log(
      `${daysBefore} days before, with forecast: 80 % range held ${held} of the ${asked} demo years (${percent(held, asked)}, 95 % interval ${percent(low, 1)} to ${percent(high, 1)}), mean width ${widthDays.toFixed(1)} days, median error ${medianErrorDays} days`,
    );
  }
}
