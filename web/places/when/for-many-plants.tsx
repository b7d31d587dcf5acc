import { useState } from 'react';
import { hemisphereOf } from '#core/calendar';
import { blankSeries, type Garden, type Plant, type Series } from '#core/records';
import {
  CITRUS_HOSTS,
  evergreenOf,
  hostById,
  schoolFor,
  schoolsFor,
  seriesFor,
  type SeriesScene,
} from '#knowledge';
import { useGarden, usePlants } from '../../api/queries.ts';
import { useProgramme } from '../../api/series.ts';
import { useDormant } from '../../api/timing.ts';
import { Choices } from '../../parts/field.tsx';
import { PlantPicker } from '../../parts/plant-picker.tsx';
import { useSeries } from '../../parts/series/use-series.ts';
import { useToday } from '../../show/use-show.ts';

const WINTER = 'winter';

/** What is done on plants with nothing wrong today, begun for many of them at once, each with its own rules. */
export function ForManyPlants() {
  const garden = useGarden().data?.garden;
  const plants =
    usePlants().data?.filter(({ retiredOn, outOfReach }) => retiredOn === null && !outOfReach) ?? [];
  if (!garden || plants.length === 0) return null;
  return <Choosing garden={garden} plants={plants} />;
}

function Choosing({ garden, plants }: { garden: Garden; plants: readonly Plant[] }) {
  const today = useToday();
  const { beginAll } = useSeries();
  const [what, setWhat] = useState(WINTER);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const offered = [
    { id: WINTER, name: 'Winter sprays', says: winterSays(garden) },
    ...preventive(garden, today).map(({ id, name, says }) => ({ id, name, says })),
  ];
  const running = useRunning();
  const fitting = plants.filter(
    (plant) =>
      !running.has(`${what} ${plant.id}`) &&
      (what === WINTER ? hasWinter(plant) : templateFor(garden, plant, today, what) !== undefined),
  );
  const meant = fitting.filter(({ id }) => chosen.includes(id));
  const begin = () => {
    const all = meant.map((plant) => seriesOf(garden, plant, today, what));
    const name = offered.find(({ id }) => id === what)!.name;
    void beginAll(
      all,
      `Planned for ${all.length === 1 ? meant[0]!.name : `${all.length} plants`}: ${name.toLowerCase()}.`,
    ).then((isKept) => isKept && setChosen([]));
  };
  return (
    <section aria-label="For many plants" className="sheet p-4 flex flex-col gap-3">
      <h2>With nothing wrong today</h2>
      <Choices
        legend="What"
        value={what}
        onChange={setWhat}
        options={offered.map(({ id, name }) => ({ id, label: name }))}
      />
      <p className="soft text-sm">{offered.find(({ id }) => id === what)!.says}</p>
      <PlantPicker legend="For which plants" plants={fitting} chosen={chosen} onChoose={setChosen} />
      <button
        type="button"
        className="btn btn-primary self-start"
        disabled={meant.length === 0}
        onClick={begin}
      >
        {meant.length === 0
          ? 'Choose plants'
          : `Plan it for ${meant.length} plant${meant.length === 1 ? '' : 's'}`}
      </button>
    </section>
  );
}

/** What runs on which plant, so that nothing is planned twice. */
function useRunning(): ReadonlySet<string> {
  const guarded = useDormant().data?.plants.filter(({ guard }) => guard !== null) ?? [];
  const series = useProgramme().data?.filter(({ over }) => over === null) ?? [];
  return new Set([
    ...guarded.map(({ plantId }) => `${WINTER} ${plantId}`),
    ...series.map((answer) => `${answer.series.templateId} ${answer.series.plantId}`),
  ]);
}

/** Citrus takes its oil in the warm season, and some kinds none at all. */
const hasWinter = ({ hostId }: Plant) => !CITRUS_HOSTS.has(hostId) && hostById(hostId).oil !== 'avoid';

function winterSays(garden: Garden): string {
  const school = schoolFor('dormant', garden.schools);
  return `By the school you follow, ${school.name.toLowerCase()}: ${school.says} Each plant by its own leaves and its own rules; the dates come as its leaves fall.`;
}

/** Nobody carries a hedge, nor what does not pass a door. */
const canBeCarried = ({ heightM, lengthM }: Plant) => lengthM === null && heightM <= DOOR_M;
const DOOR_M = 2;

const sceneOf = (garden: Garden, plant: Plant | null, today: string): SeriesScene => ({
  group: null,
  targetId: null,
  first: null,
  potted: plant === null || canBeCarried(plant),
  hostId: plant?.hostId ?? '',
  evergreen: plant ? evergreenOf(plant) : false,
  schools: plant ? schoolsFor(garden, plant) : garden.schools,
  today,
  southern: hemisphereOf(garden.latitudeDeg) === 'south',
});

const preventive = (garden: Garden, today: string) => seriesFor(sceneOf(garden, null, today));
const templateFor = (garden: Garden, plant: Plant, today: string, id: string) =>
  seriesFor(sceneOf(garden, plant, today)).find((template) => template.id === id);

function seriesOf(garden: Garden, plant: Plant, today: string, what: string): Series {
  const template = templateFor(garden, plant, today, what);
  return blankSeries({
    id: '',
    plantId: plant.id,
    startedOn: today,
    name: template?.name ?? 'Winter sprays',
    templateId: template?.id ?? null,
    steps: template?.steps(sceneOf(garden, plant, today)) ?? [],
    winter: template === undefined,
  });
}
