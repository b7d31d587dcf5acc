import { Link } from 'react-router';
import type { Method } from '#core/degree-days';
import type { ClockAnswer, ModelChoice } from '#engine';
import { Field } from '../../parts/field.tsx';
import { SelectOne } from '../../parts/select-one.tsx';
import { showDate } from '../../show/dates.ts';
import { showShare } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { cutoffsOf, METHODS } from './method-words.ts';
import { nextEvent } from './projection-words.ts';

export function DateSource({ clock }: { clock: ClockAnswer }) {
  const state = nextEvent(clock);
  const projection = state?.phase === 'open' ? state.closes : state?.opens;
  if (projection?.kind !== 'expected') return null;
  const { measured, forecast, pastYears } = projection.shares;
  const all: [number, string, string][] = [
    [measured, 'var(--bark-3)', 'thermometer'],
    [forecast, 'var(--color-info)', 'forecast'],
    [pastYears, 'var(--ink-soft)', clock.futures === 'past-years' ? 'past years' : 'usual months'],
  ];
  const parts = all.filter(([share]) => share >= 0.005);
  return (
    <div className="sheet p-4">
      <h2 className="mb-2">Where the date comes from</h2>
      <div className="flex gap-0.5 h-[18px]" aria-hidden="true">
        {parts.map(([share, colour, name]) => (
          <span key={name} className="rounded" style={{ width: `${100 * share}%`, background: colour }} />
        ))}
      </div>
      <p className="soft text-sm mt-2">
        {parts.map(([share, , name]) => `${showShare(share)} ${name}`).join(', ')}. The range is 8 in 10: each{' '}
        {clock.futures === 'past-years' ? 'past' : 'drawn'} year is one way it may go on, and the forecast is
        trusted less each day ahead.
      </p>
    </div>
  );
}

const STARTED_WORDS: Readonly<Record<NonNullable<ClockAnswer['started']>['by'], string>> = {
  calendar: '',
  seen: ', as seen',
  trap: ', by the trap',
  tape: ', by the tape',
  stage: ', as logged',
};
const FUTURE_WORDS: Readonly<Record<ClockAnswer['futures'], string>> = {
  'past-years': 'past years',
  'usual-months': '40 years drawn from the usual months',
  'told-climate': 'a guess: 40 years drawn from what you told of frost and heat (grade C)',
  none: 'none: no range can be told',
};

/** What the sum is made of, and the model behind it, to be tried otherwise. */
export function ClockParticulars({
  clock,
  choice,
  onChoice,
}: {
  clock: ClockAnswer;
  choice: ModelChoice;
  onChoice: (choice: ModelChoice) => void;
}) {
  const show = useShow();
  const { model, started, pastSeasons } = clock;
  const rows: [string, string][] = [
    ['Counted from', started ? `${showDate(started.on)}${STARTED_WORDS[started.by]}` : 'not started yet'],
    ['Lower threshold', show.temperature(model.lowerC)],
    ['Upper threshold', model.upperC === null ? 'none' : show.temperature(model.upperC)],
    ['Sum to last night', started ? show.heat(clock.measured.at(-1) ?? 0) : 'none yet'],
    [
      'Futures',
      pastSeasons.length > 0
        ? `${pastSeasons.length} past years (${pastSeasons[0]}–${pastSeasons.at(-1)})`
        : FUTURE_WORDS[clock.futures],
    ],
  ];
  const { method, cutoff } = model;
  const setMethod = (id: Method) =>
    onChoice({
      ...choice,
      method: id,
      ...(id === 'average' && cutoff !== 'none' ? { cutoff: 'horizontal' as const } : {}),
    });
  return (
    <div className="sheet p-4">
      <h2 className="mb-2">The clock</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 text-[0.93rem]">
        {rows.map(([term, value]) => (
          <div key={term} className="contents">
            <dt className="soft">{term}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <div className="grid gap-3 mt-3">
        <Field label="Method">
          <SelectOne
            className="select select-sm w-full"
            value={method}
            options={METHODS}
            onChange={setMethod}
          />
        </Field>
        {model.upperC !== null && (
          <Field label="Above the upper threshold">
            <SelectOne
              className="select select-sm w-full"
              value={cutoff}
              options={cutoffsOf(method)}
              onChange={(chosen) => onChoice({ ...choice, cutoff: chosen })}
            />
          </Field>
        )}
      </div>
      <p className="soft text-sm mt-2">
        Published sums rest on a sine; the average counts nothing on days whose mean stays below the
        threshold.{' '}
        <Link className="link-husk" to="/when/day">
          One day's sum, drawn
        </Link>
      </p>
    </div>
  );
}
