import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { showDate } from '../show/dates.ts';

interface WindowBarProps {
  readonly opens: CivilDate | null;
  readonly closes: CivilDate | null;
  readonly today: CivilDate;
}

const WIDTH = 200;

/** A window as a short bar with today's needle, on a line that runs a few days past both. */
export function WindowBar({ opens, closes, today }: WindowBarProps) {
  const from = opens ?? today;
  if (!closes) return null;
  const start = addDays(from < today ? from : today, -4);
  const end = addDays(closes > today ? closes : today, 4);
  const x = (date: CivilDate) => (WIDTH * daysBetween(start, date)) / daysBetween(start, end);
  const colour =
    closes < today ? 'var(--color-error)' : from <= today ? 'var(--color-primary)' : 'var(--color-accent)';
  const label = `${showDate(from)} to ${showDate(closes)}, today ${showDate(today)}`;
  return (
    <svg viewBox={`0 0 ${WIDTH} 18`} className="w-full max-w-52 h-[18px] mt-1" role="img" aria-label={label}>
      <line x1="0" x2={WIDTH} y1="10" y2="10" stroke="var(--color-base-300)" strokeWidth="2" />
      <rect x={x(from)} y="6" width={Math.max(5, x(closes) - x(from))} height="8" rx="4" fill={colour} />
      <line x1={x(today)} x2={x(today)} y1="1" y2="18" stroke="var(--color-base-content)" strokeWidth="2" />
    </svg>
  );
}
