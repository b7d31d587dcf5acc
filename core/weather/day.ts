import type { CivilDate } from '#core/calendar';

/** What a logger told by the hour beside temperature: 24 entries each, null for an hour nobody told. */
export interface DayHours {
  readonly rainMm?: readonly (number | null)[];
  /** Relative humidity, per cent. */
  readonly humidityPercent?: readonly (number | null)[];
  /** Share of the hour in which leaves were wet, 0–1. */
  readonly wetShare?: readonly (number | null)[];
  readonly windMs?: readonly (number | null)[];
}

/** One day at one place as measured. Rain in mm, wind as the day's mean in m/s; null where unknown. */
export interface WeatherDay {
  readonly date: CivilDate;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number | null;
  readonly windMs: number | null;
  /** Where the wind came from, degrees clockwise from north; left out where nobody told. */
  readonly windFromDeg?: number;
  /** Temperature in each of its 24 hours, °C, where a logger told them. */
  readonly hoursC?: readonly number[];
  readonly hourly?: DayHours;
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
