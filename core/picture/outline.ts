import { polygonHull } from 'd3-polygon';

/**
 * The region rounded out to its convex hull, so that pale bites at its edge belong to it. Unchanged
 * when it has no area.
 */
export function roundedOut(region: Uint8Array, width: number, height: number): Uint8Array {
  const hull = polygonHull(rowEnds(region, width, height));
  if (!hull) return region;
  const filled = new Uint8Array(region.length);
  for (let y = 0; y < height; y++) {
    const [from, to] = crossings(hull, y);
    for (let x = Math.ceil(from); x <= to; x++) filled[y * width + x] = 1;
  }
  return filled;
}

function rowEnds(region: Uint8Array, width: number, height: number): [number, number][] {
  const ends: [number, number][] = [];
  for (let y = 0; y < height; y++) {
    const row = region.subarray(y * width, (y + 1) * width);
    const first = row.indexOf(1);
    if (first >= 0) ends.push([first, y], [row.lastIndexOf(1), y]);
  }
  return ends;
}

/** Where a convex outline crosses a row: from, to; an empty span when it does not. */
function crossings(outline: readonly (readonly [number, number])[], y: number): [from: number, to: number] {
  let from = Infinity,
    to = -Infinity;
  outline.forEach(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    if (y < Math.min(y1, y2) || y > Math.max(y1, y2)) return;
    const at = y1 === y2 ? [x1, x2] : [x1 + ((y - y1) * (x2 - x1)) / (y2 - y1)];
    from = Math.min(from, ...at);
    to = Math.max(to, ...at);
  });
  return [from, to];
}

/** The region without the pixels within `radius` of its edge, in steps across and down. */
export function withoutRim(region: Uint8Array, width: number, height: number, radius: number): Uint8Array {
  let inner = region;
  for (let step = 0; step < radius; step++) {
    const next = new Uint8Array(inner.length);
    for (let y = 1; y < height - 1; y++) {
      for (let x = 1; x < width - 1; x++) {
        const i = y * width + x;
        if (
          inner[i] === 1 &&
          inner[i - 1] === 1 &&
          inner[i + 1] === 1 &&
          inner[i - width] === 1 &&
          inner[i + width] === 1
        )
          next[i] = 1;
      }
    }
    inner = next;
  }
  return inner;
}
