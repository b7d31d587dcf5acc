import Papa from 'papaparse';
import type { WeatherDay } from '#core/weather';

/**
 * Daily weather as CSV with a header, ISO dates, °C, mm, m/s and degrees from north; empty where unknown. Reads
 * back the same.
 */
export function writeDailyCsv(days: readonly WeatherDay[]): string {
  return (
    Papa.unparse(
      {
        fields: ['date', 'min_c', 'max_c', 'rain_mm', 'wind_ms', 'wind_from_deg'],
        data: days.map((day) => [
          day.date,
          day.minC,
          day.maxC,
          day.rainMm ?? '',
          day.windMs ?? '',
          day.windFromDeg ?? '',
        ]),
      },
      { newline: '\n' },
    ) + '\n'
  );
}
