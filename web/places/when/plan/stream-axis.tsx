import { addDays } from '#core/calendar';
import type { PlanFrame } from '#engine';
import { MONTH_NAMES, showDate } from '../../../show/dates.ts';
import { FOOT_PX, monthsIn, type StreamScale, TOP_PX } from './stream-scale.ts';

/** Room for the word. */
const TODAY_PX = 50;

/** The months, today, and the days with good hours. */
export function StreamAxis({
  scale,
  frame,
  goodDays,
}: {
  scale: StreamScale;
  frame: Pick<PlanFrame, 'start' | 'today'>;
  goodDays: readonly number[] | null;
}) {
  const base = scale.height - FOOT_PX;
  const today = frame.today >= scale.from && frame.today <= scale.to;
  const hasRoomBefore = scale.x(frame.today) > TODAY_PX;
  return (
    <g fontSize={12.5} fill="var(--ink-soft)">
      <line
        x1={scale.x(scale.from)}
        x2={scale.x(scale.to)}
        y1={base}
        y2={base}
        stroke="var(--color-base-300)"
      />
      {monthsIn(frame.start, scale).map(({ day, month }) => (
        <text key={day} x={scale.x(day)} y={base + 17} textAnchor="middle">
          {MONTH_NAMES[month - 1]!.slice(0, 3)}
        </text>
      ))}
      {(goodDays ?? []).map((day) => (
        <rect
          key={day}
          x={scale.x(day) - 2.5}
          y={base - 8}
          width={5}
          height={6}
          rx={1.5}
          fill="var(--color-primary)"
        >
          <title>{`good hours, ${showDate(addDays(frame.start, day))}`}</title>
        </rect>
      ))}
      {goodDays && goodDays.length > 0 && (
        <text x={scale.x(goodDays[0]!)} y={base + 34} fill="var(--color-primary)" fontSize={11.5}>
          good hours
        </text>
      )}
      {today && (
        <>
          <line
            x1={scale.x(frame.today)}
            x2={scale.x(frame.today)}
            y1={TOP_PX - 6}
            y2={base}
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
          />
          <text
            x={scale.x(frame.today) + (hasRoomBefore ? -5 : 5)}
            y={base - 14}
            textAnchor={hasRoomBefore ? 'end' : 'start'}
            fontWeight={600}
            fill="var(--color-base-content)"
          >
            today
          </text>
        </>
      )}
    </g>
  );
}

interface DoneMarkProps {
  readonly x: number;
  readonly scale: StreamScale;
  readonly date: string;
  readonly name: string;
  /** Neighbours' words stand in rows of their own. */
  readonly row: number;
}

/** A treatment that was done, with its day. */
export function DoneMark({ x, scale, date, name, row }: DoneMarkProps) {
  return (
    <g>
      <line
        x1={x}
        x2={x}
        y1={TOP_PX - 4}
        y2={scale.height - FOOT_PX}
        stroke="var(--ink-soft)"
        strokeDasharray="4 3"
      />
      <title>{name}</title>
      <text x={x + 4} y={TOP_PX + 8 - 15 * row} fontSize={11.5} fill="var(--ink-soft)">
        {date}, done
      </text>
    </g>
  );
}
