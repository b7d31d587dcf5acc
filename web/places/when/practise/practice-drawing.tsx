import { useMemo } from 'react';
import { addDays } from '#core/calendar';
import {
  type PracticeSight,
  practisedStream,
  sourceClearedOn,
  treatmentsDone,
  WEEK_DAYS,
} from '#core/practice';
import { stream } from '#core/season-model';
import type { PracticeTroubleId } from '#knowledge';
import { useWidth } from '../../../parts/use-width.ts';
import { showDate } from '../../../show/dates.ts';
import { DoneMark, StreamAxis } from '../plan/stream-axis.tsx';
import { StreamBands } from '../plan/stream-bands.tsx';
import { FOOT_PX, scaleOver, type StreamScale, TOP_PX, totalOf } from '../plan/stream-scale.ts';
import { stageNamesOf, wayName } from './practice-words.ts';
import type { Practice } from './use-practice.ts';

/** Above this a width has room for more height. */
const WIDE_PX = 620;
/** The season is drawn to some weeks after the last. */
const AFTER_DAYS = 3;

/** What was met through the season; once it is over, with what was true behind it. */
export function PracticeDrawing({
  practice,
  trouble,
  label,
}: {
  practice: Practice;
  trouble: PracticeTroubleId;
  label: string;
}) {
  const [box, width] = useWidth<HTMLDivElement>();
  const { practised, sights, log, result } = practice;
  const hangs = practised.trouble.by === 'hatch';
  const streamHeight = width > WIDE_PX ? 330 : 270;
  const height = streamHeight + (hangs ? STRIP_PX : 0);
  const lived = useLived(practice);
  const to = practised.firstDay + practised.weeks * WEEK_DAYS + AFTER_DAYS;
  const most = lived
    ? Math.max(...[...lived.alone, ...lived.mine].filter(({ day }) => day <= to).map(totalOf))
    : 100;
  const upper = scaleOver(
    { from: practised.firstDay, to, most: Math.max(1, most) },
    Math.max(width, 280),
    streamHeight,
  );
  // What was caught stands in a strip of its own beneath.
  const scale = { ...upper, height };
  const done = sights.filter((sight) => sight.kind === 'treated');
  return (
    <div ref={box}>
      <svg
        width="100%"
        height={height}
        viewBox={`0 0 ${scale.width} ${height}`}
        role="img"
        aria-label={label}
      >
        {lived && (
          <StreamBands
            scale={scale}
            alone={lived.alone}
            stream={lived.mine}
            names={stageNamesOf(trouble)}
            cuts={sights.filter(({ kind }) => kind !== 'caught' && kind !== 'hung')}
          />
        )}
        <Rain practice={practice} scale={scale} />
        <Counts sights={sights} scale={scale} />
        <Catches sights={sights} scale={scale} />
        <StreamAxis
          scale={scale}
          frame={{ start: practised.start, today: result ? -1 : log.today }}
          goodDays={null}
        />
        {done.map((sight, i) => (
          <DoneMark
            key={i}
            x={scale.x(sight.day)}
            scale={scale}
            date={showDate(addDays(practised.start, sight.day))}
            name={wayName(sight.wayId)}
            row={i % 3}
          />
        ))}
        {!lived && sights.length === 0 && (
          <text x={scale.width / 2} y={scale.middle} textAnchor="middle" fontSize={14} fill="var(--ink-soft)">
            Nothing is seen yet.
          </text>
        )}
      </svg>
    </div>
  );
}

/** The season as it was under what was done, and with nothing done; null until it is over. */
function useLived({ practised, truth, log, result }: Practice) {
  const isOver = result !== null;
  return useMemo(() => {
    if (!isOver) return null;
    const treatments = log.acts.flatMap((act) => (act.does === 'treat' ? [act] : []));
    const done = treatmentsDone(practised, truth, treatments).filter(({ day }) => day >= 0);
    return {
      alone: stream(truth.season, []),
      mine: practisedStream(truth, done, sourceClearedOn(log)),
    };
  }, [isOver, practised, truth, log]);
}

/** Room for what was caught, and the tallest bar in it. */
const STRIP_PX = 92;
const BAR_PX = 74;
const LEAST_MOST = 12;

/** What tapes or traps caught, each reading a bar over the days it stands for. */
function Catches({ sights, scale }: { sights: readonly PracticeSight[]; scale: StreamScale }) {
  const readings = sights.filter((sight) => sight.kind === 'caught');
  const sums = readings.map(({ each }) => each.reduce((sum, one) => sum + one, 0));
  const most = Math.max(LEAST_MOST, ...sums);
  const base = scale.height - FOOT_PX;
  return (
    <g>
      {readings.map(({ day, from }, i) => {
        const x = scale.x(from) + 1,
          width = Math.max(4, scale.x(day) - scale.x(from) - 2);
        const height = (sums[i]! / most) * BAR_PX;
        return (
          <g key={day}>
            <rect
              x={x}
              y={base - height}
              width={width}
              height={height}
              fill="var(--color-accent)"
              fillOpacity={0.55}
              stroke="var(--color-accent)"
            />
            <text
              x={x + width / 2}
              y={base - height - 4}
              textAnchor="middle"
              fontSize={11.5}
              fill="var(--color-base-content)"
              paintOrder="stroke"
              stroke="var(--color-base-100)"
              strokeWidth={3}
            >
              {sums[i]}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** Each count as wide as what it stands for, on the scale of what was true. */
function Counts({ sights, scale }: { sights: readonly PracticeSight[]; scale: StreamScale }) {
  return (
    <g stroke="var(--color-base-content)" strokeWidth={2} fill="var(--color-base-content)">
      {sights.map((sight, i) => {
        if (sight.kind !== 'counted' && sight.kind !== 'leaves') return null;
        const x = scale.x(sight.day),
          half = Math.min(scale.middle - TOP_PX / 2, sight.ofHundred * scale.perOne);
        return (
          <g key={i}>
            <line x1={x} x2={x} y1={scale.middle - half} y2={scale.middle + half} />
            <circle cx={x} cy={scale.middle - half} r={3} />
            <circle cx={x} cy={scale.middle + half} r={3} />
          </g>
        );
      })}
    </g>
  );
}

const RAIN_PX_A_MM = 1.6;
const MOST_RAIN_PX = 42;

/** Rain of the days gone by, hanging from above. */
function Rain({ practice: { practised, truth, log }, scale }: { practice: Practice; scale: StreamScale }) {
  const days = truth.weather
    .map(({ rainMm }, day) => ({ day, rainMm: rainMm ?? 0 }))
    .filter(
      ({ day, rainMm }) => day >= practised.firstDay && day < log.today && day <= scale.to && rainMm >= 0.5,
    );
  const wide = Math.max(1.5, scale.x(1) - scale.x(0) - 1);
  return (
    <g fill="var(--color-info)" fillOpacity={0.5}>
      {days.map(({ day, rainMm }) => (
        <rect
          key={day}
          x={scale.x(day) - wide / 2}
          y={TOP_PX - 6}
          width={wide}
          height={Math.min(MOST_RAIN_PX, Math.max(2, rainMm * RAIN_PX_A_MM))}
          rx={1}
        />
      ))}
    </g>
  );
}
