import { useMemo } from 'react';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { addDays, daysBetween } from '#core/calendar';
import type { ClockAnswer } from '#engine';
import { showShortDate } from '../../show/dates.ts';
import { significant, type Show } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { clockRange, type ClockRange } from './clock-range.ts';

const HEIGHT = 390;
const MARK_WORDS = {
  crawlers: { first: 'first hatch', window: 'window to treat' },
  adults: { first: 'a round later', window: 'adults fly' },
} as const;
/**
 * A first handful of crawlers should look like one: blocks are never drawn on a smaller scale than this
 * a week.
 */
const SMALLEST_TAPE_SCALE = 120;

/** Heat so far against past years, the published marks across it, tapes standing on the same days. */
export function ClockChart({ clock }: { clock: ClockAnswer }) {
  const show = useShow();
  const range = useMemo(() => clockRange(clock), [clock]);
  const rows = useMemo(() => chartRows(clock, range, show), [clock, range, show]);
  const today = daysBetween(clock.start, clock.today);
  const ticks = useMemo(() => monthTicks(clock, range), [clock, range]);
  const top = show.heatNumber(range.topCd);
  const mostPerWeek = Math.max(SMALLEST_TAPE_SCALE, ...clock.tapes.map((tape) => tape.perWeek));
  const marks = clock.events.filter(
    ({ event, started }) => started !== null && event.fromCd < range.topCd * 0.92,
  );
  return (
    <div role="img" aria-label={chartWords(clock, show)}>
      <p className="soft text-[0.82rem]">{show.heatUnit}</p>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart
          data={rows}
          margin={{ top: 8, right: 8, bottom: 4, left: -8 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="day"
            type="number"
            domain={[range.fromDay, range.toDay]}
            ticks={ticks}
            tickFormatter={(day: number) => showShortDate(addDays(clock.start, day))}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="var(--color-base-300)"
            allowDataOverflow
          />
          <YAxis
            yAxisId="heat"
            domain={[0, top]}
            ticks={heatTicks(top)}
            allowDataOverflow
            tickFormatter={(value: number) => String(Math.round(value))}
            tick={{ fontSize: 12.5, fill: 'var(--ink-soft)' }}
            stroke="none"
          />
          <YAxis yAxisId="tape" orientation="right" domain={[0, mostPerWeek * 2.6]} hide />
          {marks
            .filter(({ event }) => event.kind === 'window')
            .map(({ event }) => (
              <ReferenceArea
                key={event.id}
                yAxisId="heat"
                y1={show.heatNumber(event.fromCd)}
                y2={Math.min(top, show.heatNumber(event.toCd))}
                fill="var(--rain-pale)"
                fillOpacity={0.6}
                label={{
                  value: `${MARK_WORDS[event.stage].window} ${show.heatRange(event.fromCd, event.toCd)}`,
                  position: 'insideTopLeft',
                  fontSize: 12.5,
                  fill: 'var(--color-info)',
                }}
              />
            ))}
          <Area
            yAxisId="heat"
            dataKey="spread"
            stroke="none"
            fill="var(--bark-1)"
            fillOpacity={0.35}
            isAnimationActive={false}
          />
          <Line
            yAxisId="heat"
            dataKey="usual"
            stroke="var(--bark-2)"
            strokeWidth={1}
            strokeDasharray="3 3"
            dot={false}
            isAnimationActive={false}
          />
          {clock.tapes.map((tape) => (
            <ReferenceArea
              key={tape.takenOff}
              yAxisId="tape"
              x1={daysBetween(clock.start, tape.putOn) + 0.4}
              x2={daysBetween(clock.start, tape.takenOff) - 0.4}
              y1={0}
              y2={Math.max(tape.perWeek, mostPerWeek * 0.004)}
              fill="var(--color-accent)"
              fillOpacity={0.85}
              label={{
                value: significant(tape.crawlers, 0),
                position: 'top',
                fontSize: 12.5,
                fontWeight: 600,
                fill: 'var(--color-accent)',
              }}
            />
          ))}
          {marks
            .filter(({ event }) => event.kind === 'first')
            .map(({ event }) => (
              <ReferenceLine
                key={event.id}
                yAxisId="heat"
                y={show.heatNumber(event.fromCd)}
                stroke="var(--color-info)"
                strokeDasharray="6 4"
                label={{
                  value: `${MARK_WORDS[event.stage].first} ${show.heat(event.fromCd)}`,
                  position: 'insideBottomLeft',
                  fontSize: 12.5,
                  fill: 'var(--color-info)',
                }}
              />
            ))}
          {/* An axis only has a scale once something is drawn on it. */}
          <Line yAxisId="tape" dataKey="none" stroke="none" dot={false} isAnimationActive={false} />
          <Line
            yAxisId="heat"
            dataKey="measured"
            stroke="var(--twig)"
            strokeWidth={3}
            dot={false}
            isAnimationActive={false}
          />
          <Line
            yAxisId="heat"
            dataKey="forecast"
            stroke="var(--color-info)"
            strokeWidth={3}
            strokeDasharray="2 5"
            strokeLinecap="round"
            dot={false}
            isAnimationActive={false}
          />
          {clock.sprayedOn.map((on) => (
            <ReferenceLine
              key={on}
              yAxisId="heat"
              x={daysBetween(clock.start, on)}
              stroke="var(--color-primary)"
              strokeDasharray="2 2"
              label={{
                value: 'sprayed',
                position: 'insideTopRight',
                fontSize: 12,
                fill: 'var(--color-primary)',
              }}
            />
          ))}
          <ReferenceLine
            yAxisId="heat"
            x={today}
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
            label={{
              value: 'today',
              position: 'insideTopLeft',
              fontSize: 12.5,
              fontWeight: 600,
              fill: 'var(--color-base-content)',
              dy: 18,
            }}
          />
        </ComposedChart>
      </ResponsiveContainer>
      <p className="soft text-sm">
        Thick line: this year as measured; dotted: forecast. Shaded:{' '}
        {clock.pastSeasons.length > 0
          ? `${clock.pastSeasons.length} past years`
          : 'years drawn from the usual months'}
        , 8 in 10 of them, thin line their middle.
        {clock.tapes.length > 0 ? ' Blocks: crawlers on each tape, as high as its catch a week.' : ''}
      </p>
    </div>
  );
}

interface ChartRow {
  readonly day: number;
  readonly spread: [number, number] | null;
  readonly usual: number | null;
  readonly measured: number | null;
  readonly forecast: number | null;
  readonly none: 0;
}

/** A sum stands at the end of its day, so day 0's sum is drawn at 1. */
function chartRows(clock: ClockAnswer, range: ClockRange, show: Show): ChartRow[] {
  const heat = (cd: number | undefined) => (cd === undefined ? null : show.heatNumber(cd));
  const measuredTo = clock.measured.length;
  return Array.from({ length: range.toDay - range.fromDay + 1 }, (_, i) => {
    const day = range.fromDay + i;
    const past = clock.spread[day - 1];
    return {
      day,
      none: 0,
      spread: past ? [show.heatNumber(past.low), show.heatNumber(past.high)] : null,
      usual: past ? show.heatNumber(past.median) : null,
      measured: day === 0 ? 0 : heat(clock.measured[day - 1]),
      forecast:
        day === measuredTo
          ? heat(clock.measured.at(-1))
          : day > measuredTo
            ? heat(clock.forecast[day - 1 - measuredTo])
            : null,
    };
  });
}

/** Four to eight round steps up to the top. */
function heatTicks(top: number): number[] {
  const step = [10, 20, 50, 100, 200, 500].find((size) => top / size <= 8) ?? 1000;
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, i) => i * step);
}

/** The 1st and 15th of each month in sight. */
function monthTicks(clock: ClockAnswer, { fromDay, toDay }: ClockRange): number[] {
  return Array.from({ length: toDay - fromDay + 1 }, (_, i) => fromDay + i).filter((day) =>
    /-(01|15)$/.test(addDays(clock.start, day)),
  );
}

function chartWords(clock: ClockAnswer, show: Show): string {
  const sum = show.heat(clock.measured.at(-1) ?? 0);
  const tapes = clock.tapes.map((tape) => `${tape.crawlers} to ${showShortDate(tape.takenOff)}`).join(', ');
  return `Heat since ${showShortDate(clock.start)}: ${sum} by ${showShortDate(clock.today)}, against ${clock.pastSeasons.length > 0 ? `${clock.pastSeasons.length} past years` : 'years drawn from the usual months'}. Tapes: ${tapes || 'none'}. The table below has the figures.`;
}
