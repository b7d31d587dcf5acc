import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { HEDGE, HEDGE_PLANT, STATION, test } from './server.ts';

const SCAB = '01900000-0000-7004-8000-000000000004';

const SUNROOM = '01900000-0000-7001-8000-000000000002';
const KUMQUAT = '01900000-0000-7004-8000-000000000005';

const PAGES: Readonly<Record<string, readonly string[]>> = {
  'Now, Garden, Seasons and Setup': [
    '/now',
    '/now/hour',
    '/garden',
    '/garden/new',
    `/garden/${HEDGE_PLANT}`,
    '/seasons',
    '/seasons/book',
    '/setup',
    '/setup/network',
    '/setup/backups',
    '/nowhere',
  ],
  Mix: [
    `/mix?watch=${HEDGE}`,
    '/mix/meet?a=copper',
    '/mix/shelf',
    '/mix/shelf/new',
    '/mix/shopping',
    '/mix/recipes?recipe=biological-feed',
    `/look/${HEDGE}/spray/01900000-0000-7011-8000-00000000012c`,
  ],
  Look: [
    '/look',
    `/look/new?plant=${HEDGE_PLANT}`,
    `/look/${HEDGE}`,
    `/look/${HEDGE}/name`,
    `/look/${HEDGE}/weigh`,
    `/look/${HEDGE}/hand`,
    `/look/${HEDGE}/count`,
    `/look/${HEDGE}/tape`,
    '/look/guide',
    '/look/guide/euonymus-scale',
    '/look/guide/host/kumquat',
    '/look/guide/sign/lift',
    '/look/round',
    '/look/eye',
    `/look/${SCAB}/count`,
    `/look/${HEDGE}/count?protocol=spur`,
    `/look/${HEDGE}/count?protocol=cover`,
  ],
  When: [
    `/when/${HEDGE}`,
    `/when/${KUMQUAT}`,
    '/when/day',
    '/when/dormant',
    '/when/hours',
    '/when/calendar',
    '/when/normals',
    '/when/stations',
    `/when/stations/${STATION}/import`,
    `/when/stations/${SUNROOM}/check`,
    `/when/stations/${SUNROOM}/reading`,
    `/when/stations/${SUNROOM}/forecast`,
  ],
};

async function seriousOn(page: Page, where: string): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${where} ${id}: ${nodes
          .slice(0, 3)
          .map((node) => `${node.html.slice(0, 160)} ${node.any[0]?.message ?? ''}`)
          .join(' | ')}`,
    );
}

for (const [name, options] of [
  ['light', { colorScheme: 'light' }],
  ['dark', { colorScheme: 'dark' }],
  ['phone', { viewport: { width: 390, height: 844 } }],
] as const) {
  test.describe(name, () => {
    test.use(options);
    test.setTimeout(240_000);
    test('axe finds nothing serious on a round, a stop or its summary', async ({ page, demo }) => {
      await page.goto(`${demo.address}/look/round`);
      await page.getByRole('button', { name: 'Start the round' }).click();
      await page.getByRole('link', { name: /^Next: / }).click();
      await page.getByText('Skip it, or add a note or photo').click();
      await expect(page.getByText('Stop 1 of 16')).toBeVisible();
      expect(await seriousOn(page, 'stop')).toEqual([]);
      await page.getByRole('button', { name: /^Nothing found/ }).click();
      await page.getByRole('link', { name: 'the whole round' }).click();
      await expect(page.getByText('1 of 16 stops done')).toBeVisible();
      expect(await seriousOn(page, 'round')).toEqual([]);
      await page.getByRole('button', { name: 'Finish the round' }).click();
      await expect(page.getByText('1 looked at, 0 skipped')).toBeVisible();
      expect(await seriousOn(page, 'summary')).toEqual([]);
    });

    for (const [place, paths] of Object.entries(PAGES)) {
      test(`axe finds nothing serious in ${place}`, async ({ page, demo }) => {
        for (const path of paths) {
          await page.goto(demo.address + path, { waitUntil: 'networkidle' });
          for (const summary of await page.locator('main details > summary').all()) await summary.click();
          expect(await seriousOn(page, path)).toEqual([]);
        }
      });
    }
  });
}
