import { type CivilDate, daysBetween } from '#core/calendar';

/** One tape: put round the twig on `putOn`, taken off on `takenOff`, with what stuck to it. */
export interface TapeReading {
  readonly putOn: CivilDate;
  readonly takenOff: CivilDate;
  readonly crawlers: number;
}

export type TapeSignal = 'no-tapes' | 'none-yet' | 'first' | 'rising' | 'level' | 'past-the-peak';

export interface TapeVerdict {
  readonly signal: TapeSignal;
  /** Crawlers a week on each tape, in order of taking off. */
  readonly perWeek: readonly number[];
  /** How many times running the weekly catch has fallen, up to the last tape. */
  readonly fallsRunning: number;
  /** Whether the last catch lies below the highest by more than such counts scatter anyway. */
  readonly beyondScatter: boolean;
}

/**
 * Variance of a tape count over that of a Poisson count: crawlers walk in bunches, and one twig
 * is not the next (rule of thumb, grade C).
 */
export const TAPE_OVERDISPERSION = 3;

/** Two-sided 90 % point of the standard normal. */
const Z90 = 1.645;

/**
 * Reads where the hatch stands from dated tapes. Counts are compared as catch a week, so a tape
 * left two weeks is not taken for two. "Past the peak" needs either two falls running or a last
 * catch below the highest by more than the scatter of over-dispersed counts (a conditional
 * comparison of two counts, variance inflated by {@link TAPE_OVERDISPERSION}). Two empty tapes
 * after a catch end a generation; a later catch is read by itself.
 * @throws RangeError when a tape came off before or on the day it went on, or a count is negative.
 */
export function readTapes(readings: readonly TapeReading[]): TapeVerdict {
  const ordered = currentHatch([...readings].sort((a, b) => (a.takenOff < b.takenOff ? -1 : 1)));
  const days = ordered.map(checkedDays);
  const perWeek = ordered.map((reading, i) => (7 * reading.crawlers) / days[i]!);
  const fallsRunning = countFalls(perWeek);
  const last = perWeek.length - 1;
  const top = perWeek.indexOf(Math.max(...perWeek));
  const beyondScatter =
    last > top && clearlyFewer(ordered[top]!.crawlers, days[top]!, ordered[last]!.crawlers, days[last]!);
  return { signal: signalOf(perWeek, fallsRunning, beyondScatter), perWeek, fallsRunning, beyondScatter };
}

function signalOf(perWeek: readonly number[], fallsRunning: number, beyondScatter: boolean): TapeSignal {
  if (perWeek.length === 0) return 'no-tapes';
  const caught = perWeek.filter((rate) => rate > 0).length;
  if (caught === 0) return 'none-yet';
  if (fallsRunning >= 2 || beyondScatter) return 'past-the-peak';
  const last = perWeek.at(-1)!;
  if (caught === 1 && last > 0) return 'first';
  return last > perWeek.at(-2)! ? 'rising' : 'level';
}

/** The tapes since the last catch that followed two empty ones; all of them if there is none. */
function currentHatch(ordered: readonly TapeReading[]): readonly TapeReading[] {
  for (let i = ordered.length - 1; i > 2; i--) {
    const startsAnew =
      ordered[i]!.crawlers > 0 && ordered[i - 1]!.crawlers === 0 && ordered[i - 2]!.crawlers === 0;
    if (startsAnew && ordered.slice(0, i).some((tape) => tape.crawlers > 0)) return ordered.slice(i - 2);
  }
  return ordered;
}

function countFalls(perWeek: readonly number[]): number {
  let falls = 0;
  for (let i = perWeek.length - 1; i > 0 && perWeek[i]! < perWeek[i - 1]!; i--) falls++;
  return falls;
}

/** Whether `later` crawlers in `laterDays` are fewer than `earlier` in `earlierDays` beyond scatter. */
function clearlyFewer(earlier: number, earlierDays: number, later: number, laterDays: number): boolean {
  const total = earlier + later;
  const laterShare = laterDays / (earlierDays + laterDays);
  const spread = Math.sqrt(TAPE_OVERDISPERSION * total * laterShare * (1 - laterShare));
  return later - total * laterShare < -Z90 * spread;
}

function checkedDays(reading: TapeReading): number {
  const days = daysBetween(reading.putOn, reading.takenOff);
  if (days <= 0) throw new RangeError(`the tape of ${reading.putOn} must come off on a later day`);
  if (!(reading.crawlers >= 0)) throw new RangeError('a count of crawlers cannot be negative');
  return days;
}

/**
 * The tapes of a season's first hatch: those up to two empty ones running after a catch. Sorted by
 * taking off.
 */
export function firstHatch<T extends TapeReading>(readings: readonly T[]): T[] {
  const ordered = [...readings].sort((a, b) => (a.takenOff < b.takenOff ? -1 : 1));
  const end = ordered.findIndex(
    (reading, i) =>
      i > 1 &&
      reading.crawlers === 0 &&
      ordered[i - 1]!.crawlers === 0 &&
      ordered.slice(0, i - 1).some(({ crawlers }) => crawlers > 0),
  );
  return end < 0 ? ordered : ordered.slice(0, end + 1);
}
