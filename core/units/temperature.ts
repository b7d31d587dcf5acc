/** °C from °F, exact: (F − 32) / 1.8. */
export function celsiusFromFahrenheit(tempF: number): number {
  return (tempF - 32) / 1.8;
}

/** °F from °C, exact: 1.8 C + 32. */
export function fahrenheitFromCelsius(tempC: number): number {
  return tempC * 1.8 + 32;
}

/** A sum of heat in °C·days from one in °F·days: 1 °C·day = 1.8 °F·days, no offset. */
export function celsiusDaysFromFahrenheitDays(heatFd: number): number {
  return heatFd / 1.8;
}

export function fahrenheitDaysFromCelsiusDays(heatCd: number): number {
  return heatCd * 1.8;
}
