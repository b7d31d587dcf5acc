import { useState } from 'react';
import type { MonthDay } from '#core/calendar';
import type { SightingKind, WatchClock } from '#core/records';
import type { WatchPicture } from '#engine';
import { ApiProblem } from '../../api/client.ts';
import { newId } from '../../api/new-id.ts';
import { useGarden } from '../../api/queries.ts';
import { usePutClock, usePutSighting, useRemoveClock, useRemoveSighting } from '../../api/timing.ts';
import { DayOfYearField } from '../../parts/day-of-year-field.tsx';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { type Option, optionsOf, SelectOne } from '../../parts/select-one.tsx';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { showDate } from '../../show/dates.ts';
import { STAGE_WORDS } from '../../show/stage-words.ts';
import { DayField } from '../../parts/day-field.tsx';

type StartKind = WatchClock['startKind'] | 'published';

const STARTS: readonly Option<StartKind>[] = [
  { id: 'published', label: 'as the figures say' },
  { id: 'date', label: 'a day of the year' },
  { id: 'stage', label: 'a logged growth stage' },
  { id: 'first-males', label: 'the first males trapped' },
  { id: 'first-crawlers', label: 'the first crawlers on a tape' },
];

/** What the count begins with (the biofix), when it is not to be what the figures say. */
export function ClockStartForm({ picture }: { picture: WatchPicture }) {
  const { id } = picture.watch;
  const kept = picture.clock;
  const put = usePutClock();
  const remove = useRemoveClock();
  const { say } = useNotices();
  const [kind, setKind] = useState<StartKind>(kept?.startKind ?? 'published');
  const [value, setValue] = useState(kept?.startValue ?? '');
  const error = put.error instanceof ApiProblem ? put.error.errors[0]?.message : put.error?.message;
  const save = () => {
    if (kind === 'published')
      return kept
        ? remove.mutate(
            { id },
            {
              onSuccess: () =>
                say('The clock starts as the figures say.', () => put.mutate({ from: null, to: kept })),
            },
          )
        : undefined;
    const chosen = { id, startKind: kind, startValue: kind === 'date' || kind === 'stage' ? value : null };
    put.mutate(
      { from: kept, to: chosen },
      {
        onSuccess: () =>
          say('The clock starts as you chose.', () =>
            kept ? put.mutate({ from: chosen, to: kept }) : remove.mutate({ id }),
          ),
      },
    );
  };
  return (
    <form
      noValidate
      className="sheet p-4 flex flex-col gap-3"
      aria-label="Where the clock starts"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <h2>Start of the count</h2>
      <Field label="Counted from">
        <SelectOne
          className="select select-sm w-full"
          value={kind}
          options={STARTS}
          onChange={(chosen) => {
            setKind(chosen);
            setValue('');
          }}
        />
      </Field>
      {kind === 'date' && (
        <DayOfYearField
          label="Day of the year"
          none="choose a month"
          error={error && 'choose a month and a day'}
          value={value as MonthDay | ''}
          onChange={setValue}
        />
      )}
      {kind === 'stage' && (
        <Field label="Stage" error={error}>
          <select
            className="select select-sm w-full"
            value={value}
            onChange={(event) => setValue(event.target.value)}
          >
            <option value="">choose…</option>
            {Object.entries(STAGE_WORDS).map(([stage, words]) => (
              <option key={stage} value={stage}>
                {words}
              </option>
            ))}
          </select>
        </Field>
      )}
      <p className="soft text-sm">
        The field calls it the biofix. The sum is 0 on that day and counts only what comes after it; a
        published sum holds only from the start it was published with.
      </p>
      <button
        type="submit"
        className="btn btn-sm self-start"
        disabled={put.isPending || (kind === 'published' && !kept)}
      >
        Use this start
      </button>
    </form>
  );
}

const SIGHTING_WORDS: Readonly<Record<SightingKind, string>> = {
  'all-stages': 'all stages at once',
  'first-crawlers': 'the first crawlers',
  'first-males': 'the first males',
  'adults-flying': 'adults flying',
  'first-mines': 'the first mines of this flush',
};

/** What was seen that starts a clock, or overrides a single date. */
export function Seen({ picture }: { picture: WatchPicture }) {
  const put = usePutSighting();
  const remove = useRemoveSighting();
  const takeOut = useTakeOut(remove, 'Taken out.');
  const { say } = useNotices();
  const today = useGarden().data?.today ?? '';
  const [what, setWhat] = useState<SightingKind>(
    picture.watch.group === 'leaf-miner' ? 'first-mines' : 'all-stages',
  );
  const [on, setOn] = useState('');
  const error = put.error instanceof ApiProblem ? put.error.errors[0]?.message : put.error?.message;
  const add = () => {
    const sighting = { id: newId(), watchId: picture.watch.id, on: on || today, what };
    put.mutate(sighting, {
      onSuccess: () => {
        setOn('');
        say(`Seen: ${SIGHTING_WORDS[what]}.`, () => remove.mutate(sighting));
      },
    });
  };
  return (
    <form
      noValidate
      className="sheet p-4 flex flex-col gap-3"
      aria-label="What you see"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <h2>What you see</h2>
      <ul className="text-sm flex flex-col gap-1 empty:hidden">
        {picture.sightings.map((sighting) => (
          <li key={sighting.id} className="flex gap-2 justify-between">
            <span>
              {showDate(sighting.on)}: {SIGHTING_WORDS[sighting.what]}
            </span>
            <button type="button" className="link-husk" onClick={() => takeOut(sighting)}>
              take out
            </button>
          </li>
        ))}
      </ul>
      <Field label="I see">
        <SelectOne
          className="select select-sm w-full"
          value={what}
          options={optionsOf(SIGHTING_WORDS)}
          onChange={setWhat}
        />
      </Field>
      <DayField label="On" error={error} isSmall max={today} value={on || today} onChange={setOn} />
      <p className="soft text-sm">
        What is seen stands above any date: all stages at once means no single day is the moment.
      </p>
      <button type="submit" className="btn btn-sm self-start" disabled={put.isPending}>
        Note it
      </button>
    </form>
  );
}
