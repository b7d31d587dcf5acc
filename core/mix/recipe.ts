/** One thing that goes into a home recipe, per litre of what it makes. */
export interface RecipePart {
  readonly name: string;
  readonly by: 'volume' | 'weight';
  /** ml or g in a litre. */
  readonly perLitre: number;
  /** What it brings that cautions go by. */
  readonly holds: PartHolds;
}

/** What a part may bring that cautions go by. */
export const PART_HOLDS = [
  'water',
  'oil',
  'neem',
  'soap',
  'fish',
  'seaweed',
  'sugar',
  'microbes',
  'other',
] as const;
export type PartHolds = (typeof PART_HOLDS)[number];

/** One step; `waitMinutes` runs on a timer. */
export interface RecipeStep {
  readonly says: string;
  readonly waitMinutes: number | null;
}

export interface RecipeAmount {
  readonly name: string;
  readonly by: 'volume' | 'weight';
  /** ml or g. */
  readonly amount: number;
}

/**
 * What goes into `volumeMl` of a recipe.
 * @throws RangeError for a volume not above 0.
 */
export function recipeAmounts(parts: readonly Omit<RecipePart, 'holds'>[], volumeMl: number): RecipeAmount[] {
  if (!(volumeMl > 0 && Number.isFinite(volumeMl)))
    throw new RangeError('the amount to make must be above 0 ml');
  return parts.map(({ name, by, perLitre }) => ({ name, by, amount: (perLitre * volumeMl) / 1000 }));
}
