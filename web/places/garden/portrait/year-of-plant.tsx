import type { Plant } from '#core/records';
import type { YearAnswer, YearRow } from '#engine';
import { useDiary } from '../../../api/queries.ts';
import { useYear } from '../../../api/series.ts';
import { showDate } from '../../../show/dates.ts';
import { YearChart } from '../../when/year-chart.tsx';
import { STAGE_WORDS } from '../../../show/stage-words.ts';

/** Its rows of the year, buds and leaves among what the plant itself does. */
function withGrowth(year: YearAnswer, { id, name }: Plant): YearRow[] {
  const rows = year.rows.filter(({ plantId }) => plantId === id);
  const growth = year.growth[id] ?? [];
  if (growth.length === 0) return rows;
  const itself = rows.find(({ watchId }) => watchId === null);
  const row: YearRow = {
    plantId: id,
    plantName: name,
    watchId: null,
    targetName: '',
    bars: [...growth, ...(itself?.bars ?? [])].toSorted((a, b) => a.from.localeCompare(b.from)),
  };
  return [row, ...rows.filter((other) => other !== itself)];
}

/** A plant's twelve months: windows, sprays, work, bloom and picking, and what it was seen to do. */
export function YearOfPlant({ plant }: { readonly plant: Plant }) {
  const year = useYear().data;
  const growth = useDiary(plant.id).data?.growth ?? [];
  if (!year) return null;
  const rows = withGrowth(year, plant);
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
