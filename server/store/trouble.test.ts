import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { blankPlant } from '#core/records';
import { seedFallowBank } from '#demo/seed';
import { OUTDOORS } from '#demo/plants';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { createApp } from '../app.ts';
import { openDatabase } from './database.ts';
import { openStore } from './store.ts';

const MIGRATIONS = join(process.cwd(), 'server/migrations');
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'juglans-trouble-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const plantBody = () => {
  const plant = blankPlant({
    id: v7(),
    name: 'One more',
    hostId: 'apple',
    placeId: OUTDOORS,
    note: 'x'.repeat(1900),
  });
  return [
    `/api/plants/${plant.id}`,
    { method: 'PUT', body: JSON.stringify(plant), headers: { 'content-type': 'application/json' } },
  ] as const;
};

describe('when the disk says no', () => {
  test('a full disk refuses writes in plain words, half-keeps nothing, and reads go on', async () => {
    const store = openStore(join(folder, 'a.sqlite'), MIGRATIONS);
    seedFallowBank(store, [gardenStation(), sunroomLogger()]);
    const app = createApp(
      { store, clock: { today: () => '2026-05-29' }, demo: false },
      null,
      () => undefined,
    );
    const pages = store.db.pragma('page_count', { simple: true }) as number;
    store.db.pragma(`max_page_count = ${pages}`);
    let refused: Response | null = null;
    for (let i = 0; i < 200 && !refused; i++) {
      const response = await app.request(...plantBody());
      if (response.status !== 200) refused = response;
    }
    expect(refused!.status).toBe(503);
    expect(await refused!.text()).toContain('could not be written');
    expect((await app.request('/api/now')).status).toBe(200);
    expect(store.db.pragma('integrity_check', { simple: true })).toBe('ok');
    store.db.pragma(`max_page_count = ${pages + 10_000}`);
    expect((await app.request(...plantBody())).status).toBe(200);
    store.close();
  });

  test('records that may only be read are read; what would change them is refused', async () => {
    const store = openStore(join(folder, 'a.sqlite'), MIGRATIONS);
    seedFallowBank(store, [gardenStation(), sunroomLogger()]);
    const app = createApp(
      { store, clock: { today: () => '2026-05-29' }, demo: false },
      null,
      () => undefined,
    );
    store.db.pragma('query_only = ON');
    expect((await app.request(...plantBody())).status).toBe(503);
    expect((await app.request('/api/plants')).status).toBe(200);
    store.db.pragma('query_only = OFF');
    store.close();
  });

  test('another program that holds the records is waited for, then named', async () => {
    const file = join(folder, 'a.sqlite');
    const store = openStore(file, MIGRATIONS);
    seedFallowBank(store, [gardenStation(), sunroomLogger()]);
    store.db.pragma('busy_timeout = 100');
    const other = new Database(file);
    other.exec('BEGIN IMMEDIATE');
    const app = createApp(
      { store, clock: { today: () => '2026-05-29' }, demo: false },
      null,
      () => undefined,
    );
    expect((await app.request(...plantBody())).status).toBe(503);
    expect((await app.request('/api/plants')).status).toBe(200);
    other.exec('ROLLBACK');
    other.close();
    expect((await app.request(...plantBody())).status).toBe(200);
    store.close();
  });

  test('an open door is told at the start, without a stack, and so are damaged records others could reach', () => {
    const start = (env: Record<string, string>) =>
      spawnSync(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
        env: { ...process.env, NODE_OPTIONS: '', DATA: folder, PORT: '0', ...env },
        encoding: 'utf8',
        timeout: 20_000,
      });
    const file = join(folder, 'juglans.sqlite');
    writeFileSync(file, 'this was never a database, however long it is. '.repeat(200));
    const before = readFileSync(file);
    const damaged = start({ HOST: '0.0.0.0' });
    expect(damaged.status).toBe(1);
    expect(damaged.stderr).toMatch(/are damaged.*Nothing was changed.*HOST=127.0.0.1/);
    expect(damaged.stderr).not.toMatch(/\n\s+at /);
    expect(readFileSync(file).equals(before)).toBe(true);
    rmSync(file);
    const openDoor = start({ HOST: '0.0.0.0' });
    expect(openDoor.status).toBe(1);
    expect(openDoor.stderr).toContain('no passphrase is set');
  }, 180_000);
});

describe('upgrades', () => {
  const versions = readdirSync(MIGRATIONS)
    .filter((name) => /^\d{3}-/.test(name))
    .map((name) => Number(name.slice(0, 3)))
    .sort((a, b) => a - b);

  test.each(versions.slice(0, -1))(
    'records of version %i come through whole, with a copy of what they were',
    (version) => {
      const old = join(folder, 'migrations'),
        file = join(folder, 'kept.sqlite');
      mkdirSync(old);
      for (const name of readdirSync(MIGRATIONS).filter((entry) => Number(entry.slice(0, 3)) <= version))
        copyFileSync(join(MIGRATIONS, name), join(old, name));
      const before = openDatabase(file, old);
      const insert = (table: string, values: Record<string, unknown>) => {
        const columns = new Set(
          (before.pragma(`table_info(${table})`) as { name: string }[]).map(({ name }) => name),
        );
        const matching = Object.entries(values).filter(([name]) => columns.has(name));
        before
          .prepare(
            `INSERT INTO ${table} (${matching.map(([name]) => name).join(', ')}) VALUES (${matching.map(() => '?').join(', ')})`,
          )
          .run(...matching.map(([, value]) => value));
      };
      const line = {
        ...(version < 10 ? {} : { region: '', mostPerYear: null }),
        id: 'l',
        crop: 'shrubs',
        hostIds: [],
        groups: ['armored'],
        leafStates: ['in-leaf'],
        rateLow: 1,
        rateHigh: 2,
        rateUnit: 'percent',
        leastC: null,
        greatestC: null,
        intervalDays: 14,
        usesPerYear: null,
        daysToHarvest: null,
        reentryHours: null,
        rainFreeHours: null,
      };
      insert('garden', {
        only_one: 1,
        name: 'G',
        latitude_deg: 45,
        longitude_deg: 0,
        time_zone: 'UTC',
        temperature_unit: 'C',
        measure_system: 'metric',
        spoon_ids: '[]',
      });
      insert('place', {
        id: 'pl',
        name: 'Out',
        kind: 'outdoors',
        station_id: null,
        min_offset_c: 0,
        max_offset_c: 0,
      });
      insert('plant', {
        id: 'p',
        name: 'Hedge',
        host_id: 'spindle',
        place_id: 'pl',
        count: 1,
        height_m: 1,
        spread_m: 1,
        length_m: null,
        year_planted: null,
        vigour: 'fair',
        light: 'sun',
        watering: 'rain',
        edible: 0,
        age: 'mature',
        out_of_reach: 0,
        retired_on: null,
        retired_why: '',
        note: '',
      });
      insert('watch', {
        id: 'w',
        plant_id: 'p',
        opened_on: '2024-04-01',
        target_id: null,
        target_group: null,
        outcome: 'open',
        outcome_on: null,
        note: '',
      });
      insert('product', {
        id: 'o',
        name: 'Oil',
        material_id: 'mineral-oil',
        strength_percent: 98,
        contains_oil: 1,
        formulation: 'emulsifiable-oil',
        lines: JSON.stringify([line]),
      });
      insert('sprayer', { id: 's', name: 'Tank', capacity_ml: 5000, reach_m: 2, held_herbicide: 0 });
      const spray = {
        id: 'y',
        watch_id: 'w',
        sprayer_id: 's',
        on_day: '2024-05-01',
        leaf_state: 'in-leaf',
        spray_ml: 2000,
        against_label: 0,
        note: 'kept',
      };
      insert(
        'spray',
        version < 10
          ? { ...spray, product_id: 'o', line_id: 'l', rate: 1.5, product_amount: 30 }
          : {
              ...spray,
              scope: 'whole',
              parts: JSON.stringify([{ productId: 'o', lineId: 'l', rate: 1.5, productAmount: 30 }]),
            },
      );
      before.close();
      const store = openStore(file, MIGRATIONS);
      expect(store.db.pragma('integrity_check', { simple: true })).toBe('ok');
      expect(store.db.pragma('foreign_key_check')).toEqual([]);
      expect(store.garden()).toMatchObject({ name: 'G', schools: {}, country: 'other' });
      expect(store.plant('p')).toMatchObject({ name: 'Hedge', harvestFrom: null, schools: {} });
      expect(store.product('o')!.lines[0]).toMatchObject({ intervalDays: 14, region: '', mostPerYear: null });
      expect(store.sprays('w')).toMatchObject([
        {
          note: 'kept',
          scope: 'whole',
          parts: [{ productId: 'o', lineId: 'l', rate: 1.5, productAmount: 30 }],
        },
      ]);
      store.close();
      expect(existsSync(`${file}.before-${versions.at(-1)}`)).toBe(true);
      const copy = new Database(`${file}.before-${versions.at(-1)}`, { readonly: true });
      expect(copy.pragma('user_version', { simple: true })).toBe(version);
      copy.close();
    },
  );
});
