import { expect, type Page } from '@playwright/test';
import { HEDGE, settled, test } from './server.ts';

/** Each way of counting, from the first unit to the count that is kept, with nothing but keys. */

const SCAB = '01900000-0000-7004-8000-000000000004';

/** Tabs to a button and presses it. */
async function press(page: Page, name: RegExp, key: 'Enter' | 'Space' = 'Enter'): Promise<void> {
  const button = page.getByRole('button', { name });
  for (let tabs = 0; tabs < 60; tabs++) {
    if (await button.evaluate((it) => it === document.activeElement).catch(() => false)) {
      await page.keyboard.press(key);
      return;
    }
    await page.keyboard.press('Tab');
  }
  throw new Error(`no way by keys to ${String(name)}`);
}

async function opened(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await settled(page);
}

const unitsIn = (page: Page) => page.getByText(/^(Twig|Leaf|Spur|Spot|Place) \d+ of \d+|^All \d+/);

test('tallies, marks, ticks and areas are each counted and finished by keys alone; switched off, the keys sleep', async ({
  page,
  demo,
}) => {
  const at = (path: string) => `${demo.address}${path}`;

  await opened(page, at(`/look/${HEDGE}/count`));
  for (const key of ['Space', 'd', 'Enter', 'Space', 'Space', 'Enter']) await page.keyboard.press(key);
  await expect(unitsIn(page)).toContainText('Twig 3 of 10');
  await page.keyboard.press('Backspace');
  await expect(unitsIn(page)).toContainText('Twig 2 of 10');
  await page.keyboard.press('Enter');
  await press(page, /^Finish with 2 twigs/, 'Space');
  await expect(page.getByText('2 twigs were kept.')).toBeVisible();

  // What has focus acts: Space on "less" takes away, and adds nothing.
  await opened(page, at(`/look/${HEDGE}/count`));
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'one live more, now 1' })).toBeVisible();
  await press(page, /^one live less/, 'Space');
  await expect(page.getByRole('button', { name: 'one live more, now 0' })).toBeVisible();

  await opened(page, at(`/look/${HEDGE}/count?protocol=cover`));
  await page.keyboard.press('Space');
  await page.keyboard.press('n');
  await expect(unitsIn(page)).toContainText(/ 3 of \d+/);

  await opened(page, at(`/look/${HEDGE}/count?protocol=spur`));
  for (const key of ['Space', 'Enter', 'Enter']) await page.keyboard.press(key);
  await press(page, /^Finish with 2 spurs/);
  await expect(page.getByText('2 spurs were kept.')).toBeVisible();

  await opened(page, at(`/look/${SCAB}/count`));
  await press(page, /^5 %$/);
  await press(page, /^clean$/);
  await press(page, /^Finish with 2 leaves/);
  await expect(page.getByText('2 leaves were kept.')).toBeVisible();

  await opened(page, at('/setup'));
  await page.getByRole('checkbox', { name: /Single-key shortcuts/ }).uncheck();
  await opened(page, at(`/look/${HEDGE}/count`));
  for (const key of ['Space', 'd', 'Enter']) await page.keyboard.press(key);
  await expect(unitsIn(page)).toContainText('Twig 1 of 10');
  await expect(page.getByRole('button', { name: 'one dead more, now 0' })).toBeVisible();
  await press(page, /^one dead more/, 'Space');
  await expect(page.getByRole('button', { name: 'one dead more, now 1' })).toBeVisible();
});

test('where it is set so, a finger has to stay on what finishes a count, and a tap ends nothing', async ({
  page,
  demo,
}) => {
  await opened(page, `${demo.address}/out`);
  await page.getByRole('checkbox', { name: /Finish a count or a round by holding/ }).check();
  await opened(page, `${demo.address}/look/${HEDGE}/count`);
  for (let twig = 0; twig < 2; twig++) await page.getByRole('button', { name: 'Nothing here' }).click();
  const finish = page.getByRole('button', { name: /^Finish with 2 twigs/ });
  await finish.click();
  await expect(finish).toContainText('keep your finger on it a little longer');
  await expect(unitsIn(page)).toContainText('Twig 3 of 10');
  await finish.hover();
  await page.mouse.down();
  await expect(page.getByText('2 twigs were kept.')).toBeVisible();
  await page.mouse.up();
});
