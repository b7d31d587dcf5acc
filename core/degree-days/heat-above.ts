/**
 * Heat above one threshold over one day, and the share of the day spent above it, for the two
 * shapes a day is taken to have. All temperatures °C, heat in °C·days, shares 0–1.
 * Sine: Baskerville & Emin 1969 (Ecology 50:514); triangle: Lindsey & Newman 1956.
 */

const { asin, cos, PI } = Math;

export function sineHeatAbove(minC: number, maxC: number, thresholdC: number): number {
  const meanC = (minC + maxC) / 2;
  if (minC >= thresholdC) return meanC - thresholdC;
  if (maxC <= thresholdC) return 0;
  const halfRangeC = (maxC - minC) / 2;
  const crossing = asin((thresholdC - meanC) / halfRangeC);
  return ((meanC - thresholdC) * (PI / 2 - crossing) + halfRangeC * cos(crossing)) / PI;
}

export function sineShareAbove(minC: number, maxC: number, thresholdC: number): number {
  if (minC >= thresholdC) return 1;
  if (maxC <= thresholdC) return 0;
  const crossing = asin((thresholdC - (minC + maxC) / 2) / ((maxC - minC) / 2));
  return (PI / 2 - crossing) / PI;
}

export function triangleHeatAbove(minC: number, maxC: number, thresholdC: number): number {
  if (minC >= thresholdC) return (minC + maxC) / 2 - thresholdC;
  if (maxC <= thresholdC) return 0;
  return (maxC - thresholdC) ** 2 / (2 * (maxC - minC));
}

export function triangleShareAbove(minC: number, maxC: number, thresholdC: number): number {
  if (minC >= thresholdC) return 1;
  if (maxC <= thresholdC) return 0;
  return (maxC - thresholdC) / (maxC - minC);
}
