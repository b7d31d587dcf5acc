import { useWatch, type UseFormReturn } from 'react-hook-form';
import { type LabelDoubt, rateMeaning } from '#core/materials';
import type { ProductRecord } from '#core/records';
import { GROUPS, HOSTS } from '#knowledge';
import { AmountField } from '../../parts/amount-field.tsx';
import { DegreesField } from '../../parts/degrees-field.tsx';
import { Field } from '../../parts/field.tsx';
import { LEAF_STATES } from './mix-words.ts';
import { RateFields } from './rate-fields.tsx';
import { numericOrNone } from '../../parts/typed-number.ts';
import { doubtWords } from './doubt-words.ts';

interface LineFieldsProps {
  readonly form: UseFormReturn<ProductRecord>;
  readonly index: number;
  readonly doubts: readonly LabelDoubt[];
  readonly onRemove: (() => void) | null;
}

const LIMITS: readonly [
  name:
    'intervalDays' | 'usesPerYear' | 'daysToHarvest' | 'reentryHours' | 'rainFreeHours' | 'reachBackHours',
  label: string,
][] = [
  ['intervalDays', 'Days between uses'],
  ['usesPerYear', 'Uses a year'],
  ['daysToHarvest', 'Days to harvest'],
  ['reentryHours', 'Hours to keep off'],
  ['rainFreeHours', 'Dry hours after'],
  ['reachBackHours', 'Hours it reaches back'],
];

const DEGREES = [
  ['leastC', 'Not below'],
  ['greatestC', 'Not above'],
] as const;
const LIMIT_NAMES = [...[...LIMITS, ...DEGREES].map(([name]) => name), 'mostPerYear' as const];

/** One line of a label, as it is written there. */
export function LineFields({ form, index, doubts, onRemove }: LineFieldsProps) {
  const {
    register,
    control,
    setValue,
    formState: { errors },
  } = form;
  const at = `lines.${index}` as const;
  const wrong = errors.lines?.[index];
  const line = useWatch({ control, name: at });
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
      <RateFields form={form} index={index} />
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
      <details className="md:col-span-4" open={LIMIT_NAMES.some((name) => wrong?.[name] !== undefined)}>
        <summary className="link-husk list-none inline-block">
          What the label limits: days between, harvest, heat, rain
        </summary>
        <div className="grid gap-4 grid-cols-2 md:grid-cols-4 mt-2">
          {LIMITS.map(([name, label]) => (
            <Field key={name} label={label} error={wrong?.[name]?.message}>
              <input
                className="input w-full"
                inputMode="decimal"
                {...register(`${at}.${name}`, numericOrNone)}
              />
            </Field>
          ))}
          <AmountField
            label="Most on a plant in a year"
            by={rateMeaning(1, line.rateUnit).by === 'weight' ? 'mass' : 'volume'}
            error={wrong?.mostPerYear?.message}
            value={line.mostPerYear === null ? null : { amount: line.mostPerYear }}
            onChange={(most) => setValue(`${at}.mostPerYear`, most?.amount ?? null, { shouldDirty: true })}
          />
          {DEGREES.map(([name, label]) => (
            <DegreesField
              key={name}
              label={label}
              error={wrong?.[name]?.message}
              valueC={line[name] ?? null}
              onChange={(valueC) => setValue(`${at}.${name}`, valueC, { shouldDirty: true })}
            />
          ))}
        </div>
      </details>
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
