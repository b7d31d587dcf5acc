import type { UseFormReturn } from 'react-hook-form';
import type { LabelDoubt } from '#core/materials';
import type { ProductRecord } from '#core/records';
import { GROUPS, HOSTS } from '#knowledge';
import { Field } from '../../parts/field.tsx';
import { LEAF_STATES, RATE_UNITS } from './mix-words.ts';
import { numeric, numericOrNone } from './typed-number.ts';
import { doubtWords } from './doubt-words.ts';

interface LineFieldsProps {
  readonly form: UseFormReturn<ProductRecord>;
  readonly index: number;
  readonly doubts: readonly LabelDoubt[];
  readonly onRemove: (() => void) | null;
}

const LIMITS: readonly [
  name:
    | 'intervalDays'
    | 'usesPerYear'
    | 'mostPerYear'
    | 'daysToHarvest'
    | 'reentryHours'
    | 'rainFreeHours'
    | 'leastC'
    | 'greatestC',
  label: string,
][] = [
  ['intervalDays', 'Days between uses'],
  ['usesPerYear', 'Uses a year'],
  ['mostPerYear', 'ml or g a year'],
  ['daysToHarvest', 'Days to harvest'],
  ['reentryHours', 'Hours to keep off'],
  ['rainFreeHours', 'Dry hours after'],
  ['leastC', 'Not below, °C'],
  ['greatestC', 'Not above, °C'],
];

/** One line of a label, as it is written there. */
export function LineFields({ form, index, doubts, onRemove }: LineFieldsProps) {
  const {
    register,
    formState: { errors },
  } = form;
  const at = `lines.${index}` as const;
  const wrong = errors.lines?.[index];
  return (
    <fieldset className="sheet p-5 mb-4 grid gap-4 md:grid-cols-4">
      <legend className="sr-only">Line {index + 1}</legend>
      <div className="md:col-span-4 flex flex-wrap gap-4 items-end">
        <div className="flex-1 min-w-60">
          <Field label="For, in the label's words" error={wrong?.crop?.message}>
            <input
              className="input w-full"
              placeholder="trees and shrubs in leaf"
              {...register(`${at}.crop`)}
            />
          </Field>
        </div>
        <div className="w-52">
          <Field label="Where it holds" error={wrong?.region?.message}>
            <input className="input w-full" placeholder="everywhere" {...register(`${at}.region`)} />
          </Field>
        </div>
        {onRemove && (
          <button type="button" className="btn btn-sm" onClick={onRemove}>
            Take this line out
          </button>
        )}
      </div>
      <Field label="Lowest rate" error={wrong?.rateLow?.message}>
        <input className="input w-full" inputMode="decimal" {...register(`${at}.rateLow`, numeric)} />
      </Field>
      <Field label="Highest rate" error={wrong?.rateHigh?.message}>
        <input className="input w-full" inputMode="decimal" {...register(`${at}.rateHigh`, numeric)} />
      </Field>
      <div className="md:col-span-2">
        <Field label="Unit" error={wrong?.rateUnit?.message}>
          <select className="select w-full" {...register(`${at}.rateUnit`)}>
            {Object.entries(RATE_UNITS).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Field>
      </div>
      {doubts.length > 0 && (
        <ul aria-label="Worth a second look" className="md:col-span-4 border-l-3 border-warning pl-3">
          {doubts.map(({ field, why }) => (
            <li key={field + why.kind}>
              <b className="font-semibold">{DOUBT_NAMES[field] ?? field}</b> {doubtWords(why)}
            </li>
          ))}
        </ul>
      )}
      <CheckList
        legend="When"
        options={LEAF_STATES.map(({ id, label }) => [id, label])}
        name={`${at}.leafStates`}
        form={form}
        error={wrong?.leafStates?.message}
      />
      <CheckList
        legend="Against"
        options={Object.entries(GROUPS)
          .filter(([id]) => id !== 'no-trouble' && id !== 'helper')
          .map(([id, group]) => [id, group.name])}
        name={`${at}.groups`}
        form={form}
        error={wrong?.groups?.message}
      />
      <details className="md:col-span-4">
        <summary className="link-husk list-none inline-block">Only on certain plants</summary>
        <CheckList
          legend="Plants the line names (none: as wide as its words)"
          options={HOSTS.map((host) => [host.id, host.name])}
          name={`${at}.hostIds`}
          form={form}
          error={wrong?.hostIds?.message}
        />
      </details>
      <div className="md:col-span-4 grid gap-4 grid-cols-2 md:grid-cols-4">
        {LIMITS.map(([name, label]) => (
          <Field key={name} label={label} error={wrong?.[name]?.message}>
            <input
              className="input w-full"
              inputMode="decimal"
              {...register(`${at}.${name}`, numericOrNone)}
            />
          </Field>
        ))}
      </div>
    </fieldset>
  );
}

const DOUBT_NAMES: Readonly<Partial<Record<LabelDoubt['field'], string>>> = {
  rateHigh: 'The highest rate',
  rateUnit: 'The unit:',
  daysToHarvest: 'Days to harvest:',
  greatestC: 'The greatest temperature',
};

function CheckList({
  legend,
  options,
  name,
  form,
  error,
}: {
  legend: string;
  options: readonly (readonly [string, string])[];
  name: `lines.${number}.leafStates` | `lines.${number}.groups` | `lines.${number}.hostIds`;
  form: UseFormReturn<ProductRecord>;
  error: string | undefined;
}) {
  return (
    <fieldset className="md:col-span-2">
      <legend className="font-semibold text-[0.93rem]">{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {options.map(([id, label]) => (
          <label key={id} className="flex items-center gap-2 min-h-9">
            <input type="checkbox" className="checkbox checkbox-sm" value={id} {...form.register(name)} />{' '}
            {label}
          </label>
        ))}
      </div>
      {error && (
        <p role="alert" className="text-sm font-semibold text-error">
          {legend}: {error}
        </p>
      )}
    </fieldset>
  );
}
