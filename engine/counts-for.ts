import type { Handwork, ProductRecord, SprayRecord, Watch } from '#core/records';
import { efficacyAgainst } from '#knowledge';

/**
 * Whether a spray on a plant counts for a watch of it: it was aimed at that, or at no trouble of its own and
 * something in it reaches this one. What nobody named yet is reached by anything.
 */
export function sprayCountsFor(
  { watchId, parts }: Pick<SprayRecord, 'watchId' | 'parts'>,
  { id, group, targetId }: Watch,
  product: (id: string) => Pick<ProductRecord, 'materialId'> | undefined,
): boolean {
  if (watchId !== null) return watchId === id;
  if (group === null) return true;
  const reaching = efficacyAgainst({ id: targetId ?? '', group })
    .filter(({ word }) => word === 'works' || word === 'in part')
    .map(({ materialId }) => materialId);
  return parts.some(({ productId }) => reaching.includes(product(productId)?.materialId ?? ''));
}

/** Hand work counts for the watch it was for, or for all that live on the plant. */
export const handworkCountsFor = (
  { watchId }: Pick<Handwork, 'watchId'>,
  { id }: Pick<Watch, 'id'>,
): boolean => watchId === null || watchId === id;
