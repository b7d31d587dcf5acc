/** Which family of spoons, ounces and gallons a person measures with. */
export type MeasureSystem = 'metric' | 'us' | 'imperial' | 'australian';

export const ML_PER_US_FLUID_OUNCE = 29.5735295625;
export const ML_PER_IMPERIAL_FLUID_OUNCE = 28.4130625;
export const ML_PER_US_GALLON = 3785.411784;
export const ML_PER_IMPERIAL_GALLON = 4546.09;

/** One scoop a person can fill level: its name and what it holds. */
export interface Spoon {
  readonly id: string;
  readonly name: string;
  readonly volumeMl: number;
}

const US_TABLESPOON_ML = 14.78676478125;
const US_TEASPOON_ML = 4.92892159375;

/**
 * The spoons of each system, largest first, in ml. Definitions (grade A): US tablespoon
 * ½ US fluid ounce, metric tablespoon 15, Australian 20; US teaspoon ⅙ fluid ounce, others 5.
 */
export const SPOONS: Readonly<Record<MeasureSystem, readonly Spoon[]>> = {
  metric: spoonSet('metric', 15, 5),
  us: spoonSet('us', US_TABLESPOON_ML, US_TEASPOON_ML),
  imperial: spoonSet('imperial', 15, 5),
  australian: spoonSet('australian', 20, 5),
};

function spoonSet(system: MeasureSystem, tablespoonMl: number, teaspoonMl: number): readonly Spoon[] {
  return [
    { id: `${system}-tbsp`, name: 'tablespoon', volumeMl: tablespoonMl },
    { id: `${system}-tsp`, name: 'teaspoon', volumeMl: teaspoonMl },
    { id: `${system}-half-tsp`, name: '½ teaspoon', volumeMl: teaspoonMl / 2 },
    { id: `${system}-quarter-tsp`, name: '¼ teaspoon', volumeMl: teaspoonMl / 4 },
  ];
}
