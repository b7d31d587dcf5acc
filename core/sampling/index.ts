export { agreement, type Agreement, type GuessedAgainstTrue } from './agreement.ts';
export { differenceOfPairs, differenceOfShares, differenceOverTrees } from './difference.ts';
export { type Estimate } from './interval.ts';
export { unitsApart, type UnitsApart } from './left-alone.ts';
export { levelOf, levelRange, type Level, type LevelBounds, type LevelRange } from './level.ts';
export { JUDGED_LOG_DEVIATION, meanArea } from './mean-area.ts';
export { meanCount, type MeanCount } from './mean-count.ts';
export { unitsForPrecision, unitsToDecide, type MoreUnits } from './more-units.ts';
export {
  emptyUnit,
  itemProblem,
  PROTOCOL_SHAPES,
  PROTOCOLS,
  type ItemKind,
  type MeasureKind,
  type Protocol,
  type ProtocolShape,
  type Unit,
} from './protocol.ts';
export { planAround, sequentialVerdict, type SequentialPlan, type SequentialVerdict } from './sequential.ts';
export { clusteredShare, shareOverTrees, wilson, type ItemsOfUnit, type Share } from './share.ts';
export { summarise, type Measure, type SampleSummary } from './summarise.ts';
