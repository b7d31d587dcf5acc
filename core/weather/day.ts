import type { CivilDate } from '#core/calendar';

/** One day at one place as measured. Rain in mm, wind as the day's mean in m/s; null where unknown. */
export interface WeatherDay {
  readonly date: CivilDate;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number | null;
  readonly windMs: number | null;
  /** Temperature in each of its 24 hours, °C, where a logger told them. */
  readonly hoursC?: readonly number[];
}

/** Where a day's figures come from, for showing and for trust. */
export type DayOrigin = 'measured' | 'neighbour' | 'interpolated' | 'forecast' | 'guessed';

export interface PlacedDay extends WeatherDay {
  readonly origin: DayOrigin;
  /** Nobody measured it: the mean of the place's possible years stands for it. */
  readonly guessed?: true;
}

/** Readings outside these are taken for mistakes: no garden has been colder or hotter. °C. */
export const COLDEST_PLAUSIBLE_C = -70;
export const HOTTEST_PLAUSIBLE_C = 60;
