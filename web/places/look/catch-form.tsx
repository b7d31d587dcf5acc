import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm, type UseFormReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { addDays, type CivilDate } from '#core/calendar';
import {
  CRAWLER_COLOURS,
  type Device,
  type Tape,
  tapeRecord,
  type Trap,
  TRAP_CATCHES,
  trapRecord,
} from '#core/records';
import { fieldWords } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { Field } from '../../parts/field.tsx';
import { FormProblem } from '../../parts/form-problem.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { useToday } from '../../show/use-show.ts';

export type CatchKind = Device['kind'];

export const KIND_WORDS = {
  tape: { name: 'Tape', count: 'Crawlers on it', off: 'Taken off', kept: 'crawlers', table: 'tapes' },
  trap: { name: 'Trap', count: 'Caught', off: 'Looked at', kept: 'caught', table: 'traps' },
} as const;

const CATCHES_WORDS: Readonly<Record<(typeof TRAP_CATCHES)[number], string>> = {
  moths: 'adults of a leaf miner: moths, midges, flies',
  males: 'males of a scale',
  wasps: 'wasps that lay in scale',
};

const COLOUR_WORDS: Readonly<Record<(typeof CRAWLER_COLOURS)[number], string>> = {
  yellow: 'yellow to orange',
  pink: 'pink, red or purplish',
  cream: 'cream or pale',
};

interface Row {
  readonly recordId: string;
  count: string;
  /** Of crawlers on a tape; empty where nobody looked. */
  colour: string;
  label: string;
  putOn: CivilDate;
  takenOff: CivilDate;
}

interface Typed {
  catches: (typeof TRAP_CATCHES)[number];
  rows: Row[];
}

type Reading =
  { readonly kind: 'tape'; readonly record: Tape } | { readonly kind: 'trap'; readonly record: Trap };

/** All tapes (or traps) of one look: each with its own days and a number. Those left without one are not kept. */
export function CatchForm({ kind, picture }: { kind: CatchKind; picture: WatchPicture }) {
  const { watch, plant } = picture;
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const words = KIND_WORDS[kind];
  const [problem, setProblem] = useState<string | null>(null);
  const form = useForm<Typed>({
    defaultValues: {
      catches: picture.traps.at(-1)?.catches ?? (watch.group === 'leaf-miner' ? 'moths' : 'males'),
      rows: rowsOf(kind, picture, today),
    },
  });
  const { fields, append, remove } = useFieldArray({
    control: form.control,
    name: 'rows',
    keyName: 'rowKey',
  });
  const labelOf = ({ record }: Reading) => `${words.name.toLowerCase()} ${record.label}, ${plant.name}`;
  const save = form.handleSubmit(async (typed) => {
    setProblem(null);
    const readings = readingsOf(kind, watch.id, typed, today, form);
    if (readings === null) return;
    const count = readings.reduce((sum, reading) => sum + caughtOf(reading), 0);
    let waiting = false;
    for (const [i, reading] of readings.entries()) {
      const entry = putEntry(words.table, reading.record, labelOf(reading));
      try {
        waiting = (await keepRecord(entry)) === 'waiting' || waiting;
      } catch (error) {
        // What was taken leaves the form, so that it is not entered twice.
        const taken = readings.slice(0, i).map(({ record }) => record.id);
        remove(typed.rows.flatMap(({ recordId }, at) => (taken.includes(recordId) ? [at] : [])));
        return setProblem(`${reading.record.label}: ${(error as Error).message}`);
      }
    }
    say(
      waiting
        ? `${count} ${words.kept}: kept on this device and waiting to be sent.`
        : `${count} ${words.kept} were kept.`,
      () =>
        readings.forEach(
          (reading) => void keepRecord(takeOutEntry(words.table, reading.record, labelOf(reading))),
        ),
    );
    await navigate(`/look/${watch.id}`);
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)} className="sheet p-5 flex flex-col gap-4">
      <FormProblem problem={problem} />
      {kind === 'trap' && (
        <Field label="It catches">
          <select className="select w-full" {...form.register('catches')}>
            {TRAP_CATCHES.map((what) => (
              <option key={what} value={what}>
                {CATCHES_WORDS[what]}
              </option>
            ))}
          </select>
        </Field>
      )}
      {fields.map((field, at) => (
        <CatchRow
          key={field.rowKey}
          kind={kind}
          at={at}
          form={form}
          alone={fields.length === 1}
          today={today}
        />
      ))}
      <p className="soft text-sm">
        Two weeks on one {kind} are told as half the catch a week, not as two {words.name.toLowerCase()}s.
        {fields.length > 1 && ` A ${kind} without a number is left as it hangs.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="submit" className="btn btn-primary flex-1" disabled={form.formState.isSubmitting}>
          Keep {fields.length > 1 ? 'them' : 'it'}
        </button>
        <button
          type="button"
          className="btn"
          onClick={() => append(rowFor(`${words.name} ${fields.length + 1}`, kind, picture, today))}
        >
          <Plus size={16} aria-hidden /> Another {kind}
        </button>
      </div>
    </form>
  );
}

function CatchRow({
  kind,
  at,
  form,
  alone,
  today,
}: {
  kind: CatchKind;
  at: number;
  form: UseFormReturn<Typed>;
  alone: boolean;
  today: CivilDate;
}) {
  const {
    register,
    watch,
    formState: { errors },
  } = form;
  const words = KIND_WORDS[kind];
  const wrong = errors.rows?.[at];
  const name = watch(`rows.${at}.label`);
  return (
    <fieldset className={alone ? '' : 'border-t border-base-300 pt-3'}>
      <legend className={alone ? 'sr-only' : 'font-semibold pr-2'}>{name}</legend>
      <div className="grid gap-3 grid-cols-2">
        <Field label={words.count} error={wrong?.count?.message}>
          <input className="input input-lg w-full" inputMode="numeric" {...register(`rows.${at}.count`)} />
        </Field>
        <Field label={`Which ${kind}`} error={wrong?.label?.message}>
          <input className="input input-lg w-full" {...register(`rows.${at}.label`)} />
        </Field>
        <Field label={kind === 'tape' ? 'Put on' : 'Set, or last emptied'} error={wrong?.putOn?.message}>
          <input type="date" className="input w-full" max={today} {...register(`rows.${at}.putOn`)} />
        </Field>
        <Field label={words.off} error={wrong?.takenOff?.message}>
          <input type="date" className="input w-full" max={today} {...register(`rows.${at}.takenOff`)} />
        </Field>
        {kind === 'tape' && (
          <Field label="Their colour, if you saw it">
            <select className="select w-full" {...register(`rows.${at}.colour`)}>
              <option value="">not looked at</option>
              {CRAWLER_COLOURS.map((colour) => (
                <option key={colour} value={colour}>
                  {COLOUR_WORDS[colour]}
                </option>
              ))}
            </select>
          </Field>
        )}
      </div>
    </fieldset>
  );
}

/** A row for everything that hangs; where nothing was said to hang, for what was read last, or for one. */
function rowsOf(kind: CatchKind, picture: WatchPicture, today: CivilDate): Row[] {
  const hanging = picture.hanging
    .filter((device) => device.kind === kind)
    .map(({ label }) => label)
    .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  const last = (kind === 'tape' ? picture.tapes : picture.traps).at(-1)?.label;
  const labels = hanging.length > 0 ? hanging : [last ?? `${KIND_WORDS[kind].name} 1`];
  return labels.map((label) => rowFor(label, kind, picture, today));
}

/** It has hung since it was last read, or since it was hung; a week, where neither is recorded. */
function rowFor(label: string, kind: CatchKind, picture: WatchPicture, today: CivilDate): Row {
  const read = (kind === 'tape' ? picture.tapes : picture.traps)
    .filter((reading) => reading.label === label)
    .map(({ takenOff }) => takenOff);
  const hung = picture.hanging.filter((device) => device.kind === kind && device.label === label);
  const since = [...read, ...hung.map(({ hungOn }) => hungOn)].sort().at(-1);
  return {
    recordId: newId(),
    count: '',
    colour: '',
    label,
    putOn: since && since < today ? since : addDays(today, -7),
    takenOff: today,
  };
}

const caughtOf = (reading: Reading): number =>
  reading.kind === 'tape' ? reading.record.crawlers : reading.record.caught;

/** What is to be kept; null when something is wrong, which is then told where it was typed. */
function readingsOf(
  kind: CatchKind,
  watchId: string,
  { rows, catches }: Typed,
  today: CivilDate,
  { setError }: UseFormReturn<Typed>,
): Reading[] | null {
  const counted = rows.filter(({ count }) => count.trim() !== '');
  let right = true;
  const wrong = (row: Row, field: 'count' | 'label' | 'putOn' | 'takenOff', message: string) => {
    right = false;
    setError(`rows.${rows.indexOf(row)}.${field}`, { message });
  };
  // Someone who enters no number at all meant to.
  const readings = (counted.length > 0 ? counted : rows.slice(0, 1)).flatMap((row): Reading[] => {
    const number = row.count.trim() === '' ? Number.NaN : Number(row.count);
    const base = { id: row.recordId, watchId, label: row.label, putOn: row.putOn, takenOff: row.takenOff };
    if (row.takenOff > today) wrong(row, 'takenOff', `lies ahead of today`);
    const read =
      kind === 'tape'
        ? tapeRecord.safeParse({ ...base, crawlers: number, colour: row.colour === '' ? null : row.colour })
        : trapRecord.safeParse({ ...base, catches, caught: number });
    if (read.success) return [{ kind, record: read.data } as Reading];
    for (const { path, message } of read.error.issues) {
      const field = String(path[0]);
      const shown = field === 'label' || field === 'putOn' || field === 'takenOff' ? field : 'count';
      wrong(row, shown, fieldWords(message));
    }
    return [];
  });
  return right ? readings : null;
}
