import type { ReactNode } from 'react';
import { FUNGUS_PLATES } from './fungus-plates.tsx';
import { LEAF_PLATES } from './leaf-plates.tsx';
import type { Plate } from './plate.tsx';
import { SCALE_PLATES } from './scale-plates.tsx';
import { SPOT_PLATES } from './spot-plates.tsx';
import { VISITOR_PLATES } from './visitor-plates.tsx';
import { WOOD_PLATES } from './wood-plates.tsx';

const PLATES: Readonly<Record<string, Plate>> = {
  ...SCALE_PLATES,
  ...LEAF_PLATES,
  ...FUNGUS_PLATES,
  ...SPOT_PLATES,
  ...VISITOR_PLATES,
  ...WOOD_PLATES,
};

/** What is drawn for a sign, in a box of 80 by 56 steps; nothing where it has no drawing. */
export const signDrawing = (checkId: string): ReactNode => PLATES[checkId]?.drawing ?? null;

/** The drawing that belongs to a check, if there is one. */
export function PlateFor({ checkId, className = 'w-20 h-14' }: { checkId: string; className?: string }) {
  const plate = PLATES[checkId];
  if (!plate) return null;
  return (
    <svg
      viewBox="0 0 80 56"
      role="img"
      aria-label={plate.shows}
      className={`shrink-0 rounded-md bg-[#f3f5ef] ${className}`}
    >
      {plate.drawing}
    </svg>
  );
}
