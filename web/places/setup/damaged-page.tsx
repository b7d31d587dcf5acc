import { useState } from 'react';
import { type Preview, useBackups } from '../../api/archive.ts';
import { Answered, PageHead } from '../../parts/page.tsx';
import { BackupList, TakeInForm, Upload } from './bring-in.tsx';

/** All there is while the records are damaged: a backup is chosen and put in their place. */
export function DamagedPage() {
  const [preview, setPreview] = useState<Preview | null>(null);
  return (
    <>
      <PageHead
        title="The records are damaged"
        lead="Parts of the file they are kept in are not as they were written, as happens when a disk or a memory card fails. Nothing more is written to it. Choose the backup to go on from: it takes the file's place, and the damaged file is set aside beside it, not deleted."
      />
      <Answered question={useBackups()}>
        {({ backups, folder }) => (
          <div className="grid gap-6 lg:grid-cols-2">
            <section aria-label="Backups">
              <h2 className="mb-2">Backups in {folder}</h2>
              <BackupList backups={backups} onlyBringIn onPreview={setPreview} />
            </section>
            <section aria-label="Bring one in">
              <h2 className="mb-2">Bring one in</h2>
              {preview ? (
                <TakeInForm preview={preview} onlyReplace onDone={() => setPreview(null)} />
              ) : (
                <Upload onPreview={setPreview} />
              )}
            </section>
          </div>
        )}
      </Answered>
    </>
  );
}
