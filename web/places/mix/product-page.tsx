import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useFieldArray, useForm, type UseFormReturn } from 'react-hook-form';
import { Link, useNavigate, useParams } from 'react-router';
import { productRecord, type ProductRecord } from '#core/records';
import { GROUPS, HOSTS, MATERIALS } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { usePutProduct, useShelf } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { spreadProblem } from '../../parts/form-errors.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { LEAF_STATES, RATE_UNITS } from './mix-words.ts';

type Line = ProductRecord['lines'][number];

/** A line whose rates are empty until typed; the schema refuses it before that. */
function blankLine(): Line {
  const line: Omit<Line, 'rateLow' | 'rateHigh'> = {
    id: newId(), crop: '', hostIds: [], groups: [], leafStates: ['in-leaf'], rateUnit: 'percent', leastC: null, greatestC: null,
    intervalDays: null, usesPerYear: null, daysToHarvest: null, reentryHours: null, rainFreeHours: null,
  };
  return line as Line;
}

/** One product: its ingredient and the lines of its label. */
export function ProductPage() {
  const { productId } = useParams();
  const [blank] = useState(() => {
    const product: Omit<ProductRecord, 'strengthPercent'> = {
      id: newId(), name: '', materialId: 'mineral-oil', containsOil: true, formulation: 'emulsifiable-oil', lines: [blankLine()],
    };
    return product as ProductRecord;
  });
  return (
    <Answered question={useShelf()}>
      {({ products }) => {
        const product = productId === 'new' ? blank : products.find((entry) => entry.id === productId);
        if (!product) return <EmptyState title="There is no such product."><Link className="link-husk" to="/mix/shelf">To the shelf</Link></EmptyState>;
        return <ProductForm key={product.id} product={product} isNew={product === blank} />;
      }}
    </Answered>
  );
}

const numeric = { setValueAs: (value: unknown) => (typeof value === 'string' ? (value.trim() === '' ? Number.NaN : Number(value.replace(',', '.'))) : value) };
const numericOrNone = { setValueAs: (value: unknown) => (value === '' || value === null ? null : Number(value)) };

function ProductForm({ product, isNew }: { product: ProductRecord; isNew: boolean }) {
  const put = usePutProduct();
  const navigate = useNavigate();
  const { say } = useNotices();
  const [problem, setProblem] = useState<string | null>(null);
  const form = useForm<ProductRecord>({ resolver: zodResolver(productRecord), defaultValues: product });
  const { register, handleSubmit, setError, control, formState: { errors } } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'lines', keyName: 'key' });
  const save = handleSubmit(async (values) => {
    try {
      await put.mutateAsync(values);
      say(`${values.name} was kept.`, isNew ? undefined : () => put.mutate(product));
      await navigate('/mix/shelf');
    } catch (error) {
      setProblem(spreadProblem(error, setError, ['name', 'materialId', 'strengthPercent']));
    }
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)}>
      <PageHead title={isNew ? 'A new product' : product.name} lead="Name the active ingredient, not the brand, and copy the label's lines in its own words and units." />
      {problem && <p role="alert" className="text-error font-semibold mb-3">{problem}</p>}
      <div className="sheet p-5 grid gap-4 md:grid-cols-3 mb-5">
        <Field label="Name" error={errors.name?.message}><input className="input w-full" {...register('name')} /></Field>
        <Field label="Active ingredient" error={errors.materialId?.message}><select className="select w-full" {...register('materialId')}>{MATERIALS.map((material) => <option key={material.id} value={material.id}>{material.name}</option>)}</select></Field>
        <Field label="Strength, %" hint="of active ingredient" error={errors.strengthPercent?.message}><input className="input w-full" inputMode="decimal" {...register('strengthPercent', numeric)} /></Field>
        <Field label="It is a"><select className="select w-full" {...register('formulation')}><option value="emulsifiable-oil">oil that mixes with water</option><option value="soap">soap</option><option value="flowable">flowable liquid</option><option value="powder">powder</option><option value="soluble">soluble</option></select></Field>
        <label className="flex items-center gap-3 min-h-11 self-end"><input type="checkbox" className="checkbox" {...register('containsOil')} /> It contains oil</label>
      </div>
      <h2 className="mb-2">Lines of the label</h2>
      {fields.map((field, i) => <LineFields key={field.key} form={form} index={i} onRemove={fields.length > 1 ? () => remove(i) : null} />)}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn" onClick={() => append(blankLine())}>Another line</button>
        <button type="submit" className="btn btn-primary" disabled={put.isPending}>Keep it</button>
      </div>
    </form>
  );
}

function LineFields({ form, index, onRemove }: { form: UseFormReturn<ProductRecord>; index: number; onRemove: (() => void) | null }) {
  const { register, formState: { errors } } = form;
  const at = `lines.${index}` as const;
  const wrong = errors.lines?.[index];
  const optional: readonly [name: 'intervalDays' | 'usesPerYear' | 'daysToHarvest' | 'reentryHours' | 'rainFreeHours', label: string][] = [
    ['intervalDays', 'Days between uses'], ['usesPerYear', 'Uses a year'], ['daysToHarvest', 'Days to harvest'], ['reentryHours', 'Hours to keep off'], ['rainFreeHours', 'Dry hours after'],
  ];
  return (
    <fieldset className="sheet p-5 mb-4 grid gap-4 md:grid-cols-4">
      <legend className="sr-only">Line {index + 1}</legend>
      <div className="md:col-span-4 flex gap-4 items-end">
        <div className="flex-1"><Field label="For, in the label's words" error={wrong?.crop?.message}><input className="input w-full" placeholder="trees and shrubs in leaf" {...register(`${at}.crop`)} /></Field></div>
        {onRemove && <button type="button" className="btn btn-sm" onClick={onRemove}>Take this line out</button>}
      </div>
      <Field label="Lowest rate" error={wrong?.rateLow?.message}><input className="input w-full" inputMode="decimal" {...register(`${at}.rateLow`, numeric)} /></Field>
      <Field label="Highest rate" error={wrong?.rateHigh?.message}><input className="input w-full" inputMode="decimal" {...register(`${at}.rateHigh`, numeric)} /></Field>
      <div className="md:col-span-2"><Field label="Unit" error={wrong?.rateUnit?.message}><select className="select w-full" {...register(`${at}.rateUnit`)}>{Object.entries(RATE_UNITS).map(([id, name]) => <option key={id} value={id}>{name}</option>)}</select></Field></div>
      <CheckList legend="When" options={LEAF_STATES.map(({ id, label }) => [id, label])} name={`${at}.leafStates`} form={form} error={wrong?.leafStates?.message} />
      <CheckList legend="Against" options={Object.entries(GROUPS).filter(([id]) => id !== 'no-trouble').map(([id, group]) => [id, group.name])} name={`${at}.groups`} form={form} error={wrong?.groups?.message} />
      <details className="md:col-span-4"><summary className="link-husk list-none inline-block">Only on certain plants</summary>
        <CheckList legend="Plants the line names (none: as wide as its words)" options={HOSTS.map((host) => [host.id, host.name])} name={`${at}.hostIds`} form={form} error={wrong?.hostIds?.message} />
      </details>
      <div className="md:col-span-4 grid gap-4 grid-cols-2 md:grid-cols-5">
        {optional.map(([name, label]) => <Field key={name} label={label} error={wrong?.[name]?.message}><input className="input w-full" inputMode="numeric" {...register(`${at}.${name}`, numericOrNone)} /></Field>)}
      </div>
    </fieldset>
  );
}

function CheckList({ legend, options, name, form, error }: {
  legend: string; options: readonly (readonly [string, string])[]; name: `lines.${number}.leafStates` | `lines.${number}.groups` | `lines.${number}.hostIds`;
  form: UseFormReturn<ProductRecord>; error: string | undefined;
}) {
  return (
    <fieldset className="md:col-span-2">
      <legend className="font-semibold text-[0.93rem]">{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {options.map(([id, label]) => <label key={id} className="flex items-center gap-2 min-h-9"><input type="checkbox" className="checkbox checkbox-sm" value={id} {...form.register(name)} /> {label}</label>)}
      </div>
      {error && <p role="alert" className="text-sm font-semibold text-error">{legend}: {error}</p>}
    </fieldset>
  );
}
