import Papa from 'papaparse';
import type { WeatherDay } from '#core/weather';

const HOURS = Array.from({ length: 24 }, (_, hour) => hour);

/**
 * Days whose hours were told as CSV, a line an hour: °C, mm, per cent, wet share of the hour in per cent, m/s;
 * empty where unknown. Days of which only the low and high are told stand in the daily file. Reads back the same.
 */
export function writeHourlyCsv(days: readonly WeatherDay[]): string {
  const data = days.flatMap(({ date, hoursC, hourly }) =>
    hoursC === undefined
      ? []
      : HOURS.map((hour) => [
          `${date} ${String(hour).padStart(2, '0')}:00`,
          hoursC[hour],
          hourly?.rainMm?.[hour] ?? '',
          hourly?.humidityPercent?.[hour] ?? '',
          percent(hourly?.wetShare?.[hour]),
          hourly?.windMs?.[hour] ?? '',
        ]),
  );
  const fields = ['date and time', 'temperature °C', 'rain mm', 'humidity %', 'leaf wetness %', 'wind m/s'];
  return Papa.unparse({ fields, data }, { newline: '\n' }) + '\n';
}

const percent = (share: number | null | undefined): number | '' =>
  share === null || share === undefined ? '' : Math.round(share * 1000) / 10;
