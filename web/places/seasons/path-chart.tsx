import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { dateOfDayNumber } from '#core/calendar';
import type { PathAnswer } from '#engine';
import { PROTOCOL_TEXTS } from '#knowledge';
import { showShortDate } from '../../show/dates.ts';
import { showMeasure } from '../../show/measures.ts';
import { significant } from '../../show/units.ts';
import { layOutPath } from './path-layout.ts';

const AXIS = { fontSize: 12.5, fill: 'var(--ink-soft)' } as const;

/** A watch's level through the years, what was done as letters, and what would have been there left alone. */
export function PathChart({ path }: { path: PathAnswer }) {
  const { points, branches, next, ticks, domain, marks } = layOutPath(path);
  const [from, to] = [points[0]!.day, next.at(-1)!.day];
  const pad = Math.max(20, (to - from) * 0.05);
  const last = path.counts.at(-1)!;
  const words = path.counts
    .map(({ on, measure }) => `${showShortDate(on)} ${on.slice(0, 4)}: ${showMeasure(measure)}`)
    .join('; ');
  return (
    <div
      role="img"
      aria-label={`${PROTOCOL_TEXTS[last.protocol].measureName}: ${words}. Treatments: ${marks.length}.`}
    >
      <ResponsiveContainer width="100%" height={320}>
        <ComposedChart
          data={points}
          margin={{ top: 22, right: 12, bottom: 4, left: -18 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
          <XAxis
            dataKey="day"
            type="number"
            domain={[from - pad, to + pad]}
            ticks={[...points.map(({ day }) => day), to]}
            tickFormatter={monthYear}
            tick={AXIS}
            stroke="var(--color-base-300)"
          />
          <YAxis
            scale="log"
            domain={[...domain]}
            ticks={ticks}
            tickFormatter={(value: number) => significant(value, 2)}
            tick={AXIS}
            stroke="none"
            allowDataOverflow
          />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--bark-1)"
            fillOpacity={0.45}
            isAnimationActive={false}
          />
          {[...branches, next].map((branch) => (
            <Line
              key={branch[0]!.day}
              data={branch}
              dataKey="level"
              stroke="var(--honey-deep)"
              strokeWidth={1.6}
              strokeDasharray="5 4"
              dot={false}
              isAnimationActive={false}
            />
          ))}
          {[...branches, next].map((branch) => {
            const end = branch[1]!;
            return (
              <ReferenceLine
                key={end.day}
                segment={[
                  { x: end.day, y: end.low! },
                  { x: end.day, y: end.high! },
                ]}
                stroke="var(--honey-deep)"
                strokeWidth={1.6}
              />
            );
          })}
          {marks.map(({ day, label }) => (
            <ReferenceLine
              key={`${day} ${label}`}
              x={day}
              stroke="var(--color-primary)"
              strokeDasharray="2 3"
              label={{
                value: label,
                position: 'top',
                fontSize: 13,
                fontWeight: 600,
                fill: 'var(--husk-deep)',
              }}
            />
          ))}
          <Line dataKey="path" stroke="var(--bark-3)" strokeWidth={2} dot={false} isAnimationActive={false} />
          {points.map(({ day, counted }) => (
            <ReferenceDot
              key={day}
              x={day}
              y={counted!}
              r={7}
              fill="var(--bark-4)"
              stroke="var(--bark-5)"
              label={{
                value: significant(counted!, 1),
                position: 'bottom',
                offset: 12,
                fontSize: 13,
                fontWeight: 600,
                fill: 'var(--color-base-content)',
              }}
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
      <p className="soft text-sm">
        Beads: what was counted. Band: where the level lay by all counts, eight in ten. Dashed: what would
        have been there, and a year on, with nothing done. Each step up the scale multiplies.
      </p>
    </div>
  );
}

function monthYear(day: number): string {
  const date = dateOfDayNumber(day);
  return `${showShortDate(date).slice(-3)} ${date.slice(0, 4)}`;
}
