export type { AheadFacts, HabitCode, InfectionFacts, SpellFacts } from './infection-facts.ts';
export { WORTH_A_COVER } from './infection-rules.ts';
export type { CrawlerWindow, ExpectedDay } from './crawler-window.ts';
export { crawlerWindows, nextWindow, type WindowFacts } from './crawler-windows.ts';
export { DAYS } from './days.ts';
export { daysUntilJudged } from './check-rules.ts';
export { deviceDue } from './device-due.ts';
export { type DueItem, type DueKind } from './due-item.ts';
export { type Fact, type FactCode, type FactKind, type Quantity, type WarmthOrigin } from './fact.ts';
export { byClosing, whatIsDue } from './due.ts';
export { type MinerFacts, type WatchFacts, type WatchSchools, type WatchToday } from './watch-facts.ts';
export {
  effortOf,
  OPTION_IDS,
  weigh,
  type OptionId,
  type WeighedOption,
  type Weighed,
  type WeighFacts,
  type WeighRule,
} from './weigh.ts';
export { watchStatus, type WatchProgress, type WatchStatus } from './watch-status.ts';
export { dormantDue } from './season-rules.ts';
export { fillHours, type HourCandidate, type HourStep } from './one-hour.ts';
export { nameHeld, type NameHeld } from './name-held.ts';
