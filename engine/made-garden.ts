import { v7 } from 'uuid';
import { addDays, type CivilDate } from '#core/calendar';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  blankSprayer,
  type Garden,
  type Handwork,
  type Place,
  type Plant,
  type ProductRecord,
  type Sample,
  type Sighting,
  type Tape,
  type Watch,
} from '#core/records';
import type { WeatherDay } from '#core/weather';
import { targetById } from '#knowledge';
import { emptyState, type GardenState, type LoggedSpray } from './garden-state.ts';

/** Gardens put together by hand for the engine's tests: one place with a thermometer, and what each test says. */

export const OUTDOORS = v7();
export const STATION = v7();
export const PUMP = blankSprayer({ id: v7(), name: 'Pump', capacityMl: 5000, reachM: 2 });

export const outdoors = (more: Partial<Place> = {}): Place => ({
  id: OUTDOORS,
  name: 'Out',
  kind: 'outdoors',
  stationId: STATION,
  minOffsetC: 0,
  maxOffsetC: 0,
  standInIds: [],
  ...more,
});

export const plantOf = (name: string, hostId: string, more: Partial<Plant> = {}): Plant =>
  blankPlant({ id: v7(), name, hostId, placeId: OUTDOORS, heightM: 2, spreadM: 1, ...more });

/** A watch on a plant, named by its target's id; a trouble nobody named without one. */
export const watchOn = (plant: Plant, targetId: string | null, more: Partial<Watch> = {}): Watch => ({
  id: v7(),
  plantId: plant.id,
  openedOn: '2026-03-01',
  targetId,
  group: targetId === null ? null : targetById(targetId).group,
  outcome: 'open',
  outcomeOn: null,
  sourcePlantId: null,
  firstTargetId: null,
  firstGroup: null,
  namedBy: null,
  note: '',
  ...more,
});

export const sampleOf = (
  watch: Watch,
  on: CivilDate,
  protocol: Sample['protocol'],
  counts: readonly Readonly<Record<string, number>>[],
  more: Partial<Sample> = {},
): Sample => ({
  id: v7(),
  watchId: watch.id,
  on,
  protocol,
  units: counts.map((unit) => ({ counts: unit })),
  roundId: null,
  sprayId: null,
  note: '',
  ...more,
});

/** Twigs with so many live ones each, and as many dead and holed on every one. */
export const twigs = (live: readonly number[], dead = 0, holed = 0) =>
  live.map((alive) => ({ live: alive, dead, holed }));

export const productOf = (
  materialId: string,
  line: Partial<ProductRecord['lines'][number]> = {},
  more: Partial<ProductRecord> = {},
): ProductRecord =>
  blankProduct({
    id: v7(),
    name: materialId,
    materialId,
    strengthPercent: 80,
    lines: [
      blankLine({
        id: v7(),
        crop: 'trees',
        groups: ['armored', 'soft', 'fungus'],
        rateLow: 1,
        rateHigh: 2,
        ...line,
      }),
    ],
    ...more,
  });

export const sprayOf = (
  watch: Watch,
  on: CivilDate,
  products: readonly ProductRecord[],
  more: Partial<LoggedSpray> = {},
): LoggedSpray => ({
  ...blankSpray({
    id: v7(),
    watchId: watch.id,
    parts: products.map(({ id, lines }) => ({
      productId: id,
      lineId: lines[0]!.id,
      rate: 1.5,
      productAmount: 40,
    })),
    sprayerId: PUMP.id,
    on,
    leafState: 'in-leaf',
    sprayMl: 2000,
  }),
  weather: null,
  ...more,
});

export const handworkOn = (watch: Watch, on: CivilDate, more: Partial<Handwork> = {}): Handwork => ({
  id: v7(),
  watchId: watch.id,
  plantId: null,
  on,
  kind: 'brush',
  minutes: 15,
  note: '',
  ...more,
});

export const tapeOn = (watch: Watch, takenOff: CivilDate, crawlers: number): Tape => ({
  id: v7(),
  watchId: watch.id,
  label: 'Tape',
  putOn: addDays(takenOff, -7),
  takenOff,
  crawlers,
  colour: null,
});

export const sightingOn = (watch: Watch, on: CivilDate, what: Sighting['what']): Sighting => ({
  id: v7(),
  watchId: watch.id,
  on,
  what,
});

/** Days alike, from a day on. */
export const daysAlike = (from: CivilDate, count: number, day: Partial<WeatherDay> = {}): WeatherDay[] =>
  Array.from({ length: count }, (_, i) => ({
    date: addDays(from, i),
    minC: 8,
    maxC: 18,
    rainMm: 0,
    windMs: 2,
    ...day,
  }));

/** A garden at 45° N, with what a test says of it. */
export const madeGarden = (said: Partial<GardenState> = {}, garden: Partial<Garden> = {}): GardenState => ({
  ...emptyState(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC', ...garden })),
  places: [outdoors()],
  sprayers: [PUMP],
  ...said,
});
