import { type LabelLine, type LeafState, rateMeaning } from '#core/materials';
import type { RecipePart } from './recipe.ts';

/** A line of a product as a part of a mix uses it. */
export interface LineForPart<T extends LabelLine = LabelLine> {
  readonly line: T;
  /** In the line's own unit. */
  readonly rate: number;
}

/**
 * The line a part of a mix is logged under: one that goes by spray and is measured as the part is; first one that
 * holds what the plant wears and the amount, then the leaf state, then any. Null where no line is measured so.
 */
export function lineForPart<T extends LabelLine>(
  lines: readonly T[],
  { by, perLitre }: Pick<RecipePart, 'by' | 'perLitre'>,
  leafState: LeafState,
): LineForPart<T> | null {
  const measured = lines.flatMap((line): LineForPart<T>[] => {
    const one = rateMeaning(1, line.rateUnit);
    return one.per === 'litre' && one.by === by ? [{ line, rate: perLitre / one.amount }] : [];
  });
  const worn = measured.filter(({ line }) => line.leafStates.includes(leafState));
  const within = worn.find(({ line, rate }) => rate >= line.rateLow && rate <= line.rateHigh);
  return within ?? worn[0] ?? measured[0] ?? null;
}
