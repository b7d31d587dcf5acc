import { daysBetween } from '#core/calendar';
import type { PlanCut, PlanMaterial } from '#engine';

/** Kept cuts that can still be made, as days of the frame. */
export function cutsOf({ frame, ways, plan }: PlanMaterial): readonly PlanCut[] {
  const least = Math.max(0, frame.today);
  return plan.cuts
    .map(({ on, way }) => ({ day: daysBetween(frame.start, on), wayId: way }))
    .filter(({ day, wayId }) => day >= least && day < frame.days && ways.some(({ id }) => id === wayId));
}
