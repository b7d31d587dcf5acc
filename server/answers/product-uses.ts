import type { CivilDate } from '#core/calendar';
import type { UsedOn } from '#core/materials';
import type { Store } from '../store/store.ts';

/** Every time a product was used, on any plant. */
export function usesOf(store: Store, productId: string, today: CivilDate): UsedOn[] {
  return store
    .allSprays()
    .filter(({ on }) => on <= today)
    .flatMap(({ on, parts }) =>
      parts
        .filter((part) => part.productId === productId)
        .map(({ productAmount }) => ({ on, amount: productAmount })),
    );
}
