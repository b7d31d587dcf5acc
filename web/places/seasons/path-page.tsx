import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import type { PathAnswer, WatchSeasons } from '#engine';
import { inSentence, PROTOCOL_TEXTS } from '#knowledge';
import { usePath, useSeasons } from '../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { capital } from '../../show/sentence.ts';
import { showFullDate } from '../../show/dates.ts';
import { STATUS_WORDS } from '../look/status-words.ts';
import { changeWords } from './change-words.ts';
import { LearntCards } from './learnt-cards.tsx';
import { DoneTable } from './done-table.tsx';
import { SeasonList } from './season-list.tsx';
import { SeasonsNav } from './seasons-nav.tsx';
import { UntreatedLine } from './untreated-line.tsx';

const PathChart = lazy(() => import('./path-chart.tsx').then((m) => ({ default: m.PathChart })));

/** One watch through its seasons: its level's path, what was done on it, and what that taught. */
export function PathPage() {
  const { watchId = '' } = useParams();
  const seasons = useSeasons(watchId);
  return (
    <>
      <SeasonsNav />
      <Answered question={usePath(watchId)}>
        {(path) =>
          path ? (
            <Answered question={seasons}>{(watch) => <Path path={path} watch={watch} />}</Answered>
          ) : (
            <EmptyState title="Never counted, so there is nothing to compare.">
              <Link className="link-husk" to={`/look/${watchId}/count`}>
                Count it
              </Link>{' '}
              now; next year's count will say what changed.
            </EmptyState>
          )
        }
      </Answered>
    </>
  );
}

function Path({ path, watch }: { path: PathAnswer; watch: WatchSeasons }) {
  const last = path.counts.at(-1)!;
  const change = watch.seasons.at(-1)?.change;
  return (
    <>
      <PageHead
        title={`${path.plantName}: ${
          change
            ? changeWords(change)
                .replace(/\.$/, '')
                .replace(/^./, (letter) => letter.toLowerCase())
            : 'one count so far'
        }`}
        lead={`${capital(inSentence(path.targetName))}, ${STATUS_WORDS[watch.status]}. Only counts made the same way at the same time of year stand on the path.`}
      >
        <Link className="btn" to={`/seasons/watch/${path.watchId}/why`}>
          Did the last work do anything?
        </Link>
        <Link className="btn" to={`/look/${path.watchId}`}>
          Open the watch
        </Link>
      </PageHead>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
        <div className="sheet p-4 self-start">
          <h2 className="mb-1">{PROTOCOL_TEXTS[last.protocol].measureName}, from count to count</h2>
          <Suspense fallback={<div className="h-[320px] soft">Drawing…</div>}>
            <PathChart path={path} />
          </Suspense>
          <DoneTable path={path} />
          {path.apart.length > 0 && (
            <p className="soft text-sm mt-3">
              Not on the path:{' '}
              {path.apart
                .map(
                  ({ on, why }) =>
                    `${showFullDate(on)} (${why === 'stage' ? 'another time of the year' : 'counted in another way'})`,
                )
                .join(', ')}
              .
            </p>
          )}
          <UntreatedLine untreated={watch.untreated} />
        </div>
        <div className="flex flex-col gap-4">
          <LearntCards path={path} />
          <SeasonList seasons={watch.seasons} />
        </div>
      </div>
    </>
  );
}
