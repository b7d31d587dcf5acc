import { addDays, type CivilDate } from '#core/calendar';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSeries,
  blankSpray,
  blankSprayer,
  blankStep,
} from '#core/records';
import type { WeatherDay } from '#core/weather';
import { demoId } from './ids.ts';

/** One record of one kind, as it is sent. */
export interface OneRecord {
  readonly table: string;
  /** Where it is kept and, if `called`, taken out. */
  readonly address: string;
  readonly record: { readonly id: string } & Readonly<Record<string, unknown>>;
  /** A change of it that is no less allowed. */
  readonly edit: Readonly<Record<string, unknown>>;
  /** The fields that name another record, and what that is called where it is missing. */
  readonly refersTo: Readonly<Record<string, string>>;
  /** The fields that may not lie ahead of the garden's day. */
  readonly days: readonly string[];
  /** What it is called when it cannot be taken out because it is not there; null where none of its kind can be. */
  readonly called: string | null;
}

const id = (number: number) => demoId(0xeee, number);
export const EVERY = {
  station: id(1),
  place: id(2),
  plant: id(3),
  neighbour: id(4),
  watch: id(5),
  round: id(6),
  product: id(7),
  line: id(8),
  sprayer: id(9),
  spray: id(10),
  tag: id(11),
  series: id(12),
};

const EDITS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  station: { name: 'Wall' },
  place: { minOffsetC: -2 },
  plant: { note: 'older' },
  plant_move: { movedOn: '2020-02-29' },
  watch: { note: 'by the gate' },
  watch_clock: { startValue: '04-01' },
  season_plan: { freeDays: [3] },
  inspection: { coversTurned: 4 },
  tag: { label: 'blue' },
  product: { name: 'Soap' },
  sprayer: { reachM: 3 },
  spray: { note: 'calm' },
  round: { note: 'short' },
  stop: { note: 'windy' },
  sample: { note: 'low down' },
  tape: { crawlers: 8 },
  trap: { caught: 3 },
  device: { label: 'C' },
  sighting: { what: 'first-males' },
  handwork: { minutes: 30 },
  series: { name: 'Twice' },
  tick: { what: 'left-out' },
  recipe: { name: 'Thinner' },
  wait: { step: 2 },
  growth: { note: 'south side' },
  care: { note: 'a can' },
  guess: { guess: 24 },
  local_advice: { says: 'mild in May' },
  reading: { highC: 16 },
  weather_fix: { why: 'by the wall' },
  paired_reading: { highC: 17 },
  wet_look: { noon: true },
  year_review: { note: 'a dry one' },
  plant_spot: { xM: 4.5 },
  ground_shape: { name: 'Barn' },
  ground_picture: { widthM: 30 },
  spread_look: { bore: true },
};

/** The smallest garden that has a place for every kind of record. */
export const EVERY_GARDEN = blankGarden({ name: 'Every', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' });

/** One record of every kind that is kept as JSON, those referred to before those that refer. */
export function everyRecord(today: CivilDate): OneRecord[] {
  const lastWeek = addDays(today, -7);
  const ofWatch = { watchId: EVERY.watch };
  const told = { watchId: 'watch' };
  let number = 100;
  const one = (
    table: string,
    at: string,
    record: Readonly<Record<string, unknown>>,
    {
      refersTo = {},
      days = [],
      called = null,
    }: Partial<Pick<OneRecord, 'refersTo' | 'days' | 'called'>> = {},
  ): OneRecord => {
    const ownId = typeof record.id === 'string' ? record.id : id(number++);
    return {
      table,
      address: `/${at}/${ownId}`,
      record: { ...record, id: ownId },
      edit: EDITS[table]!,
      refersTo,
      days,
      called,
    };
  };
  const counts = { live: 2, dead: 1, holed: 0 };
  return [
    one('station', 'stations', { id: EVERY.station, name: 'Post', kind: 'thermometer' }),
    one(
      'place',
      'places',
      {
        id: EVERY.place,
        name: 'Bed',
        kind: 'outdoors',
        stationId: EVERY.station,
        minOffsetC: -1,
        maxOffsetC: 1,
        standInIds: [],
      },
      { refersTo: { stationId: 'thermometer' } },
    ),
    one(
      'plant',
      'plants',
      {
        ...blankPlant({ id: EVERY.plant, name: 'Apple', hostId: 'apple', placeId: EVERY.place }),
        note: 'old',
      },
      { refersTo: { placeId: 'place' } },
    ),
    one(
      'plant',
      'plants',
      {
        ...blankPlant({ id: EVERY.neighbour, name: 'Pear', hostId: 'pear', placeId: EVERY.place }),
        retiredOn: lastWeek,
        retiredWhy: 'felled',
      },
      { refersTo: { placeId: 'place' }, days: ['retiredOn'] },
    ),
    one(
      'plant_move',
      'moves',
      { plantId: EVERY.plant, placeId: EVERY.place, movedOn: lastWeek },
      { refersTo: { plantId: 'plant', placeId: 'place' }, days: ['movedOn'], called: 'move' },
    ),
    one(
      'watch',
      'watches',
      {
        id: EVERY.watch,
        plantId: EVERY.plant,
        openedOn: lastWeek,
        targetId: 'san-jose-scale',
        group: 'armored',
        outcome: 'open',
        outcomeOn: null,
        sourcePlantId: EVERY.neighbour,
        firstTargetId: 'walnut-scale',
        firstGroup: 'armored',
        namedBy: 'lab',
        note: '',
      },
      { refersTo: { plantId: 'plant', sourcePlantId: 'plant' }, days: ['openedOn'] },
    ),
    one(
      'watch_clock',
      'watch-clocks',
      { id: EVERY.watch, startKind: 'date', startValue: '03-01' },
      { called: 'chosen start' },
    ),
    one(
      'season_plan',
      'season-plans',
      {
        id: EVERY.watch,
        cuts: [{ on: '2026-06-06', way: 'material:mineral-oil' }],
        freeDays: [0, 6],
        figures: { coverage: { low: 0.5, middle: 0.6, high: 0.7 } },
      },
      { called: 'season plan' },
    ),
    one(
      'inspection',
      'inspections',
      { ...ofWatch, on: lastWeek, answers: { sticky: 'yes' }, coversTurned: 3 },
      { refersTo: told, days: ['on'] },
    ),
    one(
      'tag',
      'tags',
      {
        ...ofWatch,
        id: EVERY.tag,
        label: 'red',
        protocol: 'twig',
        untouched: true,
        taggedOn: lastWeek,
        lostOn: null,
      },
      { refersTo: told, days: ['taggedOn'], called: 'tag' },
    ),
    one(
      'product',
      'products',
      blankProduct({
        id: EVERY.product,
        name: 'Plain soap',
        materialId: 'soap',
        strengthPercent: 49,
        formulation: 'soap',
        lines: [blankLine({ id: EVERY.line, crop: 'trees', groups: ['armored'], rateLow: 1, rateHigh: 2 })],
      }),
    ),
    one(
      'sprayer',
      'sprayers',
      blankSprayer({ id: EVERY.sprayer, name: 'Pump', capacityMl: 5000, reachM: 2 }),
    ),
    one(
      'spray',
      'sprays',
      blankSpray({
        ...ofWatch,
        id: EVERY.spray,
        parts: [{ productId: EVERY.product, lineId: EVERY.line, rate: 1.5, productAmount: 30 }],
        sprayerId: EVERY.sprayer,
        on: lastWeek,
        leafState: 'in-leaf',
        sprayMl: 2000,
      }),
      { refersTo: { ...told, sprayerId: 'sprayer' }, days: ['on'], called: 'spray' },
    ),
    one(
      'round',
      'rounds',
      { id: EVERY.round, startedOn: lastWeek, finishedOn: lastWeek, note: '' },
      { days: ['startedOn'], called: 'round' },
    ),
    one(
      'stop',
      'stops',
      {
        ...ofWatch,
        roundId: EVERY.round,
        plantId: EVERY.plant,
        on: lastWeek,
        outcome: 'counted',
        reason: null,
        note: '',
      },
      { refersTo: { ...told, roundId: 'round', plantId: 'plant' }, days: ['on'], called: 'stop' },
    ),
    one(
      'sample',
      'samples',
      {
        ...ofWatch,
        on: lastWeek,
        protocol: 'twig',
        units: [{ counts, tagId: EVERY.tag }, { counts }],
        roundId: EVERY.round,
        sprayId: null,
        note: '',
      },
      { refersTo: { ...told, roundId: 'round' }, days: ['on'], called: 'count' },
    ),
    one(
      'sample',
      'samples',
      {
        ...ofWatch,
        on: lastWeek,
        protocol: 'cover',
        units: [{ counts: { reached: 1 } }, { counts: { reached: 0 } }],
        roundId: null,
        sprayId: EVERY.spray,
        note: '',
      },
      { refersTo: { ...told, sprayId: 'spray' }, days: ['on'], called: 'count' },
    ),
    one(
      'tape',
      'tapes',
      {
        ...ofWatch,
        label: 'A',
        putOn: addDays(today, -14),
        takenOff: lastWeek,
        crawlers: 4,
        colour: 'yellow',
      },
      { refersTo: told, days: ['takenOff'], called: 'tape' },
    ),
    one(
      'trap',
      'traps',
      { ...ofWatch, label: 'T', catches: 'males', putOn: addDays(today, -14), takenOff: lastWeek, caught: 2 },
      { refersTo: told, days: ['takenOff'], called: 'trap reading' },
    ),
    one(
      'device',
      'devices',
      { ...ofWatch, kind: 'tape', label: 'B', hungOn: lastWeek, takenDownOn: null },
      { refersTo: told, days: ['hungOn'], called: 'tape or trap' },
    ),
    one(
      'sighting',
      'sightings',
      { ...ofWatch, on: lastWeek, what: 'first-crawlers' },
      { refersTo: told, days: ['on'], called: 'sighting' },
    ),
    one(
      'handwork',
      'handwork',
      { ...ofWatch, plantId: null, on: lastWeek, kind: 'brush', minutes: 20, note: '' },
      { refersTo: told, days: ['on'], called: 'hand work' },
    ),
    one(
      'series',
      'series',
      blankSeries({
        ...ofWatch,
        id: EVERY.series,
        name: 'Once',
        startedOn: lastWeek,
        steps: [blankStep({ action: 'look' })],
      }),
      { refersTo: told, called: 'series' },
    ),
    one(
      'tick',
      'ticks',
      { seriesId: EVERY.series, on: lastWeek, step: 0, what: 'done', note: '' },
      { refersTo: { seriesId: 'series' }, days: ['on'], called: 'tick' },
    ),
    one(
      'recipe',
      'recipes',
      {
        name: 'My soap',
        what: 'Crawlers',
        basedOn: 'soap-spray',
        usualMl: 1000,
        parts: [{ name: 'soap', by: 'volume', perLitre: 10, holds: 'soap' }],
        steps: [{ says: 'Stir', waitMinutes: 5 }],
        usedWithinHours: 24,
        timesASeason: 4,
        note: '',
      },
      { called: 'recipe' },
    ),
    one(
      'wait',
      'waits',
      { recipeId: 'soap-spray', recipeName: 'Soap', step: 1, endsAt: '2026-06-01T10:00:00.000Z' },
      { called: 'wait' },
    ),
    one(
      'growth',
      'growth',
      { plantId: EVERY.plant, stage: 'bud-swell', on: lastWeek, leaves: 4, note: '' },
      { refersTo: { plantId: 'plant' }, days: ['on'], called: 'growth stage' },
    ),
    one(
      'care',
      'care',
      { plantId: EVERY.plant, kind: 'watering', on: lastWeek, note: '' },
      { refersTo: { plantId: 'plant' }, days: ['on'], called: 'entry' },
    ),
    one(
      'guess',
      'guesses',
      { on: lastWeek, kind: 'spots', seed: 7, truth: 20, guess: 25 },
      { days: ['on'], called: 'guess' },
    ),
    one(
      'local_advice',
      'local-advice',
      { materialId: 'soap', on: lastWeek, from: 'nursery', says: 'mild' },
      {
        called: 'advice',
      },
    ),
    one(
      'reading',
      'readings',
      { stationId: EVERY.station, readOn: lastWeek, time: 'morning', lowC: 4, highC: 15, rainMm: null },
      { refersTo: { stationId: 'thermometer' }, days: ['readOn'], called: 'reading' },
    ),
    one(
      'weather_fix',
      'weather-fixes',
      { stationId: EVERY.station, from: lastWeek, to: lastWeek, kind: 'leave-out', why: 'in the sun' },
      { refersTo: { stationId: 'thermometer' }, called: 'fix' },
    ),
    one(
      'paired_reading',
      'paired-readings',
      { placeId: EVERY.place, on: lastWeek, lowC: 3, highC: 16 },
      { refersTo: { placeId: 'place' }, days: ['on'], called: 'paired reading' },
    ),
    one(
      'wet_look',
      'wet-looks',
      { placeId: EVERY.place, on: lastWeek, breakfast: true, noon: null, dryByHour: null },
      { refersTo: { placeId: 'place' }, days: ['on'], called: 'look at leaves' },
    ),
    one(
      'plant_spot',
      'plant-spots',
      { plantId: EVERY.plant, placeId: EVERY.place, xM: 3, yM: -2.5, turnDeg: 90 },
      { refersTo: { plantId: 'plant', placeId: 'place' }, called: 'spot on the plan' },
    ),
    one(
      'ground_shape',
      'ground-shapes',
      {
        kind: 'house',
        name: 'House',
        placeId: EVERY.place,
        xM: 0,
        yM: 0,
        turnDeg: 0,
        lengthM: 9,
        depthM: 6,
        heightM: 7,
      },
      { refersTo: { placeId: 'place' }, called: 'part of the plan' },
    ),
    one(
      'spread_look',
      'spread-looks',
      { watchId: EVERY.watch, plantId: EVERY.neighbour, on: lastWeek, bore: false },
      { refersTo: { watchId: 'watch', plantId: 'plant' }, days: ['on'], called: 'look at a neighbour' },
    ),
    one(
      'year_review',
      'year-reviews',
      {
        season: '2025-01-01',
        on: lastWeek,
        choices: [{ watchId: EVERY.watch, choice: 'carry-on' }],
        sheet: 'The year 2025.',
        note: '',
      },
      { days: ['on'], called: 'review of a year' },
    ),
  ];
}

/** What is allowed and hardly ever meant, by kind. */
export const EXTREMES: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  watch_clock: { startKind: 'date', startValue: '02-29' },
  season_plan: { cuts: [], freeDays: [], figures: { growth: { low: 0, middle: 0, high: 10000 } } },
  plant: {
    harvestFrom: '02-29',
    harvestTo: '02-29',
    edible: true,
    count: 5000,
    heightM: 0.001,
    yearPlanted: 2200,
  },
  place: { minOffsetC: -30, maxOffsetC: 30 },
};

/** Days by which seasons, sums and winters have something to go by. */
export const threeYearsOfDays = (from: CivilDate): WeatherDay[] =>
  Array.from({ length: 3 * 366 }, (_, i) => ({
    date: addDays(from, i),
    minC: 5 + (i % 11),
    maxC: 15 + (i % 13),
    rainMm: i % 3,
    windMs: 2,
  }));
