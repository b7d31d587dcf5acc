import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { addDays, type CivilDate } from '#core/calendar';
import type { WeatherSource } from '#server/sources/weather-source';

/** Hour of the day's low and high under glass. */
const LOW_AT = 5;
const HIGH_AT = 14;

/**
 * The stand-in for a thermometer logger: an hourly CSV of the days from `from` to the eve of `to`, in
 * the layout such loggers write.
 */
export function dropLoggerFile(folder: string, logger: WeatherSource, from: CivilDate, to: CivilDate): void {
  const rows = logger
    .measured(from, addDays(to, -1))
    .flatMap(({ date, minC, maxC }) =>
      Array.from(
        { length: 24 },
        (_, hour) => `${date} ${String(hour).padStart(2, '0')}:00,${hourC(hour, minC, maxC).toFixed(1)}`,
      ),
    );
  if (rows.length > 0)
    writeFileSync(
      join(folder, `sunroom-logger-${from}.csv`),
      ['Date and time,Temperature (°C)', ...rows, ''].join('\n'),
    );
}

/** A rise from the low to the high and a fall back to it; both are met on the hour. */
function hourC(hour: number, minC: number, maxC: number): number {
  const rising = hour >= LOW_AT && hour <= HIGH_AT;
  const part = rising
    ? (hour - LOW_AT) / (HIGH_AT - LOW_AT)
    : ((hour - HIGH_AT + 24) % 24) / (24 - HIGH_AT + LOW_AT);
  const warm = (1 - Math.cos(Math.PI * part)) / 2;
  return rising ? minC + warm * (maxC - minC) : maxC - warm * (maxC - minC);
}
