import { useState } from 'react';
import type { RecipePart } from '#core/mix';
import { lineForPart } from '#core/mix';
import type { ProductRecord } from '#core/records';
import { materialsOfPart } from '#knowledge';
import { useShelf, useShelfState } from '../../api/mixing.ts';

/** What one part of a mix is taken from. */
export interface PartPack {
  readonly part: RecipePart;
  /** Products of the shelf it may be taken from, the usual material first. */
  readonly fitting: readonly ProductRecord[];
  /** Null where nothing on the shelf fits. */
  readonly product: ProductRecord | null;
  /** ml or g; null when nobody counted. */
  readonly left: number | null;
  /** What it would stand on the shelf as; null where the program knows no such material. */
  readonly materialId: string | null;
}

/**
 * The packs a mix is taken from: the first that fits each part, until another is chosen; undefined until the
 * shelf is known.
 */
export function usePacks(parts: readonly RecipePart[]) {
  const products = useShelf().data?.products;
  const states = useShelfState().data?.products;
  const [chosen, setChosen] = useState<Readonly<Record<number, string>>>({});
  const take = (i: number, productId: string) => setChosen({ ...chosen, [i]: productId });
  if (!products || !states) return { packs: undefined, take };
  const packs = parts.map((part, i): PartPack => {
    const materials = materialsOfPart(part);
    const fitting = materials.flatMap((material) =>
      products.filter(
        ({ materialId, lines }) => materialId === material && lineForPart(lines, part, 'in-leaf') !== null,
      ),
    );
    const product = fitting.find(({ id }) => id === chosen[i]) ?? fitting[0] ?? null;
    const left = states.find(({ productId }) => productId === product?.id)?.left ?? null;
    return { part, fitting, product, left, materialId: materials[0] ?? null };
  });
  return { packs, take };
}
