import { useState } from 'react';
import { useNavigate } from 'react-router';
import { addDays } from '#core/calendar';
import { readUnattended } from '#core/formats';
import { keysOf } from '#core/tables';
import type { WeatherDay } from '#core/weather';
import { AIR_WORDS, SKY_WORDS, fileWords, howMany } from '#knowledge';
import type { StationSummary } from '#answers';
import { ApiProblem } from '../../api/client.ts';
import { useForecast, usePutForecast } from '../../api/weather.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { type Option, SelectOne } from '../../parts/select-one.tsx';
import { showWeekday } from '../../show/dates.ts';
import { significant, type Show } from '../../show/units.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { ForStation } from './for-station.tsx';
import { numberOr } from '../../show/number-or.ts';

const DAYS = 10;
const LARGEST_FILE_BYTES = 1_000_000;
type Sky = keyof typeof SKY_WORDS;
type Air = keyof typeof AIR_WORDS;
const NOT_KNOWN: Option<''> = { id: '', label: 'not known' };
const SKIES = keysOf(SKY_WORDS).map((id): Option<Sky> => ({ id, label: id }));
const AIRS = keysOf(AIR_WORDS).map((id): Option<Air> => ({ id, label: id }));

interface Row {
  readonly low: string;
  readonly high: string;
  readonly sky: Sky | '';
  readonly air: Air | '';
}

const EMPTY: Row = { low: '', high: '', sky: '', air: '' };

/** Ten short rows from any forecast; what is left open stays unknown. */
export function ForecastPage() {
  return <ForStation>{(station) => <Forecast station={station} />}</ForStation>;
}

function Forecast({ station: { id, name } }: { station: StationSummary }) {
  return (
    <>
      <PageHead
        title={`The next days at ${name}`}
        lead="Low and high from any forecast, as many days as you like. Sky and air decide whether an hour is fit to spray; left open they are unknown, and unknown is never a go."
      />
      <Answered question={useForecast(id)}>{(days) => <ForecastForm stationId={id} known={days} />}</Answered>
    </>
  );
}

/** The word whose figure lies nearest to what is stored. */
function nearest<Word extends string>(
  figures: Readonly<Record<Word, { readonly value: number }>>,
  value: number | null,
): Word | '' {
  if (value === null) return '';
  return keysOf(figures).reduce((best, word) =>
    Math.abs(figures[word].value - value) < Math.abs(figures[best].value - value) ? word : best,
  );
}

function toRow(day: WeatherDay | undefined, show: Show): Row {
  if (!day) return EMPTY;
  return {
    low: significant(show.temperatureNumber(day.minC), 1),
    high: significant(show.temperatureNumber(day.maxC), 1),
    sky: nearest(SKY_WORDS, day.rainMm),
    air: nearest(AIR_WORDS, day.windMs),
  };
}

function ForecastForm({ stationId, known: forecast }: { stationId: string; known: readonly WeatherDay[] }) {
  const show = useShow();
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const put = usePutForecast();
  const dates = Array.from({ length: DAYS }, (_, i) => addDays(today, i));
  const [rows, setRows] = useState<readonly Row[]>(() =>
    dates.map((date) =>
      toRow(
        forecast.find((day) => day.date === date),
        show,
      ),
    ),
  );
  const [fileWord, setFileWord] = useState<{ wrong: boolean; text: string } | null>(null);
  const [problems, setProblems] = useState<Readonly<Record<number, string>>>({});
  const change = (i: number, changed: Partial<Row>) =>
    setRows(rows.map((row, n) => (n === i ? { ...row, ...changed } : row)));
  const save = async () => {
    const read = rows.map((row, i) => readRow(row, dates[i]!, show));
    // A hole in the middle would break the chain of days; the tail may stay empty.
    const last = read.findLastIndex((entry) => entry !== 'empty');
    const wrong = Object.fromEntries(
      read
        .slice(0, last + 1)
        .flatMap((entry, i) =>
          typeof entry === 'string' ? [[i, entry === 'empty' ? 'this day is missing' : entry]] : [],
        ),
    );
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const days = read.slice(0, last + 1) as WeatherDay[];
    try {
      await put.mutateAsync({ stationId, days });
      say(
        days.length === 0
          ? 'There is no forecast now.'
          : `${howMany(days.length, 'day of forecast is', 'days of forecast are')} kept.`,
      );
      await navigate('/when/stations');
    } catch (error) {
      if (error instanceof ApiProblem)
        setProblems(
          Object.fromEntries(error.errors.map(({ path, message }) => [Number(path[1] ?? 0), message])),
        );
    }
  };
  const fromFile = async (file: File | undefined) => {
    if (!file) return;
    setFileWord(null);
    try {
      if (file.size > LARGEST_FILE_BYTES) throw new RangeError('it is too large for ten days');
      const told = readUnattended(await file.text()).days;
      const inOrder = dates.map((date) => told.find((day) => day.date === date));
      const count = inOrder.findIndex((day) => day === undefined);
      const days = count < 0 ? inOrder.length : count;
      if (days === 0) throw new RangeError(`it does not tell ${showWeekday(today)}`);
      setRows(inOrder.map((day, i) => toRow(i < days ? day : undefined, show)));
      setFileWord({
        wrong: false,
        text: `${howMany(days, 'day is', 'days are')} filled in from the file; keep what looks right.`,
      });
    } catch (error) {
      setFileWord({
        wrong: true,
        text: `The file was not taken: ${error instanceof RangeError ? fileWords(error.message) : 'it is not a table of text'}.`,
      });
    }
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      className="max-w-2xl"
    >
      <div className="sheet p-4 mb-4">
        <Field
          label="From a file, if there is one"
          hint="columns for date, low and high; rain and wind if told"
          error={fileWord?.wrong ? fileWord.text : undefined}
        >
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain"
            className="file-input file-input-sm w-full"
            onChange={(event) => void fromFile(event.target.files?.[0])}
          />
        </Field>
        {fileWord && !fileWord.wrong && (
          <p role="status" className="mt-1 text-sm">
            {fileWord.text}
          </p>
        )}
      </div>
      <div className="sheet overflow-x-auto">
        <table className="table table-sm">
          <thead>
            <tr>
              <th>day</th>
              <th>low, {show.temperatureUnit}</th>
              <th>high, {show.temperatureUnit}</th>
              <th>sky</th>
              <th>air</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => {
              const day = showWeekday(dates[i]!);
              return (
                <tr key={dates[i]} aria-describedby={problems[i] ? `forecast-${i}` : undefined}>
                  <td className="whitespace-nowrap">
                    {day}
                    {problems[i] && (
                      <b id={`forecast-${i}`} role="alert" className="block text-error">
                        {problems[i]}
                      </b>
                    )}
                  </td>
                  <td>
                    <input
                      className="input input-sm w-20"
                      inputMode="decimal"
                      aria-label={`low, ${day}`}
                      value={row.low}
                      onChange={(event) => change(i, { low: event.target.value })}
                    />
                  </td>
                  <td>
                    <input
                      className="input input-sm w-20"
                      inputMode="decimal"
                      aria-label={`high, ${day}`}
                      value={row.high}
                      onChange={(event) => change(i, { high: event.target.value })}
                    />
                  </td>
                  <td>
                    <SelectOne
                      className="select select-sm w-28"
                      aria-label={`sky, ${day}`}
                      value={row.sky}
                      options={[NOT_KNOWN, ...SKIES]}
                      onChange={(sky) => change(i, { sky })}
                    />
                  </td>
                  <td>
                    <SelectOne
                      className="select select-sm w-28"
                      aria-label={`air, ${day}`}
                      value={row.air}
                      options={[NOT_KNOWN, ...AIRS]}
                      onChange={(air) => change(i, { air })}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="soft text-sm mt-2">
        Taken to mean: showers {show.rain(SKY_WORDS.showers.value)}, rain {show.rain(SKY_WORDS.rain.value)};
        still {show.wind(AIR_WORDS.still.value)}, a breeze {show.wind(AIR_WORDS.breeze.value)}, windy{' '}
        {show.wind(AIR_WORDS.windy.value)} (rules of thumb, grade C).
      </p>
      {put.error && (
        <p role="alert" className="text-error font-semibold">
          {put.error.message}
        </p>
      )}
      <button type="submit" className="btn btn-primary mt-3" disabled={put.isPending}>
        Keep the forecast
      </button>
    </form>
  );
}

/** A row as a day; 'empty' when nothing stands in it, else what is wrong. */
function readRow({ low, high, sky, air }: Row, date: string, show: Show): WeatherDay | string {
  if (low.trim() === '' && high.trim() === '')
    return sky === '' && air === '' ? 'empty' : 'low and high are missing';
  const [minC, maxC] = [low, high].map((text) => show.celsiusFrom(numberOr(text, Number.NaN)));
  if (!Number.isFinite(minC) || !Number.isFinite(maxC)) return 'low and high are numbers';
  if (maxC! < minC!) return 'the high is below the low';
  return {
    date,
    minC: minC!,
    maxC: maxC!,
    rainMm: sky === '' ? null : SKY_WORDS[sky].value,
    windMs: air === '' ? null : AIR_WORDS[air].value,
  };
}
