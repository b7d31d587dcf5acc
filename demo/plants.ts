import { blankPlant, type Growth, type Place, type Plant } from '#core/records';
import { demoId, placeId, plantId } from './ids.ts';
import { GARDEN_STATION, SUNROOM_LOGGER } from './stations.ts';

export const OUTDOORS = placeId(1);
export const SUNROOM = placeId(2);

export const PLACES: readonly Place[] = [
  {
    id: OUTDOORS,
    name: 'Outdoors',
    kind: 'outdoors',
    stationId: GARDEN_STATION,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  },
  {
    id: SUNROOM,
    name: 'Sunroom',
    kind: 'sunroom',
    stationId: SUNROOM_LOGGER,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  },
  {
    id: placeId(3),
    name: 'Cold house',
    kind: 'cold-house',
    stationId: GARDEN_STATION,
    minOffsetC: 3,
    maxOffsetC: 5,
    standInIds: [],
  },
];

const plant = (
  number: number,
  name: string,
  hostId: string,
  size: [heightM: number, spreadM: number, lengthM?: number],
  more: Partial<Plant> = {},
): Plant =>
  blankPlant({
    id: plantId(number),
    name,
    hostId,
    placeId: OUTDOORS,
    heightM: size[0],
    spreadM: size[1],
    lengthM: size[2] ?? null,
    ...more,
  });

/** Numbers of the plants that other demo files speak of. */
export const P = {
  apple1: 1,
  apple2: 2,
  pear: 3,
  quince: 4,
  hedge: 6,
  fence: 7,
  lilac: 8,
  box: 11,
  vine: 12,
  rose: 13,
  kumquat: 15,
  camellia: 16,
} as const;

export const PLANTS: readonly Plant[] = [
  plant(P.apple1, 'Apple by the gate', 'apple', [3.5, 3.2], {
    yearPlanted: 2004,
    edible: true,
    harvestFrom: '09-10',
    harvestTo: '10-05',
    note: 'Variety Amber Lantern.',
  }),
  plant(P.apple2, 'Apple by the shed', 'apple', [2.8, 2.6], {
    yearPlanted: 2016,
    edible: true,
    harvestFrom: '09-20',
    harvestTo: '10-15',
    note: 'Variety Hollow Bell.',
  }),
  plant(P.pear, 'Pear', 'pear', [4, 2.5], { yearPlanted: 2009, edible: true, note: 'Variety Slow Candle.' }),
  plant(P.quince, 'Quince', 'quince', [3, 3], { yearPlanted: 2012, edible: true }),
  plant(5, 'Black walnut', 'walnut', [11, 9], {
    yearPlanted: 1980,
    vigour: 'strong',
    note: 'Oil-sensitive.',
  }),
  plant(P.hedge, 'West hedge', 'spindle', [1.8, 0.9, 12], {
    count: 14,
    yearPlanted: 2010,
    light: 'part-shade',
    note: 'Deciduous spindle by the west wall.',
  }),
  plant(P.fence, 'Euonymus over the fence', 'euonymus', [1.6, 1.2, 6], {
    count: 5,
    light: 'part-shade',
    outOfReach: true,
    note: "The neighbour's; never treated.",
  }),
  plant(P.lilac, 'Lilac', 'lilac', [3, 2.5], { yearPlanted: 1998 }),
  plant(9, 'Holly, left of the door', 'holly', [2.2, 1.4], { yearPlanted: 2014, light: 'part-shade' }),
  plant(10, 'Holly, right of the door', 'holly', [2.2, 1.4], { yearPlanted: 2014, light: 'part-shade' }),
  plant(P.box, 'Boxwood edging', 'boxwood', [0.4, 0.35, 9], { count: 40, yearPlanted: 2015 }),
  plant(P.vine, 'Pergola vine', 'grape', [2.6, 2, 5], { yearPlanted: 2013, edible: true }),
  plant(P.rose, 'Climbing rose', 'rose', [2.4, 1.5], { yearPlanted: 2018, watering: 'overhead' }),
  plant(14, 'Calamondin', 'calamondin', [1.1, 0.8], {
    placeId: SUNROOM,
    yearPlanted: 2020,
    edible: true,
    watering: 'at-base',
  }),
  plant(P.kumquat, 'Kumquat', 'kumquat', [0.9, 0.7], {
    placeId: SUNROOM,
    yearPlanted: 2022,
    edible: true,
    age: 'young',
    watering: 'at-base',
  }),
  plant(P.camellia, 'Potted camellia', 'camellia', [1.4, 0.9], {
    placeId: SUNROOM,
    yearPlanted: 2017,
    watering: 'at-base',
  }),
];

/** Plants that touch each other. */
export const TOUCHING: readonly (readonly [string, string])[] = [
  [plantId(P.hedge), plantId(P.fence)],
  [plantId(P.hedge), plantId(P.lilac)],
  [plantId(14), plantId(P.kumquat)],
  [plantId(9), plantId(P.box)],
  [plantId(10), plantId(P.box)],
];

const grown = (number: number, plant: number, stage: Growth['stage'], on: string): Growth => ({
  id: demoId(9, number),
  plantId: plantId(plant),
  stage,
  on,
  leaves: null,
  note: '',
});

/** What the fruit trees were seen to do; the rest of the garden goes by the time of year. */
export const GROWTH: readonly Growth[] = [
  grown(1, P.apple1, 'bud-swell', '2026-04-07'),
  grown(2, P.apple1, 'green-tip', '2026-04-19'),
  grown(3, P.apple1, 'bloom-start', '2026-05-09'),
  grown(4, P.apple1, 'bloom-end', '2026-05-19'),
  grown(5, P.apple2, 'bud-swell', '2026-04-08'),
  grown(6, P.apple2, 'green-tip', '2026-04-21'),
  grown(7, P.apple2, 'bloom-start', '2026-05-11'),
  grown(8, P.apple2, 'bloom-end', '2026-05-21'),
  grown(9, P.kumquat, 'flush-start', '2026-05-14'),
  grown(10, P.lilac, 'bloom-start', '2026-05-13'),
];
