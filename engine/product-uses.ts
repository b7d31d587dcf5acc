import type { UsedOn } from '#core/materials';
import type { GardenDay } from './garden-day.ts';

/** Every time a product was used, on any plant. */
export function usesOf(day: GardenDay, productId: string): UsedOn[] {
  return day.books.state.sprays
    .filter(({ on }) => on <= day.today)
    .flatMap(({ on, parts }) =>
      parts
        .filter((part) => part.productId === productId)
        .map(({ productAmount }) => ({ on, amount: productAmount })),
    );
}
