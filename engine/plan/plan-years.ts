import { type LeftSummary, type PlannedTreatment, type SeasonDraws, yearsAhead } from '#core/season-model';
import { CUT_BACK, HELPERS_GROW } from '#knowledge';
import type { PlanMaterial } from './plan-answer.ts';

/** What is done in the years ahead. */
export const YEARS_WAYS = [
  'left-alone',
  'plan',
  'plan-source-cleared',
  'cut-back-then-plan',
  'helpers-let-be',
] as const;
export type YearsWay = (typeof YEARS_WAYS)[number];

/** How many there are after each year, of 100 now. */
export interface YearsOutcome {
  readonly way: YearsWay;
  readonly levels: readonly LeftSummary[];
}

const YEARS = 3;

interface YearsGround {
  readonly material: PlanMaterial;
  readonly draws: SeasonDraws;
  /** What was done this season already. */
  readonly done: readonly PlannedTreatment[];
  readonly seed: number;
}

/**
 * Three years of leaving it, of the plan year after year, and of each with the source cleared, the plant cut back
 * or the helpers let be, where there is a source, a plan or helpers.
 */
export function planYears(
  { material, draws, done, seed }: YearsGround,
  planned: readonly PlannedTreatment[],
): YearsOutcome[] {
  const { figures } = material;
  const alone = {
    draws,
    growthAYear: figures.growthAYear,
    years: YEARS,
    seed,
    thisYear: done,
    eachYear: [],
    sourceCleared: false,
    cutBack: null,
    helpersGrow: null,
  };
  const plan = { ...alone, thisYear: planned, eachYear: planned };
  const asked = {
    'left-alone': alone,
    plan: planned.length > 0 ? plan : null,
    'plan-source-cleared': figures.source ? { ...plan, sourceCleared: true } : null,
    'cut-back-then-plan': { ...plan, cutBack: CUT_BACK },
    'helpers-let-be': figures.holed ? { ...alone, helpersGrow: HELPERS_GROW } : null,
  } as const;
  return YEARS_WAYS.flatMap((way): YearsOutcome[] => {
    const year = asked[way];
    return year ? [{ way, levels: yearsAhead(year) }] : [];
  });
}
