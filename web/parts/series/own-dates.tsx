import { useState } from 'react';
import { type CivilDate, isCivilDate } from '#core/calendar';
import { blankSeries, blankStep, type Series, type StepPlan } from '#core/records';
import { useToday } from '../../show/use-show.ts';
import { Choices, Field } from '../field.tsx';
import { useSeries } from './use-series.ts';
import { DayField } from '../day-field.tsx';

type What = 'look' | 'spray' | 'feed' | 'bring-in' | 'errand';
const WHAT: readonly { id: What; label: string }[] = [
  { id: 'look', label: 'look' },
  { id: 'spray', label: 'spray' },
  { id: 'feed', label: 'feed' },
  { id: 'bring-in', label: 'bring in' },
  { id: 'errand', label: 'something else' },
];
type When = 'on' | 'again' | 'yearly' | 'frost';
const WHEN: readonly { id: When; label: string }[] = [
  { id: 'on', label: 'on a day' },
  { id: 'again', label: 'in so many days, then again' },
  { id: 'yearly', label: 'each year' },
  { id: 'frost', label: 'before the first frost' },
];
/** Days an own date is good for before it is late. */
const GOOD_FOR_DAYS = 3;

interface OwnDatesProps {
  readonly watchId: string | null;
  readonly plantId: string | null;
}

/** The gardener's own dates, for a watch, a plant or the whole garden: once, in steps, or each year. */
export function OwnDates({ watchId, plantId }: OwnDatesProps) {
  const today = useToday();
  const { begin } = useSeries();
  const [open, setOpen] = useState(false);
  const [what, setWhat] = useState<What>((plantId ?? watchId) ? 'look' : 'errand');
  const [says, setSays] = useState('');
  const [when, setWhen] = useState<When>('on');
  const [on, setOn] = useState(today);
  const [every, setEvery] = useState('');
  const [waits, setWaits] = useState('7, 14');
  const [error, setError] = useState<{
    readonly at: 'says' | 'on' | 'every' | 'waits';
    readonly says: string;
  }>();
  const wrong = (at: NonNullable<typeof error>['at']) => (error?.at === at ? error.says : undefined);
  const plan = () => {
    if (what === 'errand' && says.trim() === '')
      return setError({ at: 'says', says: 'say what is to be done' });
    const made = stepsOf({ what, says: says.trim(), when, on, every, waits });
    if ('at' in made) return setError(made);
    setError(undefined);
    const name = says.trim() || WHAT.find(({ id }) => id === what)!.label;
    const series: Series = blankSeries({
      id: '',
      watchId,
      plantId: watchId ? null : plantId,
      name: name.slice(0, 1).toUpperCase() + name.slice(1),
      startedOn: today,
      steps: made.steps,
    });
    void begin(series).then((isKept) => isKept && setOpen(false));
  };
  if (!open)
    return (
      <button type="button" className="btn btn-sm self-start" onClick={() => setOpen(true)}>
        A date of my own
      </button>
    );
  const choices = plantId === null && watchId === null ? WHAT.filter(({ id }) => id === 'errand') : WHAT;
  return (
    <form
      noValidate
      aria-label="A date of my own"
      className="sheet p-4 flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        plan();
      }}
    >
      {choices.length > 1 && <Choices legend="What" value={what} onChange={setWhat} options={choices} />}
      <Field
        label={what === 'errand' ? 'What is to be done' : 'In your words, if you like'}
        error={wrong('says')}
      >
        <input
          className="input w-full"
          maxLength={80}
          value={says}
          onChange={(event) => setSays(event.target.value)}
        />
      </Field>
      <Choices legend="When" value={when} onChange={setWhen} options={WHEN} />
      {(when === 'on' || when === 'yearly') && (
        <DayField
          label={when === 'yearly' ? 'First on' : 'On'}
          error={wrong('on')}
          value={on}
          onChange={setOn}
        />
      )}
      {when === 'on' && (
        <Field label="And again every so many days" hint="Leave it empty for once." error={wrong('every')}>
          <input
            className="input w-full"
            inputMode="numeric"
            value={every}
            onChange={(event) => setEvery(event.target.value)}
          />
        </Field>
      )}
      {when === 'again' && (
        <Field
          label="Days between, one after the other"
          hint="7, 14: in 7 days, then 14 days after that."
          error={wrong('waits')}
        >
          <input className="input w-full" value={waits} onChange={(event) => setWaits(event.target.value)} />
        </Field>
      )}
      {when === 'frost' && (
        <p className="soft text-sm">Two weeks before frost might come here, by past years or the forecast.</p>
      )}
      <div className="flex gap-2">
        <button type="submit" className="btn btn-sm btn-primary">
          Plan it
        </button>
        <button type="button" className="btn btn-sm" onClick={() => setOpen(false)}>
          Leave it
        </button>
      </div>
    </form>
  );
}

interface Said {
  readonly what: What;
  readonly says: string;
  readonly when: When;
  readonly on: CivilDate;
  readonly every: string;
  readonly waits: string;
}

/** The steps that were said, or what is wrong with them. */
function stepsOf({
  what,
  says,
  when,
  on,
  every,
  waits,
}: Said): { readonly steps: StepPlan[] } | { readonly at: 'on' | 'every' | 'waits'; readonly says: string } {
  const step = (trigger: StepPlan['trigger'], more: Partial<StepPlan> = {}) =>
    blankStep({ action: what, says, trigger, ...more });
  if ((when === 'on' || when === 'yearly') && !isCivilDate(on)) return { at: 'on', says: 'a day' };
  switch (when) {
    case 'frost':
      return { steps: [step({ kind: 'frost' })] };
    case 'yearly':
      return { steps: [step({ kind: 'yearly', on: on.slice(5), forDays: 14 }, { times: null })] };
    case 'on': {
      if (every.trim() === '') return { steps: [step({ kind: 'date', on, forDays: GOOD_FOR_DAYS })] };
      const days = Number(every);
      if (!Number.isInteger(days) || days < 1 || days > 1000)
        return { at: 'every', says: 'whole days, 1 to 1000' };
      const again = {
        leastDays: days,
        mostDays: days + Math.min(GOOD_FOR_DAYS, days - 1),
        afterRainMm: null,
      };
      return { steps: [step({ kind: 'date', on, forDays: GOOD_FOR_DAYS }, { every: again, times: null })] };
    }
    case 'again': {
      const days = waits
        .split(/[\s,;]+/)
        .filter(Boolean)
        .map(Number);
      if (
        days.length === 0 ||
        days.length > 12 ||
        days.some((n) => !Number.isInteger(n) || n < 1 || n > 1000)
      )
        return { at: 'waits', says: 'one to twelve whole numbers, each 1 to 1000' };
      return {
        steps: days.map((n) =>
          step({ kind: 'after', leastDays: n, mostDays: n + Math.min(GOOD_FOR_DAYS, n - 1) }),
        ),
      };
    }
  }
}
