import { useState } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { rateOfPrinted } from '#core/materials';
import type { ProductRecord } from '#core/records';
import { type PrintedRate, readRate } from '#core/units';
import { useGarden } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { quantityFault } from '../../show/quantity-words.ts';
import { significant } from '../../show/units.ts';
import { RATE_UNITS } from './mix-words.ts';
import { partMeasures } from './part-measures.ts';
import { numeric } from '../../parts/typed-number.ts';

interface RateFieldsProps {
  readonly form: UseFormReturn<ProductRecord>;
  readonly index: number;
}

/** A line's rate: typed as the label prints it, or in its parts. */
export function RateFields({ form, index }: RateFieldsProps) {
  const {
    register,
    control,
    setValue,
    formState: { errors },
  } = form;
  const at = `lines.${index}` as const;
  const wrong = errors.lines?.[index];
  const system = useGarden().data?.garden?.measureSystem ?? 'metric';
  const measures = partMeasures(system);
  const [line, formulation] = useWatch({ control, name: [at, 'formulation'] });
  const [typed, setTyped] = useState(line.ratePrinted ?? '');
  const ounce = formulation === 'powder' ? 'mass' : 'volume';
  const read = readRate(typed, { system, ounce });
  const type = (text: string) => {
    setTyped(text);
    const said = readRate(text, { system, ounce });
    setValue(`${at}.ratePrinted`, said.ok ? text.trim() : undefined, { shouldDirty: true });
    if (!said.ok) return;
    const { rateLow, rateHigh, rateUnit } = rateOfPrinted(said.rate);
    const options = { shouldDirty: true, shouldValidate: wrong !== undefined };
    setValue(`${at}.rateUnit`, rateUnit, options);
    setValue(`${at}.rateLow`, rateLow, options);
    setValue(`${at}.rateHigh`, rateHigh, options);
  };
  // Whoever changes the parts says something else than was printed.
  const changeParts = {
    onChange: () => {
      setTyped('');
      setValue(`${at}.ratePrinted`, undefined);
    },
  };
  return (
    <>
      <div className="md:col-span-2">
        <Field
          label="Rate, as it is printed"
          hint={
            read.ok
              ? `${rangeWords(read.rate, measures[read.rate.by].perLitre)} ${measures[read.rate.by].words} of spray`
              : 'such as 2 to 3 tbsp per gallon, 5 ml per l, 1 1/2 fl oz per gal, 1–2 %'
          }
          error={typed !== '' && !read.ok ? quantityFault(read) : undefined}
        >
          <input className="input w-full" value={typed} onChange={(event) => type(event.target.value)} />
        </Field>
      </div>
      <details
        className="md:col-span-2"
        open={Boolean(wrong?.rateLow ?? wrong?.rateHigh ?? wrong?.rateUnit) || typed === ''}
      >
        <summary className="link-husk list-none inline-block">Rate in parts, or by ground or trunk</summary>
        <div className="grid grid-cols-2 gap-3 mt-2">
          <Field label="Lowest rate" error={wrong?.rateLow?.message}>
            <input
              className="input w-full"
              inputMode="decimal"
              {...register(`${at}.rateLow`, { ...numeric, ...changeParts })}
            />
          </Field>
          <Field label="Highest rate" error={wrong?.rateHigh?.message}>
            <input
              className="input w-full"
              inputMode="decimal"
              {...register(`${at}.rateHigh`, { ...numeric, ...changeParts })}
            />
          </Field>
          <div className="col-span-2">
            <Field label="Unit" error={wrong?.rateUnit?.message}>
              <select className="select w-full" {...register(`${at}.rateUnit`, changeParts)}>
                {Object.entries(RATE_UNITS).map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </Field>
          </div>
        </div>
      </details>
    </>
  );
}

/** "7.5" or "5 to 10", of a measure of which one is so much in a litre. */
function rangeWords({ low, high }: PrintedRate, perLitre: number): string {
  const [from, to] = [figure(low / perLitre), figure(high / perLitre)];
  return from === to ? from : `${from} to ${to}`;
}

const figure = (value: number) => significant(value, value < 1 ? 3 : value < 10 ? 2 : 1);
