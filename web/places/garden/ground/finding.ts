import type { GroundAnswer, GroundPlant } from '#engine';
import { howMany } from '#knowledge';

/** What the plan shows, in one line: the worst that is fed from next to it, else how many carry something. */
export function findingOf({ plants, contacts }: GroundAnswer): string {
  const drawn = plants.filter(({ spot }) => spot !== null);
  if (drawn.length === 0) return plants.length === 0 ? 'Draw your garden' : 'Nothing is on the plan yet';
  const fed = drawn
    .flatMap((plant) => sourceBeside(plant, plants, contacts) ?? [])
    .sort((a, b) => (b.plant.level?.level ?? 0) - (a.plant.level?.level ?? 0))[0];
  if (fed) return `${fed.plant.name} is fed from ${fed.source.name}`;
  const troubled = drawn.filter(({ level }) => level !== null && level.level > 0).length;
  return troubled === 0
    ? `${howMany(drawn.length, 'plant')} on the plan, none counted with anything`
    : `${troubled} of ${drawn.length} plants carry something`;
}

function sourceBeside(
  plant: GroundPlant,
  plants: readonly GroundPlant[],
  contacts: GroundAnswer['contacts'],
): { readonly plant: GroundPlant; readonly source: GroundPlant } | null {
  const sourceId = plant.watches.find(({ sourcePlantId }) => sourcePlantId !== null)?.sourcePlantId;
  const source = plants.find(({ id }) => id === sourceId);
  if (!source) return null;
  const touches = contacts.some(
    ({ a, b, isOverruled }) => !isOverruled && [a, b].includes(plant.id) && [a, b].includes(source.id),
  );
  return touches ? { plant, source } : null;
}
