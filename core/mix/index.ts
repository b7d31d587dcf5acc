export { shareOverFills, type Fills } from './fills.ts';
export { mixingOrder, type MixStep } from './order.ts';
export { measureWithSpoons, type SpoonMeasure } from './spoons.ts';
export { planSpray, type FillPlan, type SprayPlan } from './spray-plan.ts';
export { waterForPlant, type PlantBox, type WaterNeed } from './water.ts';
