import { expect } from '@playwright/test';
import { HEDGE, settled, test } from './server.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

// Against the screen, not the window: a phone widens its window to what it is given.
// On a laptop's browser made narrow the window is what it is told.
const windowFits = 'document.documentElement.scrollWidth <= innerWidth';
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

test('every place fits 360 px', async ({ onlooker }) => {
  await onlooker.setViewportSize({ width: 360, height: 740 });
  for (const path of [
    '/now',
    '/garden',
    '/look',
    `/look/${HEDGE}`,
    `/look/${HEDGE}/tape`,
    '/look/new',
    '/look/round',
    '/look/eye',
    `/look/${HEDGE}/count?protocol=spur`,
    '/look/01900000-0000-7004-8000-000000000004/count',
    '/look/guide',
    '/look/guide/euonymus-scale',
    `/when/${HEDGE}`,
    '/when/stations',
    '/when/day',
    '/when/dormant',
    '/when/programme',
    '/when/hours',
    '/when/calendar',
    '/when/normals',
    `/mix?watch=${HEDGE}`,
    '/mix/shelf',
    '/mix/shelf/new',
    '/mix/shopping',
    '/mix/recipes?recipe=biological-feed',
    '/start/plant',
    '/mix/meet?a=copper',
    `/look/${HEDGE}/weigh`,
    `/look/${HEDGE}/hand`,
    '/seasons/book',
    '/seasons',
    '/setup',
    '/setup/network',
    '/setup/backups',
  ]) {
    await onlooker.goto(path);
    await settled(onlooker);
    expect([path, await onlooker.evaluate(windowFits)]).toEqual([path, true]);
  }
});
