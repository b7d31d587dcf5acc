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

interface Kind {
  /** What one is called where it is missing. */
  readonly called: string;
  /** The columns that name another record. */
  readonly references: Readonly<Record<string, Reference>>;
  /** Whose picture shows it: its own watch's, every watch's, or none. */
  readonly showsIn: 'its-watch' | 'every-watch' | 'none';
}

const holds = (to: string): Reference => ({ to, then: 'holds' });
const ofWatch = { watch_id: holds('watch') };
const ofPlant = { plant_id: holds('plant') };

function kind(
  called: string,
  references: Readonly<Record<string, Reference>> = {},
  showsIn: Kind['showsIn'] = 'none',
): Kind {
  return { called, references, showsIn };
}

/**
 * Every kind of record that is kept one by one, by its table: from this follow what is kept of earlier
 * states, what goes with what, and which pictures are drawn anew. Weather, which comes by the thousand from
 * files, and what is counted up inside are not among them.
 */
export const KINDS = {
  station: kind('thermometer'),
  place: kind('place', { station_id: holds('station') }),
  plant: kind('plant', { place_id: holds('place') }, 'every-watch'),
  plant_move: kind('move', { ...ofPlant, place_id: holds('place') }),
  watch: kind('watch', { ...ofPlant, source_plant_id: holds('plant') }),
  watch_clock: kind('chosen start', { id: holds('watch') }),
  inspection: kind('check', ofWatch, 'its-watch'),
  tag: kind('tag', ofWatch, 'its-watch'),
  product: kind('product', {}, 'every-watch'),
  sprayer: kind('sprayer'),
  spray: kind('spray', { ...ofWatch, sprayer_id: holds('sprayer') }, 'its-watch'),
  round: kind('round'),
  stop: kind('stop', { ...ofPlant, ...ofWatch, round_id: { to: 'round', then: 'goes-with' } }),
  sample: kind(
    'count',
    {
      ...ofWatch,
      round_id: { to: 'round', then: 'lets-go' },
      // A check of what a spray covered.
      spray_id: { to: 'spray', then: 'goes-with' },
    },
    'its-watch',
  ),
  tape: kind('tape', ofWatch, 'its-watch'),
  trap: kind('trap reading', ofWatch, 'its-watch'),
  device: kind('tape or trap', ofWatch, 'its-watch'),
  sighting: kind('sighting', ofWatch, 'its-watch'),
  handwork: kind('hand work', ofWatch, 'its-watch'),
  photo: kind('photo', ofWatch),
  growth: kind('growth stage', ofPlant, 'every-watch'),
  care: kind('entry', ofPlant),
  guess: kind('guess'),
  local_advice: kind('advice'),
  reading: kind('reading', { station_id: holds('station') }),
  weather_fix: kind('fix', { station_id: holds('station') }),
  paired_reading: kind('paired reading', { place_id: holds('place') }),
} as const satisfies Readonly<Record<string, Kind>>;

export type KindTable = keyof typeof KINDS;
