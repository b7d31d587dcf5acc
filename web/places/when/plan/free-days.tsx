import { useState } from 'react';

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
/** Monday first. */
const IN_ORDER = [1, 2, 3, 4, 5, 6, 0];

/** Days of the week the gardener has time on; none ticked means any. */
export function FreeDays({
  freeDays,
  onKeep,
}: {
  freeDays: readonly number[];
  onKeep(freeDays: number[]): void;
}) {
  // Ticked at once, kept behind it.
  const [ticked, setTicked] = useState(freeDays);
  const tick = (days: number[]) => {
    setTicked(days);
    onKeep(days);
  };
  return (
    <fieldset className="sheet p-4 text-[0.93rem]">
      <legend className="sr-only">Days you have time</legend>
      <h2 className="mb-2">Days you have time</h2>
      <div className="grid grid-cols-2 gap-1.5">
        {IN_ORDER.map((weekday) => (
          <label key={weekday} className="flex items-center gap-2 min-h-8">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={ticked.includes(weekday)}
              onChange={(event) =>
                tick(
                  event.target.checked
                    ? [...ticked, weekday].sort()
                    : ticked.filter((other) => other !== weekday),
                )
              }
            />
            {WEEKDAYS[weekday]}
          </label>
        ))}
      </div>
      <p className="soft text-sm mt-2">
        {ticked.length === 0 ? 'None ticked: any day will do.' : 'The best days are looked for among these.'}
      </p>
    </fieldset>
  );
}
