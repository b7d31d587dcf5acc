import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { gardenRecord, toldClimate, usualSpoonIds, type Garden } from '#core/records';
import { SPOONS, type MeasureSystem } from '#core/units';
import { usePutGarden } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { spreadProblem } from '../../parts/form-errors.ts';
import { useNotices } from '../../parts/notices.tsx';
import { wordedResolver } from '../../parts/worded-resolver.ts';
import { BothEdits } from '../../parts/both-edits.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { FormProblem } from '../../parts/form-problem.tsx';
import { numeric } from '../../parts/typed-number.ts';

const SYSTEMS: readonly { id: MeasureSystem; name: string }[] = [
  { id: 'metric', name: 'metric' },
  { id: 'us', name: 'US' },
  { id: 'imperial', name: 'imperial' },
  { id: 'australian', name: 'metric, Australian spoons' },
];
const SHOWN = [
  'name',
  'latitudeDeg',
  'longitudeDeg',
  'timeZone',
  'temperatureUnit',
  'measureSystem',
  'spoonIds',
  'country',
] as const;

/** What is edited has everything, also where it was not told. */
const WHOLE_GARDEN = gardenRecord.extend({
  climate: toldClimate.nullable(),
  upBearingDeg: gardenRecord.shape.upBearingDeg.unwrap(),
  windFromDeg: gardenRecord.shape.windFromDeg.unwrap(),
});

/** The garden's name, place on earth and units, to be changed. */
export function GardenForm({ garden }: { garden: Garden }) {
  const put = usePutGarden();
  const { say } = useNotices();
  const [problem, setProblem] = useState<string | null>(null);
  const {
    register,
    handleSubmit,
    setError,
    setValue,
    reset,
    control,
    formState: { errors },
  } = useForm<Garden>({
    resolver: wordedResolver(WHOLE_GARDEN),
    defaultValues: garden,
  });
  const system = useWatch({ control, name: 'measureSystem' }) ?? 'metric';
  const edit = useEditing(put, garden, (now) => reset(now));
  const save = handleSubmit(async (values) => {
    try {
      if (!(await edit.save(values))) return;
      setProblem(null);
      say('The garden was saved.', () => put.mutate({ from: values, to: garden }));
    } catch (error) {
      setProblem(spreadProblem(error, setError, SHOWN));
    }
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)} className="sheet p-5 grid gap-4 sm:grid-cols-2">
      <FormProblem problem={problem} />
      <BothEdits edit={edit} />
      <div className="sm:col-span-2">
        <Field label="Name" error={errors.name?.message}>
          <input className="input w-full" {...register('name')} />
        </Field>
      </div>
      <Field
        label="Latitude, degrees"
        hint="north positive, south negative"
        error={errors.latitudeDeg?.message}
      >
        <input className="input w-full" inputMode="text" {...register('latitudeDeg', numeric)} />
      </Field>
      <Field
        label="Longitude, degrees"
        hint="east positive, west negative"
        error={errors.longitudeDeg?.message}
      >
        <input className="input w-full" inputMode="text" {...register('longitudeDeg', numeric)} />
      </Field>
      <Field label="Time zone" error={errors.timeZone?.message}>
        <select className="select w-full" {...register('timeZone')}>
          {Intl.supportedValuesOf('timeZone')
            .concat('UTC')
            .map((zone) => (
              <option key={zone} value={zone}>
                {zone}
              </option>
            ))}
        </select>
      </Field>
      <Field label="Temperatures in" error={errors.temperatureUnit?.message}>
        <select className="select w-full" {...register('temperatureUnit')}>
          <option value="C">°C</option>
          <option value="F">°F</option>
        </select>
      </Field>
      <Field label="Measures" error={errors.measureSystem?.message}>
        <select
          className="select w-full"
          {...register('measureSystem', {
            onChange: (event: { target: { value: MeasureSystem } }) =>
              setValue('spoonIds', usualSpoonIds(event.target.value)),
          })}
        >
          {SYSTEMS.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </Field>
      <Field label="Country" hint="tells whom to ring after a poisoning" error={errors.country?.message}>
        <select className="select w-full" {...register('country')}>
          <option value="other">another</option>
          <option value="us">United States</option>
          <option value="au">Australia</option>
          <option value="uk">United Kingdom</option>
        </select>
      </Field>
      <fieldset className="sm:col-span-2">
        <legend className="font-semibold text-[0.93rem]">Spoons kept for sprays only</legend>
        <div className="flex flex-wrap gap-x-5">
          {SPOONS[system].map((spoon) => (
            <label key={spoon.id} className="flex items-center gap-2 min-h-11">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                value={spoon.id}
                {...register('spoonIds')}
              />{' '}
              {spoon.name}, {Math.round(spoon.volumeMl * 100) / 100} ml
            </label>
          ))}
        </div>
      </fieldset>
      <div className="sm:col-span-2">
        <button type="submit" className="btn btn-primary" disabled={put.isPending}>
          Save
        </button>
      </div>
    </form>
  );
}
