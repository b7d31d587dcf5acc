import type { Point } from '#core/ground';
import type { Place } from '#core/records';
import type { GroundAnswer } from '#engine';
import { AddPlant, AddShape, NotYetPlaced } from './add-to-plan.tsx';
import { ShapeFields, SpotFields } from './held-fields.tsx';
import { PictureBeneath } from './picture-beneath.tsx';
import { PlanSettings } from './plan-settings.tsx';
import { SHAPE_WORDS } from './shape-words.ts';
import type { PlanHand } from './use-plan-hand.ts';

/** Everything the plan is drawn with, beside what a finger does on it. */
export function DrawTools({
  ground,
  places,
  hand,
  middle,
}: {
  readonly ground: GroundAnswer;
  readonly places: readonly Place[];
  readonly hand: PlanHand;
  readonly middle: () => Point;
}) {
  const outdoors = places.find(({ kind }) => kind === 'outdoors') ?? places[0];
  const unplaced = ground.plants.filter(({ id }) => hand.plants.every(({ plant }) => plant.id !== id));
  return (
    <>
      <section aria-label="Draw" className="sheet p-4 flex flex-col gap-4">
        <NotYetPlaced plants={unplaced} onPlace={(plant) => hand.place(plant, middle())} />
        <AddPlant
          place={outdoors}
          onAdded={(plantId, spreadM, lengthM) =>
            outdoors && hand.placeNew(plantId, outdoors.id, { spreadM, lengthM }, middle())
          }
        />
        <AddShape onAdd={(kind) => hand.addShape(kind, middle())} />
        <PictureBeneath pictures={ground.pictures} middle={middle} edits={hand.edits} />
        <PlanSettings />
      </section>
      <HeldFields ground={ground} places={places} hand={hand} />
    </>
  );
}

function HeldFields({
  ground,
  places,
  hand,
}: {
  readonly ground: GroundAnswer;
  readonly places: readonly Place[];
  readonly hand: PlanHand;
}) {
  const { held } = hand;
  const spot = held && hand.spotOf(held);
  if (!held || !spot) return null;
  const shape = held.kind === 'shape' ? hand.shapeOf(held.id) : null;
  const name = shape
    ? shape.name || SHAPE_WORDS[shape.kind]
    : ground.plants.find(({ id }) => id === held.id)?.name;
  return (
    <section aria-label="What is held" className="sheet p-4 flex flex-col gap-3">
      <h2>{name}</h2>
      <SpotFields key={held.id} spot={spot} onSpot={(next) => hand.put(held, next)} />
      {shape && (
        <ShapeFields key={`shape ${shape.id}`} shape={shape} places={places} onShape={hand.changeShape} />
      )}
      <button type="button" className="btn btn-sm min-h-11 self-start" onClick={hand.takeOff}>
        Take it off the plan
      </button>
    </section>
  );
}
