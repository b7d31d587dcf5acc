import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { readTapes } from '#core/emergence';
import { isScaleGroup } from '#core/identify';
import type { CrawlerWindow } from './crawler-window.ts';
import { nextWindow } from './crawler-windows.ts';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import { range, tapeFacts } from './told-facts.ts';
import type { WatchToday } from './watch-facts.ts';

/** Windows to treat crawlers in: coming, open, being used, passing. */
export const crawlerWindow: DueRule = (facts, today) => {
  const window = nextWindow(facts.windows);
  // In the usual months alone nobody knows of crawlers: tapes are hung, and tell.
  if (!window || window.basis === 'calendar' || allStages(facts, today).length > 0) return [];
  // This school sprayed before leaves came, and leaves crawlers alone.
  if (facts.schools.crawlers === 'growth-regulator' && facts.life !== 'dead') return [];
  if (nothingLeft(facts, window)) return window.lastSeenOn === null ? lookAlive(facts, window, today) : [];
  return window.phase === 'ahead' ? opensSoon(facts, window, today) : treat(facts, window, today);
};

/**
 * Whether what was looked at last was dead or gone: then a look comes before any spray. Crawlers that walk are
 * alive, whatever lay dead beneath the covers; a count that finds none afterwards ends them.
 */
function nothingLeft({ life, clearedOn }: WatchToday, { lastSeenOn }: CrawlerWindow): boolean {
  if (lastSeenOn === null) return life === 'dead' || clearedOn !== null;
  return clearedOn !== null && clearedOn > lastSeenOn;
}

const about = (window: CrawlerWindow) => ({
  opens: window.opens.median,
  closes: window.closes?.median ?? null,
  closesRange: window.closes ? range(window.closes) : null,
  eventId: window.eventId,
});

function treat(facts: WatchToday, window: CrawlerWindow, today: CivilDate): DueItem[] {
  const treated = facts.treatedOn
    .filter((on) => on >= window.opens.early)
    .sort()
    .at(-1);
  if (treated) return again(facts, window, treated, today);
  const item = (kind: DueItem['kind'], ruleId: string) => [
    dueItem(facts, kind, ruleId, { ...about(window), standing: 'open', facts: window.told }),
  ];
  if (window.disputedBy !== null) return item('window-disputed', 'window-disputed');
  if (window.waitsForTapes) return item('wait-for-tapes', 'tapes-are-empty');
  const { crawlers } = facts.schools;
  if (crawlers === 'at-peak' || crawlers === 'at-fall') return oneSpray(facts, window, today);
  const { signal } = readTapes(facts.tapes);
  if (signal === 'past-the-peak' || signal === 'over') return item('hatch-passing', 'hatch-passing');
  return item('treat-now', window.basis === 'seen' ? 'crawlers-caught' : 'window-open');
}

/** A second pass, by the school that repeats while tapes catch. */
function again(facts: WatchToday, window: CrawlerWindow, treated: CivilDate, today: CivilDate): DueItem[] {
  if (facts.schools.crawlers !== 'while-catching') return [];
  const on = addDays(treated, facts.repeatAfterDays);
  const closes = window.closes?.median;
  if (!stillOut(facts, treated) || (closes && on > closes) || daysBetween(today, on) > DAYS.openingSoon)
    return [];
  return [
    dueItem(facts, 'second-pass', 'repeat-while-catching', {
      ...about(window),
      opens: on,
      standing: on <= today ? 'open' : 'soon',
      facts: [{ what: 'last-spray', quantity: { kind: 'date', on: treated } }, ...window.told],
    }),
  ];
}

/** Whether crawlers are still about: on the last tapes, or before one's eyes since the spray. */
function stillOut({ tapes, crawlersSeenOn }: WatchToday, treated: CivilDate): boolean {
  const { perWeek } = readTapes(tapes);
  return (perWeek.at(-1) ?? 0) > 0 || crawlersSeenOn.some((on) => on > treated);
}

/**
 * The schools of one spray: at the peak, or as the catch falls; by the tapes, or at the middle of the
 * window without any.
 */
function oneSpray(facts: WatchToday, window: CrawlerWindow, today: CivilDate): DueItem[] {
  const school = facts.schools.crawlers as 'at-peak' | 'at-fall';
  const { signal, perWeek } = readTapes(facts.tapes);
  const { opens, closes } = about(window);
  const pastMiddle = closes !== null && daysBetween(opens, today) * 2 >= daysBetween(opens, closes);
  const fallen =
    signal === 'over' || (signal === 'past-the-peak' && perWeek.at(-1)! <= Math.max(...perWeek) / 2);
  const ready =
    signal === 'no-tapes'
      ? pastMiddle
      : school === 'at-peak'
        ? signal === 'level' || signal === 'past-the-peak' || signal === 'over'
        : fallen;
  return [
    dueItem(facts, ready ? 'treat-now' : 'wait-for-tapes', `once-${school}`, {
      ...about(window),
      standing: ready ? 'open' : 'soon',
      facts: window.told,
    }),
  ];
}

function opensSoon(facts: WatchToday, window: CrawlerWindow, today: CivilDate): DueItem[] {
  if (daysBetween(today, window.opens.median) > DAYS.openingSoon) return [];
  return [
    dueItem(facts, 'treat-soon', 'window-ahead', {
      ...about(window),
      opensRange: range(window.opens),
      standing: 'soon',
      facts: window.told,
    }),
  ];
}

function lookAlive(facts: WatchToday, window: CrawlerWindow, today: CivilDate): DueItem[] {
  const from = addDays(window.opens.median, -DAYS.lookAliveBefore);
  if (from > today) return [];
  return [
    dueItem(facts, 'look-alive', 'dead-look-again', {
      opens: from,
      closes: addDays(window.opens.median, DAYS.lookAliveBefore),
      standing: 'open',
      facts: window.told,
      eventId: window.eventId,
    }),
  ];
}

/**
 * All stages seen at once: no single date tells any more, so what is there is treated now, and again after
 * each interval until a count or a look says it is over.
 */
export const allStages: DueRule = (facts, today) => {
  const seen = facts.allStagesOn;
  if (!seen || (facts.clearedOn !== null && facts.clearedOn > seen)) return [];
  const treated = facts.treatedOn
    .filter((on) => on >= seen)
    .sort()
    .at(-1);
  const opens = treated ? addDays(treated, facts.repeatAfterDays) : seen;
  const lastKnown = treated ?? seen;
  if (
    daysBetween(today, opens) > DAYS.openingSoon ||
    daysBetween(lastKnown, today) > DAYS.checkForgottenAfter
  )
    return [];
  return [
    dueItem(facts, 'all-stages', 'all-stages-seen', {
      opens,
      closes: addDays(opens, DAYS.allStagesFor),
      standing: opens > today ? 'soon' : addDays(opens, DAYS.allStagesFor) < today ? 'late' : 'open',
      facts: [
        { what: 'all-stages-seen', quantity: { kind: 'date', on: seen } },
        ...(treated ? [{ what: 'last-spray', quantity: { kind: 'date', on: treated } } as const] : []),
        ...tapeFacts(facts.tapes),
      ],
    }),
  ];
};

/** A growth regulator on bare wood, for the school that has it. */
export const growthRegulator: DueRule = (facts, today) => {
  const span = facts.beforeLeaves;
  if (
    facts.schools.crawlers !== 'growth-regulator' ||
    !span ||
    facts.life === 'dead' ||
    !isScaleGroup(facts.group) ||
    today > span.to ||
    daysBetween(today, span.from) > DAYS.openingSoon
  )
    return [];
  if (facts.treatedOn.some((on) => on >= addDays(span.from, -DAYS.betweenSprays))) return [];
  return [
    dueItem(facts, 'growth-regulator', 'regulator-before-leaves', {
      opens: span.from,
      closes: span.to,
      standing: span.from <= today ? 'open' : 'soon',
      facts: [
        { what: 'buds-swell', quantity: { kind: 'date', on: span.from } },
        { what: 'first-green', quantity: { kind: 'date', on: span.to } },
      ],
    }),
  ];
};
