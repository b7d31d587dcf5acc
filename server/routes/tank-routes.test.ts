import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSpray,
  blankSprayer,
  type ProductRecord,
} from '#core/records';
import type { WatchAnswer } from '#engine';
import { createApp } from '../app.ts';
import { openStore, type Store } from '../store/store.ts';

/** What the server itself refuses to keep of a spray, whatever a page let through. */

const TODAY = '2026-05-20';
const PLACE = v7();
const SPRAYER = blankSprayer({ id: v7(), name: 'Pump', capacityMl: 5000, reachM: 2 });
let store: Store;
let app: ReturnType<typeof createApp>;

const product = (materialId: string, more: Partial<ProductRecord> = {}): ProductRecord => {
  const made = blankProduct({
    id: v7(),
    name: materialId,
    materialId,
    strengthPercent: 50,
    containsOil: false,
    formulation: 'flowable',
    lines: [
      blankLine({
        id: v7(),
        crop: 'trees',
        groups: ['armored', 'fungus'],
        leafStates: ['dormant', 'in-leaf'],
        rateLow: 1,
        rateHigh: 2,
        daysToHarvest: 0,
      }),
    ],
    ...more,
  });
  store.putProduct(made);
  return made;
};

let plant: ReturnType<typeof blankPlant>;
let watchId: string;

beforeEach(() => {
  store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
  app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => {
    throw error;
  });
  store.putGarden(blankGarden({ name: 'T', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
  store.putPlace({
    id: PLACE,
    name: 'Out',
    kind: 'outdoors',
    stationId: null,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  });
  store.putSprayer(SPRAYER);
  plant = blankPlant({ id: v7(), name: 'Apple', hostId: 'apple', placeId: PLACE, heightM: 2, spreadM: 2 });
  store.putPlant(plant);
  watchId = v7();
  store.putWatch({
    id: watchId,
    plantId: plant.id,
    openedOn: '2026-04-01',
    targetId: 'san-jose-scale',
    group: 'armored',
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId: null,
    firstTargetId: null,
    firstGroup: null,
    namedBy: null,
    note: '',
  });
});
afterEach(() => store.close());

async function logSpray(products: readonly ProductRecord[], more: Record<string, unknown> = {}) {
  const spray = {
    ...blankSpray({
      id: v7(),
      watchId,
      sprayerId: SPRAYER.id,
      on: TODAY,
      leafState: 'in-leaf',
      sprayMl: 2000,
      parts: products.map(({ id, lines }) => ({
        productId: id,
        lineId: lines[0]!.id,
        rate: 1.5,
        productAmount: 30,
      })),
    }),
    ...more,
  };
  const response = await app.request(`/api/sprays/${spray.id}`, {
    method: 'PUT',
    body: JSON.stringify(spray),
    headers: { 'content-type': 'application/json' },
  });
  const { errors = [] } = (await response.json()) as { errors?: { path: string[]; message: string }[] };
  return {
    status: response.status,
    kept: store.sprays(watchId).length,
    told: errors.map(({ path, message }) => `${path.join('.')}: ${message}`).join('; '),
  };
}

describe('what may never be in one tank', () => {
  test('is refused, and also when it is said to have been done against the label', async () => {
    const pair = [product('lime-sulfur'), product('phosphite')];
    for (const againstLabel of [false, true]) {
      const refused = await logSpray(pair, { againstLabel });
      expect(refused).toMatchObject({ status: 422, kept: 0 });
      expect(refused.told).toContain('deadly gas');
    }
    const third = await logSpray([product('copper'), ...pair], { againstLabel: true });
    expect(third).toMatchObject({ status: 422, kept: 0 });
  });

  test('oil and sulfur are kept apart; what was really done can be recorded as such', async () => {
    const pair = [product('mineral-oil', { containsOil: true }), product('sulfur')];
    const refused = await logSpray(pair);
    expect(refused).toMatchObject({ status: 422, kept: 0 });
    expect(refused.told).toContain('not in one tank');
    expect(await logSpray(pair, { againstLabel: true })).toMatchObject({ status: 200, kept: 1 });
  });

  test('a third product is judged with both others', async () => {
    const [oil, soap, captan] = [
      product('mineral-oil', { containsOil: true }),
      product('spinosad'),
      product('captan'),
    ];
    expect((await logSpray([soap, oil])).status).toBe(422);
    expect((await logSpray([soap, captan, oil])).told).toContain('not in one tank');
    expect((await logSpray([captan, soap, oil])).told).toContain('not in one tank');
  });
});

describe('what a label line does not allow', () => {
  test.each([
    ['a rate above it', { rate: 2.1 }, 'parts.0.rate'],
    ['a rate below it', { rate: 0.9 }, 'parts.0.rate'],
  ])('%s', async (_, part, field) => {
    const oil = product('mineral-oil', { containsOil: true });
    const parts = [{ productId: oil.id, lineId: oil.lines[0]!.id, productAmount: 30, ...part }];
    const refused = await logSpray([oil], { parts });
    expect(refused).toMatchObject({ status: 422, kept: 0 });
    expect(refused.told).toContain(field);
  });

  test('another state of the leaves, another trouble, another plant', async () => {
    const line = (more: Record<string, unknown>) => {
      const made = product('mineral-oil', { containsOil: true });
      const changed = { ...made, lines: [{ ...made.lines[0]!, ...more }] } as ProductRecord;
      store.putProduct(changed);
      return changed;
    };
    expect((await logSpray([line({ leafStates: ['dormant'] })])).status).toBe(422);
    expect((await logSpray([line({ groups: ['mite'] })])).status).toBe(422);
    expect((await logSpray([line({ hostIds: ['pear'] })])).status).toBe(422);
    expect((await logSpray([line({ hostIds: ['pear', 'apple'] })])).status).toBe(200);
  });

  test('a second finding is read too, not only the first', async () => {
    // Past its date is only a caution; the interval, found after it, is a no for today.
    const oil = product('mineral-oil', { containsOil: true, expiresOn: '2025-01-01' });
    store.putProduct({ ...oil, lines: [{ ...oil.lines[0]!, intervalDays: 14 }] });
    expect((await logSpray([oil], { on: '2026-05-10' })).status).toBe(200);
    expect(await logSpray([oil])).toMatchObject({ status: 422, kept: 1 });
  });

  test('a product, a line, a sprayer or a watch that is not there', async () => {
    const oil = product('mineral-oil', { containsOil: true });
    const part = { productId: oil.id, lineId: oil.lines[0]!.id, rate: 1.5, productAmount: 30 };
    expect((await logSpray([oil], { parts: [{ ...part, productId: v7() }] })).status).toBe(422);
    expect((await logSpray([oil], { parts: [{ ...part, lineId: v7() }] })).told).toContain('parts.0.lineId');
    expect((await logSpray([oil], { sprayerId: v7() })).told).toContain('sprayerId');
    expect((await logSpray([oil], { watchId: v7() })).told).toContain('watchId');
    expect((await logSpray([oil], { on: '2026-05-21' })).told).toContain('on');
    expect(store.sprays(watchId)).toEqual([]);
  });
});

describe('the weather of a spray without a forecast', () => {
  const told = { lowC: 8, highC: 31, rain: true, air: 'breeze' };
  const page = async () =>
    ((await (await app.request(`/api/watches/${watchId}`)).json()) as { picture: WatchAnswer }).picture;

  test('is what was told at the bench, kept with it and held against label and school', async () => {
    expect((await logSpray([product('mineral-oil')], { toldWeather: told })).status).toBe(200);
    const { sprays, sprayWeathers } = await page();
    expect(sprays[0]).toMatchObject({
      toldWeather: told,
      weather: { minC: 8, maxC: 31, rainMm: null, origin: 'told' },
    });
    expect(sprayWeathers[0]!.against.map(({ what }) => what)).toEqual(['too-hot', 'too-hot', 'rain', 'rain']);
  });

  test('is not known where nobody said, and nothing is claimed', async () => {
    expect((await logSpray([product('mineral-oil')])).status).toBe(200);
    const { sprays, sprayWeathers } = await page();
    expect([sprays[0]!.weather, sprayWeathers[0]!.knownDays]).toEqual([null, 0]);
  });

  test('the wrong way round, or out of this world, is refused where it was said', async () => {
    for (const wrong of [
      { ...told, lowC: 32 },
      { ...told, highC: 99 },
    ]) {
      const refused = await logSpray([product('mineral-oil')], { toldWeather: wrong });
      expect(refused.status).toBe(422);
      expect(refused.told).toContain('highC');
    }
  });
});
