import type { SelectHTMLAttributes } from 'react';
import { keysOf } from '#core/tables';

export interface Option<Value extends string> {
  readonly id: Value;
  readonly label: string;
}

/** A table of words as options, in its order. */
export function optionsOf<Value extends string>(words: Readonly<Record<Value, string>>): Option<Value>[] {
  return keysOf(words).map((id) => ({ id, label: words[id] }));
}

interface SelectOneProps<Value extends string> extends Omit<
  SelectHTMLAttributes<HTMLSelectElement>,
  'value' | 'onChange' | 'children'
> {
  readonly value: Value;
  readonly options: readonly Option<Value>[];
  readonly onChange: (value: Value) => void;
}

/** A list to choose one value from; it answers only with a value that is on the list. */
export function SelectOne<Value extends string>({
  value,
  options,
  onChange,
  ...rest
}: SelectOneProps<Value>) {
  return (
    <select
      {...rest}
      value={value}
      onChange={(event) => {
        const chosen = options.find(({ id }) => id === event.target.value);
        if (chosen) onChange(chosen.id);
      }}
    >
      {options.map(({ id, label }) => (
        <option key={id} value={id}>
          {label}
        </option>
      ))}
    </select>
  );
}
