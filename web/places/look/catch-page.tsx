import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, useParams } from 'react-router';
import { addDays, type CivilDate } from '#core/calendar';
import { type Device, tapeRecord, TRAP_CATCHES, trapRecord } from '#core/records';
import { fieldWords, inSentence } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { useWatch } from '../../api/queries.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { FormProblem } from '../../parts/form-problem.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { CatchLists } from './catch-lists.tsx';

type Kind = Device['kind'];

const KIND_WORDS = {
  tape: { name: 'Tape', count: 'Crawlers on it', off: 'Taken off', kept: 'crawlers' },
  trap: { name: 'Trap', count: 'Caught', off: 'Looked at', kept: 'caught' },
} as const;

/** A tape comes off or a trap is emptied: which, from when to when, how many; and what hangs now. */
export function CatchPage() {
  const { watchId = '' } = useParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => (
        <CatchEntry
          key={`${watchId}${picture.tapes.length}.${picture.traps.length}.${picture.hanging.length}`}
          picture={picture}
        />
      )}
    </Answered>
  );
}

function CatchEntry({ picture }: { picture: WatchPicture }) {
  const { watch, plant, targetName } = picture;
  const [kind, setKind] = useState<Kind>(watch.group === 'leaf-miner' ? 'trap' : 'tape');
  return (
    <>
      <PageHead
        title={`${plant.name}, ${inSentence(targetName)}: a ${kind}`}
        lead={
          kind === 'tape'
            ? 'Double-sided clear tape round an infested twig, above a settled colony. Count every ' +
              'crawler that stuck; they are yellow, cream, orange, pink or purplish by species.'
            : 'A sticky trap that catches moths, male scale or wasps. It tells when they fly, not how ' +
              'many there are.'
        }
      />
      <div className="grid gap-6 grid-cols-[minmax(0,1fr)] md:grid-cols-[minmax(0,420px)_minmax(0,1fr)]">
        <div className="flex flex-col gap-5">
          <Choices
            legend="What"
            value={kind}
            options={[
              { id: 'tape', label: 'Tape, crawlers' },
              { id: 'trap', label: 'Trap' },
            ]}
            onChange={setKind}
          />
          <CatchForm key={kind} kind={kind} picture={picture} />
        </div>
        <div className="flex flex-col gap-5">
          <Hanging kind={kind} picture={picture} />
          <CatchLists picture={picture} />
        </div>
      </div>
    </>
  );
}

interface Typed {
  count: string;
  label: string;
  putOn: CivilDate;
  takenOff: CivilDate;
  catches: (typeof TRAP_CATCHES)[number];
}

function CatchForm({ kind, picture }: { kind: Kind; picture: WatchPicture }) {
  const { watch, plant } = picture;
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const words = KIND_WORDS[kind];
  const [id] = useState(newId);
  const [problem, setProblem] = useState<string | null>(null);
  const last = (kind === 'tape' ? picture.tapes : picture.traps).at(-1);
  const hung = picture.hanging.filter((device) => device.kind === kind).at(-1);
  const since =
    last && last.takenOff < today
      ? last.takenOff
      : hung && hung.hungOn < today
        ? hung.hungOn
        : addDays(today, -7);
  const {
    register,
    handleSubmit,
    setError,
    formState: { errors, isSubmitting },
  } = useForm<Typed>({
    defaultValues: {
      count: '',
      label: last?.label ?? hung?.label ?? `${words.name} 1`,
      putOn: since,
      takenOff: today,
      catches: 'moths',
    },
  });
  const save = handleSubmit(async ({ count, catches, ...typed }) => {
    const number = count.trim() === '' ? Number.NaN : Number(count);
    const base = { id, watchId: watch.id, ...typed };
    const read =
      kind === 'tape'
        ? tapeRecord.safeParse({ ...base, crawlers: number })
        : trapRecord.safeParse({ ...base, catches, caught: number });
    if (!read.success) {
      for (const issue of read.error.issues) {
        const field = String(issue.path[0]);
        setError(field === 'crawlers' || field === 'caught' ? 'count' : (field as keyof Typed), {
          message: fieldWords(issue.message),
        });
      }
      return;
    }
    const table = kind === 'tape' ? 'tapes' : 'traps';
    const label = `${words.name.toLowerCase()} ${typed.label}, ${plant.name}`;
    try {
      const sent = await keepRecord(putEntry(table, read.data, label));
      say(
        sent === 'sent'
          ? `${number} ${words.kept} were kept.`
          : `${number} ${words.kept}: kept on this device and waiting to be sent.`,
        () => void keepRecord(takeOutEntry(table, read.data, label)),
      );
      await navigate(`/look/${watch.id}`);
    } catch (error) {
      setProblem((error as Error).message);
    }
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)} className="sheet p-5 flex flex-col gap-4">
      <FormProblem problem={problem} />
      <Field label={words.count} error={errors.count?.message}>
        <input className="input input-lg w-full" inputMode="numeric" {...register('count')} />
      </Field>
      {kind === 'trap' && (
        <Field label="It catches">
          <select className="select w-full" {...register('catches')}>
            {TRAP_CATCHES.map((what) => (
              <option key={what} value={what}>
                {what}
              </option>
            ))}
          </select>
        </Field>
      )}
      <Field label={`Which ${kind}`} error={errors.label?.message}>
        <input className="input w-full" {...register('label')} />
      </Field>
      <Field label={kind === 'tape' ? 'Put on' : 'Set, or last emptied'} error={errors.putOn?.message}>
        <input type="date" className="input w-full" max={today} {...register('putOn')} />
      </Field>
      <Field
        label={words.off}
        hint="two weeks on one tape are told as half the catch a week, not as two tapes"
        error={errors.takenOff?.message}
      >
        <input type="date" className="input w-full" max={today} {...register('takenOff')} />
      </Field>
      <button type="submit" className="btn btn-primary" disabled={isSubmitting}>
        Keep it
      </button>
    </form>
  );
}

/** What hangs now, and the way to hang another or take one down. */
function Hanging({ kind, picture }: { kind: Kind; picture: WatchPicture }) {
  const today = useToday();
  const { say } = useNotices();
  const hanging = picture.hanging.filter((device) => device.kind === kind);
  const [label, setLabel] = useState(`${KIND_WORDS[kind].name} ${hanging.length + 1}`);
  const keep = async (device: Device, said: string, from?: Device) => {
    await keepRecord(putEntry('devices', device, `${device.label}, ${picture.plant.name}`, from)).then(
      () => say(said),
      (error: Error) => say(error.message),
    );
  };
  return (
    <section aria-label="Hanging now">
      <h2 className="mb-2">Hanging now</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        {hanging.length === 0 && (
          <p className="soft">No {kind} hangs here. Three or more tell more than one.</p>
        )}
        {hanging.map((device) => (
          <p key={device.id} className="flex justify-between gap-3">
            <span>
              <b className="font-semibold">{device.label}</b>, since {showDate(device.hungOn, today)}
            </span>
            <button
              type="button"
              className="link-husk"
              onClick={() =>
                void keep({ ...device, takenDownOn: today }, `${device.label} is taken down.`, device)
              }
            >
              take down<span className="sr-only"> {device.label}</span>
            </button>
          </p>
        ))}
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void keep(
              {
                id: newId(),
                watchId: picture.watch.id,
                kind,
                label: label.trim() || KIND_WORDS[kind].name,
                hungOn: today,
                takenDownOn: null,
              },
              `${label} hangs from today.`,
            );
          }}
        >
          <Field label={`Hang a ${kind} today, named`}>
            <input
              className="input w-44"
              maxLength={40}
              value={label}
              onChange={(event) => setLabel(event.target.value)}
            />
          </Field>
          <button type="submit" className="btn">
            Hang it
          </button>
        </form>
      </div>
    </section>
  );
}
