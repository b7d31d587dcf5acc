import { useState } from 'react';
import type { Series, StepPlan } from '#core/records';
import { stepTitle } from '#knowledge';
import { Field } from '../field.tsx';

interface SeriesEditorProps {
  readonly series: Series;
  readonly onKeep: (changed: Series) => void;
  readonly onCancel: () => void;
  readonly keepWord?: string;
}

/** What can be set of a step: how long between, how often at most; empty where it has no such thing. */
interface Typed {
  readonly least: string;
  readonly most: string;
  readonly times: string;
}

const waitOf = ({ every, trigger }: StepPlan) => every ?? (trigger.kind === 'after' ? trigger : null);

const typedOf = (plan: StepPlan): Typed => {
  const wait = waitOf(plan);
  return {
    least: wait ? String(wait.leastDays) : '',
    most: wait ? String(wait.mostDays) : '',
    times: plan.times === null ? '' : String(plan.times),
  };
};

const isWhole = (text: string, least: number, most: number) =>
  /^\d+$/.test(text.trim()) && Number(text) >= least && Number(text) <= most;

/** Changes the days, the number of turns and the name of a series; steps may be dropped. */
export function SeriesEditor({ series, onKeep, onCancel, keepWord = 'Keep the change' }: SeriesEditorProps) {
  const [name, setName] = useState(series.name);
  const [steps, setSteps] = useState(series.steps.map((plan) => ({ plan, typed: typedOf(plan) })));
  const [asked, setAsked] = useState(false);
  const problems = steps.map(({ plan, typed }) => problemOf(plan, typed));
  const keep = () => {
    setAsked(true);
    if (name.trim() === '' || problems.some(Boolean)) return;
    onKeep({ ...series, name: name.trim(), steps: steps.map(({ plan, typed }) => changed(plan, typed)) });
  };
  const type = (at: number, more: Partial<Typed>) =>
    setSteps(steps.map((step, i) => (i === at ? { ...step, typed: { ...step.typed, ...more } } : step)));
  return (
    <form
      noValidate
      aria-label="Change the series"
      className="flex flex-col gap-3 rounded-lg bg-base-200 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Field label="Name" error={asked && name.trim() === '' ? 'cannot be empty' : undefined}>
        <input
          className="input w-full"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </Field>
      {steps.map(({ plan, typed }, i) => (
        <fieldset key={i} className="grid gap-3 grid-cols-3 items-end">
          <legend className="font-semibold text-[0.93rem] mb-1">
            {i + 1}. {stepTitle(plan, plan.materials[0] ?? null)}
          </legend>
          {waitOf(plan) && (
            <>
              <Field label="Days, least" error={asked ? problems[i] : undefined}>
                <input
                  className="input w-full"
                  inputMode="numeric"
                  value={typed.least}
                  onChange={(event) => type(i, { least: event.target.value })}
                />
              </Field>
              <Field label="Days, most">
                <input
                  className="input w-full"
                  inputMode="numeric"
                  value={typed.most}
                  onChange={(event) => type(i, { most: event.target.value })}
                />
              </Field>
            </>
          )}
          {plan.every && (
            <Field label="Times, or empty">
              <input
                className="input w-full"
                inputMode="numeric"
                value={typed.times}
                onChange={(event) => type(i, { times: event.target.value })}
              />
            </Field>
          )}
          {steps.length > 1 && (
            <button
              type="button"
              className="link-husk justify-self-start col-span-3 text-sm"
              onClick={() => setSteps(steps.filter((_, at) => at !== i))}
            >
              Drop this step
            </button>
          )}
        </fieldset>
      ))}
      <div className="flex gap-2">
        <button type="submit" className="btn btn-sm btn-primary">
          {keepWord}
        </button>
        <button type="button" className="btn btn-sm" onClick={onCancel}>
          Leave it
        </button>
      </div>
    </form>
  );
}

function problemOf(plan: StepPlan, { least, most, times }: Typed): string | undefined {
  if (waitOf(plan)) {
    const fewest = plan.every ? 1 : 0;
    if (!isWhole(least, fewest, 1000) || !isWhole(most, fewest, 1000)) return `whole days, ${fewest} to 1000`;
    if (Number(least) > Number(most)) return 'the most is below the least';
  }
  return plan.every && times.trim() !== '' && !isWhole(times, 1, 60) ? 'times: 1 to 60, or empty' : undefined;
}

function changed(plan: StepPlan, { least, most, times }: Typed): StepPlan {
  const days = { leastDays: Number(least), mostDays: Number(most) };
  if (plan.every)
    return { ...plan, every: { ...plan.every, ...days }, times: times.trim() === '' ? null : Number(times) };
  return plan.trigger.kind === 'after' ? { ...plan, trigger: { ...plan.trigger, ...days } } : plan;
}
