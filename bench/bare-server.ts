import { join } from 'node:path';
import { serve } from '@hono/node-server';
import Database from 'better-sqlite3';
import { Hono } from 'hono';

/** The least a server with these packages does: one row in, the last fifty out. */
const db = new Database(join(process.env.DATA!, 'bare.sqlite'));
db.pragma('journal_mode = WAL');
db.pragma('synchronous = FULL');
db.exec('CREATE TABLE IF NOT EXISTS note (id TEXT PRIMARY KEY, note TEXT NOT NULL) STRICT');
const put = db.prepare('INSERT INTO note VALUES (@id, @note)'),
  last = db.prepare('SELECT * FROM note ORDER BY id DESC LIMIT 50');
const app = new Hono()
  .get('/notes', (c) => c.json({ notes: last.all() }))
  .put('/notes', async (c) => {
    put.run(await c.req.json());
    return c.json({ kept: true });
  });
serve({ fetch: app.fetch, hostname: '127.0.0.1', port: 0 }, ({ port }) =>
  console.log(`http://127.0.0.1:${port}`),
);
