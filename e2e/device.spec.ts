import { expect } from '@playwright/test';
import { HEDGE, test } from './server.ts';
import { planted } from './planted.ts';

test("a device whose clock is days off is told so before it goes out; one that agrees isn't", async ({
  page,
  empty,
}) => {
  await planted(page, empty.address, {});
  const wrong = page.getByRole('alert').filter({ hasText: 'This device’s clock says' });
  await page.clock.setFixedTime(Date.now() + 2 * 24 * 3600_000);
  await page.goto(`${empty.address}/now`);
  await expect(wrong).toContainText('is dated by this device');
  await page.clock.setFixedTime(Date.now());
  await page.goto(`${empty.address}/now`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(wrong).toHaveCount(0);
});

test('in bright sun ink is black, and stays so; the screen stays lit while counting, and no longer', async ({
  page,
  demo,
}) => {
  await page.addInitScript(() => {
    const lit = { now: 0 };
    Object.assign(window, { lit });
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: () => {
          lit.now++;
          return Promise.resolve({ release: () => Promise.resolve(void lit.now--) });
        },
      },
    });
  });
  const lit = () => page.evaluate(() => (window as unknown as { lit: { now: number } }).lit.now);
  const ink = () => page.evaluate(() => getComputedStyle(document.body).color);
  await page.goto(`${demo.address}/setup`);
  await page.getByText('bright sun', { exact: true }).click();
  await expect.poll(ink).toMatch(/^(rgb\(0, 0, 0\)|oklch\(0 0 0\)|color\(srgb 0 0 0\))$/);
  await page.goto(`${demo.address}/look/${HEDGE}/count`);
  await expect(page.getByText(/Twig 1 of 10/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.dataset.theme)).toBe('noon');
  await expect.poll(lit).toBe(1);
  await page.getByRole('banner').getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('open');
  await expect.poll(lit).toBe(0);
});

test('what two devices wrote of the same is both kept, and settled by a choice', async ({ page, empty }) => {
  const patch = await planted(page, empty.address, {});
  const apple = await patch.plant('Old apple', 'apple');
  for (const [device, name] of [
    ['phone', 'Apple by the gate'],
    ['tablet', 'Apple by the well'],
  ] as const) {
    const entry = {
      number: 1,
      method: 'PUT',
      path: `/plants/${apple.id}`,
      record: { ...apple, name },
      from: apple,
    };
    const told = await page.request.post(`${empty.address}/api/journal`, {
      data: { device, entries: [entry] },
    });
    expect(told.ok()).toBe(true);
  }
  await page.goto(`${empty.address}/garden`);
  await page.getByText('Two devices changed the same: 1 choice to make.').click();
  const strip = page.getByRole('listitem').filter({ hasText: 'was entered' });
  await expect(strip).toContainText('Apple by the gate stands, Apple by the well was entered');
  await strip.getByRole('button', { name: 'Take the other' }).click();
  await expect(page.getByRole('main')).toContainText('Apple by the well');
  await expect(page.getByText('Two devices changed the same')).toBeHidden();
});

test.describe('beyond the signal', () => {
  test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

  test('a phone a day ahead asks which day it is, writes the day at home until it is told, and is mended after', async ({
    page,
    context,
    empty,
  }) => {
    const patch = await planted(page, empty.address, { timeZone: 'UTC' });
    const apple = await patch.plant('Old apple', 'apple');
    const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);
    const real = Date.now();
    const [home, ahead] = [dayOf(real), dayOf(real + 24 * 3600_000)];
    await page.clock.setFixedTime(real + 24 * 3600_000);
    await page.goto(`${empty.address}/out`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.getByRole('button', { name: 'Going out now' }).click();
    await expect(page.getByText('24 hours ahead of the one at home.')).toBeVisible();
    await context.setOffline(true);

    await page.goto(`${empty.address}/garden/${apple.id}`);
    const asked = page.getByRole('alert').filter({ hasText: 'show different days' });
    await expect(asked).toBeVisible();
    const written = async (note: string) => {
      await page.getByText('Log a stage or some care').click();
      await page.getByLabel('What', { exact: true }).selectOption('care/watering');
      await page.getByLabel('Remark').fill(note);
      await page.getByRole('button', { name: 'Log it' }).click();
      await expect(page.getByText('Logged.').last()).toBeVisible();
      await expect(page.getByText(/waiting to be sent/)).toBeVisible();
    };
    await written('before it was answered');
    await asked.getByRole('button').last().click();
    await expect(asked).toBeHidden();
    await page.reload();
    await written('by the device');

    await context.setOffline(false);
    const waiting = page.getByRole('status').filter({ hasText: '1 entry waiting to be sent' });
    await expect(waiting).toContainText('1 needs a look', { timeout: 30_000 });
    const state = async () =>
      (
        (await (await page.request.get(`${empty.address}/api/state`)).json()) as {
          state: { care: { on: string; note: string }[] };
        }
      ).state.care
        .map(({ on, note }) => [on, note])
        .sort(([, a], [, b]) => (a! < b! ? -1 : 1));
    expect(await state()).toEqual([[home, 'before it was answered']]);
    // What lies ahead of the house's day is not lost: it says why, and is mended where it waits.
    await waiting.click();
    await page.getByRole('button', { name: 'Mend it' }).click();
    await page.getByLabel(/lies ahead of the garden's day/).fill(home);
    await page.getByRole('button', { name: 'Send it mended' }).click();
    await expect(page.getByText(/waiting to be sent/)).toBeHidden();
    expect(await state()).toEqual([
      [home, 'before it was answered'],
      [home, 'by the device'],
    ]);
    expect(ahead > home).toBe(true);
  });
});
