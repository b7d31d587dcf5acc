import { mean } from 'simple-statistics';
import { monthOf } from '#core/calendar';
import type { WeatherDay } from './day.ts';

/** Mean temperature of a place's coldest month, °C, over the seasons given; null without days. */
export function coldestMonthC(seasons: readonly (readonly WeatherDay[])[]): number | null {
  const byMonth = Array.from({ length: 12 }, (): number[] => []);
  for (const season of seasons)
    for (const day of season) byMonth[monthOf(day.date) - 1]!.push((day.minC + day.maxC) / 2);
  const means = byMonth.filter((values) => values.length > 0).map(mean);
  return means.length === 0 ? null : Math.min(...means);
}
