import type { Tag } from '#core/records';
import type { Protocol, Unit } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';

/** Units in the order they were counted, each with the tag it carries or the tree it comes from. */
export function countedUnits(
  units: readonly Unit[],
  protocol: Protocol,
  plants: number,
  tags: readonly Tag[] | null,
): Unit[] {
  return units.map(({ counts }, i) => {
    const tag = tags?.[i];
    const spot = tag ? null : spotOf(protocol, plants, i);
    return { counts: { ...counts }, ...(tag ? { tagId: tag.id } : {}), ...(spot ? { tree: spot.tree } : {}) };
  });
}

/** Where the unit of this index sits, counted from 1; null under a way of counting that goes by no trees. */
export function spotOf(
  protocol: Protocol,
  plants: number,
  index: number,
): { readonly tree: number; readonly onTree: number } | null {
  const { perTree } = PROTOCOL_TEXTS[protocol];
  if (perTree === null || plants < 2) return null;
  const tree = Math.min(plants, Math.floor(index / perTree) + 1);
  return { tree, onTree: index - (tree - 1) * perTree + 1 };
}
