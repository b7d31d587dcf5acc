import { expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { isScaleGroup } from '#core/identify';
import { worstOf } from '#core/materials';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  blankSprayer,
  type Garden,
  type Growth,
  type Plant,
  type ProductRecord,
  type Sample,
  type Tape,
  type Watch,
} from '#core/records';
import { simulateForecast, type WeatherDay } from '#core/weather';
import {
  evergreenOf,
  hostById,
  HOSTS,
  materialById,
  SCHOOL_QUESTIONS,
  schoolFor,
  TARGETS,
  USE_RULES,
} from '#knowledge';
import { chance, type Chance, simulateDays, type SimulatedClimate } from '#simulated';
import {
  bandAnswer,
  type BandBar,
  type DueAnswer,
  infectionAnswer,
  benchAnswer,
  dormantAnswer,
  emptyState,
  type GardenDay,
  gardenDay,
  type GardenState,
  nowAnswer,
  watchPictures,
  weighAnswer,
} from './index.ts';

/**
 * Gardens made at random, north and south, from frost-free to -30 °C, with none, some or all of readings, logs,
 * tapes and forecasts, on any day. What one page says the others must allow; what is written down here is
 * written anew, apart from the app's own rules.
 */
/** Eight hundred each time; `GARDENS=2000` for a long run. */
const GARDENS = Number(process.env.GARDENS ?? 800);
/** Each rare scene is to come up so often at least; a check of what never comes would say nothing. */
const RARE = GARDENS / 200;
const YEARS = { from: '2021-01-01', to: '2027-12-31' } as const;

const climate = (meanC: number, seasonalC: number, coldestDay: number): SimulatedClimate => ({
  meanC,
  seasonalC,
  coldestDay,
  dailyRangeWinterC: 8,
  dailyRangeSummerC: 12,
  spreadWinterC: 4,
  spreadSummerC: 3,
  persistence: 0.7,
  wetAfterDry: 0.2,
  wetAfterWet: 0.4,
  rainPerWetDayMm: 7,
  windMeanMs: 2.4,
});
/** A place: its latitude, its weather. The coldest is far below -20, the mildest never freezes. */
const WHERE = [
  { latitudeDeg: 52, climate: climate(2, 20, 15) },
  { latitudeDeg: 45, climate: climate(9, 14, 15) },
  { latitudeDeg: 36, climate: climate(15, 9, 15) },
  { latitudeDeg: 27, climate: climate(22, 5, 15) },
  { latitudeDeg: -28, climate: climate(20, 6, 197) },
  { latitudeDeg: -38, climate: climate(13, 8, 197) },
  { latitudeDeg: -45, climate: climate(8, 10, 197) },
].map((place, i) => ({
  ...place,
  days: simulateDays(place.climate, 31 + i, YEARS.from, YEARS.to),
  seed: 31 + i,
}));

const STATION = v7(),
  PLACE = v7(),
  SPRAYER = v7();
const GROUPS = ['armored', 'soft', 'felt', 'giant', 'leaf-miner', 'fungus', 'sap-sucker', 'mite'] as const;

function product(
  materialId: string,
  states: readonly ('dormant' | 'delayed-dormant' | 'in-leaf')[],
  more = {},
): ProductRecord {
  const material = materialById(materialId);
  return blankProduct({
    id: v7(),
    name: material.name,
    materialId,
    strengthPercent: 90,
    containsOil: material.isOil,
    formulation: material.formulation,
    organic: material.organic,
    lines: [
      blankLine({
        id: v7(),
        crop: 'all',
        rateLow: 1,
        rateHigh: 2,
        groups: [...GROUPS],
        leafStates: [...states],
        ...more,
      }),
    ],
  });
}
const BARE = ['dormant', 'delayed-dormant'] as const;
const SHELF = [
  product('mineral-oil', BARE),
  product('mineral-oil', ['in-leaf']),
  product('soap', ['in-leaf']),
  product('malathion', ['in-leaf']),
  product('copper', [...BARE, 'in-leaf']),
  product('imidacloprid', ['in-leaf'], { rateUnit: 'ml-per-cm-diameter' }),
  // The same, given by the spoon and the litre: the rules follow the material.
  product('imidacloprid', ['in-leaf'], { rateUnit: 'percent' }),
] as const;

interface Scene {
  readonly state: GardenState;
  readonly day: GardenDay;
  readonly today: CivilDate;
}

const INSECTS = TARGETS.filter(
  ({ group }) => isScaleGroup(group) || group === 'leaf-miner' || group === 'fungus',
);
const STAGES: readonly Growth['stage'][] = [
  'leaf-fall',
  'bud-swell',
  'green-tip',
  'bloom-start',
  'bloom-end',
  'petal-fall',
  'seen-bare',
  'seen-in-leaf',
];

function gardenByChance(seed: number): Scene {
  const by = chance(seed);
  const place = by.one(WHERE);
  const today = addDays('2024-01-01', by.whole(0, 1200));
  const schools = Object.fromEntries(
    SCHOOL_QUESTIONS.filter(() => by.odds(0.2)).map(({ id, schools: all }) => [id, by.one(all).id]),
  );
  const garden: Garden = blankGarden({
    name: 'T',
    latitudeDeg: place.latitudeDeg,
    longitudeDeg: 0,
    timeZone: 'UTC',
    schools,
  });
  const parts = Array.from({ length: by.whole(1, 3) }, () => plantByChance(by, today));
  return sceneOf(
    {
      ...emptyState(garden),
      places: [
        {
          id: PLACE,
          name: 'Out',
          kind: 'outdoors',
          stationId: STATION,
          minOffsetC: 0,
          maxOffsetC: 0,
          standInIds: [],
        },
      ],
      plants: parts.map(({ plant }) => plant),
      watches: parts.map(({ watch }) => watch),
      growth: parts.flatMap(({ growth }) => growth),
      tapes: parts.flatMap(({ tapes }) => tapes),
      samples: parts.flatMap(({ samples }) => samples),
      sightings: parts.flatMap(({ sightings }) => sightings),
      sprays: parts.flatMap(({ sprays }) => sprays),
      products: SHELF,
      sprayers: by.odds(0.7)
        ? [blankSprayer({ id: SPRAYER, name: 'Tank', capacityMl: 5000, reachM: 3 })]
        : [],
      days: { [STATION]: readingsByChance(by, place.days, today) },
      forecasts: by.odds(0.5)
        ? { [STATION]: simulateForecast(forecastTruth(place.days, today), seed + 1, 3) }
        : {},
    },
    today,
  );
}

const sceneOf = (state: GardenState, today: CivilDate): Scene => ({
  state,
  today,
  day: gardenDay(state, today),
});

const forecastTruth = (days: readonly WeatherDay[], today: CivilDate) =>
  days.filter(({ date }) => date >= today).slice(0, 10);

/** None, this spring's, the last months', or all. */
function readingsByChance({ one }: Chance, days: readonly WeatherDay[], today: CivilDate): WeatherDay[] {
  const from = one(['9999-12-31', addDays(today, -60), addDays(today, -200), YEARS.from]);
  return days.filter(({ date }) => date >= from && date < today);
}

function plantByChance(by: Chance, today: CivilDate) {
  const { whole, one, odds } = by;
  const target = one(INSECTS);
  const isFungus = target.group === 'fungus';
  const used = isFungus ? SHELF[4] : SHELF[1];
  const hosts = HOSTS.filter(({ id }) => id in target.hosts);
  const plant: Plant = blankPlant({
    id: v7(),
    name: 'P',
    hostId: one(hosts.length > 0 ? hosts : HOSTS).id,
    placeId: PLACE,
    heightM: one([1, 2, 2.5, 5]),
    edible: odds(0.3),
    evergreen: one([null, true, false]),
    age: one(['young', 'mature']),
  });
  const watch: Watch = {
    id: v7(),
    plantId: plant.id,
    openedOn: addDays(today, -whole(0, 400)),
    targetId: target.id,
    group: target.group,
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  };
  const growth: Growth[] = Array.from({ length: one([0, 0, 1, 2, 4]) }, () => ({
    id: v7(),
    plantId: plant.id,
    stage: one(STAGES),
    on: addDays(today, -whole(0, 300)),
    leaves: null,
    note: '',
  }));
  // Some have just been looked at.
  if (odds(0.25))
    growth.push({
      id: v7(),
      plantId: plant.id,
      stage: one(['seen-bare', 'bud-swell']),
      on: today,
      leaves: null,
      note: '',
    });
  return {
    plant,
    watch,
    growth: growth.toSorted((a, b) => (a.on < b.on ? -1 : 1)),
    tapes: isScaleGroup(target.group) ? tapesByChance(by, watch.id, today) : [],
    samples: isScaleGroup(target.group) && odds(0.3) ? [countByChance(by, watch.id, today)] : [],
    sightings: odds(0.1)
      ? [
          {
            id: v7(),
            watchId: watch.id,
            what: one(['first-crawlers', 'all-stages'] as const),
            on: addDays(today, -whole(0, 9)),
            note: '',
          },
        ]
      : [],
    sprays: odds(isFungus ? 0.6 : 0.2)
      ? [
          {
            ...blankSpray({
              id: v7(),
              watchId: watch.id,
              parts: [{ productId: used.id, lineId: used.lines[0]!.id, rate: 1.5, productAmount: 20 }],
              sprayerId: SPRAYER,
              on: addDays(today, -whole(1, isFungus ? 40 : 250)),
              leafState: 'in-leaf',
              sprayMl: 1000,
            }),
            weather: null,
          },
        ]
      : [],
  };
}

/** Ten twigs alike: none alive, or some. */
function countByChance({ whole, one }: Chance, watchId: string, today: CivilDate): Sample {
  const live = one([0, 0, 4]);
  return {
    id: v7(),
    watchId,
    on: addDays(today, -whole(0, 40)),
    protocol: 'twig',
    units: Array.from({ length: 10 }, () => ({ counts: { live, dead: 1, holed: 0 } })),
    roundId: null,
    sprayId: null,
    note: '',
  };
}

/** The last count found none, and no crawler was met since. */
function foundGone({ state }: Scene, watchId: string, caughtOn: readonly CivilDate[]): boolean {
  const last = state.samples.findLast((sample) => sample.watchId === watchId);
  return (
    last !== undefined &&
    last.units.every(({ counts }) => counts.live === 0) &&
    caughtOn.every((on) => on < last.on)
  );
}

function tapesByChance({ whole, one }: Chance, watchId: string, today: CivilDate): Tape[] {
  const last = whole(0, 40);
  return Array.from({ length: one([0, 0, 1, 3, 5]) }, (_, i) => ({
    id: v7(),
    watchId,
    label: '',
    putOn: addDays(today, -last - 7 * i - 7),
    takenOff: addDays(today, -last - 7 * i),
    crawlers: one([0, 0, 4, 40, 140]),
    colour: null,
  })).toReversed();
}

/** Whether leaves are out, told without the app: a sign of leaves lately, and none of bare wood since. */
function surelyInLeaf({ state, today }: Scene, plant: Plant): boolean {
  if (evergreenOf(plant) === true) return true;
  const watchIds = new Set(state.watches.filter(({ plantId }) => plantId === plant.id).map(({ id }) => id));
  const signs = [
    ...state.growth
      .filter(({ plantId }) => plantId === plant.id)
      .flatMap(({ stage, on }) =>
        ['green-tip', 'petal-fall', 'seen-in-leaf'].includes(stage)
          ? [{ on, leafy: true }]
          : ['leaf-fall', 'bud-swell', 'seen-bare'].includes(stage)
            ? [{ on, leafy: false }]
            : [],
      ),
    ...state.sprays.filter(({ watchId }) => watchIds.has(watchId!)).map(({ on }) => ({ on, leafy: true })),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : Number(a.leafy) - Number(b.leafy)));
  const last = signs.at(-1);
  const sameDay = signs.filter(({ on }) => on === last?.on);
  return last !== undefined && sameDay.every(({ leafy }) => leafy) && daysBetween(last.on, today) <= 14;
}

/** Somebody looked within three days and saw bare wood or buds. */
function seenBare({ state, today }: Scene, plant: Plant): boolean {
  return state.growth.some(
    ({ plantId, stage, on }) =>
      plantId === plant.id &&
      ['leaf-fall', 'bud-swell', 'seen-bare'].includes(stage) &&
      daysBetween(on, today) <= 3,
  );
}

function inBloom({ state, day, today }: Scene, plant: Plant): boolean {
  const marks = state.growth.filter(
    ({ plantId, stage, on }) =>
      plantId === plant.id && on >= day.start && ['bloom-start', 'bloom-end', 'petal-fall'].includes(stage),
  );
  const last = marks.at(-1);
  return last?.stage === 'bloom-start' &&
    !marks.some(({ on, stage }) => on === last.on && stage !== 'bloom-start')
    ? daysBetween(last.on, today) <= 60
    : false;
}

/** What the infection diary says that Now, the band or the log of sprays do not. */
function fungusFaults(
  { state, day, today }: Scene,
  watch: Watch,
  due: readonly DueAnswer[],
  bars: readonly BandBar[],
  met: (what: string) => void,
): string[] {
  const diary = infectionAnswer(day, watch.id);
  if (diary.kind !== 'diary') return [];
  met('an infection diary');
  const faults: string[] = [];
  const fault = (holds: boolean, what: string) => {
    if (!holds) faults.push(what);
  };
  const sprays = state.sprays.filter(({ watchId }) => watchId === watch.id);
  for (const { standing, from, covered, word, spots, seen } of diary.spells) {
    if (standing === 'covered') met('an infection covered');
    if (standing === 'through') met('an infection that got through');
    const before = sprays.filter(({ on }) => on < from.date);
    fault(covered === 0 || before.length > 0, 'a cover that was not sprayed, or not dry');
    fault(
      standing !== 'covered' || before.some(({ on }) => daysBetween(on, from.date) <= 60),
      'a cover long gone',
    );
    fault(standing === 'no-infection' || standing === 'ahead' || word !== null, 'an infection that is none');
    const shows = spots && spots.from <= today && spots.to >= today && seen.kind === 'not-yet';
    if (standing === 'through' && word !== 'possible' && shows && from.date >= day.start)
      fault(
        due.some(({ kind }) => kind === 'look-for-spots'),
        'spots that show and nobody is told to look for',
      );
    const cameTo = seen.kind === 'spots' || (word !== 'possible' && seen.kind !== 'none');
    if (standing === 'through' && cameTo && from.date >= addDays(today, -30))
      fault(
        bars.some(
          ({ watchId, what, from: at }) =>
            watchId === watch.id && what.kind === 'infected' && at === from.date,
        ),
        'an infection the band does not show',
      );
  }
  const asked = due.some(({ kind }) => kind === 'cover-before-rain');
  const wanted =
    diary.school === 'by-forecast' &&
    diary.ahead !== null &&
    diary.ahead.isWorthIt &&
    diary.ahead.coverBy >= today;
  if (asked) met('a cover asked for');
  fault(
    asked === wanted,
    asked ? 'a cover asked for that the diary does not want' : 'a cover wanted and not asked for',
  );
  return faults;
}

/** Everything two pages say differently, or one says against what was seen. */
function disagreements(scene: Scene, met: (what: string) => void = () => undefined): string[] {
  const { day, state, today } = scene;
  const faults: string[] = [];
  const fault = (holds: boolean, what: string) => {
    if (!holds) faults.push(what);
  };
  const now = nowAnswer(day);
  const bars = bandAnswer(day).bars;
  const winters = new Map(dormantAnswer(day).plants.map(({ plantId, plan }) => [plantId, plan]));
  for (const picture of watchPictures(day)) {
    const { watch, plant } = picture;
    const { weighed, facts } = weighAnswer(day, picture, {
      helpersSeen: null,
      antsSeen: null,
      beesAtHoneydew: null,
      thirsty: null,
      cropIsOff: null,
      bloomSoon: null,
    });
    const refuses = (option: string) => weighed.refused.some((refused) => refused.option === option);
    const offers = (option: string) => weighed.options.some((offered) => offered.option === option);
    const due = now.due.filter(({ watchId }) => watchId === watch.id);
    fault(
      due.length > 0 && due.every(({ opens, closes }) => opens !== null || closes !== null),
      'an open watch without a date',
    );
    for (const item of due)
      if (
        ['treat-now', 'second-pass', 'hatch-passing', 'all-stages'].includes(item.kind) &&
        item.standing === 'open'
      )
        fault(item.heldBy.length > 0 || !refuses('spray-now'), `${item.kind} that the weighing refuses`);
    for (const item of due) if (item.kind === 'treat-now') met('a spray asked for');
    fault(
      !due.some(({ kind, heldBy }) => kind === 'treat-now' && heldBy.length === 0) || offers('spray-now'),
      'a spray asked for that the weighing does not offer',
    );

    const everCaughtOn = [
      ...state.tapes
        .filter(({ watchId, crawlers }) => watchId === watch.id && crawlers > 0)
        .map(({ takenOff }) => takenOff),
      ...state.sightings
        .filter(({ watchId, what }) => watchId === watch.id && what === 'first-crawlers')
        .map(({ on }) => on),
    ];
    if (foundGone(scene, watch.id, everCaughtOn)) {
      met('a count that found none');
      fault(!due.some(({ kind }) => kind === 'treat-now'), 'a spray on what a count found gone');
    }
    const caughtOn = everCaughtOn.filter((on) => on >= day.start && daysBetween(on, today) <= 9);
    if (isScaleGroup(watch.group) && caughtOn.length > 0) {
      met('a catch');
      fault(
        picture.windows.some(({ basis, phase }) => basis === 'seen' && phase === 'open'),
        'a catch without a window',
      );
      fault(facts.window === 'open', 'a catch the weighing does not know of');
      fault(
        bars.some(
          ({ watchId, what, state: at }) => watchId === watch.id && what.kind === 'window' && at === 'open',
        ),
        'a catch the band does not show',
      );
      fault(
        due.some(({ kind }) => kind !== 'hang-tapes'),
        'a catch that asks for nothing but tapes',
      );
    }

    for (const what of fungusFaults(scene, watch, due, bars, met)) faults.push(what);

    const plan = winters.get(plant.id);
    const steps = plan?.kind === 'steps' ? plan.steps : [];
    if (offers('winter-spray')) met('a winter spray offered');
    if (offers('winter-spray'))
      fault(
        steps.some(({ state: at, what }) => ['due', 'ask', 'coming'].includes(at) && what !== 'spur-sample'),
        'a winter spray no winter has',
      );

    const bench = benchAnswer(day, [picture], {
      leafState: null,
      beesAtHoneydew: null,
      bloom: null,
      weather: 'not-sure',
    });
    const { lines } = bench.watches[0]!;
    const host = hostById(plant.hostId);
    const schools = { ...state.garden.schools, ...plant.schools };
    for (const [i, { materialId, lines: labelled }] of SHELF.entries()) {
      const { findings } = lines.find(({ productId }) => productId === SHELF[i]!.id)!;
      const free = ['fine', 'care'].includes(worstOf(findings));
      const material = materialById(materialId);
      const bare = !labelled[0]!.leafStates.includes('in-leaf');
      if (free) met('a line that is free');
      if (bare && surelyInLeaf(scene, plant)) met('a plant in leaf');
      if (inBloom(scene, plant)) met('a plant in bloom');
      if (bare && free) met('a dose for bare wood that is free');
      const springIsNear = daysBetween(day.start, today) < 150;
      fault(
        !free || !bare || !springIsNear || seenBare(scene, plant),
        'a dose for bare wood nobody looked at',
      );
      fault(!free || !bare || !surelyInLeaf(scene, plant), 'a dose for bare wood on leaves');
      fault(!free || !material.isOil || host.oil !== 'avoid', 'oil on a kind it hurts');
      fault(
        !free || !material.harmsBees || !host.beesVisitBloom || !inBloom(scene, plant),
        'a bloom ignored',
      );
      if (materialId === 'imidacloprid' && free)
        fault(
          watch.group !== 'armored' &&
            watch.group !== 'giant' &&
            !plant.edible &&
            !(
              host.beesVisitBloom &&
              ['never-where-bees', 'non-flowering'].includes(schoolFor('drench', schools).id)
            ),
          `a drench outside its rules, ${labelled[0]!.rateUnit}`,
        );
    }
    // A winter step that is due must be one the bench can mix, whatever the hour.
    for (const { what, place, state: at } of steps.filter(({ what }) => what === 'oil')) {
      if (at === 'ask') met('a winter spray asked about');
      if (at !== 'due') continue;
      met(`a winter spray due, ${place}`);
      const line = lines.find(({ productId }) => productId === SHELF[place === 'cool-season' ? 1 : 0].id)!;
      const against = line.findings.filter(({ ruleId }) =>
        /^label-(bare|leaf|evergreen)|^oil-(avoid|dormant)/.test(ruleId),
      );
      fault(
        against.length === 0,
        `a due ${what} at ${place} the bench refuses: ${against.map(({ ruleId }) => ruleId).join()}`,
      );
    }
  }
  return faults;
}

test('in hundreds of gardens every page says the same, and nothing against what was seen', () => {
  const faults: Record<string, number[]> = {};
  const tally: Record<string, number> = {};
  const met = (what: string) => void (tally[what] = (tally[what] ?? 0) + 1);
  for (let seed = 1; seed <= GARDENS; seed++)
    for (const what of disagreements(gardenByChance(seed), met)) (faults[what] ??= []).push(seed);
  expect(faults).toEqual({});
  // The gardens must have put the pages to the test.
  for (const what of [
    'a catch',
    'a winter spray offered',
    'a winter spray asked about',
    'a winter spray due, cool-season',
    'a winter spray due, delayed',
    'a line that is free',
    'a plant in leaf',
    'a plant in bloom',
    'a dose for bare wood that is free',
    'an infection diary',
    'an infection covered',
    'an infection that got through',
    'a cover asked for',
  ])
    expect([what, (tally[what] ?? 0) >= RARE]).toEqual([what, true]);
});

test.each([
  'label-bare-wood-rate-on-leaves',
  'label-evergreen-has-no-bare-wood',
  'leaf-state-asked',
  'oil-avoid',
  'in-bloom',
  'does-not-work',
  'drench-eaten',
  'drench-bees',
])('without the rule %s it is noticed', (id) => {
  const rules = USE_RULES as (typeof USE_RULES)[number][];
  const at = rules.findIndex((rule) => rule.id === id);
  const [taken] = rules.splice(at, 1);
  try {
    let noticed = false;
    for (let seed = 1; seed <= 600 && !noticed; seed++)
      noticed = disagreements(gardenByChance(seed)).length > 0;
    expect(noticed).toBe(true);
  } finally {
    rules.splice(at, 0, taken!);
  }
});
