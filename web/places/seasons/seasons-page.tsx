import { Link, Navigate, useSearchParams } from 'react-router';
import type { GardenSeasons } from '#engine';
import { useGardenSeasons } from '../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { headline } from './change-words.ts';
import { ChangesList } from './changes-list.tsx';
import { SeasonsNav } from './seasons-nav.tsx';
import { SeasonsTable } from './seasons-table.tsx';

/** Did it work, and what next year? Every watch over every season. */
export function SeasonsPage() {
  const [params] = useSearchParams();
  const watchId = params.get('watch');
  // Addresses of earlier days open the watch they name.
  if (watchId !== null) return <Navigate to={`/seasons/watch/${watchId}`} replace />;
  return <EverySeason />;
}

function EverySeason() {
  return (
    <>
      <SeasonsNav />
      <Answered question={useGardenSeasons()}>{(all) => <AllSeasons all={all} />}</Answered>
    </>
  );
}

function AllSeasons({ all }: { all: GardenSeasons }) {
  if (all.watches.length === 0)
    return (
      <EmptyState title="No watch to compare yet.">
        <Link className="link-husk" to="/look/new">
          Note what you see
        </Link>{' '}
        and count it; next year's count will say what changed.
      </EmptyState>
    );
  return (
    <>
      <PageHead
        title={headline(all)}
        lead="Beads show the level of each season's count, 0 to 5. Only the same plant, the same way of counting and the same time of year are compared."
      />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <SeasonsTable all={all} />
        <ChangesList all={all} />
      </div>
    </>
  );
}
