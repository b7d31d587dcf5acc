import type { FigureRange } from '#core/season-model';
import type { PathAnswer } from '#engine';
import { showFullDate } from '../../show/dates.ts';
import { treatmentLetters } from './path-layout.ts';

/** What each treatment on the path took, by the book and by the counts; the letters stand in the drawing. */
export function DoneTable({ path }: { path: PathAnswer }) {
  const letters = treatmentLetters(path);
  const done = path.stretches.flatMap((stretch) => stretch.done);
  if (done.length === 0)
    return (
      <p className="soft text-sm mt-2">
        Nothing that takes them was done between these counts: the path is what happened by itself.
      </p>
    );
  return (
    <div className="overflow-x-auto mt-2" tabIndex={0} role="group" aria-label="Treatments, scrolls sideways">
      <table className="table table-sm">
        <caption className="text-left soft text-sm pb-1">
          What each took of those that would have been there; eight in ten lie within the brackets
        </caption>
        <thead>
          <tr>
            <th aria-label="Letter" />
            <th>When</th>
            <th>What</th>
            <th className="text-right">by these counts</th>
            <th className="text-right">by the book, that day</th>
          </tr>
        </thead>
        <tbody>
          {done.map(({ id, on, name, left, thought }) => (
            <tr key={id}>
              <td className="font-semibold">{letters.get(id)}</td>
              <td className="whitespace-nowrap">{showFullDate(on)}</td>
              <td>{name}</td>
              <td className="text-right tabular-nums whitespace-nowrap font-semibold">{takenWords(left)}</td>
              <td className="text-right tabular-nums whitespace-nowrap soft">{takenWords(thought)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** "67 % (51–80)" of a range of what was left; what may have taken nothing says 0. */
function takenWords({ low, middle, high }: FigureRange): string {
  const taken = (left: number) => Math.max(0, Math.round((1 - left) * 100));
  return `${taken(middle)} % (${taken(high)}–${taken(low)})`;
}
