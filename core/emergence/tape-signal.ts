import type { CivilDate } from '#core/calendar';
import { type TapeReading, type TapeWeek, tapeWeeks } from './tape-readings.ts';

export type TapeSignal = 'no-tapes' | 'none-yet' | 'first' | 'rising' | 'level' | 'past-the-peak' | 'over';

export interface TapeVerdict {
  readonly signal: TapeSignal;
  /** The looks of the hatch that runs now, or ran last, in order. */
  readonly weeks: readonly TapeWeek[];
  /** Mean crawlers a tape and week at each of them. */
  readonly perWeek: readonly number[];
  /** The looks that caught the first and the last crawlers of this hatch; null without any. */
  readonly firstCatchOn: CivilDate | null;
  readonly lastCatchOn: CivilDate | null;
  /** Which hatch of those the tapes have seen, from 1. */
  readonly hatch: number;
}

/**
 * Variance of a tape count over that of a Poisson count: crawlers walk in bunches, and one twig
 * is not the next (rule of thumb, grade C).
 */
export const TAPE_OVERDISPERSION = 3;

/**
 * How far the catch must have moved, in standard deviations of over-dispersed counts, to be called a fall or
 * a rise. Set by simulation so that over eight weekly looks at one to five tapes of a steady catch fewer than
 * one season in ten is ever called either (`tape-signal.test.ts`).
 */
const CLEARLY = 2.8;

/** Two looks with nothing on any tape, after a catch, end a hatch. */
const EMPTY_LOOKS = 2;

/**
 * Reads where the hatch stands from dated tapes. All tapes of a look are one reading. A fall or a rise is
 * called only where the looks of the end, together, lie below or above some run of looks before them by more
 * than such counts scatter; every split is tried, and the bar allows for that. Two empty looks after a catch
 * end a hatch, and so does a clear rise after a clear fall: what follows is read by itself.
 * @throws RangeError as {@link tapeWeeks}.
 */
export function readTapes(readings: readonly TapeReading[]): TapeVerdict {
  const hatches = hatchesOf(tapeWeeks(readings));
  const weeks = hatches.at(-1) ?? [];
  const catching = weeks.filter(({ crawlers }) => crawlers > 0);
  return {
    signal: signalOf(weeks),
    weeks,
    perWeek: weeks.map(({ perWeek }) => perWeek),
    firstCatchOn: catching[0]?.on ?? null,
    lastCatchOn: catching.at(-1)?.on ?? null,
    hatch: Math.max(1, hatches.length),
  };
}

function signalOf(weeks: readonly TapeWeek[]): TapeSignal {
  if (weeks.length === 0) return 'no-tapes';
  const since = sinceFirstCatch(weeks);
  if (since.length === 0) return 'none-yet';
  if (endsEmpty(since)) return 'over';
  const { fall, rise } = movement(since);
  if (fall > CLEARLY) return 'past-the-peak';
  const rates = since.map(({ perWeek }) => perWeek);
  // It rises while the last look is the highest; two high ones alike stand at the peak.
  if (rise > CLEARLY && rates.at(-1)! >= Math.max(...rates)) return 'rising';
  return since.length === 1 ? 'first' : 'level';
}

const sinceFirstCatch = (weeks: readonly TapeWeek[]): readonly TapeWeek[] => {
  const first = weeks.findIndex(({ crawlers }) => crawlers > 0);
  return first < 0 ? [] : weeks.slice(first);
};

const endsEmpty = (weeks: readonly TapeWeek[]): boolean =>
  weeks.length > EMPTY_LOOKS && weeks.slice(-EMPTY_LOOKS).every(({ crawlers }) => crawlers === 0);

/** How far the looks at the end lie below (`fall`) or above (`rise`) any run of looks before them. */
function movement(weeks: readonly TapeWeek[]): { fall: number; rise: number } {
  let [fall, rise] = [0, 0];
  for (let split = 1; split < weeks.length; split++) {
    const end = total(weeks.slice(split));
    for (let from = 0; from < split; from++) {
      const moved = standardDeviations(total(weeks.slice(from, split)), end);
      fall = Math.max(fall, -moved);
      rise = Math.max(rise, moved);
    }
  }
  return { fall, rise };
}

interface Catch {
  readonly crawlers: number;
  readonly tapeDays: number;
}

const total = (weeks: readonly Catch[]): Catch => ({
  crawlers: weeks.reduce((sum, { crawlers }) => sum + crawlers, 0),
  tapeDays: weeks.reduce((sum, { tapeDays }) => sum + tapeDays, 0),
});

/** A conditional comparison of two counts, the variance inflated by {@link TAPE_OVERDISPERSION}. */
function standardDeviations(before: Catch, after: Catch): number {
  const crawlers = before.crawlers + after.crawlers;
  if (crawlers === 0) return 0;
  const share = after.tapeDays / (before.tapeDays + after.tapeDays);
  return (
    (after.crawlers - crawlers * share) / Math.sqrt(TAPE_OVERDISPERSION * crawlers * share * (1 - share))
  );
}

/** Looks parted into hatches; the empty looks that end one stay with it and open the next. */
function hatchesOf(weeks: readonly TapeWeek[]): TapeWeek[][] {
  const hatches: TapeWeek[][] = weeks.length > 0 ? [[]] : [];
  let hasFallen = false;
  for (const week of weeks) {
    const hatch = hatches.at(-1)!;
    const since = sinceFirstCatch(hatch);
    if (week.crawlers > 0 && endsEmpty(since)) {
      hatches.push([...hatch.slice(-EMPTY_LOOKS), week]);
      hasFallen = false;
      continue;
    }
    const trough = hasFallen ? lowest(since) : -1;
    if (trough >= 0 && movement([...since.slice(trough), week]).rise > CLEARLY) {
      hatches.push([since[trough]!, ...since.slice(trough + 1), week]);
      hasFallen = false;
      continue;
    }
    hatch.push(week);
    hasFallen ||= movement(sinceFirstCatch(hatch)).fall > CLEARLY;
  }
  return hatches;
}

/** Where the catch stood lowest after it was highest. */
function lowest(weeks: readonly TapeWeek[]): number {
  const rates = weeks.map(({ perWeek }) => perWeek);
  const top = rates.indexOf(Math.max(...rates));
  const after = rates.slice(top);
  return top + after.indexOf(Math.min(...after));
}

/**
 * The tapes of a season's first hatch, with the empty ones that end it; a curve is fitted to no more than
 * one.
 */
export function firstHatch<T extends TapeReading>(readings: readonly T[]): T[] {
  const [first] = hatchesOf(tapeWeeks(readings));
  return (first ?? []).flatMap(({ tapes }) => tapes as readonly T[]);
}
