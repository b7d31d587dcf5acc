import { howMany } from '#knowledge';
import { useState } from 'react';
import { useOffers } from '../../api/series.ts';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { OfferCard } from './offer-card.tsx';

/** So many are shown at once; the others are one tap away. */
const SHOWN = 2;

/** What usually follows the work that was logged last: "and then?", with dates; declined with one tap. */
export function AndThen({ about }: { about: Parameters<typeof useOffers>[0] }) {
  const today = useToday();
  const offers = useOffers(about).data;
  const [declined, setDeclined] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  if (!offers?.from || offers.from === declined) return null;
  const shown = all ? offers.andThen : offers.andThen.slice(0, SHOWN);
  return (
    <section aria-label="And then?">
      <h2 className="mb-2">And then?</h2>
      <div className="sheet border-warning!">
        <p className="p-4 pb-0">
          What usually follows the work of {showDate(offers.from, today)}. Take one, change it, or leave it:
          the rules of this watch go on without.
        </p>
        <ul className="divide-y divide-base-300">
          {shown.map((offer) => (
            <OfferCard key={offer.series.id} offer={offer} />
          ))}
        </ul>
        <div className="p-4 pt-0 flex flex-wrap gap-4 text-sm">
          {offers.andThen.length > shown.length && (
            <button type="button" className="link-husk" onClick={() => setAll(true)}>
              {howMany(offers.andThen.length - shown.length, 'more way')}
            </button>
          )}
          <button type="button" className="link-husk" onClick={() => setDeclined(offers.from)}>
            No series
          </button>
        </div>
      </div>
    </section>
  );
}
