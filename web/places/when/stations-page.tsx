import { howMany } from '#knowledge';
import { API_AT } from '../../api/at-moment.ts';
import { useState } from 'react';
import { Link } from 'react-router';
import { fileStart } from '#core/formats';
import type { Place } from '#core/records';
import { newId } from '../../api/new-id.ts';
import { usePlaces } from '../../api/queries.ts';
import { usePutStation, useStations, useWeatherFiles } from '../../api/weather.ts';
import { Field } from '../../parts/field.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showFullDate } from '../../show/dates.ts';
import { WhenNav } from './when-nav.tsx';

const SHOWN_FILES = 6;

const KIND_WORDS = {
  thermometer: 'a thermometer, entered or imported',
  simulated: 'made up, with a made-up forecast',
  logger: 'a logger',
} as const;

type Stations = NonNullable<ReturnType<typeof useStations>['data']>;

/** The thermometers: what each has read, and the way in and out for readings. */
export function StationsPage() {
  const places = usePlaces();
  return (
    <>
      <WhenNav />
      <Answered question={useStations()}>
        {(stations) => (
          <Answered question={places}>
            {(places) => <StationList stations={stations} places={places} />}
          </Answered>
        )}
      </Answered>
    </>
  );
}

function StationList({ stations, places }: { stations: Stations; places: readonly Place[] }) {
  return (
    <>
      <PageHead
        title={stations.length === 1 ? 'One thermometer' : `${stations.length} thermometers`}
        lead="Every date rests on daily minimum and maximum temperatures. Each place reads one of these, as it is or with an offset."
      />
      <ul className="sheet divide-y divide-base-300 mb-6 empty:hidden">
        {stations.map((station) => (
          <li
            key={station.id}
            className="p-4 grid gap-3 items-center lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_minmax(0,2.6fr)]"
          >
            <span>
              <b className="font-semibold">{station.name}</b>
              <span className="soft block text-sm">{KIND_WORDS[station.kind]}</span>
            </span>
            <span className="text-sm">
              {station.from && station.to
                ? `${howMany(station.days, 'day')}, ${showFullDate(station.from)} to ${showFullDate(station.to)}`
                : station.readings > 0
                  ? ''
                  : 'no readings yet'}
              {station.readings > 0 &&
                `${station.days > 0 ? '; ' : ''}${howMany(station.readings, 'reading')} by hand`}
              <span className="soft block">
                read by{' '}
                {places
                  .filter((place) => place.stationId === station.id)
                  .map((place) => place.name)
                  .join(', ') || 'no place yet'}
              </span>
            </span>
            <span className="flex flex-wrap gap-2 lg:justify-end">
              {station.kind !== 'simulated' && (
                <Link className="btn btn-sm btn-primary" to={`/when/stations/${station.id}/reading`}>
                  Enter a reading
                </Link>
              )}
              {station.kind !== 'simulated' && (
                <Link className="btn btn-sm" to={`/when/stations/${station.id}/forecast`}>
                  Type a forecast
                </Link>
              )}
              <Link className="btn btn-sm" to={`/when/stations/${station.id}/import`}>
                Import a file
              </Link>
              <Link className="btn btn-sm" to={`/when/stations/${station.id}/check`}>
                Second look
              </Link>
              {station.days > 0 && (
                <>
                  <a className="btn btn-sm" href={`${API_AT}/stations/${station.id}/days.csv`} download>
                    Export CSV
                  </a>
                  <a className="btn btn-sm" href={`${API_AT}/stations/${station.id}/hours.csv`} download>
                    Export hours
                  </a>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      <div className="grid gap-5 lg:grid-cols-2 items-start">
        <NewStation />
        <WatchedFolder stations={stations} />
      </div>
      <p className="text-sm mt-4">
        <Link className="link-husk" to="/when/normals">
          The place's usual months
        </Link>
        , for dates where too few years were measured.
      </p>
      <p className="text-sm mt-2">
        <Link className="link-husk" to="/setup#places">
          Which place reads which thermometer
        </Link>
      </p>
    </>
  );
}

function NewStation() {
  const put = usePutStation();
  const [name, setName] = useState('');
  const [id, setId] = useState(newId);
  const add = () =>
    put.mutate(
      { id, name, kind: 'thermometer' },
      {
        onSuccess: () => {
          setName('');
          setId(newId());
        },
      },
    );
  return (
    <form
      noValidate
      className="sheet p-4 max-w-md flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <h2>Another thermometer</h2>
      <Field label="Name" error={put.error?.message}>
        <input className="input w-full" value={name} onChange={(event) => setName(event.target.value)} />
      </Field>
      <button type="submit" className="btn btn-sm self-start" disabled={name.trim() === ''}>
        Add it
      </button>
    </form>
  );
}

/** Where a station or logger can drop its files, and what came of those found there. */
function WatchedFolder({ stations }: { stations: Stations }) {
  const files = useWeatherFiles().data;
  if (!files?.folder) return null;
  return (
    <section aria-label="Watched folder" className="sheet p-4">
      <h2 className="mb-1">Files that come by themselves</h2>
      <p className="text-sm">
        A station or logger may drop its files into the folder <code>{files.folder.split('/').at(-1)}</code>.
        They are read within seconds if their names begin with the thermometer's, such as{' '}
        <code>{fileStart(stations[0]?.name ?? 'garden')}-may.csv</code>.
      </p>
      <details className="text-sm mt-1">
        <summary className="link-husk list-none inline-block">Where that is</summary>
        <code className="break-all">{files.folder}</code>
      </details>
      {files.reading && (
        <p className="text-sm mt-3" role="status">
          <b className="font-semibold">{files.reading.name}</b> is being read
          <progress
            className="progress progress-primary w-full"
            max={1}
            value={files.reading.share}
            aria-label={`Reading ${files.reading.name}`}
          />
        </p>
      )}
      <ul className="text-sm mt-3 flex flex-col gap-2 empty:hidden">
        {files.files.slice(0, SHOWN_FILES).map((file) => (
          <li key={file.name}>
            <b className="font-semibold">{file.name}</b>, {showFullDate(file.readOn)}:{' '}
            {file.outcome.kind === 'refused' ? (
              <span className="text-error">not read: {file.outcome.reason}</span>
            ) : (
              <>
                {howMany(file.outcome.added, 'day')} added
                {file.outcome.differing > 0 &&
                  `, ${file.outcome.differing} differ from those there and were left`}
                {file.outcome.problems > 0 && `, ${howMany(file.outcome.problems, 'row')} could not be used`}
                {file.outcome.doubts > 0 && (
                  <>
                    ,{' '}
                    <Link className="link-husk" to={`/when/stations/${file.outcome.stationId}/check`}>
                      {file.outcome.doubts} doubtful
                    </Link>
                  </>
                )}
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
