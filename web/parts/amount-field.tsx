import { useState } from 'react';
import {
  GRAMS_PER_OUNCE,
  type MeasureSystem,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_US_FLUID_OUNCE,
  readQuantity,
  typedNumber,
} from '#core/units';
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

/** An amount of product as the pack prints it, "16 fl oz" or "1 lb"; a bare number is of the garden's unit. */
export function AmountField({ label, hint, error, by, value, onChange }: AmountFieldProps) {
  const system = useGarden().data?.garden?.measureSystem ?? 'metric';
  const [typed, setTyped] = useState<string | null>(null);
  const unit = packUnit(system, by);
  const shown = value ? (value.printed ?? significant(value.amount / unit.one, 2)) : '';
  const text = typed ?? shown;
  const read = readAmount(text, system, by);
  return (
    <Field
      label={`${label}, ${unit.name} or as printed`}
      hint={read.ok && /\p{L}/u.test(text) ? amountWords(read.quantity.amount, unit, by) : hint}
      error={text !== '' && !read.ok && !isNought(text) ? quantityFault(read) : error}
    >
      <input
        className="input w-full"
        value={text}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(amountOf(event.target.value, system, by));
        }}
      />
    </Field>
  );
}

/** What a bare number on a pack stands for: its name and what one of it is, ml or g. */
interface PackUnit {
  readonly name: string;
  readonly one: number;
}

function packUnit(system: MeasureSystem, by: 'volume' | 'mass'): PackUnit {
  if (system === 'us' || system === 'imperial')
    return by === 'mass'
      ? { name: 'oz', one: GRAMS_PER_OUNCE }
      : { name: 'fl oz', one: system === 'us' ? ML_PER_US_FLUID_OUNCE : ML_PER_IMPERIAL_FLUID_OUNCE };
  return { name: by === 'mass' ? 'g' : 'ml', one: 1 };
}

function amountWords(amount: number, unit: PackUnit, by: 'volume' | 'mass'): string {
  const metric = `${significant(amount, 1)} ${by === 'mass' ? 'g' : 'ml'}`;
  return unit.one === 1 ? metric : `${significant(amount / unit.one, 2)} ${unit.name}, ${metric}`;
}

const isNought = (text: string) => typedNumber(text) === 0;

const readAmount = (text: string, system: MeasureSystem, by: 'volume' | 'mass') =>
  readQuantity(text, {
    system,
    plain: { dimension: by, amount: packUnit(system, by).one },
    dimension: by,
    ounce: by,
  });

/** What is no amount becomes NaN, which every schema refuses; an empty pack is 0. */
function amountOf(text: string, system: MeasureSystem, by: 'volume' | 'mass'): TypedAmount | null {
  if (text.trim() === '') return null;
  if (isNought(text)) return { amount: 0 };
  const read = readAmount(text, system, by);
  if (!read.ok) return { amount: Number.NaN };
  const { amount } = read.quantity;
  return /\p{L}/u.test(text) ? { amount, printed: text.trim() } : { amount };
}
