import { useRef, useState } from 'react';
import type { TakeIn } from '#server/archive/take-in';
import { type Preview, sendArchive, useDiscard, useOpenBackup, useTakeIn } from '../../api/archive.ts';
import { momentAddress } from '../../api/at-moment.ts';
import { ApiProblem } from '../../api/client.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { showFullDate, showMoment } from '../../show/dates.ts';
import { TABLE_WORDS } from './table-words.ts';

const size = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** The backups there are; where the records are damaged they are only brought in. */
export function BackupList({
  backups,
  onlyBringIn = false,
  onPreview,
}: {
  onlyBringIn?: boolean;
  backups: readonly { name: string; bytes: number; writtenAtMs: number }[];
  onPreview: (preview: Preview) => void;
}) {
  const open = useOpenBackup();
  const { say } = useNotices();
  return (
    <ul className="sheet divide-y divide-base-300">
      {backups.map(({ name, bytes, writtenAtMs }) => (
        <li key={name} className="p-4 flex flex-wrap justify-between gap-x-4">
          <span>
            <b className="font-semibold">{showMoment(writtenAtMs)}</b>
            <span className="soft block text-sm">
              {name}, {size(bytes)}
            </span>
          </span>
          <span className="flex items-start gap-4">
            {!onlyBringIn && (
              <a className="link-husk" href={`/api/backups/${name}`} download>
                download<span className="sr-only"> {name}</span>
              </a>
            )}
            <button
              type="button"
              className="link-husk"
              disabled={open.isPending}
              onClick={() =>
                open.mutate(name, { onSuccess: onPreview, onError: (error) => say(error.message) })
              }
            >
              {onlyBringIn ? 'restore…' : 'look into, restore…'}
              <span className="sr-only"> {name}</span>
            </button>
          </span>
        </li>
      ))}
      {backups.length === 0 && (
        <li className="p-4 soft">
          {onlyBringIn
            ? 'There is none in this folder. Choose one that was copied elsewhere.'
            : 'None yet. The first is made within half an hour of the first record.'}
        </li>
      )}
    </ul>
  );
}

/** Sends an archive, with progress and a way to stop. */
export function Upload({ onPreview }: { onPreview: (preview: Preview) => void }) {
  const stop = useRef<AbortController | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [problem, setProblem] = useState<string>();
  const send = async (file: File | undefined) => {
    if (!file) return;
    setProblem(undefined);
    setShare(0);
    stop.current = new AbortController();
    try {
      onPreview(await sendArchive(file, setShare, stop.current.signal));
    } catch (error) {
      if (!stop.current.signal.aborted)
        setProblem(error instanceof ApiProblem ? error.message : 'It could not be sent.');
    } finally {
      setShare(null);
    }
  };
  return (
    <div className="sheet p-5 flex flex-col gap-3">
      <Field
        label="Archive of a garden"
        hint="a .zip made by Juglans; what it holds is shown before anything changes"
        error={problem}
      >
        <input
          type="file"
          className="file-input w-full"
          accept=".zip,application/zip"
          disabled={share !== null}
          onChange={(event) => void send(event.target.files?.[0])}
        />
      </Field>
      {share !== null && (
        <div className="flex items-center gap-3">
          <progress className="progress progress-primary flex-1" value={share} max={1} aria-label="Sent" />
          <span>{share < 1 ? `${Math.round(share * 100)} %` : 'reading it…'}</span>
          <button type="button" className="link-husk" onClick={() => stop.current?.abort()}>
            stop
          </button>
        </div>
      )}
    </div>
  );
}

const WAYS: readonly { id: TakeIn; label: string; means: string }[] = [
  {
    id: 'add',
    label: 'add what is missing',
    means: 'What is here stays as it is; records that are only in the archive are added.',
  },
  {
    id: 'add-and-change',
    label: 'add, and change what differs',
    means: 'Records only in the archive are added; those that differ become as in the archive.',
  },
  {
    id: 'replace',
    label: 'put it in place of everything',
    means: 'Everything here is taken out, and the archive put in its place.',
  },
];

/** What an archive or an earlier moment holds beside what is here, the way into it, and how to take it in. */
export function TakeInForm({
  preview,
  onlyReplace = false,
  onDone,
}: {
  preview: Preview;
  onlyReplace?: boolean;
  onDone: () => void;
}) {
  const take = useTakeIn();
  const discard = useDiscard();
  const { say } = useNotices();
  const [how, setHow] = useState<TakeIn>(preview.hereEmpty ? 'replace' : 'add');
  const shown = preview.differences.filter(
    ({ fresh, differing, onlyHere }) => fresh + differing + onlyHere > 0,
  );
  const go = () =>
    take.mutate(
      { id: preview.id, how },
      {
        onSuccess: ({ before }) => {
          say(before ? `Done. What was here before is kept as ${before.name}.` : 'Done.');
          onDone();
        },
      },
    );
  return (
    <div className="sheet p-5 flex flex-col gap-4">
      <p>
        <b className="font-semibold">{preview.gardenName ?? 'A garden without a name'}</b>, as of{' '}
        {showFullDate(preview.day)}. It is whole and sound.
      </p>
      {!onlyReplace && (
        <p>
          <a className="link-husk" href={momentAddress(preview.id)} target="_blank" rel="noreferrer">
            Look into it
          </a>
          <span className="soft">, with every page, in a window of its own</span>
        </p>
      )}
      {shown.length === 0 ? (
        <p>It holds exactly what is here.</p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
          <table className="table table-sm">
            <caption className="sr-only">What the archive holds beside what is here</caption>
            <thead>
              <tr>
                <th>records</th>
                <th className="text-right">only in it</th>
                <th className="text-right">different</th>
                <th className="text-right">only here</th>
              </tr>
            </thead>
            <tbody>
              {shown.map(({ table, fresh, differing, onlyHere }) => (
                <tr key={table}>
                  <td>{TABLE_WORDS[table] ?? table}</td>
                  <td className="text-right">{fresh}</td>
                  <td className="text-right">{differing}</td>
                  <td className="text-right">{onlyHere}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {!onlyReplace && (
        <Choices
          legend="Take it in"
          value={how}
          options={WAYS.map(({ id, label }) => ({ id, label }))}
          onChange={setHow}
        />
      )}
      <p className="soft">
        {WAYS.find(({ id }) => id === how)!.means}
        {!preview.hereEmpty && ' A backup of what is here is made first.'}
      </p>
      {take.error && (
        <p role="alert" className="text-error font-semibold">
          {take.error.message}
        </p>
      )}
      <div className="flex gap-3">
        <button type="button" className="btn btn-primary" disabled={take.isPending} onClick={go}>
          {take.isPending ? 'Taking it in…' : 'Take it in'}
        </button>
        <button
          type="button"
          className="btn"
          disabled={take.isPending}
          onClick={() => discard.mutate(preview.id, { onSettled: onDone })}
        >
          Leave everything as it is
        </button>
      </div>
    </div>
  );
}
