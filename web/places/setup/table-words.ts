/** What a table holds, in plain words. */
export const TABLE_WORDS: Readonly<Record<string, string>> = {
  garden: 'the garden itself', station: 'thermometers', station_day: 'days of weather', forecast_day: 'days of forecast', place: 'places', monthly_normal: 'usual months', plant: 'plants', plant_move: 'moves', plant_touch: 'plants that touch', watch: 'watches', inspection: 'looks',
  product: 'products', sprayer: 'sprayers', spray: 'sprays', round: 'rounds', sample: 'counts', tape: 'tapes', stop: 'stops of rounds', trap: 'trap catches', device: 'tapes and traps that hang', tag: 'tags', growth: 'growth stages', care: 'care', guess: 'guesses of the eye trainer', photo: 'photos',
  photo_image: 'pictures', reading: 'thermometer readings', weather_fix: 'weather put right', paired_reading: 'paired readings', sighting: 'sightings', watch_clock: 'clocks set by choice', handwork: 'hand work', local_advice: 'local advice',
};
