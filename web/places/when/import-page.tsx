import { useEffect, useRef, useState } from 'react';
import {
  type ColumnMapping,
  type HourlyGuess,
  type HourlyMapping,
  type MappingGuess,
  type ReadDays,
  type ReadGhcn,
} from '#core/formats';
import { Field } from '../../parts/field.tsx';
import { PageHead } from '../../parts/page.tsx';
import { progress, startWorker, type Working } from '../../workers/bridge.ts';
import type { Recognised, WeatherWorker } from '../../workers/weather-worker.ts';
import { ForStation } from './for-station.tsx';
import { ImportPreview } from './import-preview.tsx';
import { HourlyMappingForm, MappingForm } from './mapping-form.tsx';
import { fileWords, GHCN_QUALITY_FLAGS } from '#knowledge';

const LARGEST_FILE_BYTES = 25_000_000;

/** Weather from a file: choose it, say what the columns are, see what would happen, agree. */
export function ImportPage() {
  return <ForStation>{({ id, name }) => <Import stationId={id} name={name} />}</ForStation>;
}

function Import({ stationId, name }: { stationId: string; name: string }) {
  const worker = useRef<Working<WeatherWorker>>(null);
  const [recognised, setFound] = useState<{
    readonly is: Recognised;
    readonly by: Working<WeatherWorker>;
  } | null>(null);
  const [state, setState] = useState<{ readonly busy: boolean; readonly problem: string | null }>({
    busy: false,
    problem: null,
  });
  useEffect(() => () => worker.current?.end(), []);
  const take = async (file: File | undefined) => {
    worker.current?.end();
    setFound(null);
    setState({ busy: false, problem: null });
    if (!file) return;
    if (file.size > LARGEST_FILE_BYTES)
      return setState({
        busy: false,
        problem: `The file has ${Math.round(file.size / 1e6)} MB; forty years of hours are under 15. Is it the right one?`,
      });
    const mine = startWorker<WeatherWorker>(
      () => new Worker(new URL('../../workers/weather-worker.ts', import.meta.url), { type: 'module' }),
    );
    worker.current = mine;
    setState({ busy: true, problem: null });
    try {
      const recognised = await mine.remote.recognise(file);
      if (worker.current !== mine) return;
      setFound({ is: recognised, by: mine });
      setState({ busy: false, problem: null });
    } catch (error) {
      if (worker.current === mine)
        setState({
          busy: false,
          problem: `This file cannot be read: ${error instanceof Error && error.name === 'RangeError' ? fileWords(error.message) : 'it is not a table of text'}.`,
        });
    }
  };
  return (
    <>
      <PageHead
        title={`Readings for ${name}`}
        lead="A table with a line a day (date, minimum, maximum, and rain and wind if there are any), a logger's file with a line an hour, or a public GHCN-Daily file. Nothing is written until you agree."
      />
      <div className="sheet p-4 max-w-xl mb-5">
        <Field label="File" error={state.problem ?? undefined}>
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
            className="file-input w-full"
            onChange={(event) => void take(event.target.files?.[0])}
          />
        </Field>
        {state.busy && (
          <p role="status" className="soft mt-2">
            Reading…{' '}
            <button type="button" className="btn btn-sm" onClick={() => void take(undefined)}>
              Stop
            </button>
          </p>
        )}
      </div>
      {recognised && (
        <Found
          key={
            recognised.is.kind === 'ghcn' ? recognised.is.read.stationId : recognised.is.table.header.join()
          }
          stationId={stationId}
          found={recognised.is}
          worker={recognised.by}
        />
      )}
    </>
  );
}

function Found({
  stationId,
  found: recognised,
  worker,
}: {
  stationId: string;
  found: Recognised;
  worker: Working<WeatherWorker>;
}) {
  switch (recognised.kind) {
    case 'ghcn':
      return <Ghcn stationId={stationId} first={recognised.read} worker={worker} />;
    case 'daily':
      return <Daily stationId={stationId} found={recognised} worker={worker} />;
    case 'hourly':
      return <Hourly stationId={stationId} found={recognised} worker={worker} />;
  }
}

const OPEN_QUESTIONS = (
  <p className="soft mt-4" role="status">
    Answer what is still open above, and what would happen shows here.
  </p>
);

function Daily({
  stationId,
  found: recognised,
  worker,
}: {
  stationId: string;
  found: Extract<Recognised, { kind: 'daily' }>;
  worker: Working<WeatherWorker>;
}) {
  const [mapping, setMapping] = useState<MappingGuess>(recognised.guess);
  const whole = complete(mapping);
  const { read, share, failed } = useRead(
    whole && ((onShare) => worker.remote.daily(whole, progress(onShare))),
    JSON.stringify(whole),
  );
  return (
    <>
      <MappingForm
        table={recognised.table}
        guess={recognised.guess}
        mapping={mapping}
        onMapping={setMapping}
      />
      {!whole && OPEN_QUESTIONS}
      {whole && !read && <Reading share={share} failed={failed} />}
      {whole && read && (
        <ImportPreview stationId={stationId} read={read} rows={recognised.rows} unit="rows" />
      )}
    </>
  );
}

function Hourly({
  stationId,
  found: recognised,
  worker,
}: {
  stationId: string;
  found: Extract<Recognised, { kind: 'hourly' }>;
  worker: Working<WeatherWorker>;
}) {
  const [mapping, setMapping] = useState<HourlyGuess>(recognised.guess);
  const { temperatureUnit, dateOrder } = mapping;
  const whole: HourlyMapping | null =
    temperatureUnit && dateOrder ? { ...mapping, temperatureUnit, dateOrder } : null;
  const { read, share, failed } = useRead(
    whole && (() => worker.remote.hourly(whole)),
    JSON.stringify(whole),
  );
  return (
    <>
      <HourlyMappingForm
        table={recognised.table}
        guess={recognised.guess}
        mapping={mapping}
        onMapping={setMapping}
      />
      {!whole && OPEN_QUESTIONS}
      {whole && !read && <Reading share={share} failed={failed} />}
      {whole && read && (
        <ImportPreview stationId={stationId} read={read} rows={recognised.rows} unit="hours" />
      )}
    </>
  );
}

function Ghcn({
  stationId,
  first,
  worker,
}: {
  stationId: string;
  first: ReadGhcn;
  worker: Working<WeatherWorker>;
}) {
  const [read, setRead] = useState(first);
  const flags = Object.entries(read.flagged);
  return (
    <>
      <div className="sheet p-4 flex flex-col gap-3">
        <p>A public GHCN-Daily file: tenths of °C and mm, with the publisher's quality flags.</p>
        {read.stationIds.length > 1 && (
          <Field label={`Station, of ${read.stationIds.length} in the file`}>
            <select
              className="select w-full max-w-sm"
              value={read.stationId}
              onChange={(event) => void worker.remote.ghcn(event.target.value).then(setRead)}
            >
              {read.stationIds.map((id) => (
                <option key={id}>{id}</option>
              ))}
            </select>
          </Field>
        )}
        {flags.length > 0 && (
          <p>
            Left out because the publisher's checks failed:{' '}
            {flags
              .map(
                ([flag, count]) =>
                  `${count} ${count === 1 ? 'value' : 'values'} ${GHCN_QUALITY_FLAGS[flag] ?? `flagged ${flag}`}`,
              )
              .join('; ')}
            .
          </p>
        )}
      </div>
      <ImportPreview
        stationId={stationId}
        read={read}
        rows={read.days.length + read.problems.length}
        unit="days"
      />
    </>
  );
}

function Reading({ share, failed }: { share: number; failed: boolean }) {
  if (failed)
    return (
      <p role="alert" className="mt-4 text-error font-semibold">
        These columns cannot be read. Nothing was written; choose others, or the file again.
      </p>
    );
  return (
    <p role="status" className="mt-4">
      Reading…{' '}
      <progress
        className="progress progress-primary w-48 align-middle"
        value={share}
        max={1}
        aria-label="Rows read"
      />
    </p>
  );
}

/** Asks the worker anew whenever `key` changes, and says how far it is. */
function useRead(
  ask: ((onShare: (share: number) => void) => Promise<ReadDays>) | null,
  key: string,
): { read: ReadDays | null; share: number; failed: boolean } {
  const [answer, setAnswer] = useState<{ key: string; read: ReadDays | null } | null>(null);
  const [share, setShare] = useState(0);
  const asking = useRef(ask);
  useEffect(() => {
    asking.current = ask;
  });
  useEffect(() => {
    let current = true;
    void asking
      .current?.((told) => {
        if (current) setShare(told);
      })
      .then(
        (read) => read,
        () => null,
      )
      .then((read) => {
        if (current) setAnswer({ key, read });
      });
    return () => {
      current = false;
    };
  }, [key]);
  const ownAnswer = answer?.key === key ? answer : null;
  return { read: ownAnswer?.read ?? null, share, failed: ownAnswer !== null && ownAnswer.read === null };
}

function complete(mapping: MappingGuess): ColumnMapping | null {
  const { date, minTemperature, maxTemperature, temperatureUnit, dateOrder } = mapping;
  if (
    date === null ||
    minTemperature === null ||
    maxTemperature === null ||
    temperatureUnit === null ||
    dateOrder === null
  )
    return null;
  return { ...mapping, date, minTemperature, maxTemperature, temperatureUnit, dateOrder };
}
