import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import type { Place } from '#core/records';
import { hostById, howMany } from '#knowledge';
import { usePlaces, usePlants } from '../../api/queries.ts';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showFullDate } from '../../show/dates.ts';
import { sizeWords } from '../../show/size-words.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { GardenNav } from './garden-nav.tsx';
import { placeNow } from './place-now.ts';
import { STATUS_WORDS } from '../look/status-words.ts';

type ListedPlant = NonNullable<ReturnType<typeof usePlants>['data']>[number];

/** What have I got, and how is each doing? */
export function GardenPage() {
  const places = usePlaces();
  const today = useToday();
  return (
    <Answered question={usePlants()}>
      {(plants) => (
        <Answered question={places}>
          {(places) => <Garden plants={plants} places={places} today={today} />}
        </Answered>
      )}
    </Answered>
  );
}

function Garden({
  plants,
  places,
  today,
}: {
  plants: readonly ListedPlant[];
  places: readonly Place[];
  today: CivilDate;
}) {
  const [retiredShown, showRetired] = useState(false);
  const growing = plants.filter((plant) => plant.retiredOn === null);
  const retired = plants.filter((plant) => plant.retiredOn !== null);
  const troubled = growing.filter((plant) => openWatches(plant).length > 0).length;
  const listed = retiredShown ? plants : growing;
  return (
    <>
      <GardenNav />
      <PageHead
        title={`${howMany(growing.length, 'plant')}, ${troubled} with an open watch`}
        lead="Height, spread and length tell how much water a spray takes; the place tells which thermometer its pests live by."
      >
        <Link to="/garden/new" className="btn btn-primary">
          <Plus size={18} aria-hidden /> Add a plant
        </Link>
      </PageHead>
      {plants.length === 0 && (
        <EmptyState title="No plants yet.">
          Add the ones you look after; a hedge or a row of like plants counts as one.
        </EmptyState>
      )}
      {places.map((place) => {
        const here = listed.filter((plant) => placeNow(plant, today) === place.id);
        return (
          here.length > 0 && (
            <section key={place.id} aria-label={place.name} className="mb-5">
              <h2 className="mb-2">{place.name}</h2>
              <ul className="sheet divide-y divide-base-300">
                {here.map((plant) => (
                  <li key={plant.id}>
                    <PlantRow plant={plant} />
                  </li>
                ))}
              </ul>
            </section>
          )
        );
      })}
      {retired.length > 0 && (
        <button
          type="button"
          className="btn btn-sm"
          aria-pressed={retiredShown}
          onClick={() => showRetired(!retiredShown)}
        >
          {retiredShown ? 'Hide' : 'Show'} {retired.length} retired
        </button>
      )}
      <p className="mt-4 text-sm">
        <Link className="link-husk" to="/setup#places">
          Places and their thermometers
        </Link>
      </p>
    </>
  );
}

function openWatches(plant: ListedPlant) {
  return plant.watches.filter((watch) => watch.status !== 'closed' && watch.status !== 'ruled-out');
}

function PlantRow({ plant }: { plant: ListedPlant }) {
  const show = useShow();
  const size = sizeWords(plant, show);
  return (
    <Link
      to={`/garden/${plant.id}`}
      className="grid gap-x-6 gap-y-1 px-4 py-3 min-h-14 items-center hover:bg-base-200 md:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)_minmax(0,1.6fr)]"
    >
      <span>
        <b className="font-semibold">{plant.name}</b>
        {plant.outOfReach && <span className="tag ml-2">out of reach</span>}
        {plant.retiredOn && <span className="tag ml-2">retired {showFullDate(plant.retiredOn)}</span>}
        <span className="soft block text-sm">{hostById(plant.hostId).name}</span>
      </span>
      <span className="soft text-sm">
        {plant.count > 1 ? `${plant.count} plants, ` : ''}
        {size}, {plant.age}
        {plant.yearPlanted ? `, planted ${plant.yearPlanted}` : ''}
      </span>
      <span className="flex flex-col gap-1">
        {openWatches(plant).map((watch) => (
          <span key={watch.id} className="flex flex-wrap items-center gap-x-3">
            {watch.level && <BeadScale level={watch.level} before={watch.levelBefore} compact />}
            <span className="text-sm">
              {watch.targetName}, {STATUS_WORDS[watch.status]}
            </span>
          </span>
        ))}
      </span>
    </Link>
  );
}
