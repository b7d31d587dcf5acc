import { useState } from 'react';
import { readQuantity } from '#core/units';
import { useGarden } from '../api/queries.ts';
import { quantityFault } from '../show/quantity-words.ts';
import { significant } from '../show/units.ts';
import { Field } from './field.tsx';

/** What was typed of an amount of product: ml or g, and its own words where a unit was among them. */
export interface TypedAmount {
  readonly amount: number;
  readonly printed?: string;
}

interface AmountFieldProps {
  readonly label: string;
  readonly hint?: string;
  readonly error?: string | undefined;
  readonly by: 'volume' | 'mass';
  readonly value: { readonly amount: number; readonly printed?: string | undefined } | null | undefined;
  readonly onChange: (value: TypedAmount | null) => void;
}

/** An amount of product as the pack prints it, "16 fl oz" or "1 lb"; a bare number is ml or g. */
export function AmountField({ label, hint, error, by, value, onChange }: AmountFieldProps) {
  const system = useGarden().data?.garden?.measureSystem ?? 'metric';
  const [typed, setTyped] = useState<string | null>(null);
  const unit = by === 'volume' ? 'ml' : 'g';
  const shown = value ? (value.printed ?? significant(value.amount, 2)) : '';
  const text = typed ?? shown;
  const read = readQuantity(text, { system, plain: { dimension: by, amount: 1 }, dimension: by, ounce: by });
  const isZero = /^\s*0+([.,]0*)?\s*$/.test(text);
  return (
    <Field
      label={`${label}, ${unit} or as printed`}
      hint={read.ok && /\p{L}/u.test(text) ? `${significant(read.quantity.amount, 1)} ${unit}` : hint}
      error={text !== '' && !read.ok && !isZero ? quantityFault(read) : error}
    >
      <input
        className="input w-full"
        value={text}
        onChange={(event) => {
          const said = event.target.value;
          setTyped(said);
          onChange(amountOf(said, system, by));
        }}
      />
    </Field>
  );
}

/** What is no amount becomes NaN, which every schema refuses; an empty pack is 0. */
function amountOf(
  text: string,
  system: Parameters<typeof readQuantity>[1]['system'],
  by: 'volume' | 'mass',
): TypedAmount | null {
  if (text.trim() === '') return null;
  if (/^\s*0+([.,]0*)?\s*$/.test(text)) return { amount: 0 };
  const read = readQuantity(text, { system, plain: { dimension: by, amount: 1 }, dimension: by, ounce: by });
  if (!read.ok) return { amount: Number.NaN };
  const { amount } = read.quantity;
  return /\p{L}/u.test(text) ? { amount, printed: text.trim() } : { amount };
}
