import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { addDays } from '#core/calendar';
import type { PlanCut, PlanMaterial, PlanWay, WatchPicture } from '#engine';
import type { SeasonPlan } from '#core/records';
import { PageHead } from '../../../parts/page.tsx';
import { useKeeping } from '../../../parts/use-keeping.ts';
import { useSeries } from '../../../parts/series/use-series.ts';
import { useToday } from '../../../show/use-show.ts';
import { type Bargain, BargainTable } from './bargain-table.tsx';
import { BestDaysCard, bestName } from './best-days-card.tsx';
import { cutAgainst } from './cut-check.ts';
import { CutRows } from './cut-rows.tsx';
import { DecidesCard } from './decides-card.tsx';
import { FiguresTable } from './figures-table.tsx';
import { FreeDays } from './free-days.tsx';
import { SchoolsCard } from './schools-card.tsx';
import { seriesOfPlan } from './plan-series.ts';
import { cutsOf } from './cuts-of.ts';
import { cutsWords, hatchWords, leftWords } from './plan-words.ts';
import { StreamDrawing } from './stream-drawing.tsx';
import { StreamTable } from './stream-table.tsx';
import { useBehind } from './use-behind.ts';
import { bestOf, cutsWith, type Search, useSearch } from './use-search.ts';
import { useSeason } from './use-season.ts';
import { YearsCard } from './years-card.tsx';

const ALONE = { name: 'left alone', left: { median: 100, low: 100, high: 100, mean: 100 } } as const;

/** One watch's season as a stream, with its cuts, what they leave, and the days that would leave least. */
export function PlanBoard({ material, picture }: { material: PlanMaterial; picture: WatchPicture }) {
  const { frame, ways, plan } = material;
  const today = useToday();
  const { keep } = useKeeping();
  const { begin } = useSeries();
  const [chosen, setCuts] = useState(() => cutsOf(material));
  const cuts = useStillThere(chosen, ways);
  // What the season is laid out from does not change with the cuts that are kept.
  const ground = useLaid(material);
  const season = useSeason(ground, cuts);
  const behindAsked = useBehind(ground, cuts, plan.freeDays);
  const behind = behindAsked.answer;
  const searching = useSearch(ground);
  const sprayWay = ways.find(({ means }) => means.by === 'spray');
  const isMiner = picture.watch.group === 'leaf-miner';
  const wayOf = (cut: PlanCut) => ways.find(({ id }) => id === cut.wayId)!;
  const against = cuts.map((cut) => cutAgainst(material, wayOf(cut), cut, cuts, plan.freeDays));
  const keepPlan = (change: Partial<SeasonPlan>, told: string) =>
    keep(
      {
        kind: 'season-plans',
        record: { ...plan, ...change },
        label: `plan, ${picture.plant.name}`,
        ...(material.isNew ? {} : { from: plan }),
      },
      told,
    );
  const asKept = cuts.map(({ day, wayId }) => ({ on: addDays(frame.start, day), way: wayId }));
  const isKept = JSON.stringify(asKept) === JSON.stringify(plan.cuts);
  const left = season.answered?.left ?? null;
  const more = left && behind?.oneMore ? left.median - behind.oneMore.left.median : null;
  const title = titleOf(
    (season.answered?.cuts ?? []).flatMap((cut) => ways.find(({ id }) => id === cut.wayId) ?? []),
    left && leftWords(left),
    material.done.length > 0,
    more,
  );
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="min-w-0">
        <PageHead title={title} lead={LEAD} />
        <div className="sheet p-3 sm:p-4">
          {season.failed && <p role="alert">{season.failed}</p>}
          {season.ground && season.answered ? (
            <>
              <StreamDrawing
                material={material}
                ground={season.ground}
                stream={season.answered.stream}
                isMiner={isMiner}
                label={title}
                cuts={cuts.map((cut, i) => ({ ...cut, name: wayOf(cut).name, refused: against[i] !== null }))}
                onMove={(at, day) => setCuts(cuts.map((cut, i) => (i === at ? { ...cut, day } : cut)))}
                onRemove={(at) => setCuts(cuts.filter((_, i) => i !== at))}
              />
              <CutRows
                material={material}
                cuts={cuts}
                against={against}
                chances={season.answered.chances}
                onChange={setCuts}
                onAdd={() => setCuts([...cuts, nextCut(material, cuts, season.ground!.hatching)])}
              />
            </>
          ) : (
            !season.failed && <p className="soft h-[356px]">Drawing 200 possible seasons …</p>
          )}
        </div>
        <div className="flex flex-wrap gap-2 mt-3 items-center">
          <button
            type="button"
            className="btn btn-primary"
            disabled={cuts.length === 0}
            onClick={() => void begin(seriesOfPlan(material, cuts, today))}
          >
            Make it a series
          </button>
          <button
            type="button"
            className="btn"
            disabled={isKept}
            onClick={() => void keepPlan({ cuts: asKept }, 'The plan is kept with the watch.')}
          >
            Keep this plan
          </button>
          <Link className="link-husk" to={`/look/${picture.watch.id}`}>
            To the watch
          </Link>
          <Link className="link-husk" to={`/when/plan/${picture.watch.id}/back`}>
            Look back at last season
          </Link>
        </div>
        <p className="soft text-sm mt-3 max-w-[72ch]">
          Width is how many live at that moment; 100 are those that would be there at the season’s end with
          nothing done. Drawn is the middle of 200 possible seasons, and ranges hold eight in ten of them.{' '}
          {hatchWords(material.hatch)} Other figures are rules of thumb (grade C). The label and local rules
          stand above the plan.
        </p>
        {season.ground && season.answered && (
          <details className="mt-2">
            <summary className="link-husk list-none inline-block">As a table</summary>
            <StreamTable
              material={material}
              alone={season.ground.alone}
              stream={season.answered.stream}
              isMiner={isMiner}
            />
          </details>
        )}
        {season.answered && (
          <BargainTable
            material={material}
            bargains={bargainsOf(searching.search, {
              name: 'as planned',
              cuts: season.answered.cuts,
              left: season.answered.left,
            })}
          />
        )}
        <YearsCard material={ground} cuts={cuts} />
        <details className="mt-2">
          <summary className="link-husk list-none inline-block">The figures it is computed from</summary>
          <FiguresTable
            figures={material.shown}
            gardeners={plan.figures}
            onKeep={(figures) => void keepPlan({ figures }, 'Your figures are kept.')}
          />
        </details>
      </div>
      <aside className="flex flex-col gap-4">
        {ways.length > 0 && (
          <BestDaysCard
            material={ground}
            searching={searching}
            cuts={cuts}
            freeDays={plan.freeDays}
            alone={ALONE}
            shifted={cuts.length > 0 ? behind : null}
            shown={
              left && (cuts.length > 0 || material.done.length > 0)
                ? { name: 'as planned', left, isShown: true }
                : null
            }
            onTake={setCuts}
          />
        )}
        {sprayWay && <SchoolsCard material={ground} wayId={sprayWay.id} wayName={sprayWay.name} />}
        <DecidesCard behind={behindAsked} isMiner={isMiner} />
        <FreeDays
          freeDays={plan.freeDays}
          onKeep={(freeDays) => void keepPlan({ freeDays }, 'Your free days are kept.')}
        />
      </aside>
    </div>
  );
}

/** Nothing, what is planned, and the best of one, two and three as far as they were looked for. */
function bargainsOf(search: Search, planned: Bargain): Bargain[] {
  const nothing: Bargain = { name: 'nothing', cuts: [], left: ALONE.left };
  const best = bestOf(search).flatMap((one, i): Bargain[] =>
    one ? [{ name: bestName(i), cuts: cutsWith(search, one), left: one.left }] : [],
  );
  return [nothing, ...(planned.cuts.length > 0 ? [planned] : []), ...best];
}

const LEAD =
  'Each cut is a treatment: drag it along the year, or move it with the arrow keys. The pale outline is this plant left ' +
  'alone; what flows on past a cut is what it did not reach.';

/** The same material as long as it says the same but for what was kept of the plan. */
function useLaid(material: PlanMaterial): PlanMaterial {
  const { plan, isNew: _, ...ground } = material;
  const key = JSON.stringify([ground, plan.figures]);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says all that matters of it
  return useMemo(() => material, [key]);
}

/** Cuts whose way is still to be had: a product may leave the shelf while its plan is looked at. */
function useStillThere(cuts: readonly PlanCut[], ways: readonly PlanWay[]): readonly PlanCut[] {
  return useMemo(() => {
    const there = cuts.filter(({ wayId }) => ways.some(({ id }) => id === wayId));
    return there.length === cuts.length ? cuts : there;
  }, [cuts, ways]);
}

/** A further cut: a fortnight after the last one, else once half the young are out. */
function nextCut(
  { frame, ways }: PlanMaterial,
  cuts: readonly PlanCut[],
  hatching: readonly [number, number] | null,
): PlanCut {
  const last = cuts.at(-1);
  const wayId = last?.wayId ?? ways[0]!.id;
  const way = ways.find(({ id }) => id === wayId)!;
  const day = last ? last.day + Math.max(14, way.intervalDays) : (hatching?.[0] ?? frame.today) + 21;
  return { wayId, day: Math.min(way.within[1], Math.max(way.within[0], frame.today, day)) };
}

function titleOf(
  ways: readonly PlanWay[],
  left: string | null,
  isBegun: boolean,
  more: number | null,
): string {
  if (left === null) return 'The season ahead';
  if (ways.length === 0)
    return isBegun ? `What was done leaves ${left}` : 'Nothing is planned: left alone, 100 of 100 stay';
  const leaves = ways.length === 1 ? 'leaves' : 'leave';
  const further = more === null ? '' : `; one more would take ${Math.max(0, Math.round(more))} more`;
  return `${cutsWords(ways)} ${leaves} ${left}${further}`;
}
