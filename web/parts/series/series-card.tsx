import { useState } from 'react';
import type { CivilDate } from '#core/calendar';
import { endingWords, rhythmWords } from '#knowledge';
import type { SeriesAnswer, SettledStep } from '#engine';
import { showDate, showShortDate } from '../../show/dates.ts';
import { listed } from '../../show/sentence.ts';
import { OVER_WORDS, settledTitle, stepDays, WAITS_WORDS } from '../../show/series-words.ts';
import { useToday } from '../../show/use-show.ts';
import { SeriesEditor } from './series-editor.tsx';
import { StepActions } from './step-actions.tsx';
import { StepReason } from './step-reason.tsx';
import { useSeries } from './use-series.ts';

/** One series: what of it was done, what is next and when, what follows, and what ends it. */
export function SeriesCard({ answer }: { answer: SeriesAnswer }) {
  const { series, next, steps, over } = answer;
  const today = useToday();
  const { change, end } = useSeries();
  const [changing, setChanging] = useState(false);
  const done = steps.filter(({ state }) => state === 'done');
  const skipped = steps.filter(({ state }) => state === 'passed' || state === 'left-out');
  return (
    <article className="p-4 flex flex-col gap-2" aria-label={series.name}>
      <div className="flex flex-wrap justify-between gap-x-4 items-baseline">
        <h3 className="font-semibold">{series.name}</h3>
        {over && (
          <span className="soft text-sm">
            {OVER_WORDS[over.why]}, {showDate(over.on, today)}
          </span>
        )}
      </div>
      {done.length > 0 && (
        <p className="soft text-sm">
          Done {listed(done.map(({ doneOn }) => showShortDate(doneOn!)))}
          {skipped.length > 0 && `; ${skipped.length} left out`}.
        </p>
      )}
      {next && <NextStep answer={answer} next={next} today={today} />}
      {next && <Following steps={behind(steps, next)} today={today} />}
      {next && <EndLine answer={answer} next={next} today={today} />}
      {changing && (
        <SeriesEditor
          series={series}
          onCancel={() => setChanging(false)}
          onKeep={(changed) => {
            setChanging(false);
            void change(series, changed);
          }}
        />
      )}
      {series.endedOn === null && !changing && (
        <div className="flex flex-wrap gap-4 text-sm">
          <button type="button" className="link-husk" onClick={() => setChanging(true)}>
            Change it<span className="sr-only"> {series.name}</span>
          </button>
          <button type="button" className="link-husk" onClick={() => void end(series)}>
            End it<span className="sr-only"> {series.name}</span>
          </button>
        </div>
      )}
    </article>
  );
}

/** Turns that follow one. */
function behind(steps: readonly SettledStep[], { step, turn }: SettledStep): readonly SettledStep[] {
  return steps.slice(steps.findIndex((other) => other.step === step && other.turn === turn && other.due) + 1);
}

function NextStep({ answer, next, today }: { answer: SeriesAnswer; next: SettledStep; today: CivilDate }) {
  return (
    <div className="border-l-3 border-primary pl-3 flex flex-col gap-1">
      <p>
        <b className="font-semibold">Next: {settledTitle(next)}</b>
        {next.from && <>, {stepDays(next, today)}</>}
        {next.state === 'late' && next.to && (
          <span className="tag tag-no ml-2">was due {showDate(next.to, today)}</span>
        )}
      </p>
      {next.state === 'waits' && <p className="soft">Waits for {WAITS_WORDS[next.plan.trigger.kind]}.</p>}
      <StepReason answer={answer} step={next} />
      <StepActions answer={answer} step={next} />
    </div>
  );
}

/** The turns behind the next one, as far as they can be told. */
function Following({ steps, today }: { steps: readonly SettledStep[]; today: CivilDate }) {
  if (steps.length === 0) return null;
  return (
    <ul className="text-sm flex flex-col gap-0.5">
      {steps.map((step) => (
        <li key={`${step.step} ${step.turn}`}>
          <span className="soft">then</span> {settledTitle(step)}
          {step.from && `, ${stepDays(step, today)}`}
          {step.use?.kind === 'refused' && <span className="text-error"> (nothing may be used then)</span>}
        </li>
      ))}
    </ul>
  );
}

function EndLine({ answer, next, today }: { answer: SeriesAnswer; next: SettledStep; today: CivilDate }) {
  const rhythm = rhythmWords(next.plan, showDate);
  const after = answer.series.steps[next.step + 1];
  return (
    <p className="soft text-sm">
      {rhythm ? `${next.plan.says || 'This step'}: ${rhythm}.` : 'Once.'}
      {answer.end &&
        ` That is expected about ${showDate(answer.end.on, today)} (${endingWords(answer.end.by, showDate)}).`}
      {after ? '' : ' Then the series is over.'}
    </p>
  );
}
