import { Field } from './field.tsx';

/** A remark, in as many words as somebody says: whole sentences, for a keyboard that writes what it hears. */
export function RemarkField({
  label = 'Remark',
  value,
  onChange,
}: {
  label?: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <Field label={label} hint="Typed, or said: the microphone on your keyboard writes here.">
      <textarea
        className="textarea w-full"
        rows={2}
        maxLength={2000}
        autoCapitalize="sentences"
        spellCheck
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </Field>
  );
}
