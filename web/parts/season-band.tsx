import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { addDays, dayOfYear, daysBetween } from '#core/calendar';
import type { SpreadPoint } from '#core/phenology';
import type { BandAnswer, BandBar } from '#engine';
import { useBand } from '../api/queries.ts';
import { bandGroupWords } from '../show/band-words.ts';
import { showDate, showShortDate } from '../show/dates.ts';
import { useShow } from '../show/use-show.ts';
import { type BandGroup, groupBars } from './band-groups.ts';
import { layOutBars } from './band-layout.ts';
import { useWidth } from './use-width.ts';

const HEIGHT = 118;
/** Stages above, then four lanes of bars, then the heat: nothing is written over a line. */
const TOP = 20;
const LANE_Y = [43, 55.5, 68, 80.5];
const HEAT_TOP = 89;
const BOTTOM = 102;
const EDGE = 28;
const LABEL_PX_PER_LETTER = 6.3;

const STAGE_WORDS = {
  dormant: 'dormant',
  'bud-swell': 'bud swell',
  'in-leaf': 'in leaf',
  'leaf-fall': 'leaf fall',
} as const;
const BAR_WORDS = { done: 'done', open: 'open now', soon: 'coming', later: 'later', over: 'over' } as const;
const BAR_COLOUR = {
  done: 'var(--husk-on-shell)',
  open: 'var(--husk-on-shell)',
  soon: 'var(--honey-on-shell)',
  later: 'var(--later-on-shell)',
  over: 'var(--later-on-shell)',
} as const;

/** The garden's year in one strip: stages, heat, the windows of open watches, and today's needle. */
export function SeasonBand() {
  const band = useBand().data;
  const [open, setOpen] = useState(false);
  if (!band) return <div className="bg-(--shell-2) h-9 md:h-24" />;
  return (
    <section aria-label="The season" className="no-print bg-(--shell-2) text-(--shell-text)">
      <div className="hidden md:block">
        <WideBand band={band} />
      </div>
      <div className="md:hidden">
        <button
          type="button"
          className="flex w-full items-center gap-3 px-4 min-h-11 text-sm"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <NarrowBand band={band} />
          <span className="shrink-0 max-w-[60%] text-(--shell-soft)">{openWords(band)}</span>
          <ChevronDown
            size={18}
            className={`shrink-0 transition-transform ${open ? 'rotate-180' : ''}`}
            aria-hidden
          />
        </button>
        {open && <BandList band={band} />}
      </div>
    </section>
  );
}

function openWords(band: BandAnswer): string {
  const open = band.bars.filter((bar) => bar.state === 'open').length;
  const soon = band.bars.filter((bar) => bar.state === 'soon').length;
  return `${open} window${open === 1 ? '' : 's'} open, ${soon} coming`;
}

function WideBand({ band }: { band: BandAnswer }) {
  const [ref, width] = useWidth<SVGSVGElement>();
  const show = useShow();
  const inner = Math.max(1, width - 2 * EDGE);
  const x = (day: number) => EDGE + (inner * day) / band.days;
  const xOf = (date: string) => x(daysBetween(band.start, date));
  const today = daysBetween(band.start, band.today);
  const top = Math.max(1, band.heat.at(-1) ?? 0, band.spread.at(-1)?.high ?? 0);
  const y = (cd: number) => BOTTOM - (cd / top) * (BOTTOM - HEAT_TOP);
  const sum = band.heat.at(-1) ?? 0;
  const needleLabel = `${showDate(band.today)}${band.heat.length > 0 ? `, ${show.heat(sum)}` : ''}`;
  return (
    <svg ref={ref} className="block w-full" height={HEIGHT}>
      {width > 0 && (
        <>
          <Stages band={band} xOf={xOf} />
          <path d={spreadPath(band.spread, today, x, y)} fill="#d3b08a" opacity="0.22" />
          <path
            d={band.heat
              .map((cd, day) => `${day ? 'L' : 'M'}${x(day).toFixed(1)} ${y(cd).toFixed(1)}`)
              .join('')}
            fill="none"
            stroke="#d3b08a"
            strokeWidth="2"
          />
          <Months band={band} xOf={xOf} end={x(band.days)} />
          <Bars band={band} xOf={xOf} end={width - EDGE} needleX={x(today)} />
          <line
            x1={x(today)}
            x2={x(today)}
            y1={TOP - 4}
            y2={BOTTOM + 5}
            stroke="var(--shell-text)"
            strokeWidth="1.5"
          />
          <text
            x={x(today) + (today > 60 ? -8 : 8)}
            y="30"
            textAnchor={today > 60 ? 'end' : 'start'}
            fontSize="13"
            fontWeight="600"
            fill="var(--shell-text)"
          >
            {needleLabel}
          </text>
        </>
      )}
    </svg>
  );
}

function Stages({ band, xOf }: { band: BandAnswer; xOf: (date: string) => number }) {
  if (!band.stages) {
    const words = band.noDormantSeason
      ? 'no dormant season here: flushes and generations run on'
      : 'stages show once a whole past year of temperatures is in';
    return (
      <text x={EDGE + 7} y="12" fontSize="11.5" fill="var(--shell-soft)">
        {words}
      </text>
    );
  }
  return band.stages.map(({ stage, from, to }, i) => {
    const left = xOf(from) + 1;
    const width = Math.max(0, xOf(addDays(to, 1)) - xOf(from) - 2);
    return (
      <g key={from}>
        <rect x={left} y="0" width={width} height={TOP - 4} fill={i % 2 ? '#46372c' : '#403228'} />
        {width > 50 && (
          <text x={left + 6} y="12" fontSize="11.5" fill="var(--shell-soft)">
            {STAGE_WORDS[stage]}
          </text>
        )}
      </g>
    );
  });
}

function Months({ band, xOf, end }: { band: BandAnswer; xOf: (date: string) => number; end: number }) {
  const firsts = Array.from({ length: band.days }, (_, day) => addDays(band.start, day)).filter((date) =>
    date.endsWith('-01'),
  );
  return (
    <>
      <line x1={EDGE} x2={end} y1={BOTTOM} y2={BOTTOM} stroke="var(--shell-rule)" />
      {firsts.map((date) => (
        <g key={date}>
          <line x1={xOf(date)} x2={xOf(date)} y1={BOTTOM} y2={BOTTOM + 5} stroke="var(--shell-rule)" />
          <text x={xOf(date) + 5} y={BOTTOM + 12} fontSize="11" fill="var(--shell-soft)">
            {showShortDate(date).slice(2)}
          </text>
        </g>
      ))}
    </>
  );
}

const groupWords = ({ bars }: BandGroup): string => bandGroupWords(bars.map(({ what }) => what));

/** Where one bar leads to; several together lead to the year. */
function addressOf({ bars: [bar, ...others] }: BandGroup): string {
  if (!bar || others.length > 0) return '/when/calendar';
  return bar.what.kind === 'infected' ? `/when/infections/${bar.watchId}` : `/when/${bar.watchId}`;
}

/** What can still be acted on finds room first. */
const IMPORTANCE: readonly BandBar['state'][] = ['open', 'soon', 'later', 'done', 'over'];

function Bars({
  band,
  xOf,
  end,
  needleX,
}: {
  band: BandAnswer;
  xOf: (date: string) => number;
  end: number;
  needleX: number;
}) {
  const ordered = groupBars(band.bars).toSorted(
    (a, b) => IMPORTANCE.indexOf(a.state) - IMPORTANCE.indexOf(b.state),
  );
  const { placed, left } = layOutBars(
    ordered.map((bar) => ({
      bar,
      x: xOf(bar.from),
      width: Math.max(5, xOf(bar.to) - xOf(bar.from)),
      labelWidth: bar.state === 'over' ? 0 : groupWords(bar).length * LABEL_PX_PER_LETTER,
    })),
    end,
    needleX,
  );
  return (
    <>
      {placed.map(({ bar, x, width, lane }) => (
        <Link
          key={bar.id}
          to={addressOf(bar)}
          aria-label={`${groupWords(bar)}, ${showDate(bar.from)} to ${showDate(bar.to)}, ${BAR_WORDS[bar.state]}`}
        >
          <title>{`${groupWords(bar)}: ${showDate(bar.from)} to ${showDate(bar.to)}, ${BAR_WORDS[bar.state]}`}</title>
          <rect x={x - 3} y={LANE_Y[lane]! - 6} width={width + 6} height="12" fill="transparent" />
          <rect
            x={x}
            y={LANE_Y[lane]! - 4}
            width={width}
            height="8"
            rx="4"
            strokeWidth="1.3"
            stroke={BAR_COLOUR[bar.state]}
            fill={bar.state === 'done' || bar.state === 'over' ? 'none' : BAR_COLOUR[bar.state]}
          />
        </Link>
      ))}
      {placed
        .filter(({ labelled, bar }) => labelled && bar.state !== 'over')
        .map(({ bar, x, width, lane, labelSide }) => (
          <text
            key={bar.id}
            aria-hidden="true"
            pointerEvents="none"
            x={labelSide === 'right' ? x + width + 6 : x - 6}
            textAnchor={labelSide === 'right' ? 'start' : 'end'}
            y={LANE_Y[lane]! + 4}
            fontSize="12"
            fill="var(--shell-text)"
          >
            {groupWords(bar)}
          </text>
        ))}
      {left > 0 && (
        <Link to="/when/calendar">
          <text
            x={needleX > end / 2 ? EDGE : end}
            y="30"
            textAnchor={needleX > end / 2 ? 'start' : 'end'}
            fontSize="12"
            fill="var(--shell-text)"
            textDecoration="underline"
          >
            and {left} more
          </text>
        </Link>
      )}
    </>
  );
}

/** The rest of the year as past years had it, from today on. */
function spreadPath(
  spread: readonly SpreadPoint[],
  today: number,
  x: (day: number) => number,
  y: (cd: number) => number,
): string {
  const rest = spread.map((point, day) => ({ ...point, day })).slice(today);
  if (rest.length === 0) return '';
  const point = (day: number, cd: number) => `${x(day).toFixed(1)} ${y(cd).toFixed(1)}`;
  const upper = rest.map(({ day, high }) => point(day, high)).join('L');
  const lower = [...rest]
    .reverse()
    .map(({ day, low }) => point(day, low))
    .join('L');
  return `M${upper}L${lower}Z`;
}

function NarrowBand({ band }: { band: BandAnswer }) {
  const at = (date: string) => (100 * daysBetween(band.start, date)) / band.days;
  return (
    <svg viewBox="0 0 100 10" preserveAspectRatio="none" className="h-4 w-full min-w-0" aria-hidden="true">
      <line x1="0" x2="100" y1="9" y2="9" stroke="var(--shell-rule)" strokeWidth="1" />
      {band.bars.map((bar) => (
        <rect
          key={bar.id}
          x={at(bar.from)}
          y="3.5"
          width={Math.max(1, at(bar.to) - at(bar.from))}
          height="4"
          fill={BAR_COLOUR[bar.state]}
          opacity={bar.state === 'over' ? 0.5 : 1}
        />
      ))}
      <line
        x1={at(band.today)}
        x2={at(band.today)}
        y1="0"
        y2="10"
        stroke="var(--shell-text)"
        strokeWidth="0.8"
      />
    </svg>
  );
}

/** The year, line by line: each with its days on a strip of the whole year. */
function BandList({ band }: { band: BandAnswer }) {
  const stage = band.stages?.find(({ from, to }) => from <= band.today && band.today <= to)?.stage;
  return (
    <div className="px-4 pb-3 text-[0.93rem]">
      <p className="text-(--shell-soft) mb-1">
        {showDate(band.today)}, day {dayOfYear(band.today) + 1}
        {stage ? `: ${STAGE_WORDS[stage]}` : ''}
      </p>
      <YearLine band={band} />
      <ul>
        {groupBars(band.bars)
          .filter((bar) => bar.state !== 'over')
          .map((bar) => (
            <BandListItem key={bar.id} bar={bar} band={band} />
          ))}
      </ul>
    </div>
  );
}

const shareOf = (band: BandAnswer, date: string) => (100 * daysBetween(band.start, date)) / band.days;

/** The stages and months of the year across the phone. */
function YearLine({ band }: { band: BandAnswer }) {
  const quarters = Array.from({ length: band.days }, (_, day) => addDays(band.start, day)).filter((date) =>
    /-(01|04|07|10)-01$/.test(date),
  );
  return (
    <div aria-hidden="true" className="relative h-9 mb-1">
      {band.stages?.map(({ stage, from, to }, i) => (
        <span
          key={from}
          className="absolute top-0 h-4 overflow-hidden whitespace-nowrap px-1 text-[0.7rem] leading-4 text-(--shell-soft)"
          style={{
            left: `${shareOf(band, from)}%`,
            width: `${shareOf(band, addDays(to, 1)) - shareOf(band, from)}%`,
            background: i % 2 ? '#46372c' : '#403228',
          }}
        >
          {shareOf(band, to) - shareOf(band, from) > 18 ? STAGE_WORDS[stage] : ''}
        </span>
      ))}
      {quarters.map((date) => (
        <span
          key={date}
          className="absolute top-4.5 border-l border-(--shell-rule) pl-1 text-[0.7rem] text-(--shell-soft)"
          style={{ left: `${shareOf(band, date)}%` }}
        >
          {showShortDate(date).slice(2)}
        </span>
      ))}
      <span
        className="absolute inset-y-0 w-0.5 bg-(--shell-text)"
        style={{ left: `${shareOf(band, band.today)}%` }}
      />
    </div>
  );
}

function BandListItem({ bar, band }: { bar: BandGroup; band: BandAnswer }) {
  return (
    <li>
      <Link to={addressOf(bar)} className="block min-h-11 py-1.5 border-t border-(--shell-rule)">
        <span className="flex flex-wrap justify-between gap-x-4">
          <span>{groupWords(bar)}</span>
          <span className="text-(--shell-soft) whitespace-nowrap">
            {BAR_WORDS[bar.state]}, {showShortDate(bar.from)}–{showShortDate(bar.to)}
          </span>
        </span>
        <span aria-hidden="true" className="relative block h-2.5 mt-1">
          <span
            className="absolute top-0.5 h-2 rounded-full min-w-1.5"
            style={{
              left: `${shareOf(band, bar.from)}%`,
              width: `${shareOf(band, bar.to) - shareOf(band, bar.from)}%`,
              background: BAR_COLOUR[bar.state],
            }}
          />
          <span
            className="absolute inset-y-0 w-0.5 bg-(--shell-text)"
            style={{ left: `${shareOf(band, band.today)}%` }}
          />
        </span>
      </Link>
    </li>
  );
}
