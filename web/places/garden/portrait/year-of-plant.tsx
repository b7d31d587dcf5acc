import type { Plant } from '#core/records';
import { useDiary } from '../../../api/queries.ts';
import { useYear } from '../../../api/series.ts';
import { showDate } from '../../../show/dates.ts';
import { YearChart } from '../../when/year-chart.tsx';
import { STAGE_WORDS } from '../stage-words.ts';

/** A plant's twelve months: windows, sprays, work, bloom and picking, and what it was seen to do. */
export function YearOfPlant({ plant }: { readonly plant: Plant }) {
  const year = useYear().data;
  const growth = useDiary(plant.id).data?.growth ?? [];
  if (!year) return null;
  const rows = year.rows.filter(({ plantId }) => plantId === plant.id);
  const seen = growth.filter(({ on }) => on >= year.from);
  return (
    <section aria-label="Its year">
      <h2 className="mb-2">Its year</h2>
      {rows.length > 0 ? (
        <YearChart year={year} rows={rows} />
      ) : (
        <p className="sheet p-4 soft">Nothing is due on it within the year, and nothing was done.</p>
      )}
      {seen.length > 0 && (
        <p className="text-[0.93rem] mt-2">
          Seen: {seen.map(({ stage, on }) => `${STAGE_WORDS[stage]} ${showDate(on, year.today)}`).join(', ')}.
        </p>
      )}
    </section>
  );
}
