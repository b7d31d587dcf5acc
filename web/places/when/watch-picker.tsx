import { useNavigate } from 'react-router';
import type { ListedWatch } from '#engine';
import { inSentence } from '#knowledge';
import { WhenNav } from './when-nav.tsx';

/** The ways within When, and beside them which watch is spoken of. */
export function WatchPicker({
  open,
  shownId,
  pathOf,
}: {
  open: readonly ListedWatch[];
  shownId: string;
  pathOf(watchId: string): string;
}) {
  const navigate = useNavigate();
  return (
    <div className="flex flex-wrap justify-between gap-3">
      <WhenNav />
      <label className="flex items-center gap-2 text-sm mb-3">
        <span className="soft">Watch</span>
        <select
          className="select select-sm"
          value={shownId}
          onChange={(event) => void navigate(pathOf(event.target.value))}
        >
          {open.map(({ watch, plant, targetName }) => (
            <option key={watch.id} value={watch.id}>
              {plant.name}, {inSentence(targetName)}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
