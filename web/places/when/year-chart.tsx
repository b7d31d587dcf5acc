import { Link } from 'react-router';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { inSentence } from '#knowledge';
import type { YearAnswer, YearBar, YearRow } from '#engine';
import { useWidth } from '../../parts/use-width.ts';
import { MONTH_NAMES, showDate } from '../../show/dates.ts';
import { barWords, yearWords } from '../../show/year-words.ts';
import { type PlacedYearBar, yearLanes } from './year-layout.ts';

const LANE_PX = 19;
/** Below this there is no room for words beside the bars; the list beneath has them. */
const WORDS_FROM_PX = 560;

/** Months across, watches and plants down: windows with their spread, what is planned, what was done. */
export function YearChart({ year, rows }: { year: YearAnswer; rows: readonly YearRow[] }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div className="sheet overflow-hidden" role="group" aria-label="The year, by plants and watches">
      <div className="grid sm:grid-cols-[210px_minmax(0,1fr)]">
        <div className="hidden sm:block" />
        <div ref={ref} className="relative h-9 border-b border-base-300">
          <Months year={year} width={width} />
        </div>
        {width > 0 &&
          rows.map((row) => (
            <Row key={`${row.plantId} ${row.watchId}`} row={row} year={year} width={width} />
          ))}
      </div>
    </div>
  );
}

const xOf = ({ from, to }: YearAnswer, date: CivilDate, width: number): number =>
  (daysBetween(from, date) / (daysBetween(from, to) + 1)) * width;

function monthsOf({ from, to }: YearAnswer): CivilDate[] {
  const firsts: CivilDate[] = [];
  for (let first = from; first <= to; first = addDays(`${first.slice(0, 7)}-28`, 4).slice(0, 7) + '-01')
    firsts.push(first);
  return firsts;
}

function Months({ year, width }: { year: YearAnswer; width: number }) {
  return (
    <>
      {monthsOf(year).map((first) => (
        <span
          key={first}
          className="absolute top-2 text-xs soft pl-1 border-l border-base-300 h-7"
          style={{ left: xOf(year, first, width) }}
        >
          {MONTH_NAMES[Number(first.slice(5, 7)) - 1]!.slice(0, width < WORDS_FROM_PX ? 1 : 3)}
        </span>
      ))}
      {year.goodDays.map((date) => (
        <span
          key={date}
          role="img"
          aria-label={`good hours for oil on leaves, ${showDate(date, year.today)}`}
          title={`good hours for oil on leaves, ${showDate(date, year.today)}`}
          className="absolute bottom-0 h-1.5 w-1.5 rounded-full bg-info"
          style={{ left: xOf(year, date, width) }}
        />
      ))}
    </>
  );
}

function Row({ row, year, width }: { row: YearRow; year: YearAnswer; width: number }) {
  const labelled = width >= WORDS_FROM_PX;
  const { placed, lanes } = yearLanes(
    row.bars,
    year.from,
    year.to,
    width,
    ({ what }) => yearWords(what),
    labelled,
  );
  const to = row.watchId
    ? `/look/${row.watchId}`
    : row.plantId
      ? `/garden/${row.plantId}`
      : '/when/programme';
  return (
    <>
      <div className="px-3 pt-2 sm:py-2 sm:border-b border-base-300 text-sm">
        <Link className="font-semibold hover:underline inline-block min-h-6" to={to}>
          {row.plantName || 'The whole garden'}
        </Link>
        {row.targetName && <span className="soft">, {inSentence(row.targetName)}</span>}
      </div>
      <div className="relative border-b border-base-300" style={{ minHeight: lanes * LANE_PX + 10 }}>
        {monthsOf(year).map((first) => (
          <span
            key={first}
            aria-hidden
            className="absolute inset-y-0 border-l border-base-300/60"
            style={{ left: xOf(year, first, width) }}
          />
        ))}
        <span
          aria-hidden
          className="absolute inset-y-0 w-0.5 bg-base-content"
          style={{ left: xOf(year, year.today, width) }}
        />
        {placed.map((entry) => (
          <Bar key={entry.bar.id} entry={entry} today={year.today} />
        ))}
      </div>
    </>
  );
}

function Bar({
  entry: { bar, x, width: barWidth, early, late, lane, label },
  today,
}: {
  entry: PlacedYearBar;
  today: CivilDate;
}) {
  const top = lane * LANE_PX + 6;
  const words = barWords(bar, today);
  return (
    <>
      {(early < x || late > x + barWidth) && (
        <span
          aria-hidden
          className="absolute h-0 border-t-2 border-dotted border-base-content/50"
          style={{ left: early, width: late - early, top: top + 6 }}
        />
      )}
      <span
        role="img"
        title={words}
        aria-label={words}
        className={`absolute h-3.5 ${shapeOf(bar)}`}
        style={{ left: x, width: barWidth, top }}
      />
      {label && (
        <span
          aria-hidden
          className="absolute text-xs leading-[14px] whitespace-nowrap bg-base-100 pointer-events-none"
          style={{ left: late + 4, top }}
        >
          {label}
        </span>
      )}
    </>
  );
}

/** Shapes tell kinds apart without colour: full, outlined, striped, round. */
function shapeOf({ what, state }: YearBar): string {
  if (what.kind === 'growth')
    return state === 'done'
      ? 'rounded-full bg-(--bark-3)'
      : 'rounded-full border-2 border-dotted border-(--bark-3)';
  if (state === 'done') return 'rounded-full bg-base-content';
  if (what.kind === 'harvest') return 'rounded-sm bg-(--bark-2)';
  if (what.kind === 'bloom') return 'rounded-sm border-2 border-(--bark-3)';
  if (what.kind === 'no-picking') return 'rounded-none bg-error';
  if (what.kind === 'window' && what.basis === 'calendar')
    return 'rounded-sm border border-dashed border-primary';
  if (state === 'late') return 'rounded-sm bg-error';
  if (state === 'past') return 'rounded-sm bg-base-300';
  if (what.kind === 'window') return 'rounded-sm bg-primary';
  return state === 'open' ? 'rounded-sm bg-primary' : 'rounded-sm bg-accent';
}
