import { NAMES_BEARING, NAMES_WIND_SPEED } from './bearing.ts';
import { decimal, type DateOrder } from './cells.ts';
import { nearlyAll } from './nearly-all.ts';
import { rainUnitOf, type RainUnit } from './rain-unit.ts';
import { windUnitOf, type WindUnit } from './wind-unit.ts';

/** Which column of a weather table holds what, and how it is written. Column numbers from 0. */
export interface ColumnMapping {
  readonly date: number;
  readonly minTemperature: number;
  readonly maxTemperature: number;
  readonly rain: number | null;
  readonly wind: number | null;
  /** Where it comes from, in degrees or letters. */
  readonly windFrom: number | null;
  readonly temperatureUnit: 'C' | 'F';
  /** Units are null when nobody said: then rain and wind stay unknown. */
  readonly rainUnit: RainUnit | null;
  readonly windUnit: WindUnit | null;
  readonly dateOrder: DateOrder;
}

/** What could be told from the table itself; null where a person must say. */
export interface MappingGuess {
  readonly date: number | null;
  readonly minTemperature: number | null;
  readonly maxTemperature: number | null;
  readonly rain: number | null;
  readonly wind: number | null;
  /** Where it comes from, in degrees or letters. */
  readonly windFrom: number | null;
  readonly temperatureUnit: 'C' | 'F' | null;
  readonly rainUnit: RainUnit | null;
  readonly windUnit: WindUnit | null;
  readonly dateOrder: DateOrder | null;
}

const SLASHED = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$/;
const ISO = /^\d{4}-\d{2}-\d{2}([T ].*)?$/;

/** No night or day of a garden reaches this in °C, so a column that does is in °F. */
const SURELY_FAHRENHEIT_ABOVE = 52;
/** A column that goes below this holds °C or a Fahrenheit winter: it does not settle the unit. */
const SURELY_CELSIUS_RANGE_BELOW = 32;

/**
 * Guesses the mapping from header words and values. The unit of temperature comes from the header
 * (°F, _f, fahrenheit), else from values no °C thermometer shows, else from a whole year of values
 * none of which a °F thermometer would show; otherwise it stays open.
 */
export function guessMapping(header: readonly string[], rows: readonly (readonly string[])[]): MappingGuess {
  const words = header.map((name) => name.toLowerCase().replace(/[_\-.]/g, ' '));
  const find = (pattern: RegExp) => nullIfMissing(words.findIndex((word) => pattern.test(word)));
  const date = find(/\b(date|day|datum|fecha)\b/) ?? nullIfMissing((rows[0] ?? []).findIndex(looksLikeDate));
  const minTemperature = find(/\bt?min/) ?? find(/\blow/);
  const maxTemperature = find(/\bt?max/) ?? find(/\bhigh/);
  const rain = find(/rain|precip|prcp/);
  const wind = find(NAMES_WIND_SPEED);
  return {
    date,
    minTemperature,
    maxTemperature,
    rain,
    wind,
    windFrom: find(NAMES_BEARING),
    temperatureUnit: guessUnit(words, rows, minTemperature, maxTemperature),
    rainUnit: rain === null ? null : rainUnitOf(words[rain]!),
    windUnit: wind === null ? null : windUnitOf(words[wind]!),
    dateOrder: date === null ? null : guessDateOrder(rows.map((row) => row[date] ?? '')),
  };
}

/** The order dates are written in; null when every slashed date could be read both ways. */
export function guessDateOrder(values: readonly string[]): DateOrder | null {
  const filled = values.map((value) => value.trim()).filter(Boolean);
  if (nearlyAll(filled, (value) => ISO.test(value))) return 'iso';
  const pairs = filled.flatMap((value) => {
    const match = SLASHED.exec(value);
    return match ? [[Number(match[1]), Number(match[2])] as const] : [];
  });
  const dayFirst = pairs.some(([first]) => first > 12);
  const monthFirst = pairs.some(([, second]) => second > 12);
  if (dayFirst === monthFirst) return null;
  return dayFirst ? 'day-first' : 'month-first';
}

function guessUnit(
  words: readonly string[],
  rows: readonly (readonly string[])[],
  low: number | null,
  high: number | null,
): 'C' | 'F' | null {
  const named = [low, high].map((column) => (column === null ? '' : words[column]!)).join(' ');
  return guessUnitOf(named, high === null ? [] : rows.map((row) => row[high] ?? ''));
}

/**
 * The unit of a temperature column by its name, else by its values; null when neither settles it, or
 * the two contradict each other.
 */
export function guessUnitOf(name: string, cells: readonly string[]): 'C' | 'F' | null {
  if (/°\s*f|\bf\b|fahrenheit|\(f\)/.test(name)) return 'F';
  const values = cells.flatMap((cell) => decimal(cell) ?? []);
  const beyondCelsius = values.filter((value) => value > SURELY_FAHRENHEIT_ABOVE).length;
  // A slipped point or two is a spike in °C; more of them are another unit.
  if (/°\s*c|\bc\b|celsius|\(c\)/.test(name))
    return beyondCelsius > Math.max(1, values.length / 50) ? null : 'C';
  if (beyondCelsius > 0) return 'F';
  return values.length >= 300 &&
    values.every((value) => value < SURELY_FAHRENHEIT_ABOVE) &&
    values.some((value) => value < SURELY_CELSIUS_RANGE_BELOW)
    ? 'C'
    : null;
}

function looksLikeDate(value: string): boolean {
  return ISO.test(value.trim()) || SLASHED.test(value.trim());
}

function nullIfMissing(index: number): number | null {
  return index < 0 ? null : index;
}
