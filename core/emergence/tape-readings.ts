import { addDays, type CivilDate, daysBetween } from '#core/calendar';

/** One tape: put round the twig on `putOn`, taken off on `takenOff`, with what stuck to it. */
export interface TapeReading {
  readonly putOn: CivilDate;
  readonly takenOff: CivilDate;
  readonly crawlers: number;
  /** Which tape it is, where several hang. */
  readonly label?: string;
}

/** All tapes of one look together: several tapes of a week are one reading, never a sequence. */
export interface TapeWeek<T extends TapeReading = TapeReading> {
  readonly tapes: readonly T[];
  /** Taken off, the last of them. */
  readonly on: CivilDate;
  readonly crawlers: number;
  /** Days its tapes hung, all together. */
  readonly tapeDays: number;
  /** Mean crawlers a tape and week. */
  readonly perWeek: number;
  /** Least and most of its tapes, a week. */
  readonly spread: readonly [least: number, most: number];
}

/** Tapes taken off within so many days of each other belong to one look. */
const ONE_LOOK_DAYS = 3;

/**
 * Tapes by the look they were taken off at, in order. A tape of the same label begins another look.
 * @throws RangeError when a tape came off before or on the day it went on, or a count is negative.
 */
export function tapeWeeks<T extends TapeReading>(readings: readonly T[]): TapeWeek<T>[] {
  const looks: T[][] = [];
  for (const tape of readings.toSorted((a, b) =>
    a.takenOff < b.takenOff ? -1 : a.takenOff > b.takenOff ? 1 : 0,
  )) {
    const look = looks.at(-1);
    if (look && belongs(tape, look)) look.push(tape);
    else looks.push([tape]);
  }
  return looks.map(weekOf);
}

function belongs(tape: TapeReading, look: readonly TapeReading[]): boolean {
  const sameTape = ({ label, putOn, takenOff }: TapeReading) =>
    (tape.label ?? '') !== '' && label === tape.label ? true : takenOff <= tape.putOn && putOn < tape.putOn;
  return tape.takenOff <= addDays(look[0]!.takenOff, ONE_LOOK_DAYS) && !look.some(sameTape);
}

function weekOf<T extends TapeReading>(tapes: readonly T[]): TapeWeek<T> {
  const days = tapes.map(checkedDays);
  const rates = tapes.map(({ crawlers }, i) => (7 * crawlers) / days[i]!);
  const crawlers = tapes.reduce((sum, tape) => sum + tape.crawlers, 0);
  const tapeDays = days.reduce((sum, hung) => sum + hung, 0);
  return {
    tapes,
    on: tapes.at(-1)!.takenOff,
    crawlers,
    tapeDays,
    perWeek: (7 * crawlers) / tapeDays,
    spread: [Math.min(...rates), Math.max(...rates)],
  };
}

function checkedDays(reading: TapeReading): number {
  const days = daysBetween(reading.putOn, reading.takenOff);
  if (days <= 0) throw new RangeError(`the tape of ${reading.putOn} must come off on a later day`);
  if (!(reading.crawlers >= 0)) throw new RangeError('a count of crawlers cannot be negative');
  return days;
}
