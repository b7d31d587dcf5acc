import { useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { INGREDIENTS, labelDoubts } from '#core/materials';
import { blankLine, productRecord, type ProductRecord } from '#core/records';
import { genericProduct, HOSTS, materialById, MATERIALS } from '#knowledge';
import { usePutProduct, useShelf } from '../../api/mixing.ts';
import { newId } from '../../api/new-id.ts';
import { AmountField } from '../../parts/amount-field.tsx';
import { Field } from '../../parts/field.tsx';
import { spreadProblem } from '../../parts/form-errors.ts';
import { History } from '../../parts/history.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { useToday } from '../../show/use-show.ts';
import { LineFields } from './line-fields.tsx';
import { numericOrNone, textOrNone } from '../../parts/typed-number.ts';
import { numberOr } from '../../show/number-or.ts';
import { wordedResolver } from '../../parts/worded-resolver.ts';
import { BothEdits } from '../../parts/both-edits.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { FormProblem } from '../../parts/form-problem.tsx';

const EDIBLE = new Set(HOSTS.filter(({ edible }) => edible).map(({ id }) => id));

/** A line whose rates are empty until typed; the schema refuses it before that. */
const emptyLine = () =>
  blankLine({ id: newId(), crop: '', rateLow: undefined as never, rateHigh: undefined as never });

/**
 * One product: its ingredient, its pack, and the lines of its label. A new one begins as its material
 * usually is.
 */
export function ProductPage() {
  const { productId } = useParams();
  const [params] = useSearchParams();
  const materialId = MATERIALS.find(({ id }) => id === params.get('material'))?.id ?? 'mineral-oil';
  return (
    <Answered question={useShelf()}>
      {({ products }) => {
        if (productId === 'new')
          return <NewProduct materialId={materialId} unlabelled={params.get('homemade') === '1'} />;
        const product = products.find((entry) => entry.id === productId);
        return product ? (
          <ProductForm key={product.id} product={product} isNew={false} />
        ) : (
          <EmptyState title="There is no such product.">
            <Link className="link-husk" to="/mix/shelf">
              To the shelf
            </Link>
          </EmptyState>
        );
      }}
    </Answered>
  );
}

/** A product as its material usually is, to begin from. */
function usualProduct(materialId: string, unlabelled: boolean): ProductRecord {
  const usual = genericProduct(materialId, newId);
  return {
    ...usual,
    name: '',
    unlabelled,
    apart: [...usual.apart],
    lines:
      usual.lines.length > 0
        ? usual.lines.map((line) => ({
            ...line,
            hostIds: [...line.hostIds],
            groups: [...line.groups],
            leafStates: [...line.leafStates],
          }))
        : [emptyLine()],
  };
}

function NewProduct({ materialId, unlabelled }: { materialId: string; unlabelled: boolean }) {
  const [product] = useState(() => usualProduct(materialId, unlabelled));
  return <ProductForm product={product} isNew />;
}

function ProductForm({ product, isNew }: { product: ProductRecord; isNew: boolean }) {
  const put = usePutProduct();
  const navigate = useNavigate();
  const today = useToday();
  const { say } = useNotices();
  const [problem, setProblem] = useState<string | null>(null);
  const form = useForm<ProductRecord>({ resolver: wordedResolver(productRecord), defaultValues: product });
  const {
    register,
    handleSubmit,
    setError,
    setValue,
    getValues,
    reset,
    control,
    formState: { errors },
  } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'lines', keyName: 'key' });
  const typed = useWatch({ control });
  const material = materialById(typed.materialId ?? product.materialId);
  const doubts = labelDoubts(
    {
      formulation: typed.formulation ?? product.formulation,
      lines: (typed.lines ?? []) as ProductRecord['lines'],
    },
    material.usual,
    EDIBLE,
  );
  const edit = useEditing(put, isNew ? null : product, (now) => reset(now));
  const save = handleSubmit(async (values) => {
    try {
      if (!(await edit.save(values))) return;
      say(`${values.name} was kept.`, isNew ? undefined : () => put.mutate({ from: values, to: product }));
      await navigate('/mix/shelf');
    } catch (error) {
      setProblem(spreadProblem(error, setError, ['name', 'materialId', 'strengthPercent']));
    }
  });
  const by = typed.formulation === 'powder' ? 'mass' : 'volume';
  return (
    <form noValidate onSubmit={(event) => void save(event)}>
      <PageHead
        title={isNew ? 'A new product' : product.name}
        lead="Name the active ingredient, not the brand, and copy the label's lines in its own words and units."
      />
      <FormProblem problem={problem} />
      <BothEdits edit={edit} />
      <div className="sheet p-5 grid gap-4 md:grid-cols-3 mb-5">
        <Field label="Name" error={errors.name?.message}>
          <input className="input w-full" {...register('name')} />
        </Field>
        {isNew ? (
          <Field label="Active ingredient" hint="choosing one begins with what is usual of it">
            <select
              className="select w-full"
              value={material.id}
              onChange={(event) => {
                // What was typed of the pack stays; what is usual of the ingredient begins anew.
                const { name, unlabelled, stock, pack, expiresOn } = getValues();
                const usual = usualProduct(event.target.value, unlabelled);
                reset({ ...usual, id: product.id, name, stock, pack, expiresOn });
              }}
            >
              {MATERIALS.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </Field>
        ) : (
          <Field label="Active ingredient" error={errors.materialId?.message}>
            <select className="select w-full" {...register('materialId')}>
              {MATERIALS.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </Field>
        )}
        <Field
          label="Strength, %"
          hint={`if the pack says; usual: ${material.buying.strength}`}
          error={errors.strengthPercent?.message}
        >
          <input
            className="input w-full"
            inputMode="decimal"
            {...register('strengthPercent', numericOrNone)}
          />
        </Field>
        <details
          className="md:col-span-3"
          open={Boolean(errors.modeOfAction ?? errors.mustNotTouch ?? errors.expiresOn)}
        >
          <summary className="link-husk list-none inline-block">
            What kind it is, use by, what it must not touch
          </summary>
          <div className="grid gap-4 md:grid-cols-3 mt-3">
            <Field label="It is a">
              <select className="select w-full" {...register('formulation')}>
                <option value="emulsifiable-oil">oil that mixes with water</option>
                <option value="soap">soap</option>
                <option value="flowable">flowable liquid</option>
                <option value="powder">powder</option>
                <option value="soluble">soluble</option>
              </select>
            </Field>
            <Field
              label="Mode of action"
              hint="the group printed on the label"
              error={errors.modeOfAction?.message}
            >
              <input className="input w-full" {...register('modeOfAction')} />
            </Field>
            <div className="flex flex-col">
              <label className="flex items-center gap-3 min-h-9">
                <input type="checkbox" className="checkbox" {...register('containsOil')} /> It contains oil
              </label>
              <label className="flex items-center gap-3 min-h-9">
                <input type="checkbox" className="checkbox" {...register('organic')} /> Its label allows
                organic growing
              </label>
              <label className="flex items-center gap-3 min-h-9">
                <input type="checkbox" className="checkbox" {...register('unlabelled')} /> Mixed at home: no
                label
              </label>
            </div>
            <div className="md:col-span-2">
              <Field
                label="What it must not touch"
                hint="in the label's words"
                error={errors.mustNotTouch?.message}
              >
                <input className="input w-full" {...register('mustNotTouch')} />
              </Field>
            </div>
            <Field label="Use by" error={errors.expiresOn?.message}>
              <input type="date" className="input w-full" {...register('expiresOn', textOrNone)} />
            </Field>
          </div>
        </details>
      </div>
      <details className="sheet p-5 mb-5" open={Boolean(errors.stock ?? errors.pack ?? errors.apart)}>
        <summary className="link-husk list-none inline-block">
          The pack: what is left, what it costs, days apart
        </summary>
        <div className="grid gap-4 md:grid-cols-4 mt-3">
          <AmountField
            label="Left in the pack"
            by={by}
            error={errors.stock?.amount?.message}
            value={product.stock}
            onChange={(left) =>
              setValue('stock', left && { ...left, countedOn: typed.stock?.countedOn ?? today })
            }
          />
          <Field
            label="As it stood on the morning of"
            hint="what is logged from that day on comes off"
            error={errors.stock?.countedOn?.message}
          >
            <input
              type="date"
              className="input w-full"
              max={today}
              value={typed.stock?.countedOn ?? ''}
              disabled={!typed.stock}
              onChange={(event) => setValue('stock.countedOn', event.target.value)}
            />
          </Field>
          <AmountField
            label="A pack holds"
            by={by}
            error={errors.pack?.amount?.message}
            value={product.pack}
            onChange={(holds) => setValue('pack', holds && { ...holds, price: typed.pack?.price ?? 0 })}
          />
          <Field label="and costs" hint="in your money" error={errors.pack?.price?.message}>
            <input
              className="input w-full"
              inputMode="decimal"
              disabled={!typed.pack}
              value={typed.pack?.price ?? ''}
              onChange={(event) => setValue('pack.price', numberOf(event.target.value))}
            />
          </Field>
        </div>
        <fieldset className="mt-4">
          <legend className="font-semibold text-[0.93rem]">Days its label keeps it apart from</legend>
          <div className="grid gap-x-4 gap-y-1 grid-cols-2 md:grid-cols-5">
            {INGREDIENTS.filter((id) => id !== 'other').map((ingredient) => {
              const apart = typed.apart ?? [];
              const days = apart.find((entry) => entry.ingredient === ingredient)?.days;
              const rest = apart.filter((entry) => entry.ingredient !== ingredient) as ProductRecord['apart'];
              return (
                <label key={ingredient} className="flex items-center gap-2 min-h-9">
                  <input
                    className="input input-sm w-16"
                    inputMode="numeric"
                    value={days ?? ''}
                    onChange={(event) =>
                      setValue(
                        'apart',
                        event.target.value === ''
                          ? rest
                          : [...rest, { ingredient, days: numberOf(event.target.value) }],
                      )
                    }
                  />{' '}
                  {ingredient.replaceAll('-', ' ')}
                </label>
              );
            })}
          </div>
          {errors.apart && (
            <p role="alert" className="text-sm font-semibold text-error">
              Days: a whole number, at most 365
            </p>
          )}
        </fieldset>
      </details>
      <h2 className="mb-2">Lines of the label</h2>
      {fields.map((field, i) => (
        <LineFields
          key={field.key}
          form={form}
          index={i}
          doubts={doubts.filter(({ lineId }) => lineId === typed.lines?.[i]?.id)}
          onRemove={fields.length > 1 ? () => remove(i) : null}
        />
      ))}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn" onClick={() => append(emptyLine())}>
          Another line
        </button>
        <button type="submit" className="btn btn-primary" disabled={put.isPending}>
          Keep it
        </button>
      </div>
      {!isNew && (
        <div className="mt-5">
          <History kind="product" id={product.id} />
        </div>
      )}
    </form>
  );
}

/** As typed: what is no number becomes NaN, which the schema refuses beside its field. */
const numberOf = (text: string) => numberOr(text, Number.NaN);
