import { useState } from 'react';
import { useForm, useWatch, type ResolverResult, type UseFormRegisterReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { z } from 'zod';
import { plantRecord, type Place, type Plant } from '#core/records';
import { DISEASES, fieldWords, hostById, targetById } from '#knowledge';
import { usePutPlant } from '../../api/queries.ts';
import { DayOfYearField } from '../../parts/day-of-year-field.tsx';
import { HostField } from '../../parts/host-field.tsx';
import { BothEdits } from '../../parts/both-edits.tsx';
import { Field } from '../../parts/field.tsx';
import { spreadProblem } from '../../parts/form-errors.ts';
import { useNotices } from '../../parts/notices.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { FormProblem } from '../../parts/form-problem.tsx';
import type { Show } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { numberOr } from '../../show/number-or.ts';

const SHOWN = [
  'name',
  'hostId',
  'placeId',
  'count',
  'heightM',
  'spreadM',
  'lengthM',
  'yearPlanted',
  'note',
  'harvestFrom',
  'harvestTo',
] as const;

/** What is folded away while a plant is new. */
const MORE = ['yearPlanted', 'harvestFrom', 'harvestTo', 'note'] as const;

/** The parts a plant's particulars are changed in, one at a time. */
export type PlantPart = 'is' | 'grows' | 'serves';

/** Everything about one plant, or a part of it. Sizes are typed in the garden's unit and kept in metres. */
export function PlantForm({
  plant,
  places,
  isNew,
  part = null,
  onDone,
}: {
  plant: Plant;
  places: readonly Place[];
  isNew: boolean;
  /** Null for all of it. */
  part?: PlantPart | null;
  onDone?: () => void;
}) {
  const show = useShow();
  const { say } = useNotices();
  const navigate = useNavigate();
  const put = usePutPlant();
  const [problem, setProblem] = useState<string | null>(null);
  const {
    register,
    handleSubmit,
    setError,
    setValue,
    reset,
    control,
    formState: { errors },
  } = useForm<TypedPlant, unknown, Plant>({
    // What is typed stays as typed; only its record, in metres, is judged.
    resolver: (typed) => judged(recordOf(typed, show)),
    defaultValues: typedOf(plant, show),
  });
  const hostId = useWatch({ control, name: 'hostId' });
  const [harvestFrom, harvestTo] = useWatch({ control, name: ['harvestFrom', 'harvestTo'] });
  const hasMoreFaults = MORE.some((field) => errors[field] !== undefined);
  const comesBothWays = hostId !== '' && hostById(hostId).evergreen === 'either';
  const edit = useEditing(put, isNew ? null : plant, (now) => reset(typedOf(now, show)));
  const save = handleSubmit(async (values) => {
    try {
      if (!(await edit.save(values))) return;
      say(
        isNew ? `${values.name} was added.` : `${values.name} was saved.`,
        isNew ? undefined : () => put.mutate({ from: values, to: plant }),
      );
      if (isNew) await navigate(`/garden/${values.id}`);
      setProblem(null);
    } catch (error) {
      setProblem(spreadProblem(error, setError, SHOWN));
    }
  });
  const shows = (some: PlantPart) => part === null || part === some;
  const sizeHint = `in ${show.lengthUnit}`;
  const more = (
    <>
      {shows('grows') && (
        <>
          <Field label="Year planted" hint="empty if not known" error={errors.yearPlanted?.message}>
            <input className="input w-full" inputMode="numeric" {...register('yearPlanted')} />
          </Field>
          <Field label="Vigour">
            <select className="select w-full" {...register('vigour')}>
              <option value="weak">weak</option>
              <option value="fair">fair</option>
              <option value="strong">strong</option>
            </select>
          </Field>
          <Field label="Light">
            <select className="select w-full" {...register('light')}>
              <option value="sun">sun</option>
              <option value="part-shade">part shade</option>
              <option value="shade">shade</option>
            </select>
          </Field>
          <Field label="Watered" hint="wet leaves feed fungi">
            <select className="select w-full" {...register('watering')}>
              <option value="rain">by rain only</option>
              <option value="at-base">at the base</option>
              <option value="overhead">from above</option>
            </select>
          </Field>
          <Field
            label={`Coldest night it bears, ${show.temperatureUnit}`}
            hint="where it stands, in its pot if it has one; empty: by its kind"
            error={errors.leastC?.message}
          >
            <input className="input w-full" inputMode="numeric" {...register('leastC')} />
          </Field>
          <Field label="Age">
            <select className="select w-full" {...register('age')}>
              <option value="young">young</option>
              <option value="mature">mature</option>
            </select>
          </Field>
          <Resists hostId={hostId} register={register('resists')} />
        </>
      )}
      {shows('serves') && (
        <>
          <DayOfYearField
            label="Picked from"
            none="nothing is picked"
            error={errors.harvestFrom?.message}
            value={harvestFrom}
            onChange={(day) => setValue('harvestFrom', day, { shouldDirty: true })}
          />
          <DayOfYearField
            label="Picked until"
            none="not said"
            error={errors.harvestTo?.message}
            value={harvestTo}
            onChange={(day) => setValue('harvestTo', day, { shouldDirty: true })}
          />
          <label className="flex items-center gap-3 min-h-11">
            <input type="checkbox" className="checkbox" {...register('edible')} /> Parts of it are eaten
          </label>
          <label className="flex items-center gap-3 min-h-11">
            <input type="checkbox" className="checkbox" {...register('outOfReach')} /> Not mine, or out of
            reach: watch only
          </label>
          <div className="sm:col-span-full">
            <Field label="Note" error={errors.note?.message}>
              <textarea className="textarea w-full" rows={2} {...register('note')} />
            </Field>
          </div>
        </>
      )}
    </>
  );
  return (
    <form
      onSubmit={(event) => void save(event)}
      noValidate
      className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3"
    >
      <FormProblem problem={problem} />
      <BothEdits edit={edit} />
      {shows('is') && (
        <>
          <Field label="Name" hint="as you call it" error={errors.name?.message}>
            <input className="input w-full" {...register('name')} />
          </Field>
          <HostField
            label="What it is"
            hostId={hostId}
            error={errors.hostId?.message}
            onChoose={({ id, edible }) => {
              setValue('hostId', id, { shouldDirty: true, shouldValidate: hostId !== '' });
              if (isNew) setValue('edible', edible);
            }}
          />
          <Field
            label={isNew ? 'Place' : 'First place'}
            hint={isNew ? undefined : 'later places come from its moves'}
            error={errors.placeId?.message}
          >
            <select className="select w-full" {...register('placeId')}>
              {places.map((place) => (
                <option key={place.id} value={place.id}>
                  {place.name}
                </option>
              ))}
            </select>
          </Field>
          <Field label="How many" hint="a hedge or row counts as one watch" error={errors.count?.message}>
            <input className="input w-full" inputMode="numeric" {...register('count')} />
          </Field>
          <Field label="Height" hint={sizeHint} error={errors.heightM?.message}>
            <input className="input w-full" inputMode="decimal" {...register('heightM')} />
          </Field>
          <Field label="Spread" hint={`front to back, ${sizeHint}`} error={errors.spreadM?.message}>
            <input className="input w-full" inputMode="decimal" {...register('spreadM')} />
          </Field>
          <Field
            label="Length of the row"
            hint={`${sizeHint}; empty if it stands alone`}
            error={errors.lengthM?.message}
          >
            <input className="input w-full" inputMode="decimal" {...register('lengthM')} />
          </Field>
          {comesBothWays && (
            <Field label="In winter" hint="some of this kind keep their leaves">
              <select className="select w-full" {...register('evergreen')}>
                <option value="">not sure</option>
                <option value="true">it keeps its leaves</option>
                <option value="false">it drops them</option>
              </select>
            </Field>
          )}
        </>
      )}
      {part === null ? (
        <details className="sm:col-span-full" open={!isNew || hasMoreFaults}>
          <summary className="link-husk list-none inline-block">
            More about it: age, light, watering, picking
          </summary>
          <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3 mt-3">{more}</div>
        </details>
      ) : (
        more
      )}
      <div className="sm:col-span-full">
        <button type="submit" className="btn btn-primary" disabled={put.isPending}>
          {isNew ? 'Add it' : 'Save'}
        </button>
        {part !== null && (
          <button type="button" className="btn ml-2" onClick={onDone}>
            Close
          </button>
        )}
      </div>
    </form>
  );
}

/** Diseases its kind may have that some varieties are bred to resist. */
function Resists({ hostId, register }: { hostId: string; register: UseFormRegisterReturn<'resists'> }) {
  const met = DISEASES.map(({ targetId }) => targetById(targetId)).filter(({ hosts }) => hosts[hostId]);
  if (met.length === 0) return null;
  return (
    <fieldset className="sm:col-span-full">
      <legend className="font-semibold text-[0.93rem]">The variety resists</legend>
      <div className="flex flex-wrap gap-x-5">
        {met.map(({ id, name }) => (
          <label key={id} className="flex items-center gap-2 min-h-11">
            <input type="checkbox" className="checkbox" value={id} {...register} /> {name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

type TypedField =
  | 'evergreen'
  | 'leastC'
  | 'count'
  | 'heightM'
  | 'spreadM'
  | 'lengthM'
  | 'yearPlanted'
  | 'harvestFrom'
  | 'harvestTo';

/** A plant as it stands in the form: numbers as typed, sizes in the garden's unit. */
type TypedPlant = Omit<z.input<typeof plantRecord>, TypedField> & Record<TypedField, string>;

function judged(record: z.input<typeof plantRecord>): ResolverResult<TypedPlant, Plant> {
  const { success, data, error } = plantRecord.safeParse(record);
  if (success) return { values: data, errors: {} };
  return {
    values: {},
    errors: Object.fromEntries(
      error.issues.map((issue) => [issue.path[0], { type: 'value', message: fieldWords(issue.message) }]),
    ),
  };
}

function typedOf(plant: Plant, show: Show): TypedPlant {
  const size = (metres: number | null) => (metres ? String(show.lengthNumber(metres)) : '');
  return {
    ...plant,
    leastC: plant.leastC === null ? '' : String(Math.round(show.temperatureNumber(plant.leastC) * 10) / 10),
    evergreen: plant.evergreen === null ? '' : String(plant.evergreen),
    count: String(plant.count),
    yearPlanted: plant.yearPlanted === null ? '' : String(plant.yearPlanted),
    harvestFrom: plant.harvestFrom ?? '',
    harvestTo: plant.harvestTo ?? '',
    heightM: size(plant.heightM),
    spreadM: size(plant.spreadM),
    lengthM: size(plant.lengthM),
  };
}

/** The record of what is typed; what is no number becomes NaN, which the schema refuses beside its field. */
function recordOf(typed: TypedPlant, show: Show): z.input<typeof plantRecord> {
  const number = (text: string) => numberOr(text, Number.NaN);
  const metres = (text: string) => Math.round(show.typedMetres(text) * 1000) / 1000;
  const orNone = <T,>(text: string, read: (text: string) => T) => (text.trim() === '' ? null : read(text));
  return {
    ...typed,
    // One box alone is told as its value or as false.
    resists: [typed.resists ?? []].flat().filter((id) => typeof id === 'string'),
    leastC: orNone(typed.leastC, (text) => Math.round(show.celsiusFrom(number(text)) * 10) / 10),
    evergreen: orNone(typed.evergreen, (text) => text === 'true'),
    count: number(typed.count),
    yearPlanted: orNone(typed.yearPlanted, number),
    harvestFrom: typed.harvestFrom.trim() || null,
    harvestTo: typed.harvestTo.trim() || null,
    heightM: metres(typed.heightM),
    spreadM: metres(typed.spreadM),
    lengthM: orNone(typed.lengthM, metres),
  };
}
