import { fillHours, type HourCandidate, type HourStep } from '#core/decide';
import type { HandworkKind } from '#core/records';
import { evergreenOf, handworkFor } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { NOT_LOOKED, weighAnswer } from './weigh-answer.ts';
import { watchPictures } from './watch-pictures.ts';

/** One job of the hour, ready to show. */
export interface HourJob extends HourStep {
  readonly plantName: string;
  readonly targetName: string;
  readonly level: number | null;
  /** What exactly to do by hand on this trouble. */
  readonly hand: HandworkKind;
}

/**
 * What removes most in the time there is, over the whole garden; each watch weighed as the records have
 * it.
 */
export function hourAnswer(day: GardenDay, hours: number): HourJob[] {
  const pictures = watchPictures(day).filter(
    ({ watch, plant }) => watch.outcome === 'open' && plant.retiredOn === null && !plant.outOfReach,
  );
  const byId = new Map(pictures.map((picture) => [picture.watch.id, picture]));
  const candidates = pictures.flatMap((picture): HourCandidate[] => {
    const { weighed, facts } = weighAnswer(day, picture, NOT_LOOKED);
    // On a day without a fit hour a spray takes nothing away.
    return weighed.options
      .filter(({ option }) => option !== 'spray-now' || facts.fitHoursToday !== false)
      .map(({ option, score, effortHours }) => ({
        watchId: picture.watch.id,
        option,
        score,
        effortHours,
        level: facts.level,
      }));
  });
  return fillHours(candidates, hours).map((step) => {
    const { plant, targetName, level, watch } = byId.get(step.watchId)!;
    const [hand] = handworkFor({ ...watch, evergreen: evergreenOf(plant) });
    return { ...step, plantName: plant.name, targetName, level: level?.level ?? null, hand: hand! };
  });
}
