import { expect, type Page } from '@playwright/test';
import { HEDGE_PLANT, test } from './server.ts';

const APPLE = '01900000-0000-7003-8000-000000000001';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const question = (page: Page) => page.getByRole('region', { name: 'Look at this next' });
const result = (page: Page) => page.getByRole('region', { name: 'What it may be' });

/**
 * Answers questions as they come until the key has asked enough: what is true for those named, otherwise
 * "None of these" for signs and "Not sure" for tests. Every second question is "Not sure" first.
 */
async function followKey(page: Page, seen: readonly RegExp[], tests: readonly RegExp[]): Promise<number> {
  let asked = 0;
  const begun = new Set<string>();
  for (; asked < 30; asked++) {
    if ((await question(page).count()) === 0) break;
    const heading = await question(page).getByRole('heading').innerText();
    const before = await question(page).innerText();
    const unsureFirst = asked % 2 === 1 && !begun.has(before);
    begun.add(before);
    const told = tests.map((label) => question(page).getByRole('button', { name: label }));
    const tiles = seen.map((label) => question(page).getByRole('button', { name: label }));
    if (unsureFirst) await question(page).getByRole('button', { name: 'Not sure' }).click();
    else if (/any of these/.test(heading)) {
      for (const tile of tiles) if ((await tile.count()) > 0) await tile.click();
      await question(page)
        .getByRole('button', { name: /^(\d+ of them|None of these)$/ })
        .click();
    } else {
      const fitting = await Promise.all(told.map(async (each) => ((await each.count()) > 0 ? each : null)));
      const one = fitting.find((each) => each !== null);
      await (one ?? question(page).getByRole('button', { name: 'Not sure' })).click();
    }
    await expect(async () => {
      const now = (await question(page).count()) === 0 ? '' : await question(page).innerText();
      expect(now).not.toBe(before);
    }).toPass();
  }
  return asked;
}

test('one question a screen, every second one “not sure”: it never asks the same twice in a row, and names it', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/new?plant=${HEDGE_PLANT}`);
  await question(page).getByRole('button', { name: 'White fluff or flecks' }).click();
  await expect(question(page).getByRole('button', { name: 'White', exact: true })).toBeVisible();
  const asked = await followKey(
    page,
    [/^Narrow white flecks/, /^Yellow speckles/, /^A crust of shells/],
    [/^White$/, /^On leaves$/, /^A cover lifts off/, /^Pear- or oyster-shaped/],
  );
  expect(asked).toBeLessThanOrEqual(16);
  await expect(result(page).locator('p').first()).toHaveText(/Euonymus scale|Armored scale/);
  await expect(result(page)).toContainText('enough asked');

  await test.step('leaving and coming back keeps the answers; one is changed and its effect seen', async () => {
    await page.goto(`${demo.address}/now`);
    await page.goto(`${demo.address}/look/new?plant=${HEDGE_PLANT}`);
    const answered = page.getByRole('region', { name: 'What you answered' });
    await expect(answered).toContainText('Narrow white flecks');
    await answered.getByRole('button', { name: 'change colour' }).click();
    await answered.getByRole('button', { name: 'Black', exact: true }).click();
    await expect(answered).toContainText('Colour: black');
    await expect(result(page)).toContainText(/was \d+\s%/);
    await page.getByRole('button', { name: 'Start anew' }).click();
    await expect(question(page)).toContainText('What caught your eye?');
  });
});

test('a canker ends in “not one of these”, with a dated sheet of what was seen and not seen', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/new?plant=${APPLE}`);
  await question(page).getByRole('button', { name: 'Something on or in the bark' }).click();
  await followKey(page, [/^Sunken or cracked bark/, /^Twigs dying back/], [/^Brown$/, /^In or on the wood/]);
  await expect(result(page).locator('p').first()).toHaveText('Not one of these');
  await expect(result(page)).toContainText('a canker: dying bark');
  await page.getByRole('button', { name: 'Open a watch, name it later' }).click();
  await page.getByRole('link', { name: 'Sheet for a lab' }).click();
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await expect(sheet).toContainText('Apple');
  await expect(sheet).toContainText(/Seen: .*(sunken or cracked bark|twigs dying back)/);
  await expect(sheet).toContainText(/Looked for and not there: /);
  await expect(sheet).toContainText('29 May');
});

test('who knows goes straight to the name, with two looks that would prove it wrong; a lab is kept as such', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/new?plant=${APPLE}`);
  await page.getByText('I know what it is').click();
  await page.getByLabel('Its name, or part of it').fill('woolly apple');
  await page.getByRole('button', { name: /^Woolly apple aphid/ }).click();
  const byName = page.locator('details').filter({ hasText: 'I know what it is' });
  await expect(byName).toContainText('Two looks that would prove it wrong');
  await byName.getByLabel('A lab or adviser said so').check();
  await page.getByRole('button', { name: 'Open a watch: woolly apple aphid' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('woolly apple aphid');
  await page.goto(`${demo.address}/seasons/names`);
  await expect(page.getByRole('row', { name: /Woolly apple aphid/ })).toContainText('by a lab or adviser');
  // Named by a lab here, it is likelier on what else it lives on.
  await page.goto(`${demo.address}/look/new?plant=${APPLE}`);
  await expect(page.getByRole('region', { name: 'What your records say' })).toContainText(
    'Woolly apple aphid was named by a lab in 2026 on this plant',
  );
});

test('on no plant there is a quick way out; what was seen last autumn is kept under last autumn', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/new`);
  await page.getByLabel('On which plant').selectOption({ label: 'on no plant: a wall, paving, a chair' });
  await expect(page.getByRole('region', { name: 'On no plant' })).toContainText('look at the plant above it');
  await page.getByLabel('On which plant').selectOption({ label: 'West hedge' });
  await page.getByLabel('Seen when').selectOption({ label: 'last October' });
  await question(page).getByRole('button', { name: 'White fluff or flecks' }).click();
  await page.getByRole('button', { name: 'Open a watch, name it later' }).click();
  await expect(page.getByText('The watch is open.')).toBeVisible();
  await page.goto(`${demo.address}/seasons/names`);
  await expect(page.getByRole('row', { name: /West hedge Not yet named/ })).toContainText('31 Oct 2025');
});
