import type { Grade } from '#core/figures';
import type { Indicator } from '#core/phenology';
import { celsiusDaysFromFahrenheitDays } from '#core/units';

/** A plant whose first bloom has a published place on the scale of heat. */
export interface GradedIndicator extends Indicator {
  readonly published: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const bloom = (
  hostId: string,
  name: string,
  fahrenheitDays: number,
  grade: Grade = 'B',
): GradedIndicator => ({
  hostId,
  name,
  bloomCd: celsiusDaysFromFahrenheitDays(fahrenheitDays),
  published: `first bloom at ${grade === 'C' ? 'about ' : ''}${fahrenheitDays} °F·days, base 50 °F`,
  grade,
  sourceIds: grade === 'C' ? ['practice'] : ['herms-2004'],
});

/** First blooms in Ohio, on the same scale as the events; their order travels better than their values. */
export const INDICATORS: readonly GradedIndicator[] = [
  bloom('star-magnolia', 'Star magnolia', 83),
  bloom('forsythia', 'Border forsythia', 86),
  bloom('magnolia', 'Saucer magnolia', 133),
  bloom('redbud', 'Redbud', 191),
  bloom('lilac', 'Common lilac', 234),
  bloom('dogwood', 'Flowering dogwood', 263),
  bloom('black-locust', 'Black locust', 440, 'C'),
  bloom('catalpa', 'Northern catalpa', 675, 'C'),
  bloom('linden', 'Littleleaf linden', 830, 'C'),
];
