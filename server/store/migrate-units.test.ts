import { expect, test } from '@jest/globals';
import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './database.ts';
import { openStore } from './store.ts';

const MIGRATIONS = join(process.cwd(), 'server/migrations');

test('twigs counted before there were other protocols come through, unit by unit', () => {
  const folder = mkdtempSync(join(tmpdir(), 'juglans-old-'));
  try {
    const old = join(folder, 'migrations'),
      file = join(folder, 'kept.sqlite');
    mkdirSync(old);
    for (const name of readdirSync(MIGRATIONS).filter((entry) => entry < '004'))
      copyFileSync(join(MIGRATIONS, name), join(old, name));
    const before = openDatabase(file, old);
    before.exec(`INSERT INTO place VALUES ('pl', 'Out', 'outdoors', NULL, 0, 0);
      INSERT INTO plant VALUES ('p', 'Hedge', 'spindle', 'pl', 1, 1, 1, NULL, NULL, 'fair', 'sun', 'rain', 0, 'mature', 0, NULL, '', '');
      INSERT INTO watch VALUES ('w', 'p', '2024-04-01', NULL, NULL, 'open', NULL, '', NULL);
      INSERT INTO sample VALUES ('s', 'w', '2024-04-20', 'twig', 'by hand');
      INSERT INTO sample_twig VALUES ('s', 0, 3, 1, 0), ('s', 1, 0, 0, 2);`);
    before.close();
    const store = openStore(file, MIGRATIONS);
    expect(store.samples('w')).toEqual([
      {
        id: 's',
        watchId: 'w',
        on: '2024-04-20',
        protocol: 'twig',
        note: 'by hand',
        roundId: null,
        sprayId: null,
        units: [{ counts: { live: 3, dead: 1, holed: 0 } }, { counts: { live: 0, dead: 0, holed: 2 } }],
      },
    ]);
    store.close();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
