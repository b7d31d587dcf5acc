export {
  COLDEST_PLAUSIBLE_C,
  HOTTEST_PLAUSIBLE_C,
  type DayHours,
  type DayOrigin,
  type PlacedDay,
  type WeatherDay,
} from './day.ts';
export { followPlant, offsetDays, placeOn, type Stay } from './follow-plant.ts';
export { completeSeries, LONGEST_FILLED_GAP_DAYS, type CompletedSeries, type Gap } from './gaps.ts';
export { daysFromReadings, type MaxMinReading } from './max-min-reading.ts';
export { meanWind, type Wind } from './mean-wind.ts';
export { daysFromHours, FEWEST_HOURS_A_DAY, type HourReading } from './hours.ts';
export { FEWEST_OFFSET_PAIRS, learnOffset, type LearnedOffset, type OffsetPair } from './learn-offset.ts';
export { FEWEST_SHARED_DAYS, fillFromNeighbour, type StandInDay } from './neighbour.ts';
export { asFahrenheit, doubtfulDays, looksFahrenheit, type Doubt, type DoubtKind } from './quality.ts';
export { setRight, type WeatherFix } from './set-right.ts';
export {
  generateDays,
  normalsFromTable,
  normalsOf,
  type ClimateNormals,
  type MonthlyNormal,
} from './generator.ts';
export { correctedNormals, type UncertainMonths } from './corrected-normals.ts';
export { roughMonths, winterLowOfZone, type RoughMonths, type ToldClimate } from './rough-climate.ts';
export { coldestMonthC } from './coldest-month.ts';
export { simulateForecast } from './made-up-forecast.ts';
