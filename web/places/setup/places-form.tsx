import { useState } from 'react';
import type { Place, Station } from '#core/records';
import { ApiProblem } from '../../api/client.ts';
import { newId } from '../../api/new-id.ts';
import { usePlaces, usePutPlace } from '../../api/queries.ts';
import { useStations } from '../../api/weather.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered } from '../../parts/page.tsx';
import { type Option, SelectOne } from '../../parts/select-one.tsx';
import { BothEdits } from '../../parts/both-edits.tsx';
import { FormProblem } from '../../parts/form-problem.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { useShow } from '../../show/use-show.ts';
import { OffsetLesson } from './offset-lesson.tsx';
import { numberOr } from '../../show/number-or.ts';

const KINDS: readonly Option<Place['kind']>[] = [
  { id: 'outdoors', label: 'outdoors' },
  { id: 'cold-house', label: 'cold house' },
  { id: 'sunroom', label: 'sunroom' },
  { id: 'indoors', label: 'indoors' },
];

/** Places plants stand in; each reads a thermometer of its own, or the garden's with an offset. */
export function PlacesForm() {
  const stations = useStations();
  return (
    <Answered question={usePlaces()}>
      {(places) => (
        <Answered question={stations}>
          {(thermometers) => (
            <div className="flex flex-col gap-3">
              {places.map((place) => (
                <PlaceForm key={place.id} place={place} stations={thermometers} isNew={false} />
              ))}
              <details>
                <summary className="link-husk list-none inline-block">Another place</summary>
                <div className="mt-3">
                  <PlaceForm
                    key={places.length}
                    isNew
                    stations={thermometers}
                    place={{
                      id: newId(),
                      name: '',
                      kind: 'cold-house',
                      stationId: thermometers[0]?.id ?? null,
                      minOffsetC: 0,
                      maxOffsetC: 0,
                      standInIds: [],
                    }}
                  />
                </div>
              </details>
            </div>
          )}
        </Answered>
      )}
    </Answered>
  );
}

function PlaceForm({
  place,
  stations,
  isNew,
}: {
  place: Place;
  stations: readonly Station[];
  isNew: boolean;
}) {
  const show = useShow();
  const put = usePutPlace();
  const { say } = useNotices();
  const perDegree = show.temperatureUnit === '°F' ? 1.8 : 1;
  const offsetsOf = ({ minOffsetC, maxOffsetC }: Place) => ({
    min: String(round(minOffsetC * perDegree)),
    max: String(round(maxOffsetC * perDegree)),
  });
  const [draft, setDraft] = useState(place);
  const [offsets, setOffsets] = useState(() => offsetsOf(place));
  const edit = useEditing(put, isNew ? null : place, (now) => {
    setDraft(now);
    setOffsets(offsetsOf(now));
  });
  const messages = new Map(
    put.error instanceof ApiProblem
      ? put.error.errors.map((error) => [String(error.path[0]), error.message])
      : [],
  );
  const celsius = (text: string) => numberOr(text, Number.NaN) / perDegree;
  const save = async () => {
    const kept = { ...draft, minOffsetC: celsius(offsets.min), maxOffsetC: celsius(offsets.max) };
    // What is refused is told beside its field.
    if (!(await edit.save(kept).catch(() => null))) return;
    say(`${draft.name} was saved.`, isNew ? undefined : () => put.mutate({ from: kept, to: place }));
  };
  return (
    <form
      noValidate
      className="sheet p-4 grid gap-3 grid-cols-2"
      aria-label={place.name || 'Another place'}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <FormProblem problem={put.error && messages.size === 0 && !edit.met ? put.error.message : null} />
      <BothEdits edit={edit} />
      <Field label="Name" error={messages.get('name')}>
        <input
          className="input w-full"
          value={draft.name}
          onChange={(event) => setDraft({ ...draft, name: event.target.value })}
        />
      </Field>
      <Field label="Kind">
        <SelectOne
          className="select w-full"
          value={draft.kind}
          options={KINDS}
          onChange={(kind) => setDraft({ ...draft, kind })}
        />
      </Field>
      <div className="col-span-2">
        <Field label="Reads" error={messages.get('stationId')}>
          <select
            className="select w-full"
            value={draft.stationId ?? ''}
            onChange={(event) => setDraft({ ...draft, stationId: event.target.value || null })}
          >
            <option value="">no thermometer yet</option>
            {stations.map((station) => (
              <option key={station.id} value={station.id}>
                {station.name}
              </option>
            ))}
          </select>
        </Field>
      </div>
      <details className="col-span-2" open={isUnlikeItsThermometer(place) || messages.size > 0}>
        <summary className="link-husk list-none inline-block min-h-11 pt-2">
          Warmer or colder than its thermometer, and when that is silent
        </summary>
        <div className="grid gap-3 grid-cols-2 mt-2">
          {stations.some(({ id }) => id !== draft.stationId) && (
            <fieldset className="col-span-2">
              <legend className="font-semibold text-[0.93rem] mb-1">When it is silent, fill from</legend>
              <div className="flex flex-wrap gap-x-5 gap-y-1">
                {stations
                  .filter(({ id }) => id !== draft.stationId)
                  .map((station) => (
                    <label key={station.id} className="flex items-center gap-2 min-h-11">
                      <input
                        type="checkbox"
                        className="checkbox checkbox-sm"
                        checked={draft.standInIds.includes(station.id)}
                        onChange={(event) =>
                          setDraft({
                            ...draft,
                            standInIds: event.target.checked
                              ? [...draft.standInIds, station.id]
                              : draft.standInIds.filter((id) => id !== station.id),
                          })
                        }
                      />
                      {station.name}
                    </label>
                  ))}
              </div>
              <span className="soft text-sm">
                Moved by their mean difference over the days both have; such days are marked.
              </span>
            </fieldset>
          )}
          <Field
            label={`Nights warmer by, ${show.temperatureUnit}`}
            hint="0 with its own thermometer"
            error={messages.get('minOffsetC')}
          >
            <input
              className="input w-full"
              inputMode="text"
              value={offsets.min}
              onChange={(event) => setOffsets({ ...offsets, min: event.target.value })}
            />
          </Field>
          <Field label={`Days warmer by, ${show.temperatureUnit}`} error={messages.get('maxOffsetC')}>
            <input
              className="input w-full"
              inputMode="text"
              value={offsets.max}
              onChange={(event) => setOffsets({ ...offsets, max: event.target.value })}
            />
          </Field>
          {!isNew && draft.stationId && (
            <details className="col-span-2">
              <summary className="link-husk list-none inline-block">Learn the offset from a few days</summary>
              <div className="mt-2">
                <OffsetLesson
                  placeId={place.id}
                  onLearned={(minC, maxC) =>
                    setOffsets({ min: String(round(minC * perDegree)), max: String(round(maxC * perDegree)) })
                  }
                />
              </div>
            </details>
          )}
        </div>
      </details>
      <button type="submit" className="btn btn-sm justify-self-start" disabled={put.isPending}>
        {isNew ? 'Add it' : 'Save'}
      </button>
    </form>
  );
}

/** What is said of a place beyond its thermometer. */
const isUnlikeItsThermometer = ({ minOffsetC, maxOffsetC, standInIds }: Place): boolean =>
  minOffsetC !== 0 || maxOffsetC !== 0 || standInIds.length > 0;

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
