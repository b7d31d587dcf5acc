import { expect, type Page } from '@playwright/test';
import { v7 } from 'uuid';
import {
  blankGarden,
  blankLine,
  blankPlant,
  blankProduct,
  blankSprayer,
  type Garden,
  type Plant,
  type ProductRecord,
  type Watch,
} from '#core/records';
import { targetById } from '#knowledge';

/** A garden put in by its records, for journeys that begin once it is there. */
export interface Planted {
  plant(name: string, hostId: string, more?: Partial<Plant>): Promise<Plant>;
  watch(plant: Plant, targetId: string): Promise<Watch>;
  product(
    name: string,
    materialId: string,
    line: Partial<ProductRecord['lines'][number]>,
    more?: Partial<ProductRecord>,
  ): Promise<ProductRecord>;
  put(path: string, record: { readonly id: string }): Promise<void>;
  step(days: number): Promise<void>;
}

/** Sets a garden up with one place and a sprayer. */
export async function planted(
  page: Page,
  address: string,
  garden: Partial<Garden>,
  kind: 'outdoors' | 'sunroom' = 'outdoors',
): Promise<Planted> {
  const send = async (method: 'put' | 'post', path: string, data: unknown) => {
    const answered = await page.request[method](`${address}/api${path}`, { data });
    expect([path, answered.status(), answered.ok() ? '' : await answered.text()]).toEqual([
      path,
      expect.any(Number),
      '',
    ]);
  };
  const put = (path: string, record: { readonly id: string }) => send('put', `${path}/${record.id}`, record);
  await send(
    'put',
    '/garden',
    blankGarden({ name: 'Patch', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC', ...garden }),
  );
  const place = { id: v7(), name: kind, kind, stationId: null, minOffsetC: 0, maxOffsetC: 0, standInIds: [] };
  await put('/places', place);
  await put('/sprayers', blankSprayer({ id: v7(), name: 'Pump', capacityMl: 10_000, reachM: 4 }));
  const today = async () =>
    ((await (await page.request.get(`${address}/api/garden`)).json()) as { today: string }).today;
  return {
    put,
    step: (days) => send('post', '/clock/step', { days }),
    async plant(name, hostId, more = {}) {
      const record = blankPlant({ id: v7(), name, hostId, placeId: place.id, ...more });
      await put('/plants', record);
      return record;
    },
    async watch(plant, targetId) {
      const record: Watch = {
        id: v7(),
        plantId: plant.id,
        openedOn: await today(),
        targetId,
        group: targetById(targetId).group,
        outcome: 'open',
        outcomeOn: null,
        sourcePlantId: null,
        firstTargetId: null,
        firstGroup: null,
        namedBy: null,
        note: '',
      };
      await put('/watches', record);
      return record;
    },
    async product(name, materialId, line, more = {}) {
      const record = blankProduct({
        id: v7(),
        name,
        materialId,
        strengthPercent: 80,
        lines: [
          blankLine({
            id: v7(),
            crop: 'trees and shrubs',
            groups: ['armored', 'soft', 'felt', 'leaf-miner', 'fungus'],
            rateLow: 1,
            rateHigh: 2,
            ...line,
          }),
        ],
        ...more,
      });
      await put('/products', record);
      return record;
    },
  };
}
