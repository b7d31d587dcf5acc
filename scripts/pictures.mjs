// Takes the pictures of the main views in docs/screenshots from a fresh made-up garden. Needs a build and Chromium.
// `node scripts/pictures.mjs [folder] [name…]` takes only those named, into another folder if one is given.
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from './chromium.mjs';

const HEDGE = '01900000-0000-7004-8000-000000000001';
const SCAB = '01900000-0000-7004-8000-000000000004';
const PLANT = '01900000-0000-7003-8000-000000000006';
const APPLE = '01900000-0000-7003-8000-000000000001';
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/**
 * @type {{
 *   name: string, at: string, size?: { width: number, height: number },
 *   act?: (page: import('@playwright/test').Page) => Promise<void>
 * }[]}
 */
const VIEWS = [
  { name: 'now', at: '/now' },
  { name: 'now-phone', at: '/now', size: PHONE },
  // Before the round, which finds nothing on the tree.
  { name: 'infections', at: `/when/infections/${SCAB}`, act: diaryOpen },
  { name: 'garden', at: `/garden/plan?plant=${PLANT}`, act: clearedTold },
  { name: 'portrait', at: `/garden/${APPLE}` },
  { name: 'moving', at: '/garden/moving' },
  { name: 'naming', at: `/look/new?plant=${PLANT}`, act: nameSome },
  { name: 'guide', at: '/look/guide/euonymus-scale' },
  { name: 'weigh', at: `/look/${HEDGE}/weigh` },
  { name: 'watch', at: `/look/${HEDGE}` },
  { name: 'tally-phone', at: `/look/${HEDGE}/count`, size: PHONE, act: tallySome },
  { name: 'round-phone', at: '/look/round', size: PHONE, act: walkSome },
  { name: 'out-phone', at: '/out', size: PHONE },
  { name: 'when', at: `/when/${HEDGE}` },
  { name: 'plan', at: `/when/plan/${HEDGE}`, act: planTwo },
  { name: 'practise', at: '/when/practise/armored-hedge?plant=1907', act: practiseOne },
  { name: 'mix', at: `/mix?watch=${HEDGE}` },
  { name: 'seasons', at: '/seasons' },
  { name: 'path', at: `/seasons/watch/${HEDGE}`, act: pathDrawn },
];

async function clearedTold(page) {
  await page.getByText(/would hold/).waitFor();
}

async function pathDrawn(page) {
  await page.getByRole('img', { name: /live per 10 cm/ }).waitFor();
}

async function diaryOpen(page) {
  await page.getByText('What this rests on').waitFor();
}

async function nameSome(page) {
  const question = page.getByRole('region', { name: 'Look at this next' });
  for (const answer of ['White fluff or flecks', 'White', 'Not sure'])
    await question.getByRole('button', { name: answer, exact: true }).click();
  await question.getByRole('button', { name: /^Narrow white flecks/ }).click();
  await page.evaluate(() => window.scrollTo(0, 0));
}

async function tallySome(page) {
  for (const counts of [
    [4, 1, 0],
    [0, 0, 0],
    [7, 2, 1],
    [2, 0, 0],
  ]) {
    for (const [i, kind] of ['live', 'dead', 'holed'].entries())
      for (let n = 0; n < counts[i]; n++)
        await page.getByRole('button', { name: `one ${kind} more` }).click();
    await page.getByRole('button', { name: counts.some(Boolean) ? 'Next twig' : 'Nothing here' }).click();
  }
  for (let n = 0; n < 5; n++) await page.getByRole('button', { name: 'one live more' }).click();
}

async function walkSome(page) {
  await page.getByRole('button', { name: 'Start the round' }).click();
  await page.getByRole('link', { name: /^Next: / }).click();
  for (let i = 0; i < 3; i++) {
    const title = await page.getByRole('heading', { level: 1 }).textContent();
    await page.getByRole('button', { name: /^Nothing found/ }).click();
    await page.waitForFunction((before) => document.querySelector('h1')?.textContent !== before, title);
  }
  await page.getByRole('link', { name: 'the whole round' }).click();
  await page.getByText('3 of 16 stops done').waitFor();
}

/** A made-up hedge to the end: tapes every week, two looks, a spray as the catch falls and another after it. */
async function practiseOne(page) {
  const press = (name) => page.getByRole('button', { name }).click();
  await press(/^Hang/);
  for (let week = 0; week < 9; week++) {
    await press('On to the next week');
    await press(/^Read the/);
    if (week !== 5 && week !== 7) continue;
    await press('Look at ten twigs');
    await page.getByRole('radio').nth(2).check();
    await press(/^Spray on/);
  }
  await press('To the end');
  await page.evaluate(() => window.scrollTo(0, 0));
}

const [folder = 'docs/screenshots', ...wanted] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const data = mkdtempSync(join(tmpdir(), 'juglans-pictures-'));
/** Two sprays on their best days. */
async function planTwo(page) {
  await page.getByRole('button', { name: 'Find them' }).click();
  await page.getByRole('button', { name: 'best two' }).click({ timeout: 60_000 });
  await page.getByText('Trying days').waitFor({ state: 'detached', timeout: 60_000 });
  await page.getByText(/one more would take/).waitFor({ timeout: 30_000 });
}

const server = spawn(process.execPath, ['dist/server/demo.js'], {
  env: { ...process.env, DATA: data, PORT: '0', HOST: '127.0.0.1' },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const address = await new Promise((resolve, reject) => {
  server.stdout.on('data', (text) => {
    const said = /http:\S+/.exec(String(text));
    if (said) resolve(said[0]);
  });
  server.on('exit', () => reject(new Error('the demo did not start')));
});
const browser = await chromium.launch({ executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS });
try {
  for (const view of VIEWS.filter(({ name }) => wanted.length === 0 || wanted.includes(name)))
    await take(view);
} finally {
  await browser.close();
  server.kill();
  rmSync(data, { recursive: true, force: true });
}

async function take(view) {
  const context = await browser.newContext({
    viewport: view.size ?? LAPTOP,
    reducedMotion: 'reduce',
    colorScheme: process.env.DARK ? 'dark' : 'light',
  });
  context.setDefaultTimeout(8000);
  const page = await context.newPage();
  page.on('console', (message) => {
    if (message.type() === 'error') console.error(view.name, message.text());
  });
  page.on('pageerror', (error) => console.error(view.name, error.message));
  await page.goto(address + view.at, { waitUntil: 'networkidle' });
  // The page itself says when it is still coming.
  await page
    .getByText(/^(Opening|Working it out|Drawing)…$/)
    .first()
    .waitFor({ state: 'detached' });
  await view.act?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(folder, `${view.name}.png`), fullPage: Boolean(process.env.FULL) });
  await context.close();
}
