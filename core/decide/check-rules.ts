import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { isScaleGroup } from '#core/identify';
import { nextWindow } from './crawler-windows.ts';
import { DAYS } from './days.ts';
import { dueItem, type DueRule } from './due-item.ts';
import type { WatchToday } from './watch-facts.ts';

export const nameFirst: DueRule = (facts, today) => {
  if (facts.named) return [];
  const closes = addDays(facts.openedOn, DAYS.nameWithin);
  return [
    dueItem(facts, 'name-it', 'name-before-acting', {
      opens: facts.openedOn,
      closes,
      standing: closes < today ? 'late' : 'open',
      facts: [{ what: 'opened', quantity: { kind: 'date', on: facts.openedOn } }],
    }),
  ];
};

export const checkAfterTreatment: DueRule = (facts, today) => {
  const last = [...facts.treatedOn, ...facts.workedOn].sort().at(-1);
  if (!last) return [];
  const check = nextCheck(whenJudged(facts, last), last, facts.countedOn, today);
  if (!check) return [];
  const { from, to, ruleId } = check;
  const opens = addDays(last, from);
  const closes = addDays(last, to);
  if (daysBetween(today, opens) > DAYS.openingSoon || daysBetween(closes, today) > DAYS.checkForgottenAfter)
    return [];
  return [
    dueItem(facts, 'check-after-treatment', ruleId, {
      opens,
      closes,
      standing: closes < today ? 'late' : opens <= today ? 'open' : 'soon',
      facts: [
        { what: 'treated', quantity: { kind: 'date', on: last } },
        { what: 'since-then', quantity: { kind: 'days', value: daysBetween(last, today) } },
      ],
    }),
  ];
};

/** A check of a treatment, in days after it. */
interface Check {
  readonly from: number;
  readonly to: number;
  readonly ruleId: string;
}

/** The first check that no count has made, and whose time is not over because the next one has begun. */
function nextCheck(
  checks: readonly Check[],
  treatedOn: CivilDate,
  countedOn: readonly CivilDate[],
  today: CivilDate,
): Check | undefined {
  return checks.find(({ from }, i) => {
    const opens = addDays(treatedOn, from);
    const next = checks[i + 1];
    const until = next ? addDays(treatedOn, next.from) : null;
    if (until !== null && until <= today) return false;
    return !countedOn.some((on) => on >= opens && (until === null || on < until));
  });
}

/**
 * Scale on new growth after weeks, a fungus after what was on its way has shown, mites again and again, a drench
 * once it has risen, the rest within days.
 */
function whenJudged(
  { group, incubationDays, drench }: Pick<WatchToday, 'group' | 'incubationDays' | 'drench'>,
  last: CivilDate,
): Check[] {
  if (drench?.on === last)
    return [
      { from: drench.onsetDays, to: drench.onsetDays + DAYS.scaleCheckFrom, ruleId: 'check-drench-after' },
    ];
  if (isScaleGroup(group))
    return [{ from: DAYS.scaleCheckFrom, to: DAYS.scaleCheckTo, ruleId: 'check-scale-after' }];
  if (group === 'mite')
    return DAYS.miteChecks.map(([from, to]) => ({ from, to, ruleId: 'check-mites-after' }));
  if (incubationDays !== null)
    return [
      {
        from: incubationDays,
        to: incubationDays + DAYS.scaleCheckFrom,
        ruleId: 'check-after-incubation',
      },
    ];
  return [{ from: DAYS.quickCheckFrom, to: DAYS.quickCheckTo, ruleId: 'check-others-after' }];
}

/** Days after work on `last` from which a count can tell what it did. */
export const daysUntilJudged = (
  facts: Pick<WatchToday, 'group' | 'incubationDays' | 'drench'>,
  last: CivilDate,
): number => whenJudged(facts, last)[0]!.from;

/** What is watched is looked at again; the day is named even when it lies far ahead. */
export const nextLook: DueRule = (facts, today) => {
  if (!facts.named) return [];
  const on = nextLookOn(facts);
  const closes = addDays(on, DAYS.nameWithin);
  return [
    dueItem(facts, 'next-look', 'look-again', {
      opens: on,
      closes,
      standing:
        closes < today
          ? 'late'
          : on <= today
            ? 'open'
            : daysBetween(today, on) <= DAYS.openingSoon
              ? 'soon'
              : 'later',
      facts: [{ what: 'last-look', quantity: { kind: 'date', on: facts.lookedOn } }],
    }),
  ];
};

/**
 * A fungus in its season: after a fortnight where no rain is told of, for then nothing else brings a look forward;
 * else, or where none was found, after six weeks, and not before its season begins.
 */
function fungusLookOn(
  { lookedOn, clear }: WatchToday,
  { season, isTold }: NonNullable<WatchToday['infection']>,
): CivilDate {
  const after = addDays(lookedOn, isTold || clear ? DAYS.lookAgain : DAYS.lookAgainUntold);
  if (season === null || after > season.to)
    return addDays(lookedOn, clear ? DAYS.lookAgainClear : DAYS.lookAgain);
  return after < season.from ? season.from : after;
}

/** Six weeks on; nothing alive, or nothing left, is looked at when crawlers would come, or after a season. */
function nextLookOn(facts: WatchToday): CivilDate {
  const soon = addDays(facts.lookedOn, DAYS.lookAgain);
  if (facts.group === 'no-trouble' || facts.group === 'helper')
    return addDays(facts.lookedOn, DAYS.lookAgainClear);
  if (facts.infection) return fungusLookOn(facts, facts.infection);
  if (facts.life !== 'dead' && !facts.clear) return soon;
  const window = nextWindow(facts.windows);
  const atCrawlers = window && addDays(window.opens.early, -DAYS.lookAliveBefore);
  return atCrawlers && atCrawlers > facts.lookedOn
    ? atCrawlers
    : addDays(facts.lookedOn, DAYS.lookAgainClear);
}
