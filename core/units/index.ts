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
export { plainNumber, typedNumber } from './typed-number.ts';
export {
  readQuantity,
  type Dimension,
  type Quantity,
  type QuantityFault,
  type QuantityReading,
  type ReadQuantity,
} from './quantity.ts';
export { readRate, type PrintedRate, type ReadRate } from './printed-rate.ts';
