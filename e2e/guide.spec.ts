import { expect, type Page } from '@playwright/test';
import { planted } from './planted.ts';
import { printed } from './printed.ts';
import { test } from './server.ts';

const title = (page: Page) => page.getByRole('heading', { level: 1 });
const CSS_PX_PER_MM = 96 / 25.4;

test('a trouble is drawn stage by stage, each to its scale, and its true size is true', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/guide`);
  await page.getByRole('main').getByRole('link', { name: 'Euonymus scale' }).click();
  await expect(title(page)).toHaveText('Euonymus scale');
  const plates = page.getByRole('region', { name: 'Drawn, stage by stage' });
  await expect(plates.getByRole('listitem')).toHaveCount(7);
  const females = plates.getByRole('listitem').filter({ hasText: 'Grown females' });
  await expect(females).toContainText('pear-shaped, brown');
  await expect(females).toContainText('1.5–2 mm');
  // Crawlers are due in these weeks by the usual months; last year's covers are there all year.
  await expect(plates.getByRole('listitem').filter({ hasText: 'Crawlers' }).first()).toContainText('now');
  await expect(plates.getByRole('listitem').filter({ hasText: "Last year's" })).not.toContainText('now');

  // The mark is two of the picture's own millimetres, and one insect is drawn as long as it is.
  const { markPx, pictureCssPx, realPx } = await females.evaluate((item) => ({
    markPx: item.querySelector<HTMLElement>('[style*="width"]')!.getBoundingClientRect().width,
    pictureCssPx: item.querySelector('svg')!.getBoundingClientRect().width,
    realPx: item.querySelectorAll('svg')[1]!.getBoundingClientRect().width,
  }));
  await expect(females).toContainText('2 mm');
  expect(markPx / pictureCssPx).toBeCloseTo(2 / (1.75 * 5.5), 2);
  expect(realPx / 1.2 / CSS_PX_PER_MM).toBeCloseTo(1.75, 1);
});

test('two troubles lie side by side at one scale, also where no book sets them against each other', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/guide/apart/magnolia-scale/hemispherical-scale`);
  await expect(title(page)).toHaveText('Magnolia scale or hemispherical scale?');
  await expect(page.getByText('No book of ours sets these two against each other')).toBeVisible();
  const rows = page.getByRole('region', { name: 'Stage by stage' }).getByRole('listitem');
  const grown = rows.filter({ hasText: 'Very large pinkish domes' });
  await expect(grown).toContainText('Smooth shiny half balls');
  // Both carry the same mark: their sizes compare.
  await expect(grown.getByText('10 mm', { exact: true })).toHaveCount(2);
  await page.goto(`${demo.address}/look/guide/apart/euonymus-scale/white-prunicola-scale`);
  await expect(page.getByText('What it changes:')).toBeVisible();
  await page.goto(`${demo.address}/look/guide/apart/euonymus-scale/euonymus-scale`);
  await expect(page.getByText('The guide has no such pair.')).toBeVisible();
});

test.describe('in the south', () => {
  test.use({ startsOn: '2027-12-20' });

  test('the season is the garden’s own, over New Year too, and inches stand beside millimetres', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, {
      latitudeDeg: -41,
      measureSystem: 'us',
      temperatureUnit: 'F',
    });
    await page.goto(`${stepped.address}/look/guide/season`);
    // Nothing grows yet: everything is shown, and no filter is offered.
    await expect(title(page)).toHaveText(/^December: \d\d+ troubles to look for$/);
    await expect(page.getByText('Only what is usual on this garden')).toHaveCount(0);

    await garden.plant('Spindle', 'spindle');
    await page.reload();
    await expect(title(page)).toHaveText(/^December: \d troubles? to look for$/);
    const scale = page
      .getByRole('listitem')
      .filter({ has: page.getByRole('heading', { name: 'Euonymus scale' }) });
    await expect(scale.getByText('Nov–Mar').first()).toBeVisible();
    await garden.step(20);
    await page.reload();
    await expect(title(page)).toHaveText(/^January: /);
    await expect(scale.getByText('Nov–Mar').first()).toBeVisible();
    await page.getByLabel('Month').selectOption('July');
    await expect(scale).toHaveCount(0);

    await page.goto(`${stepped.address}/look/guide/euonymus-scale`);
    const females = page.getByRole('listitem').filter({ hasText: 'Grown females' });
    await expect(females).toContainText('1.5–2 mm (to 3/32 in)');
    await expect(females).toContainText('1/8 in');
  });
});

test.describe('a pocket sheet', () => {
  test.use({ startsOn: '2027-05-10' });

  test('asks for plants first, then holds what is met on them and is printed with a true ruler', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, {});
    await page.goto(`${stepped.address}/look/guide/pocket`);
    await expect(title(page)).toHaveText('The pocket sheet shows what is met on your own plants.');
    await garden.plant('Hedge', 'euonymus');
    const apple = await garden.plant('Apple', 'apple');
    // What was seen rules over what is usual: mealybugs are not of the usual ones on apple.
    await garden.watch(apple, 'mealybug');
    await page.reload();
    const sheet = page.getByRole('article', { name: 'Pocket sheet' });
    const cards = sheet.getByRole('listitem');
    await expect(cards.first()).toContainText('Mealybug watched here');
    await expect(sheet).toContainText('Apple or pear scab');
    const all = await cards.count();

    await page.getByLabel('Troubles').selectOption('rare ones too');
    expect(await cards.count()).toBeGreaterThan(all);
    await page.getByLabel('Troubles').selectOption('usual ones');
    await page.getByRole('checkbox', { name: 'Apple' }).uncheck();
    await expect(sheet).not.toContainText('Apple or pear scab');
    await expect(cards.first()).toContainText('Mealybug watched here');
    await page.getByRole('checkbox', { name: 'Apple' }).check();

    const ruler = sheet.getByRole('img', { name: 'A ruler of 10 centimetres' });
    expect((await ruler.boundingBox())!.width / CSS_PX_PER_MM).toBeCloseTo(108, 0);
    const { pages, text } = await printed(page);
    expect(pages).toBeLessThanOrEqual(2);
    for (const words of ['what may be met on', 'Apple or pear scab', 'Settled by', 'Euonymus scale'])
      expect(text).toContain(words);
    for (const words of ['Kinds of plants', 'Field guide', 'Seasons']) expect(text).not.toContain(words);
  });
});

test('the plan is printed whole, with its list', async ({ page, demo }) => {
  await page.goto(`${demo.address}/garden/plan`);
  await expect(page.getByRole('table')).toContainText('West hedge');
  const { pages, text } = await printed(page);
  expect(pages).toBeLessThanOrEqual(2);
  for (const words of ['House', 'Black walnut', 'Euonymus over the fence', '5 m'])
    expect(text).toContain(words);
  expect(text).not.toContain('Choose a plant');
});
