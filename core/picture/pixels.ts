/** A picture as bytes: red, green, blue and opacity of each pixel, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/**
 * Share of red and green in a pixel's light, 0–1: the colour without its brightness. Black has none and
 * reads as grey.
 */
export function chroma({ data }: Pixels, pixel: number): readonly [red: number, green: number] {
  const [r, g, b] = [data[4 * pixel]!, data[4 * pixel + 1]!, data[4 * pixel + 2]!];
  const sum = r + g + b;
  return sum === 0 ? [1 / 3, 1 / 3] : [r / sum, g / sum];
}

/** Brightness 0–255 (Rec. 601 weights). */
export function brightness({ data }: Pixels, pixel: number): number {
  return 0.299 * data[4 * pixel]! + 0.587 * data[4 * pixel + 1]! + 0.114 * data[4 * pixel + 2]!;
}

/**
 * Excess green, 2g − r − b in shares of light, from −1 to 2: about 0 for white, grey and brown, well
 * above for green leaves, whatever the light's strength (Woebbecke et al. 1995, Trans. ASAE 38:259).
 */
export function excessGreen(pixels: Pixels, pixel: number): number {
  const [, green] = chroma(pixels, pixel);
  return 3 * green - 1;
}
