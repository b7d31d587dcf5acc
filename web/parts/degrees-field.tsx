import { useState } from 'react';
import { numberOr } from '../show/number-or.ts';
import { significant } from '../show/units.ts';
import { useShow } from '../show/use-show.ts';
import { Field } from './field.tsx';

interface DegreesFieldProps {
  readonly label: string;
  readonly error?: string | undefined;
  /** Null where none is said. */
  readonly valueC: number | null;
  readonly onChange: (valueC: number | null) => void;
}

/** A temperature in the garden's degrees, kept in °C; what is no number becomes NaN, which every schema refuses. */
export function DegreesField({ label, error, valueC, onChange }: DegreesFieldProps) {
  const show = useShow();
  const [typed, setTyped] = useState<string | null>(null);
  const shown = valueC === null || Number.isNaN(valueC) ? '' : significant(show.temperatureNumber(valueC), 1);
  return (
    <Field label={`${label}, ${show.temperatureUnit}`} error={error}>
      <input
        className="input w-full"
        inputMode="text"
        value={typed ?? shown}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          onChange(text.trim() === '' ? null : show.celsiusFrom(numberOr(text, Number.NaN)));
        }}
      />
    </Field>
  );
}
