import type { Photo, PhotoRecord, SprayLoad, SprayRecord, Station } from '#core/records';
import {
  attachedWeather,
  type EnteredList,
  gardenDay,
  type GardenState,
  isEnteredList,
  recordsWith,
  recordsWithout,
  withoutRecord,
  withRecord,
} from '#engine';
import type { PackedBeside, PackedGarden } from './packed-garden.ts';

/** Something entered on a device: what is to stand at an address, or that nothing is to. */
export interface Entered {
  readonly method: 'PUT' | 'DELETE';
  readonly path: string;
  readonly json?: string | undefined;
}

/** Lists that go by another name in an address. */
const LIST_AT: Readonly<Record<string, EnteredList>> = {
  'watch-clocks': 'clocks',
  'season-plans': 'seasonPlans',
  'local-advice': 'localAdvice',
  'wet-looks': 'wetLooks',
  'year-reviews': 'yearReviews',
  'plant-spots': 'plantSpots',
  'ground-shapes': 'groundShapes',
  'ground-pictures': 'groundPictures',
  'spread-looks': 'spreadLooks',
};

type BesideList = keyof PackedBeside;
const BESIDE_ORDER: Readonly<Record<Exclude<BesideList, 'stations'>, string>> = {
  readings: 'readOn',
  rounds: 'startedOn',
  stops: 'on',
  photos: 'takenOn',
  guesses: 'on',
  recipes: 'name',
  waits: 'endsAt',
};
const isBeside = (name: string): name is keyof typeof BESIDE_ORDER => Object.hasOwn(BESIDE_ORDER, name);

/** A thermometer of which nothing was read yet. */
const NO_DAYS = { days: 0, from: null, to: null, readings: 0 };

/** A picture that has not been sent is not measured yet. */
const NOT_MEASURED = { widthPx: 0, heightPx: 0 };

/** What was packed, with what was entered since laid over it in the order it was entered. */
export function withEntered(packed: PackedGarden, entries: readonly Entered[]): PackedGarden {
  return entries.reduce(withEntry, packed);
}

function withEntry(packed: PackedGarden, { method, path, json }: Entered): PackedGarden {
  const [, name = '', id = '', part, other] = path.split('/');
  const record = method === 'PUT' && json !== undefined ? (JSON.parse(json) as { id: string }) : null;
  if (name === 'garden' && record) return { ...packed, state: { ...packed.state, garden: record as never } };
  if (name === 'normals') return withNormals(packed, record);
  if (name === 'stations') return withStation(packed, id, part, record);
  if (part === 'touching') return withTouch(packed, id, other ?? '', record);
  if (name === 'loads') return withLoad(packed, id, record as SprayLoad | null);
  const list = LIST_AT[name] ?? name;
  if (isEnteredList(list)) {
    if (method === 'DELETE') return { ...packed, state: withoutRecord(packed.state, list, id) };
    if (!record) return packed;
    const whole = list === 'sprays' ? withWeather(packed, record as SprayRecord) : record;
    return { ...packed, state: withRecord(packed.state, list, whole) };
  }
  return isBeside(list) ? withBeside(packed, list, id, method, record) : packed;
}

function withNormals(packed: PackedGarden, record: object | null): PackedGarden {
  const { normals } = (record ?? packed.state) as Pick<GardenState, 'normals'>;
  return { ...packed, state: { ...packed.state, normals } };
}

/** A thermometer, without days until home knows it, or the forecast typed in for one. */
function withStation(
  packed: PackedGarden,
  id: string,
  part: string | undefined,
  record: { id: string } | null,
): PackedGarden {
  const { state, beside } = packed;
  if (!record) return packed;
  if (part === 'forecast') {
    const { days } = record as unknown as { days: GardenState['forecasts'][string] };
    const over = (state.forecasts[id] ?? []).filter(({ date }) => date < packed.today);
    return { ...packed, state: { ...state, forecasts: { ...state.forecasts, [id]: [...over, ...days] } } };
  }
  const before = beside.stations.find((station) => station.id === id);
  const station = { ...NO_DAYS, ...before, ...(record as Station) };
  return {
    ...packed,
    beside: { ...beside, stations: recordsWith(beside.stations, station, 'name') },
    state: { ...state, days: { [id]: [], ...state.days }, forecasts: { [id]: [], ...state.forecasts } },
  };
}

function withBeside(
  packed: PackedGarden,
  list: keyof typeof BESIDE_ORDER,
  id: string,
  method: Entered['method'],
  record: { id: string } | null,
): PackedGarden {
  const records = packed.beside[list] as readonly { id: string }[];
  const put = (next: readonly object[]) => ({ ...packed, beside: { ...packed.beside, [list]: next } });
  if (method === 'DELETE') return put(recordsWithout(records, id));
  if (!record) return packed;
  return put(
    recordsWith(
      records,
      list === 'photos' ? asPhoto(packed.beside.photos, record as PhotoRecord) : record,
      BESIDE_ORDER[list] as 'id',
    ),
  );
}

const asPhoto = (photos: readonly Photo[], record: PhotoRecord): Photo => ({
  ...NOT_MEASURED,
  ...photos.find(({ id }) => id === record.id),
  ...record,
});

/** A tank for several plants, or none of it any more. */
function withLoad(packed: PackedGarden, loadId: string, load: SprayLoad | null): PackedGarden {
  if (load)
    return load.sprays.reduce(
      (so, spray) => ({ ...so, state: withRecord(so.state, 'sprays', withWeather(so, spray)) }),
      packed,
    );
  const sprays = packed.state.sprays.filter((spray) => spray.loadId !== loadId);
  return { ...packed, state: { ...packed.state, sprays } };
}

/** A spray with its day's weather as it is known here. */
function withWeather({ state, today }: PackedGarden, spray: SprayRecord) {
  const plantId = spray.plantId ?? state.watches.find(({ id }) => id === spray.watchId)?.plantId;
  const plant = state.plants.find(({ id }) => id === plantId);
  return { ...spray, weather: plant ? attachedWeather(gardenDay(state, today), plant, spray) : null };
}

/** What was said of two plants: that they touch, that they do not, or nothing any more. */
function withTouch(packed: PackedGarden, one: string, other: string, said: object | null): PackedGarden {
  const pair = [one, other].sort() as [string, string];
  const others = (pairs: GardenState['touching']) => pairs.filter(([a, b]) => a !== pair[0] || b !== pair[1]);
  const { touches } = (said ?? {}) as { touches?: boolean };
  const touching = others(packed.state.touching),
    apart = others(packed.state.apart);
  const state = {
    ...packed.state,
    touching: touches === true ? inOrder([...touching, pair]) : touching,
    apart: touches === false ? inOrder([...apart, pair]) : apart,
  };
  return { ...packed, state };
}

const inOrder = (pairs: GardenState['touching']) =>
  pairs.toSorted(([a, b], [c, d]) => (a + b < c + d ? -1 : 1));
