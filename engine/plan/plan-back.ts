import { addDays, shiftSeason } from '#core/calendar';
import type { GardenDay } from '../garden-day.ts';
import type { SummedSample } from '../summed-sample.ts';
import type { PlanMaterial } from './plan-answer.ts';
import type { PlanWay } from './plan-ways.ts';
import { seasonBack } from './season-back.ts';

/** Last season of a watch as it was: its weather, tapes, what was done, and what was counted. */
export interface PlanBack {
  readonly material: PlanMaterial;
  /** What was sprayed most often: the way whose best days are looked for; null where only hands worked. */
  readonly way: PlanWay | null;
  /** How many times, three at most. */
  readonly times: 1 | 2 | 3;
  readonly counts: readonly SummedSample[];
}

/** Null where nothing was done on the watch last season, or nothing is known of when it hatched. */
export function planBack(day: GardenDay, watchId: string): PlanBack | null {
  const back = seasonBack(day, watchId, shiftSeason(day.start, -1));
  if (!back || back.material.done.length === 0) return null;
  const { frame, picture, material } = back;
  const ways = material.ways.map((way): PlanWay => ({ ...way, within: [0, frame.days - 1], fences: [] }));
  const used = ways
    .map((way) => ({ way, times: material.done.filter(({ wayId }) => wayId === way.id).length }))
    .sort((a, b) => b.times - a.times)[0];
  const way = used && used.times > 0 ? used.way : null;
  const end = addDays(frame.start, frame.days);
  return {
    material: { ...material, ways },
    way,
    times: Math.min(3, Math.max(1, used?.times ?? 1)) as PlanBack['times'],
    counts: picture.samples.filter(({ on }) => on >= frame.start && on < end),
  };
}
