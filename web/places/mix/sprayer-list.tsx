import { useState } from 'react';
import { useForm, useWatch, type DefaultValues } from 'react-hook-form';
import { type Sprayer, sprayerRecord } from '#core/records';
import { HAND_SPRAYER_REACH_M } from '#knowledge';
import { usePutSprayer } from '../../api/mixing.ts';
import { newId } from '../../api/new-id.ts';
import { Field } from '../../parts/field.tsx';
import { spreadProblem } from '../../parts/form-errors.ts';
import { useNotices } from '../../parts/notices.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { RATE_UNITS } from './mix-words.ts';
import { numberOr } from '../../show/number-or.ts';
import { wordedResolver } from '../../parts/worded-resolver.ts';
import { BothEdits } from '../../parts/both-edits.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { useChange } from '../../parts/use-change.ts';
import { FormProblem } from '../../parts/form-problem.tsx';

const KIND_WORDS: Readonly<Record<Sprayer['kind'], string>> = {
  tank: 'pump or knapsack tank',
  'hand-bottle': 'hand bottle',
  'hose-end': 'on the hose, with a dial',
};
const DIAL_UNITS = ['tbsp-per-us-gal', 'floz-per-us-gal', 'tsp-per-us-gal', 'ml-per-l', 'percent'] as const;

/** What it is sprayed with: how far it reaches, whether it leaks, what it held. */
export function SprayerList({ sprayers }: { sprayers: readonly Sprayer[] }) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <div className="flex flex-col gap-4">
      <ul className="sheet divide-y divide-base-300 empty:hidden">
        {sprayers.map((sprayer) => (
          <li key={sprayer.id} className="p-4">
            {open === sprayer.id ? (
              <SprayerForm sprayer={sprayer} onDone={() => setOpen(null)} />
            ) : (
              <SprayerRow sprayer={sprayer} onEdit={() => setOpen(sprayer.id)} />
            )}
          </li>
        ))}
      </ul>
      <div className="sheet p-4">
        <h3 className="font-semibold mb-2">Another sprayer</h3>
        <SprayerForm key={sprayers.length} sprayer={null} onDone={() => undefined} />
      </div>
    </div>
  );
}

function SprayerRow({ sprayer, onEdit }: { sprayer: Sprayer; onEdit: () => void }) {
  const show = useShow();
  const today = useToday();
  const change = useChange(usePutSprayer());
  const rinse = () => change(sprayer, { ...sprayer, rinsedOn: today }, `${sprayer.name} is rinsed.`);
  return (
    <div className="flex flex-wrap justify-between gap-x-4 gap-y-1">
      <span>
        <b className="font-semibold">{sprayer.name}</b>
        <span className="soft block text-sm">
          {KIND_WORDS[sprayer.kind]}, holds {show.volume(sprayer.capacityMl)}, reaches{' '}
          {show.length(sprayer.reachM)};{' '}
          {sprayer.screen === 'none' ? 'no screen' : `${sprayer.screen} screen`}
          {sprayer.rinsedOn && `; rinsed ${showDate(sprayer.rinsedOn, today)}`}
        </span>
        {sprayer.heldHerbicide && <b className="text-error block">has held weedkiller</b>}
        {sprayer.leaks && <b className="text-error block">leaks</b>}
      </span>
      <span className="flex gap-4">
        <button type="button" className="link-husk" onClick={rinse}>
          rinsed today<span className="sr-only">: {sprayer.name}</span>
        </button>
        <button type="button" className="link-husk" onClick={onEdit}>
          edit<span className="sr-only"> {sprayer.name}</span>
        </button>
      </span>
    </div>
  );
}

/** A sprayer as typed: measures in the garden's units. */
interface Typed {
  name: string;
  kind: Sprayer['kind'];
  capacity: string;
  reach: string;
  screen: Sprayer['screen'];
  heldHerbicide: boolean;
  leaks: boolean;
  dialUnit: string;
  dialSettings: string;
}

function SprayerForm({ sprayer, onDone }: { sprayer: Sprayer | null; onDone: () => void }) {
  const show = useShow();
  const put = usePutSprayer();
  const { say } = useNotices();
  const [id] = useState(() => sprayer?.id ?? newId());
  const [problem, setProblem] = useState<string | null>(null);
  const numberOf = (text: string) => numberOr(text, Number.NaN);
  const recordOf = (typed: Typed) => ({
    id,
    name: typed.name,
    kind: typed.kind,
    capacityMl: show.typedMl(typed.capacity),
    reachM: show.typedMetres(typed.reach),
    screen: typed.screen,
    heldHerbicide: typed.heldHerbicide,
    leaks: typed.leaks,
    rinsedOn: sprayer?.rinsedOn ?? null,
    dial:
      typed.kind === 'hose-end'
        ? {
            unit: typed.dialUnit,
            settings: typed.dialSettings
              .split(/[;\s]+/)
              .filter(Boolean)
              .map(numberOf),
          }
        : null,
  });
  const judge = wordedResolver(sprayerRecord);
  const {
    register,
    handleSubmit,
    setError,
    reset,
    control,
    formState: { errors },
  } = useForm<Typed, unknown, Sprayer>({
    resolver: async (typed, context, options) => {
      const judged = await judge(recordOf(typed) as Sprayer, context, options as never);
      const wrong = judged.errors as Record<string, { message?: string }>;
      return {
        values: judged.values as Sprayer,
        errors: {
          ...wrong,
          ...(wrong.capacityMl ? { capacity: wrong.capacityMl } : {}),
          ...(wrong.reachM ? { reach: wrong.reachM } : {}),
          ...(wrong.dial
            ? { dialSettings: { type: 'value', message: 'numbers above 0, parted by spaces' } }
            : {}),
        } as never,
      };
    },
    defaultValues: typedOf(sprayer, show.volumeNumber, show.lengthNumber),
  });
  const kind = useWatch({ control, name: 'kind' });
  const edit = useEditing(put, sprayer, (now) => reset(typedOf(now, show.volumeNumber, show.lengthNumber)));
  const save = handleSubmit(async (record) => {
    try {
      if (!(await edit.save(record))) return;
      say(
        sprayer ? `${record.name} was saved.` : `${record.name} was added.`,
        sprayer ? () => put.mutate({ from: record, to: sprayer }) : undefined,
      );
      onDone();
    } catch (error) {
      setProblem(spreadProblem(error, setError, ['name']));
    }
  });
  return (
    <form noValidate className="flex flex-col gap-3" onSubmit={(event) => void save(event)}>
      <FormProblem problem={problem} />
      <BothEdits edit={edit} />
      <div className="grid sm:grid-cols-2 gap-3">
        <Field label="Name" error={errors.name?.message}>
          <input className="input w-full" {...register('name')} />
        </Field>
        <Field label="Kind">
          <select className="select w-full" {...register('kind')}>
            {Object.entries(KIND_WORDS).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </Field>
        <Field label={`Holds, ${show.volumeUnit}`} error={errors.capacity?.message}>
          <input className="input w-full" inputMode="decimal" {...register('capacity')} />
        </Field>
        {kind === 'hose-end' && (
          <Field label="The dial counts">
            <select className="select w-full" {...register('dialUnit')}>
              {DIAL_UNITS.map((unit) => (
                <option key={unit} value={unit}>
                  {RATE_UNITS[unit]}
                </option>
              ))}
            </select>
          </Field>
        )}
        {kind === 'hose-end' && (
          <Field label="Its settings" hint="parted by spaces" error={errors.dialSettings?.message}>
            <input className="input w-full" inputMode="decimal" {...register('dialSettings')} />
          </Field>
        )}
      </div>
      <label className="flex items-center gap-3 min-h-9">
        <input type="checkbox" className="checkbox" {...register('heldHerbicide')} /> It has held weedkiller
      </label>
      <details open={sprayer !== null || errors.reach !== undefined}>
        <summary className="link-husk list-none inline-block min-h-11 pt-2">
          How far it reaches, its screen, whether it leaks
        </summary>
        <div className="grid sm:grid-cols-2 gap-3 mt-2">
          <Field label={`Reaches, ${show.lengthUnit}`} hint="from the ground" error={errors.reach?.message}>
            <input className="input w-full" inputMode="decimal" {...register('reach')} />
          </Field>
          <Field label="Screen" hint="a fine one clogs with powders">
            <select className="select w-full" {...register('screen')}>
              <option value="fine">fine</option>
              <option value="coarse">coarse</option>
              <option value="none">none</option>
            </select>
          </Field>
        </div>
        <label className="flex items-center gap-3 min-h-9">
          <input type="checkbox" className="checkbox" {...register('leaks')} /> It leaks
        </label>
      </details>
      <span className="flex gap-3">
        <button type="submit" className="btn btn-sm" disabled={put.isPending}>
          {sprayer ? 'Save it' : 'Add it'}
        </button>
        {sprayer && (
          <button type="button" className="link-husk" onClick={onDone}>
            leave as it was
          </button>
        )}
      </span>
    </form>
  );
}

function typedOf(
  sprayer: Sprayer | null,
  volume: (ml: number) => number,
  length: (m: number) => number,
): DefaultValues<Typed> {
  if (!sprayer)
    return {
      name: '',
      kind: 'tank',
      capacity: '',
      reach: String(length(HAND_SPRAYER_REACH_M)),
      screen: 'coarse',
      heldHerbicide: false,
      leaks: false,
      dialUnit: 'tbsp-per-us-gal',
      dialSettings: '',
    };
  return {
    name: sprayer.name,
    kind: sprayer.kind,
    capacity: String(volume(sprayer.capacityMl)),
    reach: String(length(sprayer.reachM)),
    screen: sprayer.screen,
    heldHerbicide: sprayer.heldHerbicide,
    leaks: sprayer.leaks,
    dialUnit: sprayer.dial?.unit ?? 'tbsp-per-us-gal',
    dialSettings: sprayer.dial?.settings.join(' ') ?? '',
  };
}
