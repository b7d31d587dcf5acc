import { type CivilDate, daysBetween } from '#core/calendar';
import { type LeafGrowth, leavesOpen } from '#core/infection';
import type { Plant } from '#core/records';
import { evergreenOf } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { plantWinters } from '../plant-winter.ts';

/** A new leaf on a shoot every three to five days in spring, some twenty in all (rules of thumb, grade C). */
const DAYS_A_LEAF = 4,
  MOST_LEAVES = 20;

/** Leaves open on a plant's shoots, by day of a frame that begins `from`: each season afresh. */
export function plantLeaves(day: GardenDay, plant: Plant, from: CivilDate): (frameDay: number) => number {
  const counts = day.books
    .plantBook(plant.id)
    .growth.filter(({ leaves, on }) => typeof leaves === 'number' && on <= day.today)
    .map(({ leaves, on }) => ({ on, day: daysBetween(from, on), leaves: leaves! }));
  if (evergreenOf(plant)) return () => MOST_LEAVES;
  const [first, second, third] = plantWinters(day, plant);
  const seasons = [
    { opens: first.greenTip.on, falls: second.leafFall.on },
    { opens: second.greenTip.on, falls: third.leafFall.on },
  ].map(({ opens, falls }) => ({
    opensOn: daysBetween(from, opens),
    fallsOn: daysBetween(from, falls),
    growth: {
      from: daysBetween(from, opens),
      daysALeaf: DAYS_A_LEAF,
      most: MOST_LEAVES,
      counts: counts.filter(({ on }) => on >= opens && on <= falls),
    } satisfies LeafGrowth,
  }));
  return (frameDay) => {
    const season = seasons.find(({ opensOn, fallsOn }) => frameDay >= opensOn && frameDay <= fallsOn);
    return season ? leavesOpen(season.growth, frameDay) : 0;
  };
}
