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
  /** Its day goes by the usual weeks from the stage before, while its own is not seen. */
  readonly isGuess: boolean;
}

/** A feeding this near its day counts as done, and this long after it is still in time. */
const NEAR_DAYS = 7;
export const lastDayOf = ({ on }: Pick<Feeding, 'on'>): CivilDate => addDays(on, NEAR_DAYS);

/** Feedings that are not done and still in time, or to come. */
export const feedingsAhead = (feedings: readonly Feeding[], today: CivilDate): Feeding[] =>
  feedings.filter((feeding) => !feeding.done && lastDayOf(feeding) >= today);

/** From bud swell to bloom on fruit trees, and from bloom to petal fall (rules of thumb, grade C). */
const SWELL_TO_BLOOM_DAYS = 28;
const BLOOM_DAYS = 14;
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
    return rhythm(stages, EVERY_DAYS[school]).map((on) => ({
      on,
      why: 'rhythm',
      done: fed(on),
      isGuess: false,
    }));
  const { budSwell, bloomStart, petalFall } = stages;
  const bloom = bloomStart ?? after(budSwell, SWELL_TO_BLOOM_DAYS);
  const petals = petalFall ?? after(bloom, BLOOM_DAYS);
  const at = (on: CivilDate | null, why: Feeding['why'], isGuess: boolean): Feeding[] =>
    on ? [{ on, why, done: fed(on), isGuess }] : [];
  return [
    ...at(budSwell, 'bud-swell', false),
    ...at(after(bloom, -NEAR_DAYS), 'before-bloom', bloomStart === null),
    ...at(petals, 'petal-fall', petalFall === null),
    ...at(after(petals, 14), 'after-petal-fall', petalFall === null),
  ];
}

const after = (on: CivilDate | null, days: number): CivilDate | null => on && addDays(on, days);

function rhythm({ greenTip, leafFall }: FeedingStages, everyDays: number): CivilDate[] {
  if (!greenTip || !leafFall) return [];
  const days: CivilDate[] = [];
  for (let on = greenTip; on < leafFall; on = addDays(on, everyDays)) days.push(on);
  return days;
}
