import { Minus, Maximize, Pencil, Plus, Undo2 } from 'lucide-react';
import { useCallback, useDeferredValue, useMemo, useState, type KeyboardEvent } from 'react';
import { useSearchParams } from 'react-router';
import { freeSpot, gapM, type Point, snapped, type Spot, footprintOf } from '#core/ground';
import type { GroundKind, GroundShape, Place, PlantSpot } from '#core/records';
import type { GroundAnswer, GroundPlant, GroundWatch, SpreadList } from '#engine';
import { isEarlierMoment } from '../../../api/at-moment.ts';
import { newId } from '../../../api/new-id.ts';
import { useGround, usePlaces, useSpread } from '../../../api/queries.ts';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { useToday } from '../../../show/use-show.ts';
import { GardenNav } from '../garden-nav.tsx';
import { AddPlant, AddShape, NotYetPlaced } from './add-to-plan.tsx';
import { ClearedCard } from './cleared-card.tsx';
import { drawnExtent, type Held, standingPlants, standingShapes } from './drawn-things.ts';
import { findingOf } from './finding.ts';
import { GroundList } from './ground-list.tsx';
import { ShapeFields, SpotFields } from './held-fields.tsx';
import { PictureBeneath } from './picture-beneath.tsx';
import { PlanCanvas } from './plan-canvas.tsx';
import { planKeys } from './use-plan-keys.ts';
import { PlanOverlay } from './plan-overlay.tsx';
import { PlanSettings } from './plan-settings.tsx';
import { PlanSigns } from './plan-signs.tsx';
import { SelectedPlant } from './selected-plant.tsx';
import { FIRST_SIZE, SHAPE_WORDS } from './shape-words.ts';
import { spotIdOf } from './spot-id.ts';
import { SpreadCard } from './spread-card.tsx';
import { type GroundChange, type GroundEdits, useGroundEdits } from './use-ground-edits.ts';
import { usePlanView } from './use-plan-view.ts';
import { windWords } from './wind-words.ts';

/** What stands where, how each is doing, and what goes from one to the next. */
export function GroundPage() {
  return (
    <Answered question={usePlaces()}>
      {(places) => (
        <Answered question={useGround()}>{(ground) => <Plan ground={ground} places={places} />}</Answered>
      )}
    </Answered>
  );
}

const NET_M = 0.25;
const LINES_UP_PX = 8;

function Plan({ ground, places }: { readonly ground: GroundAnswer; readonly places: readonly Place[] }) {
  const [params, setParams] = useSearchParams();
  const [isDrawing, setIsDrawing] = useState(false);
  const [heldShape, setHeldShape] = useState<Held | null>(null);
  const [carried, setCarried] = useState<{ readonly held: Held; readonly spot: Spot } | null>(null);
  const edits = useGroundEdits();
  const today = useToday();

  const heldPlant = params.get('plant');
  const held = useMemo<Held | null>(
    () => heldShape ?? (heldPlant ? { kind: 'plant', id: heldPlant } : null),
    [heldShape, heldPlant],
  );
  const hold = useCallback(
    (next: Held | null) => {
      setHeldShape(next?.kind === 'shape' ? next : null);
      setParams(next?.kind === 'plant' ? { plant: next.id } : {}, { replace: true });
    },
    [setParams],
  );

  const { plants, shapes, settledShapes } = useMemo(
    () => standing(ground, edits.laid, carried),
    [ground, edits.laid, carried],
  );
  // The plan first: its list follows when there is time.
  const listed = useDeferredValue(plants, null);
  const unplaced = ground.plants.filter(({ id }) => plants.every(({ plant }) => plant.id !== id));

  const changeSpot = (plant: GroundPlant, spot: Spot | null): GroundChange => {
    const laid = edits.laid.get(plant.id);
    const id = spotIdOf(plant.id, plant.placeId);
    const asRecord = ({ xM, yM, turnDeg }: Spot): PlantSpot => ({
      id: plant.spotId ?? id,
      plantId: plant.id,
      placeId: plant.placeId,
      xM,
      yM,
      turnDeg,
    });
    const before = laid ? (laid.after as PlantSpot | null) : plant.spot?.isSet ? asRecord(plant.spot) : null;
    return { kind: 'plant-spots', before, after: spot && asRecord(spot) };
  };
  const changeShape = (before: GroundShape | null, after: GroundShape | null): GroundChange => ({
    kind: 'ground-shapes',
    before,
    after,
  });
  const settledShape = (id: string) => settledShapes.find((shape) => shape.id === id) ?? null;
  const plantOf = (id: string) => ground.plants.find((plant) => plant.id === id) ?? null;

  const plan = usePlanView(
    useMemo(() => drawnExtent(ground), [ground]),
    {
      at(target) {
        const thing = isDrawing ? target.closest<SVGElement>('[data-id]') : null;
        if (!thing) return null;
        const grabbed: Held = { kind: thing.dataset.kind as Held['kind'], id: thing.dataset.id! };
        const start = spotOf(grabbed);
        if (!start) return null;
        const middles = [
          ...plants.filter(({ plant }) => plant.id !== grabbed.id).map(({ spot }) => spot),
          ...shapes.filter(({ id }) => id !== grabbed.id),
        ];
        return (moved, isDone) => {
          const to = snapped(
            { xM: start.xM + moved.xM, yM: start.yM + moved.yM },
            { netM: NET_M, middles, reachM: Math.min(0.3, LINES_UP_PX / plan.view.pxPerM) },
          );
          const spot = { ...to, turnDeg: start.turnDeg };
          if (!isDone) return setCarried({ held: grabbed, spot });
          setCarried(null);
          hold(grabbed);
          putSpot(grabbed, spot, edits.make);
        };
      },
    },
  );
  function spotOf({ kind, id }: Held): Spot | null {
    if (kind === 'plant') return plants.find(({ plant }) => plant.id === id)?.spot ?? null;
    return settledShape(id);
  }
  function putSpot({ kind, id }: Held, spot: Spot, keep: (change: GroundChange) => void) {
    if (kind === 'plant') {
      const plant = plantOf(id);
      if (plant) keep(changeSpot(plant, spot));
      return;
    }
    const shape = settledShape(id);
    if (shape) keep(changeShape(shape, { ...shape, ...spotOnly(spot) }));
  }
  const takeOff = () => {
    if (!held) return;
    const plant = held.kind === 'plant' ? plantOf(held.id) : null;
    if (plant) edits.make(changeSpot(plant, null));
    const shape = held.kind === 'shape' ? settledShape(held.id) : null;
    if (shape) edits.make(changeShape(shape, null));
    hold(null);
  };
  const roomFor = (radiusM: number): Point =>
    freeSpot(plan.middle(), (point) => {
      const crown = footprintOf('new', { spreadM: 2 * radiusM, lengthM: null }, { ...point, turnDeg: 0 });
      return plants.every((other) => gapM(other.crown, crown) > 0.2);
    });
  const place = (plant: GroundPlant) => {
    edits.make(
      changeSpot(plant, { ...roomFor(Math.max(plant.spreadM, plant.lengthM ?? 0) / 2), turnDeg: 0 }),
    );
    hold({ kind: 'plant', id: plant.id });
  };
  const addShape = (kind: GroundKind) => {
    const [lengthM, depthM, heightM] = FIRST_SIZE[kind];
    const shape: GroundShape = {
      id: newId(),
      kind,
      name: '',
      placeId: null,
      ...plan.middle(),
      turnDeg: 0,
      lengthM,
      depthM,
      heightM,
    };
    edits.make(changeShape(null, shape));
    hold({ kind: 'shape', id: shape.id });
  };
  const keys = planKeys({
    plants,
    held,
    isDrawing,
    heldSpot: held && spotOf(held),
    onSpot: (spot) => held && putSpot(held, spot, edits.nudge),
    onHold: hold,
    onTakeOff: takeOff,
    onUndo: edits.undo,
    onZoom: plan.zoom,
    onFit: plan.fit,
  });

  const selected = held?.kind === 'plant' ? plantOf(held.id) : null;
  const followed = selected?.watches[0] ?? null;
  const spread = useSpread(followed?.id ?? '').data ?? null;
  const month = Number(today.slice(5, 7)) || 1;
  const outdoors = places.find(({ kind }) => kind === 'outdoors');
  return (
    <>
      <GardenNav />
      <PageHead title={findingOf(ground)} lead={leadOf(ground)}>
        {!isEarlierMoment && (
          <button
            type="button"
            className={`btn ${isDrawing ? 'btn-primary' : ''}`}
            aria-pressed={isDrawing}
            onClick={() => setIsDrawing(!isDrawing)}
          >
            <Pencil size={17} aria-hidden /> {isDrawing ? 'Done drawing' : 'Draw'}
          </button>
        )}
      </PageHead>
      <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_320px]">
        <div className="flex flex-col gap-3 min-w-0">
          <div className="sheet overflow-hidden">
            <PlanCanvas
              plan={plan}
              plants={plants}
              shapes={shapes}
              pictures={ground.pictures}
              held={held}
              focusId={plants[0]?.plant.id ?? null}
              isDrawing={isDrawing}
              onHold={hold}
              onKeys={keys as (event: KeyboardEvent) => void}
              over={
                <PlanOverlay
                  plants={plants}
                  contacts={ground.contacts}
                  heldId={selected?.id ?? null}
                  spread={selected ? spread : null}
                />
              }
            >
              <PlanSigns
                pxPerM={plan.view.pxPerM}
                upBearingDeg={ground.upBearingDeg}
                wind={ground.winds[month - 1] ?? null}
                windWords={windWords(ground.winds[month - 1] ?? null, month)}
              />
              <ViewButtons onZoom={plan.zoom} onFit={plan.fit} undo={isDrawing ? edits : null} />
            </PlanCanvas>
          </div>
          <Legend isDrawing={isDrawing} />
          {listed && (
            <GroundList
              ground={ground}
              plants={listed}
              heldId={selected?.id ?? null}
              onHold={hold}
              onShow={plan.show}
            />
          )}
        </div>
        <aside className="flex flex-col gap-4">
          {isDrawing && (
            <section aria-label="Draw" className="sheet p-4 flex flex-col gap-4">
              <NotYetPlaced plants={unplaced} onPlace={place} />
              <AddPlant
                place={outdoors}
                onAdded={(plantId, spreadM, lengthM) => {
                  if (!outdoors) return;
                  const at = roomFor(Math.max(spreadM, lengthM ?? 0) / 2);
                  edits.make({
                    kind: 'plant-spots',
                    before: null,
                    after: {
                      id: spotIdOf(plantId, outdoors.id),
                      plantId,
                      placeId: outdoors.id,
                      ...at,
                      turnDeg: 0,
                    },
                  });
                  hold({ kind: 'plant', id: plantId });
                }}
              />
              <AddShape onAdd={addShape} />
              <PictureBeneath pictures={ground.pictures} middle={plan.middle} edits={edits} />
              <PlanSettings />
            </section>
          )}
          {isDrawing && held && spotOf(held) && (
            <section aria-label="What is held" className="sheet p-4 flex flex-col gap-3">
              <h2>{nameOfHeld(held, ground, shapes)}</h2>
              <SpotFields
                key={held.id}
                spot={spotOf(held)!}
                onSpot={(spot) => putSpot(held, spot, edits.make)}
              />
              {held.kind === 'shape' && settledShape(held.id) && (
                <ShapeFields
                  key={`shape ${held.id}`}
                  shape={settledShape(held.id)!}
                  places={places}
                  onShape={(shape) => edits.make(changeShape(settledShape(held.id), shape))}
                />
              )}
              <button type="button" className="btn btn-sm min-h-11 self-start" onClick={takeOff}>
                Take it off the plan
              </button>
            </section>
          )}
          {!isDrawing && selected && <SelectedPlant key={selected.id} plant={selected} ground={ground} />}
          {!isDrawing && selected && followed && spread && (
            <Followed plant={selected} watch={followed} spread={spread} ground={ground} />
          )}
          {!isDrawing && !selected && ground.plants.length > 0 && (
            <p className="sheet p-4 soft">
              Choose a plant on the plan or in the list beneath: what it carries, what it touches, where its
              trouble came from and goes next.
            </p>
          )}
        </aside>
      </div>
    </>
  );
}

/** Plants and shapes as they stand: as recorded, over that what was just laid down, over that what a hand carries. */
function standing(
  ground: GroundAnswer,
  laid: GroundEdits['laid'],
  carried: { readonly held: Held; readonly spot: Spot } | null,
) {
  const laidSpots = new Map<string, Spot | null>(),
    laidShapes = new Map<string, GroundShape | null>();
  for (const [id, { kind, after }] of laid)
    if (kind === 'plant-spots') laidSpots.set(id, after as PlantSpot | null);
    else if (kind === 'ground-shapes') laidShapes.set(id, after as GroundShape | null);
  const settledShapes = standingShapes(ground.shapes, laidShapes);
  if (carried?.held.kind === 'plant') laidSpots.set(carried.held.id, carried.spot);
  const carriedShape = settledShapes.find(({ id }) => id === carried?.held.id);
  if (carriedShape) laidShapes.set(carriedShape.id, { ...carriedShape, ...carried!.spot });
  return {
    plants: standingPlants(ground.plants, laidSpots),
    shapes: standingShapes(ground.shapes, laidShapes),
    settledShapes,
  };
}

function Followed({
  plant,
  watch,
  spread,
  ground,
}: {
  readonly plant: GroundPlant;
  readonly watch: GroundWatch;
  readonly spread: SpreadList;
  readonly ground: GroundAnswer;
}) {
  const source = ground.plants.find(({ id }) => id === watch.sourcePlantId);
  return (
    <>
      <SpreadCard watch={watch} plantName={plant.name} spread={spread} />
      {source && <ClearedCard key={watch.id} watchId={watch.id} sourceName={source.name} />}
    </>
  );
}

const spotOnly = ({ xM, yM, turnDeg }: Spot): Spot => ({ xM, yM, turnDeg });

const nameOfHeld = ({ kind, id }: Held, ground: GroundAnswer, shapes: readonly GroundShape[]): string => {
  if (kind === 'plant') return ground.plants.find((plant) => plant.id === id)?.name ?? '';
  const shape = shapes.find((each) => each.id === id);
  return shape ? shape.name || SHAPE_WORDS[shape.kind] : '';
};

const leadOf = ({ plants, shapes }: GroundAnswer): string =>
  plants.some(({ spot }) => spot) || shapes.length > 0
    ? 'Drawn to scale. Filled by level; dotted where crowns touch and crawlers walk; the arrow is the wind of the month.'
    : 'A house, a fence, and each plant where it stands: then the plan says what touches what, where crawlers blow, and in which order to walk.';

function ViewButtons({
  onZoom,
  onFit,
  undo,
}: {
  readonly onZoom: (times: number) => void;
  readonly onFit: () => void;
  readonly undo: { undo(): void; readonly canUndo: boolean } | null;
}) {
  const className = 'btn btn-sm btn-square min-h-11 min-w-11';
  return (
    <div className="absolute left-2 top-2 flex gap-1">
      <button type="button" className={className} aria-label="Nearer" onClick={() => onZoom(1.5)}>
        <Plus size={18} aria-hidden />
      </button>
      <button type="button" className={className} aria-label="Farther" onClick={() => onZoom(1 / 1.5)}>
        <Minus size={18} aria-hidden />
      </button>
      <button type="button" className={className} aria-label="Show all" onClick={onFit}>
        <Maximize size={17} aria-hidden />
      </button>
      {undo && (
        <button
          type="button"
          className={className}
          aria-label="Undo"
          disabled={!undo.canUndo}
          onClick={() => undo.undo()}
        >
          <Undo2 size={18} aria-hidden />
        </button>
      )}
    </div>
  );
}

function Legend({ isDrawing }: { readonly isDrawing: boolean }) {
  if (isDrawing)
    return (
      <p className="soft text-sm">
        Drag to move; what comes near another lines up with it. By keyboard: Tab to a thing, Enter to hold it,
        arrows move it (with Shift a metre), [ and ] turn it, Delete takes it off, Ctrl+Z undoes.
      </p>
    );
  return (
    <p className="soft text-sm">
      The number is the level, 0 to 5; green: none counted. Broad honey edge: something is due, red: late.
      Hatched: out of reach. Dashed edge: a pot the app put somewhere in its room. Arrows between plants by
      the keyboard.
    </p>
  );
}
