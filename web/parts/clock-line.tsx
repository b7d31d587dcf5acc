import { daysBetween } from '#core/calendar';
import { useGarden } from '../api/queries.ts';
import { showFullDate } from '../show/dates.ts';
import { dayIn } from '../show/day-in.ts';

/**
 * Told where this device's clock and the computer's do not agree on the day: without a signal, what is entered is
 * dated by the device.
 */
export function ClockLine() {
  const { data, dataUpdatedAt } = useGarden();
  // The made-up garden has a day of its own.
  if (!data?.garden || data.demo) return null;
  const here = dayIn(data.garden.timeZone, dataUpdatedAt);
  if (daysBetween(data.today, here) === 0) return null;
  return (
    <p role="alert" className="sheet p-4 mb-4 border-warning!">
      <span className="font-semibold">
        This device’s clock says {showFullDate(here)}, the computer at home {showFullDate(data.today)}.
      </span>{' '}
      Without a signal, what you enter is dated by this device: set right whichever is wrong before you go
      out.
    </p>
  );
}
