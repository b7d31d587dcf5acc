import { groupBy } from 'es-toolkit';
import { Link } from 'react-router';
import { useNow } from '../../api/queries.ts';
import { listed } from '../../show/sentence.ts';
import { useToday } from '../../show/use-show.ts';
import { plannedDays } from '../now/planned-row.tsx';

/** Plants sprayed in winter with nothing wrong on them, and when the next spray of each is. */
export function WinterGuards() {
  const today = useToday();
  const guarded = useNow().data?.planned.filter(({ what }) => what.kind === 'winter') ?? [];
  if (guarded.length === 0) return null;
  const byDays = Object.entries(groupBy(guarded, (item) => plannedDays(item, today)));
  return (
    <section aria-label="Winter sprays" className="sheet p-4 flex flex-col gap-1">
      <h2>Winter sprays</h2>
      {byDays.map(([days, items]) => (
        <p key={days}>
          <b className="font-semibold">{listed(items.map(({ plantName }) => plantName))}</b>: {days}
        </p>
      ))}
      <Link className="link-husk" to="/when/dormant">
        Each with its sprays, and how to end them
      </Link>
    </section>
  );
}
