import { expect, test } from '@jest/globals';
import {
  celsiusDaysFromFahrenheitDays,
  celsiusFromFahrenheit,
  fahrenheitDaysFromCelsiusDays,
  fahrenheitFromCelsius,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  SPOONS,
} from './index.ts';

test('temperatures and sums of heat by definition', () => {
  expect(celsiusFromFahrenheit(50)).toBe(10);
  expect(celsiusFromFahrenheit(-40)).toBe(-40);
  expect(fahrenheitFromCelsius(29)).toBeCloseTo(84.2, 10);
  // A sum has no offset: 180 °F·days are 100 °C·days, not 82.
  expect(celsiusDaysFromFahrenheitDays(180)).toBe(100);
  expect(fahrenheitDaysFromCelsiusDays(100)).toBe(180);
});

test('measures by definition', () => {
  expect(ML_PER_US_GALLON / ML_PER_US_FLUID_OUNCE).toBeCloseTo(128, 9);
  expect(ML_PER_IMPERIAL_GALLON / ML_PER_IMPERIAL_FLUID_OUNCE).toBeCloseTo(160, 9);
  const [tablespoon, teaspoon, half, quarter] = SPOONS.us;
  expect(ML_PER_US_FLUID_OUNCE / tablespoon!.volumeMl).toBeCloseTo(2, 9);
  expect(tablespoon!.volumeMl / teaspoon!.volumeMl).toBeCloseTo(3, 9);
  expect([half!.volumeMl * 2, quarter!.volumeMl * 4].map((ml) => ml / teaspoon!.volumeMl)).toEqual([1, 1]);
  expect([SPOONS.metric, SPOONS.imperial, SPOONS.australian].map((spoons) => spoons[0]!.volumeMl)).toEqual([
    15, 15, 20,
  ]);
  const ids = Object.values(SPOONS)
    .flat()
    .map((spoon) => spoon.id);
  expect(new Set(ids).size).toBe(ids.length);
});
