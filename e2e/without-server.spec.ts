import { expect } from '@playwright/test';
import { HEDGE, test } from './server.ts';

test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

test('without a signal a catch still says what is next: the device works it out from the records it keeps', async ({
  page,
  context,
  demo,
}) => {
  const kept = page.waitForResponse((response) => response.url().endsWith('/api/state') && response.ok());
  await page.goto(`${demo.address}/now`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await kept;
  const sprays = page.getByText('Spray West hedge, euonymus scale');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(sprays).toHaveCount(0);
  await page.goto(`${demo.address}/look/${HEDGE}/tape`);
  await context.setOffline(true);
  await page.getByLabel('Crawlers on it').fill('38');
  await page.getByLabel('Put on').fill('2026-05-23');
  await page.getByLabel('Taken off').fill('2026-05-29');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('38 crawlers: kept on this device and waiting to be sent.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Tapes this season' })).toContainText('38');
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByText('The server cannot be reached.')).toBeVisible();
  await expect(sprays).toBeVisible();

  // Opened anew, still without a signal, it says the same.
  await page.close();
  const again = await context.newPage();
  await again.goto(`${demo.address}/now`);
  await expect(again.getByText('Spray West hedge, euonymus scale')).toBeVisible();

  await context.setOffline(false);
  await expect(again.getByText(/waiting to be sent/)).toBeHidden({ timeout: 20_000 });
  await expect(again.getByText('The server cannot be reached.')).toBeHidden();
  await expect(again.getByText('Spray West hedge, euonymus scale')).toBeVisible();
  // It has shown that it can, and says so before the next round.
  await again.goto(`${demo.address}/look/round`);
  await expect(again.getByText(/^This device works without a signal: it was opened so on /)).toBeVisible();
});
