import { addDays, type CivilDate } from '#core/calendar';
import { type TemperaturePair } from '#core/phenology';

export type Stage = 'dormant' | 'bud-swell' | 'in-leaf' | 'leaf-fall';

export interface StageSpan {
  readonly stage: Stage;
  readonly from: CivilDate;
  readonly to: CivilDate;
}

/**
 * Mean temperatures, over 15 days, at which the garden's deciduous plants are taken to change
 * stage: rough defaults (grade C) that stand until growth stages are logged.
 */
export const STAGE_TEMPERATURES_C = { budSwell: 6, inLeaf: 10, leafFall: 10, dormant: 5 } as const;

/**
 * The year of a garden's deciduous plants, from the mean of its past seasons. `null` when the
 * coldest fortnight stays above the bud-swell temperature: there is no dormant season to show.
 * `pastSeasons` are whole seasons from `start`, at least one.
 */
export function seasonStages(
  start: CivilDate,
  pastSeasons: readonly (readonly TemperaturePair[])[],
): StageSpan[] | null {
  const smooth = smoothedMeans(pastSeasons);
  const warmest = smooth.indexOf(Math.max(...smooth));
  const { budSwell, inLeaf, leafFall, dormant } = STAGE_TEMPERATURES_C;
  if (Math.min(...smooth) > budSwell) return null;
  const lastBelow = (limitC: number) => {
    for (let i = warmest; i >= 0; i--) if (smooth[i]! < limitC) return i + 1;
    return 0;
  };
  const firstBelow = (limitC: number) => {
    const firstDay = smooth.findIndex((meanC, i) => i > warmest && meanC < limitC);
    return firstDay < 0 ? smooth.length : firstDay;
  };
  const edges: [Stage, number][] = [
    ['dormant', 0],
    ['bud-swell', lastBelow(budSwell)],
    ['in-leaf', lastBelow(inLeaf)],
    ['leaf-fall', firstBelow(leafFall)],
    ['dormant', firstBelow(dormant)],
  ];
  return edges.flatMap(([stage, from], i) => {
    const next = edges[i + 1]?.[1] ?? smooth.length;
    return next > from ? [{ stage, from: addDays(start, from), to: addDays(start, next - 1) }] : [];
  });
}

function smoothedMeans(pastSeasons: readonly (readonly TemperaturePair[])[]): number[] {
  if (pastSeasons.length === 0) throw new RangeError('at least one past season is needed');
  const length = Math.min(...pastSeasons.map((season) => season.length));
  const means = Array.from(
    { length },
    (_, i) =>
      pastSeasons.reduce((sum, season) => sum + (season[i]!.minC + season[i]!.maxC) / 2, 0) /
      pastSeasons.length,
  );
  return means.map((_, i) => {
    const around = means.slice(Math.max(0, i - 7), i + 8);
    return around.reduce((sum, value) => sum + value, 0) / around.length;
  });
}
