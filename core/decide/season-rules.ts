import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { DormantStep } from '#core/plan';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import type { WatchFacts } from './watch-facts.ts';

/** A third of the flush: below it grown citrus is left alone by the default school (grade C). */
const MINED_THRESHOLD = 1 / 3;

/** Citrus leaf miner: only tender growth is mined, so cover lasts as long as the flush is soft. */
export const coverFlush: DueRule = (facts, today) => {
  const { flush, young, minedShare } = facts.miner;
  if (facts.schools.mining === 'monthly') return monthlyCover(facts, today);
  if (!flush || (facts.schools.mining !== 'every-flush' && !young && (minedShare ?? 0) <= MINED_THRESHOLD))
    return [];
  const last = facts.treatedOn
    .filter((on) => on >= flush.since)
    .sort()
    .at(-1);
  const opens = last ? addDays(last, facts.repeatAfterDays) : flush.since;
  if (daysBetween(today, opens) > DAYS.openingSoon || opens > flush.hardBy) return [];
  return [
    dueItem(facts, 'cover-flush', 'flush-soft', {
      opens,
      closes: flush.hardBy,
      closesRange: [flush.hardEarly, flush.hardLate],
      standing: opens <= today ? 'open' : 'soon',
      facts: [
        { what: 'soft-since', quantity: { kind: 'date', on: flush.since } },
        {
          what: 'hard-by-by-rule-of-thumb',
          quantity: { kind: 'date', on: flush.hardBy, early: flush.hardEarly, late: flush.hardLate },
        },
        ...(minedShare === null
          ? []
          : [{ what: 'leaves-mined-last-count', quantity: { kind: 'share', value: minedShare } } as const]),
        ...(last ? [{ what: 'last-spray', quantity: { kind: 'date', on: last } } as const] : []),
      ],
    }),
  ];
};

/** The school that sprays citrus once a month through the growing season, flush or not. */
function monthlyCover(facts: WatchFacts, today: CivilDate): DueItem[] {
  const [from, to] = [
    addDays(facts.seasonStart, MONTHLY_FROM_DAY),
    addDays(facts.seasonStart, MONTHLY_TO_DAY),
  ];
  if (!facts.miner.mines || today < from || today > to) return [];
  const last = [...facts.treatedOn].sort().at(-1);
  const opens = last ? addDays(last, Math.max(DAYS.monthly, facts.repeatAfterDays)) : from;
  if (daysBetween(today, opens) > DAYS.openingSoon) return [];
  return [
    dueItem(facts, 'cover-flush', 'flush-monthly', {
      opens,
      closes: addDays(opens, DAYS.openingSoon),
      standing: opens <= today ? 'open' : 'soon',
      facts: last ? [{ what: 'last-spray', quantity: { kind: 'date', on: last } }] : [],
    }),
  ];
}

/** Growing season of citrus, by days from the season's start (rule of thumb, grade C). */
const MONTHLY_FROM_DAY = 60;
const MONTHLY_TO_DAY = 300;

/** Miners that winter in fallen leaves are cleared with them. */
export const clearLeaves: DueRule = (facts, today) => {
  const { leavesDown, budSwell } = facts.miner;
  if (!leavesDown || !budSwell || today > budSwell || daysBetween(today, leavesDown) > DAYS.openingSoon)
    return [];
  return [
    dueItem(facts, 'clear-leaves', 'clear-fallen-leaves', {
      opens: leavesDown,
      closes: budSwell,
      standing: leavesDown <= today ? 'open' : 'soon',
      facts: [{ what: 'leaves-down', quantity: { kind: 'date', on: leavesDown } }],
    }),
  ];
};

function ruleOf({ place, what, question }: DormantStep): string {
  if (question !== null) return 'look-before-bare-wood';
  if (place === 'green-tip') return 'blight-copper';
  if (place === 'cool-season') return 'cool-season-oil';
  return what.includes('copper') ? 'dormant-copper' : 'dormant-oil';
}

/** Winter sprays of a plant that are due or near, told at the watch that asks for them. */
export function dormantDue(watchId: string, steps: readonly DormantStep[], today: CivilDate): DueItem[] {
  const near = steps.filter(
    ({ state, from }) =>
      state === 'due' ||
      state === 'ask' ||
      (state === 'coming' && daysBetween(today, from) <= DAYS.openingSoon),
  );
  return near.map((step): DueItem => ({
    id: `${watchId}:dormant-spray:${step.place}`,
    watchId,
    kind: step.question === null ? 'dormant-spray' : 'say-leaves',
    asks: step.question,
    ruleId: ruleOf(step),
    opens: step.from,
    opensRange: null,
    closes: step.to,
    closesRange: null,
    standing: step.state === 'coming' ? 'soon' : 'open',
    eventId: null,
    facts: [
      { what: 'what', quantity: { kind: 'code', code: step.what } },
      ...(step.mattersMost
        ? [{ what: 'of-this-winters-sprays', quantity: { kind: 'code', code: 'matters-most' } } as const]
        : []),
    ],
  }));
}
