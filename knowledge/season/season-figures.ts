import type { TargetGroup } from '#core/identify';
import { type FigureRange, type SeasonFigures, sharp } from '#core/season-model';
import { bare, type OwnFigures, type PlanFigure, range, ruleOfThumb } from './plan-figure.ts';
import { lifeOf } from './stage-lengths.ts';
import { GROWTH_A_YEAR } from './years.ts';

/** What the garden tells of a watch for its season. */
export interface SeasonCase {
  readonly targetId: string | null;
  readonly group: TargetGroup | null;
  /** A source plant: beside it, near, or none. */
  readonly source: 'touching' | 'near' | null;
  /** Share of covers with a wasp's hole as counted; null where nobody counted. */
  readonly holed: FigureRange | null;
  readonly generations: number;
  /** From one generation to the next, in the unit of the hatch; null where there is one only. */
  readonly generationLength: FigureRange | null;
}

/** The figures a watch's season is computed from; null for groups the model knows nothing of. */
export function seasonFigures(
  { targetId, group, source, holed, generations, generationLength }: SeasonCase,
  gardeners: OwnFigures = {},
): { readonly figures: SeasonFigures; readonly shown: readonly PlanFigure[] } | null {
  const life = lifeOf(targetId, group);
  if (!life) return null;
  const miner = group === 'leaf-miner';
  const crawler = ruleOfThumb(
    'days crawler',
    miner ? 'Days as an egg' : 'Days as a crawler',
    'days',
    life.days.crawler,
    gardeners,
  );
  const settled = ruleOfThumb(
    'days settled',
    miner ? 'Days as a young larva' : 'Days settled and still soft',
    'days',
    life.days.settled,
    gardeners,
  );
  const second = ruleOfThumb(
    'days second',
    miner ? 'Days as an old larva' : 'Days in the second stage',
    'days',
    life.days.second,
    gardeners,
  );
  const growth = ruleOfThumb('growth', 'As many after a year left alone', 'times', GROWTH_A_YEAR, gardeners);
  const over = ruleOfThumb(
    'source',
    'Crawlers from the source plant, of its own hatch',
    'share',
    source === 'touching' ? range(0.1, 0.25, 0.6) : range(0.04, 0.12, 0.35),
    gardeners,
  );
  const holes: PlanFigure | null = holed && {
    id: 'holed',
    name: 'Covers with a hole of a wasp',
    unit: 'share',
    grade: 'B',
    sourceIds: ['practice'],
    ...(gardeners['holed'] ?? holed),
  };
  return {
    shown: [crawler, settled, second, growth, ...(source ? [over] : []), ...(holes ? [holes] : [])],
    figures: {
      stages: { unit: 'days', crawler: bare(crawler), settled: bare(settled), second: bare(second) },
      lossADay: life.lossADay,
      hotLoss: HOT_LOSS,
      holed: holes && bare(holes),
      source: source ? bare(over) : null,
      growthAYear: bare(growth),
      generations,
      generationLength: generationLength ?? sharp(0),
    },
  };
}

/** Share of the crawlers that are out which a day above 40 °C kills (rule of thumb, grade C). */
const HOT_LOSS = range(0.2, 0.4, 0.6);
