import { expect } from '@playwright/test';
import { HEDGE, test } from './server.ts';

const SAN_JOSE = '01900000-0000-7004-8000-000000000003';
const KUMQUAT_PLANT = '01900000-0000-7003-8000-00000000000f';
const MINER = '01900000-0000-7004-8000-000000000005';

test(
  'a clock waits for the first males, starts with them, is started otherwise, and a seen stage overrides ' +
    'it',
  async ({ page, demo }) => {
    await page.goto(`${demo.address}/when/${SAN_JOSE}`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('first crawlers expected');
    await expect(
      page.locator('dt', { hasText: 'Counted from' }).locator('xpath=following-sibling::dd[1]'),
    ).toContainText('by the trap');
    const start = page.getByRole('form', { name: 'Where the clock starts' });
    await start.getByLabel('Counted from').selectOption('date');
    await start.getByRole('button', { name: 'Use this start' }).click();
    await expect(start.getByText('choose a month and a day')).toBeVisible();
    await start.getByLabel('Day of the year, month').selectOption('March');
    await start.getByRole('button', { name: 'Use this start' }).click();
    await expect(page.getByText('The clock starts as you chose.')).toBeVisible();
    await expect(
      page.locator('dt', { hasText: 'Counted from' }).locator('xpath=following-sibling::dd[1]'),
    ).toContainText('1 March');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(
      page.locator('dt', { hasText: 'Counted from' }).locator('xpath=following-sibling::dd[1]'),
    ).toContainText('by the trap');

    const seen = page.getByRole('form', { name: 'What you see' });
    await seen.getByLabel('I see').selectOption('all-stages');
    await seen.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('Seen: all stages at once.')).toBeVisible();
    await page.getByRole('banner').getByRole('link', { name: 'Now', exact: true }).click();
    await expect(
      page.getByRole('article').filter({ hasText: 'Treat what is there: Apple by the gate' }),
    ).toBeVisible();
  },
);

test('the garden corrects the book, and a thousand futures can be drawn or stopped', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/${HEDGE}`);
  const gardenCurve = page.getByRole('region', { name: 'Your garden against the book' });
  await expect(gardenCurve.getByRole('heading')).toContainText('later than the book');
  await expect(gardenCurve.getByRole('row', { name: /^2025/ })).toContainText('°C·days');
  await expect(gardenCurve.getByRole('row', { name: /^2026/ })).toContainText('too few to fit: 0 caught');
  const futures = page.getByRole('region', { name: 'Many futures' });
  await futures.getByRole('button', { name: 'Draw them' }).click();
  await expect(futures.getByRole('status')).toContainText('by 1000 futures');
  await expect(page.getByRole('region', { name: 'A second opinion' })).toContainText(
    'Common lilac bloomed on 13 May',
  );
});

test('the soft flush has days left, a hardened one none; one day is drawn under every method', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/${MINER}`);
  const moment = page.getByRole('region', { name: "The miner's moment" });
  await expect(moment.getByRole('heading')).toContainText('Cover the flush for about 15 more days');
  await expect(moment).toContainText('an egg laid today is a moth by');
  await page.request.put(`${demo.address}/api/growth/01900000-0000-7009-8000-0000000000ff`, {
    data: {
      id: '01900000-0000-7009-8000-0000000000ff',
      plantId: KUMQUAT_PLANT,
      stage: 'flush-hard',
      on: '2026-05-28',
      note: '',
    },
  });
  await page.reload();
  await expect(moment.getByRole('heading')).toContainText('The clock is the flush');

  await page.getByRole('link', { name: "One day's sum, drawn" }).click();
  const day = page.getByRole('region', { name: 'The day' });
  await expect(day.getByRole('heading')).toHaveText(/^27 May: [\d.]+ °C·days by the single sine$/);
  await page.getByRole('group', { name: 'Method' }).getByText('Simple average').click();
  await expect(day.getByRole('heading')).toHaveText(/^27 May: [\d.]+ °C·days by the simple average$/);
  await expect(page.getByRole('region', { name: 'Under each method' }).getByRole('row')).toHaveCount(6);
});

test('winter sprays follow the school; spray hours heed bees; the calendar can be subscribed to and closed', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/dormant`);
  await expect(page.getByRole('region', { name: 'West hedge' })).toContainText('Last winter: dormant oil');
  await expect(page.getByRole('region', { name: 'Left out' })).toContainText(
    'Holly, left of the door: no watch asks for one',
  );
  await page.goto(`${demo.address}/setup`);
  await page.getByLabel('Which sprays in the dormant season?').selectOption('three-sprays');
  await expect(page.getByText('The school is changed.')).toBeVisible();
  await page.goto(`${demo.address}/when/dormant`);
  await expect(page.getByRole('region', { name: 'West hedge' }).getByRole('listitem')).toHaveCount(3);

  await page.goto(`${demo.address}/when/hours`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Next good hours: 2 June');
  await page.getByLabel('Bees are at its honeydew').check();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('No good stretch');

  await page.goto(`${demo.address}/when/calendar`);
  await page.getByRole('button', { name: /Make an address|Make one/ }).click();
  const address = page.getByText(/\/api\/calendar\/[0-9a-f]+\.ics/);
  await expect(address).toBeVisible();
  const link = /\/api\/calendar\/[0-9a-f]+\.ics/.exec((await address.textContent())!)![0];
  const file = await page.request.get(demo.address + link);
  expect(await file.text()).toContain('BEGIN:VCALENDAR');
});
