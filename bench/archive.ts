import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readArchive } from '#server/archive/read-archive';
import { writeArchive } from '#server/archive/write-archive';
import { openStore } from '#server/store/store';
import { fillBigGarden } from './big-garden.ts';

/**
 * Archive of a garden kept for ten years: time, size, and the most memory it took beyond what was held
 * before.
 */
export async function benchArchive(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'juglans-archive-'));
  const migrations = join(process.cwd(), 'server/migrations');
  const store = openStore(join(folder, 'a.sqlite'), migrations);
  fillBigGarden(store);
  const file = join(folder, 'a.zip');
  const records = statSync(join(folder, 'a.sqlite')).size / 1e6;
  const wrote = await watched(() => writeArchive(store.db, file, '2026-07-20'));
  const read = await watched(async () =>
    (await readArchive(file, join(folder, 'work'), migrations)).discard(),
  );
  console.log(
    `archive of the same garden (${records.toFixed(0)} MB of records): written in ${wrote.ms.toFixed(0)} ms with ${wrote.mb.toFixed(0)} MB more memory, ${(statSync(file).size / 1e6).toFixed(1)} MB; read back and checked in ${read.ms.toFixed(0)} ms with ${read.mb.toFixed(0)} MB more`,
  );
  store.close();
  rmSync(folder, { recursive: true, force: true });
}

async function watched(work: () => Promise<unknown>): Promise<{ ms: number; mb: number }> {
  const before = process.memoryUsage().rss;
  let most = before;
  const looking = setInterval(() => {
    most = Math.max(most, process.memoryUsage().rss);
  }, 20);
  const from = performance.now();
  await work();
  clearInterval(looking);
  return { ms: performance.now() - from, mb: (most - before) / 1e6 };
}
