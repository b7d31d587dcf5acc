import { addDays, type CivilDate } from '#core/calendar';
import { meeting, type Meeting } from '#core/materials';
import type { Garden, Plant, ProductRecord } from '#core/records';
import { ingredientsOf, materialById, meetingRules } from '#knowledge';
import type { Store } from '../store/store.ts';

/** An earlier spray on a plant that the next one must keep away from. */
export interface MetBefore {
  readonly on: CivilDate;
  readonly productName: string;
  readonly materialName: string;
  readonly meeting: Meeting;
  /** First day the two are far enough apart. */
  readonly freeFrom: CivilDate;
}

/** Earlier sprays of a plant, under any of its watches, that still stand in the way of a product today. */
export function metBefore(store: Store, garden: Garden, plant: Plant, product: ProductRecord, today: CivilDate): MetBefore[] {
  const rules = meetingRules(garden.schools);
  const own = ingredientsOf(product.materialId, product.containsOil);
  return store.watches().filter(({ plantId }) => plantId === plant.id).flatMap(({ id }) => store.sprays(id)).filter(({ on, productId }) => on <= today && productId !== product.id).flatMap(({ on, productId }): MetBefore[] => {
    const earlier = store.product(productId)!;
    const met = meeting(rules, ingredientsOf(earlier.materialId, earlier.containsOil), own);
    const freeFrom = addDays(on, met.apartDays);
    return freeFrom > today ? [{ on, productName: earlier.name, materialName: materialById(earlier.materialId).name, meeting: met, freeFrom }] : [];
  }).sort((a, b) => (a.freeFrom > b.freeFrom ? -1 : 1));
}
