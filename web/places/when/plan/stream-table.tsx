import { addDays } from '#core/calendar';
import { LIFE_STAGES, type StreamDay } from '#core/season-model';
import type { PlanMaterial } from '#engine';
import { showDate } from '../../../show/dates.ts';
import { MINER_STAGE_NAMES, STAGE_NAMES } from './plan-words.ts';
import { totalOf } from './stream-scale.ts';

/** The stream week by week in figures. */
export function StreamTable({
  material: { frame },
  alone,
  stream,
  isMiner,
}: {
  material: PlanMaterial;
  alone: readonly StreamDay[];
  stream: readonly StreamDay[];
  isMiner: boolean;
}) {
  const names = isMiner ? MINER_STAGE_NAMES : STAGE_NAMES;
  const weeks = stream.filter(
    ({ day }) => day % 7 === 0 && (totalOf(alone[day]!) >= 0.5 || totalOf(stream[day]!) >= 0.5),
  );
  return (
    <div className="overflow-x-auto mt-2" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
      <table className="table table-sm">
        <caption className="sr-only">Alive by week, of 100 left alone at the season’s end</caption>
        <thead>
          <tr>
            <th>Day</th>
            <th>Left alone</th>
            <th>As planned</th>
            {LIFE_STAGES.map((stage) => (
              <th key={stage}>{names[stage]}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((day) => (
            <tr key={day.day}>
              <th scope="row">{showDate(addDays(frame.start, day.day))}</th>
              <td>{Math.round(totalOf(alone[day.day]!))}</td>
              <td>{Math.round(totalOf(day))}</td>
              {LIFE_STAGES.map((stage) => (
                <td key={stage}>{Math.round(day[stage])}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
