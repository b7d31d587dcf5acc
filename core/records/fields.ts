import { z } from 'zod';
import { isCivilDate } from '#core/calendar';

/** Building blocks of every record, with the words a person sees beside the field. */

export const recordId = z.uuid('an-id-made-by-the-app');

/** Nothing of a garden is older: a year typed as 26 is a slip. */
const FIRST_DAY = '1900-01-01';
export const civilDate = z
  .string()
  .refine((text) => isCivilDate(text) && text >= FIRST_DAY, 'a-day-written-yyyy-mm-dd');

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
