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
  readonly why: DoubtReason;
}

export type DoubtReason =
  /** The high rate is this many times the low one: two lines in one? */
  | { readonly kind: 'wide-range'; readonly times: number }
  /** A liquid by weight, or a powder by volume. */
  | { readonly kind: 'ounces-mixed-up' }
  /** % of the spray, and what is usual. */
  | {
      readonly kind: 'unusual-strength';
      readonly percent: number;
      readonly usual: readonly [low: number, high: number];
    }
  /** The line names a plant that is eaten and no days before picking. */
  | { readonly kind: 'no-days-to-harvest' }
  /** The greatest temperature lies below the least. */
  | { readonly kind: 'temperatures-crossed' };

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
  const rated = product.lines.filter(({ rateLow, rateHigh }) => rateLow > 0 && rateHigh >= rateLow);
  return rated.flatMap((line) => {
    const doubts: [keyof LabelLine, DoubtReason | null][] = [
      ['rateHigh', wideRange(line)],
      ['rateUnit', misreadAsWeight(product.formulation, line.rateUnit) ? { kind: 'ounces-mixed-up' } : null],
      ['rateHigh', unusualStrength(line, usual)],
      ['daysToHarvest', lacksHarvestDays(line, edibleHostIds) ? { kind: 'no-days-to-harvest' } : null],
      ['greatestC', temperaturesCrossed(line) ? { kind: 'temperatures-crossed' } : null],
    ];
    return doubts.flatMap(([field, why]) => (why ? [{ lineId: line.id, field, why }] : []));
  });
}

function wideRange({ rateLow, rateHigh }: LabelLine): DoubtReason | null {
  return rateHigh > WIDEST_RANGE * rateLow
    ? { kind: 'wide-range', times: Math.round(rateHigh / rateLow) }
    : null;
}

function lacksHarvestDays({ daysToHarvest, hostIds }: LabelLine, edible: ReadonlySet<string>): boolean {
  return daysToHarvest === null && hostIds.some((id) => edible.has(id));
}

function temperaturesCrossed({ leastC, greatestC }: LabelLine): boolean {
  return leastC !== null && greatestC !== null && leastC >= greatestC;
}

function unusualStrength(line: LabelLine, usual: UsualPercent | null): DoubtReason | null {
  const { per, by, amount } = rateMeaning(line.rateHigh, line.rateUnit);
  if (!usual || per !== 'litre' || by !== 'volume') return null;
  const range = line.leafStates.includes('in-leaf') ? usual.inLeaf : usual.dormant;
  if (!range) return null;
  const percent = amount / 10;
  const farOff = percent > FAR_ABOVE * range[1] || percent < range[0] / FAR_ABOVE;
  return farOff ? { kind: 'unusual-strength', percent, usual: range } : null;
}
