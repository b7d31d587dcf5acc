import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { ReadDays } from '#core/formats';
import type { ImportOutcome } from '#server/store/weather-store';
import { ApiProblem } from '../../api/client.ts';
import { useImportDays } from '../../api/weather.ts';
import { useNotices } from '../../parts/notices.tsx';
import { showFullDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { doubtWords } from './doubt-words.ts';
import { rowWords, howMany } from '#knowledge';

const SHOWN_PROBLEMS = 12;
const SHOWN_DOUBTS = 6;

/** What a file's days would do to the station, and the button that does it. */
export function ImportPreview({
  stationId,
  read,
  rows,
  unit,
}: {
  stationId: string;
  read: ReadDays;
  rows: number;
  unit: 'rows' | 'hours' | 'days';
}) {
  const show = useShow();
  const importDays = useImportDays();
  const navigate = useNavigate();
  const { say } = useNotices();
  const [outcome, setOutcome] = useState<{ of: ReadDays; is: ImportOutcome } | null>(null);
  const [replace, setReplace] = useState(false);
  const send = (preview: boolean) =>
    importDays.mutateAsync({ stationId, days: [...read.days], replaceChanged: replace, preview });
  const look = () =>
    void send(true)
      .then((is) => setOutcome({ of: read, is }))
      .catch(() => undefined);
  const agree = () =>
    void send(false)
      .then(async (is) => {
        say(
          is.added + is.replaced === 0
            ? 'Nothing changed: every day was already there.'
            : `${howMany(is.added, 'day was', 'days were')} added${is.replaced > 0 ? `, ${is.replaced} replaced` : ''}.`,
        );
        await navigate(is.doubts.length > 0 ? `/when/stations/${stationId}/check` : '/when/stations');
      })
      .catch(() => undefined);
  const outcomeShown = outcome?.of === read ? outcome.is : null;
  const [first, last] = [read.days[0], read.days.at(-1)];
  return (
    <section aria-label="What would happen" className="mt-5">
      <h2 className="mb-2">What would happen</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        <p>
          <b>{read.days.length}</b>{' '}
          {unit === 'hours' ? `days come of ${rows} rows` : `of ${rows} ${unit} are days`}
          {first && last ? `, from ${showFullDate(first.date)} to ${showFullDate(last.date)}` : ''}.
          {read.repeats > 0 && ` ${howMany(read.repeats, 'row repeats', 'rows repeat')} another.`}{' '}
          {read.problems.length > 0 ? (
            <b className="text-error">{read.problems.length} cannot be read.</b>
          ) : (
            'All could be read.'
          )}
        </p>
        {first && (
          <p className="soft text-sm">
            The first: {showFullDate(first.date)}, {show.temperature(first.minC)} to{' '}
            {show.temperature(first.maxC)}
            {first.rainMm === null ? '' : `, rain ${show.rain(first.rainMm)}`}. Does that look right for the
            season?
          </p>
        )}
        {read.problems.length > 0 && (
          <ul className="text-sm list-disc pl-5">
            {read.problems.slice(0, SHOWN_PROBLEMS).map((entry) => (
              <li key={`${entry.line} ${rowWords(entry.fault)}`}>
                line {entry.line}: {rowWords(entry.fault)}
              </li>
            ))}
            {read.problems.length > SHOWN_PROBLEMS && (
              <li>and {read.problems.length - SHOWN_PROBLEMS} more</li>
            )}
          </ul>
        )}
        {read.days.length > 0 && !outcomeShown && (
          <button type="button" className="btn self-start" disabled={importDays.isPending} onClick={look}>
            {importDays.isPending ? 'Comparing…' : 'Compare with what is there'}
          </button>
        )}
        {outcomeShown && (
          <>
            <p>
              <b>{outcomeShown.added}</b> days are new, <b>{outcomeShown.unchanged}</b> are there already and
              the same, <b>{outcomeShown.changed.length}</b> are there with other figures.
            </p>
            {outcomeShown.looksFahrenheit && (
              <p role="alert" className="text-error font-semibold">
                By the same time of other years these look like °F taken for °C. Check the unit above before
                you write them.
              </p>
            )}
            {outcomeShown.doubts.length > 0 && (
              <div className="text-sm">
                <p>Worth a second look; they can be put right after writing, and back:</p>
                <ul className="list-disc pl-5">
                  {outcomeShown.doubts.slice(0, SHOWN_DOUBTS).map((doubt) => (
                    <li key={`${doubt.kind} ${doubt.from}`}>{doubtWords(doubt, show)}</li>
                  ))}
                  {outcomeShown.doubts.length > SHOWN_DOUBTS && (
                    <li>and {outcomeShown.doubts.length - SHOWN_DOUBTS} more</li>
                  )}
                </ul>
              </div>
            )}
            {outcomeShown.changed.length > 0 && (
              <label className="flex items-center gap-3">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={replace}
                  onChange={(event) => setReplace(event.target.checked)}
                />{' '}
                Replace those {outcomeShown.changed.length} by the file's (
                {outcomeShown.changed
                  .slice(0, 3)
                  .map(
                    ({ date, stored, given: incoming }) =>
                      `${date}: ${show.temperature(stored.minC)} to ${show.temperature(stored.maxC)} becomes ${show.temperature(incoming.minC)} to ${show.temperature(incoming.maxC)}`,
                  )
                  .join('; ')}
                {outcomeShown.changed.length > 3 ? '; …' : ''})
              </label>
            )}
            <button
              type="button"
              className="btn btn-primary self-start"
              disabled={importDays.isPending}
              onClick={agree}
            >
              {importDays.isPending
                ? 'Writing…'
                : `Write ${howMany(outcomeShown.added + (replace ? outcomeShown.changed.length : 0), 'day')}`}
            </button>
          </>
        )}
        {importDays.error && (
          <p role="alert" className="text-error font-semibold">
            {importDays.error.message}{' '}
            {importDays.error instanceof ApiProblem &&
              importDays.error.errors.map((entry) => entry.message).join('; ')}
          </p>
        )}
      </div>
    </section>
  );
}
