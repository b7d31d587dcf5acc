import { API_AT } from '../../api/at-moment.ts';
import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client.ts';
import { useWrite } from '../../api/use-write.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { WhenNav } from './when-page.tsx';

const useCalendar = () => useQuery({ queryKey: ['calendar'], queryFn: () => answer(api.calendar.$get()) });
type Calendar = NonNullable<ReturnType<typeof useCalendar>['data']>;

/** Windows, checks and sprays for the calendar people look at anyway. */
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
  return (
    <>
      <PageHead
        title={`${ahead.length} ${ahead.length === 1 ? 'entry' : 'entries'} ahead`}
        lead="Windows, checks and sprays as whole days. When a date moves with the weather, the entry in your calendar moves with it instead of standing there twice."
      >
        <a className="btn btn-primary" href={`${API_AT}/calendar.ics`} download>
          Download the file
        </a>
      </PageHead>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_380px]">
        <section aria-label="Entries">
          {entries.length === 0 && (
            <EmptyState title="Nothing to put in a calendar yet.">
              Windows come with a named watch and a thermometer.
            </EmptyState>
          )}
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
        </section>
        <Subscribing address={address} />
      </div>
    </>
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
