import { useState } from 'react';
import { useNow } from '../../api/queries.ts';
import { useOffers } from '../../api/series.ts';
import { OfferCard } from './offer-card.tsx';
import { OwnDates } from './own-dates.tsx';
import { SeriesCard } from './series-card.tsx';

interface SeriesSectionProps {
  readonly watchId: string | null;
  readonly plantId: string;
}

/** What is planned on a watch, or on a plant for no trouble of its own, and the usual series one may begin. */
export function SeriesSection({ watchId, plantId }: SeriesSectionProps) {
  const planned = useNow().data?.planned ?? [];
  const running = planned.flatMap(({ what }) =>
    what.kind === 'series' &&
    (watchId ? what.answer.series.watchId === watchId : what.answer.series.plantId === plantId)
      ? [what.answer]
      : [],
  );
  return (
    <section id="series" aria-label="Series" className="flex flex-col gap-2">
      <h2>Series and dates</h2>
      {running.length > 0 && (
        <div className="sheet divide-y divide-base-300">
          {running.map((answer) => (
            <SeriesCard key={answer.series.id} answer={answer} />
          ))}
        </div>
      )}
      {running.length === 0 && (
        <p className="soft">Nothing is planned beyond what the rules ask for by themselves.</p>
      )}
      <div className="flex flex-wrap gap-2">
        <UsualSeries about={watchId ? { watch: watchId } : { plant: plantId }} />
        <OwnDates watchId={watchId} plantId={plantId} />
      </div>
    </section>
  );
}

function UsualSeries({ about }: { about: Parameters<typeof useOffers>[0] }) {
  const [open, setOpen] = useState(false);
  const offers = useOffers(about).data;
  if (!offers || offers.toBegin.length === 0) return null;
  if (!open)
    return (
      <button type="button" className="btn btn-sm" onClick={() => setOpen(true)}>
        Plan a usual series
      </button>
    );
  return (
    <ul className="sheet divide-y divide-base-300 w-full">
      {offers.toBegin.map((offer) => (
        <OfferCard key={offer.series.id} offer={offer} />
      ))}
      <li className="p-4">
        <button type="button" className="link-husk" onClick={() => setOpen(false)}>
          None of them
        </button>
      </li>
    </ul>
  );
}
