import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { FALLOW_BANK } from '#demo/stations';
import { RATE_UNIT_IDS } from '#core/materials';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  blankSprayer,
  type Garden,
  type Plant,
  type ProductRecord,
  type SprayRecord,
  type Watch,
} from '#core/records';
import { hostById, HOSTS, materialById, MATERIALS, SCHOOL_QUESTIONS, schoolFor, TARGETS } from '#knowledge';
import { chance, type Chance, simulateDays } from '#simulated';
import {
  benchAnswer,
  dormantAnswer,
  dueItems,
  gardenDay,
  type GardenDay,
  leavesOf,
  watchPictures,
  weighAnswer,
} from '#engine';
import { openStore, type Store } from './store/store.ts';

/**
 * Gardens made at random; nothing the app proposes in them may break what is written down here anew,
 * apart from the app's own rules.
 */
const GARDENS = 2000;
const DAYS: readonly CivilDate[] = ['2026-02-20', '2026-04-10', '2026-06-05', '2026-10-20'];

let store: Store;
const days = new Map<CivilDate, GardenDay>();
const STATION = v7(),
  PLACE = v7(),
  SPRAYER = v7();

beforeAll(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  store.putGarden(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
  store.putStation({ id: STATION, name: 'S', kind: 'simulated' });
  store.writeDays(STATION, simulateDays(FALLOW_BANK, 7, '2023-01-01', '2026-10-19'));
  store.putPlace({
    id: PLACE,
    name: 'Out',
    kind: 'outdoors',
    stationId: STATION,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putSprayer(blankSprayer({ id: SPRAYER, name: 'Tank', capacityMl: 5000, reachM: 3 }));
});
afterAll(() => store.close());

const schoolsByChance = ({ one, odds }: Chance, share: number) =>
  Object.fromEntries(
    SCHOOL_QUESTIONS.filter(() => odds(share)).map(({ id, schools }) => [id, one(schools).id]),
  );

function productByChance({ one, odds, whole }: Chance): ProductRecord {
  const material = one(SPRAYED);
  const trunk = material.id === 'imidacloprid' || material.id === 'dinotefuran';
  return blankProduct({
    id: v7(),
    name: material.name,
    materialId: material.id,
    strengthPercent: 10,
    containsOil: material.isOil || odds(0.05),
    formulation: material.formulation,
    organic: odds(0.7) ? material.organic : odds(0.5),
    unlabelled: odds(0.1),
    apart: odds(0.2)
      ? [{ ingredient: one(['oil', 'sulfur', 'copper', 'spinosad']), days: whole(5, 60) }]
      : [],
    expiresOn: odds(0.3) ? one(['2025-12-31', '2027-12-31']) : null,
    lines: Array.from({ length: whole(1, 3) }, () =>
      blankLine({
        id: v7(),
        crop: 'as the label has it',
        rateLow: 1,
        rateHigh: 2,
        rateUnit: trunk ? 'ml-per-cm-diameter' : one(RATE_UNIT_IDS.slice(0, 20)),
        hostIds: odds(0.3) ? [one(HOSTS).id, one(HOSTS).id] : [],
        groups: odds(0.7)
          ? ['armored', 'soft', 'felt', 'giant', 'leaf-miner', 'fungus', 'sap-sucker', 'mite']
          : ['fungus'],
        leafStates: one([
          ['in-leaf'],
          ['dormant', 'delayed-dormant'],
          ['dormant', 'delayed-dormant', 'in-leaf'],
        ]),
        intervalDays: odds(0.6) ? whole(7, 40) : null,
        usesPerYear: odds(0.4) ? whole(1, 4) : null,
        mostPerYear: odds(0.2) ? whole(50, 200) : null,
        daysToHarvest: odds(0.6) ? whole(0, 30) : null,
      }),
    ),
  });
}

interface Scene {
  readonly garden: Garden;
  readonly today: CivilDate;
  readonly plant: Plant;
  readonly watch: Watch;
  readonly sprays: readonly SprayRecord[];
}

/** Clears what the last garden had, and plants the next. */
function plantGarden(seed: number): Scene[] {
  const by = chance(seed);
  for (const table of ['spray', 'inspection', 'growth', 'watch', 'plant', 'product', 'change_log'])
    store.db.prepare(`DELETE FROM ${table}`).run();
  const today = DAYS[seed % DAYS.length]!;
  const garden = { ...store.garden()!, schools: schoolsByChance(by, 0.5) };
  store.db.prepare('UPDATE garden SET schools = ?').run(JSON.stringify(garden.schools));
  const products = Array.from({ length: by.whole(3, 6) }, () => productByChance(by));
  products.forEach(store.putProduct);
  return Array.from({ length: by.whole(1, 2) }, () => {
    const target = by.one(TARGETS.filter(({ group }) => group !== 'no-trouble' && group !== 'helper')),
      host = by.one(HOSTS);
    const harvest = addDays(today, by.whole(-20, 60)).slice(5);
    const plant = blankPlant({
      id: v7(),
      name: host.name,
      hostId: host.id,
      placeId: PLACE,
      edible: by.odds(0.5),
      heightM: by.whole(1, 6),
      schools: schoolsByChance(by, 0.1),
      harvestFrom: by.odds(0.6) && harvest !== '02-29' ? harvest : null,
      age: by.one(['young', 'mature']),
    });
    const watch: Watch = {
      id: v7(),
      plantId: plant.id,
      openedOn: '2026-01-05',
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
    store.putPlant(plant);
    store.putWatch(watch);
    if (by.odds(0.5))
      store.growth.put({
        id: v7(),
        plantId: plant.id,
        stage: 'bloom-start',
        on: addDays(today, -by.whole(0, 10)),
        leaves: null,
        note: '',
      });
    if (by.odds(0.2))
      store.growth.put({
        id: v7(),
        plantId: plant.id,
        stage: 'petal-fall',
        on: today,
        leaves: null,
        note: '',
      });
    const sprays = Array.from({ length: by.whole(0, 4) }, () => {
      const product = by.one(products);
      return blankSpray({
        id: v7(),
        watchId: watch.id,
        parts: [
          {
            productId: product.id,
            lineId: by.one(product.lines).id,
            rate: 1,
            productAmount: by.whole(20, 120),
          },
        ],
        sprayerId: SPRAYER,
        on: addDays(today, -by.whole(1, 70)),
        leafState: by.one(['dormant', 'in-leaf']),
        sprayMl: 2000,
        againstLabel: true,
      });
    });
    sprays.forEach((spray) => store.putSpray(spray, null));
    return { garden, today, plant, watch, sprays };
  });
}

const SULFURS = new Set(['sulfur', 'lime-sulfur']),
  OIL_SHY = new Set(['captan', 'chlorothalonil']),
  NEEM = new Set(['raw-neem', 'azadirachtin']);
/** What acts on a trouble; what only feeds or conditions has hardly a rule to break. */
const SPRAYED = MATERIALS.filter(({ modeOfAction }) => modeOfAction !== 'none');
const isOil = (product: ProductRecord) => product.containsOil || materialById(product.materialId).isOil;

/** What a proposed line breaks, told without the app's rules. */
function broken(
  { garden, today, plant, watch, sprays }: Scene,
  product: ProductRecord,
  line: ProductRecord['lines'][number],
  leafState: string,
): string[] {
  const host = hostById(plant.hostId),
    material = materialById(product.materialId),
    schools = { ...garden.schools, ...plant.schools };
  const growth = store.growth.by('plant_id', plant.id);
  const inBloom =
    growth.some(({ stage }) => stage === 'bloom-start') &&
    !growth.some(({ stage }) => stage === 'petal-fall');
  const uses = sprays.flatMap(({ on, parts }) =>
    parts.map(({ productId, productAmount }) => ({
      on,
      product: store.product(productId)!,
      amount: productAmount,
    })),
  );
  const sameProduct = uses.filter((use) => use.product.id === product.id),
    ownThisYear = sameProduct.filter(({ on }) => on.startsWith('2026'));
  const since = (use: { on: CivilDate }) => daysBetween(use.on, today);
  const others = uses.filter((use) => use.product.id !== product.id);
  const sulfurDays = Number(schoolFor('oil-sulfur', schools).id);
  const newestModes = uses
    .filter(({ on }) => on.startsWith('2026'))
    .toSorted((a, b) => (a.on < b.on ? 1 : -1))
    .slice(0, 2)
    .map((use) => materialById(use.product.materialId).modeOfAction);
  const checks: readonly [string, boolean][] = [
    ['oil on a plant it hurts', isOil(product) && host.oil === 'avoid'],
    [
      'oil on leaves that bear none',
      // One that is never bare takes it in the cool season.
      isOil(product) &&
        host.oil === 'dormant-only' &&
        leafState === 'in-leaf' &&
        !(host.evergreen === true && today === '2026-02-20'),
    ],
    ['in bloom', inBloom && host.beesVisitBloom && material.harmsBees],
    [
      'leaf state',
      !(line.leafStates as readonly string[]).includes(host.evergreen === true ? 'in-leaf' : leafState),
    ],
    ['trouble', !(line.groups as readonly string[]).includes(watch.group!)],
    ['plant', line.hostIds.length > 0 && !line.hostIds.includes(host.id)],
    ['interval', line.intervalDays !== null && sameProduct.some((use) => since(use) < line.intervalDays!)],
    ['uses', line.usesPerYear !== null && ownThisYear.length >= line.usesPerYear],
    [
      'amount',
      line.mostPerYear !== null &&
        ownThisYear.reduce((sum, { amount }) => sum + amount, 0) >= line.mostPerYear,
    ],
    ['organic', schools.organic === 'organic-only' && !product.organic],
    [
      'harvest',
      plant.edible &&
        plant.harvestFrom !== null &&
        line.daysToHarvest !== null &&
        [`2026-${plant.harvestFrom}`].some(
          (day) => day > today && daysBetween(today, day) < line.daysToHarvest!,
        ),
    ],
    [
      'oil and sulfur',
      others.some(
        (use) =>
          ((isOil(product) && SULFURS.has(use.product.materialId)) ||
            (SULFURS.has(product.materialId) && isOil(use.product))) &&
          since(use) < sulfurDays,
      ),
    ],
    [
      'captan and oil',
      others.some(
        (use) =>
          ((isOil(product) && OIL_SHY.has(use.product.materialId)) ||
            (OIL_SHY.has(product.materialId) && isOil(use.product))) &&
          since(use) < 14,
      ),
    ],
    [
      'own label apart',
      others.some((use) =>
        product.apart.some(
          ({ ingredient, days }) =>
            since(use) < days &&
            (ingredient === 'oil' ? isOil(use.product) : ingredient === use.product.materialId),
        ),
      ),
    ],
    [
      'other label apart',
      others.some((use) =>
        use.product.apart.some(
          ({ ingredient, days }) =>
            since(use) < days && (ingredient === 'oil' ? isOil(product) : ingredient === product.materialId),
        ),
      ),
    ],
    [
      'neem too soon',
      NEEM.has(product.materialId) &&
        uses.some((use) => NEEM.has(use.product.materialId) && use.on.startsWith('2026') && since(use) < 7),
    ],
    [
      'spinosad near neem',
      schools['spinosad-oil'] === 'never-near-neem' &&
        others.some(
          (use) =>
            ((NEEM.has(product.materialId) && use.product.materialId === 'spinosad') ||
              (product.materialId === 'spinosad' && NEEM.has(use.product.materialId))) &&
            since(use) < 21,
        ),
    ],
    [
      'no rotation',
      material.resistanceRisk &&
        newestModes.length === 2 &&
        newestModes.every((mode) => mode === material.modeOfAction),
    ],
    ['sulfur on apricot', SULFURS.has(product.materialId) && host.id === 'apricot'],
    [
      'drench',
      line.rateUnit === 'ml-per-cm-diameter' &&
        ((plant.edible && !line.hostIds.includes(host.id)) ||
          (today === '2026-10-20' && leafState === 'in-leaf') ||
          (host.beesVisitBloom &&
            ['never-where-bees', 'non-flowering'].includes(schoolFor('drench', schools).id))),
    ],
  ];
  return checks.filter(([, breaks]) => breaks).map(([what]) => what);
}

test('no plan the app proposes breaks a rule that the app holds, in 2,000 gardens', () => {
  const tally: Record<string, number> = {};
  const count = (what: string) => {
    tally[what] = (tally[what] ?? 0) + 1;
  };
  const faults: string[] = [];
  for (let seed = 1; seed <= GARDENS; seed++) {
    const scenes = plantGarden(seed);
    const { today, garden } = scenes[0]!;
    const day = gardenDay(store.gardenState()!, today, days.get(today) ?? null);
    days.set(today, day);
    const pictures = watchPictures(day);
    for (const scene of scenes) {
      const picture = pictures.find(({ watch }) => watch.id === scene.watch.id)!;
      const leafState = leavesOf(day, scene.plant).value;
      const bench = benchAnswer(day, [picture], {
        leafState: null,
        beesAtHoneydew: null,
        bloom: null,
        weather: 'not-sure',
      }).watches[0]!;
      for (const { productId, lineId, verdict } of bench.lines) {
        const product = store.product(productId)!;
        const breaks = broken(
          scene,
          product,
          product.lines.find(({ id }) => id === lineId)!,
          leafState,
        );
        const free = verdict === 'fine' || verdict === 'care';
        count(free ? 'proposed' : 'kept off');
        breaks.forEach(count);
        if (free && breaks.length > 0)
          faults.push(`${seed}: ${product.name} on ${scene.plant.name}: ${breaks.join(', ')}`);
      }
      const weighed = weighAnswer(day, picture, {
        helpersSeen: null,
        antsSeen: null,
        beesAtHoneydew: null,
        thirsty: null,
        cropIsOff: null,
        bloomSoon: null,
      });
      const host = hostById(scene.plant.hostId),
        schools = { ...garden.schools, ...scene.plant.schools };
      if (
        weighed.weighed.options.some(({ option }) => option === 'drench') &&
        (scene.plant.edible || schools.organic === 'organic-only')
      )
        faults.push(`${seed}: a drench`);
      if (weighed.weighed.options.some(({ option }) => option.startsWith('spray')) && scene.plant.heightM > 3)
        faults.push(`${seed}: beyond reach`);
      if (
        weighed.weighed.options.some(({ option }) => option === 'winter-spray') &&
        host.oil === 'avoid' &&
        scene.watch.targetId !== 'peach-leaf-curl'
      )
        faults.push(`${seed}: winter spray`);
    }
    for (const { plantId, plan } of dormantAnswer(day).plants) {
      const scene = scenes.find(({ plant }) => plant.id === plantId)!,
        host = hostById(scene.plant.hostId);
      for (const { what, state, from, to } of plan.kind === 'steps' ? plan.steps : []) {
        if (state !== 'due' && state !== 'coming') continue;
        count(`winter ${what}`);
        if (what.includes('oil') && host.oil === 'avoid') faults.push(`${seed}: winter oil on ${host.name}`);
        const days = Number(schoolFor('oil-sulfur', { ...garden.schools, ...scene.plant.schools }).id);
        const sulfured = scene.sprays.filter(({ parts }) =>
          parts.some(({ productId }) => SULFURS.has(store.product(productId)!.materialId)),
        );
        const first = from > today ? from : today;
        if (what.includes('oil') && sulfured.some(({ on }) => daysBetween(on, first) < days))
          faults.push(`${seed}: winter oil ${first}–${to} after sulfur`);
      }
    }
    for (const item of dueItems(day)) {
      const scene = scenes.find(({ watch }) => watch.id === item.watchId)!;
      if (item.kind !== 'second-pass' && item.kind !== 'cover-flush') continue;
      count(item.kind);
      const last = scene.sprays.toSorted((a, b) => (a.on < b.on ? -1 : 1)).at(-1);
      const line =
        last && store.product(last.parts[0]!.productId)!.lines.find(({ id }) => id === last.parts[0]!.lineId);
      if (
        last &&
        line?.intervalDays != null &&
        item.opens !== null &&
        daysBetween(last.on, item.opens) < line.intervalDays
      )
        faults.push(`${seed}: ${item.kind} too soon`);
    }
  }
  expect(faults).toEqual([]);
  // The gardens must have put the rules to the test, each of them.
  for (const what of [
    'proposed',
    'oil on a plant it hurts',
    'oil on leaves that bear none',
    'in bloom',
    'interval',
    'uses',
    'amount',
    'organic',
    'harvest',
    'oil and sulfur',
    'captan and oil',
    'own label apart',
    'other label apart',
    'neem too soon',
    'spinosad near neem',
    'no rotation',
    'sulfur on apricot',
    'drench',
    'winter oil',
  ]) {
    expect([what, (tally[what] ?? 0) > 5]).toEqual([what, true]);
  }
}, 240_000);
