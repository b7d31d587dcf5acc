import type { TargetGroup } from '#core/identify';
import type { ByStage, FigureRange } from '#core/season-model';
import { between, range } from './plan-figure.ts';

/** What a material takes of those it wets, by stage, how long it goes on, and whom else it kills. Grade C. */
export interface Kill {
  readonly kill: ByStage<FigureRange>;
  readonly residueHalfLifeDays: FigureRange;
  /** For what is given at the roots: days until it works, and how long it does. */
  readonly systemic: { readonly onsetDays: FigureRange; readonly lastsDays: FigureRange } | null;
  readonly helpersKilled: FigureRange;
}

const NONE = range(0, 0, 0);
const stages = (
  crawler: FigureRange,
  settled: FigureRange,
  second: FigureRange,
  grown: FigureRange,
): ByStage<FigureRange> => ({ crawler, settled, second, grown });

const contact = (
  kill: ByStage<FigureRange>,
  residueHalfLifeDays: FigureRange,
  helpersKilled: FigureRange,
): Kill => ({ kill, residueHalfLifeDays, helpersKilled, systemic: null });

const OIL = contact(
  stages(between(0.9, 0.98), between(0.75, 0.95), between(0.5, 0.8), between(0.2, 0.5)),
  NONE,
  between(0.1, 0.3),
);
const SOAP = contact(
  stages(between(0.7, 0.95), between(0.4, 0.7), between(0.1, 0.4), between(0, 0.1)),
  NONE,
  between(0.1, 0.3),
);
const REGULATOR = contact(
  stages(between(0.75, 0.95), between(0.75, 0.95), between(0.3, 0.6), NONE),
  between(21, 35),
  between(0.1, 0.4),
);

const ON_SCALE: Readonly<Record<string, Kill>> = {
  'mineral-oil': OIL,
  'plant-oil': OIL,
  soap: SOAP,
  pyriproxyfen: REGULATOR,
  buprofezin: REGULATOR,
  azadirachtin: contact(
    stages(between(0.3, 0.6), between(0.3, 0.6), between(0.1, 0.3), NONE),
    between(2, 5),
    between(0.05, 0.2),
  ),
  bifenthrin: contact(
    stages(between(0.9, 0.98), between(0.3, 0.6), between(0.1, 0.3), between(0, 0.1)),
    between(14, 35),
    between(0.7, 0.95),
  ),
  malathion: contact(
    stages(between(0.85, 0.97), between(0.3, 0.6), between(0.1, 0.3), between(0, 0.1)),
    between(2, 5),
    between(0.6, 0.9),
  ),
  pyrethrins: contact(
    stages(between(0.75, 0.95), between(0.1, 0.4), between(0, 0.15), NONE),
    NONE,
    between(0.3, 0.6),
  ),
  acetamiprid: contact(
    stages(between(0.6, 0.9), between(0.4, 0.7), between(0.2, 0.5), between(0.05, 0.3)),
    between(7, 14),
    between(0.3, 0.6),
  ),
};

/** Drenches by group: whether it feeds where they flow decides. */
const drench = (young: FigureRange, grown: FigureRange, onset: FigureRange, lasts: FigureRange): Kill => ({
  kill: stages(young, young, young, grown),
  residueHalfLifeDays: NONE,
  systemic: { onsetDays: onset, lastsDays: lasts },
  helpersKilled: between(0.1, 0.4),
});
const IMIDACLOPRID_TIMES = [between(14, 56), between(180, 365)] as const;
const DINOTEFURAN_TIMES = [between(7, 21), between(60, 120)] as const;

const DRENCHES: Readonly<Partial<Record<TargetGroup, Readonly<Record<string, Kill>>>>> = {
  armored: { dinotefuran: drench(between(0.3, 0.7), between(0.1, 0.3), ...DINOTEFURAN_TIMES) },
  soft: {
    imidacloprid: drench(between(0.7, 0.95), between(0.3, 0.6), ...IMIDACLOPRID_TIMES),
    dinotefuran: drench(between(0.75, 0.95), between(0.3, 0.6), ...DINOTEFURAN_TIMES),
  },
  felt: {
    imidacloprid: drench(between(0.6, 0.9), between(0.3, 0.6), ...IMIDACLOPRID_TIMES),
    dinotefuran: drench(between(0.8, 0.95), between(0.4, 0.7), ...DINOTEFURAN_TIMES),
  },
};

/** On a larva in its leaf; the first stage is the egg just laid, which a deposit keeps from being laid. */
const ON_MINERS: Readonly<Record<string, Kill>> = {
  spinosad: contact(
    stages(between(0.5, 0.8), between(0.7, 0.9), between(0.3, 0.6), NONE),
    between(5, 10),
    between(0.1, 0.3),
  ),
  'mineral-oil': contact(
    stages(between(0.3, 0.6), between(0, 0.2), NONE, NONE),
    between(3, 7),
    between(0.1, 0.3),
  ),
  azadirachtin: contact(
    stages(between(0.3, 0.6), between(0.3, 0.6), between(0.1, 0.2), NONE),
    between(2, 5),
    between(0.05, 0.2),
  ),
  acetamiprid: contact(
    stages(between(0.5, 0.8), between(0.5, 0.8), between(0.2, 0.4), NONE),
    between(7, 14),
    between(0.3, 0.6),
  ),
};

/** What is said of a material on a group; null where nothing is. */
export function killOf(materialId: string, group: TargetGroup): Kill | null {
  if (group === 'leaf-miner') return ON_MINERS[materialId] ?? null;
  return DRENCHES[group]?.[materialId] ?? ON_SCALE[materialId] ?? null;
}

/** Materials with figures for a group. */
export const killsOn = (group: TargetGroup): readonly string[] =>
  group === 'leaf-miner'
    ? Object.keys(ON_MINERS)
    : [...Object.keys(ON_SCALE), ...Object.keys(DRENCHES[group] ?? {})];

/** What passes the winter young, so that a growth regulator on bare wood meets it. */
const WINTERS_YOUNG: ReadonlySet<string> = new Set([
  'san-jose-scale',
  'european-fruit-lecanium',
  'oak-lecanium',
  'calico-scale',
  'obscure-scale',
  'magnolia-scale',
  'tuliptree-scale',
]);

export const wintersYoung = (targetId: string | null): boolean =>
  targetId !== null && WINTERS_YOUNG.has(targetId);

/** What dormant oil (2 to 4 %) takes of the stage that winters: black caps and naked young most, eggs least. */
const DORMANT_OIL: Readonly<Record<string, FigureRange>> = {
  'san-jose-scale': between(0.8, 0.95),
  'european-fruit-lecanium': between(0.8, 0.95),
  'oak-lecanium': between(0.8, 0.95),
  'calico-scale': between(0.8, 0.95),
  'oystershell-scale': between(0.1, 0.4),
  'pine-needle-scale': between(0.1, 0.4),
  'euonymus-scale': between(0.4, 0.75),
  'juniper-scale': between(0.4, 0.75),
  'white-prunicola-scale': between(0.4, 0.75),
};

export const dormantOilOn = (targetId: string | null): FigureRange =>
  (targetId !== null && DORMANT_OIL[targetId]) || range(0.4, 0.65, 0.85);
