import { API_AT } from '../../api/at-moment.ts';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { CivilDate } from '#core/calendar';
import type { YearAnswer } from '#engine';
import { useYear } from '../../api/series.ts';
import { answer, api } from '../../api/client.ts';
import { useWrite } from '../../api/use-write.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { YEAR_KIND_WORDS, YEAR_KINDS, type YearKind, yearKindOf } from '../../show/year-words.ts';
import { YearChart } from './year-chart.tsx';
import { WhenNav } from './when-nav.tsx';

const useCalendar = () => useQuery({ queryKey: ['calendar'], queryFn: () => answer(api.calendar.$get()) });
type Calendar = NonNullable<ReturnType<typeof useCalendar>['data']>;

/** The year to look at, and its entries for the calendar people look at anyway. */
export function CalendarPage() {
  return (
    <>
      <WhenNav />
      <Answered question={useCalendar()}>{(calendar) => <CalendarView calendar={calendar} />}</Answered>
    </>
  );
}

function CalendarView({ calendar: { address, entries } }: { calendar: Calendar }) {
  const today = useToday();
  const ahead = entries.filter(({ to }) => to >= today);
  const behind = entries.filter(({ to }) => to < today);
  return (
    <>
      <PageHead
        title="The year"
        lead={`${ahead.length} ${ahead.length === 1 ? 'entry' : 'entries'} ahead. Windows with their spread, what is planned and due, what was done. When a date moves with the weather or the log, the entry in your own calendar moves with it.`}
      >
        <button type="button" className="btn no-print" onClick={() => window.print()}>
          Print
        </button>
        <a className="btn btn-primary no-print" href={`${API_AT}/calendar.ics`} download>
          Download the file
        </a>
      </PageHead>
      <Answered question={useYear()}>{(year) => <Year year={year} />}</Answered>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_380px] mt-6">
        <section aria-label="Entries">
          <h2 className="mb-2">Ahead</h2>
          {entries.length === 0 && (
            <EmptyState title="Nothing to put in a calendar yet.">
              Windows come with a named watch and a thermometer; series and dates as you plan them.
            </EmptyState>
          )}
          <EntryList entries={ahead} today={today} />
          {behind.length > 0 && (
            <details className="mt-3">
              <summary className="link-husk list-none">What lies behind ({behind.length})</summary>
              <EntryList entries={behind.toReversed()} today={today} />
            </details>
          )}
        </section>
        <Subscribing address={address} />
      </div>
    </>
  );
}

function EntryList({ entries, today }: { entries: Calendar['entries']; today: CivilDate }) {
  return (
    <ul className="sheet divide-y divide-base-300 empty:hidden">
      {entries.map((entry) => (
        <li
          key={entry.id}
          className={`px-4 py-3 grid gap-x-4 sm:grid-cols-[170px_minmax(0,1fr)] ${entry.to < today ? 'soft' : ''}`}
        >
          <span className="whitespace-nowrap">
            {showDate(entry.from, today)}
            {entry.to !== entry.from && ` to ${showDate(entry.to, today)}`}
          </span>
          <span>
            <b className="font-semibold">{entry.title}</b>
            {entry.text && <span className="soft block text-sm">{entry.text}</span>}
          </span>
        </li>
      ))}
    </ul>
  );
}

const EVERY_PLANT = 'all';

/** The year to look at, narrowed to a plant or to kinds of things. */
function Year({ year }: { year: YearAnswer }) {
  const [plantId, setPlantId] = useState(EVERY_PLANT);
  const [kinds, setKinds] = useState<readonly YearKind[]>(YEAR_KINDS);
  const plants = [
    ...new Map(year.rows.flatMap((row) => (row.plantId ? [[row.plantId, row.plantName] as const] : []))),
  ];
  const rows = year.rows
    .filter((row) => plantId === EVERY_PLANT || row.plantId === plantId)
    .map((row) => ({ ...row, bars: row.bars.filter((bar) => kinds.includes(yearKindOf(bar))) }))
    .filter(({ bars }) => bars.length > 0);
  return (
    <section aria-label="The year" className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-x-5 gap-y-1 items-center no-print">
        <label className="flex items-center gap-2 text-sm">
          <span className="soft">Plant</span>
          <select
            className="select select-sm"
            value={plantId}
            onChange={(event) => setPlantId(event.target.value)}
          >
            <option value={EVERY_PLANT}>all of them</option>
            {plants.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {YEAR_KINDS.map((kind) => (
          <label key={kind} className="flex items-center gap-2 min-h-11 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={kinds.includes(kind)}
              onChange={(event) =>
                setKinds(event.target.checked ? [...kinds, kind] : kinds.filter((other) => other !== kind))
              }
            />{' '}
            {YEAR_KIND_WORDS[kind]}
          </label>
        ))}
      </div>
      {rows.length === 0 ? (
        <EmptyState title="Nothing stands in this year yet.">
          Windows, series, sprays, harvest and bloom show here as they are known.
        </EmptyState>
      ) : (
        <YearChart year={year} rows={rows} />
      )}
      <p className="soft text-sm">
        Dotted lines: as early and as late as it may be, four times in five. Dashed outline: the usual months
        only. Round and dark: done.{' '}
        {year.goodDays.length > 0 && 'Small dots under the months: days with good hours for oil.'}
      </p>
    </section>
  );
}

function Subscribing({ address }: { address: string | null }) {
  const { say } = useNotices();
  const make = useWrite(() => answer(api.calendar.$post()));
  const close = useWrite(() => answer(api.calendar.$delete()));
  const whole = address && `${window.location.origin}${address}`;
  return (
    <section aria-label="Subscribe" className="sheet p-4 flex flex-col gap-3 self-start">
      <h2>Keep a calendar up to date</h2>
      <p>
        A calendar program on this network can subscribe to an address. Whoever knows the address can read
        these entries, and nothing else.
      </p>
      {whole ? (
        <>
          <code className="break-all bg-base-200 rounded p-2 text-sm">{whole}</code>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-sm"
              onClick={() =>
                make.mutate(undefined, {
                  onSuccess: () => say('There is a new address; the old one no longer answers.'),
                })
              }
            >
              Make a new one
            </button>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => close.mutate(undefined, { onSuccess: () => say('The address is closed.') })}
            >
              Close it
            </button>
          </div>
        </>
      ) : (
        <button type="button" className="btn btn-sm self-start" onClick={() => make.mutate(undefined)}>
          Make an address
        </button>
      )}
    </section>
  );
}
