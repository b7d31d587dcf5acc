import { type FigureRange, sharp, type TreatmentKind } from '#core/season-model';
import { between } from '../season/plan-figure.ts';

const NONE = sharp(0);

/** Covers keep this much of what they wet from infecting while fresh, and half of it so long (grade C). */
function cover(
  id: string,
  keepsOff: FigureRange,
  halfLifeDays: FigureRange,
  reachesBack: FigureRange = NONE,
): TreatmentKind {
  return {
    id,
    acts: 'contact',
    // The "crawling" stage of an infection is what has not happened yet, the settled one what just has.
    kill: { crawler: keepsOff, settled: reachesBack, second: NONE, grown: NONE },
    winterKill: null,
    coverage: between(0.75, 0.95),
    residueHalfLifeDays: halfLifeDays,
    onsetDays: NONE,
    lastsDays: NONE,
    helpersKilled: NONE,
    // It has to dry, and must not freeze before it has.
    fits: { leastC: LEAST_C, greatestC: null, dry: true },
  };
}

const LEAST_C = 4;

/** Fixed copper clings to bark and shut scales for weeks; on leaves that grow it halves in seven to ten days. */
export const COPPER_ON_BUDS = cover('copper', between(0.85, 0.97), between(14, 28));
/** On leaves in spring new ones unfold every three to five days, which no cover has met: it halves the sooner. */
export const CAPTAN_ON_LEAVES = cover('captan', between(0.85, 0.97), between(4.5, 6.5));
export const SULFUR_ON_LEAVES = cover('sulfur', between(0.7, 0.9), between(3.5, 5));
export const MYCLOBUTANIL_ON_LEAVES = cover(
  'myclobutanil',
  between(0.6, 0.85),
  between(4, 6),
  between(0.6, 0.85),
);

/** Leaves that fell last year, raked off before buds open: the spores that would come of them go too (grade C). */
export const CLEARED_LEAVES: TreatmentKind = {
  ...cover('clear-leaves', NONE, NONE),
  acts: 'hand',
  kill: { crawler: sharp(1), settled: NONE, second: NONE, grown: NONE },
  coverage: between(0.35, 0.6),
  fits: { leastC: null, greatestC: null, dry: false },
};
