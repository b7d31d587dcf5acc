export { dewPointC, humidityPercent } from './air-moisture.ts';
export { type Cover, coverAt, type CoverScene } from './cover-at.ts';
export { coverLeft, type SinceSprayed } from './cover-left.ts';
export { type DaySpan, daysToSpots } from './days-to-spots.ts';
export { genericWetHours, type GenericFungus } from './generic-wet-hours.ts';
export { grapeMildewIndex } from './grape-mildew-index.ts';
export type { InfectionEvent } from './infection-event.ts';
export { infectionEvents } from './infection-events.ts';
export { INDEX_HIGH, INDEX_MODERATE } from './mildew-events.ts';
export { neededBy } from './wet-events.ts';
export type { InfectionRule, WetRule } from './infection-rule.ts';
export { type BareOutcome, gotThrough } from './got-through.ts';
export { infectionChance, infectionWord, type InfectionWord } from './infection-word.ts';
export { type LeafDay, type LeafHours, leafHours, type WetnessBasis } from './leaf-hours.ts';
export { type LearnedWetness, learnWetness, PRIOR_DAYS, sharesAfter } from './learn-wetness.ts';
export { type LeafCount, type LeafGrowth, leavesOpen } from './leaves-open.ts';
export { scabSporesRipe } from './scab-spores.ts';
export { severeFrom, severityOf, tellsSeverity, wetHoursNeeded } from './wet-hours-needed.ts';
export { SEVERITIES, type Severity } from './wet-hours-tables.ts';
export { sliceHours } from './slice-hours.ts';
export { scabSeason, SPORES_OVER, type RipeningDay } from './spore-season.ts';
export { spotsBySpell, type SpotsVerdict, type SpottedLeaf } from './spots-by-spell.ts';
export { spotsBetween } from './spots-between.ts';
export { type WetSpell, wetSpells } from './wet-spells.ts';
export {
  byCase,
  type ByCase,
  toldHours,
  USUAL_CASES,
  WETNESS_CASES,
  type WetLook,
  type WetnessCase,
} from './wetness-case.ts';
