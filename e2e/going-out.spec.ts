import { expect, test, type Page } from '@playwright/test';
import { sayAllClear } from './all-clear.ts';
import { cameraFile } from './camera-file.ts';
import { type HomeAndGarden, homeAndGarden, PASSPHRASE, type Phone } from './home-and-garden.ts';
import { HEDGE, HEDGE_PLANT, settled } from './server.ts';

/**
 * A phone that trusts the house as its owner would make it, beyond the reach of its network: everything opens, all
 * that is entered goes home once.
 */

test.setTimeout(300_000);

let world: HomeAndGarden;
test.beforeEach(async () => {
  world = await homeAndGarden();
});
test.afterEach(() => world.close());

async function comeIn(phone: Phone): Promise<Page> {
  const page = await firstPage(phone);
  await page.goto(`${world.address}/now`);
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' }).last()).toBeVisible();
  return page;
}

async function firstPage(phone: Phone): Promise<Page> {
  const context = await phone.open();
  return context.pages()[0] ?? (await context.newPage());
}

async function pack(page: Page): Promise<void> {
  await page.goto(`${world.address}/out`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.getByRole('button', { name: 'Going out now' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The garden is packed on this device');
  await expect(page.getByRole('button', { name: 'Going out now' })).toBeEnabled();
}

interface Kept {
  readonly rounds: { readonly stops: number }[];
  readonly stops: { readonly on: string; readonly plantId: string; readonly watchId: string | null }[];
  readonly samples: {
    readonly watchId: string;
    readonly roundId: string | null;
    readonly units: unknown[];
  }[];
  readonly watches: { readonly openedOn: string; readonly plantId: string; readonly note: string }[];
  readonly photos: { readonly watchId: string; readonly widthPx: number }[];
  readonly sprays: { readonly id: string; readonly on: string; readonly watchId: string | null }[];
}

/** What the house has of everything. */
function keptAtHome(): Kept {
  const { state, beside } = world.askAtHome('GET', '/state') as {
    state: Omit<Kept, 'rounds' | 'stops' | 'photos'>;
    beside: { stops: Kept['stops']; photos: Kept['photos'] };
  };
  const { rounds } = world.askAtHome('GET', '/rounds') as Pick<Kept, 'rounds'>;
  return { ...state, ...beside, rounds };
}

async function nothingFound(page: Page, times: number): Promise<void> {
  const nothing = page.getByRole('button', { name: /^Nothing found/ });
  for (let i = 0; i < times; i++) {
    const heading = page.getByRole('heading', { level: 1 });
    // Else the heading is that of the page before.
    await expect(nothing).toBeEnabled();
    const title = await heading.textContent();
    await nothing.click();
    await expect(heading).not.toHaveText(title!);
  }
}

const PLACES = [
  '/now',
  '/now/day',
  '/now/hour',
  '/garden',
  '/garden/plan',
  '/garden/moving',
  `/garden/${HEDGE_PLANT}`,
  '/look',
  '/look/new',
  '/look/guide',
  '/look/guide/season',
  '/look/guide/pocket',
  '/look/eye',
  '/look/round',
  ...['', '/name', '/count', '/tape', '/hand', '/weigh'].map((part) => `/look/${HEDGE}${part}`),
  '/when',
  `/when/${HEDGE}`,
  '/when/hours',
  '/when/plan',
  '/when/infections',
  '/when/practise',
  '/when/practise/leaf-curl?plant=1907',
  '/when/dormant',
  '/when/programme',
  '/when/day',
  '/when/normals',
  '/when/stations',
  '/when/calendar',
  '/mix',
  `/mix?watch=${HEDGE}`,
  '/mix/shelf',
  '/mix/shopping',
  '/mix/recipes',
  '/mix/meet',
  '/seasons',
  `/seasons/watch/${HEDGE}`,
  `/seasons/watch/${HEDGE}/why`,
  '/seasons/review',
  '/seasons/exports',
  '/seasons/book',
  `/look/${HEDGE}/handover`,
  `/look/${HEDGE}/before`,
  `/look/${HEDGE}/after`,
  '/setup',
  '/out',
];

async function everyPlaceOpens(page: Page): Promise<void> {
  for (const place of PLACES) {
    await page.goto(`${world.address}${place}`);
    await settled(page);
    expect([place, await page.getByText('Nothing was lost: what you entered').count()]).toEqual([place, 0]);
    expect([place, await page.getByText('There is nothing at this address').count()]).toEqual([place, 0]);
  }
}

async function photographed(page: Page, times: number): Promise<void> {
  await page.goto(`${world.address}/look/${HEDGE}`);
  const strip = page.getByRole('region', { name: 'Photos' });
  for (let i = 1; i <= times; i++) {
    const buffer = await cameraFile(page, `2026:05:2${i} 10:00:00`);
    await strip
      .locator('input[type=file]')
      .setInputFiles({ name: `${i}.jpg`, mimeType: 'image/jpeg', buffer });
    await expect(strip.getByRole('listitem')).toHaveCount(i);
  }
}

async function sprayed(page: Page): Promise<void> {
  await page.goto(`${world.address}/mix?watch=${HEDGE}`);
  await sayAllClear(page);
  await page.getByRole('button', { name: 'Log the spray' }).click();
  await expect(
    page.getByText(/The spray of 29 May is logged on this device, and waits to be sent/),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Sprays' })).toContainText('29 May: Horticultural oil');
}

/** Ten stops, on the way a new watch. */
async function walked(page: Page): Promise<void> {
  await page.goto(`${world.address}/look/round`);
  await page.getByRole('button', { name: 'Start the round' }).click();
  await page.getByRole('link', { name: /^Next: / }).click();
  await nothingFound(page, 4);
  await page.goto(`${world.address}/look/new?plant=${HEDGE_PLANT}`);
  await noted(page);
  await page.goto(`${world.address}/look/round`);
  await page.getByRole('link', { name: /^Next: / }).click();
  await nothingFound(page, 6);
  await page.goto(`${world.address}/look/round`);
  await expect(page.getByText(/^10 of \d+ stops done$/)).toBeVisible();
}

/** A trouble that is not known yet. */
async function noted(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Open a watch, name it later' }).click();
  await expect(page).toHaveURL(/\/look\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('West hedge');
}

test('a round with a new watch, photos and a spray, with the house dark and the browser opened anew', async () => {
  const phone = world.newPhone();
  const before = await comeIn(phone);
  await pack(before);
  const was = keptAtHome();
  world.signal(false);
  await world.killProgram();
  await before.context().close();

  const page = await firstPage(phone);
  await everyPlaceOpens(page);
  await walked(page);
  await photographed(page, 3);
  await sprayed(page);
  await page.context().close();
  const again = await firstPage(phone);
  await again.goto(`${world.address}/look/round`);
  await expect(again.getByText(/^10 of \d+ stops done$/)).toBeVisible();

  await world.startProgram();
  world.signal(true);
  await allHome(again, was);
  const { network } = world.askAtHome('GET', '/network') as { network: { devices: { offlineOn: string }[] } };
  expect(network.devices.map(({ offlineOn }) => offlineOn)).toContainEqual(expect.stringMatching(/^20\d\d-/));
  await again.goto(`${world.address}/out`);
  await expect(again.getByText(/^This device works without a signal: it was opened so on /)).toBeVisible();
});

/** All that was entered on the walk is at home once, on the garden's day. */
async function allHome(page: Page, was: Kept): Promise<void> {
  await expect(page.getByText(/waiting to be sent/)).toBeHidden({ timeout: 60_000 });
  await expect
    .poll(() => added(was), { timeout: 60_000 })
    .toEqual({
      stops: 10,
      rounds: 1,
      watches: 1,
      photos: 3,
      sprays: 1,
      days: ['2026-05-29'],
    });
}

/** What is at home now that was not before. */
function added(was: Kept) {
  const now = keptAtHome();
  const stops = now.stops.slice(was.stops.length);
  const watches = now.watches.slice(was.watches.length);
  const sprays = now.sprays.filter(({ id }) => !was.sprays.some((spray) => spray.id === id));
  return {
    stops: stops.length,
    rounds: now.rounds.length - was.rounds.length,
    watches: watches.length,
    photos: now.photos.filter(({ watchId, widthPx }) => watchId === HEDGE && widthPx === 1600).length,
    sprays: sprays.length,
    days: [...new Set([...stops, ...sprays].map(({ on }) => on).concat(watches.map((one) => one.openedOn)))],
  };
}

test('the house goes dark again and again while it receives: all of it arrives once', async () => {
  const phone = world.newPhone();
  const page = await comeIn(phone);
  await pack(page);
  const was = keptAtHome();
  world.signal(false);
  await walked(page);
  await photographed(page, 3);
  await sprayed(page);
  for (const afterMs of [150, 400, 900]) {
    world.signal(true);
    await new Promise((go) => setTimeout(go, afterMs));
    await world.killProgram();
    world.signal(false);
    await world.startProgram();
  }
  world.signal(true);
  await allHome(page, was);
});

test('two phones on one round see what the other did, and a stop both counted is asked about', async () => {
  const [one, other] = [await comeIn(world.newPhone()), await comeIn(world.newPhone())];
  await one.goto(`${world.address}/look/round`);
  await one.getByRole('button', { name: 'Start the round' }).click();
  await expect(one.getByText(/^0 of \d+ stops done$/)).toBeVisible();
  await pack(one);
  await pack(other);
  await other.goto(`${world.address}/look/round`);
  await other.getByRole('button', { name: 'Join the one begun today' }).click();
  world.signal(false);
  for (const phone of [one, other]) {
    await phone.goto(`${world.address}/look/round/stop?plant=${HEDGE_PLANT}&watch=${HEDGE}`);
    await nothingFound(phone, 1);
  }
  await nothingFound(one, 2);
  await one.goto(`${world.address}/look/round`);
  await expect(one.getByText(/^3 of \d+ stops done$/)).toBeVisible();
  world.signal(true);
  for (const phone of [one, other]) {
    await phone.goto(`${world.address}/look/round`);
    await expect(phone.getByText(/waiting to be sent/)).toBeHidden({ timeout: 60_000 });
    await expect(phone.getByText(/^3 of \d+ stops done$/)).toBeVisible({ timeout: 60_000 });
  }
  const twice = other.getByRole('region', { name: 'Counted twice' });
  await expect(twice).toContainText('West hedge, euonymus scale');
  const onHedge = () =>
    keptAtHome().samples.filter(({ roundId, watchId }) => roundId !== null && watchId === HEDGE);
  const before = onHedge().length;
  await twice.getByRole('button', { name: 'One look, shared: put them together' }).click();
  await expect(twice).toBeHidden();
  const left = onHedge();
  expect([left.length, left.at(-1)!.units.length]).toEqual([before - 1, 20]);
});
