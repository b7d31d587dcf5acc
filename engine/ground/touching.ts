import { touchingPairs } from '#core/ground';
import type { GardenState } from '../garden-state.ts';
import { drawnCrowns } from './drawn-crowns.ts';

type Pair = readonly [string, string];

/**
 * Which plants touch: those whose crowns meet on the plan and those said to, less those said not to. What is said
 * rules over what is drawn.
 */
export function touchingPlants(
  state: Pick<GardenState, 'plants' | 'moves' | 'plantSpots' | 'touching' | 'apart'>,
): Pair[] {
  const apart = new Set(state.apart.map(keyOf));
  const touching = new Map(state.touching.map((pair) => [keyOf(pair), pair]));
  const outdoorsOrIn = drawnCrowns(state);
  const placeOf = new Map(outdoorsOrIn.map(({ plant, spot }) => [plant.id, spot.placeId]));
  for (const [a, b] of touchingPairs(outdoorsOrIn.map(({ crown }) => crown))) {
    const pair: Pair = [a.id, b.id];
    // A pot drawn in its room does not touch what grows before the window.
    if (placeOf.get(a.id) === placeOf.get(b.id) && !apart.has(keyOf(pair))) touching.set(keyOf(pair), pair);
  }
  return [...touching.values()];
}

const keyOf = (pair: Pair): string => pair.toSorted().join(' ');
