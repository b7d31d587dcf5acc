/** Where a bar of the season band lies: its lane, and whether its label found room. */
export interface PlacedBar<T> {
  readonly bar: T;
  readonly x: number;
  readonly width: number;
  readonly lane: number;
  readonly labelled: boolean;
  /** Which side of the bar the label stands on. */
  readonly labelSide: 'right' | 'left';
}

export const LANES = 4;
const GAP = 10;

/** A stretch of a lane that is taken: a bar, or the label of one. */
interface Span {
  readonly lane: number;
  readonly from: number;
  readonly to: number;
  readonly labelOf: number | null;
}

interface Drawn<T> {
  readonly bar: T;
  readonly x: number;
  readonly width: number;
  readonly labelWidth: number;
}

/** Bars that found a lane, and how many found none. */
export interface BandLayout<T> {
  readonly placed: readonly PlacedBar<T>[];
  readonly left: number;
}

/**
 * Lays bars out in {@link LANES} lanes, in the order given (most important first), so that neither
 * bars nor labels overlap. A label stands to the right, or to the left where the right would leave
 * the strip or cross the needle at `needleX`; one that finds no room is left off. A bar that finds no
 * free lane takes the place of the least important label it can; where bars alone leave none it is left out and
 * counted.
 */
export function layOutBars<T>(bars: readonly Drawn<T>[], stripWidth: number, needleX: number): BandLayout<T> {
  let spans: readonly Span[] = [];
  const lanes = Array.from({ length: LANES }, (_, lane) => lane);
  const inTheWay = (lane: number, from: number, to: number) =>
    spans.filter((span) => span.lane === lane && to + GAP >= span.from && from - GAP <= span.to);
  const isFree = (lane: number, from: number, to: number) => inTheWay(lane, from, to).length === 0;
  const place = ({ bar, x, width, labelWidth }: Drawn<T>, at: number): PlacedBar<T> | null => {
    for (const side of ['right', 'left'] as const) {
      const [from, to] = side === 'right' ? [x, x + width + 6 + labelWidth] : [x - 6 - labelWidth, x + width];
      const [labelFrom, labelTo] = side === 'right' ? [x + width, to] : [from, x];
      if (from < 0 || to > stripWidth || (labelFrom < needleX && needleX < labelTo)) continue;
      const lane = lanes.find((candidate) => isFree(candidate, from, to));
      if (lane === undefined) continue;
      spans = [
        ...spans,
        { lane, from: x, to: x + width, labelOf: null },
        { lane, from: labelFrom, to: labelTo, labelOf: at },
      ];
      return { bar, x, width, lane, labelled: true, labelSide: side };
    }
    const lane =
      lanes.find((candidate) => isFree(candidate, x, x + width)) ??
      laneOfLeastLabel(lanes.map((candidate) => inTheWay(candidate, x, x + width)));
    if (lane === undefined) return null;
    const yielding = inTheWay(lane, x, x + width).filter(({ labelOf }) => labelOf !== null);
    spans = [
      ...spans.filter((span) => !yielding.includes(span)),
      { lane, from: x, to: x + width, labelOf: null },
    ];
    return { bar, x, width, lane, labelled: false, labelSide: 'right' };
  };
  const tried = bars.map(place);
  const named = new Set(spans.map(({ labelOf }) => labelOf));
  return {
    placed: tried.flatMap((entry, at) =>
      entry ? [{ ...entry, labelled: entry.labelled && named.has(at) }] : [],
    ),
    left: tried.filter((entry) => entry === null).length,
  };
}

/** Of the lanes where only labels are in the way, the one whose labels matter least; none where bars are. */
function laneOfLeastLabel(inTheWay: readonly (readonly Span[])[]): number | undefined {
  const most = inTheWay.map((spans) =>
    spans.some(({ labelOf }) => labelOf === null) ? -1 : Math.min(...spans.map(({ labelOf }) => labelOf!)),
  );
  const least = Math.max(...most);
  return least < 0 ? undefined : most.indexOf(least);
}
