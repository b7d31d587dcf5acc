import { addDays, type CivilDate } from '#core/calendar';

export type FeedingSchool = 'none' | 'monthly' | 'fortnightly' | 'four-a-season';

/** Stages of one season that feeding goes by; null where not known. */
export interface FeedingStages {
  readonly budSwell: CivilDate | null;
  readonly greenTip: CivilDate | null;
  readonly bloomStart: CivilDate | null;
  readonly petalFall: CivilDate | null;
  readonly leafFall: CivilDate | null;
}

/** One feeding of the season. */
export interface Feeding {
  readonly on: CivilDate;
  readonly why: 'rhythm' | 'bud-swell' | 'before-bloom' | 'petal-fall' | 'after-petal-fall';
  readonly done: boolean;
}

/** A feeding this near its day counts as done. */
const NEAR_DAYS = 7;
const EVERY_DAYS: Readonly<Record<'monthly' | 'fortnightly', number>> = { monthly: 30, fortnightly: 14 };

/**
 * The season's feedings by the school followed, with those done; none when the school does not feed or
 * the stages are not known.
 */
export function feedingPlan(
  school: FeedingSchool,
  stages: FeedingStages,
  fedOn: readonly CivilDate[],
): Feeding[] {
  const fed = (on: CivilDate) =>
    fedOn.some((day) => day >= addDays(on, -NEAR_DAYS) && day <= addDays(on, NEAR_DAYS));
  if (school === 'none') return [];
  if (school !== 'four-a-season')
    return rhythm(stages, EVERY_DAYS[school]).map((on) => ({ on, why: 'rhythm', done: fed(on) }));
  const at = (on: CivilDate | null, days: number, why: Feeding['why']): Feeding[] =>
    on ? [{ on: addDays(on, days), why, done: fed(addDays(on, days)) }] : [];
  return [
    ...at(stages.budSwell, 0, 'bud-swell'),
    ...at(stages.bloomStart, -NEAR_DAYS, 'before-bloom'),
    ...at(stages.petalFall, 0, 'petal-fall'),
    ...at(stages.petalFall, 14, 'after-petal-fall'),
  ];
}

function rhythm({ greenTip, leafFall }: FeedingStages, everyDays: number): CivilDate[] {
  if (!greenTip || !leafFall) return [];
  const days: CivilDate[] = [];
  for (let on = greenTip; on < leafFall; on = addDays(on, everyDays)) days.push(on);
  return days;
}
