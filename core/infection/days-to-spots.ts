/** A first and last day. */
export type DaySpan = readonly [least: number, most: number];

/** Days from an infection to spots at mean temperatures, °C (Mills; Jones). */
const SCAB: readonly { readonly fromC: number; readonly days: DaySpan }[] = [
  { fromC: 17, days: [9, 10] },
  { fromC: 13, days: [12, 14] },
  { fromC: 9, days: [16, 17] },
];
/**
 * Of others one span is told, whatever the temperature. Rose black spot: Dodge 1931; greasy spot: Timmer &
 * Gottwald; peach leaf curl and the rest as growers have them, grade C.
 */
const OTHERS = new Map<string, DaySpan>([
  ['rose-black-spot', [3, 16]],
  ['peach-leaf-curl', [14, 35]],
  ['cedar-apple-rust', [10, 21]],
  ['grape-black-rot', [10, 21]],
  ['cherry-leaf-spot', [10, 15]],
  ['grape-powdery-mildew', [7, 14]],
  ['apple-powdery-mildew', [5, 14]],
  ['rose-powdery-mildew', [5, 10]],
  ['powdery-mildew', [5, 14]],
  ['crape-myrtle-powdery-mildew', [5, 14]],
  ['melanose', [7, 14]],
  ['citrus-scab', [5, 10]],
  ['greasy-spot', [60, 180]],
  ['olive-peacock-spot', [28, 120]],
  ['grape-downy-mildew', [5, 12]],
  ['fire-blight', [5, 28]],
  ['brown-rot', [5, 14]],
  ['shot-hole', [7, 21]],
  ['entomosporium-leaf-spot', [9, 16]],
  ['fig-rust', [10, 21]],
  ['rose-rust', [10, 14]],
  ['pear-trellis-rust', [14, 35]],
]);
const WARMEST_C = 24;

/**
 * After how many days spots of an infection show, at the mean temperature since; null where nothing is told of
 * that temperature or disease. Between the steps of the table the nearest colder one is taken, as spots come no
 * sooner.
 */
export function daysToSpots(diseaseId: string, meanC: number): DaySpan | null {
  if (diseaseId !== 'apple-scab') return OTHERS.get(diseaseId) ?? null;
  if (meanC > WARMEST_C) return null;
  return SCAB.find(({ fromC }) => meanC >= fromC)?.days ?? null;
}
