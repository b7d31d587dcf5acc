import { addDays, shiftSeason } from '#core/calendar';
import type { GardenDay } from '../garden-day.ts';
import { gardenDay } from '../garden-day.ts';
import type { SummedSample } from '../summed-sample.ts';
import { pictureOf } from '../watch-pictures.ts';
import { planAnswer, type PlanMaterial } from './plan-answer.ts';
import { seasonFrame } from './plan-frame.ts';
import type { PlanWay } from './plan-ways.ts';

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
  const season = shiftSeason(day.start, -1);
  const { start, days } = seasonFrame(season, season);
  // The season is over: today lies behind its last day.
  const end = addDays(start, days);
  const frame = seasonFrame(season, end);
  const then = gardenDay(day.books.state, end);
  const picture = pictureOf(then, watchId);
  if (!picture) return null;
  // Whatever became of the watch since, that season it was there.
  const answer = planAnswer(then, asOpen(picture), frame);
  if (answer.kind === 'none' || answer.done.length === 0) return null;
  const ways = answer.ways.map((way): PlanWay => ({ ...way, within: [0, frame.days - 1], fences: [] }));
  const used = ways
    .map((way) => ({ way, times: answer.done.filter(({ wayId }) => wayId === way.id).length }))
    .sort((a, b) => b.times - a.times)[0];
  const way = used && used.times > 0 ? used.way : null;
  return {
    material: { ...answer, ways },
    way,
    times: Math.min(3, Math.max(1, used?.times ?? 1)) as PlanBack['times'],
    counts: picture.samples.filter(({ on }) => on >= start && on < end),
  };
}

const asOpen = <T extends { readonly watch: { readonly outcome: string } }>(picture: T): T => ({
  ...picture,
  watch: { ...picture.watch, outcome: 'open' },
});
