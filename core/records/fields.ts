import { z } from 'zod';
import { isCivilDate } from '#core/calendar';

/** Building blocks of every record, with the words a person sees beside the field. */

export const recordId = z.uuid('an-id-made-by-the-app');

export const civilDate = z.string().refine(isCivilDate, 'a-day-written-yyyy-mm-dd');

export const shortText = (most: number) =>
  z.string().trim().min(1, 'cannot-be-empty').max(most, `most/${most}/characters`);

export const note = z.string().max(2000, 'most/2000/characters').default('');

export const metres = (most: number) =>
  z.number('a-number-in-metres').positive('must-be-above-0').max(most, `most/${most}/m`);

export const wholeCount = (most: number) =>
  z.number('a-whole-number').int('a-whole-number').min(0, 'cannot-be-negative').max(most, `most/${most}`);

/** Work is on a watch, or on a plant for no trouble of its own. */
export const onWatchOrPlant = ({ watchId, plantId }: { watchId: string | null; plantId: string | null }) =>
  (watchId === null) !== (plantId === null);
export const ON_ONE = { path: ['watchId'], message: 'a-watch-or-a-plant-not-both' };
