import type { Garden } from '#core/records';
import {
  celsiusFromFahrenheit,
  fahrenheitDaysFromCelsiusDays,
  fahrenheitFromCelsius,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  type Quantity,
  readQuantity,
  typedNumber,
} from '#core/units';

const M_PER_FOOT = 0.3048;
const MM_PER_INCH = 25.4;
const MS_PER_MPH = 0.44704;

/** Figures in the garden's own units, and back from what a person types. */
export interface Show {
  readonly temperatureUnit: '°C' | '°F';
  readonly heatUnit: '°C·days' | '°F·days';
  readonly lengthUnit: 'm' | 'ft';
  readonly volumeUnit: 'l' | 'US gal' | 'gal';
  temperature(celsius: number): string;
  /** A sum of heat with its unit. */
  heat(celsiusDays: number): string;
  heatRange(fromCd: number, toCd: number): string;
  /** A sum of heat as a bare number, for axes. */
  heatNumber(celsiusDays: number): number;
  length(metres: number): string;
  lengthNumber(metres: number): number;
  /** Metres of a length as typed, "6 ft" or a bare number of the garden's unit; NaN for what is no number. */
  typedMetres(text: string): number;
  /** Water and finished spray. */
  volume(ml: number): string;
  volumeNumber(ml: number): number;
  /** Water or spray as typed, "2 gal", "500 ml" or a bare number of the garden's unit; NaN for what is none. */
  typedMl(text: string): number;
  /** Product, small amounts; always with ml. */
  pour(ml: number): string;
  celsiusFrom(shown: number): number;
  temperatureNumber(celsius: number): number;
  readonly rainUnit: 'mm' | 'in';
  rain(mm: number): string;
  rainNumber(mm: number): number;
  /** Rain as typed, 0 among it; NaN for what is none. */
  typedRainMm(text: string): number;
  wind(ms: number): string;
  windRange(fromMs: number, toMs: number): string;
}

type UnitChoice = Pick<Garden, 'temperatureUnit' | 'measureSystem'>;

export function showIn({ temperatureUnit, measureSystem }: UnitChoice): Show {
  const fahrenheit = temperatureUnit === 'F';
  const feet = measureSystem === 'us' || measureSystem === 'imperial';
  const gallonMl =
    measureSystem === 'us' ? ML_PER_US_GALLON : measureSystem === 'imperial' ? ML_PER_IMPERIAL_GALLON : 1000;
  const volumeUnit = measureSystem === 'us' ? 'US gal' : measureSystem === 'imperial' ? 'gal' : 'l';
  const heatUnit = fahrenheit ? '°F·days' : '°C·days';
  const heatNumber = (cd: number) => (fahrenheit ? fahrenheitDaysFromCelsiusDays(cd) : cd);
  const temperatureNumber = (c: number) => (fahrenheit ? fahrenheitFromCelsius(c) : c);
  const lengthNumber = (m: number) => (feet ? m / M_PER_FOOT : m);
  const inches = measureSystem === 'us';
  const rainNumber = (mm: number) => (inches ? rounded(mm / MM_PER_INCH, 2) : rounded(mm, 1));
  const windUnit = feet ? 'mph' : 'm/s';
  const windNumber = (ms: number) => (feet ? Math.round(ms / MS_PER_MPH) : rounded(ms, 1));
  const typed = (text: string, plain: Quantity) => {
    const read = readQuantity(text, {
      system: measureSystem,
      plain,
      dimension: plain.dimension,
      ounce: 'volume',
    });
    if (read.ok) return read.quantity.amount;
    // Nothing and less than nothing are refused as what they are.
    return read.fault === 'not-above-0' ? (typedNumber(text) ?? -1) * plain.amount : Number.NaN;
  };
  return {
    temperatureUnit: fahrenheit ? '°F' : '°C',
    heatUnit,
    lengthUnit: feet ? 'ft' : 'm',
    volumeUnit,
    temperature: (c) => `${significant(temperatureNumber(c), 1)} ${fahrenheit ? '°F' : '°C'}`,
    heat: (cd) => `${Math.round(heatNumber(cd))} ${heatUnit}`,
    heatRange: (from, to) => `${Math.round(heatNumber(from))}–${Math.round(heatNumber(to))} ${heatUnit}`,
    heatNumber,
    length: (m) => `${significant(lengthNumber(m), 1)} ${feet ? 'ft' : 'm'}`,
    lengthNumber: (m) => Math.round(lengthNumber(m) * 100) / 100,
    typedMetres: (text) => typed(text, { dimension: 'length', amount: feet ? M_PER_FOOT : 1 }),
    volume: (ml) => `${significant(ml / gallonMl, ml / gallonMl < 10 ? 2 : 1)} ${volumeUnit}`,
    volumeNumber: (ml) => Math.round((ml / gallonMl) * 100) / 100,
    typedMl: (text) => typed(text, { dimension: 'volume', amount: gallonMl }),
    pour: (ml) => pour(ml, measureSystem),
    celsiusFrom: (shown) => (fahrenheit ? celsiusFromFahrenheit(shown) : shown),
    temperatureNumber,
    rainUnit: inches ? 'in' : 'mm',
    rain: (mm) => `${rainNumber(mm)} ${inches ? 'in' : 'mm'}`,
    rainNumber,
    typedRainMm: (text) =>
      typedNumber(text) === 0
        ? 0
        : 1000 * typed(text, { dimension: 'length', amount: inches ? MM_PER_INCH / 1000 : 0.001 }),
    wind: (ms) => `${windNumber(ms)} ${windUnit}`,
    windRange: (from, to) => `${windNumber(from)}–${windNumber(to)} ${windUnit}`,
  };
}

function pour(ml: number, system: UnitChoice['measureSystem']): string {
  const metric = `${figure(ml, ml < 20 ? 1 : 0)} ml`;
  if (system === 'us') return `${figure(ml / ML_PER_US_FLUID_OUNCE, 2)} US fl oz (${metric})`;
  if (system === 'imperial') return `${figure(ml / ML_PER_IMPERIAL_FLUID_OUNCE, 2)} fl oz (${metric})`;
  return metric;
}

/** The same, but what is there is never shown as nothing: small amounts keep two figures. */
export function figure(value: number, decimals: number): string {
  const isSmall = value > 0 && value < 10 ** (1 - decimals);
  return isSmall ? String(Number(value.toPrecision(2))) : significant(value, decimals);
}

/** Rounded to at most `decimals` decimals, without trailing noughts. */
export function significant(value: number, decimals: number): string {
  return String(rounded(value, decimals));
}

const rounded = (value: number, decimals: number): number =>
  Math.round(value * 10 ** decimals) / 10 ** decimals;

export function showShare(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** "3.4 (2.1–5.5)". */
export function showEstimate({ value, low, high }: { value: number; low: number; high: number }): string {
  const round = (x: number) => significant(x, x < 10 ? 1 : 0);
  return `${round(value)} (${round(low)}–${round(high)})`;
}

/** "10 % (6–15 %)". */
export function showShareRange({ value, low, high }: { value: number; low: number; high: number }): string {
  return `${showShare(value)} (${Math.round(low * 100)}–${showShare(high)})`;
}
