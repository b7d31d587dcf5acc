/**
 * Connected regions of set cells (4-neighbours): a label from 1 for each cell, 0 where unset, and the
 * size of each label.
 */
function labelled(
  mask: ArrayLike<number>,
  width: number,
  height: number,
): { labels: Int32Array; sizes: number[] } {
  const labels = new Int32Array(mask.length);
  const sizes = [0];
  for (let start = 0; start < mask.length; start++) {
    if (mask[start] === 0 || labels[start] !== 0) continue;
    const label = sizes.length;
    sizes.push(
      flood(
        start,
        width,
        height,
        (cell) => mask[cell] === 1 && labels[cell] === 0,
        (cell) => {
          labels[cell] = label;
        },
      ),
    );
  }
  return { labels, sizes };
}

/** The largest connected region, with its holes filled. All zero when nothing is set. */
export function largestRegion(mask: ArrayLike<number>, width: number, height: number): Uint8Array {
  const { labels, sizes } = labelled(mask, width, height);
  const best = sizes.indexOf(Math.max(...sizes));
  return fillHoles(
    cellsOf(labels, (label) => best !== 0 && label === best),
    width,
    height,
  );
}

/** Every connected region of at least `least` cells. */
export function regionsFrom(
  least: number,
  mask: ArrayLike<number>,
  width: number,
  height: number,
): Uint8Array {
  const { labels, sizes } = labelled(mask, width, height);
  return cellsOf(labels, (label) => label !== 0 && sizes[label]! >= least);
}

function cellsOf(labels: Int32Array, belongs: (label: number) => boolean): Uint8Array {
  const region = new Uint8Array(labels.length);
  for (let cell = 0; cell < region.length; cell++) if (belongs(labels[cell]!)) region[cell] = 1;
  return region;
}

/** Sets every cell that cannot be reached from the picture's edge without crossing the region. */
function fillHoles(region: Uint8Array, width: number, height: number): Uint8Array {
  const outside = new Uint8Array(region.length);
  const edge = (cell: number) => {
    if (region[cell] === 0 && outside[cell] === 0)
      flood(
        cell,
        width,
        height,
        (next) => region[next] === 0 && outside[next] === 0,
        (next) => {
          outside[next] = 1;
        },
      );
  };
  for (let x = 0; x < width; x++) {
    edge(x);
    edge((height - 1) * width + x);
  }
  for (let y = 0; y < height; y++) {
    edge(y * width);
    edge(y * width + width - 1);
  }
  return outside.map((value) => 1 - value);
}

/** Marks the connected cells that are `free`, from `start` on; says how many. */
function flood(
  start: number,
  width: number,
  height: number,
  free: (cell: number) => boolean,
  mark: (cell: number) => void,
): number {
  const waiting = [start];
  mark(start);
  let size = 0;
  while (waiting.length > 0) {
    const cell = waiting.pop()!;
    size++;
    const x = cell % width;
    const y = (cell - x) / width;
    for (const next of [
      x > 0 ? cell - 1 : -1,
      x < width - 1 ? cell + 1 : -1,
      y > 0 ? cell - width : -1,
      y < height - 1 ? cell + width : -1,
    ]) {
      if (next < 0 || !free(next)) continue;
      mark(next);
      waiting.push(next);
    }
  }
  return size;
}
