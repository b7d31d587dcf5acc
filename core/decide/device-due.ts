import { addDays, type CivilDate } from '#core/calendar';
import { DAYS } from './days.ts';

/** A reading of a tape or trap, under the label it hangs by. */
interface Reading {
  readonly label: string;
  readonly takenOff: CivilDate;
}

/** Since when a tape or trap hangs unread, and the day it is to be read: a week on (rule of thumb, grade C). */
export function deviceDue(
  { label, hungOn }: { readonly label: string; readonly hungOn: CivilDate },
  readings: readonly Reading[],
): { readonly since: CivilDate; readonly due: CivilDate } {
  const read = readings
    .filter((reading) => reading.label === label && reading.takenOff > hungOn)
    .map(({ takenOff }) => takenOff);
  const since = [hungOn, ...read].toSorted().at(-1)!;
  return { since, due: addDays(since, DAYS.tapeLife) };
}
