import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { readTapes } from '#core/emergence';
import { isScaleGroup } from '#core/identify';
import type { EventState, Projection } from '#core/phenology';
import type { DueItem, DueKind, Fact } from './due-item.ts';
import type { WatchFacts } from './watch-facts.ts';

/** Lead times and intervals, in days (rules of thumb, grade C; the label's own interval comes first). */
export const DAYS = {
  nameWithin: 7,
  openingSoon: 10,
  tapesBeforeHatch: 14,
  tapeLife: 7,
  betweenSprays: 14,
  monthly: 30,
  scaleCheckFrom: 14,
  scaleCheckTo: 28,
  quickCheckFrom: 1,
  quickCheckTo: 10,
  checkForgottenAfter: 120,
  lookAliveBefore: 7,
  allStagesFor: 21,
  trapFrom: 75,
  trapTo: 150,
} as const;

/** A rule looks at one watch and says what is due of its kind, if anything. */
export type DueRule = (facts: WatchFacts, today: CivilDate) => DueItem[];

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
  const scale = isScaleGroup(facts.group);
  const opens = addDays(last, scale ? DAYS.scaleCheckFrom : DAYS.quickCheckFrom);
  const closes = addDays(last, scale ? DAYS.scaleCheckTo : DAYS.quickCheckTo);
  const done = facts.countedOn.some((on) => on >= opens);
  if (
    done ||
    daysBetween(today, opens) > DAYS.openingSoon ||
    daysBetween(closes, today) > DAYS.checkForgottenAfter
  )
    return [];
  return [
    dueItem(facts, 'check-after-treatment', scale ? 'check-scale-after' : 'check-others-after', {
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

export const tapes: DueRule = (facts, today) => {
  const first =
    facts.events.find(
      (state) => state.event.kind === 'first' && state.event.stage === 'crawlers' && state.phase === 'ahead',
    ) ?? facts.events.find((state) => state.event.stage === 'crawlers' && state.phase !== 'over');
  const last = [...facts.tapes.map((tape) => tape.takenOff), ...facts.tapesHungOn].sort().at(-1);
  if (last) return changeTape(facts, last, today);
  const expected = first ? expectedDay(first.opens) : null;
  if (!first || !expected || facts.life === 'dead' || disputedWindow(facts)) return [];
  const opens = addDays(expected.early, -DAYS.tapesBeforeHatch);
  if (opens > today) return [];
  return [
    dueItem(facts, 'hang-tapes', 'tapes-before-hatch', {
      opens,
      closes: expected.early,
      standing: expected.early < today ? 'late' : 'open',
      facts: eventFacts(first),
      eventId: first.event.id,
    }),
  ];
};

function changeTape(facts: WatchFacts, last: CivilDate, today: CivilDate): DueItem[] {
  const verdict = readTapes(facts.tapes);
  const hatchIsOver =
    verdict.signal === 'past-the-peak' && verdict.perWeek.slice(-2).every((rate) => rate === 0);
  const due = addDays(last, DAYS.tapeLife);
  if (hatchIsOver || daysBetween(today, due) > 2) return [];
  return [
    dueItem(facts, 'change-tape', 'tape-weekly', {
      opens: due,
      closes: due,
      standing: due < today ? 'late' : due === today ? 'open' : 'soon',
      facts: [
        {
          what: 'last-tapes-crawlers-a-week',
          quantity: { kind: 'counts', values: verdict.perWeek.slice(-3) },
        },
      ],
    }),
  ];
}

/** Windows to treat crawlers in: coming, open, being used, passing. */
export const crawlerWindow: DueRule = (facts, today) => {
  const window = facts.events.find(
    (state) => state.event.kind === 'window' && state.event.stage === 'crawlers' && state.phase !== 'over',
  );
  if (!window || allStages(facts, today).length > 0) return [];
  // This school sprayed before leaves came, and leaves crawlers alone.
  if (facts.schools.crawlers === 'growth-regulator' && facts.life !== 'dead') return [];
  const opens = expectedDay(window.opens);
  if (!opens) return [];
  if (facts.life === 'dead') return lookAlive(facts, window, opens.median, today);
  if (window.phase === 'ahead') return opensSoon(facts, window, today, 'treat-soon', 'window-ahead');
  const closes = expectedDay(window.closes);
  const treated = facts.treatedOn
    .filter((on) => on >= opens.median)
    .sort()
    .at(-1);
  const verdict = readTapes(facts.tapes);
  const base = {
    opens: opens.median,
    closes: closes?.median ?? null,
    closesRange: closes ? range(closes) : null,
    eventId: window.event.id,
  };
  const rests = [...eventFacts(window), ...tapeFacts(facts)];
  if (!treated) {
    const disputed = firstStillAhead(facts, window);
    if (disputed) {
      return [
        dueItem(facts, 'window-disputed', 'window-disputed', {
          ...base,
          standing: 'open',
          facts: [...rests, ...eventFacts(disputed)],
        }),
      ];
    }
    if (facts.schools.crawlers !== 'while-catching') return oneSpray(facts, base, rests, today);
    const passing = verdict.signal === 'past-the-peak';
    return [
      dueItem(facts, passing ? 'hatch-passing' : 'treat-now', passing ? 'hatch-passing' : 'window-open', {
        ...base,
        standing: 'open',
        facts: rests,
      }),
    ];
  }
  if (facts.schools.crawlers !== 'while-catching') return [];
  const again = addDays(treated, facts.repeatAfterDays);
  const stillCatching = (verdict.perWeek.at(-1) ?? 0) > 0;
  if (!stillCatching || (closes && again > closes.median) || daysBetween(today, again) > DAYS.openingSoon)
    return [];
  return [
    dueItem(facts, 'second-pass', 'repeat-while-catching', {
      ...base,
      opens: again,
      standing: again <= today ? 'open' : 'soon',
      facts: [{ what: 'last-spray', quantity: { kind: 'date', on: treated } }, ...rests],
    }),
  ];
};

/**
 * The schools of one spray: at the peak, or as the catch falls; by the tapes, or at the middle of the
 * window without any.
 */
function oneSpray(
  facts: WatchFacts,
  base: Pick<DueItem, 'opens' | 'closes' | 'closesRange' | 'eventId'>,
  rests: Fact[],
  today: CivilDate,
): DueItem[] {
  const { signal, perWeek } = readTapes(facts.tapes);
  const pastMiddle =
    base.opens !== null &&
    base.closes !== null &&
    daysBetween(base.opens, today) * 2 >= daysBetween(base.opens, base.closes);
  const fallen = signal === 'past-the-peak' && perWeek.at(-1)! <= Math.max(...perWeek) / 2;
  const ready =
    signal === 'no-tapes'
      ? pastMiddle
      : facts.schools.crawlers === 'at-peak'
        ? signal === 'level' || signal === 'past-the-peak'
        : fallen;
  return [
    ready
      ? dueItem(facts, 'treat-now', `once-${facts.schools.crawlers}`, {
          ...base,
          standing: 'open',
          facts: rests,
        })
      : dueItem(facts, 'wait-for-tapes', `once-${facts.schools.crawlers}`, {
          ...base,
          standing: 'soon',
          facts: rests,
        }),
  ];
}

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

/** Whether the open window waits for a tape anyway, so that a reminder to hang one would say it twice. */
function disputedWindow(facts: WatchFacts): boolean {
  return facts.events.some(
    (state) =>
      state.event.kind === 'window' && state.phase === 'open' && firstStillAhead(facts, state) !== undefined,
  );
}

/**
 * The same generation's published first hatch, when it lies ahead although the window is open and no
 * tape has caught any.
 */
function firstStillAhead(facts: WatchFacts, window: EventState): EventState | undefined {
  if (readTapes(facts.tapes).perWeek.some((rate) => rate > 0)) return undefined;
  return facts.events.find(
    ({ event, phase }) =>
      event.kind === 'first' &&
      phase === 'ahead' &&
      event.stage === window.event.stage &&
      event.generation === window.event.generation,
  );
}

/** Flights of leaf-miner adults: when to watch for them. */
export const adultFlight: DueRule = (facts, today) => {
  const flight = facts.events.find((state) => state.event.stage === 'adults' && state.phase !== 'over');
  if (!flight) return [];
  if (flight.phase === 'ahead') return opensSoon(facts, flight, today, 'adults-soon', 'flight-ahead');
  const opens = expectedDay(flight.opens);
  const closes = expectedDay(flight.closes);
  return [
    dueItem(facts, 'adults-now', 'flight-open', {
      opens: opens?.median ?? null,
      closes: closes?.median ?? null,
      closesRange: closes ? range(closes) : null,
      standing: 'open',
      facts: eventFacts(flight),
      eventId: flight.event.id,
    }),
  ];
};

/** Before the first crawlers is the time to know how many there are. */
export const countFirst: DueRule = (facts, today) => {
  if (!facts.named || !isScaleGroup(facts.group) || facts.countedOn.some((on) => on >= facts.seasonStart))
    return [];
  const first = facts.events.find(
    (state) => state.event.generation === 1 && state.event.stage === 'crawlers',
  );
  const expected = first ? expectedDay(first.opens) : null;
  if (!first || first.phase !== 'ahead' || !expected || daysBetween(today, expected.early) > 30) return [];
  return [
    dueItem(facts, 'count-first', 'count-before-hatch', {
      opens: null,
      closes: expected.early,
      standing: expected.early < today ? 'late' : 'open',
      facts: eventFacts(first),
      eventId: first.event.id,
    }),
  ];
};

/** All stages seen at once: no single date tells any more, so what is there is treated now. */
export const allStages: DueRule = (facts, today) => {
  const seen = facts.allStagesOn;
  if (!seen || daysBetween(seen, today) > DAYS.allStagesFor || facts.treatedOn.some((on) => on >= seen))
    return [];
  return [
    dueItem(facts, 'all-stages', 'all-stages-seen', {
      opens: seen,
      closes: addDays(seen, DAYS.allStagesFor),
      standing: 'open',
      facts: [{ what: 'all-stages-seen', quantity: { kind: 'date', on: seen } }, ...tapeFacts(facts)],
    }),
  ];
};

/** A clock that begins with the first males needs a trap before they fly. */
export const hangTrap: DueRule = (facts, today) => {
  const waits = facts.events.find(
    ({ event, started }) => event.start.kind === 'first-males' && started === null,
  );
  const opens = addDays(facts.seasonStart, DAYS.trapFrom),
    closes = addDays(facts.seasonStart, DAYS.trapTo);
  if (!waits || facts.trapHangs || facts.life === 'dead' || today < opens || today > closes) return [];
  return [
    dueItem(facts, 'hang-trap', 'trap-before-males', {
      opens,
      closes,
      standing: 'open',
      facts: [
        { what: 'first-crawlers-published-at', quantity: { kind: 'heat', cd: waits.event.fromCd } },
        { what: 'counted-from', quantity: { kind: 'code', code: 'first-males-trapped' } },
      ],
      eventId: waits.event.id,
    }),
  ];
};

function opensSoon(
  facts: WatchFacts,
  state: EventState,
  today: CivilDate,
  kind: DueKind,
  ruleId: string,
): DueItem[] {
  const opens = expectedDay(state.opens);
  if (!opens || daysBetween(today, opens.median) > DAYS.openingSoon) return [];
  const closes = expectedDay(state.closes);
  return [
    dueItem(facts, kind, ruleId, {
      opens: opens.median,
      opensRange: range(opens),
      closes: closes?.median ?? null,
      closesRange: closes ? range(closes) : null,
      standing: 'soon',
      facts: [...eventFacts(state), ...tapeFacts(facts)],
      eventId: state.event.id,
    }),
  ];
}

function lookAlive(facts: WatchFacts, window: EventState, opens: CivilDate, today: CivilDate): DueItem[] {
  const from = addDays(opens, -DAYS.lookAliveBefore);
  if (from > today) return [];
  return [
    dueItem(facts, 'look-alive', 'dead-look-again', {
      opens: from,
      closes: addDays(opens, DAYS.lookAliveBefore),
      standing: 'open',
      facts: eventFacts(window),
      eventId: window.event.id,
    }),
  ];
}

function eventFacts(state: EventState): Fact[] {
  const { event, shareOfWay, opens } = state;
  const day = expectedDay(opens);
  const soFar: Fact = {
    what: 'heat-so-far-of-the-way-there',
    quantity: { kind: 'share', value: Math.min(1, shareOfWay) },
  };
  const mark: Fact =
    event.kind === 'first'
      ? { what: 'first-hatch-published-at', quantity: { kind: 'heat', cd: event.fromCd } }
      : {
          what: 'window-published-as',
          quantity: { kind: 'heat-range', fromCd: event.fromCd, toCd: event.toCd },
        };
  const when: Fact[] = day
    ? [
        {
          what: opens.kind === 'reached' ? 'reached-on' : 'expected-on',
          quantity:
            opens.kind === 'reached'
              ? { kind: 'date', on: day.median }
              : { kind: 'date', on: day.median, early: day.early, late: day.late },
        },
      ]
    : [];
  return [mark, ...(state.phase === 'ahead' ? [soFar] : []), ...when];
}

function tapeFacts(facts: WatchFacts): Fact[] {
  if (facts.tapes.length === 0)
    return [{ what: 'tapes', quantity: { kind: 'code', code: 'none-this-season' } }];
  const verdict = readTapes(facts.tapes);
  return [
    { what: 'last-tapes-crawlers-a-week', quantity: { kind: 'counts', values: verdict.perWeek.slice(-3) } },
    { what: 'the-tapes-say', quantity: { kind: 'code', code: verdict.signal } },
  ];
}

interface ExpectedDay {
  readonly median: CivilDate;
  readonly early: CivilDate;
  readonly late: CivilDate | null;
}

function expectedDay(projection: Projection): ExpectedDay | null {
  if (projection.kind === 'reached')
    return { median: projection.on, early: projection.on, late: projection.on };
  return projection.kind === 'expected' ? projection : null;
}

function range(day: ExpectedDay): readonly [CivilDate, CivilDate | null] {
  return [day.early, day.late];
}

type ItemParts = Pick<DueItem, 'opens' | 'closes' | 'standing' | 'facts'> &
  Partial<Pick<DueItem, 'opensRange' | 'closesRange' | 'eventId'>>;

/** One thing due on a watch, with a stable id. */
export function dueItem(facts: WatchFacts, kind: DueKind, ruleId: string, parts: ItemParts): DueItem {
  const { opensRange = null, closesRange = null, eventId = null } = parts;
  return {
    id: `${facts.watchId}:${kind}:${eventId ?? ''}`,
    watchId: facts.watchId,
    kind,
    ruleId,
    ...parts,
    opensRange,
    closesRange,
    eventId,
    asks: null,
  };
}
