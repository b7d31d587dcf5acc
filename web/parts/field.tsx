import { useId, type ReactElement, type ReactNode, cloneElement } from 'react';

interface FieldProps {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
  readonly children: ReactElement<{
    id?: string;
    'aria-describedby'?: string | undefined;
    'aria-invalid'?: boolean;
  }>;
}

/** A labelled control with its hint and, where something is wrong, the message right beneath it. */
export function Field({ label, hint, error, children }: FieldProps) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-semibold text-[0.93rem]">
        {label}
      </label>
      {cloneElement(children, {
        id,
        'aria-invalid': error !== undefined,
        'aria-describedby':
          [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined,
      })}
      {hint && (
        <span id={`${id}-hint`} className="text-sm soft">
          {hint}
        </span>
      )}
      {error && (
        <span id={`${id}-error`} role="alert" className="text-sm font-semibold text-error">
          {label}: {error}
        </span>
      )}
    </div>
  );
}

/** A question with a few answers to choose between, all in sight. */
export function Choices<T extends string>({
  legend,
  value,
  options,
  onChange,
  disabled = false,
}: {
  legend: string;
  /** Null while nothing is chosen. */
  value: T | null;
  options: readonly { id: T; label: ReactNode }[];
  onChange: (value: T) => void;
  disabled?: boolean;
}) {
  const name = useId();
  return (
    <fieldset disabled={disabled}>
      <legend className="font-semibold text-[0.93rem] mb-1">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map((option) => (
          <label
            key={option.id}
            className={`cursor-pointer rounded-lg border px-3 py-2 min-h-11 flex items-center gap-2 has-[:focus-visible]:outline-3 outline-info ${value === option.id ? 'border-primary bg-(--husk-pale) text-(--husk-deep) font-semibold' : 'border-base-300 bg-base-100'}`}
          >
            <input
              type="radio"
              name={name}
              className="sr-only"
              checked={value === option.id}
              onChange={() => onChange(option.id)}
            />
            {option.label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
