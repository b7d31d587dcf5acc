import { describe, expect, test } from '@jest/globals';
import { daysToSpots, severeFrom, type Severity, wetHoursNeeded } from './index.ts';

/** Every point as printed: "°C:h". */
const printed = (points: string) => points.split(' ').map((point) => point.split(':').map(Number));

const LEAST: readonly (readonly [disease: string, points: string])[] = [
  [
    'apple-scab',
    '1:40.5 2:34.7 3:29.6 4:27.8 5:21.2 6:18 7:15.4 8:13.4 9:12.2 10:11 11:9 12:8.3 13:8 14:7 15:7 16:6.1 17:6 24:6 25:8 26:11.3',
  ],
  ['cedar-apple-rust', '2:24 4:12 6:8 8:6 10:5 12:4 14:3 18:3 20:2 26:2'],
  ['grape-black-rot', '10:24 13:12 15.5:9 18.5:8 21:7 24:7 26.5:6 29.5:9 32:12'],
  ['olive-peacock-spot', '5:18 10:12 15:9 20:9 25:12'],
  ['rose-black-spot', '15:7 27:7'],
  ['peach-leaf-curl', '0:12.5 16:12.5'],
  ['cherry-leaf-spot', '8:28 16:5 20:5 24:10 27:28'],
  ['melanose', '15:18 25:10 30:10'],
  ['citrus-scab', '20:2.5 28:2.5'],
  ['brown-rot', '10:18 15:10 20:5 25:5'],
  ['shot-hole', '10:24 20:6 25:6'],
  ['entomosporium-leaf-spot', '15:9 25:9'],
  ['rose-rust', '18:2 21:2'],
];

const HEAVIER: readonly (readonly [disease: string, severity: Severity, points: string])[] = [
  ['apple-scab', 'moderate', '6:40 8:27 10:19 11:18 12:16 13:15 14:14 15:13 17:12 24:12 25:14 26:17'],
  ['apple-scab', 'severe', '6:60 8:40 10:29 11:26 12:24 13:22 14:21 15:20 17:18 24:18 25:21 26:26'],
  ['cedar-apple-rust', 'severe', '10:7 12:5 16:5 18:4 24:4'],
];

describe('hours of wet leaves, to the printed point', () => {
  test.each(LEAST)('%s', (disease, points) => {
    for (const [meanC, hours] of printed(points))
      expect([meanC, wetHoursNeeded(disease, meanC!)]).toEqual([meanC, hours]);
    const [first, last] = [printed(points)[0]![0]!, printed(points).at(-1)![0]!];
    expect([wetHoursNeeded(disease, first - 0.1), wetHoursNeeded(disease, last + 0.1)]).toEqual([null, null]);
  });

  test.each(HEAVIER)('%s, %s', (disease, severity, points) => {
    for (const [meanC, hours] of printed(points))
      expect([meanC, severeFrom(disease, severity, meanC!)]).toEqual([meanC, hours]);
  });
});

test.each([
  ['rose-black-spot', 3, 16],
  ['peach-leaf-curl', 14, 35],
  ['cedar-apple-rust', 10, 21],
  ['grape-black-rot', 10, 21],
  ['cherry-leaf-spot', 10, 15],
  ['grape-powdery-mildew', 7, 14],
  ['apple-powdery-mildew', 5, 14],
  ['rose-powdery-mildew', 5, 10],
  ['powdery-mildew', 5, 14],
  ['crape-myrtle-powdery-mildew', 5, 14],
  ['melanose', 7, 14],
  ['citrus-scab', 5, 10],
  ['greasy-spot', 60, 180],
  ['olive-peacock-spot', 28, 120],
  ['grape-downy-mildew', 5, 12],
  ['fire-blight', 5, 28],
  ['brown-rot', 5, 14],
  ['shot-hole', 7, 21],
  ['entomosporium-leaf-spot', 9, 16],
  ['fig-rust', 10, 21],
  ['rose-rust', 10, 14],
  ['pear-trellis-rust', 14, 35],
])('%s shows after %d to %d days', (disease, least, most) => {
  expect(daysToSpots(disease, 18)).toEqual([least, most]);
});
