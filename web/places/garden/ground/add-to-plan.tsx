import { useState } from 'react';
import { blankPlant, GROUND_KINDS, type GroundKind, type Place } from '#core/records';
import type { GroundPlant } from '#engine';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { Field } from '../../../parts/field.tsx';
import { HostField } from '../../../parts/host-field.tsx';
import { hostById } from '#knowledge';
import { useShow } from '../../../show/use-show.ts';
import { SHAPE_WORDS } from './shape-words.ts';

/** Plants that have no spot yet: one tap puts one in the middle of what is seen. */
export function NotYetPlaced({
  plants,
  onPlace,
}: {
  readonly plants: readonly GroundPlant[];
  readonly onPlace: (plant: GroundPlant) => void;
}) {
  if (plants.length === 0) return null;
  return (
    <div>
      <p className="font-semibold text-[0.93rem]">Not on the plan yet</p>
      <div className="flex flex-wrap gap-2 mt-1">
        {plants.map((plant) => (
          <button key={plant.id} type="button" className="btn btn-sm min-h-11" onClick={() => onPlace(plant)}>
            {plant.name}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Houses, fences, paths. */
export function AddShape({ onAdd }: { readonly onAdd: (kind: GroundKind) => void }) {
  return (
    <div>
      <p className="font-semibold text-[0.93rem]">Add to the plan</p>
      <div className="flex flex-wrap gap-2 mt-1">
        {GROUND_KINDS.map((kind) => (
          <button key={kind} type="button" className="btn btn-sm min-h-11" onClick={() => onAdd(kind)}>
            {SHAPE_WORDS[kind]}
          </button>
        ))}
      </div>
    </div>
  );
}

/** A new plant straight from the plan: what it is and how large; the rest can follow on its page. */
export function AddPlant({
  place,
  onAdded,
}: {
  readonly place: Place | undefined;
  readonly onAdded: (plantId: string, spreadM: number, lengthM: number | null) => void;
}) {
  const show = useShow();
  const [hostId, setHostId] = useState('');
  const [name, setName] = useState('');
  const [sizes, setSizes] = useState({ height: '', spread: '', length: '' });
  const [error, setError] = useState<{ readonly at: string; readonly says: string } | null>(null);
  const [round, setRound] = useState(0);
  if (!place) return null;
  const add = async () => {
    const heightM = show.typedMetres(sizes.height),
      spreadM = show.typedMetres(sizes.spread),
      lengthM = sizes.length.trim() === '' ? null : show.typedMetres(sizes.length);
    if (hostId === '') return setError({ at: 'hostId', says: 'choose what it is' });
    if (!(heightM > 0 && heightM <= 40)) return setError({ at: 'height', says: 'say how high it is' });
    if (!(spreadM > 0 && spreadM <= 40)) return setError({ at: 'spread', says: 'say how wide it is' });
    if (lengthM !== null && !(lengthM > 0 && lengthM <= 500))
      return setError({ at: 'length', says: 'is no length' });
    const plant = blankPlant({
      id: newId(),
      name: name.trim() || hostById(hostId).name,
      hostId,
      placeId: place.id,
      heightM,
      spreadM,
      lengthM,
    });
    try {
      await keepRecord(putEntry('plants', plant, `a plant, ${plant.name}`));
    } catch (problem) {
      return setError({ at: 'name', says: (problem as Error).message });
    }
    setError(null);
    setHostId('');
    setName('');
    setSizes({ height: '', spread: '', length: '' });
    setRound(round + 1);
    onAdded(plant.id, spreadM, lengthM);
  };
  const sizeField = (key: keyof typeof sizes, label: string) => (
    <Field label={`${label}, ${show.lengthUnit}`} error={error?.at === key ? error.says : undefined}>
      <input
        className="input w-full"
        inputMode="decimal"
        value={sizes[key]}
        onChange={(event) => setSizes({ ...sizes, [key]: event.target.value })}
      />
    </Field>
  );
  return (
    <details>
      <summary className="link-husk list-none inline-block">A new plant</summary>
      <form
        noValidate
        className="mt-2 flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <HostField
          key={round}
          label="What it is"
          hostId={hostId}
          error={error?.at === 'hostId' ? error.says : undefined}
          onChoose={(host) => {
            setHostId(host.id);
            if (name === '') setName(host.name);
          }}
        />
        <Field label="Name" error={error?.at === 'name' ? error.says : undefined}>
          <input
            className="input w-full"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <div className="grid grid-cols-3 gap-3">
          {sizeField('height', 'High')}
          {sizeField('spread', 'Wide')}
          {sizeField('length', 'Row long')}
        </div>
        <button type="submit" className="btn btn-sm btn-primary min-h-11 self-start">
          Put it on the plan
        </button>
      </form>
    </details>
  );
}
