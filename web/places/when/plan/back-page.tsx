import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { addDays, seasonName } from '#core/calendar';
import type { PlanBack, PlanCut, WatchPicture } from '#engine';
import { inSentence } from '#knowledge';
import { useWatch } from '../../../api/queries.ts';
import { usePlanBack } from '../../../api/timing.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showMeasureOf, unitWords } from '../../../show/measures.ts';
import { showDate, showFullDate } from '../../../show/dates.ts';
import { progress } from '../../../workers/bridge.ts';
import { WhenNav } from '../when-nav.tsx';
import { LeftBars } from './left-bars.tsx';
import { countWord, hatchWords, leftWords } from './plan-words.ts';
import { StreamDrawing } from './stream-drawing.tsx';
import { type Asked, useAsked } from './use-asked.ts';
import type { Best } from './use-search.ts';
import { useSeason } from './use-season.ts';

/** Last season's treatments as they were, on that season's weather and tapes, beside the days that were best. */
export function BackPage() {
  const watchId = useParams().watchId!;
  const back = usePlanBack(watchId);
  return (
    <>
      <WhenNav />
      <Answered question={useWatch(watchId)}>
        {(picture) => (
          <Answered question={back}>
            {(answer) =>
              answer ? <LookedBack back={answer} picture={picture} /> : <NothingBack picture={picture} />
            }
          </Answered>
        )}
      </Answered>
    </>
  );
}

function NothingBack({ picture }: { picture: WatchPicture }) {
  return (
    <EmptyState title={`${picture.plant.name}: nothing to look back on`}>
      Nothing was sprayed or done by hand for it last season, or nobody knows when it hatched.{' '}
      <Link className="link-husk" to={`/when/plan/${picture.watch.id}`}>
        To this season’s plan
      </Link>
    </EmptyState>
  );
}

/** How far the search is nobody waits for here. */
const NOT_HEARD = progress(() => undefined);
const NO_CUTS: readonly PlanCut[] = [];

function LookedBack({ back, picture }: { back: PlanBack; picture: WatchPicture }) {
  const { material, way, times, counts } = back;
  const season = useSeason(material, NO_CUTS);
  const bestThen = useBestThen(back);
  const best = bestThen.answer;
  const left = season.answered?.left ?? null;
  const year = seasonName(material.frame.season);
  const title = left
    ? `${picture.plant.name}, ${year}: what was done left ${leftWords(left)}`
    : `${picture.plant.name}, looking back at ${year}`;
  const date = (day: number) => showDate(addDays(material.frame.start, day));
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="min-w-0">
        <PageHead
          title={title}
          lead={`${inSentence(picture.targetName).replace(/^./, (letter) => letter.toUpperCase())}, on that season’s weather, with what was done on the days it was done.`}
        />
        <div className="sheet p-3 sm:p-4">
          {season.failed && <p role="alert">{season.failed}</p>}
          {season.ground && season.answered ? (
            <StreamDrawing
              material={material}
              ground={season.ground}
              stream={season.answered.stream}
              isMiner={picture.watch.group === 'leaf-miner'}
              label={title}
              cuts={[]}
              onMove={() => undefined}
              onRemove={() => undefined}
            />
          ) : (
            !season.failed && <p className="soft h-[356px]">Drawing 200 possible seasons …</p>
          )}
        </div>
        <p className="soft text-sm mt-3 max-w-[72ch]">
          {hatchWords(material.hatch)} The weather is as it was measured; what is not known of the hatch, the
          kill and what was wetted makes the range.
        </p>
        <p className="mt-3">
          <Link className="link-husk" to={`/when/plan/${picture.watch.id}`}>
            To this season’s plan
          </Link>
        </p>
      </div>
      <aside className="flex flex-col gap-4">
        <section aria-label="What was left" className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
          <h2>Left by that season’s end, of 100</h2>
          {left && (
            <LeftBars
              bars={[
                { name: 'left alone', left: { median: 100, low: 100, high: 100, mean: 100 } },
                { name: 'as it was', left, isShown: true },
                ...(best ? [{ name: 'best days', left: best.left }] : []),
              ]}
            />
          )}
          {bestThen.failed && <p role="alert">{bestThen.failed}</p>}
          {way && best && (
            <p>
              {countWord(times)} with {inSentence(way.name)} would have left least on{' '}
              <b className="font-semibold">{best.days.map(date).join(' and ')}</b>.
            </p>
          )}
        </section>
        <section aria-label="What was done" className="sheet p-4 text-[0.93rem]">
          <h2 className="mb-2">What was done</h2>
          <ul className="flex flex-col gap-1">
            {material.done.map(({ id, on, name }) => (
              <li key={id} className="flex flex-wrap justify-between gap-x-3">
                <span>{name}</span>
                <span className="soft">{showFullDate(on)}</span>
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="What was counted" className="sheet p-4 text-[0.93rem]">
          <h2 className="mb-2">What was counted</h2>
          {counts.length === 0 ? (
            <p className="soft">Nothing was counted that season: only the model speaks.</p>
          ) : (
            <ul className="flex flex-col gap-1">
              {counts.map(({ id, on, protocol, summary, units }) => (
                <li key={id} className="flex flex-wrap justify-between gap-x-3">
                  <span>
                    {showMeasureOf(protocol, summary.measure)}, {unitWords(protocol, units.length)}
                  </span>
                  <span className="soft">{showFullDate(on)}</span>
                </li>
              ))}
            </ul>
          )}
        </section>
      </aside>
    </div>
  );
}

/** The best days for as many of the way that was used most, on the same season. */
function useBestThen({ material, way, times }: PlanBack): Asked<Best | null> {
  const without = useMemo(
    () => ({ ...material, done: material.done.filter(({ wayId }) => wayId !== way?.id) }),
    [material, way],
  );
  return useAsked(
    without,
    way !== null,
    (remote) => remote.best({ wayId: way!.id, count: times, beside: [], freeDays: [] }, NOT_HEARD),
    `${way?.id} ${times}`,
  );
}
