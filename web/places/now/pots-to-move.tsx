import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import type { PotToMove } from '#engine';
import { showDate } from '../../show/dates.ts';

/** Pots that are on their way in, as the page of moving has it; nothing while none is. */
export function PotsToMove({ pots, today }: { pots: readonly PotToMove[]; today: CivilDate }) {
  if (pots.length === 0) return null;
  return (
    <section aria-label="Pots to move">
      <h2 className="mb-2">Pots to move</h2>
      <ul className="sheet mb-5 divide-y divide-base-300">
        {pots.map(({ plantId, plantName, isInside, by, standing }) => (
          <li key={plantId} className="px-4 py-3 flex flex-wrap gap-x-4 items-baseline justify-between">
            <Link to="/garden/moving" className="font-semibold hover:underline">
              {plantName}: {isInside ? 'come in, to be watched' : `inside by ${showDate(by, today)}`}
            </Link>
            <span className={`tag ${standing === 'late' ? 'tag-no' : 'tag-open'}`}>{standing}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
