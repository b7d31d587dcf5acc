import { randomLcg, randomNormal } from 'd3-random';
import type { WeatherDay } from './day.ts';

/**
 * A made-up forecast from the days that will come true, worsening with lead time: the error of a
 * day's mean grows to `errorAtTenC` (standard deviation, °C) at ten days and is shared by
 * neighbouring days. Rain is told right with a chance that falls from 95 to 60 %.
 */
export function simulateForecast(
  truth: readonly WeatherDay[],
  seed: number,
  errorAtTenC: number,
): WeatherDay[] {
  const source = randomLcg(seed);
  const normal = randomNormal.source(source)(0, 1);
  let drift = 0;
  return truth.map((day, lead) => {
    drift = 0.7 * drift + Math.sqrt(1 - 0.7 ** 2) * normal();
    const errorC = drift * errorAtTenC * Math.sqrt((lead + 1) / 10);
    const told = source() < 0.95 - 0.035 * lead;
    const wet = told ? (day.rainMm ?? 0) > 0 : !((day.rainMm ?? 0) > 0);
    return {
      date: day.date,
      minC: Math.round(day.minC + errorC),
      maxC: Math.round(Math.max(day.maxC, day.minC + 1) + errorC),
      rainMm: wet ? Math.max(1, Math.round(day.rainMm || 3)) : 0,
      windMs: Math.max(0.5, tenth((day.windMs ?? 2) * (1 + 0.15 * normal()))),
    };
  });
}

const tenth = (value: number) => Math.round(value * 10) / 10;
