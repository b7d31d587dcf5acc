/** Where the records of each kind stand: the first part of their addresses, before their ids. */
export const RECORDS_AT = {
  station: 'stations',
  place: 'places',
  plant: 'plants',
  plant_move: 'moves',
  watch: 'watches',
  watch_clock: 'watch-clocks',
  season_plan: 'season-plans',
  inspection: 'inspections',
  tag: 'tags',
  product: 'products',
  sprayer: 'sprayers',
  spray: 'sprays',
  round: 'rounds',
  stop: 'stops',
  sample: 'samples',
  tape: 'tapes',
  trap: 'traps',
  device: 'devices',
  sighting: 'sightings',
  handwork: 'handwork',
  series: 'series',
  tick: 'ticks',
  recipe: 'recipes',
  wait: 'waits',
  photo: 'photos',
  growth: 'growth',
  care: 'care',
  guess: 'guesses',
  local_advice: 'local-advice',
  reading: 'readings',
  weather_fix: 'weather-fixes',
  paired_reading: 'paired-readings',
  wet_look: 'wet-looks',
  year_review: 'year-reviews',
  plant_spot: 'plant-spots',
  ground_shape: 'ground-shapes',
  spread_look: 'spread-looks',
  ground_picture: 'ground-pictures',
} as const;

/** What else is put and taken out as a whole: the garden, tanks for several plants, pairs, pictures, lists. */
const ALSO_ENTERED =
  /^\/(garden|normals|loads\/[\w-]+|photos\/[\w-]+\/image|stations\/[\w-]+\/forecast|plants\/[\w-]+\/touching\/[\w-]+)$/;

const PLACES: ReadonlySet<string> = new Set(Object.values(RECORDS_AT));

/** Whether something may be put or taken out at an address, after `/api`, by whoever works in the garden. */
export function isEntered(path: string): boolean {
  const [, at = '', id = '', ...more] = path.split('/');
  return (PLACES.has(at) && id !== '' && more.length === 0) || ALSO_ENTERED.test(path);
}
