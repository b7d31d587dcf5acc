/**
 * A made-up world for tests, the demo and the benchmarks, and for the station that stands in for a
 * service: weather, counts, tapes, leaves and people that follow the key. All of it drawn from a seed.
 */
export { chance, type Chance } from './chance.ts';
export { hedgeBelief, HEDGE_CLIMATE, HEDGE_DRAWN, HEDGE_FIGURES, HEDGE_OIL, hedgeYears } from './hedge.ts';
export { simulateMinedLeaves, simulateSpottedLeaves } from './leaves.ts';
export { simulateObserver, type ObservedCase, type ObserverWays } from './observer.ts';
export { calibration, simulatePeople } from './people.ts';
export { paintLeaf, PLAIN_LIGHT, type PaintedLight } from './painted-leaf.ts';
export { simulateTapeCount, type HatchCurve } from './tapes.ts';
export { DRY_PLACE, type TrueAir, trueHours, type TrueHours, WET_PLACE } from './leaf-air.ts';
export { simulateTwigs, type TrueState } from './twigs.ts';
export { expectedAbout, plainFacts, reached, timedEvent, weeklyTapes } from './watch-facts.ts';
export {
  drawSpring,
  judgeSpring,
  lookedAt,
  NO_RECORD,
  type Spring,
  type SpringRecord,
  WET_CLIMATE,
  type WordRecord,
} from './wet-springs.ts';
export { simulateDays, type SimulatedClimate } from './weather.ts';
export { failedTreatment, type FailedTreatment } from './failed-treatments.ts';
export { simulateTags, type TaggedPlant } from './tagged-twigs.ts';
export { USUAL_GROWTH, yearsOfGarden, type YearsOfGarden } from './years-of-gardens.ts';
