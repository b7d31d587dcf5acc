import { hemisphereOf, monthOf, northernMonth } from '#core/calendar';
import type { WintersAt } from '#knowledge';
import { useGarden } from '../../../api/queries.ts';
import { useWinters } from '../../../api/timing.ts';

/** Where the guide takes a garden to be that has not been told of yet: the north, after cold winters. */
const UNTOLD_LATITUDE_DEG = 50;

export interface GuidePlace extends WintersAt {
  /** This month, 1–12, as the garden calls it. */
  readonly month: number;
  /** A month of the garden as the north has it, and a northern month as the garden calls it. */
  across(month: number): number;
}

/** Where and when the guide is read. */
export function useGuidePlace(): GuidePlace {
  const answer = useGarden().data;
  const latitudeDeg = answer?.garden?.latitudeDeg ?? UNTOLD_LATITUDE_DEG;
  // The watches' own: the guide and they say the same of a garden's winters.
  const mildWinters = useWinters(Boolean(answer?.garden)).data ?? null;
  const hemisphere = hemisphereOf(latitudeDeg);
  return {
    latitudeDeg,
    mildWinters,
    month: answer?.today ? monthOf(answer.today) : 1,
    across: (month) => northernMonth(month, hemisphere),
  };
}
