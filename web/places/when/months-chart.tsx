import { Area, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { UncertainMonths } from '#core/weather';
import { MONTH_NAMES } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';

/** Usual lows and highs through the year, each within its band. */
export function MonthsChart({ months: { months, widthC } }: { months: UncertainMonths }) {
  const show = useShow();
  const shown = (celsius: number) => Math.round(show.temperatureNumber(celsius) * 10) / 10;
  const rows = months.map(({ minC, maxC }, i) => ({
    month: MONTH_NAMES[i]!.slice(0, 3),
    low: shown(minC),
    high: shown(maxC),
    lowBand: [shown(minC - widthC), shown(minC + widthC)],
    highBand: [shown(maxC - widthC), shown(maxC + widthC)],
  }));
  const words = rows.map(({ month, low, high }) => `${month} ${low} to ${high}`).join('; ');
  const tick = { fontSize: 12.5, fill: 'var(--ink-soft)' };
  return (
    <div role="img" aria-label={`Usual lows and highs, ${show.temperatureUnit}: ${words}.`}>
      <p className="text-sm soft">Usual low and high of a day, {show.temperatureUnit}</p>
      <ResponsiveContainer width="100%" height={260}>
        <ComposedChart
          data={rows}
          margin={{ top: 8, right: 8, bottom: 0, left: -16 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
          <XAxis dataKey="month" tick={tick} tickLine={false} stroke="var(--color-base-300)" />
          <YAxis tick={tick} tickLine={false} axisLine={false} domain={['auto', 'auto']} />
          <Area
            dataKey="highBand"
            stroke="none"
            fill="var(--color-warning)"
            fillOpacity={0.25}
            isAnimationActive={false}
          />
          <Area
            dataKey="lowBand"
            stroke="none"
            fill="var(--color-info)"
            fillOpacity={0.25}
            isAnimationActive={false}
          />
          <Line
            dataKey="high"
            stroke="var(--color-warning)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="low"
            stroke="var(--color-info)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
