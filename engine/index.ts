/**
 * What holds for a garden on a day: pure functions from its recorded state, the knowledge and the day to
 * every judgement a page shows. No store, no clock, no network: the server and a browser's worker run the
 * same.
 */
export { gardenDay, type GardenDay } from './garden-day.ts';
export {
  type EnteredList,
  isEnteredList,
  recordsWith,
  recordsWithout,
  withoutRecord,
  withRecord,
} from './with-record.ts';
export { attachedWeather } from './attached-weather.ts';
export { openBooks, type GardenBooks, type PlantBook, type WatchBook } from './garden-books.ts';
export { emptyState, type AttachedWeather, type GardenState, type LoggedSpray } from './garden-state.ts';
export { staysOf, type SeasonWeather } from './season-weather.ts';
export { bareWoodQuestion, leavesOf } from './leaf-state.ts';
export { nameOf, type WatchPicture } from './watch-picture.ts';
export {
  dueItems,
  listedWatch,
  type ListedWatch,
  pictureOf,
  picturesByPlant,
  watchPictures,
} from './watch-pictures.ts';
export type { SummedSample } from './summed-sample.ts';
export { aftercare, type Aftercare } from './aftercare.ts';
export { plannedItems, type PlannedItem } from './planned-items.ts';
export {
  programmeAnswer,
  type SeriesAnswer,
  seriesAnswer,
  type SettledStep,
  standingOf,
  type StepStanding,
} from './programme-answer.ts';
export { dueBesideSeries } from './superseded.ts';
export type { StepUse } from './step-use.ts';
export { nowAnswer, type DueAnswer, type NewsItem, type NowAnswer } from './now-answer.ts';
export { hourAnswer, type HourJob } from './hour-answer.ts';
export { bandAnswer, type BandAnswer, type BandBar, type BandWhat } from './band-answer.ts';
export { weighAnswer, type SeenOnTheSpot, type WeighAnswer } from './weigh-answer.ts';
export { namesRecord, type NamedWatch } from './names-record.ts';
export { namingScene, type NamingClue, type NamingScene } from './naming-scene.ts';
export { spreadAnswer, type SpreadList, type ToInspect } from './spread/spread-answer.ts';
export type { CameBy, CameFrom } from './spread/came-from.ts';
export type { PathwayChance } from './spread/pathway-chances.ts';
export {
  groundAnswer,
  type GroundAnswer,
  type GroundContact,
  type GroundPlant,
  type GroundSpot,
  type GroundWatch,
} from './ground/ground-answer.ts';
export { type PotToMove, potsToMove } from './moving/pots-to-move.ts';
export { movingAnswer, type MovingAnswer, type Pot, type Room } from './moving/moving-answer.ts';
export type { ColdDate } from './moving/cold-dates.ts';
export type { SeasonWind } from './ground/season-wind.ts';
export { clockAnswer, type ClockAnswer, type ModelChoice } from './clock-answer.ts';
export { gardenHatch, type GardenHatch, type SeasonHatch } from './garden-hatch.ts';
export { futuresMaterial, type FuturesMaterial } from './futures-material.ts';
export { dormantAnswer, type DormantAnswer, dormantItems, type PlantWinter } from './dormant-answer.ts';
export { sprayAnswer, type SprayAnswer } from './spray-answer.ts';
export { type SprayWeather, type WeatherAgainst } from './spray-weather.ts';
export { type WatchAnswer, watchAnswer } from './watch-answer.ts';
export {
  benchAnswer,
  type BenchAnswer,
  type BenchAsked,
  type BenchSubject,
  type BenchWatch,
  type SprayerState,
} from './bench-answer.ts';
export { judgeLine, NO_TROUBLE, useScene } from './use-facts.ts';
export { shelfAnswer, type ProductState, type ShelfAnswer, type ShoppingItem } from './shelf-answer.ts';
export { feedingAnswer, type FeedingAnswer } from './feeding-answer.ts';
export {
  type CountedTwice,
  roundAnswer,
  type RoundAnswer,
  type RoundChange,
  type RoundStop,
} from './round-answer.ts';
export { type CountedSeason, seasonsAnswer, type WatchSeasons } from './seasons-answer.ts';
export { type OffersAnswer, type SeriesOffer, seriesOffers } from './series-offers.ts';
export { type YearAnswer, yearAnswer, type YearRow } from './year-answer.ts';
export { type YearBar, type YearWhat } from './year-bar.ts';
export {
  type DayClash,
  type DayJob,
  type DayPour,
  type DayTank,
  WORK_KINDS,
  type WorkingDay,
  workingDay,
  type WorkKind,
} from './working-day.ts';
export { type NoPlan, type PlanAnswer, type PlanMaterial, type PlanWeather } from './plan/plan-answer.ts';
export type { AheadCover } from './infection/ahead-cover.ts';
export type { InfectionDays, UnreadDays } from './infection/diary-days.ts';
export type { InfectionAnswer } from './infection/infection-answer.ts';
export { infectionAnswer } from './infection/infection-answer.ts';
export type { DiarySpell, Moment, SinceCover, SpellStanding } from './infection/infection-diary.ts';
export { gardenWinters } from './mild-winters.ts';
export { practiceClimate, type PracticeClimate } from './practice-climate.ts';
export { planAnswer } from './years/learnt-figures.ts';
export { type ReviewAnswer, reviewAnswer, type ReviewedWatch } from './years/review-answer.ts';
export type { TrackRecord } from './years/ranges-held.ts';
export type { TagStanding } from './years/tag-standing.ts';
export { type CountedFailure, type FailureAnswer, failureAnswer } from './years/failure-answer.ts';
export {
  type GardenSeasons,
  gardenSeasons,
  type SeasonCell,
  type SeasonWork,
  type WatchOverSeasons,
  type WeighedChange,
} from './years/garden-seasons.ts';
export { type PathAnswer, pathAnswer, type PathKind, type PathStretch } from './years/path-answer.ts';
export { type SchoolOutcome, type SchoolsSideBySide } from './plan/plan-schools.ts';
export { tollOf, type PlanToll } from './plan/plan-toll.ts';
export { type YearsOutcome, type YearsWay } from './plan/plan-years.ts';
export { planBack, type PlanBack } from './plan/plan-back.ts';
export type { DoneCut } from './plan/plan-done.ts';
export {
  allowedDays,
  type BestDaysAsked,
  type DayChance,
  planGround,
  type PlanCut,
  type PlanGround,
  type PlanOutcome,
} from './plan/plan-ground.ts';
export { placeOf, type PlanFrame } from './plan/plan-frame.ts';
export type { PlanHatch } from './plan/plan-hatch.ts';
export type { Fence, PlanWay, WayMeans } from './plan/plan-ways.ts';
export { usualMonths, type UsualMonths } from './usual-months.ts';
