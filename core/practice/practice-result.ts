import { bestDays, dayDone, type PlannedTreatment } from '#core/season-model';
import type { HiddenTruth } from './hidden-truth.ts';
import type { PracticeCase, PracticeTreatment, PracticeWay } from './practice-case.ts';
import { type PracticeLog, sourceClearedOn, WEEK_DAYS } from './practice-log.ts';
import { type Done, NOTHING_DONE, practisedLeft, seasonCleared } from './practised-season.ts';

/** What a season of treatments left, how often was treated, and what it took. */
export interface PracticeOutcome {
  readonly left: number;
  readonly treatments: readonly PracticeTreatment[];
  readonly hours: number;
}

/** With the day the source was cut back; null where it was not, or there is none. */
export interface ClearedOutcome extends PracticeOutcome {
  readonly clearedOn: number | null;
}

/** What would have helped most. `fewer` is how many fewer of 100 would be left. */
export type Helped =
  | {
      readonly what: 'other-days' | 'one-more';
      readonly fewer: number;
      readonly treatments: readonly PracticeTreatment[];
    }
  | { readonly what: 'other-way'; readonly fewer: number; readonly wayId: string }
  | { readonly what: 'clear-source'; readonly fewer: number }
  | { readonly what: 'one-fewer'; readonly fewer: number; readonly treatment: PracticeTreatment }
  | { readonly what: 'little'; readonly fewer: number };

export interface PracticeResult {
  readonly mine: ClearedOutcome;
  readonly alone: number;
  readonly calendar: PracticeOutcome;
  /** The least that as many treatments could have left, for one who knew all; with one where none was done. */
  readonly best: ClearedOutcome;
  readonly helped: Helped;
}

/** Looking, hanging and reading take so long each; talking a neighbour round an hour. Rules of thumb, grade C. */
const LOOK_HOURS = 0.3;
const CLEARING_HOURS = 1;
/** What helps by less than this, of 100, was little. */
const LITTLE = 3;
/** A treatment that took no more than this could have been left out. */
const IDLE = 1;

/** What somebody's season came to, beside doing nothing, the calendar, and the best that could be. */
export function practiceResult(
  practised: PracticeCase,
  truth: HiddenTruth,
  log: PracticeLog,
): PracticeResult {
  const mine = log.acts.flatMap((act) => (act.does === 'treat' ? [{ day: act.day, wayId: act.wayId }] : []));
  const done: Done = { treatments: mine, clearedOn: sourceClearedOn(log) };
  const left = practisedLeft(practised, truth, done);
  const looks = log.acts.filter(({ does }) => does === 'look' || does === 'hang' || does === 'read').length;
  const others = looks * LOOK_HOURS + (done.clearedOn === null ? 0 : CLEARING_HOURS);
  const best = bestOf(practised, truth, Math.max(1, mine.length));
  return {
    mine: {
      left,
      treatments: mine,
      hours: hoursOf(practised, mine) + others,
      clearedOn: done.clearedOn,
    },
    alone: practisedLeft(practised, truth, NOTHING_DONE),
    calendar: {
      left: practisedLeft(practised, truth, { ...NOTHING_DONE, treatments: practised.calendar }),
      treatments: practised.calendar,
      hours: hoursOf(practised, practised.calendar),
    },
    best,
    helped: whatHelped(practised, truth, done, left),
  };
}

const hoursOf = ({ ways }: PracticeCase, treatments: readonly PracticeTreatment[]) =>
  treatments.reduce((sum, { wayId }) => sum + (ways.find(({ kind }) => kind.id === wayId)?.hours ?? 0), 0);

/** The best of one way, or of hand work once with a spray for the rest, the source cleared where there is one. */
function bestOf(practised: PracticeCase, truth: HiddenTruth, count: number): PracticeResult['best'] {
  const clearedOn = truth.season.source > 0 ? practised.firstDay : null;
  const plans = practised.ways.flatMap((way) => [
    bestWith(practised, truth, way, count, { treatments: [], clearedOn }),
    ...(count > 1 ? afterHands(practised, truth, way, count, clearedOn) : []),
  ]);
  const judged = plans.map((treatments): PracticeResult['best'] => ({
    treatments,
    clearedOn,
    left: practisedLeft(practised, truth, { treatments, clearedOn }),
    hours: hoursOf(practised, treatments) + (clearedOn === null ? 0 : CLEARING_HOURS),
  }));
  return judged.reduce((least, each) => (each.left < least.left ? each : least));
}

function afterHands(
  practised: PracticeCase,
  truth: HiddenTruth,
  way: PracticeWay,
  count: number,
  clearedOn: number | null,
): (readonly PracticeTreatment[])[] {
  return practised.ways
    .filter((other) => other.kind.acts === 'hand' && other !== way)
    .map((hand) => {
      const once = bestWith(practised, truth, hand, 1, { treatments: [], clearedOn });
      return bestWith(practised, truth, way, count - 1, { treatments: once, clearedOn });
    });
}

/** Treatments that stay, with so many more of a way on the days that leave least; beyond three one at a time. */
function bestWith(
  practised: PracticeCase,
  truth: HiddenTruth,
  way: PracticeWay,
  count: number,
  stay: Done,
): readonly PracticeTreatment[] {
  const used = stay.treatments.filter(({ wayId }) => wayId === way.kind.id).length;
  let wanted = Math.min(count, (way.mostTimes ?? Infinity) - used),
    plan = stay.treatments;
  while (wanted > 0) {
    const more = bestFew(practised, truth, way, Math.min(wanted, plan === stay.treatments ? 3 : 1), {
      ...stay,
      treatments: plan,
    });
    if (more.length === 0) return plan;
    plan = [...plan, ...more];
    wanted -= more.length;
  }
  return plan;
}

/** One, two or three more of a way on the days that leave least; as many as there is room for. */
function bestFew(
  practised: PracticeCase,
  truth: HiddenTruth,
  { kind, intervalDays }: PracticeWay,
  wanted: number,
  stay: Done,
): readonly PracticeTreatment[] {
  const base = stay.treatments.flatMap(({ day, wayId }): PlannedTreatment[] => {
    const way = practised.ways.find((each) => each.kind.id === wayId);
    return way ? [{ day, kind: way.kind }] : [];
  });
  const fit = truth.draws.fitness(kind.fits, 0);
  // Days that would wait for a better one are that one's: it stands for them.
  const days = Array.from({ length: practised.weeks * WEEK_DAYS }, (_, i) => practised.firstDay + i).filter(
    (day) =>
      dayDone({ day }, fit) === day &&
      stay.treatments.every((each) => each.wayId !== kind.id || Math.abs(each.day - day) >= intervalDays),
  );
  const draws = { ...truth.draws, seasons: [seasonCleared(truth, stay.clearedOn)] };
  for (const count of ([3, 2, 1] as const).filter((each) => each <= wanted)) {
    const best = bestDays({ draws, base, kind, days, count, intervalDays });
    if (best) return best.days.map((day) => ({ day, wayId: kind.id }));
  }
  return [];
}

/** The one change to what was done that would have left least. */
function whatHelped(practised: PracticeCase, truth: HiddenTruth, done: Done, left: number): Helped {
  const leftWith = (change: Partial<Done>) => practisedLeft(practised, truth, { ...done, ...change });
  const changes: Helped[] = [
    ...onOtherDays(practised, truth, done).map((treatments): Helped => ({
      what: 'other-days',
      treatments,
      fewer: left - leftWith({ treatments }),
    })),
    ...practised.ways.map((way): Helped => {
      const treatments = bestWith(practised, truth, way, 1, done);
      return {
        what: 'one-more',
        treatments: treatments.slice(done.treatments.length),
        fewer: left - leftWith({ treatments }),
      };
    }),
    ...waysForAll(practised, done.treatments.length).map(({ kind: { id } }): Helped => ({
      what: 'other-way',
      wayId: id,
      fewer: left - leftWith({ treatments: done.treatments.map(({ day }) => ({ day, wayId: id })) }),
    })),
    ...(truth.season.source > 0 && done.clearedOn === null
      ? [{ what: 'clear-source' as const, fewer: left - leftWith({ clearedOn: practised.firstDay }) }]
      : []),
  ];
  const most = changes.reduce((best, each) => (each.fewer > best.fewer ? each : best));
  if (most.fewer >= LITTLE) return most;
  const idle = done.treatments.find(
    (treatment) =>
      leftWith({ treatments: done.treatments.filter((each) => each !== treatment) }) - left < IDLE,
  );
  return idle ? { what: 'one-fewer', treatment: idle, fewer: 0 } : { what: 'little', fewer: most.fewer };
}

/** Ways that may be used so often. */
const waysForAll = ({ ways }: PracticeCase, count: number) =>
  count === 0 ? [] : ways.filter(({ mostTimes }) => (mostTimes ?? Infinity) >= count);

/** For each way that was used: its treatments on the days that leave least, the others as they were. */
function onOtherDays(
  practised: PracticeCase,
  truth: HiddenTruth,
  done: Done,
): (readonly PracticeTreatment[])[] {
  return practised.ways.flatMap((way) => {
    const others = done.treatments.filter(({ wayId }) => wayId !== way.kind.id);
    const count = done.treatments.length - others.length;
    if (count === 0) return [];
    return [bestWith(practised, truth, way, count, { ...done, treatments: others })];
  });
}
