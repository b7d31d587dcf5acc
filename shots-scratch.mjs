import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from './scripts/chromium.mjs';
const { default: run } = await import(process.argv[2]);
const data = mkdtempSync(join(tmpdir(), 'juglans-shots-'));
const server = spawn(process.execPath, [`dist/server/${process.env.APP ?? 'demo'}.js`], {
  env: { ...process.env, DATA: data, PORT: '0', HOST: '127.0.0.1' }, stdio: ['ignore', 'pipe', 'inherit'] });
const address = await new Promise((resolve, reject) => {
  server.stdout.on('data', (t) => { const m = /http:\S+/.exec(String(t)); if (m) resolve(m[0]); });
  server.on('exit', () => reject(new Error('no start')));
});
const browser = await chromium.launch({ executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS });
const open = async (at, size = { width: 1280, height: 800 }) => {
  const context = await browser.newContext({ viewport: size, reducedMotion: 'reduce' });
  context.setDefaultTimeout(15000);
  const page = await context.newPage();
  page.on('console', (m) => m.type() === 'error' && console.error(m.text()));
  page.on('pageerror', (e) => console.error('ERR', e.message));
  await page.goto(address + at, { waitUntil: 'networkidle' });
  return page;
};
try { await run({ open, address }); } finally { await browser.close(); server.kill(); rmSync(data, { recursive: true, force: true }); }
