import { expect } from '@playwright/test';
import { HEDGE, test } from './server.ts';

const CAMELLIA = '01900000-0000-7004-8000-000000000008';

test('what to do is ranked with its reasons, heeds what is seen, and says what is refused and why', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${HEDGE}`);
  await page.getByRole('link', { name: 'Weigh it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('spray when the window opens');
  const refused = page.getByRole('region', { name: 'Not now, and why' });
  await expect(refused).toContainText('contact sprays in leaf reach nothing until crawlers are out');
  await page.getByRole('group', { name: 'Is it short of water?' }).getByText('Yes').click();
  await expect(page.getByRole('region', { name: 'Options' })).toContainText(
    'It is short of water: water it before anything else',
  );
  await expect(refused).toContainText('sprays burn thirsty leaves');

  await page.goto(`${demo.address}/look/${CAMELLIA}/weigh`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('work by hand');
  await page
    .getByRole('group', { name: /bees gather/ })
    .getByText('Yes')
    .click();
  await expect(page.getByRole('region', { name: 'Not now, and why' })).toContainText(
    'Bees gather its honeydew',
  );
});

test('what may not meet is told for each material, and stands at the bench after a spray', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/mix/meet`);
  await page.getByLabel('Material').selectOption({ label: 'Captan' });
  await expect(page.getByRole('article').filter({ hasText: 'Mineral horticultural oil' })).toContainText(
    '14 days apart',
  );
  await page.goto(`${demo.address}/setup`);
  await page.getByLabel('How long between oil and sulfur?').selectOption('60');
  await expect(page.getByText('The school is changed.')).toBeVisible();
  await page.goto(`${demo.address}/mix/meet?a=sulfur`);
  await expect(page.getByRole('article').filter({ hasText: 'Mineral horticultural oil' })).toContainText(
    '60 days apart',
  );
});

test('hand work is logged, shown, taken out and put back; the record book holds it beside the sprays', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${CAMELLIA}/hand`);
  await page.getByText('Wipe the leaves', { exact: true }).first().click();
  await expect(page.getByRole('region', { name: 'How' })).toContainText('Both sides along the midrib');
  await page.getByLabel('Minutes, if you know').fill('twenty');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByText('whole minutes, up to 2000')).toBeVisible();
  await page.getByLabel('Minutes, if you know').fill('20');
  await page.getByLabel('Remark').fill('=2+2');
  await page.getByRole('button', { name: 'Log it' }).click();
  const done = page.getByRole('region', { name: 'Hand work' });
  await expect(done).toContainText('29 May: wiped, 20 min');
  await done.getByRole('button', { name: /take out/ }).click();
  await expect(done.getByRole('listitem')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(done).toContainText('wiped, 20 min');

  await page.goto(`${demo.address}/seasons/book`);
  await expect(page.getByRole('row').nth(1)).toContainText('By hand: wiped');
  await expect(page.getByRole('row', { name: /28 April 2026/ })).toContainText('Insecticidal soap');
  const csv = await (await page.request.get(`${demo.address}/api/exports/book`)).text();
  expect(csv.split('\n')[0]).toContain('active ingredient');
  // A remark typed like a formula stays text.
  expect(csv).toContain("'=2+2");
});

test('an hour is spent where it removes most, and half the time on fewer jobs', async ({ page, demo }) => {
  await page.goto(`${demo.address}/now`);
  await page.getByRole('link', { name: 'I have an hour' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What removes most in one hour');
  const jobs = page.getByRole('article');
  // Which hand work, on this very trouble.
  await expect(jobs.first()).toContainText(
    /: (cut out the worst|wipe the leaves|brush the bark|pinch mined tips|strip spotted leaves)/,
  );
  const inAnHour = await jobs.count();
  await page.getByText('an afternoon', { exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What removes most in an afternoon');
  expect(await jobs.count()).toBeGreaterThanOrEqual(inAnHour);
});
