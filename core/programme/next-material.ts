import type { StepPlan } from '#core/records';
import type { Position } from './position.ts';

/** The material of the next turn: the one behind that used last, else by the number of turns. */
export function nextMaterial({ materials }: StepPlan, { turns, lastMaterials }: Position): string | null {
  if (materials.length === 0) return null;
  const last = materials.findIndex((id) => lastMaterials.includes(id));
  return materials[last < 0 ? turns % materials.length : (last + 1) % materials.length]!;
}
