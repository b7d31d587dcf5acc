import { useState } from 'react';
import { type Preview, useBackups, useMakeBackup, useOpenDay } from '../../api/archive.ts';
import { ApiProblem } from '../../api/client.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showMoment } from '../../show/dates.ts';
import { BackupList, TakeInForm, Upload } from './bring-in.tsx';
import { SetupNav } from './setup-nav.tsx';
import { DayField } from '../../parts/day-field.tsx';

/** Backups, the whole garden as one file, and bringing one back. */
export function BackupsPage() {
  const [preview, setPreview] = useState<Preview | null>(null);
  return (
    <>
      <SetupNav />
      <Answered question={useBackups()}>
        {({ backups, folder, trouble, historySince }) => (
          <>
            <PageHead
              title={
                backups.length === 0
                  ? 'No backup yet'
                  : `The last backup is of ${showMoment(backups[0]!.writtenAtMs)}`
              }
              lead={`One a day is made by itself and read back whole before it counts, into ${folder}. Copy that folder to another disk now and then.`}
            >
              <MakeBackup />
              <a className="btn" href="/api/export.zip" download>
                Take the garden away as a file
              </a>
            </PageHead>
            {trouble && (
              <p role="alert" className="text-error font-semibold mb-4">
                The last backup could not be made: {trouble}.
              </p>
            )}
            <div className="grid gap-6 lg:grid-cols-2">
              <section aria-label="Backups">
                <h2 className="mb-2">Backups</h2>
                <BackupList backups={backups} onPreview={setPreview} />
              </section>
              <section aria-label="Bring one in">
                <h2 className="mb-2">Bring one in</h2>
                {preview ? (
                  <TakeInForm preview={preview} onDone={() => setPreview(null)} />
                ) : (
                  <div className="flex flex-col gap-6">
                    <AsItStood historySince={historySince} onPreview={setPreview} />
                    <Upload onPreview={setPreview} />
                  </div>
                )}
              </section>
            </div>
          </>
        )}
      </Answered>
    </>
  );
}

function MakeBackup() {
  const make = useMakeBackup();
  const { say } = useNotices();
  return (
    <button
      type="button"
      className="btn btn-primary"
      disabled={make.isPending}
      onClick={() =>
        make.mutate(undefined, {
          onSuccess: ({ name }) => say(`${name} is made and was read back whole.`),
          onError: (error) => say(error.message),
        })
      }
    >
      {make.isPending ? 'Making it, and reading it back…' : 'Make a backup now'}
    </button>
  );
}

/** The garden as it stood at the end of a day. */
function AsItStood({
  historySince,
  onPreview,
}: {
  historySince: string;
  onPreview: (preview: Preview) => void;
}) {
  // The history is kept by the real clock, also of a garden that is made up.
  const today = new Intl.DateTimeFormat('en-CA').format(new Date());
  const [on, setOn] = useState(today);
  const open = useOpenDay();
  const error = open.error instanceof ApiProblem ? (open.error.errors[0] ?? open.error) : open.error;
  return (
    <form
      noValidate
      className="sheet p-5 flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        open.mutate(on, { onSuccess: onPreview });
      }}
    >
      <DayField
        label="The garden as it stood at the end of"
        hint={`by its history since ${showMoment(Date.parse(historySince))}; before that by the last backup made until then`}
        error={error?.message}
        max={today}
        value={on}
        onChange={setOn}
      />
      <button type="submit" className="btn self-start" disabled={open.isPending || on === ''}>
        {open.isPending ? 'Going back to it…' : 'Go back to it'}
      </button>
    </form>
  );
}
