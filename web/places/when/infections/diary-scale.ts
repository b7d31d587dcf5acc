import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { DiarySpell } from '#engine';
import type { Diary } from './diary-words.ts';

/** Where days and heights lie on the drawing. px. */
export interface DiaryScale {
  readonly width: number;
  readonly height: number;
  /** Line the leaves stand on. */
  readonly base: number;
  readonly from: CivilDate;
  readonly to: CivilDate;
  x(date: CivilDate, hour?: number): number;
  /** Height above the base of so many leaves. */
  up(leaves: number): number;
}

const SIDE_PX = 12,
  DROPS_PX = 104,
  LEAVES_PX = 132,
  FOOT_PX = 64;
/** A shoot's leaves that fill the height. */
const MOST_LEAVES = 16;

export function diaryScale({ days }: Diary, width: number): DiaryScale {
  const last = days.leaves.length;
  const to = addDays(days.from, last);
  const base = DROPS_PX + LEAVES_PX;
  return {
    width,
    height: base + FOOT_PX,
    base,
    from: days.from,
    to,
    x: (date, hour = 0) =>
      SIDE_PX + ((daysBetween(days.from, date) + hour / 24) / last) * (width - 2 * SIDE_PX),
    up: (leaves) => (Math.min(MOST_LEAVES, leaves) / MOST_LEAVES) * LEAVES_PX,
  };
}

/** A drop as it is drawn: where, how large, and in which of two rows. */
export interface PlacedDrop {
  readonly spell: DiarySpell;
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

const SMALLEST_PX = 6,
  LARGEST_PX = 17,
  /** Hours that make the largest. */
  LARGEST_H = 24;
const ROWS = [74, 40] as const;

/** Drops side by side; one that would lie on its neighbour goes up a row. */
export function placedDrops(spells: readonly DiarySpell[], scale: DiaryScale): PlacedDrop[] {
  const rightmost: number[] = ROWS.map(() => -Infinity);
  return spells
    .filter(({ from }) => from.date >= scale.from && from.date <= scale.to)
    .map((spell) => {
      const hours = spell.wetHours.middle || spell.wetHours.long / 2;
      const r = SMALLEST_PX + (LARGEST_PX - SMALLEST_PX) * Math.min(1, hours / LARGEST_H);
      const x = Math.max(r + 1, scale.x(spell.from.date, spell.from.hour));
      const free = ROWS.findIndex((_, i) => x - r > rightmost[i]! + 1);
      const row = free < 0 ? 0 : free;
      rightmost[row] = x + r;
      return { spell, x, y: ROWS[row]!, r };
    });
}

/** Months' firsts and middles within the drawing, as far as there is room. */
export function tickDates({ from, to, width }: DiaryScale): CivilDate[] {
  const every = daysBetween(from, to) / Math.max(1, width / 96) > 10 ? [1] : [1, 15];
  const dates: CivilDate[] = [];
  for (let date = from; date <= to; date = addDays(date, 1))
    if (every.includes(Number(date.slice(8)))) dates.push(date);
  return dates;
}
