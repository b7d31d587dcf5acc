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

/**
 * Lays bars out in {@link LANES} lanes, in the order given (most important first), so that neither
 * bars nor labels overlap. A label stands to the right, or to the left where the right would leave
 * the strip or cross the needle at `needleX`; one that finds no room is left off, and a bar that
 * finds none shares the lane where it covers least.
 */
export function layOutBars<T>(
  bars: readonly { bar: T; x: number; width: number; labelWidth: number }[],
  stripWidth: number,
  needleX: number,
): PlacedBar<T>[] {
  const taken: [number, number][][] = Array.from({ length: LANES }, () => []);
  const lanes = Array.from({ length: LANES }, (_, lane) => lane);
  const free = (lane: number, from: number, to: number) =>
    taken[lane]!.every(([a, b]) => to + GAP < a || from - GAP > b);
  return bars.map(({ bar, x, width, labelWidth }) => {
    for (const side of ['right', 'left'] as const) {
      const [from, to] = side === 'right' ? [x, x + width + 6 + labelWidth] : [x - 6 - labelWidth, x + width];
      const [labelFrom, labelTo] = side === 'right' ? [x + width, to] : [from, x];
      if (from < 0 || to > stripWidth || (labelFrom < needleX && needleX < labelTo)) continue;
      const lane = lanes.find((candidate) => free(candidate, from, to));
      if (lane === undefined) continue;
      taken[lane]!.push([from, to]);
      return { bar, x, width, lane, labelled: true, labelSide: side };
    }
    const lane =
      lanes.find((candidate) => free(candidate, x, x + width)) ?? leastCovered(taken, x, x + width);
    taken[lane]!.push([x, x + width]);
    return { bar, x, width, lane, labelled: false, labelSide: 'right' };
  });
}

function leastCovered(taken: readonly (readonly [number, number][])[], from: number, to: number): number {
  const covered = taken.map((spans) =>
    spans.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0),
  );
  return covered.indexOf(Math.min(...covered));
}
