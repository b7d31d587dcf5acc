import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { blankGarden, blankPlant, type GroundShape, type Place, type PlantSpot } from '#core/records';
import { openStore } from '#server/store/store';
import { HOSTS } from '#knowledge';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from '../scripts/chromium.mjs';
import { addressOf } from './load.ts';

const PLANTS = 500;
const COLUMNS = 25;
const SLOWDOWN = 4;
const GESTURE_MS = 3000;

const id = (kind: number, n: number) =>
  `01900000-0000-7${kind.toString(16).padStart(3, '0')}-8000-${n.toString(16).padStart(12, '0')}`;

/** The plan of 500 plants in headless Chromium, slowed down four times: until it is drawn, and frames a second. */
export async function benchGround(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-ground-'));
  fillPlan(join(data, 'juglans.sqlite'));
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const browser = await chromium.launch({ executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS });
  try {
    const address = await addressOf(child);
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    // What is sent to the page was compiled with names kept.
    await page.addInitScript('globalThis.__name = (named) => named');
    await page.goto(`${address}/setup`, { waitUntil: 'networkidle' });
    const atFull = await drawnIn(page);
    await page.goto(`${address}/setup`, { waitUntil: 'networkidle' });
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
    const slowed = await drawnIn(page);
    const bare = await framesASecond(page, 'rest');
    const panned = await framesASecond(page, 'pan');
    const zoomed = await framesASecond(page, 'zoom');
    console.log(
      `plan of ${PLANTS} plants: drawn ${atFull.toFixed(0)} ms after its answer came (${slowed.toFixed(0)} ms at ${SLOWDOWN}× slowdown); ` +
        `at ${SLOWDOWN}× slowdown ${panned.toFixed(0)} frames a second while panned, ${zoomed.toFixed(0)} while zoomed, ${bare.toFixed(0)} at rest`,
    );
  } finally {
    await browser.close();
    child.kill();
    rmSync(data, { recursive: true, force: true });
  }
}

function fillPlan(file: string): void {
  const store = openStore(file, join(process.cwd(), 'server/migrations'));
  const place: Place = {
    id: id(2, 1),
    name: 'Outdoors',
    kind: 'outdoors',
    stationId: null,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  };
  const house: GroundShape = {
    id: id(11, 1),
    kind: 'house',
    name: 'House',
    placeId: null,
    xM: 30,
    yM: -8,
    turnDeg: 0,
    lengthM: 14,
    depthM: 8,
    heightM: 7,
  };
  store.db.transaction(() => {
    store.putGarden(blankGarden({ name: 'Big', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
    store.putPlace(place);
    store.groundShapes.put(house);
    for (let n = 0; n < PLANTS; n++) fillPlant(store, n);
  })();
  store.close();
}

function fillPlant(store: ReturnType<typeof openStore>, n: number): void {
  const plantId = id(3, n);
  store.putPlant(
    blankPlant({
      id: plantId,
      name: `Plant ${n}`,
      hostId: HOSTS[n % HOSTS.length]!.id,
      placeId: id(2, 1),
      heightM: 2,
      spreadM: 1 + (n % 5) / 2,
      lengthM: n % 9 === 0 ? 6 : null,
    }),
  );
  const spot: PlantSpot = {
    id: id(12, n),
    plantId,
    placeId: id(2, 1),
    xM: (n % COLUMNS) * 2.8,
    yM: Math.floor(n / COLUMNS) * 2.8,
    turnDeg: (n * 37) % 360,
  };
  store.plantSpots.put(spot);
}

/** Milliseconds from the plan's answer being there until all its crowns are painted. */
async function drawnIn(page: Page): Promise<number> {
  await page.evaluate(() => {
    const asked = window.fetch;
    window.fetch = async (...question) => {
      const answer = await asked(...question);
      const told = answer.clone();
      if (answer.url.endsWith('/api/ground'))
        void told.arrayBuffer().then(() => {
          const from = performance.now();
          const look = () => {
            if (document.querySelectorAll('[data-kind="plant"]').length < 500)
              return void requestAnimationFrame(look);
            requestAnimationFrame(() => Object.assign(window, { drawnMs: performance.now() - from }));
          };
          look();
        });
      return answer;
    };
  });
  await page.evaluate(() => {
    history.pushState(null, '', '/garden/plan');
    window.dispatchEvent(new PopStateEvent('popstate'));
  });
  const drawn = await page.waitForFunction(() => (window as unknown as { drawnMs?: number }).drawnMs, null, {
    polling: 500,
  });
  return (await drawn.jsonValue())!;
}

/** Frames a second while a hand drags the plan about, turns the wheel over it, or lets it be. */
function framesASecond(page: Page, gesture: 'pan' | 'zoom' | 'rest'): Promise<number> {
  return page.evaluate(
    ([gesture, lasts]) =>
      new Promise<number>((done) => {
        const frame = document.querySelector('[aria-label="Plan of the garden"]')!;
        const { left, top, width, height } = frame.getBoundingClientRect();
        const at = (turn: number) => ({
          clientX: left + width / 2 + 120 * Math.cos(turn),
          clientY: top + height / 2 + 80 * Math.sin(turn),
          bubbles: true,
          pointerId: 1,
          buttons: 1,
          isPrimary: true,
        });
        if (gesture === 'pan') frame.dispatchEvent(new PointerEvent('pointerdown', at(0)));
        const from = performance.now();
        let frames = 0;
        const step = (now: number) => {
          frames++;
          const turn = (now - from) / 300;
          if (gesture === 'pan') frame.dispatchEvent(new PointerEvent('pointermove', at(turn)));
          if (gesture === 'zoom')
            frame.dispatchEvent(
              new WheelEvent('wheel', { ...at(0), deltaY: 25 * Math.sin(turn), cancelable: true }),
            );
          if (now - from < lasts) return void requestAnimationFrame(step);
          if (gesture === 'pan') frame.dispatchEvent(new PointerEvent('pointerup', at(turn)));
          done((1000 * frames) / (now - from));
        };
        requestAnimationFrame(step);
      }),
    [gesture, GESTURE_MS] as const,
  );
}
