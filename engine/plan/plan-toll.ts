import type { PlanMaterial } from './plan-answer.ts';
import type { PlanCut } from './plan-ground.ts';
import type { PlanWay } from './plan-ways.ts';

/** What a set of cuts takes of the gardener, and puts at risk besides. */
export interface PlanToll {
  readonly sprays: number;
  readonly hands: number;
  readonly hours: number;
  /** In the gardener's own money; null where a price is not known. */
  readonly cost: number | null;
  /** Days on which a deposit could harm a bee that comes. */
  readonly beeDays: number;
  /** Days' worth of the helpers' work that is lost with those a spray kills. */
  readonly helperDays: number;
}

/** Helpers half back after 28 days: those killed are missing for so many days on the whole (28 ÷ ln 2). */
const MISSING_DAYS = 28 / Math.LN2;
/** A deposit counts until a quarter of it is left: two half-lives. */
const HALF_LIVES = 2;

export function tollOf({ ways }: Pick<PlanMaterial, 'ways'>, cuts: readonly PlanCut[]): PlanToll {
  const done = cuts.flatMap(({ wayId }) => ways.find(({ id }) => id === wayId) ?? []);
  const sprays = done.filter(({ means }) => means.by !== 'hand');
  const costs = sprays.map(({ once }) => once.cost);
  return {
    sprays: sprays.length,
    hands: done.length - sprays.length,
    hours: sum(done.map(({ once }) => once.hours)),
    cost: costs.some((cost) => cost === null) ? null : sum(costs.map((cost) => cost ?? 0)),
    beeDays: sum(sprays.filter(({ harmsBees }) => harmsBees).map(depositDays)),
    helperDays: sum(sprays.map(({ way }) => way.kind.helpersKilled.middle * MISSING_DAYS)),
  };
}

/** The day itself at least; what is given at the roots as long as it works. */
function depositDays({ way: { kind } }: PlanWay): number {
  if (kind.acts === 'systemic') return kind.lastsDays.middle;
  return Math.max(1, HALF_LIVES * kind.residueHalfLifeDays.middle);
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
