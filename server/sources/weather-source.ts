import type { CivilDate } from '#core/calendar';
import type { WeatherDay } from '#core/weather';

/** Where readings and forecasts come from; one per station. A garden without one lives on imports. */
export interface WeatherSource {
  readonly stationId: string;
  /** Measured days from `from` to `to`, as far as there are any. */
  measured(from: CivilDate, to: CivilDate): WeatherDay[];
  /** The forecast made on the morning of `today`, that day first; null when there is none. */
  forecast(today: CivilDate): WeatherDay[] | null;
}
