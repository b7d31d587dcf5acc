import type { MonthDay } from '#core/calendar';
import { MONTH_NAMES } from '../show/dates.ts';
import { Field } from './field.tsx';

/** The third of a month a day of every year stands for. */
const THIRDS = [
  { day: '05', says: (month: string) => `early ${month}` },
  { day: '15', says: (month: string) => `mid-${month}` },
  { day: '25', says: (month: string) => `late ${month}` },
] as const;

const OPTIONS = MONTH_NAMES.flatMap((month, i) =>
  THIRDS.map(({ day, says }) => ({ id: `${String(i + 1).padStart(2, '0')}-${day}`, label: says(month) })),
);

interface AboutDayFieldProps {
  readonly label: string;
  /** What stands for no day: "not sure". */
  readonly none: string;
  readonly error?: string | undefined;
  readonly value: MonthDay | null;
  readonly onChange: (day: MonthDay | null) => void;
}

/** About when in the year, as people remember it: early, middle or late in a month. */
export function AboutDayField({ label, none, error, value, onChange }: AboutDayFieldProps) {
  // A day typed to the date elsewhere stays as it is.
  const exact = value !== null && !OPTIONS.some(({ id }) => id === value);
  return (
    <Field label={label} error={error}>
      <select
        className="select w-full"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
      >
        <option value="">{none}</option>
        {exact && <option value={value}>{exactly(value)}</option>}
        {OPTIONS.map(({ id, label: says }) => (
          <option key={id} value={id}>
            {says}
          </option>
        ))}
      </select>
    </Field>
  );
}

const exactly = (day: MonthDay) => `${Number(day.slice(3))} ${MONTH_NAMES[Number(day.slice(0, 2)) - 1]}`;
