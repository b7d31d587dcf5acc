import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { blankPlant, type Place } from '#core/records';
import { type Host, hostById } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { usePlaces, usePutPlace, usePutPlant } from '../../api/queries.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { HostField } from '../../parts/host-field.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { StepsLine } from './steps-line.tsx';

const STANDS: readonly { id: Place['kind']; label: string; name: string }[] = [
  { id: 'outdoors', label: 'outdoors', name: 'Outdoors' },
  { id: 'cold-house', label: 'in a cold house', name: 'Cold house' },
  { id: 'sunroom', label: 'in a sunroom', name: 'Sunroom' },
  { id: 'indoors', label: 'indoors', name: 'Indoors' },
];

/** Rough sizes a person can tell at a glance, with the box they stand for. */
const SIZES = [
  { id: 'knee', label: 'knee-high', box: { heightM: 0.5, spreadM: 0.5 } },
  { id: 'chest', label: 'chest-high', box: { heightM: 1.3, spreadM: 1 } },
  { id: 'door', label: 'as a door', box: { heightM: 2, spreadM: 1.5 } },
  { id: 'house', label: 'taller', box: { heightM: 4, spreadM: 3 } },
] as const;
type SizeId = (typeof SIZES)[number]['id'];

/** The second of three steps: the plant that worries somebody; its place is made on the way. */
export function PlantStepPage() {
  return (
    <Answered question={usePlaces()}>
      {(places) => (
        <>
          <StepsLine at={2} />
          <PageHead
            title="Which plant worries you?"
            lead="What grows there is half the answer. Its size and the rest can follow."
          />
          <PlantStep places={places} />
        </>
      )}
    </Answered>
  );
}

function PlantStep({ places }: { places: readonly Place[] }) {
  const navigate = useNavigate();
  const putPlace = usePutPlace();
  const putPlant = usePutPlant();
  const [ids] = useState(() => ({ plant: newId(), place: newId() }));
  const [host, setHost] = useState<Host | null>(null);
  const [name, setName] = useState('');
  const [stands, setStands] = useState<Place['kind']>('outdoors');
  const [size, setSize] = useState<SizeId | null>(null);
  const [evergreen, setEvergreen] = useState<'keeps' | 'drops' | 'not-sure'>('not-sure');
  const [asked, setAsked] = useState(false);
  const problem = putPlace.error ?? putPlant.error;
  const save = async () => {
    setAsked(true);
    if (!host || !size) return;
    const place = places.find(({ kind }) => kind === stands) ?? placeOf(ids.place, stands);
    if (place.id === ids.place) await putPlace.mutateAsync({ from: null, to: place });
    const plant = blankPlant({
      id: ids.plant,
      name: name.trim() === '' ? host.name.split(',')[0]! : name,
      hostId: host.id,
      placeId: place.id,
      edible: host.edible,
      ...SIZES.find(({ id }) => id === size)!.box,
      evergreen: evergreen === 'not-sure' ? null : evergreen === 'keeps',
    });
    await putPlant.mutateAsync({ from: null, to: plant });
    await navigate(`/look/new?plant=${plant.id}&start`);
  };
  return (
    <form
      noValidate
      className="sheet p-5 flex flex-col gap-4 max-w-2xl"
      onSubmit={(event) => {
        event.preventDefault();
        void save().catch(() => undefined);
      }}
    >
      <HostField
        label="What it is"
        hostId={host?.id ?? ''}
        error={asked && !host ? 'choose what it is' : undefined}
        onChoose={setHost}
      />
      {host && (
        <>
          {hostById(host.id).evergreen === 'either' && (
            <Choices
              legend="In winter it"
              value={evergreen}
              options={[
                { id: 'keeps', label: 'keeps its leaves' },
                { id: 'drops', label: 'drops them' },
                { id: 'not-sure', label: 'not sure' },
              ]}
              onChange={setEvergreen}
            />
          )}
          <div>
            <Choices
              legend="About how big"
              value={size}
              options={SIZES.map(({ id, label }) => ({ id, label }))}
              onChange={setSize}
            />
            <p className="soft text-sm">Water for a spray goes by it: measure before you mix.</p>
            {asked && !size && (
              <p role="alert" className="text-error font-semibold">
                choose how big it is
              </p>
            )}
          </div>
          <Choices legend="It stands" value={stands} options={STANDS} onChange={setStands} />
          <Field label="What you call it" hint="if you like">
            <input
              className="input w-full"
              maxLength={80}
              placeholder={host.name.split(',')[0]}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </Field>
        </>
      )}
      <div className="flex flex-wrap gap-4 items-center">
        <button type="submit" className="btn btn-primary" disabled={putPlant.isPending}>
          Next: what you see
        </button>
        <Link className="link-husk" to="/garden">
          Leave that for later
        </Link>
      </div>
      {problem && (
        <p role="alert" className="text-error font-semibold">
          {problem.message}
        </p>
      )}
    </form>
  );
}

const placeOf = (id: string, kind: Place['kind']): Place => ({
  id,
  kind,
  name: STANDS.find((stand) => stand.id === kind)!.name,
  stationId: null,
  minOffsetC: 0,
  maxOffsetC: 0,
  standInIds: [],
});
