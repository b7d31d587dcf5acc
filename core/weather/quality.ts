import { median as middleOf } from 'simple-statistics';
import { addDays, type CivilDate, daysBetween, dayNumber } from '#core/calendar';
import { celsiusFromFahrenheit } from '#core/units';
import type { WeatherDay } from './day.ts';

export type DoubtKind = 'spike' | 'stuck' | 'fahrenheit';

/** A run of days that a thermometer is unlikely to have told truly, and what would put it right. */
export interface Doubt {
  readonly kind: DoubtKind;
  readonly from: CivilDate;
  readonly to: CivilDate;
  /**
   * What was read, °C: the doubtful low or high of a spike, the repeated pair of a stuck reading, the
   * lowest and highest of a run.
   */
  readonly minC: number;
  readonly maxC: number;
}

/** A spike stands this many times the usual day-to-day change away from both its neighbours (grade C) … */
const SPIKE_TIMES_USUAL = 8;
/** … and at least this far. °C, grade C. */
const SPIKE_AT_LEAST_C = 11;
/** Days running with the same low and high to the tenth before a thermometer counts as stuck (grade C). */
const STUCK_DAYS = 4;
/** Days running with one of the two the same to the tenth. */
const STUCK_ONE_DAYS = 8;
/** Fewer days than this in a row are a slip of the hand, not another unit. */
const FEWEST_UNIT_DAYS = 3;
/** A change of level from one day to the next that weather does not make. °C, grade C. */
const LEVEL_JUMP_C = 18;

/**
 * Days whose readings deserve a second look: a spike that both neighbouring days contradict, the
 * same figures day after day, a run of days in °F among days in °C. `days` sorted by date without
 * repeats. Nothing is changed: a person decides.
 */
export function doubtfulDays(days: readonly WeatherDay[]): Doubt[] {
  const mixed = fahrenheitRuns(days);
  const inRun = (date: CivilDate) => mixed.some(({ from, to }) => date >= from && date <= to);
  const others = days.filter(({ date }) => !inRun(date));
  return [...mixed, ...spikes(others), ...stuckRuns(others)].sort((a, b) => (a.from < b.from ? -1 : 1));
}

/** The days as a Fahrenheit thermometer's, read as °C by mistake, would truly be. */
export function asFahrenheit(day: WeatherDay): WeatherDay {
  const { hoursC, ...rest } = day;
  const convert = (value: number) => Math.round(celsiusFromFahrenheit(value) * 10) / 10;
  return {
    ...rest,
    minC: convert(day.minC),
    maxC: convert(day.maxC),
    ...(hoursC ? { hoursC: hoursC.map(convert) } : {}),
  };
}

/**
 * Whether a file's days are °F taken for °C: against what is known of the same time of year they
 * lie far too warm, and turned to °C they fit. Null when fewer than ten days can be compared.
 */
export function looksFahrenheit(
  incoming: readonly WeatherDay[],
  kept: readonly WeatherDay[],
): boolean | null {
  const byTime = new Map<number, number[]>();
  for (const day of kept) {
    const at = weekOfYear(day.date);
    byTime.set(at, [...(byTime.get(at) ?? []), mid(day)]);
  }
  const pairs = incoming.flatMap((day) => {
    const then = byTime.get(weekOfYear(day.date));
    return then ? [{ givenC: mid(day), knownC: median(then) }] : [];
  });
  if (pairs.length < 10) return null;
  const off = Math.abs(median(pairs.map(({ givenC, knownC }) => givenC - knownC)));
  const offConverted = Math.abs(
    median(pairs.map(({ givenC, knownC }) => celsiusFromFahrenheit(givenC) - knownC)),
  );
  return off > 10 && offConverted < off / 2;
}

function spikes(days: readonly WeatherDay[]): Doubt[] {
  return (['minC', 'maxC'] as const).flatMap((field) => {
    const departures = days.map((_, i) => departure(days, i, (entry) => entry[field]));
    const usual = median(departures.flatMap((value) => (value === null ? [] : [Math.abs(value)])));
    const limit = Math.max(SPIKE_AT_LEAST_C, SPIKE_TIMES_USUAL * usual);
    return days.flatMap((day, i): Doubt[] => {
      const away = departures[i];
      return away !== null && away !== undefined && Math.abs(away) > limit
        ? [{ kind: 'spike', from: day.date, to: day.date, minC: day[field], maxC: day[field] }]
        : [];
    });
  });
}

/** How far a day stands out from both its neighbours in the same direction; null without both. */
function departure(days: readonly WeatherDay[], i: number, pick: (day: WeatherDay) => number): number | null {
  const [before, day, after] = [days[i - 1], days[i]!, days[i + 1]];
  if (!before || !after || addDays(before.date, 1) !== day.date || addDays(day.date, 1) !== after.date)
    return null;
  const [fromBefore, fromAfter] = [pick(day) - pick(before), pick(day) - pick(after)];
  return fromBefore * fromAfter <= 0
    ? 0
    : Math.sign(fromBefore) * Math.min(Math.abs(fromBefore), Math.abs(fromAfter));
}

function stuckRuns(days: readonly WeatherDay[]): Doubt[] {
  const both = runsOf(days, (a, b) => a.minC === b.minC && a.maxC === b.maxC, STUCK_DAYS);
  const within = (run: readonly WeatherDay[]) =>
    both.some((whole) => whole[0]!.date <= run[0]!.date && run.at(-1)!.date <= whole.at(-1)!.date);
  const one = [
    ...runsOf(days, (a, b) => a.minC === b.minC, STUCK_ONE_DAYS),
    ...runsOf(days, (a, b) => a.maxC === b.maxC, STUCK_ONE_DAYS),
  ].filter((run) => !within(run));
  return [...both, ...one].map((run) => doubtOver('stuck', run));
}

function runsOf(
  days: readonly WeatherDay[],
  same: (a: WeatherDay, b: WeatherDay) => boolean,
  least: number,
): WeatherDay[][] {
  const runs: WeatherDay[][] = [];
  for (const day of days) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (last && addDays(last.date, 1) === day.date && same(last, day)) run!.push(day);
    else runs.push([day]);
  }
  return runs.filter((run) => run.length >= least);
}

/** Runs that begin with a jump no weather makes and fit their surroundings once turned to °C. */
function fahrenheitRuns(days: readonly WeatherDay[]): Doubt[] {
  const doubts: Doubt[] = [];
  let run: WeatherDay[] = [];
  let level: WeatherDay | null = null;
  const close = () => {
    if (run.length >= FEWEST_UNIT_DAYS) doubts.push(doubtOver('fahrenheit', run));
    run = [];
  };
  for (const day of days) {
    const near = level && daysBetween(level.date, day.date) <= 10 + run.length;
    if (
      near &&
      mid(day) - mid(level!) > LEVEL_JUMP_C &&
      Math.abs(celsiusFromFahrenheit(mid(day)) - mid(level!)) < LEVEL_JUMP_C / 2
    ) {
      run.push(day);
      // The run is followed by its converted level, so that a season's drift does not end it.
      level = { ...asFahrenheit(day), date: day.date };
      continue;
    }
    close();
    level = day;
  }
  close();
  return doubts;
}

function doubtOver(kind: DoubtKind, run: readonly WeatherDay[]): Doubt {
  return {
    kind,
    from: run[0]!.date,
    to: run.at(-1)!.date,
    minC: Math.min(...run.map((day) => day.minC)),
    maxC: Math.max(...run.map((day) => day.maxC)),
  };
}

const mid = (day: WeatherDay) => (day.minC + day.maxC) / 2;

const weekOfYear = (date: CivilDate) =>
  Math.floor((dayNumber(date) - dayNumber(`${date.slice(0, 4)}-01-01`)) / 7);

const median = (values: number[]) => (values.length === 0 ? 0 : middleOf(values));
