import { misreadAsWeight } from './formulation.ts';
import type { LabelLine, Product } from './label.ts';
import { rateMeaning } from './rate.ts';

/** What a material's sprays usually hold, % of finished spray; null where only labels tell. */
export interface UsualPercent {
  readonly dormant: readonly [low: number, high: number] | null;
  readonly inLeaf: readonly [low: number, high: number] | null;
}

/** Something on a typed label that is possible and unlikely. `field` is a field of the line. */
export interface LabelDoubt {
  readonly lineId: string;
  readonly field: keyof LabelLine;
  readonly says: string;
}

/** A range wider than this is seldom one line of a label. */
const WIDEST_RANGE = 5;
/** Beyond this many times the usual strength a unit was most likely mistaken. */
const FAR_ABOVE = 2;

/** Checks a label's lines for sense; nothing here forbids, the label itself may really say so. */
export function labelDoubts(
  product: Pick<Product, 'formulation' | 'lines'>,
  usual: UsualPercent | null,
  edibleHostIds: ReadonlySet<string>,
): LabelDoubt[] {
  return product.lines
    .filter(({ rateLow, rateHigh }) => rateLow > 0 && rateHigh >= rateLow)
    .flatMap((line) => {
      const doubt = (field: keyof LabelLine, says: string): LabelDoubt => ({ lineId: line.id, field, says });
      const found: LabelDoubt[] = [];
      if (line.rateHigh > WIDEST_RANGE * line.rateLow)
        found.push(
          doubt(
            'rateHigh',
            `is ${Math.round(line.rateHigh / line.rateLow)} times the low rate: two lines of the label in one?`,
          ),
        );
      if (misreadAsWeight(product.formulation, line.rateUnit))
        found.push(
          doubt(
            'rateUnit',
            'a liquid by weight, or a powder by volume: an ounce is a fluid ounce for liquids and a weight for powders',
          ),
        );
      found.push(...strengthDoubts(line, usual).map((says) => doubt('rateHigh', says)));
      if (line.daysToHarvest === null && line.hostIds.some((id) => edibleHostIds.has(id)))
        found.push(
          doubt('daysToHarvest', 'the line names a plant that is eaten: a label then gives days to harvest'),
        );
      if (line.leastC !== null && line.greatestC !== null && line.leastC >= line.greatestC)
        found.push(doubt('greatestC', 'lies below the least temperature'));
      return found;
    });
}

function strengthDoubts(line: LabelLine, usual: UsualPercent | null): string[] {
  const { per, by, amount } = rateMeaning(line.rateHigh, line.rateUnit);
  if (!usual || per !== 'litre' || by !== 'volume') return [];
  const range = line.leafStates.includes('in-leaf') ? usual.inLeaf : usual.dormant;
  if (!range) return [];
  const percent = amount / 10;
  const shown = Math.round(percent * 100) / 100;
  if (percent > FAR_ABOVE * range[1])
    return [`comes to ${shown} % of the spray, where ${range[0]}–${range[1]} % is usual: check the unit`];
  if (percent < range[0] / FAR_ABOVE)
    return [`comes to ${shown} % of the spray, where ${range[0]}–${range[1]} % is usual: check the unit`];
  return [];
}
