import { useState } from 'react';
import { Link } from 'react-router';
import { type Cutoff, dailyDegreeDays, hourlyDegreeDays, type Method } from '#core/degree-days';
import type { PlacedDay } from '#core/weather';
import { BASE_50F } from '#knowledge';
import { useWatches } from '../../api/queries.ts';
import { useSeasonDays } from '../../api/timing.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { DayDrawing } from './day-drawing.tsx';
import { cutoffsOf, METHODS } from './method-words.ts';

const CUTOFF_WORDS: Readonly<Record<Cutoff, string>> = {
  none: 'Heat above the upper threshold counts like any other.',
  horizontal: 'Above the upper threshold no more is gained.',
  intermediate: 'Above it as much is taken off as lies above.',
  vertical: 'Above it development stops: those hours count nothing.',
};

/**
 * One day's arithmetic, drawn: the curve, the thresholds, what counts; the same day under each method,
 * and the season under each.
 */
export function DayPage() {
  const watches = useWatches();
  return (
    <>
      <PageHead
        title="One day's sum, drawn"
        lead="A degree day is one degree above the lower threshold for one day. Only the lowest and highest are known, so each method draws the day between them in its own way."
      >
        <Link className="btn" to="/when">
          To the clock
        </Link>
      </PageHead>
      <Answered question={watches}>
        {(places) => (
          <SeasonDays
            watchId={(places.find(({ timed, plant }) => timed && !plant.outOfReach) ?? places[0])?.watch.id}
          />
        )}
      </Answered>
    </>
  );
}

const MADE_UP: readonly PlacedDay[] = [
  { date: '2026-05-01', minC: 6, maxC: 21, rainMm: null, windMs: null, origin: 'measured' },
  { date: '2026-05-02', minC: 10, maxC: 20, rainMm: null, windMs: null, origin: 'measured' },
];

function SeasonDays({ watchId }: { watchId: string | undefined }) {
  const season = useSeasonDays(watchId);
  if (watchId === undefined) return <Drawn days={MADE_UP} real={false} />;
  return (
    <Answered question={season}>
      {({ measured }) =>
        measured.length >= 2 ? <Drawn days={measured} real /> : <Drawn days={MADE_UP} real={false} />
      }
    </Answered>
  );
}

function Drawn({ days, real }: { days: readonly PlacedDay[]; real: boolean }) {
  const show = useShow();
  const [at, setAt] = useState(Math.max(0, days.length - 2));
  const [method, setMethod] = useState<Method>('single-sine');
  const [cutoff, setCutoff] = useState<Cutoff>('horizontal');
  const [lower, setLower] = useState(BASE_50F.lowerC);
  const [upper, setUpper] = useState(18);
  const day = days[at]!;
  const nextMinC = days[at + 1]?.minC ?? day.minC;
  const model = {
    lowerC: lower,
    upperC: upper > lower ? upper : null,
    method,
    cutoff: method === 'average' && cutoff !== 'none' ? ('horizontal' as const) : cutoff,
  };
  const sum = (heatOf: PlacedDay, next: number, by: Method) =>
    dailyDegreeDays(
      { minC: heatOf.minC, maxC: heatOf.maxC, nextMinC: next },
      { ...model, method: by, cutoff: by === 'average' && cutoff !== 'none' ? 'horizontal' : cutoff },
    );
  const season = (by: Method) =>
    days.reduce((total, day, i) => total + sum(day, days[i + 1]?.minC ?? day.minC, by), 0);
  return (
    <div className="grid gap-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="min-w-0 flex flex-col gap-5">
        <section aria-label="The day" className="sheet p-4">
          <h2 className="mb-1">
            {real ? showDate(day.date) : 'A made-up day'}:{' '}
            {show.heatNumber(sum(day, nextMinC, method)).toFixed(1)} {show.heatUnit} by the{' '}
            {METHODS.find(({ id }) => id === method)!.label.toLowerCase()}
          </h2>
          <p className="soft text-sm mb-2">
            Lowest {show.temperature(day.minC)}, highest {show.temperature(day.maxC)}, next night{' '}
            {show.temperature(nextMinC)}.{' '}
            {model.upperC !== null && day.maxC > model.upperC ? CUTOFF_WORDS[model.cutoff] : ''}
          </p>
          <DayDrawing day={day} nextMinC={nextMinC} model={model} />
        </section>
        <section aria-label="Under each method" className="sheet p-4">
          <h2 className="mb-2">The same under each method, {show.heatUnit}</h2>
          <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
            <table className="table table-sm max-w-lg">
              <thead>
                <tr>
                  <th>Method</th>
                  <th className="text-right">This day</th>
                  <th className="text-right">{real ? 'Season' : 'Both days'}</th>
                </tr>
              </thead>
              <tbody>
                {METHODS.map(({ id, label }) => (
                  <tr key={id} className={id === method ? 'font-semibold' : ''}>
                    <th scope="row" className="font-[inherit]">
                      {label}
                    </th>
                    <td className="text-right">{show.heatNumber(sum(day, nextMinC, id)).toFixed(1)}</td>
                    <td className="text-right">{show.heatNumber(season(id)).toFixed(0)}</td>
                  </tr>
                ))}
                {day.hoursC && (
                  <tr>
                    <th scope="row" className="font-normal">
                      Hour by hour
                    </th>
                    <td className="text-right">
                      {show.heatNumber(hourlyDegreeDays(day.hoursC, model)).toFixed(1)}
                    </td>
                    <td />
                  </tr>
                )}
              </tbody>
            </table>
          </div>
        </section>
      </div>
      <aside className="sheet p-4 flex flex-col gap-4 self-start">
        {real && (
          <Field label="Day">
            <input
              type="date"
              className="input w-full"
              min={days[0]!.date}
              max={days.at(-1)!.date}
              value={day.date}
              onChange={(event) => {
                const index = days.findIndex(({ date }) => date === event.target.value);
                if (index >= 0) setAt(index);
              }}
            />
          </Field>
        )}
        <Choices legend="Method" value={method} options={METHODS} onChange={setMethod} />
        <Degrees label="Lower threshold" valueC={lower} onValue={setLower} />
        <Degrees label="Upper threshold" valueC={upper} onValue={setUpper} />
        <Choices
          legend="Cutoff above the upper"
          value={model.cutoff}
          options={cutoffsOf(method)}
          onChange={setCutoff}
        />
      </aside>
    </div>
  );
}

function Degrees({
  label,
  valueC,
  onValue,
}: {
  label: string;
  valueC: number;
  onValue: (valueC: number) => void;
}) {
  const show = useShow();
  const fahrenheit = show.temperatureUnit === '°F';
  const shown = Math.round(fahrenheit ? valueC * 1.8 + 32 : valueC);
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold text-[0.93rem]">
        {label}: {shown} {show.temperatureUnit}
      </span>
      <input
        type="range"
        className="range range-sm range-primary"
        min={fahrenheit ? 32 : 0}
        max={fahrenheit ? 104 : 40}
        value={shown}
        onChange={(event) =>
          onValue(fahrenheit ? (Number(event.target.value) - 32) / 1.8 : Number(event.target.value))
        }
      />
    </label>
  );
}
