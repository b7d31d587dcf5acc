import { addDays, monthOf } from '#core/calendar';
import { LIFE_STAGES, type StreamDay } from '#core/season-model';
import type { PlanCut, PlanGround, PlanMaterial } from '#engine';

/** Which days of the frame are drawn, and where. */
export interface StreamScale {
  readonly from: number;
  readonly to: number;
  readonly width: number;
  readonly height: number;
  readonly middle: number;
  /** Pixels for one of 100, to each side of the middle. */
  readonly perOne: number;
  x(day: number): number;
  dayAt(x: number): number;
}

const SIDE_PX = 10;
/** Room above for flags and below for the months. */
export const TOP_PX = 58;
export const FOOT_PX = 44;
const BEFORE_DAYS = 14;

export const totalOf = (day: StreamDay): number => LIFE_STAGES.reduce((sum, stage) => sum + day[stage], 0);

/** Of a day, those in the first so many stages. */
export const sumBefore = (day: StreamDay, stages: number): number =>
  LIFE_STAGES.slice(0, stages).reduce((sum, stage) => sum + day[stage], 0);

/** From a little before today, the first hatch or the first cut, whichever comes first, to the frame's end. */
export function streamScale(
  { frame, done }: PlanMaterial,
  { alone, hatching }: Pick<PlanGround, 'alone' | 'hatching'>,
  cuts: readonly PlanCut[],
  width: number,
  height: number,
): StreamScale {
  const firsts = [hatching?.[0] ?? frame.today, ...[...cuts, ...done].map(({ day }) => day)];
  const shown = frame.today >= 0 && frame.today < frame.days ? [...firsts, frame.today] : firsts;
  return scaleOver(
    {
      from: Math.max(0, Math.min(...shown) - BEFORE_DAYS),
      to: frame.days - 1,
      most: Math.max(100, ...alone.map(totalOf)),
    },
    width,
    height,
  );
}

/** A scale over some days, with room for so many of 100. */
export function scaleOver(
  { from, to, most }: { readonly from: number; readonly to: number; readonly most: number },
  width: number,
  height: number,
): StreamScale {
  const room = height - TOP_PX - FOOT_PX;
  const inner = width - 2 * SIDE_PX;
  return {
    from,
    to,
    width,
    height,
    middle: TOP_PX + room / 2,
    perOne: room / 2 / most,
    x: (day) => SIDE_PX + ((day - from) / (to - from)) * inner,
    dayAt: (x) => Math.round(from + ((x - SIDE_PX) / inner) * (to - from)),
  };
}

/** The outline of a band from one share of the width to another, as an SVG path. */
export function bandPath(
  scale: StreamScale,
  stream: readonly StreamDay[],
  edges: (day: StreamDay) => readonly [from: number, to: number],
): string {
  const upper: string[] = [],
    lower: string[] = [];
  for (const day of stream) {
    if (day.day < scale.from || day.day > scale.to) continue;
    const top = scale.middle - totalOf(day) * scale.perOne;
    const [from, to] = edges(day);
    const x = scale.x(day.day).toFixed(1);
    upper.push(`${x} ${(top + 2 * from * scale.perOne).toFixed(1)}`);
    lower.push(`${x} ${(top + 2 * to * scale.perOne).toFixed(1)}`);
  }
  return upper.length === 0 ? '' : `M${upper.join('L')}L${lower.reverse().join('L')}Z`;
}

/** Firsts of the months that are drawn. */
export function monthsIn(
  start: string,
  { from, to }: StreamScale,
): { readonly day: number; readonly month: number }[] {
  return Array.from({ length: to - from + 1 }, (_, i) => from + i).flatMap((day) => {
    const date = addDays(start, day);
    return date.endsWith('-01') ? [{ day, month: monthOf(date) }] : [];
  });
}
