import { howMany } from '#knowledge';
import {
  Line,
  ComposedChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { type EmergenceFit, shareOut } from '#core/emergence';
import type { SeasonHatch } from '#engine';
import { useShow } from '../../show/use-show.ts';

const HEIGHT = 220;
const POINTS = 80;

/** One season's tapes as blocks over heat, and the fitted hatch drawn through them. */
export function HatchChart({ season }: { season: SeasonHatch & { fit: EmergenceFit } }) {
  const show = useShow();
  const { counts, fit } = season;
  const { name } = season.season;
  const [from, to] = [
    Math.min(...counts.map(({ fromCd }) => fromCd)),
    Math.max(...counts.map(({ toCd }) => toCd)),
  ];
  const within = counts.reduce(
    (sum, { fromCd, toCd }) => sum + shareOut(toCd, fit.curve) - shareOut(fromCd, fit.curve),
    0,
  );
  const total = fit.caught / within;
  // Crawlers per ten units of heat, as shown.
  const unit = 10 / (show.heatNumber(10) / 10);
  const step = (to - from) / POINTS;
  const rows = Array.from({ length: POINTS }, (_, i) => {
    const cd = from + i * step;
    return {
      heat: show.heatNumber(cd),
      rate: (total * (shareOut(cd + step, fit.curve) - shareOut(cd, fit.curve)) * unit) / step,
    };
  });
  const blocks = counts.map(({ fromCd, toCd, count }) => ({
    x1: show.heatNumber(fromCd),
    x2: show.heatNumber(toCd),
    rate: (count * unit) / (toCd - fromCd),
  }));
  const top = Math.max(...rows.map(({ rate }) => rate), ...blocks.map(({ rate }) => rate)) * 1.1;
  return (
    <div
      role="img"
      aria-label={`${name}: ${howMany(fit.caught, 'crawler')} on ${howMany(fit.tapes, 'tape')} over ${show.heat(from)} to ${show.heat(to)}; half out by ${show.heat(fit.half.valueCd)} as fitted`}
    >
      <p className="soft text-[0.82rem]">
        {name}: crawlers per {Math.round(10)} {show.heatUnit} on the tapes (blocks) and as fitted (line)
      </p>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart
          data={rows}
          margin={{ top: 8, right: 12, bottom: 4, left: -18 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="heat"
            type="number"
            domain={[show.heatNumber(from), show.heatNumber(to)]}
            tickFormatter={(value: number) => String(Math.round(value))}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="var(--color-base-300)"
            unit=""
          />
          <YAxis
            domain={[0, top]}
            tickFormatter={(value: number) => String(Math.round(value))}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="none"
          />
          {blocks.map(({ x1, x2, rate }) => (
            <ReferenceArea
              key={x1}
              x1={x1}
              x2={x2}
              y1={0}
              y2={rate}
              fill="var(--bark-2)"
              fillOpacity={0.55}
              stroke="var(--color-base-100)"
            />
          ))}
          <ReferenceLine
            x={show.heatNumber(fit.half.valueCd)}
            stroke="var(--ink-soft)"
            strokeDasharray="4 4"
            label={{ value: 'half out', position: 'insideTopLeft', fontSize: 12.5, fill: 'var(--ink-soft)' }}
          />
          <Line
            dataKey="rate"
            stroke="var(--color-primary)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
