const { exp, log, min } = Math;

/** Magnus form of saturation over water (Alduchov & Eskridge 1996, J. Appl. Meteorol. 35:601). */
const SLOPE = 17.625,
  OFFSET_C = 243.04;

/** Relative humidity in per cent of air at a temperature with a dew point, both °C; never above 100. */
export function humidityPercent(airC: number, dewPointC: number): number {
  return min(100, 100 * exp(exponent(dewPointC) - exponent(airC)));
}

/**
 * Dew point, °C, of air at a temperature with a relative humidity.
 * @throws RangeError for a humidity that is not above 0.
 */
export function dewPointC(airC: number, humidity: number): number {
  if (!(humidity > 0)) throw new RangeError('humidity is above 0 %');
  const at = log(min(100, humidity) / 100) + exponent(airC);
  return (OFFSET_C * at) / (SLOPE - at);
}

const exponent = (airC: number): number => (SLOPE * airC) / (OFFSET_C + airC);
