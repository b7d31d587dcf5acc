export { beliefsAbout, BELIEFS, type Belief } from './beliefs.ts';
export { hatchTimes, incubationDays, onsetDays, type SoftTime } from './hatch-times.ts';
export { USUAL_MONTHS, usualWindows, type WintersAt } from './usual-months.ts';
export { usualScope } from './scopes.ts';
export { cautionsFor, POISON_LINES, type Caution, type SprayScene } from './cautions.ts';
export { COUNTRY_NOTES, countryNotesFor, type CountryNote } from './country-notes.ts';
export { CLEAN_CASES } from './cases/clean.ts';
export { ONE_WRONG_CASES, SPARSE_CASES } from './cases/flawed.ts';
export { LOOK_ALIKE_CASES } from './cases/look-alikes.ts';
export { MORE_TROUBLES_CASES } from './cases/more-troubles.ts';
export { UNLISTED_CASES } from './cases/unlisted.ts';
export type { Case } from './cases/case.ts';
export { CHECKS } from './checks/index.ts';
export { DUE_TITLES } from './due-titles.ts';
export { findHosts, OTHER_HOSTS, type FoundHost } from './find-hosts.ts';
export { genericProduct, kitchenProduct } from './generic-products.ts';
export { efficacyAgainst, OWN_EFFICACY, type Efficacy, type EfficacyWord } from './efficacy.ts';
export { AIR_WORDS, SKY_WORDS } from './forecast-words.ts';
export { BASE_50F, EVENTS, eventsFor } from './events.ts';
export { COLD_LIMITS, coldLimitOf, UNSAID_LIMIT } from './cold-limits.ts';
export { GROUPS, type GroupText } from './groups.ts';
export { searchGuide, type GuideHit, type GuideKind } from './guide.ts';
export { HANDWORK, handworkFor, type HandworkText, PUPAE_IN_LITTER } from './handwork.ts';
export {
  CITRUS_HOSTS,
  evergreenOf,
  hostById,
  HOSTS,
  SOAP_TENDER_HOSTS,
  SULFUR_SHY_HOSTS,
  type Host,
} from './hosts.ts';
export { INDICATORS, type GradedIndicator } from './indicators.ts';
export { howMany } from './how-many.ts';
export { inSentence } from './in-sentence.ts';
export {
  COVER_SPOTS,
  levelBounds,
  PROTOCOL_TEXTS,
  protocolsFor,
  SPUR_THRESHOLDS,
  usualProtocol,
  type ItemText,
  type ProtocolText,
} from './protocols.ts';
export {
  type CoverOutline,
  type CoverSubject,
  type DomeSubject,
  type GuidePlate,
  guidePlates,
  type InsectBuild,
  type InsectSubject,
  metIn,
  type PlateColour,
  type PlateGround,
  type PlateStage,
  type PlateSubject,
  plateTitle,
  type ShellState,
  type SpotSubject,
  tellingPlate,
} from './plates/index.ts';
export { metOn, type MetOn } from './met-on.ts';
export { ingredientsOf, materialsMeet, meetingRules } from './meetings.ts';
export { materialById, MATERIALS, type Material } from './materials.ts';
export { cautionsOfParts, isFeed, materialsOfPart, RECIPES, type Recipe } from './recipes.ts';
export { ruleById, RULES, type Rule } from './rules.ts';
export {
  neemDays,
  oilTopC,
  SCHOOL_QUESTIONS,
  schoolFor,
  schoolsFor,
  type School,
  type SchoolQuestion,
  type SchoolQuestionId,
} from './schools.ts';
export { coverOf, type CoverFigure, WETTED } from './infection/covers.ts';
export type { Disease, DiseaseSeason, Habit, HabitTime, SeasonTurn } from './infection/disease.ts';
export { diseaseOf, DISEASES } from './infection/diseases.ts';
export { LESSON_CLIMATES } from './practice/lessons.ts';
export { madeUpNormals } from './practice/made-up-climates.ts';
export {
  PRACTICE_TROUBLES,
  practiceCase,
  practiceStart,
  type PracticeTroubleId,
} from './practice/practice-troubles.ts';
export { hatchSpanOf } from './season/hatch-spans.ts';
export { killOf, killsOn, wintersYoung } from './season/kills.ts';
export { bare, type OwnFigures, type PlanFigure, ruleOfThumb } from './season/plan-figure.ts';
export { seasonFigures, type SeasonCase } from './season/season-figures.ts';
export {
  CUT_BACK,
  GROWTH_A_YEAR,
  GROWTH_BY_WEATHER,
  HELPERS_GROW,
  LEFT_BY_HAND,
  LEFT_BY_SPRAYS,
} from './season/years.ts';
export { coverageFigure, handWay, sprayWay, type Way, WETTED_AS_SAID, winterOilWay } from './season/ways.ts';
export { isFollowed, SERIES_TEMPLATES, seriesFor } from './series/offers.ts';
export {
  daysBetweenWords,
  endingWords,
  named,
  rhythmWords,
  STAGE_WORDS,
  stepTitle,
} from './series/step-words.ts';
export type { SeriesScene, SeriesTemplate } from './series/template.ts';
export { SOURCES } from './sources.ts';
export { FIRST_WORDS, type FirstWordText } from './first-words.ts';
export { CLUE_WEIGHTS } from './failure/clue-weights.ts';
export { EXPLAINED } from './failure/explanations.ts';
export { BURNED_ANSWER, LOOK_ANSWER, LOOK_IDS, type LookId, TELLING_LOOKS } from './failure/telling-looks.ts';
export { KEY } from './key.ts';
export { samplePacking, type SamplePacking } from './sample-packing.ts';
export { ANT_REACH_M, BLOWN_REACH_M, CAME_WITH_IT_YEARS, PATHWAY_BELIEFS } from './spread-pathways.ts';
export { TAGS_FOR_HALVING, type TagsNeeded, tagsNeeded } from './tags-needed.ts';
export { TOLD_APART, toldApartOf, type TwoAlike } from './told-apart.ts';
export { targetById, TARGETS, UNLISTED, type Target, type UnlistedKind } from './targets/index.ts';
export { type Stands, standsOf } from './stands.ts';
export { HOUR_RULES, RULES_OF_USE, USE_RULES } from './use-rules.ts';
export {
  HAND_SPRAYER_REACH_M,
  OPTION_CAUTIONS,
  optionReaches,
  WEIGH_OPTIONS,
  WEIGH_RULES,
} from './weighing.ts';
export { fieldWords } from './field-words.ts';
export { fileWords, GHCN_QUALITY_FLAGS, rowWords } from './file-words.ts';
