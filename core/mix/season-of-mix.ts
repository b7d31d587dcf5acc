import type { Product } from '#core/materials';
import { costOf } from './cost.ts';
import { recipeAmounts, type RecipePart } from './recipe.ts';

/** What a part is taken from: what is left of it, ml or g, null when nobody counted; and what a pack costs. */
export interface PackOfPart extends Pick<Product, 'pack'> {
  readonly left: number | null;
}

/** What a season takes of one part, ml or g. */
export interface SeasonPart {
  readonly name: string;
  readonly by: RecipePart['by'];
  readonly once: number;
  readonly season: number;
  readonly left: number | null;
  /** What has to be bought; null where nobody counted what is there. */
  readonly missing: number | null;
  /** In the user's money; null where no price is known. */
  readonly cost: number | null;
}

export interface SeasonOfMix {
  readonly parts: readonly SeasonPart[];
  /** Of the parts with a price; null where none has one. */
  readonly cost: number | null;
  /** Parts no price is known of, water apart. */
  readonly unpriced: readonly string[];
}

/**
 * What a season of a mix takes, has and costs, when `volumeMl` of it is made `times` times. `packs` stand in the
 * parts' order, null for what comes from no pack. Water is left out: nobody buys it.
 * @throws RangeError for a volume or a number of times not above 0.
 */
export function seasonOfMix(
  parts: readonly RecipePart[],
  packs: readonly (PackOfPart | null)[],
  volumeMl: number,
  times: number,
): SeasonOfMix {
  if (!(Number.isInteger(times) && times > 0))
    throw new RangeError('times a season is a whole number above 0');
  const amounts = recipeAmounts(parts, volumeMl);
  const bought = parts.flatMap(({ name, by, holds }, i): SeasonPart[] => {
    if (holds === 'water') return [];
    const once = amounts[i]!.amount;
    const season = once * times;
    const pack = packs[i] ?? null;
    const left = pack?.left ?? null;
    return [
      {
        name,
        by,
        once,
        season,
        left,
        missing: left === null ? null : Math.max(0, season - left),
        cost: pack && costOf(pack, season),
      },
    ];
  });
  const priced = bought.flatMap(({ cost }) => cost ?? []);
  return {
    parts: bought,
    cost: priced.length === 0 ? null : priced.reduce((sum, cost) => sum + cost, 0),
    unpriced: bought.filter(({ cost }) => cost === null).map(({ name }) => name),
  };
}
