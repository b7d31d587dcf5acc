import { useState } from 'react';
import { useNavigate } from 'react-router';
import { blankGarden, type Garden, gardenRecord, usualSpoonIds } from '#core/records';
import { fieldWords } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { usePutGarden, usePutPlace } from '../../api/queries.ts';
import type { FoundTown } from '../../api/towns.ts';
import { usePutStation } from '../../api/weather.ts';
import { ClimateFields, climateTold, draftOf } from '../../parts/climate-fields.tsx';
import { Choices, Field } from '../../parts/field.tsx';
import { TownField, townWords } from '../../parts/town-field.tsx';
import { numberOr } from '../../show/number-or.ts';
import { showIn } from '../../show/units.ts';
import { usualUnits } from './usual-units.ts';

/** Where the garden is, as it is typed: coordinates stay text until they are kept. */
interface Typed extends Pick<Garden, 'name' | 'timeZone' | 'temperatureUnit' | 'measureSystem' | 'country'> {
  readonly latitude: string;
  readonly longitude: string;
  /** The town it was taken from; null where coordinates were typed. */
  readonly town: FoundTown | null;
}

const EMPTY: Typed = {
  name: '',
  latitude: '',
  longitude: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  temperatureUnit: 'C',
  measureSystem: 'metric',
  country: 'other',
  town: null,
};

type Wrong = Readonly<Partial<Record<'name' | 'latitudeDeg' | 'longitudeDeg' | 'timeZone', string>>>;

/** The first of three steps: where it is, in what units, and what is known of its year. */
export function WhereStep() {
  const navigate = useNavigate();
  const putGarden = usePutGarden();
  const putStation = usePutStation();
  const putPlace = usePutPlace();
  const [ids] = useState(() => ({ station: newId(), place: newId() }));
  const [typed, setTyped] = useState(EMPTY);
  const [climate, setClimate] = useState(() => draftOf(null, showIn(EMPTY)));
  const [asked, setAsked] = useState(false);
  const show = showIn(typed);
  const told = climateTold(climate, show);
  const { garden, wrong } = gardenOf(typed, told.climate);
  const say = (more: Partial<Typed>) => setTyped({ ...typed, ...more });
  const isPlaced = typed.town !== null || typed.latitude !== '' || typed.longitude !== '';
  const problem = putStation.error ?? putPlace.error ?? putGarden.error;
  const save = async () => {
    setAsked(true);
    if (!garden || Object.keys(told.wrong).length > 0) return;
    await putStation.mutateAsync({ id: ids.station, name: 'Garden thermometer', kind: 'thermometer' });
    await putPlace.mutateAsync({ from: null, to: outdoorsOf(ids) });
    await putGarden.mutateAsync({ from: null, to: garden });
    await navigate('/start/plant');
  };
  return (
    <form
      noValidate
      className="grid gap-6 lg:grid-cols-2 items-start"
      onSubmit={(event) => {
        event.preventDefault();
        void save().catch(() => undefined);
      }}
    >
      <section aria-label="The garden" className="sheet p-5 flex flex-col gap-4">
        <TownField
          onChoose={(town) =>
            setTyped({
              ...typed,
              ...usualUnits(town.country),
              name: typed.name === '' || typed.name === typed.town?.name ? town.name : typed.name,
              latitude: String(town.latitudeDeg),
              longitude: String(town.longitudeDeg),
              timeZone: town.timeZone,
              town,
            })
          }
        />
        {typed.town && (
          <p>
            <b className="font-semibold">{townWords(typed.town)}</b>: {degrees(typed)}, {typed.timeZone}.
          </p>
        )}
        {isPlaced && (
          <Choices
            legend="Temperatures in"
            value={typed.temperatureUnit}
            options={[
              { id: 'C', label: '°C' },
              { id: 'F', label: '°F' },
            ]}
            onChange={(temperatureUnit) => say({ temperatureUnit })}
          />
        )}
        <details open={asked && !typed.town && Object.keys(wrong).length > 0}>
          <summary className="link-husk list-none inline-block">Type coordinates, name and measures</summary>
          <Particulars typed={typed} wrong={asked ? wrong : {}} onSay={say} />
        </details>
        {asked && !isPlaced && (
          <p role="alert" className="text-error font-semibold">
            Choose a town, or type where it is.
          </p>
        )}
      </section>
      <section aria-label="Its year" className="sheet p-5 flex flex-col gap-4">
        <div>
          <h2 className="mb-1">What you know of its year</h2>
          <p className="soft text-sm">
            From this come the first dates, as guesses weeks wide (grade C). A thermometer, past years or a
            climate table make them better later. Leave it empty, and there are fewer dates.
          </p>
        </div>
        <ClimateFields draft={climate} wrong={asked ? told.wrong : {}} show={show} onChange={setClimate} />
        <div className="flex flex-wrap gap-3 items-center">
          <button type="submit" className="btn btn-primary" disabled={putGarden.isPending}>
            Next: the plant
          </button>
          {problem && (
            <p role="alert" className="text-error font-semibold">
              {problem.message}
            </p>
          )}
        </div>
      </section>
    </form>
  );
}

function Particulars({
  typed,
  wrong,
  onSay,
}: {
  typed: Typed;
  wrong: Wrong;
  onSay: (more: Partial<Typed>) => void;
}) {
  const line = (key: 'name' | 'latitude' | 'longitude', label: string, error?: string, hint?: string) => (
    <Field label={label} hint={hint} error={error}>
      <input
        className="input w-full"
        inputMode="text"
        value={typed[key]}
        onChange={(event) => onSay({ [key]: event.target.value, ...(key === 'name' ? {} : { town: null }) })}
      />
    </Field>
  );
  return (
    <div className="grid gap-4 sm:grid-cols-2 mt-3">
      {line('name', 'Name', wrong.name)}
      <Field label="Time zone" error={wrong.timeZone}>
        <select
          className="select w-full"
          value={typed.timeZone}
          onChange={(event) => onSay({ timeZone: event.target.value })}
        >
          {Intl.supportedValuesOf('timeZone')
            .concat('UTC')
            .map((zone) => (
              <option key={zone} value={zone}>
                {zone}
              </option>
            ))}
        </select>
      </Field>
      {line('latitude', 'Latitude, degrees', wrong.latitudeDeg, 'north positive, south negative')}
      {line('longitude', 'Longitude, degrees', wrong.longitudeDeg, 'east positive, west negative')}
      <div className="sm:col-span-2">
        <Choices
          legend="Measures"
          value={typed.measureSystem}
          options={[
            { id: 'metric', label: 'metric' },
            { id: 'us', label: 'US' },
            { id: 'imperial', label: 'imperial' },
            { id: 'australian', label: 'metric, Australian spoons' },
          ]}
          onChange={(measureSystem) => onSay({ measureSystem })}
        />
      </div>
    </div>
  );
}

/** The garden as it would be kept, and what is wrong with it. */
function gardenOf(typed: Typed, climate: Garden['climate']): { garden: Garden | null; wrong: Wrong } {
  const { name, latitude, longitude, timeZone, temperatureUnit, measureSystem, country } = typed;
  const parsed = gardenRecord.safeParse(
    blankGarden({
      name: name.trim() === '' ? 'My garden' : name,
      latitudeDeg: numberOr(latitude, Number.NaN),
      longitudeDeg: numberOr(longitude, Number.NaN),
      timeZone,
      temperatureUnit,
      measureSystem,
      spoonIds: usualSpoonIds(measureSystem),
      country,
      climate,
    }),
  );
  if (parsed.success) return { garden: parsed.data, wrong: {} };
  const wrong = parsed.error.issues.map(({ path, message }) => [String(path[0]), fieldWords(message)]);
  return { garden: null, wrong: Object.fromEntries(wrong) as Wrong };
}

const outdoorsOf = (ids: { readonly station: string; readonly place: string }) => ({
  id: ids.place,
  name: 'Outdoors',
  kind: 'outdoors' as const,
  stationId: ids.station,
  minOffsetC: 0,
  maxOffsetC: 0,
  standInIds: [],
});

function degrees({ latitude, longitude }: Typed): string {
  const side = (text: string, [plus, minus]: readonly [string, string]) =>
    `${Math.abs(numberOr(text, 0)).toFixed(2)}° ${numberOr(text, 0) < 0 ? minus : plus}`;
  return `${side(latitude, ['N', 'S'])}, ${side(longitude, ['E', 'W'])}`;
}
