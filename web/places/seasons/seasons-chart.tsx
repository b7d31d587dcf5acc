import {
  CartesianGrid,
  ComposedChart,
  ErrorBar,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { dateOfDayNumber, dayNumber } from '#core/calendar';
import { PROTOCOL_TEXTS } from '#knowledge';
import type { WatchSeasons } from '#engine';
import { showShortDate } from '../../show/dates.ts';
import { showMeasure } from '../../show/measures.ts';
import { significant } from '../../show/units.ts';

/** Each count with its interval on a scale of time, treatments marked where they fell. */
export function SeasonsChart({ watch }: { watch: WatchSeasons }) {
  const last = watch.seasons.at(-1)!;
  // One way of counting at a time: others have their own scale.
  const seasons = watch.seasons.filter(
    ({ protocol, tagged }) => protocol === last.protocol && tagged === last.tagged,
  );
  const percent = last.measure.kind === 'share' ? 100 : 1;
  const rows = seasons.map(({ on, measure }) => ({
    day: dayNumber(on),
    value: percent * measure.value,
    span: [percent * (measure.value - measure.low), percent * (measure.high - measure.value)] as [
      number,
      number,
    ],
  }));
  const treated = watch.seasons.flatMap((season) =>
    season.treatments.map((treatment) => dayNumber(treatment.on)),
  );
  const [from, to] = [rows[0]!.day, rows.at(-1)!.day];
  const pad = Math.max(30, (to - from) * 0.08);
  const words = seasons
    .map(({ on, measure }) => `${showShortDate(on)} ${on.slice(0, 4)}: ${showMeasure(measure)}`)
    .join('; ');
  return (
    <div
      role="img"
      aria-label={`${PROTOCOL_TEXTS[last.protocol].measureName}: ${words}. Treatments: ${treated.length}.`}
    >
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart
          data={rows}
          margin={{ top: 12, right: 16, bottom: 4, left: -16 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
          <XAxis
            dataKey="day"
            type="number"
            domain={[from - pad, to + pad]}
            ticks={rows.map((row) => row.day)}
            tickFormatter={monthYear}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="var(--color-base-300)"
          />
          <YAxis
            domain={[0, 'auto']}
            tickFormatter={(value: number) => significant(value, 1)}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="none"
          />
          {treated.map((day, i) => (
            <ReferenceLine key={i} x={day} stroke="var(--color-primary)" strokeDasharray="2 3" />
          ))}
          <Line
            dataKey="value"
            stroke="var(--bark-2)"
            strokeWidth={2}
            isAnimationActive={false}
            dot={{ r: 7, fill: 'var(--bark-4)', stroke: 'var(--bark-5)' }}
            label={{
              position: 'right',
              offset: 12,
              fontSize: 13,
              fontWeight: 600,
              fill: 'var(--color-base-content)',
              formatter: (value: unknown) => significant(Number(value), 1),
            }}
          >
            <ErrorBar dataKey="span" width={8} strokeWidth={2} stroke="var(--bark-4)" direction="y" />
          </Line>
        </ComposedChart>
      </ResponsiveContainer>
      <p className="soft text-sm">Bars: 95 % interval.{treated.length > 0 ? ' Dotted lines: sprays.' : ''}</p>
    </div>
  );
}

function monthYear(day: number): string {
  const date = dateOfDayNumber(day);
  return `${showShortDate(date).slice(-3)} ${date.slice(0, 4)}`;
}
