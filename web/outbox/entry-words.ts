import { RECORDS_AT } from '#core/records';
import { keysOf } from '#core/tables';
import { jsonObject } from './journal-entry.ts';

const CALLED: Readonly<Record<keyof typeof RECORDS_AT, string>> = {
  station: 'a thermometer',
  place: 'a place',
  plant: 'a plant',
  plant_move: 'a move',
  watch: 'a watch',
  watch_clock: 'the start of a clock',
  season_plan: 'a plan of a season',
  inspection: 'what was looked at',
  tag: 'a tag',
  product: 'a product',
  sprayer: 'a sprayer',
  spray: 'a spray',
  round: 'a round',
  stop: 'a stop of a round',
  sample: 'a count',
  tape: 'a tape',
  trap: 'a trap reading',
  device: 'a tape or trap',
  sighting: 'a sighting',
  handwork: 'work by hand',
  series: 'a series',
  tick: 'a step ticked',
  recipe: 'a mix of your own',
  wait: 'a wait',
  photo: 'a photo',
  growth: 'a growth stage',
  care: 'care of a plant',
  guess: 'a guess of the eye trainer',
  local_advice: 'advice',
  reading: 'a reading',
  weather_fix: 'a day set right',
  paired_reading: 'a day read at two places',
  wet_look: 'what was found of leaves',
  year_review: 'the review of a year',
  spread_look: 'a look at a neighbour',
  ground_picture: 'a picture beneath the plan',
  plant_spot: 'where a plant stands',
  ground_shape: 'a part of the plan',
};
const CALLED_AT = new Map<string, string>(keysOf(RECORDS_AT).map((kind) => [RECORDS_AT[kind], CALLED[kind]]));
const ALSO: Readonly<Record<string, string>> = {
  garden: 'the garden',
  loads: 'a tank for several plants',
  normals: 'the usual months',
};

/** What an entry is, for the person who waits: "a plant, Old pear". */
export function entryWords(
  method: 'PUT' | 'DELETE',
  path: string,
  body: BodyInit | null | undefined,
): string {
  const [, at = ''] = path.split('/');
  const { name } = typeof body === 'string' ? jsonObject(body) : {};
  const what = CALLED_AT.get(at) ?? ALSO[at] ?? 'an entry';
  const named = typeof name === 'string' && name !== '' ? `${what}, ${name}` : what;
  return method === 'DELETE' ? `take out: ${named}` : named;
}
