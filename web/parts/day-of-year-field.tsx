import { useId } from 'react';
import type { MonthDay } from '#core/calendar';
import { MONTH_NAMES } from '../show/dates.ts';

interface DayOfYearFieldProps {
  readonly label: string;
  /** What stands for no day at all. */
  readonly none: string;
  readonly error?: string | undefined;
  /** `MM-DD`, or empty for none. */
  readonly value: MonthDay | '';
  readonly onChange: (day: MonthDay | '') => void;
}

const MONTHS = MONTH_NAMES.map((name, i) => ({ id: String(i + 1).padStart(2, '0'), name, days: daysOf(i) }));

/** A day that comes every year: its month, and then its day. */
export function DayOfYearField({ label, none, error, value, onChange }: DayOfYearFieldProps) {
  const id = useId();
  const [month = '', day = ''] = value.split('-');
  const days = MONTHS.find((entry) => entry.id === month)?.days ?? 0;
  const choose = (chosenMonth: string, chosenDay: string) => {
    const most = MONTHS.find((entry) => entry.id === chosenMonth)?.days;
    if (most === undefined) return onChange('');
    onChange(`${chosenMonth}-${Number(chosenDay) > most ? String(most) : chosenDay || '01'}`);
  };
  return (
    <fieldset aria-describedby={error ? `${id}-error` : undefined}>
      <legend className="font-semibold text-[0.93rem]">{label}</legend>
      <div className="flex gap-2">
        <select
          aria-label={`${label}, month`}
          className="select flex-1"
          value={month}
          onChange={(event) => choose(event.target.value, day)}
        >
          <option value="">{none}</option>
          {MONTHS.map((entry) => (
            <option key={entry.id} value={entry.id}>
              {entry.name}
            </option>
          ))}
        </select>
        {days > 0 && (
          <select
            aria-label={`${label}, day`}
            className="select w-20"
            value={day}
            onChange={(event) => choose(month, event.target.value)}
          >
            {Array.from({ length: days }, (_, i) => String(i + 1).padStart(2, '0')).map((entry) => (
              <option key={entry} value={entry}>
                {Number(entry)}
              </option>
            ))}
          </select>
        )}
      </div>
      {error && (
        <span id={`${id}-error`} role="alert" className="text-sm font-semibold text-error">
          {label}: {error}
        </span>
      )}
    </fieldset>
  );
}

/** Of a leap year, so that the 29th of February can be said. */
function daysOf(month: number): number {
  return new Date(Date.UTC(2024, month + 1, 0)).getUTCDate();
}
