import { useMemo, useState } from 'react';
import { addDays } from '#core/calendar';
import { hungSince, type PracticeAct, type PracticeWay, sourceClearedOn, WEEK_DAYS } from '#core/practice';
import { UNFIT, fitDays } from '#core/season-model';
import { simulateForecast, type WeatherDay } from '#core/weather';
import type { PracticeTroubleId } from '#knowledge';
import { SelectOne } from '../../../parts/select-one.tsx';
import { showDate, showWeekday } from '../../../show/dates.ts';
import { useShow } from '../../../show/use-show.ts';
import { isByHand, LESSONS, unfitWords, wayInSentence, wayName } from './practice-words.ts';
import type { Practice } from './use-practice.ts';

/** What can be done at the plant this week: look, hang and read, treat on a day, or wait. */
export function WeekCard({ practice, trouble }: { practice: Practice; trouble: PracticeTroubleId }) {
  const { log, practised, act, goOn, toTheEnd } = practice;
  const { today, acts } = log;
  const words = LESSONS[trouble];
  const didToday = (does: PracticeAct['does']) =>
    acts.some((each) => each.does === does && each.day === today);
  const hung = hungSince(log);
  const hangs = practised.trouble.by === 'hatch';
  const hasSource = practised.trouble.by === 'hatch' && practised.trouble.figures.source !== null;
  return (
    <section aria-label="This week" className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2>This week</h2>
        <button type="button" className="btn btn-primary" onClick={goOn}>
          On to the next week
        </button>
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          disabled={didToday('look')}
          onClick={() => act({ does: 'look', day: today })}
        >
          {words.looksAt}
        </button>
        {hangs &&
          (hung === null ? (
            <button type="button" className="btn" onClick={() => act({ does: 'hang', day: today })}>
              Hang {words.hangs}
            </button>
          ) : (
            <button
              type="button"
              className="btn"
              disabled={hung === today}
              onClick={() => act({ does: 'read', day: today })}
            >
              Read the {words.hangs.replace(/^\S+ /, '')}
            </button>
          ))}
        {hasSource && sourceClearedOn(log) === null && (
          <button type="button" className="btn" onClick={() => act({ does: 'clear-source', day: today })}>
            Have next door cut theirs back
          </button>
        )}
      </div>
      <Treat key={today} practice={practice} />
      <div className="flex flex-wrap gap-2 border-t border-base-300 pt-3">
        <button type="button" className="btn btn-ghost" onClick={toTheEnd}>
          To the end
        </button>
      </div>
    </section>
  );
}

/** Forecast error of a day's mean ten days ahead, standard deviation. */
const FORECAST_ERROR_C = 3;

type PlannedAct = Extract<PracticeAct, { does: 'treat' }>;

/** A way and a day of the week, with what the forecast says of each day. */
function Treat({ practice }: { practice: Practice }) {
  const { log, practised, truth, sights, act, takeBack } = practice;
  const { today } = log;
  const [wayId, setWayId] = useState(practised.ways[0]!.kind.id);
  const [day, setDay] = useState<number | null>(null);
  const way = practised.ways.find(({ kind }) => kind.id === wayId)!;
  const ahead = useMemo(
    () =>
      simulateForecast(
        truth.weather.slice(today, today + WEEK_DAYS + 1),
        truth.seed + today,
        FORECAST_ERROR_C,
      ),
    [truth, today],
  );
  const planned = log.acts.filter(
    (each): each is PlannedAct =>
      each.does === 'treat' &&
      !sights.some(
        (sight) => 'meantFor' in sight && sight.meantFor === each.day && sight.wayId === each.wayId,
      ),
  );
  const closed = closedDays(way, log.acts, today);
  const chosen = day !== null && !closed.has(day) ? day : null;
  return (
    <fieldset className="flex flex-col gap-2 border-t border-base-300 pt-3">
      <legend className="sr-only">Treat it</legend>
      <label className="flex flex-col gap-1">
        <span className="soft text-sm">Treat it with</span>
        <SelectOne
          className="select w-full"
          value={wayId}
          options={practised.ways.map(({ kind }) => ({ id: kind.id, label: wayName(kind.id) }))}
          onChange={setWayId}
        />
      </label>
      <p className="soft text-sm">The forecast may be wrong; on an unfit day it waits for the next.</p>
      <ul className="flex flex-col">
        {ahead.slice(0, WEEK_DAYS).map((forecast, i) => (
          <DayChoice
            key={forecast.date}
            forecast={forecast}
            next={ahead[i + 1] ?? forecast}
            way={way}
            isClosed={closed.has(today + i)}
            isChosen={chosen === today + i}
            onChoose={() => setDay(today + i)}
          />
        ))}
      </ul>
      <button
        type="button"
        className="btn self-start"
        disabled={chosen === null}
        onClick={() => {
          act({ does: 'treat', day: chosen!, wayId });
          setDay(null);
        }}
      >
        {chosen === null
          ? 'Choose a day'
          : `${isByHand(wayId) ? 'Do it' : 'Spray'} on ${showDate(addDays(practised.start, chosen))}`}
      </button>
      {planned.map((each) => (
        <p key={`${each.wayId} ${each.day}`} className="flex flex-wrap gap-x-2 items-baseline" role="status">
          <span>
            {each.day < today ? 'Waits for a fit day' : 'Planned'}: {wayInSentence(each.wayId)},{' '}
            {showDate(addDays(practised.start, each.day))}
          </span>
          {each.day >= today && (
            <button type="button" className="link-husk" onClick={() => takeBack(each)}>
              Take it back
            </button>
          )}
        </p>
      ))}
    </fieldset>
  );
}

/** Days too near to another use of the way, or after its last. */
function closedDays(way: PracticeWay, acts: readonly PracticeAct[], today: number): ReadonlySet<number> {
  const uses = acts.flatMap((each) =>
    each.does === 'treat' && each.wayId === way.kind.id ? [each.day] : [],
  );
  const isUsedUp = way.mostTimes !== null && uses.length >= way.mostTimes;
  const days = Array.from({ length: WEEK_DAYS }, (_, i) => today + i);
  return new Set(
    days.filter((day) => isUsedUp || uses.some((used) => Math.abs(used - day) < way.intervalDays)),
  );
}

interface DayChoiceProps {
  readonly forecast: WeatherDay;
  readonly next: WeatherDay;
  readonly way: PracticeWay;
  readonly isClosed: boolean;
  readonly isChosen: boolean;
  onChoose(): void;
}

function DayChoice({ forecast, next, way, isClosed, isChosen, onChoose }: DayChoiceProps) {
  const show = useShow();
  const [fit] = fitDays(
    {
      heatCd: new Float64Array(2),
      minC: Float64Array.of(forecast.minC, next.minC),
      maxC: Float64Array.of(forecast.maxC, next.maxC),
      rainMm: Float64Array.of(forecast.rainMm ?? NaN, next.rainMm ?? NaN),
    },
    way.kind.fits,
  );
  const warmer = next.maxC > forecast.maxC ? next : forecast;
  const said = isClosed ? 'too soon' : fit === UNFIT ? unfitWords(way.kind.fits, warmer) : 'fit';
  return (
    <li>
      <label className="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] gap-x-2 items-center min-h-9">
        <input
          type="radio"
          className="radio radio-sm"
          name="practice-day"
          checked={isChosen}
          disabled={isClosed}
          onChange={onChoose}
        />
        <span>
          {showWeekday(forecast.date)}{' '}
          <span className="soft">
            {Math.round(show.temperatureNumber(forecast.minC))} to{' '}
            {Math.round(show.temperatureNumber(forecast.maxC))} {show.temperatureUnit}
            {(forecast.rainMm ?? 0) > 0 && `, rain ${show.rain(forecast.rainMm!)}`}
          </span>
        </span>
        <span className={said === 'fit' ? 'text-primary font-semibold' : 'soft'}>{said}</span>
      </label>
    </li>
  );
}
