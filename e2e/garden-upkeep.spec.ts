import { sayAllClear } from './all-clear.ts';
import { expect } from '@playwright/test';
import { HEDGE, HEDGE_PLANT, test } from './server.ts';

const KUMQUAT = '01900000-0000-7003-8000-00000000000f';
const KUMQUAT_WATCH = '01900000-0000-7004-8000-000000000005';

test('a plant is edited, moved, retired and brought back; its history stays', async ({ page, demo }) => {
  await page.goto(`${demo.address}/garden/${KUMQUAT}`);
  await page.getByRole('button', { name: 'Change what it is and how large' }).click();
  await page.getByLabel('Height').fill('1.2');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Kumquat was saved.')).toBeVisible();
  await page.goto(`${demo.address}/when/${KUMQUAT_WATCH}`);
  const sum = page.locator('dt', { hasText: 'Sum to last night' }).locator('xpath=following-sibling::dd[1]');
  const underGlass = Number.parseInt((await sum.textContent())!, 10);

  await page.goto(`${demo.address}/garden/${KUMQUAT}`);
  await expect(page.getByText('1.2 × 0.7 m').first()).toBeVisible();
  await page.getByText('Moved it').click();
  await page.getByLabel('To', { exact: true }).selectOption({ label: 'Outdoors' });
  await page.getByLabel('On', { exact: true }).fill('2026-05-01');
  await page.getByRole('button', { name: 'Record the move' }).click();
  await expect(page.getByText('1 May 2026: to Outdoors')).toBeVisible();
  await page.goto(`${demo.address}/when/${KUMQUAT_WATCH}`);
  await expect(sum).not.toHaveText(`${underGlass} °C·days`);
  expect(Number.parseInt((await sum.textContent())!, 10)).toBeLessThan(underGlass);

  await page.goto(`${demo.address}/garden/${HEDGE_PLANT}`);
  await page.getByText('Retire this plant').click();
  await page.getByLabel('Why').fill('grubbed out');
  await page.getByRole('button', { name: 'Retire it' }).click();
  await expect(page.getByText(/grubbed out. Its history is kept/)).toBeVisible();
  await page.getByRole('banner').getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'One is late, seven are open and three open within ten days',
  );
  await page.goto(`${demo.address}/seasons?watch=${HEDGE}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('West hedge');
  await page.goto(`${demo.address}/garden`);
  await page.getByRole('button', { name: 'Show 1 retired' }).click();
  await page.getByRole('link', { name: /West hedge/ }).click();
  await page.getByRole('button', { name: 'It is back' }).click();
  await page.getByRole('banner').getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('article').filter({ hasText: 'West hedge' }).first()).toBeVisible();
});

test('units switch everywhere at once and back', async ({ page, demo }) => {
  await page.goto(`${demo.address}/setup`);
  await page.getByLabel('Temperatures in').selectOption('F');
  await page.getByLabel('Measures').selectOption('us');
  await page.getByRole('region', { name: 'The garden' }).getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The garden was saved.')).toBeVisible();
  await page.goto(`${demo.address}/when/${HEDGE}`);
  await expect(page.getByText('533–820 °F·days').first()).toBeVisible();
  await expect(
    page.locator('dt', { hasText: 'Lower threshold' }).locator('xpath=following-sibling::dd[1]'),
  ).toHaveText('50 °F');
  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
  await sayAllClear(page);
  // It took 2.1 to 2.2 l before, 2.17 l in the mean: 0.57 US gallon, of which 1.5 % is 1.1 US fluid ounces.
  const pour = page.getByRole('region', { name: 'What to pour' });
  await expect(pour).toContainText('0.57 US gal of spray in one fill');
  await expect(pour).toContainText('1.1 US fl oz (33 ml)');
  await expect(pour).toContainText('2 × tablespoon + 1 × ½ teaspoon');
  await page.goto(`${demo.address}/garden/${HEDGE_PLANT}`);
  await page.getByRole('button', { name: 'Change what it is and how large' }).click();
  await expect(page.getByLabel('Height')).toHaveValue('5.91');
});

test('a product is added with its label line, mistakes told beside their fields', async ({ page, demo }) => {
  await page.goto(`${demo.address}/mix/shelf/new?material=malathion`);
  await expect(page.getByLabel('Strength, %')).toHaveValue('');
  await page.getByRole('button', { name: 'Keep it' }).click();
  for (const field of ['Name', 'Lowest rate', 'Highest rate', 'Against'])
    await expect(page.getByRole('alert').filter({ hasText: field })).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Winter oil');
  await page.getByLabel('Strength, %').fill('97,5');
  await page.getByLabel("For, in the label's words").fill('bare fruit trees');
  await page.getByLabel('Lowest rate').fill('4');
  await page.getByLabel('Highest rate').fill('2');
  await page.getByLabel('Armored scale').check();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Highest rate' })).toContainText(
    'must not be below the low rate',
  );
  await page.getByLabel('Highest rate').fill('5');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(
    page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Winter oil' }) }),
  ).toContainText('bare fruit trees: 4–5 %');
  await page.getByRole('link', { name: /Winter oil/ }).click();
  await expect(page.getByLabel('Strength, %')).toHaveValue('97.5');
  await page.getByLabel('Name', { exact: true }).fill('Winter oil, opened');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('link', { name: /Winter oil/ }).click();
  await page.getByText('Changed once: what stood here before').click();
  await expect(page.getByRole('group', { name: 'Earlier states' })).toContainText('name: Winter oil');
});

test('a label is copied as it is printed: its rate, its pack, and the name stays when the ingredient is chosen', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/mix/shelf/new`);
  await page.getByLabel('Name', { exact: true }).fill('Leaf wash');
  await page.getByLabel('Active ingredient').selectOption({ label: 'Insecticidal soap' });
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Leaf wash');
  const rate = page.getByLabel('Rate, as it is printed').first();
  for (const [printed, says] of [
    ['2 tbsp', 'in how much water?'],
    ['2 drops per gallon', '“drops” is no measure known here'],
    ['3 to 2 tbsp per gallon', 'the lower figure comes first'],
    ['10 ml per m²', 'by ground or trunk'],
  ] as const) {
    await rate.fill(printed);
    await expect(page.getByRole('alert').filter({ hasText: 'as it is printed' })).toContainText(says);
  }
  await rate.fill('2 1/2 to 5 US fl oz per gallon');
  await expect(page.getByText('19.5 to 39.1 ml in a litre of spray')).toBeVisible();
  await page.getByText('The pack: what is left').click();
  await page.getByLabel(/^Left in the pack/).fill('1 pot');
  await expect(page.getByRole('alert').filter({ hasText: 'Left in the pack' })).toContainText('no measure');
  await page.getByLabel(/^Left in the pack/).fill('16 US fl oz');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const row = page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Leaf wash' }) });
  await expect(row).toContainText('2 1/2 to 5 US fl oz per gallon');
  await expect(row).toContainText('473 ml left');
  await page.getByRole('link', { name: 'Leaf wash' }).click();
  await page.getByText('The pack: what is left').click();
  await expect(page.getByLabel(/^Left in the pack/)).toHaveValue('16 US fl oz');
  await expect(page.getByLabel('Rate, as it is printed').first()).toHaveValue(
    '2 1/2 to 5 US fl oz per gallon',
  );
});

test('two windows on one plant: neither wipes what the other wrote', async ({ page, context, demo }) => {
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto(`${demo.address}/garden/${KUMQUAT}`);
    await tab.getByRole('button', { name: 'Change what it is and how large' }).click();
    await expect(tab.getByLabel('Height')).toHaveValue('0.9');
  }
  const save = (tab: typeof page) => tab.getByRole('button', { name: 'Save', exact: true }).click();
  // Different fields are both kept, and the form shows both.
  await page.getByLabel('Height').fill('1.2');
  await save(page);
  await expect(page.getByText('Kumquat was saved.')).toBeVisible();
  await other.getByLabel('Spread').fill('0.75');
  await save(other);
  await expect(other.getByText('Kumquat was saved.')).toBeVisible();
  await expect(other.getByLabel('Height')).toHaveValue('1.2');
  await expect(other.getByText('Meanwhile changed elsewhere, and kept too: height, m.')).toBeVisible();

  // The same field is asked about.
  await page.getByLabel('Height').fill('1.3');
  await save(page);
  await expect(page.getByText('Kumquat was saved.').last()).toBeVisible();
  await expect(page.getByLabel('Spread')).toHaveValue('0.75');
  await other.getByLabel('Height').fill('1.4');
  await save(other);
  const met = other.getByRole('alert').filter({ hasText: 'changed elsewhere' });
  await expect(met).toContainText('height, m: 1.4 here, 1.3 there');
  await expect(met).toBeInViewport();
  await met.getByRole('button', { name: 'Take what is there' }).click();
  await expect(other.getByLabel('Height')).toHaveValue('1.3');
  await other.getByLabel('Height').fill('1.5');
  await page.getByLabel('Height').fill('1.6');
  await save(other);
  await expect(other.getByText('Kumquat was saved.').last()).toBeVisible();
  await save(page);
  await page.getByRole('button', { name: 'Keep what is here' }).click();
  await expect(page.getByText('What is here was kept.')).toBeVisible();
  await page.getByText(/Changed 5 times/).click();
  await expect(page.getByText('height, m: 1.5')).toBeVisible();
});
