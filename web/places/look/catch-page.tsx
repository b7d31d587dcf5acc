import { useState } from 'react';
import { useParams } from 'react-router';
import type { Device } from '#core/records';
import { inSentence } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { useWatch } from '../../api/queries.ts';
import { keepRecord, putEntry } from '../../outbox/use-outbox.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { useToday } from '../../show/use-show.ts';
import { CatchForm, type CatchKind, KIND_WORDS } from './catch-form.tsx';
import { CatchLists, dueWordsOf } from './catch-lists.tsx';

/** Tapes come off or traps are emptied: which, from when to when, how many; and what hangs now. */
export function CatchPage() {
  const { watchId = '' } = useParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => <CatchEntry key={watchId} picture={picture} />}
    </Answered>
  );
}

function CatchEntry({ picture }: { picture: WatchPicture }) {
  const { watch, plant, targetName } = picture;
  const [kind, setKind] = useState<CatchKind>(watch.group === 'leaf-miner' ? 'trap' : 'tape');
  return (
    <>
      <PageHead
        title={`${plant.name}, ${inSentence(targetName)}: ${kind}s`}
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

/** What hangs now, and the way to hang another or take one down. */
function Hanging({ kind, picture }: { kind: CatchKind; picture: WatchPicture }) {
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
              <b className="font-semibold">{device.label}</b>, {dueWordsOf(device, picture, today)}
            </span>
            <button
              type="button"
              className="link-husk whitespace-nowrap"
              onClick={() =>
                void keep({ ...device, takenDownOn: today }, `${device.label} is taken down.`, device)
              }
            >
              take down<span className="sr-only"> {device.label}</span>
            </button>
          </p>
        ))}
        <form
          className="flex flex-wrap items-end gap-2"
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
