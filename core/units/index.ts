export {
  celsiusDaysFromFahrenheitDays,
  celsiusFromFahrenheit,
  fahrenheitDaysFromCelsiusDays,
  fahrenheitFromCelsius,
} from './temperature.ts';
export {
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  SPOONS,
  type MeasureSystem,
  type Spoon,
} from './volume.ts';
export { CM_PER_INCH, GRAMS_PER_OUNCE, M2_PER_SQUARE_FOOT } from './measure.ts';
export { typedNumber } from './typed-number.ts';
