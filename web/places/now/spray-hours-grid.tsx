import { useState } from 'react';
import type { HourReason, SprayDay, SprayHour } from '#core/spray-hours';
import { showNarrowDay, showWeekday } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';

const FIRST_HOUR = 6;
const LAST_HOUR = 21;
const ROW = 12.5;
const COLUMN = 33;

export const HOUR_REASONS: Readonly<Record<HourReason, string>> = {
  'too-cold': 'too cold',
  cool: 'cool: dries slowly',
  'too-hot': 'too hot',
  'hot-within-48-h': 'heat within two days',
  'frost-near': 'frost near',
  'rain-that-day': 'rain that day',
  'rain-within-hours': 'rain before it has set',
  windy: 'too windy',
  still: 'too still: drifts in layers',
  dark: 'dark: air lies in layers',
  'wet-overnight': 'too late to dry before night',
  bloom: 'in open bloom, and it harms bees',
  'bees-at-honeydew': 'bees at honeydew',
  thirsty: 'the plant is thirsty',
  'rain-unknown': 'rain not known',
  'wind-unknown': 'wind not known',
  'beyond-forecast': 'the days after are not known',
};

/** Hours of the next ten days: full block go, half poor, dot no, ring unknown. Reads without colour. */
export function SprayHoursGrid({ days }: { days: readonly SprayDay[] }) {
  const show = useShow();
  const [chosen, choose] = useState(0);
  const day = days[chosen] ?? days[0]!;
  return (
    <div>
      <svg
        viewBox={`0 0 370 ${24 + ROW * (LAST_HOUR - FIRST_HOUR + 1)}`}
        className="w-full"
        role="img"
        aria-label={gridWords(days)}
      >
        {days.map((entry, column) => (
          <g
            key={entry.date}
            transform={`translate(${36 + column * COLUMN} 0)`}
            onClick={() => choose(column)}
            className="cursor-pointer"
          >
            {column === chosen && (
              <rect x="-2" y="0" width="30" height="100%" rx="4" fill="var(--color-base-200)" />
            )}
            <text
              x="13"
              y="12"
              textAnchor="middle"
              fontSize="12"
              fontWeight={column === chosen ? 700 : 400}
              fill="var(--color-base-content)"
            >
              {showNarrowDay(entry.date)}
            </text>
            {entry.hours
              .filter(({ hour }) => hour >= FIRST_HOUR && hour <= LAST_HOUR)
              .map((hour) => (
                <HourMark key={hour.hour} hour={hour} />
              ))}
          </g>
        ))}
        {[6, 9, 12, 15, 18, 21].map((hour) => (
          <text key={hour} x="0" y={30 + (hour - FIRST_HOUR) * ROW} fontSize="11.5" fill="var(--ink-soft)">
            {hour} h
          </text>
        ))}
      </svg>
      <p className="soft text-sm mt-1">Full block: go; half: poor; dot: no; ring: not known.</p>
      <label className="mt-2 flex items-center gap-2 text-sm">
        <span className="soft">Reasons for</span>
        <select
          className="select select-sm w-auto"
          value={chosen}
          onChange={(event) => choose(Number(event.target.value))}
        >
          {days.map((entry, i) => (
            <option key={entry.date} value={i}>
              {showWeekday(entry.date)}
            </option>
          ))}
        </select>
      </label>
      <p className="text-sm mt-1">
        {dayWords(day)} {show.temperature(Math.max(...day.hours.map((h) => h.temperatureC)))} at most.
      </p>
    </div>
  );
}

function HourMark({ hour }: { hour: SprayHour }) {
  const y = 20 + (hour.hour - FIRST_HOUR) * ROW;
  switch (hour.verdict) {
    case 'go':
      return <rect x="0" y={y + 1} width="26" height="10.5" rx="2" fill="var(--color-primary)" />;
    case 'poor':
      return <rect x="0" y={y + 6} width="26" height="5" rx="2" fill="var(--color-primary)" opacity="0.5" />;
    case 'unknown':
      return <circle cx="13" cy={y + 6.5} r="3" fill="none" stroke="var(--ink-soft)" />;
    case 'no':
      return <circle cx="13" cy={y + 6.5} r="1.7" fill="var(--ink-soft)" />;
  }
}

/** Why a day's daylight hours are not better than they are. */
function dayWords(day: SprayDay): string {
  const light = day.hours.filter(({ reasons }) => !reasons.includes('dark'));
  const go = light.filter(({ verdict }) => verdict === 'go');
  const reasons = [...new Set(light.flatMap((hour) => hour.reasons))].map((reason) => HOUR_REASONS[reason]);
  if (go.length === light.length) return 'All daylight hours are good.';
  const good = go.length > 0 ? `Good ${go[0]!.hour}–${go.at(-1)!.hour + 1} h. ` : '';
  return `${good}Against it: ${reasons.join(', ')}.`;
}

/** The next good hours as a sentence; null when the forecast has none. */
export function nextGoodHours(days: readonly SprayDay[]): { date: string; from: number; to: number } | null {
  for (const day of days) {
    const start = day.hours.findIndex(({ verdict }) => verdict === 'go');
    if (start < 0) continue;
    const length = day.hours.slice(start).findIndex(({ verdict }) => verdict !== 'go');
    return { date: day.date, from: start, to: length < 0 ? 24 : start + length };
  }
  return null;
}

function gridWords(days: readonly SprayDay[]): string {
  return `Spray hours. ${days.map((day) => `${showWeekday(day.date)}: ${dayWords(day)}`).join(' ')}`;
}
