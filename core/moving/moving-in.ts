import { addDays, type CivilDate } from '#core/calendar';

/** What is done before and after a pot comes in, in this order. */
export const MOVING_IN = ['last-look', 'wash', 'look-again', 'carry-in', 'quarantine'] as const;
export type MovingInStep = (typeof MOVING_IN)[number];

/** What was done of it. */
export interface MovingDone {
  /** Days it was looked over, in order. */
  readonly looks: readonly CivilDate[];
  /** Days it was washed, wiped, dipped or sprayed. */
  readonly washes: readonly CivilDate[];
  /** Day it was carried in this time; null while it stands outside. */
  readonly carriedIn: CivilDate | null;
}

export interface MovingInDue {
  readonly step: MovingInStep;
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly doneOn: CivilDate | null;
  readonly standing: 'done' | 'late' | 'open' | 'later';
}

/** Days before it must be in within which each step is done, first and last (grade C). */
const BEFORE: Readonly<Record<Exclude<MovingInStep, 'quarantine'>, readonly [number, number]>> = {
  'last-look': [28, 21],
  wash: [21, 14],
  'look-again': [12, 5],
  'carry-in': [7, 0],
};
/** Days apart from others once inside, and from when a look may end it (grade C). */
export const QUARANTINE_DAYS = 21;
const ENDS_AFTER_DAYS = 14;
/** What was done so long before its time still counts. */
const EARLY_DAYS = 14;

/**
 * The steps counted back from the day a pot must be in, each with the day it was done. A second look counts after
 * the wash only, and the one that ends the quarantine a fortnight after it came in.
 */
export function movingIn(
  backBy: CivilDate,
  { looks, washes, carriedIn }: MovingDone,
  today: CivilDate,
): MovingInDue[] {
  const within = (step: Exclude<MovingInStep, 'quarantine'>) =>
    [addDays(backBy, -BEFORE[step][0]), addDays(backBy, -BEFORE[step][1])] as const;
  const since = (step: Exclude<MovingInStep, 'quarantine'>) => addDays(within(step)[0], -EARLY_DAYS);
  const washed = washes.find((on) => on >= since('wash')) ?? null;
  const doneOn: Readonly<Record<Exclude<MovingInStep, 'quarantine'>, CivilDate | null>> = {
    'last-look': looks.find((on) => on >= since('last-look') && (washed === null || on <= washed)) ?? null,
    wash: washed,
    'look-again': washed === null ? null : (looks.find((on) => on > washed) ?? null),
    'carry-in': carriedIn,
  };
  const steps = (Object.keys(BEFORE) as (keyof typeof BEFORE)[]).map((step) => {
    const [from, to] = within(step);
    return dueOf(step, from, to, doneOn[step], today);
  });
  return [...steps, quarantine(carriedIn ?? backBy, carriedIn !== null, looks, today)];
}

/** Some weeks apart from others, from the day it came in or was bought, until a look that finds nothing. */
export function quarantine(
  from: CivilDate,
  hasBegun: boolean,
  looks: readonly CivilDate[],
  today: CivilDate,
): MovingInDue {
  const ends = hasBegun ? (looks.find((on) => on >= addDays(from, ENDS_AFTER_DAYS)) ?? null) : null;
  const due = dueOf('quarantine', from, addDays(from, QUARANTINE_DAYS), ends, today);
  return hasBegun ? due : { ...due, standing: 'later' };
}

function dueOf(
  step: MovingInStep,
  from: CivilDate,
  to: CivilDate,
  doneOn: CivilDate | null,
  today: CivilDate,
): MovingInDue {
  const standing = doneOn ? 'done' : today > to ? 'late' : today >= from ? 'open' : 'later';
  return { step, from, to, doneOn, standing };
}

/** Days before it may stand out for good on which it is used to sun and wind, in steps (grade C). */
const HARDENED: readonly { readonly step: HardeningStep; readonly from: number; readonly to: number }[] = [
  { step: 'shade', from: 10, to: 6 },
  { step: 'morning-sun', from: 5, to: 1 },
  { step: 'out', from: 0, to: -14 },
];
export type HardeningStep = 'shade' | 'morning-sun' | 'out';

/** How a pot goes out in spring, counted back from the day nights are warm enough. */
export function hardeningOff(
  outFrom: CivilDate,
): readonly { readonly step: HardeningStep; readonly from: CivilDate; readonly to: CivilDate }[] {
  return HARDENED.map(({ step, from, to }) => ({
    step,
    from: addDays(outFrom, -from),
    to: addDays(outFrom, -to),
  }));
}
