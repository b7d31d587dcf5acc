import { addDays } from '#core/calendar';
import type { ClockAnswer } from '#engine';
import { showDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { clockRange } from './clock-range.ts';

/** The chart's figures by the week. */
export function ClockTable({ clock }: { clock: ClockAnswer }) {
  const show = useShow();
  const { fromDay, toDay } = clockRange(clock);
  const days = Array.from({ length: Math.floor((toDay - fromDay) / 7) + 1 }, (_, i) => fromDay + 7 * i);
  const shown = (cd: number | undefined) => (cd === undefined ? '–' : Math.round(show.heatNumber(cd)));
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
      <table className="table table-sm">
        <caption className="sr-only">Heat sums by the week, in {show.heatUnit}</caption>
        <thead>
          <tr>
            <th>through</th>
            <th className="text-right">this year</th>
            <th className="text-right">forecast</th>
            <th className="text-right">past years, middle</th>
            <th className="text-right">8 in 10 between</th>
          </tr>
        </thead>
        <tbody>
          {days.map((day) => {
            const past = clock.spread[day];
            return (
              <tr key={day}>
                <td>{showDate(addDays(clock.start, day))}</td>
                <td className="text-right">{shown(clock.measured[day])}</td>
                <td className="text-right">{shown(clock.forecast[day - clock.measured.length])}</td>
                <td className="text-right">{shown(past?.median)}</td>
                <td className="text-right">
                  {shown(past?.low)}–{shown(past?.high)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
