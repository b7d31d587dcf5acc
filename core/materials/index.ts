export { type Formulation, type LabelLine, type LeafState, type Product } from './label.ts';
export { labelDoubts, type DoubtReason, type LabelDoubt, type UsualPercent } from './label-sense.ts';
export { misfits, type Misfit, type SprayCase } from './line-fit.ts';
export {
  judgeUse,
  type BloomState,
  type EarlierSpray,
  type Finding,
  type RuleBook,
  type PlannedSpray,
  type UseFacts,
  type UseRule,
  type UseVerdict,
  VERDICTS,
  worstOf,
} from './may-use.ts';
export {
  meeting,
  type MeetingBook,
  tankMeeting,
  INGREDIENTS,
  type Ingredient,
  type Meeting,
  type MeetingRule,
} from './meeting.ts';
export {
  perLitre,
  RATE_UNIT_IDS,
  rateIsPer,
  rateMeaning,
  type PerLitre,
  type RateMeaning,
  type RateUnit,
} from './rate.ts';
export { rateOfPrinted, type UnitRate } from './rate-of-printed.ts';
export { leftInPack, type UsedOn } from './stock.ts';
export { amountLeft, useLimits, type UseLimits } from './use-limits.ts';
