import type { UsedOn } from '#core/materials';
import type { GardenDay } from './garden-day.ts';

/** Every time a product was used, on any plants: one tank is one use, whatever it was sprayed on. */
export function usesOf(day: GardenDay, productId: string): UsedOn[] {
  const uses = new Map<string, UsedOn>();
  for (const { id, loadId, on, parts } of day.books.state.sprays) {
    const part = parts.find((entry) => entry.productId === productId);
    if (!part || on > day.today) continue;
    const tank = loadId ?? id;
    uses.set(tank, { on, amount: part.productAmount + (uses.get(tank)?.amount ?? 0) });
  }
  return [...uses.values()];
}
