import { schoolFor } from '../schools.ts';
import { HAND_SERIES } from './by-hand.ts';
import { FUNGUS_SERIES } from './fungus-year.ts';
import { PREVENTIVE_SERIES } from './prevention.ts';
import { SPRAY_SERIES } from './sprays.ts';
import type { SeriesScene, SeriesTemplate } from './template.ts';

export const SERIES_TEMPLATES: readonly SeriesTemplate[] = [
  ...SPRAY_SERIES,
  ...HAND_SERIES,
  ...FUNGUS_SERIES,
  ...PREVENTIVE_SERIES,
];

/** The usual series for a scene: those of the schools followed first, what is common next, other schools last. */
export function seriesFor(scene: SeriesScene): SeriesTemplate[] {
  const rank = ({ school }: SeriesTemplate) =>
    school === null ? 1 : schoolFor(school.question, scene.schools).id === school.id ? 0 : 2;
  return SERIES_TEMPLATES.filter(({ fits }) => fits(scene)).toSorted((a, b) => rank(a) - rank(b));
}

/** Whether the garden or plant follows the school that does it so; true for what is common to all. */
export const isFollowed = ({ school }: SeriesTemplate, schools: SeriesScene['schools']): boolean =>
  school === null || schoolFor(school.question, schools).id === school.id;
