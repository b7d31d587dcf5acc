import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { HandworkKind } from '#core/records';
import { evergreenOf, HANDWORK, handworkFor, inSentence } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { useWatch } from '../../api/queries.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { markPage } from '../../parts/still-here.ts';
import { useToday } from '../../show/use-show.ts';
import { PhotoFirst } from './photos/photo-first.tsx';
import { DayField } from '../../parts/day-field.tsx';

/** Work by hand: how each way goes, and logging what was done like a spray. */
export function HandPage() {
  const { watchId = '' } = useParams();
  return <Answered question={useWatch(watchId)}>{(picture) => <HandForm picture={picture} />}</Answered>;
}

function HandForm({ picture }: { picture: WatchPicture }) {
  const { watch, plant, targetName } = picture;
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const kinds = handworkFor({ ...watch, evergreen: evergreenOf(plant) });
  const [id] = useState(newId);
  const [kind, setKind] = useState<HandworkKind>(kinds[0]!);
  const [on, setOn] = useState(today);
  const [minutes, setMinutes] = useState('');
  const [note, setNote] = useState('');
  const [error, setError] = useState<string>();
  const text = HANDWORK[kind];
  const log = async () => {
    const spent = minutes.trim() === '' ? null : Number(minutes);
    if (spent !== null && !(Number.isInteger(spent) && spent >= 0 && spent <= 2000))
      return setError('whole minutes, up to 2000');
    setError(undefined);
    const record = { id, watchId: watch.id, plantId: null, on, kind, minutes: spent, note };
    const label = `${text.done}, ${plant.name}`;
    const stillHere = markPage();
    try {
      await keepRecord(putEntry('handwork', record, label));
      say(`Logged: ${text.done}.`, () => void keepRecord(takeOutEntry('handwork', record, label)));
      if (stillHere()) await navigate(`/look/${watch.id}`);
    } catch (problem) {
      setError((problem as Error).message);
    }
  };
  return (
    <>
      <PageHead
        title={`Hand work on ${plant.name}`}
        lead={`Against ${inSentence(targetName)}. It removes most before anything is sprayed, and counts in what worked.`}
      />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_360px]">
        <form
          noValidate
          className="sheet p-4 flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void log();
          }}
        >
          <Choices
            legend="What"
            value={kind}
            onChange={setKind}
            options={kinds.map((option) => ({ id: option, label: HANDWORK[option].name }))}
          />
          <div className="grid gap-4 sm:grid-cols-2">
            <DayField label="On which day" value={on} max={today} onChange={setOn} />
            <Field label="Minutes, if you know" error={error}>
              <input
                className="input w-full"
                inputMode="numeric"
                value={minutes}
                onChange={(event) => setMinutes(event.target.value)}
              />
            </Field>
          </div>
          <Field label="Remark">
            <input
              className="input w-full"
              maxLength={2000}
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
          </Field>
          <button type="submit" className="btn btn-primary self-start">
            Log it
          </button>
        </form>
        <aside className="flex flex-col gap-4">
          <PhotoFirst watchId={watch.id} before="Washing or cutting" />
          <section aria-label="How" className="sheet p-4 flex flex-col gap-2">
            <h2>{text.name}</h2>
            <p>{text.how}</p>
            <p>
              <span className="soft">What it stands.</span> {text.stands}
            </p>
            <p>
              <span className="soft">What comes off.</span> {text.bin}
            </p>
            <p className="soft text-sm">From the ground only: no ladders. Rules of thumb, grade C.</p>
          </section>
        </aside>
      </div>
    </>
  );
}
