import type { Product } from '#core/materials';

/** What an amount of a product costs, in the user's money; null where the pack's price is not known. */
export function costOf({ pack }: Pick<Product, 'pack'>, amount: number): number | null {
  return pack ? (pack.price * amount) / pack.amount : null;
}
