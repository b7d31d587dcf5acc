export {
  inspectNext,
  LOOKED_OVER_DAYS,
  type InspectNext,
  type SpreadAnswer,
  type SpreadPlant,
  type SpreadQuestion,
  type SpreadReason,
} from './inspect-next.ts';
export {
  chanceAfter,
  chanceOfAny,
  type LookedAlong,
  type Pathway,
  type PathwayBelief,
  PATHWAYS,
} from './pathway.ts';
