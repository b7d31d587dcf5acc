import { daysBetween, type CivilDate } from '#core/calendar';
import type { YearBar } from '#engine';

/** A bar at its place in a row, in px. */
export interface PlacedYearBar {
  readonly bar: YearBar;
  readonly x: number;
  readonly width: number;
  /** Where the spread of what is only expected begins and ends; the bar's own ends where there is none. */
  readonly early: number;
  readonly late: number;
  readonly lane: number;
  /** Empty where a neighbour alike already says it, or there is no room on the page. */
  readonly label: string;
}

const GAP_PX = 8;
const LEAST_PX = 7;
/** Width of a letter of a label; a little more than it is, so that labels stand apart. */
const LETTER_PX = 6.4;

/**
 * Lays the bars of a row out in as many lanes as it takes for none to lie over another; turns alike share one
 * label. Bars come in the order of their days.
 */
export function yearLanes(
  bars: readonly YearBar[],
  from: CivilDate,
  to: CivilDate,
  widthPx: number,
  words: (bar: YearBar) => string,
  labelled: boolean,
): { readonly placed: readonly PlacedYearBar[]; readonly lanes: number } {
  const days = daysBetween(from, to) + 1;
  const at = (date: CivilDate) => (Math.min(Math.max(0, daysBetween(from, date)), days) / days) * widthPx;
  const ends: number[] = [];
  const said = new Map<string, number>();
  const placed = bars.map((bar): PlacedYearBar => {
    const x = at(bar.from);
    const width = Math.max(LEAST_PX, at(bar.to) + widthPx / days - x);
    const early = bar.early ? Math.min(x, at(bar.early)) : x;
    const late = bar.late ? Math.max(x + width, at(bar.late)) : x + width;
    const word = words(bar);
    const before = said.get(word);
    const isTurn = before !== undefined && x - before < word.length * LETTER_PX * 3;
    const labelPx = labelled && !isTurn ? word.length * LETTER_PX + 4 : 0;
    const fits = late + labelPx <= widthPx;
    const label = labelPx > 0 && fits ? word : '';
    const end = late + (label ? labelPx : 0);
    said.set(word, x);
    const free = ends.findIndex((taken) => taken + GAP_PX <= early);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = end;
    return { bar, x, width, early, late, lane, label };
  });
  return { placed, lanes: Math.max(1, ends.length) };
}
