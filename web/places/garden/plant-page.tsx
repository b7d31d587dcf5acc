import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { LeafStanding } from '#core/plan';
import { blankPlant, type Move, type Place, type Plant } from '#core/records';
import { evergreenOf, hostById } from '#knowledge';
import type { LevelRange } from '#core/sampling';
import { newId } from '../../api/new-id.ts';
import {
  useGround,
  usePlaces,
  usePlants,
  usePutMove,
  usePutPlant,
  useRemoveMove,
} from '../../api/queries.ts';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Field } from '../../parts/field.tsx';
import { History } from '../../parts/history.tsx';
import { LeavesQuestion } from '../../parts/leaves-question.tsx';
import { leavesLine } from '../../show/leaf-words.ts';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { AndThen } from '../../parts/series/and-then.tsx';
import { SeriesSection } from '../../parts/series/series-section.tsx';
import { useChange } from '../../parts/use-change.ts';
import { showFullDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { STATUS_WORDS } from '../look/status-words.ts';
import { Diary } from './diary.tsx';
import { FeedingSection } from './feeding-section.tsx';
import { SunlightLine } from './ground/sunlight-line.tsx';
import { placeNow } from './place-now.ts';
import { PlantForm } from './plant-form.tsx';
import { Particulars } from './portrait/particulars.tsx';
import { PhotosOfPlant } from './portrait/photos-of-plant.tsx';
import { PlantDrawing } from './portrait/plant-drawing.tsx';
import { StandsSection } from './portrait/stands-section.tsx';
import { YearOfPlant } from './portrait/year-of-plant.tsx';
import { PlantSchools } from './plant-schools.tsx';
import { TouchingSection } from './touching-section.tsx';
import { DayField } from '../../parts/day-field.tsx';

/** A new plant, empty but for the usual. */
export function NewPlantPage() {
  const [id] = useState(newId);
  return (
    <Answered question={usePlaces()}>
      {(places) => (
        <>
          <PageHead
            title="A new plant"
            lead="Only name, kind, place and size matter at once; the rest can follow."
          />
          <div className="sheet p-5">
            <PlantForm
              isNew
              places={places}
              plant={blankPlant({
                id,
                name: '',
                hostId: '',
                placeId: places[0]?.id ?? '',
                heightM: 0,
                spreadM: 0,
              })}
            />
          </div>
        </>
      )}
    </Answered>
  );
}

/** A plant's own page: its watches, its places, its particulars. */
export function PlantPage() {
  const { plantId } = useParams();
  const places = usePlaces();
  return (
    <Answered question={usePlants()}>
      {(plants) => {
        const plant = plants.find((entry) => entry.id === plantId);
        if (!plant)
          return (
            <EmptyState title="There is no such plant.">
              <Link className="link-husk" to="/garden">
                To the garden
              </Link>
            </EmptyState>
          );
        const { moves, watches, leaves, touching: _, ...record } = plant;
        return (
          <Answered question={places}>
            {(places) => (
              <PlantView
                key={plant.id}
                plant={record}
                moves={moves}
                watches={watches}
                leaves={leaves}
                places={places}
              />
            )}
          </Answered>
        );
      }}
    </Answered>
  );
}

interface PortraitProps {
  readonly plant: Plant;
  readonly moves: readonly Move[];
  readonly watches: ListedWatches;
  readonly leaves: LeafStanding;
  readonly places: readonly Place[];
}

type ListedWatches = NonNullable<ReturnType<typeof usePlants>['data']>[number]['watches'];

function PlantView({ plant, moves, watches, leaves, places }: PortraitProps) {
  const [params] = useSearchParams();
  const host = hostById(plant.hostId);
  return (
    <>
      <PageHead
        title={plant.name}
        lead={
          <>
            {host.name}, <i>{host.botanical}</i>
            {
              { true: ', evergreen', false: ', loses its leaves', null: '' }[
                String(evergreenOf(plant)) as 'null'
              ]
            }
            {host.oil === 'avoid' ? '; hurt by oil' : ''}.
          </>
        }
      >
        {plant.retiredOn === null && (
          <>
            <Link to={`/garden/plan?plant=${plant.id}`} className="btn">
              On the plan
            </Link>
            <Link to={`/look/new?plant=${plant.id}`} className="btn btn-primary">
              Note something on it
            </Link>
          </>
        )}
      </PageHead>
      {params.has('new') ? (
        <section aria-label="Particulars" className="sheet p-5">
          <PlantForm isNew plant={plant} places={places} />
        </section>
      ) : (
        <Portrait {...{ plant, moves, watches, leaves, places }} />
      )}
    </>
  );
}

/** How it looks and stands, its year, what it carries, and everything that was seen of it and done for it. */
function Portrait({ plant, moves, watches, leaves, places }: PortraitProps) {
  const today = useToday();
  const ground = useGround().data;
  const here = places.find(({ id }) => id === placeNow({ ...plant, moves }, today));
  const open = watches.filter(({ status }) => status !== 'closed' && status !== 'ruled-out');
  const worst = open.reduce<LevelRange | null>(
    (most, { level }) => (level && level.level > (most?.level ?? -1) ? level : most),
    null,
  );
  return (
    <div className="grid gap-5 lg:grid-cols-[340px_minmax(0,1fr)]">
      <div className="flex flex-col gap-5 min-w-0">
        <div className="sheet p-4">
          <PlantDrawing
            name={plant.name}
            heightM={plant.heightM}
            spreadM={plant.spreadM}
            lengthM={plant.lengthM}
            isPotted={here !== undefined && here.kind !== 'outdoors'}
            isBare={leaves.value === 'dormant'}
            level={worst}
          />
        </div>
        <Particulars plant={plant} places={places} />
        <StandsSection hostId={plant.hostId} />
        <PlantSchools plant={plant} />
        <Retiring plant={plant} />
        <History kind="plant" id={plant.id} />
      </div>
      <div className="flex flex-col gap-5 min-w-0">
        <YearOfPlant plant={plant} />
        <section aria-label="Watches">
          <h2 className="mb-2">Watches</h2>
          <ul className="sheet divide-y divide-base-300">
            {watches.length === 0 && <li className="p-4 soft">None. What is not looked at is not known.</li>}
            {watches.map((watch) => (
              <li key={watch.id}>
                <Link to={`/look/${watch.id}`} className="flex flex-col p-4 gap-1 hover:bg-base-200">
                  <b className="font-semibold">{watch.targetName}</b>
                  <BeadScale level={watch.level} before={watch.levelBefore} compact />
                  <span className="soft text-sm">{STATUS_WORDS[watch.status]}</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Leaves" className="sheet p-4 flex flex-col gap-3">
          <p>{leavesLine(leaves, today)}</p>
          {leaves.question && (
            <LeavesQuestion plantId={plant.id} plantName={plant.name} question={leaves.question} />
          )}
          {ground?.plants.some(({ id, spot }) => id === plant.id && spot !== null) && (
            <SunlightLine plantId={plant.id} ground={ground} />
          )}
        </section>
        {plant.retiredOn === null && !plant.outOfReach && (
          <>
            <AndThen about={{ plant: plant.id }} />
            <SeriesSection watchId={null} plantId={plant.id} />
          </>
        )}
        <div className="grid gap-5 md:grid-cols-2">
          <TouchingSection plantId={plant.id} />
          <Moves plant={plant} moves={moves} places={places} />
        </div>
        <Diary plant={plant} />
        <FeedingSection plant={plant} />
        <PhotosOfPlant plantId={plant.id} watchIds={watches.map(({ id }) => id)} />
      </div>
    </div>
  );
}

function Moves({ plant, moves, places }: { plant: Plant; moves: readonly Move[]; places: readonly Place[] }) {
  const today = useToday();
  const put = usePutMove();
  const takeBack = useTakeOut(useRemoveMove(), 'The move was taken out.');
  const [placeId, setPlaceId] = useState(places.find((place) => place.id !== plant.placeId)?.id ?? '');
  const [movedOn, setMovedOn] = useState(today);
  const name = (id: string) => places.find((place) => place.id === id)?.name ?? 'a place that is gone';
  return (
    <section aria-label="Places it stood in">
      <h2 className="mb-2">Places it stood in</h2>
      <div className="sheet p-4">
        <ul className="text-[0.93rem] flex flex-col gap-1">
          <li>first: {name(plant.placeId)}</li>
          {moves.map((move) => (
            <li key={move.id} className="flex justify-between gap-3">
              <span>
                {showFullDate(move.movedOn)}: to {name(move.placeId)}
              </span>
              <button type="button" className="link-husk" onClick={() => takeBack(move)}>
                take out<span className="sr-only"> the move of {showFullDate(move.movedOn)}</span>
              </button>
            </li>
          ))}
        </ul>
        {places.length > 1 && (
          <details className="mt-3">
            <summary className="link-husk list-none">Moved it</summary>
            <div className="mt-3 flex flex-col gap-3">
              <Field label="To">
                <select
                  className="select w-full"
                  value={placeId}
                  onChange={(event) => setPlaceId(event.target.value)}
                >
                  {places.map((place) => (
                    <option key={place.id} value={place.id}>
                      {place.name}
                    </option>
                  ))}
                </select>
              </Field>
              <DayField
                label="On"
                error={put.error?.message}
                hint="from this day on it is read by that place's thermometer"
                value={movedOn}
                max={today}
                onChange={setMovedOn}
              />
              <button
                type="button"
                className="btn btn-sm"
                onClick={() => put.mutate({ id: newId(), plantId: plant.id, placeId, movedOn })}
              >
                Record the move
              </button>
            </div>
          </details>
        )}
      </div>
    </section>
  );
}

function Retiring({ plant }: { plant: Plant }) {
  const today = useToday();
  const change = useChange(usePutPlant());
  const [why, setWhy] = useState('');
  if (plant.retiredOn) {
    return (
      <div className="sheet p-4 text-[0.93rem]">
        Retired {showFullDate(plant.retiredOn)}
        {plant.retiredWhy && `: ${plant.retiredWhy}`}. Its history is kept.
        <button
          type="button"
          className="link-husk block mt-2"
          onClick={() =>
            change(plant, { ...plant, retiredOn: null, retiredWhy: '' }, `${plant.name} is back.`)
          }
        >
          It is back
        </button>
      </div>
    );
  }
  const retire = () =>
    change(
      plant,
      { ...plant, retiredOn: today, retiredWhy: why.trim() },
      `${plant.name} is retired. Its history is kept.`,
    );
  return (
    <details className="sheet p-4">
      <summary className="link-husk list-none">Retire this plant</summary>
      <p className="soft text-sm mt-2">Gone, given away or dead: it leaves the lists, its records stay.</p>
      <div className="mt-3 flex flex-col gap-3">
        <Field label="Why">
          <input
            className="input w-full"
            value={why}
            maxLength={200}
            onChange={(event) => setWhy(event.target.value)}
          />
        </Field>
        <button type="button" className="btn btn-sm" onClick={retire}>
          Retire it
        </button>
      </div>
    </details>
  );
}
