import { LEAST_STEADINESS } from '#core/ground';
import type { SeasonWind } from '#engine';

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** Beneath the arrow of the wind. */
export const windWords = (wind: SeasonWind | null, month: number): string =>
  wind?.told === 'gardener' ? 'wind, as you said' : `wind in ${MONTHS[month - 1]}`;

/** A wind that keeps to a direction; null where it blows from everywhere and an arrow would be untrue. */
export const steadyWind = (wind: SeasonWind | null): SeasonWind | null =>
  wind === null || wind.steadiness === null || wind.steadiness >= LEAST_STEADINESS ? wind : null;
