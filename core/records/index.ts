export { blankGarden, blankLine, blankPlant, blankProduct, blankSpray, blankSprayer } from './blank.ts';
export {
  COUNTRIES, gardenRecord, moveRecord, placeRecord, plantRecord, stationRecord, usualSpoonIds,
  type Garden, type Move, type Place, type Plant, type Station,
} from './garden.ts';
export { photoRecord, SPOT_KINDS, type PhotoRecord, type ScaleMark, type Spot, type SpotKind } from './photo.ts';
export {
  COVERAGES, localAdviceRecord, productRecord, SPRAYER_KINDS, sprayerRecord, sprayLoad, sprayRecord, STAGES_SEEN, type LocalAdvice, type ProductRecord, type Sprayer, type SprayLoad, type SprayPart, type SprayRecord,
} from './shelf.ts';
export {
  clockRecord, deviceRecord, HANDWORK_KINDS, handworkRecord, inspectionRecord, sampleRecord, sightingRecord, SIGHTINGS, tagRecord, tapeRecord, TRAP_CATCHES, trapRecord, watchRecord,
  type Device, type Handwork, type HandworkKind, type Inspection, type Sample, type Sighting, type SightingKind, type Tag, type Tape, type Trap, type Watch, type WatchClock,
} from './watch.ts';
export { CARE_KINDS, careRecord, GROWTH_STAGES, growthRecord, guessRecord, type Care, type Growth, type GrowthStage, type Guess } from './growth.ts';
export { roundRecord, SKIP_REASONS, stopRecord, type Round, type Stop } from './round.ts';
export {
  monthlyNormals, pairedReadingRecord, readingRecord, typedForecast, weatherFixRecord, weatherImport,
  type MonthlyNormalRecord, type PairedReading, type Reading, type WeatherFixRecord, type WeatherImport,
} from './weather.ts';
