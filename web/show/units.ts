import type { Garden } from '#core/records';
import {
  celsiusFromFahrenheit,
  fahrenheitDaysFromCelsiusDays,
  fahrenheitFromCelsius,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
} from '#core/units';

const M_PER_FOOT = 0.3048;
const MM_PER_INCH = 25.4;

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
  metresFrom(shown: number): number;
  /** Water and finished spray. */
  volume(ml: number): string;
  volumeNumber(ml: number): number;
  mlFrom(shown: number): number;
  /** Product, small amounts; always with ml. */
  pour(ml: number): string;
  celsiusFrom(shown: number): number;
  temperatureNumber(celsius: number): number;
  rain(mm: number): string;
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
    metresFrom: (shown) => (feet ? shown * M_PER_FOOT : shown),
    volume: (ml) => `${significant(ml / gallonMl, ml / gallonMl < 10 ? 2 : 1)} ${volumeUnit}`,
    volumeNumber: (ml) => Math.round((ml / gallonMl) * 100) / 100,
    mlFrom: (shown) => shown * gallonMl,
    pour: (ml) => pour(ml, measureSystem),
    celsiusFrom: (shown) => (fahrenheit ? celsiusFromFahrenheit(shown) : shown),
    temperatureNumber,
    rain: (mm) =>
      measureSystem === 'us' ? `${significant(mm / MM_PER_INCH, 2)} in` : `${significant(mm, 1)} mm`,
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
  return String(Math.round(value * 10 ** decimals) / 10 ** decimals);
}

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
