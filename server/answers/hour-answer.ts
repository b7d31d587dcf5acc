import type { CivilDate } from '#core/calendar';
import { fillHours, type HourCandidate, type HourStep } from '#core/decide';
import type { Garden } from '#core/records';
import type { Store } from '../store/store.ts';
import type { SeasonReader } from './plant-season.ts';
import { weighAnswer, type SeenOnTheSpot } from './weigh-answer.ts';
import { watchPictures } from './watch-pictures.ts';

/** One job of the hour, ready to show. */
export interface HourJob extends HourStep {
  readonly plantName: string;
  readonly targetName: string;
  readonly level: number | null;
}

const NOT_LOOKED: SeenOnTheSpot = {
  helpersSeen: null,
  antsSeen: null,
  beesAtHoneydew: null,
  thirsty: null,
  cropIsOff: null,
  bloomSoon: null,
};

/**
 * What removes most in the time there is, over the whole garden; each watch weighed as the records have
 * it.
 */
export function hourAnswer(
  store: Store,
  reader: SeasonReader,
  garden: Garden,
  today: CivilDate,
  hours: number,
): HourJob[] {
  const pictures = watchPictures(store, reader, today).filter(
    ({ watch, plant }) => watch.outcome === 'open' && plant.retiredOn === null && !plant.outOfReach,
  );
  const byId = new Map(pictures.map((picture) => [picture.watch.id, picture]));
  const candidates = pictures.flatMap((picture): HourCandidate[] => {
    const { weighed, facts } = weighAnswer(store, reader, garden, picture, today, NOT_LOOKED);
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
    const { plant, targetName, level } = byId.get(step.watchId)!;
    return { ...step, plantName: plant.name, targetName, level: level?.level ?? null };
  });
}
