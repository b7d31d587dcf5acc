import type { KeyboardEvent } from 'react';
import { between, middleOf, type Spot, turned } from '#core/ground';
import type { Held, StandingPlant } from './drawn-things.ts';

interface PlanKeys {
  readonly plants: readonly StandingPlant[];
  readonly held: Held | null;
  readonly isDrawing: boolean;
  readonly heldSpot: Spot | null;
  readonly onSpot: (spot: Spot) => void;
  readonly onHold: (held: Held | null) => void;
  readonly onTakeOff: () => void;
  readonly onUndo: () => void;
  readonly onZoom: (times: number) => void;
  readonly onFit: () => void;
}

const STEP_M = 0.25;
const LONG_STEP_M = 1;
const TURN_STEP_DEG = 15;
const DIRECTIONS: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/**
 * The plan by keyboard. Looking, arrows lead from plant to plant; drawing, they move what is held, brackets turn it
 * and delete takes it off.
 */
export function planKeys(keys: PlanKeys) {
  return (event: KeyboardEvent): void => {
    if (actOn(event, keys)) {
      event.preventDefault();
      event.stopPropagation();
    }
  };
}

function actOn(event: KeyboardEvent, keys: PlanKeys): boolean {
  const { key } = event;
  if ((event.ctrlKey || event.metaKey) && key === 'z') return done(keys.onUndo());
  if (event.ctrlKey || event.metaKey || event.altKey) return false;
  const direction = DIRECTIONS[key];
  if (direction && keys.isDrawing && keys.heldSpot) return done(moved(keys, direction, event.shiftKey));
  if (direction) return done(keys.onHold(nextIn(keys, event.currentTarget, direction)));
  if (key === '+' || key === '=') return done(keys.onZoom(1.4));
  if (key === '-') return done(keys.onZoom(1 / 1.4));
  if (key === '0') return done(keys.onFit());
  if (key === 'Escape' && keys.held) return done(keys.onHold(null));
  if (key === 'Enter' || key === ' ') return done(pressFocused());
  if (!keys.isDrawing || !keys.heldSpot) return false;
  if (key === '[') return done(turnedBy(keys, -TURN_STEP_DEG));
  if (key === ']') return done(turnedBy(keys, TURN_STEP_DEG));
  if (key === 'Delete' || key === 'Backspace') return done(keys.onTakeOff());
  return false;
}

const done = (_: void): true => true;

function pressFocused(): void {
  const focused = document.activeElement;
  focused?.dispatchEvent(new MouseEvent('click', { bubbles: true }));
}

function moved({ heldSpot, onSpot }: PlanKeys, [x, y]: readonly [number, number], isLong: boolean): void {
  const step = isLong ? LONG_STEP_M : STEP_M;
  onSpot({ ...heldSpot!, xM: rounded(heldSpot!.xM + step * x), yM: rounded(heldSpot!.yM + step * y) });
}

const rounded = (metres: number) => Math.round(metres * 1000) / 1000;

const turnedBy = ({ heldSpot, onSpot }: PlanKeys, byDeg: number): void =>
  onSpot({ ...heldSpot!, turnDeg: turned(heldSpot!.turnDeg + byDeg, TURN_STEP_DEG) });

/**
 * The nearest plant that lies in a direction, within an eighth of a turn to either side; the held one where
 * none does.
 */
function nextIn(
  { plants, held }: PlanKeys,
  plan: EventTarget,
  [x, y]: readonly [number, number],
): Held | null {
  const here = plants.find(({ plant }) => plant.id === held?.id) ?? null;
  const from = here ? middleOf(here.crown) : null;
  const ahead = plants
    .filter((other) => other !== here)
    .map((other) => ({ id: other.plant.id, at: middleOf(other.crown) }))
    .filter(({ at }) => {
      if (!from) return true;
      const along = (at.xM - from.xM) * x + (at.yM - from.yM) * y;
      return along > 0 && along >= between(from, at) * Math.SQRT1_2 - 1e-9;
    })
    .sort((a, b) => (from ? between(from, a.at) - between(from, b.at) : a.at.xM - b.at.xM));
  const next = ahead[0] ?? null;
  if (!next) return held;
  (plan as Element).querySelector<SVGElement>(`[data-id="${next.id}"]`)?.focus();
  return { kind: 'plant', id: next.id };
}
