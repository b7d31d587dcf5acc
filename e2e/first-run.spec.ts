import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { test } from './server.ts';

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

async function setUp(page: Page, address: string) {
  await page.goto(address);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Welcome. Where is the garden?');
  await page.getByRole('button', { name: 'Next: the plant' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Choose a town' })).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Back yard');
  await page.getByLabel('Latitude, degrees').fill('north');
  await page.getByLabel('Longitude, degrees').fill('-93');
  await page.getByLabel('Time zone').selectOption('America/Chicago');
  await page.getByText('°F', { exact: true }).click();
  await page.getByText('US', { exact: true }).click();
  await page.getByLabel('A midwinter night, °F').fill('10');
  await page.getByRole('button', { name: 'Next: the plant' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Latitude' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'A midsummer afternoon' })).toBeVisible();
  await page.getByLabel('Latitude, degrees').fill('44.9');
  await page.getByLabel('A midwinter night, °F').fill('');
  await page.getByRole('button', { name: 'Next: the plant' }).click();
  await page.getByRole('link', { name: 'Leave that for later' }).click();
  await expect(page.getByText('No plants yet.')).toBeVisible();
}

test("first run, then a neighbour's weather file in °F with slashes and faults", async ({ page, empty }) => {
  await setUp(page, empty.address);
  await page.getByRole('banner').getByRole('link', { name: 'When', exact: true }).click();
  await page.getByRole('navigation', { name: 'Within When' }).getByRole('link', { name: 'Stations' }).click();
  await page.getByRole('link', { name: 'Import a file' }).click();

  await page.getByLabel('File').setInputFiles(csv('picture.csv', 'PK\u0003\u0004\u0000'));
  await expect(page.getByRole('alert')).toContainText('not a text file');

  // Days 3 to 6 of months 1 to 2: the order cannot be told, nor can the unit.
  const ambiguous =
    'When;Low;High;Rain\n3/1/2026;30;41;0\n4/1/2026;28;39;2.5\n5/1/2026;x;39;0\n6/1/2026;44;39;0\n6/1/2026;25;38;0\n';
  await page.getByLabel('File').setInputFiles(csv('year.csv', ambiguous));
  await page.getByLabel('Date', { exact: true }).selectOption('When');
  await expect(page.getByText('both could be meant')).toBeVisible();
  await expect(page.getByText('Temperatures in (the file leaves it open)')).toBeVisible();
  await expect(page.getByText('Rain in (the file leaves it open: left out until you say)')).toBeVisible();
  await expect(page.getByText('Answer what is still open above')).toBeVisible();
  await page.getByText('31/5/2026').click();
  await page.getByText('°F', { exact: true }).click();
  const preview = page.getByRole('region', { name: 'What would happen' });
  await expect(preview).toContainText('3 of 5 rows are days, from 3 January 2026 to 6 January 2026');
  await expect(preview).toContainText('line 4: the minimum "x" is not a number');
  await expect(preview).toContainText('line 5: the maximum (3.9 °C) is below the minimum (6.7 °C)');
  await preview.getByRole('button', { name: 'Compare with what is there' }).click();
  await expect(preview).toContainText('3 days are new, 0 are there already');
  await page.goto(`${empty.address}/when/stations`);
  await expect(page.getByText('no readings yet')).toBeVisible();

  const twice = async () => {
    await page.getByRole('link', { name: 'Import a file' }).click();
    await page.getByLabel('File').setInputFiles(csv('year.csv', ambiguous));
    await page.getByLabel('Date', { exact: true }).selectOption('When');
    await page.getByText('31/5/2026').click();
    await page.getByText('°F', { exact: true }).click();
    await page.getByText('mm', { exact: true }).click();
    await page.getByRole('button', { name: 'Compare with what is there' }).click();
    await page.getByRole('button', { name: /Write \d days/ }).click();
  };
  await twice();
  await expect(page.getByText('3 days were added.')).toBeVisible();
  await expect(page.getByText('3 days, 3 January 2026 to 6 January 2026')).toBeVisible();
  await twice();
  await expect(page.getByText('Nothing changed: every day was already there.')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export CSV' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  expect(text).toBe(
    'date,min_c,max_c,rain_mm,wind_ms,wind_from_deg\n2026-01-03,-1.11,5,0,,\n2026-01-04,-2.22,3.89,2.5,,\n2026-01-06,-3.89,3.33,0,,\n',
  );
});

test('the keys lead between places, sleep in a field, and can be switched off', async ({ page, demo }) => {
  await page.goto(`${demo.address}/now`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page).toHaveURL(/\/seasons/);
  await page.keyboard.press('g');
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/\/now/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  // A key belongs to the sequence before it until that has lapsed.
  await expect(async () => {
    await page.keyboard.press('n');
    await expect(page).toHaveURL(/\/look\/new/, { timeout: 500 });
  }).toPass();
  await page.goto(`${demo.address}/garden/new`);
  await page.getByLabel('Name').pressSequentially('green');
  await expect(page).toHaveURL(/\/garden\/new/);
  await page.goto(`${demo.address}/setup`);
  await page.getByLabel(/Single-key shortcuts/).uncheck();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/\/setup/);
});
