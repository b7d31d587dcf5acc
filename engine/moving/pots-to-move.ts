import type { CivilDate } from '#core/calendar';
import type { GardenDay } from '../garden-day.ts';
import { movingAnswer } from './moving-answer.ts';

/** A pot that is on its way in, and by when it is to be there. */
export interface PotToMove {
  readonly plantId: string;
  readonly plantName: string;
  readonly isInside: boolean;
  readonly by: CivilDate;
  /** Late where any of its steps is. */
  readonly standing: 'late' | 'open';
}

/** Pots of which something is to be done now, the soonest first. */
export function potsToMove(day: GardenDay): PotToMove[] {
  return movingAnswer(day)
    .pots.flatMap(({ plantId, plantName, isInside, backBy, steps }): PotToMove[] => {
      const isIn = (wanted: PotToMove['standing']) => steps.some(({ standing }) => standing === wanted);
      if (backBy === null || !(isIn('late') || isIn('open'))) return [];
      return [{ plantId, plantName, isInside, by: backBy.on, standing: isIn('late') ? 'late' : 'open' }];
    })
    .sort((a, b) => (a.by < b.by ? -1 : 1));
}
