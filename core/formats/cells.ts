import { type CivilDate, isCivilDate } from '#core/calendar';
import { celsiusFromFahrenheit, plainNumber } from '#core/units';

/** Reading single cells of weather tables, the same for days and hours. */

/** Year first with dashes, day first with slashes, or month first with slashes. */
export type DateOrder = 'iso' | 'day-first' | 'month-first';

/** A number with a point or a comma as its decimal mark; nothing else counts. */
export function decimal(cell: string | undefined): number | null {
  return plainNumber(cell ?? '');
}

export function readDate(text: string, order: DateOrder): CivilDate | null {
  const iso = order === 'iso' ? text.slice(0, 10) : reorder(text, order);
  return iso && isCivilDate(iso) ? iso : null;
}

function reorder(text: string, order: DateOrder): string | null {
  const match = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$/.exec(text);
  if (!match) return null;
  const [, first, second, year] = match as unknown as [string, string, string, string];
  const [day, month] = order === 'day-first' ? [first, second] : [second, first];
  return `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
}

/** °C to a hundredth. */
export function toCelsius(value: number, unit: 'C' | 'F'): number {
  return unit === 'F' ? Math.round(celsiusFromFahrenheit(value) * 100) / 100 : value;
}

export function clip(text: string): string {
  return text.length > 30 ? `${text.slice(0, 30)}…` : text;
}
