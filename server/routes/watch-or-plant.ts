import type { Plant, Watch } from '#core/records';
import { refersTo } from '../context.ts';
import type { Store } from '../store/store.ts';

/** The plant that work is on, and the watch it was for if it was for one; refused where either is not there. */
export function watchOrPlant(
  store: Store,
  { watchId, plantId }: { readonly watchId: string | null; readonly plantId: string | null },
): { readonly plant: Plant; readonly watch: Watch | null } {
  if (watchId === null)
    return { plant: refersTo(store.plant(plantId ?? ''), 'plantId', 'plant'), watch: null };
  const watch = refersTo(store.watch(watchId), 'watchId', 'watch');
  return { plant: store.plant(watch.plantId)!, watch };
}
