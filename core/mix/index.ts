export { costOf } from './cost.ts';
export { diameterCm, planDrench, planGround, type DrenchPlan, type TrunkMeasure } from './drench.ts';
export { shareOverFills, type Fills } from './fills.ts';
export { lineForPart, type LineForPart } from './line-for-part.ts';
export { planHoseEnd, type Dial, type HoseEndPlan } from './hose-end.ts';
export { type PartMeasure } from './measure-part.ts';
export { mixingOrder, type MixLoad, type MixSetting, type MixStep } from './order.ts';
export {
  PART_HOLDS,
  recipeAmounts,
  type PartHolds,
  type RecipeAmount,
  type RecipePart,
  type RecipeStep,
} from './recipe.ts';
export { seasonOfMix, type PackOfPart, type SeasonOfMix, type SeasonPart } from './season-of-mix.ts';
export {
  planSpray,
  type FillPlan,
  type PartTotal,
  type SprayPlan,
  type SprayPlanInput,
  type TankPart,
} from './spray-plan.ts';
export { smallAmount, type SmallAmount } from './small-amount.ts';
export { measureWithSpoons, type Scoops, type SpoonMeasure } from './spoons.ts';
export {
  SPRAY_SCOPES,
  waterForPlant,
  waterLearned,
  type PlantBox,
  type SprayScope,
  type WaterNeed,
  type WaterUsed,
} from './water.ts';
