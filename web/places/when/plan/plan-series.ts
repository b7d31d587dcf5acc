import { addDays, type CivilDate, seasonName } from '#core/calendar';
import { blankSeries, blankStep, type Series, type StepPlan } from '#core/records';
import type { PlanCut, PlanMaterial, PlanWay } from '#engine';

/** A cut may be done within so many days of its own. */
const FOR_DAYS = 3;

/** A plan's cuts as a series of dated steps on its watch; its id is given when it is begun. */
export function seriesOfPlan(
  { frame, ways, plan }: PlanMaterial,
  cuts: readonly PlanCut[],
  today: CivilDate,
): Series {
  return blankSeries({
    id: plan.id,
    name: `Plan of ${seasonName(frame.season)}`,
    watchId: plan.id,
    startedOn: today,
    steps: [...cuts]
      .sort((a, b) => a.day - b.day)
      .flatMap(({ day, wayId }) => {
        const way = ways.find(({ id }) => id === wayId);
        return way ? [stepOf(way, addDays(frame.start, day))] : [];
      }),
  });
}

function stepOf({ means, name }: PlanWay, on: CivilDate): StepPlan {
  const trigger = { kind: 'date', on, forDays: FOR_DAYS } as const;
  if (means.by === 'hand') return blankStep({ action: 'hand', hand: means.hand, trigger });
  const materials = means.by === 'spray' ? [means.materialId] : ['mineral-oil'];
  return blankStep({ action: 'spray', materials, trigger, says: means.by === 'winter-oil' ? name : '' });
}
