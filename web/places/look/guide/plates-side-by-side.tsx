import { Link } from 'react-router';
import { type GuidePlate, guidePlates, type PlateStage, type Target } from '#knowledge';
import { PlateFigure } from '../../../plates/guide/plate-figure.tsx';
import { plateView } from '../../../plates/guide/plate-view.ts';
import { useGuidePlace } from './use-guide-place.ts';

/** Stages that answer to each other though they are called otherwise. */
const LIKE: Readonly<Partial<Record<PlateStage, PlateStage>>> = {
  sac: 'grown',
  full: 'grown',
  mine: 'grown',
};
const likeness = (stage: PlateStage): PlateStage => LIKE[stage] ?? stage;

interface Row {
  readonly key: string;
  readonly pair: readonly [GuidePlate | null, GuidePlate | null];
}

/** Stages of both in one order; what one has and the other lacks stands alone. */
function rowsOf(first: readonly GuidePlate[], second: readonly GuidePlate[]): Row[] {
  const met = new Set<GuidePlate>();
  const rows = first.map((plate): Row => {
    const other = second.find(
      (candidate) => !met.has(candidate) && likeness(candidate.stage) === likeness(plate.stage),
    );
    if (other) met.add(other);
    return { key: plate.stage + plate.shows, pair: [plate, other ?? null] };
  });
  const alone = second.filter((plate) => !met.has(plate));
  return [...rows, ...alone.map((plate): Row => ({ key: plate.stage + plate.shows, pair: [null, plate] }))];
}

/** Both are drawn at the smaller magnification, so that their sizes compare. */
function commonAcrossMm([first, second]: Row['pair']): number | undefined {
  if (!first || !second) return undefined;
  return Math.max(plateView(first).acrossMm, plateView(second).acrossMm);
}

/** Two troubles stage by stage, each pair at one scale. */
export function PlatesSideBySide({ first, second }: { first: Target; second: Target }) {
  const place = useGuidePlace();
  const rows = rowsOf(guidePlates(first.id, place), guidePlates(second.id, place));
  return (
    <section aria-label="Stage by stage" className="sheet p-3 sm:p-4 max-w-3xl">
      <div className="grid grid-cols-2 gap-3 sm:gap-6 mb-2">
        {[first, second].map((target) => (
          <div key={target.id}>
            <h2 className="text-base-content!">
              <Link className="hover:underline" to={`/look/guide/${target.id}`}>
                {target.name}
              </Link>
            </h2>
            <p className="soft text-sm">
              <i>{target.scientific}</i>. {target.what}
            </p>
          </div>
        ))}
      </div>
      <ul className="divide-y divide-base-300">
        {rows.map(({ key, pair }) => (
          <li key={key} className="grid grid-cols-2 gap-3 sm:gap-6 py-3">
            {pair.map((plate, i) => (
              <div key={i} className="max-w-72">
                {plate && <PlateFigure plate={plate} acrossMm={commonAcrossMm(pair)} />}
              </div>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
