export {
  FEWEST_PAST_YEARS,
  seasonEnsemble,
  type SeasonEnsemble,
  type SeasonInput,
  type TemperaturePair,
} from './ensemble.ts';
export { carryOf, CARRY_LIMITS_C, WIDER_BY, type Carry } from './carry.ts';
export { startOfClock, type ClockStart, type SeasonSigns, type StartedClock } from './clock-start.ts';
export { type TimedEvent } from './event.ts';
export {
  drawFutures,
  eventsOverYears,
  futureRange,
  type EventSum,
  type FutureCrossings,
  type FuturesAsked,
} from './futures.ts';
export { indicatorOpinions, type Indicator, type IndicatorOpinion } from './indicator.ts';
export { firstIndexAtLeast, projectCrossing, type HeatShares, type Projection } from './projection.ts';
export { ensembleQuantile } from './quantile.ts';
export { pastSpread, type SpreadPoint } from './season-spread.ts';
export { eventState, heatBefore, type EventState, type WindowPhase } from './window-state.ts';
