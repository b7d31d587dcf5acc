import { expect, type Page } from '@playwright/test';
import { planted } from './planted.ts';
import { test } from './server.ts';

const title = (page: Page) => page.getByRole('heading', { level: 1 });
const week = (page: Page) => page.getByRole('region', { name: 'This week' });
const met = (page: Page) => page.getByRole('region', { name: 'Met so far' });
const press = (page: Page, name: string | RegExp) => week(page).getByRole('button', { name }).click();

test('lesson one to the end: tapes hung and read, a spray on a fit day, and the truth laid over what was seen', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/practise`);
  await page.getByLabel('Where').selectOption({ label: 'Where its lesson is set' });
  await page.getByLabel('Plant’s number').fill('1907');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(title(page)).toHaveText(/^Armored scale on a hedge: \d+ May to \d+ May$/);

  await test.step('hang, look, and wait until the catch has fallen', async () => {
    await press(page, 'Hang three tapes');
    await press(page, 'Look at ten twigs');
    await expect(met(page)).toContainText('mothers alive, no young yet');
    await expect(week(page).getByRole('button', { name: 'Read the tapes' })).toBeDisabled();
    for (let weeks = 0; weeks < 8; weeks++) {
      await press(page, 'On to the next week');
      await press(page, 'Read the tapes');
    }
    await expect(
      met(page)
        .getByText(/^Three tapes: \d+, \d+, \d+/)
        .first(),
    ).toBeVisible();
  });

  await test.step('a day is chosen by the forecast, and may be taken back', async () => {
    const fit = week(page).getByRole('radio').first();
    await fit.check();
    await press(page, /^Spray on/);
    await expect(week(page)).toContainText(/Planned: mineral horticultural oil, \d+ /);
    await press(page, 'Take it back');
    await expect(week(page).getByText(/^Planned/)).toBeHidden();
    await fit.check();
    await press(page, /^Spray on/);
    await expect(week(page).getByText('too soon').first()).toBeVisible();
  });

  await test.step('what was done is kept on the device while one is away', async () => {
    const before = await title(page).textContent();
    await page.goto(`${demo.address}/when/practise`);
    await expect(page.getByText('begun, plant 1907')).toBeVisible();
    await page.getByRole('link', { name: 'Armored scale on a hedge' }).click();
    await expect(title(page)).toHaveText(before!);
    await expect(week(page)).toContainText('Planned: mineral horticultural oil');
  });

  await test.step('to the end: what was left beside nothing, the calendar and the best, and one sentence', async () => {
    await press(page, 'To the end');
    await expect(title(page)).toHaveText(/^You left \d+ of 100; one treatment could have left \d+$/);
    const [mine, best] = /(\d+) of 100.* left (\d+)/
      .exec((await title(page).textContent())!)!
      .slice(1)
      .map(Number);
    expect(best).toBeLessThanOrEqual(mine!);
    const result = page.getByRole('region', { name: 'What came of it' });
    for (const name of [
      'nothing done',
      'by the calendar, 3 treatments',
      'yours, 1 treatment',
      'the best, 1 treatment',
    ])
      await expect(result.getByText(name, { exact: true })).toBeVisible();
    await expect(result).toContainText(/would have helped|could have been left out|as good as it gets/);
    await expect(page.getByText(/^The truth: nine in ten came out from \d+/)).toBeVisible();
    await expect(page.getByRole('img', { name: /^You left/ }).getByText('left alone')).toBeVisible();
  });

  await test.step('the same plant again begins as before; the next lesson is named', async () => {
    await expect(page.getByRole('link', { name: 'Soft scale on a pot plant' })).toBeVisible();
    await page.getByRole('button', { name: 'The same plant again' }).click();
    await expect(title(page)).toHaveText(/^Armored scale on a hedge: \d+ May/);
    await expect(met(page)).toContainText('Nothing yet.');
  });
});

test('on a phone: leaf curl by buds and rain, and a climate nobody told of', async ({ page, stepped }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await planted(page, stepped.address, {}, 'outdoors');
  await page.goto(`${stepped.address}/when/practise/leaf-curl?plant=1907`);
  await press(page, 'Look at buds and leaves');
  await expect(met(page)).toContainText(/Buds are shut|Bud scales begin/);
  await week(page).getByRole('radio').first().check();
  await press(page, /^Spray on/);
  await press(page, 'To the end');
  await expect(title(page)).toHaveText(/^\d+ of 100 got through; one treatment could have let through \d+$/);
  await expect(page.getByText(/^The truth: buds opened on/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  await page.goto(`${stepped.address}/when/practise`);
  await page.getByLabel('Plant’s number').fill('a hedge');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('alert')).toHaveText('A plant’s number is a whole number up to 999999.');
  await page.getByLabel('Plant’s number').fill('42');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(title(page)).toHaveText('Nobody told yet what your climate is like');
});
