export { solarNoonHour } from './solar-noon.ts';
export { sunTimes, type SunTimes } from './sun-times.ts';
export { sprayLimits, type LimitsOf, type SprayLimits } from './limits.ts';
export {
  forecastHours,
  goodStretches,
  laidInHours,
  GREATEST_WIND_MS,
  LEAST_WIND_MS,
  RAIN_THAT_COUNTS_MM,
  sprayHours,
  type ForecastHours,
  type GoodStretch,
  type HourReason,
  type HourVerdict,
  type SprayDay,
  type SprayHour,
  type SprayScene,
} from './spray-hours.ts';
