import { useState } from 'react';
import { addDays } from '#core/calendar';
import { readingRecord, type Reading } from '#core/records';
import { daysFromReadings } from '#core/weather';
import type { StationSummary } from '#answers';
import { newId } from '../../api/new-id.ts';
import { useReadings } from '../../api/weather.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { numberOr } from '../../show/number-or.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { ForStation } from './for-station.tsx';
import { fieldWords } from '#knowledge';
import { DayField } from '../../parts/day-field.tsx';

const SHOWN_DAYS = 14;
/** A jump from one reading's high to the next beyond this is asked about (rule of thumb, grade C). */
const UNUSUAL_JUMP_C = 16;

/** A max–min thermometer, read once a day and reset. */
export function ReadingPage() {
  return <ForStation>{(station) => <Readings station={station} />}</ForStation>;
}

function Readings({ station: { id, name } }: { station: StationSummary }) {
  return (
    <>
      <PageHead
        title={`${name}: a reading`}
        lead="Read the low, the high and the rain gauge, then reset. In the morning the high is yesterday afternoon's: it is written to yesterday by itself."
      />
      <Answered question={useReadings(id)}>
        {(readings) => (
          <div className="grid gap-6 md:grid-cols-[minmax(0,420px)_minmax(0,1fr)]">
            <ReadingForm key={readings.length} stationId={id} known={readings} />
            <Known known={readings} />
          </div>
        )}
      </Answered>
    </>
  );
}

function ReadingForm({ stationId, known: readings }: { stationId: string; known: readonly Reading[] }) {
  const show = useShow();
  const today = useToday();
  const { say } = useNotices();
  const last = readings.at(-1);
  const [id] = useState(newId);
  const [time, setTime] = useState<Reading['time']>(last?.time ?? 'morning');
  const [readOn, setReadOn] = useState(today);
  const [typed, setTyped] = useState({ low: '', high: '', rain: '' });
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [lowC, highC] = [typed.low, typed.high].map((text) =>
    show.celsiusFrom(numberOr(text, Number.NaN)),
  ) as [number, number];
  const jump = last && Number.isFinite(highC) ? Math.abs(highC - last.highC) > UNUSUAL_JUMP_C : false;
  const save = async () => {
    const read = readingRecord.safeParse({
      id,
      stationId,
      readOn,
      time,
      lowC,
      highC,
      rainMm: typed.rain.trim() === '' ? null : show.typedRainMm(typed.rain),
    });
    if (!read.success) {
      setErrors(
        Object.fromEntries(
          read.error.issues.map((issue) => [
            String(issue.path[0]),
            issue.message.startsWith('Invalid') ? 'a number' : fieldWords(issue.message),
          ]),
        ),
      );
      return;
    }
    setErrors({});
    try {
      await keepRecord(putEntry('readings', read.data, `reading of ${showDate(readOn)}`));
      say(
        `The reading of ${showDate(readOn)} is kept.`,
        () => void keepRecord(takeOutEntry('readings', read.data, `reading of ${showDate(readOn)}`)),
      );
    } catch (error) {
      setErrors({ readOn: (error as Error).message });
    }
  };
  const field = (key: keyof typeof typed) => ({
    className: 'input input-lg w-full',
    inputMode: 'decimal' as const,
    value: typed[key],
    onChange: (event: { target: { value: string } }) => setTyped({ ...typed, [key]: event.target.value }),
  });
  return (
    <form
      noValidate
      className="sheet p-5 flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Choices
        legend="Read in the"
        value={time}
        options={[
          { id: 'morning', label: 'morning' },
          { id: 'evening', label: 'evening' },
        ]}
        onChange={setTime}
      />
      <DayField label="On" error={errors.readOn} max={today} value={readOn} onChange={setReadOn} />
      <div className="grid grid-cols-2 gap-3">
        <Field label={`Low, ${show.temperatureUnit}`} error={errors.lowC}>
          <input {...field('low')} />
        </Field>
        <Field
          label={`High, ${show.temperatureUnit}`}
          error={errors.highC}
          hint={time === 'morning' ? `goes to ${showDate(addDays(readOn || today, -1))}` : undefined}
        >
          <input {...field('high')} />
        </Field>
      </div>
      {jump && (
        <p role="status" className="rounded-lg bg-(--honey-pale) text-(--honey-deep) p-2 text-sm">
          That is {show.temperature(highC)} after {show.temperature(last!.highC)} the time before: look again
          before you keep it.
        </p>
      )}
      <Field
        label={`Rain, ${show.rainUnit}`}
        error={errors.rainMm}
        hint="empty if there is no gauge: unknown, not dry"
      >
        <input {...field('rain')} />
      </Field>
      <button type="submit" className="btn btn-primary">
        Keep it
      </button>
    </form>
  );
}

/** The days that follow from the readings, newest first, and the readings themselves. */
function Known({ known: readings }: { known: readonly Reading[] }) {
  const show = useShow();
  const today = useToday();
  const { say } = useNotices();
  const days = daysFromReadings(readings).slice(-SHOWN_DAYS).toReversed();
  const takeOut = (reading: Reading) =>
    void keepRecord(takeOutEntry('readings', reading, `reading of ${showDate(reading.readOn)}`)).then(
      () =>
        say(
          'The reading was taken out.',
          () => void keepRecord(putEntry('readings', reading, `reading of ${showDate(reading.readOn)}`)),
        ),
      (error: Error) => say(error.message),
    );
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Days that follow">
        <h2 className="mb-2">Days that follow from them</h2>
        {days.length === 0 ? (
          <p className="sheet p-4 soft">
            None yet. A morning's reading finishes the day before; the first needs a second one.
          </p>
        ) : (
          <div className="sheet overflow-x-auto">
            <table className="table table-sm">
              <thead>
                <tr>
                  <th>day</th>
                  <th className="text-right">low</th>
                  <th className="text-right">high</th>
                  <th className="text-right">rain</th>
                </tr>
              </thead>
              <tbody>
                {days.map((day) => (
                  <tr key={day.date}>
                    <td>{showDate(day.date, today)}</td>
                    <td className="text-right">{show.temperature(day.minC)}</td>
                    <td className="text-right">{show.temperature(day.maxC)}</td>
                    <td className="text-right">
                      {day.rainMm === null ? 'not known' : show.rain(day.rainMm)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
      </section>
      {readings.length > 0 && (
        <section aria-label="Readings">
          <h2 className="mb-2">Readings</h2>
          <ul className="sheet p-4 flex flex-col gap-1">
            {readings
              .slice(-SHOWN_DAYS)
              .toReversed()
              .map((reading) => (
                <li key={reading.id} className="flex justify-between gap-3">
                  <span>
                    {showDate(reading.readOn, today)}, {reading.time}: {show.temperature(reading.lowC)} to{' '}
                    {show.temperature(reading.highC)}
                  </span>
                  <button type="button" className="link-husk" onClick={() => takeOut(reading)}>
                    take out
                    <span className="sr-only">
                      {' '}
                      the reading of {showDate(reading.readOn, today)}, {reading.time}
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      )}
    </div>
  );
}
