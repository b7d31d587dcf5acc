import { MONTH_NAMES } from './dates.ts';

const YEAR = 12;
const short = (month: number) => MONTH_NAMES[month - 1]!.slice(0, 3);

/** Months of a year (1–12) as runs, over New Year too: "Nov–Feb, Jun"; "all year" for all of them or none. */
export function monthsWords(months: readonly number[]): string {
  const met = new Set(months);
  if (met.size === 0 || met.size === YEAR) return 'all year';
  const before = (month: number) => ((month + YEAR - 2) % YEAR) + 1;
  const after = (month: number) => (month % YEAR) + 1;
  const starts = [...met].filter((month) => !met.has(before(month))).sort((a, b) => a - b);
  return starts
    .map((start) => {
      let end = start;
      while (met.has(after(end))) end = after(end);
      return start === end ? short(start) : `${short(start)}–${short(end)}`;
    })
    .join(', ');
}
