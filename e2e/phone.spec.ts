import { expect } from '@playwright/test';
import { HEDGE, test } from './server.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

// Against the screen, not the window: a phone widens its window to what it is given.
const noSideways = 'document.documentElement.scrollWidth <= screen.width';

test('Now reads on a phone, with each reason one tap away', async ({ page, demo }) => {
  await page.goto(`${demo.address}/now`);
  const first = page.getByRole('article').first();
  await expect(first).toContainText('Potted camellia');
  await expect(first).toContainText('3 days late');
  await first.getByText('Why now').tap();
  await expect(first).toContainText('What would change this');
  expect(await page.evaluate(noSideways)).toBe(true);
  await page.getByRole('button', { name: /open, 2 coming/ }).tap();
  await page
    .getByRole('region', { name: 'The season' })
    .getByRole('link', { name: /euonymus scale.*coming/ })
    .tap();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Euonymus scale');
  expect(await page.evaluate(noSideways)).toBe(true);
});

test('a tally with one thumb survives a closed page', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/${HEDGE}/count`);
  const more = (kind: string) => page.getByRole('button', { name: `one ${kind} more` });
  await more('live').tap();
  await more('live').tap();
  await more('holed').tap();
  await page.getByRole('button', { name: 'one live less' }).tap();
  await page.getByRole('button', { name: 'Next twig' }).tap();
  await page.getByRole('button', { name: 'Nothing here' }).tap();
  await more('dead').tap();
  await page.reload();
  await expect(page.getByText('Going on with a count kept on this device')).toBeVisible();
  await expect(page.getByRole('list', { name: 'live per 10 cm, by twig' }).getByRole('listitem')).toHaveText([
    '1',
    '0',
    '0',
  ]);
  await expect(page.getByRole('button', { name: 'one dead more, now 1' })).toBeVisible();
  expect(await page.evaluate(noSideways)).toBe(true);
  for (const name of ['one live more', 'one live less', 'Next twig']) {
    const box = await page.getByRole('button', { name }).boundingBox();
    expect(Math.min(box!.width, box!.height)).toBeGreaterThanOrEqual(44);
  }
  await page.getByRole('button', { name: 'Finish with 3 twigs' }).tap();
  await expect(page.getByText('3 twigs were kept.')).toBeVisible();
  expect(await page.evaluate(noSideways)).toBe(true);
  await expect(page.getByRole('region', { name: 'Counts' }).getByRole('row').nth(1)).toContainText('3');
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('region', { name: 'Counts' }).getByRole('row')).toHaveCount(4);
});
