import { lazy, Suspense } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import { HANDWORK, inSentence, PROTOCOL_TEXTS } from '#knowledge';
import type { CountedSeason, CountedWatch, WatchSeasons } from '#engine';
import { useCountedWatches, useSeasons } from '../../api/queries.ts';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Answered, EmptyState, PageHead, SubNav } from '../../parts/page.tsx';
import { showDate, showFullDate } from '../../show/dates.ts';
import { showMeasureOf, unitWords } from '../../show/measures.ts';
import { effectWords } from '../../show/effect-words.ts';
import { showShareRange, significant } from '../../show/units.ts';
import { RATE_UNITS } from '../mix/mix-words.ts';
import { STATUS_WORDS } from '../look/status-words.ts';
import { changeWords } from './change-words.ts';

const SeasonsChart = lazy(() => import('./seasons-chart.tsx').then((m) => ({ default: m.SeasonsChart })));

/** Did it work, and what next year? */
export function SeasonsPage() {
  return (
    <>
      <SeasonsNav />
      <Answered question={useCountedWatches()}>{(watches) => <Seasons watches={watches} />}</Answered>
    </>
  );
}

/** The ways within Seasons. */
export function SeasonsNav() {
  const { pathname } = useLocation();
  return (
    <SubNav
      label="Within Seasons"
      tabs={[
        ['/seasons', 'Compared', pathname === '/seasons'],
        ['/seasons/names', 'Names', pathname === '/seasons/names'],
        ['/seasons/book', 'Record book', pathname === '/seasons/book'],
      ]}
    />
  );
}

function Seasons({ watches }: { watches: readonly CountedWatch[] }) {
  const [params, setParams] = useSearchParams();
  const chosen = watches.find(({ watchId }) => watchId === params.get('watch')) ?? watches[0];
  if (!chosen)
    return (
      <EmptyState title="No counts yet to compare.">
        Count on a{' '}
        <Link className="link-husk" to="/look">
          watch
        </Link>{' '}
        now; next year's count will say what changed.
      </EmptyState>
    );
  return (
    <>
      <label className="flex items-center gap-2 text-sm mb-3 justify-end">
        <span className="soft">Watch</span>
        <select
          className="select select-sm"
          value={chosen.watchId}
          onChange={(event) => setParams({ watch: event.target.value })}
        >
          {watches.map(({ watchId, plantName, targetName }) => (
            <option key={watchId} value={watchId}>
              {plantName}, {inSentence(targetName)}
            </option>
          ))}
        </select>
      </label>
      <OneWatch key={chosen.watchId} watchId={chosen.watchId} />
    </>
  );
}

function OneWatch({ watchId }: { watchId: string }) {
  return (
    <Answered question={useSeasons(watchId)}>
      {(watch) => (watch.seasons.length > 0 ? <WatchOverSeasons watch={watch} /> : null)}
    </Answered>
  );
}

function WatchOverSeasons({ watch }: { watch: WatchSeasons }) {
  const last = watch.seasons.at(-1)!;
  return (
    <>
      <PageHead
        title={seasonsTitle(watch)}
        lead={`${watch.plantName}, ${inSentence(watch.targetName)}: ${STATUS_WORDS[watch.status]}. Each count with a 95 % interval; only the same plant, the same way of counting and the same time of year are compared.`}
      >
        <Link className="btn" to={`/look/${watch.watchId}`}>
          Open the watch
        </Link>
      </PageHead>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="sheet p-4 self-start">
          <h2 className="mb-1">
            {PROTOCOL_TEXTS[last.protocol].name}, {PROTOCOL_TEXTS[last.protocol].measureName}, at each count
          </h2>
          <Suspense fallback={<div className="h-[300px] soft">Drawing…</div>}>
            <SeasonsChart watch={watch} />
          </Suspense>
          {watch.untreated && <Untreated watch={watch} />}
          <p className="soft text-sm mt-3">
            What {unitWords(last.protocol, last.measure.units)} can show: the interval is as wide as they
            differ. Clumped pests need many before a small change shows.
          </p>
        </div>
        <ol className="flex flex-col gap-4" aria-label="Season by season, newest first">
          {[...watch.seasons].reverse().map((season) => (
            <li key={season.sampleId}>
              <Season season={season} />
            </li>
          ))}
        </ol>
      </div>
    </>
  );
}

function seasonsTitle(watch: WatchSeasons): string {
  const last = watch.seasons.at(-1)!;
  if (!last.change) return `One count so far: ${showMeasureOf(last.protocol, last.measure)}`;
  return `${watch.plantName}: ${changeWords(last.change)
    .replace(/\.$/, '')
    .replace(/^./, (letter) => letter.toLowerCase())}`;
}

function Season({ season }: { season: CountedSeason }) {
  return (
    <article className="sheet p-4">
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <div>
          <h3 className="font-semibold">{showFullDate(season.on)}</h3>
          <p className="soft text-sm">
            {unitWords(season.protocol, season.measure.units)}
            {season.tagged ? ', tagged' : ''}
          </p>
        </div>
        <BeadScale level={season.level} />
      </div>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.93rem]">
        <dt className="soft">Found</dt>
        <dd className="font-semibold">{showMeasureOf(season.protocol, season.measure)}</dd>
        {season.holedShare && (
          <>
            <dt className="soft">Covers holed by wasps</dt>
            <dd className="font-semibold">
              {showShareRange(season.holedShare)} of {season.holedShare.outOf}
            </dd>
          </>
        )}
        {season.change && season.since && (
          <>
            <dt className="soft">Since {showDate(season.since, season.on)}</dt>
            <dd>{changeWords(season.change)}</dd>
          </>
        )}
        {season.change && (
          <>
            <dt className="soft">Done in between</dt>
            <dd>{doneWords(season)}</dd>
          </>
        )}
      </dl>
    </article>
  );
}

function doneWords({ treatments, handwork, on }: CountedSeason): string {
  const done = [
    ...treatments.map((treatment) => ({ on: treatment.on, words: treatmentWords(treatment, on) })),
    ...handwork.map((work) => ({
      on: work.on,
      words: `${showDate(work.on, on)}, ${HANDWORK[work.kind].done}`,
    })),
  ];
  return (
    done
      .sort((a, b) => (a.on < b.on ? -1 : 1))
      .map(({ words }) => words)
      .join('; ') || 'nothing logged'
  );
}

function treatmentWords(
  { on, product, rate, rateUnit }: CountedSeason['treatments'][number],
  seasonOn: string,
): string {
  return `${showDate(on, seasonOn)}, ${product}, ${significant(rate, 2)} ${rateUnit ? RATE_UNITS[rateUnit] : ''}`.trimEnd();
}

function Untreated({ watch: { untreated } }: { watch: WatchSeasons }) {
  if (!untreated) return null;
  return (
    <p className="mt-3">
      <b className="font-semibold">Beside a plant left alone.</b>{' '}
      {untreated.efficacy === null
        ? 'A count of none makes the comparison impossible.'
        : `${untreated.plantName} was never treated. Beside it, between ${showFullDate(untreated.from)} and ${showFullDate(untreated.to)}, treating ${effectWords(untreated.efficacy)}.`}
      <span className="soft">
        {' '}
        One plant against one is not proof: they may differ in more than the spray (Henderson & Tilton 1955).
      </span>
    </p>
  );
}
