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
