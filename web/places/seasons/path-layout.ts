import { dayNumber } from '#core/calendar';
import type { PathAnswer } from '#engine';

/** A letter for each treatment on a path, in the order of their days. */
export function treatmentLetters({ stretches }: Pick<PathAnswer, 'stretches'>): ReadonlyMap<string, string> {
  return new Map(stretches.flatMap(({ done }) => done).map(({ id }, i) => [id, letterAt(i)]));
}

const LETTERS = 26;
const letterAt = (i: number): string =>
  String.fromCharCode(65 + (i % LETTERS)) + (i >= LETTERS ? String(Math.floor(i / LETTERS) + 1) : '');

/** One point of time in the drawing; what is not drawn there is left out. */
export interface PathPoint {
  readonly day: number;
  readonly counted?: number;
  readonly path?: number;
  readonly band?: readonly [low: number, high: number];
}

/** Where nothing was found a logarithm has no place: it is drawn at this share of the least that was. */
const LEAST_PART = 0.5;
const DAYS_A_YEAR = 365;

/**
 * A path in the drawing: counts with their band, a branch from each count to what would have been there left alone,
 * and one on to the coming year. Shares in percent.
 */
export function layOutPath(path: PathAnswer) {
  const percent = path.counts.at(-1)!.measure.kind === 'share' ? 100 : 1;
  const floor = LEAST_PART * Math.min(...path.counts.map((count) => count.path.low)) * percent;
  const drawn = (value: number) => Math.max(floor, value * percent);
  const points: PathPoint[] = path.counts.map(({ on, measure, path: level }) => ({
    day: dayNumber(on),
    counted: drawn(measure.value),
    path: drawn(level.middle),
    band: [drawn(level.low), drawn(level.high)],
  }));
  const branches: BranchEnd[][] = path.stretches.flatMap(({ from, to, alone, done }, i) =>
    done.length === 0
      ? []
      : [
          [
            { day: dayNumber(from), level: points[i]!.path! },
            {
              day: dayNumber(to),
              level: drawn(alone.middle),
              low: drawn(alone.low),
              high: drawn(alone.high),
            },
          ],
        ],
  );
  const last = points.at(-1)!;
  const next: BranchEnd[] = [
    { day: last.day, level: last.path! },
    {
      day: last.day + DAYS_A_YEAR,
      level: drawn(path.nextAlone.middle),
      low: drawn(path.nextAlone.low),
      high: drawn(path.nextAlone.high),
    },
  ];
  const ends = [...branches.flat(), ...next].flatMap(({ level, low = level, high = level }: BranchEnd) => [
    low,
    high,
  ]);
  const levels = [...points.flatMap(({ band, counted }) => [...band!, counted!]), ...ends];
  const [least, most] = [Math.min(...levels), Math.max(...levels)];
  return {
    points,
    branches,
    next,
    marks: marksOf(path, next.at(-1)!.day - points[0]!.day),
    ticks: ticksBetween(least, most),
    domain: [least * 0.8, most * 1.25] as const,
  };
}

/** An end of a branch; where it is not a count, the range of what would be there. */
interface BranchEnd {
  readonly day: number;
  readonly level: number;
  readonly low?: number;
  readonly high?: number;
}

/** Letters nearer to each other than this part of the drawing would run together. */
const APART_PART = 0.03;

/** A line for each treatment; of several close together the first carries all their letters. */
function marksOf(path: PathAnswer, days: number): { readonly day: number; readonly label: string }[] {
  const letters = treatmentLetters(path);
  const marks: { day: number; label: string }[] = [];
  let carrier: { day: number; label: string } | null = null;
  for (const { id, on } of path.stretches.flatMap(({ done }) => done)) {
    const mark = { day: dayNumber(on), label: letters.get(id)! };
    if (carrier && mark.day - carrier.day < APART_PART * days) {
      carrier.label += ` ${mark.label}`;
      mark.label = '';
    } else carrier = mark;
    marks.push(mark);
  }
  return marks;
}

/** 1, 2 and 5 times powers of ten within a range above 0, as a logarithmic scale is labelled. */
export function ticksBetween(least: number, most: number): number[] {
  const ticks: number[] = [];
  for (let power = Math.floor(Math.log10(least)); power <= Math.ceil(Math.log10(most)); power++)
    for (const step of [1, 2, 5]) {
      const tick = step * 10 ** power;
      if (tick >= least && tick <= most) ticks.push(Number(tick.toPrecision(1)));
    }
  return ticks;
}
