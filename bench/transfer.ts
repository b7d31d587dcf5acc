import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addressOf } from './load.ts';

const ANSWERS = ['/api/door', '/api/garden', '/api/band', '/api/now', '/api/watches', '/api/plants'];

/** What the first page and its answers weigh: as they are, compressed, and when they are known already. */
export async function benchTransfer(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-transfer-'));
  const child = spawn(process.execPath, ['dist/server/demo.js'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await addressOf(child);
  const html = readFileSync('dist/web/index.html', 'utf8');
  const files = ['/', ...[...html.matchAll(/(?:src|href)="(\/assets\/[^"]+)"/g)].map((match) => match[1]!)];
  for (const [what, paths] of [
    ['page and what it names', files],
    ['answers', ANSWERS],
  ] as const) {
    let plain = 0,
      packed = 0,
      secondTime = 0;
    for (const path of paths) {
      plain += (await fetched(address + path, {})).bytes;
      const { bytes, etag, cached } = await fetched(address + path, { 'accept-encoding': 'gzip' });
      packed += bytes;
      // A file kept for a year is not asked for again.
      if (!cached)
        secondTime += (
          await fetched(address + path, {
            'accept-encoding': 'gzip',
            ...(etag ? { 'if-none-match': etag } : {}),
          })
        ).bytes;
    }
    console.log(
      `${what}: ${(plain / 1000).toFixed(0)} kB as they are, ${(packed / 1000).toFixed(0)} kB compressed, ${(secondTime / 1000).toFixed(1)} kB the second time`,
    );
  }
  child.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
}

function fetched(url: string, headers: Record<string, string>) {
  return new Promise<{ bytes: number; etag: string | undefined; cached: boolean }>((resolve, reject) => {
    get(url, { headers }, (answer) => {
      let bytes = 0;
      answer.on('data', (part: Buffer) => {
        bytes += part.length;
      });
      answer.on('end', () =>
        resolve({
          bytes,
          etag: answer.headers.etag,
          cached: (answer.headers['cache-control'] ?? '').includes('immutable'),
        }),
      );
    }).on('error', reject);
  });
}
