import type { z } from 'zod';
import {
  careRecord,
  clockRecord,
  seasonPlanRecord,
  deviceRecord,
  growthRecord,
  guessRecord,
  handworkRecord,
  inspectionRecord,
  localAdviceRecord,
  moveRecord,
  pairedReadingRecord,
  photoRecord,
  placeRecord,
  plantRecord,
  productRecord,
  readingRecord,
  recipeRecord,
  roundRecord,
  sampleRecord,
  tickRecord,
  seriesRecord,
  sightingRecord,
  sprayRecord,
  sprayerRecord,
  stationRecord,
  stopRecord,
  tagRecord,
  tapeRecord,
  trapRecord,
  waitRecord,
  watchRecord,
  weatherFixRecord,
  wetLookRecord,
  yearReviewRecord,
  plantSpotRecord,
  groundPictureRecord,
  groundShapeRecord,
  spreadLookRecord,
} from '#core/records';

/** What becomes of a record that refers to one which is taken out. */
export type WhenTakenOut =
  /** It is taken out too: it says nothing by itself. */
  | 'goes-with'
  /** It stays, and no longer says what it belonged to. */
  | 'lets-go'
  /** It stays as it is; the other cannot be taken out. */
  | 'holds';

interface Reference {
  readonly to: string;
  readonly then: WhenTakenOut;
}

interface Kind<Schema extends z.ZodType = z.ZodType> {
  /** What one is called where it is missing. */
  readonly called: string;
  /** What one holds. */
  readonly schema: Schema;
  /** The columns that name another record. */
  readonly references: Readonly<Record<string, Reference>>;
}

const holds = (to: string): Reference => ({ to, then: 'holds' });
const ofWatch = { watch_id: holds('watch') };
const ofPlant = { plant_id: holds('plant') };

function kind<Schema extends z.ZodType<{ id: string }>>(
  called: string,
  schema: Schema,
  references: Readonly<Record<string, Reference>> = {},
): Kind<Schema> {
  return { called, schema, references };
}

/**
 * Every kind of record that is kept one by one, by its table: from this follow what it may hold, whether it
 * comes by a form or in an archive, what is kept of earlier states, and what goes with what. Weather, which
 * comes by the thousand from files, and what is counted up inside are not among them.
 */
export const KINDS = {
  station: kind('thermometer', stationRecord),
  place: kind('place', placeRecord, { station_id: holds('station') }),
  plant: kind('plant', plantRecord, { place_id: holds('place') }),
  plant_move: kind('move', moveRecord, { ...ofPlant, place_id: holds('place') }),
  watch: kind('watch', watchRecord, { ...ofPlant, source_plant_id: holds('plant') }),
  watch_clock: kind('chosen start', clockRecord, { id: holds('watch') }),
  season_plan: kind('season plan', seasonPlanRecord, { id: holds('watch') }),
  inspection: kind('check', inspectionRecord, ofWatch),
  tag: kind('tag', tagRecord, ofWatch),
  product: kind('product', productRecord),
  sprayer: kind('sprayer', sprayerRecord),
  spray: kind('spray', sprayRecord, { ...ofWatch, ...ofPlant, sprayer_id: holds('sprayer') }),
  round: kind('round', roundRecord),
  stop: kind('stop', stopRecord, {
    ...ofPlant,
    ...ofWatch,
    round_id: { to: 'round', then: 'goes-with' },
  }),
  sample: kind('count', sampleRecord, {
    ...ofWatch,
    round_id: { to: 'round', then: 'lets-go' },
    // A check of what a spray covered.
    spray_id: { to: 'spray', then: 'goes-with' },
  }),
  tape: kind('tape', tapeRecord, ofWatch),
  trap: kind('trap reading', trapRecord, ofWatch),
  device: kind('tape or trap', deviceRecord, ofWatch),
  sighting: kind('sighting', sightingRecord, ofWatch),
  handwork: kind('hand work', handworkRecord, { ...ofWatch, ...ofPlant }),
  series: kind('series', seriesRecord, { ...ofWatch, ...ofPlant }),
  tick: kind('tick', tickRecord, { series_id: { to: 'series', then: 'goes-with' } }),
  recipe: kind('recipe', recipeRecord),
  wait: kind('wait', waitRecord),
  photo: kind('photo', photoRecord, { ...ofWatch, ...ofPlant, tag_id: { to: 'tag', then: 'lets-go' } }),
  plant_spot: kind('spot on the plan', plantSpotRecord, { ...ofPlant, place_id: holds('place') }),
  ground_shape: kind('part of the plan', groundShapeRecord, {
    place_id: { to: 'place', then: 'lets-go' },
  }),
  ground_picture: kind('picture beneath the plan', groundPictureRecord, {
    photo_id: { to: 'photo', then: 'goes-with' },
  }),
  spread_look: kind('look at a neighbour', spreadLookRecord, { ...ofWatch, ...ofPlant }),
  year_review: kind('review of a year', yearReviewRecord),
  growth: kind('growth stage', growthRecord, ofPlant),
  care: kind('entry', careRecord, ofPlant),
  guess: kind('guess', guessRecord),
  local_advice: kind('advice', localAdviceRecord),
  reading: kind('reading', readingRecord, { station_id: holds('station') }),
  weather_fix: kind('fix', weatherFixRecord, { station_id: holds('station') }),
  paired_reading: kind('paired reading', pairedReadingRecord, {
    place_id: holds('place'),
  }),
  wet_look: kind('look at leaves', wetLookRecord, { place_id: holds('place') }),
} as const satisfies Readonly<Record<string, Kind>>;

export type KindTable = keyof typeof KINDS;
export type RecordOf<K extends KindTable> = z.infer<(typeof KINDS)[K]['schema']>;

/** What a record of one kind holds. */
export const schemaOf = <K extends KindTable>(kind: K): z.ZodType<RecordOf<K>> =>
  KINDS[kind].schema as z.ZodType as z.ZodType<RecordOf<K>>;
