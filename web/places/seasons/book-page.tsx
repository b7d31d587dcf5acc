import { API_AT } from '../../api/at-moment.ts';
import { Link } from 'react-router';
import { HANDWORK, inSentence, howMany } from '#knowledge';
import type { BookEntry } from '#answers';
import { useBook } from '../../api/mixing.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showFullDate } from '../../show/dates.ts';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { COVERAGE_WORDS, STAGE_SEEN_WORDS } from '../look/spray-words.ts';
import { RATE_UNITS, SCOPE_WORDS } from '../mix/mix-words.ts';
import { SeasonsNav } from './seasons-nav.tsx';

/** The record book: every spray and all work by hand, with what such records usually hold. */
export function BookPage() {
  return (
    <>
      <SeasonsNav />
      <Answered question={useBook()}>
        {(entries) =>
          entries.length === 0 ? (
            <EmptyState title="Nothing was done yet.">
              <Link className="link-husk" to="/mix">
                Mix and log a spray
              </Link>
              , or log hand work on a watch.
            </EmptyState>
          ) : (
            <>
              <PageHead
                title={`${howMany(entries.length, 'entry', 'entries')} in the record book`}
                lead="What was done, on what, with what, how much, and the weather of the day. Keep it as long as your rules ask."
              >
                <a className="btn" href={`${API_AT}/exports/book`} download>
                  Export CSV
                </a>
              </PageHead>
              <Book entries={entries} />
            </>
          )
        }
      </Answered>
    </>
  );
}

function Book({ entries }: { entries: readonly BookEntry[] }) {
  return (
    <div className="sheet overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
      <table className="table">
        <caption className="sr-only">Record book, newest first</caption>
        <thead>
          <tr>
            <th>On</th>
            <th>Plant and trouble</th>
            <th>What</th>
            <th>How much</th>
            <th>Weather</th>
            <th>Then</th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <Row key={entry.id} entry={entry} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Row({
  entry: { on, watchId, plantId, plantName, targetName, spray, handwork },
}: {
  entry: BookEntry;
}) {
  const show = useShow();
  return (
    <tr className="align-top">
      <td className="whitespace-nowrap">{showFullDate(on)}</td>
      <td>
        <Link className="link-husk" to={watchId ? `/look/${watchId}` : `/garden/${plantId}`}>
          {plantName}
        </Link>
        <span className="soft block text-sm">{targetName ? inSentence(targetName) : 'the whole plant'}</span>
      </td>
      <td>
        {spray ? (
          <SprayParts spray={spray} />
        ) : (
          <>
            By hand: {HANDWORK[handwork!.kind].done}
            <span className="soft block text-sm">{handwork!.note}</span>
          </>
        )}
      </td>
      <td>
        {spray ? (
          <>
            {show.volume(spray.sprayMl)} of spray
            <span className="soft block text-sm">
              {SCOPE_WORDS[spray.scope]}, {spray.sprayerName}
            </span>
          </>
        ) : handwork!.minutes === null ? (
          ''
        ) : (
          `${handwork!.minutes} min`
        )}
      </td>
      <td>
        {spray?.weather ? (
          <>
            <span className="whitespace-nowrap">
              {show.temperature(spray.weather.minC)} to {show.temperature(spray.weather.maxC)}
            </span>
            <span className="soft block text-sm">
              {spray.weather.rainMm === null ? '' : `rain ${show.rain(spray.weather.rainMm)}, `}
              {spray.weather.origin}
            </span>
          </>
        ) : (
          ''
        )}
      </td>
      <td>
        {spray && (
          <>
            {spray.reentryHours !== null && (
              <span className="block whitespace-nowrap">off it {spray.reentryHours} h</span>
            )}
            {spray.harvestFrom && (
              <span className="block">picked from {showFullDate(spray.harvestFrom)}</span>
            )}
          </>
        )}
      </td>
    </tr>
  );
}

function SprayParts({
  spray: { parts, leafState, againstLabel, coverage, stageSeen },
}: {
  spray: NonNullable<BookEntry['spray']>;
}) {
  const seen = [
    leafState.replaceAll('-', ' '),
    stageSeen && STAGE_SEEN_WORDS[stageSeen],
    coverage && COVERAGE_WORDS[coverage],
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <>
      {parts.map(({ productName, materialName, strengthPercent, labelLine, rate, rateUnit }) => (
        <span key={productName} className="block">
          {productName}
          <span className="soft block text-sm">
            {materialName}
            {strengthPercent !== null && `, ${significant(strengthPercent, 1)} %`}; {labelLine};{' '}
            {significant(rate, 2)} {rateUnit && RATE_UNITS[rateUnit]}
          </span>
        </span>
      ))}
      <span className="soft block text-sm">
        {seen}
        {againstLabel && <b className="text-error"> against the label</b>}
      </span>
    </>
  );
}
