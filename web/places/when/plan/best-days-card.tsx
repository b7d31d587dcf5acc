import type { LeftSummary } from '#core/season-model';
import { useState } from 'react';
import { addDays } from '#core/calendar';
import type { PlanCut, PlanMaterial } from '#engine';
import { SelectOne } from '../../../parts/select-one.tsx';
import { showDateRange } from '../../../show/dates.ts';
import { LeftBars, type LeftBar } from './left-bars.tsx';
import { countWord, ordinal } from './plan-words.ts';
import { type Best, bestOf, cutsWith, type Search, type Searching } from './use-search.ts';

interface BestDaysProps {
  readonly material: PlanMaterial;
  readonly searching: Searching;
  readonly cuts: readonly PlanCut[];
  readonly freeDays: readonly number[];
  /** What is planned now, with what it leaves. */
  readonly shown: LeftBar | null;
  readonly alone: LeftBar;
  /** What the cuts leave a week earlier and later; null until that is worked out. */
  readonly shifted: { readonly early: LeftSummary; readonly late: LeftSummary } | null;
  onTake(cuts: readonly PlanCut[]): void;
}

/** The days that leave least for one, two and three with a way, and what more of them would still take. */
export function BestDaysCard({
  material,
  searching: { search, start, stop },
  cuts,
  freeDays,
  shown,
  alone,
  shifted,
  onTake,
}: BestDaysProps) {
  const { frame, ways } = material;
  const [wayId, setWayId] = useState(ways[0]!.id);
  const way = ways.find(({ id }) => id === wayId) ?? ways[0]!;
  // Cuts of other kinds stay: winter oil, work by hand.
  const beside = cuts.filter((cut) => cut.wayId !== way.id);
  const best = bestOf(search);
  const takeOf = (one: Best) => () => onTake(cutsWith(search, one));
  const bars = best.flatMap((one, i): LeftBar[] =>
    one
      ? [
          {
            name: bestName(i),
            left: one.left,
            onTake: takeOf(one),
          },
        ]
      : [],
  );
  // As many as are planned with it; where none are, the most that were looked for.
  const planned = cuts.length - beside.length;
  const most = best[planned - 1] ?? best.findLast((one): one is Best => one !== null);
  return (
    <section aria-label="What is left" className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
      <h2>Left by the season's end, of 100</h2>
      <LeftBars bars={[alone, ...(shown ? [shown] : []), ...bars]} />
      {shifted && (
        <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
          <BestDay name="A week earlier" words={`leaves ${Math.round(shifted.early.median)}`} />
          <BestDay name="A week later" words={`leaves ${Math.round(shifted.late.median)}`} />
        </dl>
      )}
      <div className="flex flex-wrap gap-2 items-end">
        <label className="flex flex-col gap-1 text-sm min-w-0 max-w-full">
          <span className="soft">Best days for</span>
          <SelectOne
            className="select select-sm w-full"
            value={way.id}
            options={ways.map(({ id, name }) => ({ id, label: name }))}
            onChange={setWayId}
          />
        </label>
        {search.kind === 'searching' ? (
          <button type="button" className="btn btn-sm" onClick={stop}>
            Stop
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-sm btn-primary"
            onClick={() => void start({ wayId: way.id, beside, freeDays })}
          >
            Find them
          </button>
        )}
      </div>
      <SearchState search={search} />
      {search.kind === 'ready' && best.every((one) => one === null) && (
        <p role="status">No day that is allowed for it reaches any.</p>
      )}
      {most && <h3 className="font-semibold">Days for {countWord(most.days.length).toLowerCase()}</h3>}
      {most && (
        <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1.5">
          {most.days.map((day, i) => (
            <BestDay
              key={day}
              name={ordinal(i)}
              words={showDateRange(
                addDays(frame.start, day),
                addDays(frame.start, most.ranges[i]![0]),
                addDays(frame.start, most.ranges[i]![1]),
              )}
            />
          ))}
        </dl>
      )}
      {best.length > 1 && <MoreWords best={best} />}
    </section>
  );
}

/** "best two". */
export const bestName = (i: number): string => `best ${countWord(i + 1).toLowerCase()}`;

function BestDay({ name, words }: { name: string; words: string }) {
  return (
    <>
      <dt className="soft first-letter:uppercase">{name}</dt>
      <dd className="text-right font-semibold">{words}</dd>
    </>
  );
}

/** What each further one still takes. */
function MoreWords({ best }: { best: readonly (Best | null)[] }) {
  const [one, two, three] = best;
  const less = (a: Best | null | undefined, b: Best | null | undefined) =>
    a && b ? Math.round(a.left.median - b.left.median) : null;
  const second = less(one, two),
    third = less(two, three);
  if (second === null) return null;
  return (
    <p className="soft text-sm">
      A second takes {second} more{third === null ? '' : `, a third ${third}`}. A day may move within its
      range for one more of 100; an earlier hatch is taken first where that costs no more than two.
    </p>
  );
}

function SearchState({ search }: { search: Search }) {
  if (search.kind === 'searching')
    return (
      <p role="status" className="text-sm">
        <progress
          className="progress progress-primary w-full"
          value={search.share}
          max={1}
          aria-label="Days tried"
        />
        Trying days over 200 possible seasons.
      </p>
    );
  if (search.kind === 'stopped') return <p role="status">Stopped.</p>;
  if (search.kind === 'failed') return <p role="alert">{search.why}</p>;
  return null;
}
