import type { CivilDate } from '#core/calendar';
import { Field } from './field.tsx';

interface DayFieldProps {
  readonly label: string;
  readonly hint?: string;
  readonly error?: string | undefined;
  readonly value: CivilDate;
  readonly min?: CivilDate;
  /** The last day that may be chosen: today, for what was done or seen. */
  readonly max?: CivilDate;
  readonly isSmall?: boolean;
  readonly onChange: (day: CivilDate) => void;
}

/** A day, by the device's own picker. */
export function DayField({ label, hint, error, isSmall, value, min, max, onChange }: DayFieldProps) {
  return (
    <Field label={label} hint={hint} error={error}>
      <input
        type="date"
        className={`input w-full ${isSmall ? 'input-sm' : ''}`}
        value={value}
        min={min}
        max={max}
        onChange={(event) => onChange(event.target.value)}
      />
    </Field>
  );
}
