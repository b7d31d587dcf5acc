import { addDays, type CivilDate, dayInYear, yearOf } from '#core/calendar';
import type { Series, StepPlan, Trigger } from '#core/records';
import { type Position, planAt } from './position.ts';
import type { Coming, SeriesFacts } from './series-facts.ts';

/** Why a turn is due when it is. */
export type Because =
  | { readonly kind: 'after'; readonly on: CivilDate; readonly leastDays: number; readonly mostDays: number }
  | { readonly kind: 'rain'; readonly on: CivilDate; readonly rainMm: number; readonly since: CivilDate }
  | { readonly kind: 'set' }
  | { readonly kind: 'awaited'; readonly what: Trigger['kind'] };

/** The days a turn may be done on, its 80 % range where it is expected, and why then. */
export interface StepDue {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly range: readonly [CivilDate, CivilDate | null] | null;
  readonly because: Because;
}

/** How long a turn stays asked for after its last day, before the series counts as left off (grade C). */
export const LAPSES_AFTER_DAYS = 60;
/** Days something awaited is good for where nothing says how long (rule of thumb, grade C). */
const GOOD_FOR_DAYS = 14;
/** What is to be in before the frost is begun so long before it might come (grade C). */
const BEFORE_FROST_DAYS = 14;
/** A yearly turn this soon after the last belongs to next year. */
const LEAST_OF_A_YEAR_DAYS = 120;

/** When the next turn is due; null while it waits for what nobody can tell yet. */
export function stepDue(series: Series, facts: SeriesFacts, position: Position): StepDue | null {
  const plan = planAt(series, position);
  if (!plan) return null;
  const { trigger } = plan;
  if (trigger.kind === 'yearly') return yearly(trigger, series.startedOn, position);
  if (position.lastOn !== null && plan.every !== null) return again(plan.every, facts, position.lastOn);
  const after = position.treatedOn ?? series.startedOn;
  switch (trigger.kind) {
    case 'after':
      return daysAfter(after, trigger);
    case 'date':
      return {
        from: trigger.on,
        to: addDays(trigger.on, trigger.forDays),
        range: null,
        because: { kind: 'set' },
      };
    case 'frost':
      return beforeFrost(facts.comes(trigger, after));
    default:
      return awaited(trigger.kind, facts.comes(trigger, after));
  }
}

const daysAfter = (
  on: CivilDate,
  { leastDays, mostDays }: { leastDays: number; mostDays: number },
): StepDue => ({
  from: addDays(on, leastDays),
  to: addDays(on, mostDays),
  range: null,
  because: { kind: 'after', on, leastDays, mostDays },
});

/** So long after the last turn, or once enough rain has fallen on it. */
function again(every: NonNullable<StepPlan['every']>, facts: SeriesFacts, lastOn: CivilDate): StepDue {
  const usual = daysAfter(lastOn, every);
  if (every.afterRainMm === null) return usual;
  let rainMm = 0;
  for (const day of facts.rain) {
    if (day.on <= lastOn || day.on >= usual.from) continue;
    rainMm += day.rainMm;
    if (rainMm >= every.afterRainMm) {
      const from = addDays(day.on, 1);
      return {
        from,
        to: usual.from,
        range: null,
        because: { kind: 'rain', on: day.on, rainMm, since: lastOn },
      };
    }
  }
  return usual;
}

function yearly(
  { on, forDays }: Extract<Trigger, { kind: 'yearly' }>,
  startedOn: CivilDate,
  { lastOn }: Position,
): StepDue {
  const notBefore = lastOn === null ? addDays(startedOn, -forDays) : addDays(lastOn, LEAST_OF_A_YEAR_DAYS);
  const here = dayInYear(on, yearOf(notBefore));
  const from = here >= notBefore ? here : dayInYear(on, yearOf(notBefore) + 1);
  return { from, to: addDays(from, forDays), range: null, because: { kind: 'awaited', what: 'yearly' } };
}

function beforeFrost(frost: Coming | null): StepDue | null {
  if (!frost) return null;
  return {
    from: addDays(frost.early, -BEFORE_FROST_DAYS),
    to: addDays(frost.early, -1),
    range: [frost.early, frost.late],
    because: { kind: 'awaited', what: 'frost' },
  };
}

function awaited(what: Trigger['kind'], coming: Coming | null): StepDue | null {
  if (!coming) return null;
  const { on, early, late, until } = coming;
  return {
    from: on,
    to: until !== null && until >= on ? until : addDays(on, GOOD_FOR_DAYS),
    range: early === on && late === on ? null : [early, late],
    because: { kind: 'awaited', what },
  };
}
