import { useState } from 'react';
import type { OffsetLearned } from '#server/answers/station-check';
import { ApiProblem } from '../../api/client.ts';
import { newId } from '../../api/new-id.ts';
import { useGarden } from '../../api/queries.ts';
import { useOffset, usePutPair, useRemovePair } from '../../api/weather.ts';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { Field } from '../../parts/field.tsx';
import { Answered } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { DayField } from '../../parts/day-field.tsx';
import { numberOr } from '../../show/number-or.ts';

/** Learning how much warmer a place is than its station from a few days read in both. */
export function OffsetLesson({
  placeId,
  onLearned,
}: {
  placeId: string;
  onLearned: (minC: number, maxC: number) => void;
}) {
  return (
    <Answered question={useOffset(placeId)}>
      {(learned) => <Lesson placeId={placeId} learned={learned} onLearned={onLearned} />}
    </Answered>
  );
}

function Lesson({
  placeId,
  learned,
  onLearned,
}: {
  placeId: string;
  learned: OffsetLearned;
  onLearned: (minC: number, maxC: number) => void;
}) {
  const show = useShow();
  const takeOut = useTakeOut(useRemovePair(), 'The day was taken out.');
  const { pairs, offset } = learned;
  const perDegree = show.temperatureUnit === '°F' ? 1.8 : 1;
  const degrees = (valueC: number) => (Math.round(valueC * perDegree * 10) / 10).toFixed(1);
  return (
    <div className="flex flex-col gap-3 text-sm">
      <p>
        Hang a max–min thermometer there for a few days and enter its low and high; three days are the least.
      </p>
      <ul className="flex flex-col gap-1 empty:hidden">
        {pairs.map((pair) => (
          <li key={pair.id} className="flex flex-wrap gap-2 items-center">
            {showDate(pair.on)}: {show.temperature(pair.lowC)} to {show.temperature(pair.highC)}
            {pair.stationMinC === null || pair.stationMaxC === null
              ? ' (its station has no reading that day)'
              : `, the station ${show.temperature(pair.stationMinC)} to ${show.temperature(pair.stationMaxC)}`}
            <button
              type="button"
              className="link-husk"
              onClick={() =>
                takeOut({ id: pair.id, placeId, on: pair.on, lowC: pair.lowC, highC: pair.highC })
              }
            >
              take out
            </button>
          </li>
        ))}
      </ul>
      <NewPair placeId={placeId} />
      {offset && (
        <p>
          Nights {degrees(offset.min.offsetC)} {show.temperatureUnit} warmer (give or take{' '}
          {degrees(offset.min.giveOrTakeC)}), days {degrees(offset.max.offsetC)} (give or take{' '}
          {degrees(offset.max.giveOrTakeC)}).{' '}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => onLearned(offset.min.offsetC, offset.max.offsetC)}
          >
            Use these
          </button>
        </p>
      )}
    </div>
  );
}

function NewPair({ placeId }: { placeId: string }) {
  const show = useShow();
  const today = useGarden().data?.today ?? '';
  const put = usePutPair();
  const [draft, setDraft] = useState({ on: '', low: '', high: '' });
  const messages = new Map(
    put.error instanceof ApiProblem
      ? put.error.errors.map((error) => [String(error.path[0]), error.message])
      : [],
  );
  const celsius = (text: string) => show.celsiusFrom(numberOr(text, Number.NaN));
  const add = () =>
    put.mutate(
      { id: newId(), placeId, on: draft.on || today, lowC: celsius(draft.low), highC: celsius(draft.high) },
      { onSuccess: () => setDraft({ on: '', low: '', high: '' }) },
    );
  return (
    <div
      className="grid grid-cols-2 sm:grid-cols-3 gap-2 items-start"
      role="group"
      aria-label="A day read there"
    >
      <div className="col-span-2 sm:col-span-1">
        <DayField
          label="Day"
          error={messages.get('on')}
          isSmall
          max={today}
          value={draft.on || today}
          onChange={(day) => setDraft({ ...draft, on: day })}
        />
      </div>
      <Field label={`Low, ${show.temperatureUnit}`} error={messages.get('lowC')}>
        <input
          className="input input-sm w-full"
          value={draft.low}
          onChange={(event) => setDraft({ ...draft, low: event.target.value })}
        />
      </Field>
      <Field label={`High, ${show.temperatureUnit}`} error={messages.get('highC')}>
        <input
          className="input input-sm w-full"
          value={draft.high}
          onChange={(event) => setDraft({ ...draft, high: event.target.value })}
        />
      </Field>
      <button
        type="button"
        className="btn btn-sm col-span-2 sm:col-span-3 justify-self-start"
        disabled={put.isPending}
        onClick={add}
      >
        Add the day
      </button>
    </div>
  );
}
