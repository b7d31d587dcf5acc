export {
  bookOpinion,
  blend,
  BOOK_SPREAD,
  SEASON_SPREAD,
  seasonOpinion,
  type Blend,
  type Opinion,
} from './blend.ts';
export {
  FEWEST_CATCHING,
  FEWEST_CAUGHT,
  fitEmergence,
  type EmergenceFit,
  type Estimate,
  type FitRefusal,
  type HeatCount,
} from './fit.ts';
export { FIRST_SHARE, heatOfShare, shareOut, type EmergenceCurve } from './hatch-curve.ts';
export { tapeCount } from './tape-count.ts';
export { type TapeReading, type TapeWeek, tapeWeeks } from './tape-readings.ts';
export {
  firstHatch,
  readTapes,
  TAPE_OVERDISPERSION,
  type TapeSignal,
  type TapeVerdict,
} from './tape-signal.ts';
