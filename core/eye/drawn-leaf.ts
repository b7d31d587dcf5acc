import { randomLcg } from 'd3-random';
import { LEAF_BOX, onLeaf } from './leaf-shape.ts';

export const DAMAGE_KINDS = ['spots', 'rust', 'mines', 'mildew'] as const;
export type DamageKind = (typeof DAMAGE_KINDS)[number];

/** A round patch in the leaf's box; patches may overlap and reach over the edge. */
export interface Patch {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

export interface DrawnLeaf {
  readonly kind: DamageKind;
  readonly patches: readonly Patch[];
  /** Share of the leaf's area under patches, in per cent, as measured on a fine grid. */
  readonly truthPercent: number;
}

/** Cells per box unit when areas are measured. */
const CELLS = 4;
const WIDE = LEAF_BOX.width * CELLS;
const HIGH = LEAF_BOX.height * CELLS;
/** Nothing smaller can be seen. */
const SMALLEST_R = 0.25;
const MOST_PATCHES = 4000;

/**
 * Draws a leaf of which `percent` (0–100) is damaged, to within a few hundredths of a point. The same seed
 * gives the same leaf.
 * @throws RangeError for a share outside 0–90: more leaves no leaf to see.
 */
export function drawLeaf(kind: DamageKind, percent: number, seed: number): DrawnLeaf {
  if (!(percent >= 0 && percent <= 90)) throw new RangeError('a drawn leaf is damaged by 0 to 90 %');
  const chance = randomLcg(seed);
  const grid = new Grid();
  const patches: Patch[] = [];
  const walk = PATCHES[kind](chance);
  for (let tries = 0; tries < MOST_PATCHES && grid.percent() < percent - 0.02; tries++) {
    let patch = walk();
    let fresh = grid.fresh(patch);
    while (fresh.length > 0 && grid.percent(fresh.length) > percent + 0.02) {
      patch = { ...patch, r: patch.r * 0.8 };
      fresh = patch.r < SMALLEST_R ? [] : grid.fresh(patch);
    }
    if (fresh.length === 0) continue;
    grid.damage(fresh);
    patches.push(patch);
  }
  return { kind, patches, truthPercent: grid.percent() };
}

function anywhere(chance: () => number): { x: number; y: number } {
  for (;;) {
    const at = { x: chance() * LEAF_BOX.width, y: chance() * LEAF_BOX.height };
    if (onLeaf(at.x, at.y)) return at;
  }
}

/** How patches of each kind follow each other. */
const PATCHES: Readonly<Record<DamageKind, (chance: () => number) => () => Patch>> = {
  spots: (chance) => () => ({ ...anywhere(chance), r: 0.8 + 2.6 * chance() ** 2 }),
  rust: (chance) => () => ({ ...anywhere(chance), r: 0.4 + 0.6 * chance() }),
  mildew: (chance) => {
    let centre = anywhere(chance);
    return () => {
      if (chance() < 0.08) centre = anywhere(chance);
      return {
        x: centre.x + 12 * (chance() - 0.5),
        y: centre.y + 12 * (chance() - 0.5),
        r: 1.5 + 2.5 * chance(),
      };
    };
  },
  // A chain of patches that grows wider as the larva did, then a new one elsewhere.
  mines: (chance) => {
    let at = anywhere(chance),
      heading = chance() * 2 * Math.PI,
      r = 0.5;
    return () => {
      heading += (chance() - 0.5) * 1.3;
      r = Math.min(1.6, r + 0.012);
      const next = { x: at.x + Math.cos(heading) * r, y: at.y + Math.sin(heading) * r };
      if (onLeaf(next.x, next.y)) at = next;
      else heading += Math.PI / 2;
      if (chance() < 0.006) [at, r] = [anywhere(chance), 0.5];
      return { ...at, r };
    };
  },
};

const LEAF_CELLS = Uint8Array.from({ length: WIDE * HIGH }, (_, i) =>
  onLeaf(((i % WIDE) + 0.5) / CELLS, (Math.floor(i / WIDE) + 0.5) / CELLS) ? 1 : 0,
);
const CELLS_ON_LEAF = LEAF_CELLS.reduce((sum, cell) => sum + cell, 0);

/** The leaf as cells, each damaged or not. */
class Grid {
  private readonly damaged = new Uint8Array(WIDE * HIGH);
  private count = 0;

  /** Share damaged, or that with some cells more. */
  percent(more = 0): number {
    return (100 * (this.count + more)) / CELLS_ON_LEAF;
  }

  damage(cells: readonly number[]): void {
    for (const cell of cells) this.damaged[cell] = 1;
    this.count += cells.length;
  }

  /** Sound cells of the leaf under a patch. */
  fresh({ x, y, r }: Patch): number[] {
    const cells: number[] = [];
    for (
      let row = Math.max(0, Math.floor((y - r) * CELLS));
      row <= Math.min(HIGH - 1, (y + r) * CELLS);
      row++
    ) {
      for (
        let column = Math.max(0, Math.floor((x - r) * CELLS));
        column <= Math.min(WIDE - 1, (x + r) * CELLS);
        column++
      ) {
        const cell = row * WIDE + column;
        const inside = ((column + 0.5) / CELLS - x) ** 2 + ((row + 0.5) / CELLS - y) ** 2 <= r * r;
        if (inside && LEAF_CELLS[cell] === 1 && this.damaged[cell] === 0) cells.push(cell);
      }
    }
    return cells;
  }
}
