import { type Garden, usualSpoonIds } from '#core/records';
import type { MeasureSystem } from '#core/units';

/** Countries whose thermometers read °F. */
const FAHRENHEIT: ReadonlySet<string> = new Set(['US', 'BS', 'BZ', 'KY', 'PW', 'FM', 'MH', 'LR']);
const SYSTEM: Readonly<Record<string, MeasureSystem>> = {
  US: 'us',
  LR: 'us',
  GB: 'imperial',
  AU: 'australian',
};
const COUNTRY: Readonly<Record<string, Garden['country']>> = { US: 'us', AU: 'au', GB: 'uk' };

/** How figures are usually told in a country (ISO 3166, two letters), and whose poison line holds. */
export function usualUnits(
  country: string,
): Pick<Garden, 'temperatureUnit' | 'measureSystem' | 'spoonIds' | 'country'> {
  const measureSystem = SYSTEM[country] ?? 'metric';
  return {
    temperatureUnit: FAHRENHEIT.has(country) ? 'F' : 'C',
    measureSystem,
    spoonIds: usualSpoonIds(measureSystem),
    country: COUNTRY[country] ?? 'other',
  };
}
