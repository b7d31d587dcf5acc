import { afterEach, expect, test } from '@jest/globals';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankPlant, blankSpray } from '#core/records';
import { seedFallowBank } from '#demo/seed';
import { gardenStation, sunroomLogger } from '#demo/stations';
import { startedProgram } from './started-program.ts';
import { openStore } from './store/store.ts';

const ROOT = process.cwd();
let child: ChildProcess | undefined;
const data = mkdtempSync(join(tmpdir(), 'juglans-killed-'));
afterEach(() => {
  child?.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

/** Starts the real server on the records in `data` and tells its address. */
async function start(): Promise<string> {
  const started = await startedProgram(data);
  child = started.child;
  return started.address.origin;
}

/** Killed this many times; `RUNS=200` for the long run that docs/measured.md tells of. */
const RUNS = Number(process.env.RUNS ?? 8);

test(
  'killed at any moment amid mixed writes, it loses none that was acknowledged, and opens again sound',
  async () => {
    const store = openStore(join(data, 'juglans.sqlite'), join(ROOT, 'server/migrations'));
    seedFallowBank(store, [gardenStation(), sunroomLogger()]);
    const [plant] = store.plants(),
      [watch] = store.watches(),
      [product] = store.products(),
      sprayer = store.sprayers()[0]!;
    store.close();
    /** What was acknowledged: the record as it must be found, or null for one taken out. */
    const acknowledged = new Map<string, { table: string; note: string | null }>();
    let asked = 0,
      killed = 0;
    for (let run = 0; run < RUNS; run++) {
      const address = await start();
      const ended = once(child!, 'exit');
      let dead = false;
      let answers = 0;
      const send = async (method: string, path: string, body?: unknown) => {
        asked++;
        const response = await fetch(`${address}/api${path}`, {
          method,
          ...(body ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
        }).catch(() => null);
        if (response?.ok) answers++;
        return response?.ok ?? false;
      };
      const writer = async (n: number): Promise<void> => {
        for (let i = 0; !dead; i++) {
          const id = v7(),
            note = `${run}.${n}.${i}`;
          const kinds = [
            ['handwork', { id, watchId: watch!.id, on: '2026-05-01', kind: 'wipe', minutes: 5, note }],
            ['plants', blankPlant({ id, name: 'Killed', hostId: 'apple', placeId: plant!.placeId, note })],
            [
              'samples',
              {
                id,
                watchId: watch!.id,
                on: '2026-05-02',
                protocol: 'twig',
                units: [
                  { counts: { live: 1, dead: 0, holed: 0 } },
                  { counts: { live: 0, dead: 2, holed: 1 } },
                ],
                roundId: null,
                sprayId: null,
                note,
              },
            ],
            [
              'sprays',
              blankSpray({
                id,
                watchId: watch!.id,
                parts: [
                  { productId: product!.id, lineId: product!.lines[0]!.id, rate: 1.5, productAmount: 10 },
                ],
                sprayerId: sprayer.id,
                on: '2026-05-03',
                leafState: 'in-leaf',
                sprayMl: 1000,
                againstLabel: true,
                note,
              }),
            ],
          ] as const;
          const [table, record] = kinds[(n + i) % kinds.length]!;
          if (!(await send('PUT', `/${table}/${id}`, record))) return;
          acknowledged.set(id, { table, note });
          // Now and then one is changed, or taken out again.
          if (i % 5 === 3) {
            acknowledged.delete(id);
            if (await send('PUT', `/${table}/${id}`, { ...record, note: `${note} changed` }))
              acknowledged.set(id, { table, note: `${note} changed` });
          } else if (i % 7 === 5 && table === 'handwork') {
            acknowledged.delete(id);
            if (await send('DELETE', `/${table}/${id}`)) acknowledged.set(id, { table, note: null });
          }
        }
      };
      const writers = [0, 1, 2, 3].map(writer);
      // A different moment each time, from before the first answer to well into the writing.
      const [killedAfter, laterMs] = [(run * 5) % 17, (run * 7) % 10];
      while (answers < killedAfter) await new Promise((resolve) => setTimeout(resolve, 1));
      await new Promise((resolve) => setTimeout(resolve, laterMs));
      child!.kill('SIGKILL');
      killed++;
      await ended;
      dead = true;
      await Promise.all(writers);
      const after = openStore(join(data, 'juglans.sqlite'), join(ROOT, 'server/migrations'));
      const tables: Record<string, string> = {
        handwork: 'handwork',
        plants: 'plant',
        samples: 'sample',
        sprays: 'spray',
      };
      for (const [id, { table, note }] of acknowledged) {
        const row = after.db.prepare(`SELECT note FROM ${tables[table]} WHERE id = ?`).get(id) as
          { note: string } | undefined;
        expect([id, row?.note ?? null]).toEqual([id, note]);
      }
      expect(after.db.pragma('integrity_check', { simple: true })).toBe('ok');
      expect(after.db.pragma('foreign_key_check')).toEqual([]);
      after.close();
    }
    expect(killed).toBe(RUNS);
    expect(acknowledged.size).toBeGreaterThan(RUNS * 3);
    expect(asked).toBeGreaterThan(acknowledged.size);
    if (RUNS > 50)
      console.log(`${RUNS} kills, ${asked} requests, ${acknowledged.size} acknowledged records found again`);
  },
  60_000 + RUNS * 5000,
);
