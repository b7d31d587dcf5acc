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
