import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { footprintOf, freeSpot, gapM, type Point, snapped, type Spot } from '#core/ground';
import type { GroundKind, GroundShape, PlantSpot } from '#core/records';
import type { GroundAnswer, GroundPlant } from '#engine';
import { newId } from '../../../api/new-id.ts';
import { type Held, standingPlants, type StandingPlant, standingShapes } from './drawn-things.ts';
import { FIRST_SIZE } from './shape-words.ts';
import { spotIdOf } from './spot-id.ts';
import { type GroundChange, type GroundEdits, useGroundEdits } from './use-ground-edits.ts';

const NET_M = 0.25;
const LINES_UP_PX = 8;
const FARTHEST_LINE_M = 0.3;
/** New crowns are put so far from others, m. */
const ROOM_M = 0.2;

interface Carried {
  readonly held: Held;
  readonly spot: Spot;
}

export interface PlanHand {
  readonly held: Held | null;
  hold(next: Held | null): void;
  readonly plants: readonly StandingPlant[];
  readonly shapes: readonly GroundShape[];
  readonly edits: GroundEdits;
  spotOf(held: Held): Spot | null;
  shapeOf(id: string): GroundShape | null;
  /** Puts what is held somewhere: at once, or where it comes to rest after some small steps. */
  put(held: Held, spot: Spot, by?: 'step'): void;
  changeShape(shape: GroundShape): void;
  /** Begins to carry something; what it gives back moves it on, and lays it down. */
  carry(held: Held, pxPerM: number): ((moved: Point, isDone: boolean) => void) | null;
  place(plant: GroundPlant, wanted: Point): void;
  placeNew(plantId: string, placeId: string, size: Size, wanted: Point): void;
  addShape(kind: GroundKind, at: Point): void;
  takeOff(): void;
}

type Size = Pick<GroundPlant, 'spreadM' | 'lengthM'>;

/** What is held on the plan, and everything a hand can do with it. */
export function usePlanHand(ground: GroundAnswer): PlanHand {
  const [params, setParams] = useSearchParams();
  const [heldShape, setHeldShape] = useState<Held | null>(null);
  const [carried, setCarried] = useState<Carried | null>(null);
  const edits = useGroundEdits();
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

  const plantOf = (id: string) => ground.plants.find((plant) => plant.id === id) ?? null;
  const shapeOf = (id: string) => settledShapes.find((shape) => shape.id === id) ?? null;
  const spotOf = ({ kind, id }: Held): Spot | null =>
    kind === 'plant' ? (plants.find(({ plant }) => plant.id === id)?.spot ?? null) : shapeOf(id);
  const put = ({ kind, id }: Held, spot: Spot, by?: 'step') => {
    const keep = by === 'step' ? edits.nudge : edits.make;
    const plant = kind === 'plant' ? plantOf(id) : null;
    if (plant) keep(spotChange(plant, edits.laid, spot));
    const shape = kind === 'shape' ? shapeOf(id) : null;
    if (shape) keep(shapeChange(shape, { ...shape, ...spotOnly(spot) }));
  };
  const roomAt = (wanted: Point, { spreadM, lengthM }: Size): Spot => {
    const isFree = (point: Point) => {
      const wide = Math.max(spreadM, lengthM ?? 0);
      const crown = footprintOf('new', { spreadM: wide, lengthM: null }, { ...point, turnDeg: 0 });
      return plants.every((other) => gapM(other.crown, crown) > ROOM_M);
    };
    return { ...freeSpot(wanted, isFree), turnDeg: 0 };
  };
  return {
    held,
    hold,
    plants,
    shapes,
    edits,
    spotOf,
    shapeOf,
    put,
    changeShape: (shape) => edits.make(shapeChange(shapeOf(shape.id), shape)),
    carry(grabbed, pxPerM) {
      const start = spotOf(grabbed);
      if (!start) return null;
      const middles = [
        ...plants.filter(({ plant }) => plant.id !== grabbed.id).map(({ spot }) => spot),
        ...shapes.filter(({ id }) => id !== grabbed.id),
      ];
      return (moved, isDone) => {
        const to = snapped(
          { xM: start.xM + moved.xM, yM: start.yM + moved.yM },
          { netM: NET_M, middles, reachM: Math.min(FARTHEST_LINE_M, LINES_UP_PX / pxPerM) },
        );
        const spot = { ...to, turnDeg: start.turnDeg };
        if (!isDone) return setCarried({ held: grabbed, spot });
        setCarried(null);
        hold(grabbed);
        put(grabbed, spot);
      };
    },
    place(plant, wanted) {
      edits.make(spotChange(plant, edits.laid, roomAt(wanted, plant)));
      hold({ kind: 'plant', id: plant.id });
    },
    placeNew(plantId, placeId, size, wanted) {
      const after: PlantSpot = { id: spotIdOf(plantId, placeId), plantId, placeId, ...roomAt(wanted, size) };
      edits.make({ kind: 'plant-spots', before: null, after });
      hold({ kind: 'plant', id: plantId });
    },
    addShape(kind, at) {
      const [lengthM, depthM, heightM] = FIRST_SIZE[kind];
      const base = { id: newId(), kind, name: '', placeId: null, turnDeg: 0 };
      const shape: GroundShape = { ...base, xM: at.xM, yM: at.yM, lengthM, depthM, heightM };
      edits.make(shapeChange(null, shape));
      hold({ kind: 'shape', id: shape.id });
    },
    takeOff() {
      const plant = held?.kind === 'plant' ? plantOf(held.id) : null;
      if (plant) edits.make(spotChange(plant, edits.laid, null));
      const shape = held?.kind === 'shape' ? shapeOf(held.id) : null;
      if (shape) edits.make(shapeChange(shape, null));
      hold(null);
    },
  };
}

/** Plants and shapes as they stand: as recorded, above that as just laid down, above that as they are carried. */
function standing(ground: GroundAnswer, laid: GroundEdits['laid'], carried: Carried | null) {
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

const spotOnly = ({ xM, yM, turnDeg }: Spot): Spot => ({ xM, yM, turnDeg });

function spotChange(plant: GroundPlant, laid: GroundEdits['laid'], spot: Spot | null): GroundChange {
  const asRecord = (at: Spot): PlantSpot => ({
    id: plant.spotId ?? spotIdOf(plant.id, plant.placeId),
    plantId: plant.id,
    placeId: plant.placeId,
    ...spotOnly(at),
  });
  const over = laid.get(plant.id);
  const recorded = plant.spot?.isSet ? asRecord(plant.spot) : null;
  const before = over ? (over.after as PlantSpot | null) : recorded;
  return { kind: 'plant-spots', before, after: spot && asRecord(spot) };
}

const shapeChange = (before: GroundShape | null, after: GroundShape | null): GroundChange => ({
  kind: 'ground-shapes',
  before,
  after,
});
