import { Link } from 'react-router';
import { API_AT } from '../../api/at-moment.ts';
import { PageHead } from '../../parts/page.tsx';
import { SeasonsNav } from './seasons-nav.tsx';

const TABLES = [
  { id: 'book', name: 'Record book', holds: 'every spray and all work by hand, with its weather' },
  { id: 'counts', name: 'Counts', holds: 'every count unit by unit, with its tag and tree' },
  { id: 'tapes', name: 'Tapes and traps', holds: 'what each caught between two days' },
  {
    id: 'infections',
    name: 'Infections',
    holds: 'wet times of this season, what they took and what was covered',
  },
  { id: 'programmes', name: 'Programmes', holds: 'every step, done and to come' },
  { id: 'dictionary', name: 'Data dictionary', holds: 'what each column of the others means, and its unit' },
] as const;

/** Tables for other programs: plain CSV, with a dictionary of their columns. */
export function ExportsPage() {
  return (
    <>
      <SeasonsNav />
      <PageHead
        title="Tables that others read"
        lead="Plain CSV: UTF-8, commas, a header, dates as YYYY-MM-DD, numbers with a point, °C, mm, ml and g whatever is shown here. A spreadsheet, R or Python opens them as they are."
      />
      <ul className="grid gap-3 md:grid-cols-2 max-w-4xl">
        {TABLES.map(({ id, name, holds }) => (
          <li key={id} className="sheet p-4 flex justify-between gap-4 items-start">
            <div>
              <h2>{name}</h2>
              <p className="soft">{holds}</p>
            </div>
            <a
              className="btn btn-sm min-h-11 shrink-0"
              href={`${API_AT}/exports/${id}`}
              download
              aria-label={`Export ${name}`}
            >
              Export CSV
            </a>
          </li>
        ))}
      </ul>
      <p className="soft mt-4">
        Everything at once, pictures too, in an open archive:{' '}
        <Link className="link-husk" to="/setup/backups">
          Backups and archives
        </Link>
        . One watch for an adviser or laboratory: "Hand it over" on its page.
      </p>
    </>
  );
}
