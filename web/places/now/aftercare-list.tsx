import { howMany } from '#knowledge';
import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import type { Aftercare } from '#engine';
import { showDate } from '../../show/dates.ts';

/** What earlier sprays still ask for: not to be picked before a day, to be kept off until dry. */
export function AftercareList({ aftercare, today }: { aftercare: readonly Aftercare[]; today: CivilDate }) {
  if (aftercare.length === 0) return null;
  return (
    <section aria-label="After a spray" className="sheet p-4 mb-4">
      <ul className="flex flex-col gap-1">
        {aftercare.map((entry) => (
          <li key={`${entry.plantId} ${entry.sprayedOn} ${entry.productName}`}>
            <Link className="font-semibold hover:underline" to={`/garden/${entry.plantId}`}>
              {entry.plantName}
            </Link>
            : {aftercareWords(entry, today)}{' '}
            <span className="soft text-sm">
              {entry.productName}, {showDate(entry.sprayedOn, today)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** "do not pick before 3 June; children, pets and bare hands off it until it is dry and 4 hours are over." */
function aftercareWords({ pickFrom, offHours, offUntil }: Aftercare, today: CivilDate): string {
  const pick = pickFrom !== null && pickFrom > today ? `do not pick before ${showDate(pickFrom, today)}` : '';
  const hours = offHours === null ? '' : ` and ${howMany(offHours, 'hour is', 'hours are')} over`;
  const off =
    offUntil >= today
      ? `children, pets and bare hands off it until it is dry${hours}${offUntil > today ? `, ${showDate(offUntil, today)}` : ''}`
      : '';
  return `${[pick, off].filter(Boolean).join('; ')}.`;
}
