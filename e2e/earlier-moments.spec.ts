import { rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect } from '@playwright/test';
import { HEDGE_PLANT, test } from './server.ts';

test('an earlier moment is looked into with every page, cannot be changed, and is brought back', async ({
  page,
  context,
  demo,
}) => {
  const name = (tab: typeof page) => tab.getByRole('textbox', { name: 'Name' });
  const change = (tab: typeof page) =>
    tab.getByRole('button', { name: 'Change what it is and how large' }).click();
  await page.goto(`${demo.address}/setup/backups`);
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(page.getByText(/is made and was read back whole/)).toBeVisible();
  await page.goto(`${demo.address}/garden/${HEDGE_PLANT}`);
  await change(page);
  await name(page).fill('East hedge');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('East hedge was saved.')).toBeVisible();

  await page.goto(`${demo.address}/setup/backups`);
  await page.getByRole('button', { name: /look into, restore/ }).click();
  const opened = context.waitForEvent('page');
  await page.getByRole('link', { name: 'Look into it' }).click();
  const then = await opened;
  await expect(then.getByText(/The garden as it stood on 29 May 2026/)).toBeVisible();
  await expect(then.getByRole('article').filter({ hasText: 'West hedge' }).first()).toBeVisible();
  await then.getByRole('banner').getByRole('link', { name: 'Garden', exact: true }).click();
  await expect(then.getByRole('heading', { level: 1 })).toHaveText(/plants/);
  await then
    .getByRole('main')
    .getByRole('link', { name: /^West hedge/ })
    .first()
    .click();
  await change(then);
  await name(then).fill('North hedge');
  await then.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(then.getByRole('alert')).toContainText('This is how it stood: nothing can be changed here');
  await expect(then.getByRole('alert')).toBeInViewport();
  await then.getByRole('link', { name: 'Back to the garden of today' }).click();
  await expect(then.getByRole('heading', { level: 1 })).toContainText('The last backup is of');
  await then.close();

  await page.getByText('add, and change what differs').click();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText(/What was here before is kept as/)).toBeVisible();
  await page.goto(`${demo.address}/garden/${HEDGE_PLANT}`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('West hedge');

  // By the history: the end of today is what is here now; before it and the first backup there is nothing.
  await page.goto(`${demo.address}/setup/backups`);
  const day = page.getByLabel('The garden as it stood at the end of');
  await day.fill('2020-02-29');
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByText('nothing is kept of that day: it is before the first backup')).toBeVisible();
  await day.fill(new Intl.DateTimeFormat('en-CA').format(new Date()));
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByText('It holds exactly what is here.')).toBeVisible();
});

test('damaged records are told as such, and a backup is brought in through the page', async ({
  page,
  demo,
  empty,
}) => {
  test.setTimeout(300_000);
  const { folder } = (await (await page.request.get(`${empty.address}/api/backups`)).json()) as {
    folder: string;
  };
  const archive = await (await page.request.get(`${demo.address}/api/export.zip`)).body();
  await empty.kill();
  const records = join(dirname(folder), 'juglans.sqlite');
  // What was written last lies beside the file, and would mend it.
  rmSync(`${records}-wal`);
  writeFileSync(records, 'this was never a database. '.repeat(500));
  await empty.startAgain();
  await page.goto(`${empty.address}/now`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The records are damaged');
  await page
    .getByLabel('Archive of a garden')
    .setInputFiles({ name: 'garden.zip', mimeType: 'application/zip', buffer: archive });
  await expect(page.getByText('It is whole and sound.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it in' }).click();
  // Fifteen years of days are taken in, checked, and every page worked out anew.
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('The records are damaged', {
    timeout: 90_000,
  });
  await page.goto(`${empty.address}/garden`);
  await expect(page.getByRole('main').getByRole('link', { name: /West hedge/ })).toBeVisible();
});
