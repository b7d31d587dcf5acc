import type { TargetGroup } from '#core/identify';
import type { ByStage, FigureRange, StageLengths } from '#core/season-model';
import { range } from './plan-figure.ts';

interface Life {
  /** In days; the last stage lasts until it has bred. */
  readonly days: Omit<StageLengths<FigureRange>, 'unit'>;
  /** Share that dies in a day by itself, by stage. */
  readonly lossADay: ByStage<number>;
}

/**
 * How long each stage lasts and how many die by themselves. Armored young are open to oil until their cover is
 * whole, ten to twenty days; felt two to four weeks; soft and giant scale stay soft for six to twelve weeks.
 * A leaf miner's larva is young for one to two weeks. Rules of thumb, grade C.
 */
const LIVES: Readonly<Partial<Record<TargetGroup, Life>>> = {
  armored: {
    days: { crawler: range(1, 1.5, 2), settled: range(10, 14, 20), second: range(12, 16, 24) },
    lossADay: { crawler: 0.2, settled: 0.015, second: 0.005, grown: 0.003 },
  },
  soft: {
    days: { crawler: range(2, 4, 7), settled: range(40, 59, 77), second: range(30, 45, 70) },
    lossADay: { crawler: 0.12, settled: 0.01, second: 0.005, grown: 0.003 },
  },
  felt: {
    days: { crawler: range(2, 4, 8), settled: range(12, 17, 24), second: range(12, 18, 25) },
    lossADay: { crawler: 0.12, settled: 0.012, second: 0.005, grown: 0.003 },
  },
  giant: {
    days: { crawler: range(3, 6, 10), settled: range(39, 57, 74), second: range(20, 30, 40) },
    lossADay: { crawler: 0.12, settled: 0.01, second: 0.005, grown: 0.003 },
  },
  'leaf-miner': {
    days: { crawler: range(3, 5, 8), settled: range(6, 10, 16), second: range(7, 12, 20) },
    lossADay: { crawler: 0.03, settled: 0.02, second: 0.01, grown: 0 },
  },
};

/** Miners whose larva stays in the leaf through summer and winter. */
const YEAR_LONG_LARVAE: ReadonlySet<string> = new Set(['boxwood-leaf-miner', 'holly-leaf-miner']);

/** The life of a trouble; null for groups the season model knows nothing of. */
export function lifeOf(targetId: string | null, group: TargetGroup | null): Life | null {
  const usual = (group && LIVES[group]) ?? null;
  if (!usual || targetId === null || !YEAR_LONG_LARVAE.has(targetId)) return usual;
  return { ...usual, days: { ...usual.days, settled: range(40, 60, 90), second: range(60, 90, 120) } };
}
