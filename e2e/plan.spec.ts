import { expect, type Page } from '@playwright/test';
import { planted } from './planted.ts';
import { HEDGE, test } from './server.ts';

const title = (page: Page) => page.getByRole('heading', { level: 1 });
const cut = (page: Page, place: number) => page.getByRole('slider', { name: new RegExp(`^${place}:`) });
/** What is left of 100 as the title says it. */
async function left(page: Page): Promise<number> {
  const words = /leaves? (\d+) of 100/.exec((await title(page).textContent()) ?? '');
  return Number(words?.[1] ?? NaN);
}

/** Takes hold of a cut's flag and carries it sideways. */
async function drag(page: Page, place: number, byPx: number): Promise<void> {
  const box = (await cut(page, place).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + 30];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + byPx / 2, y, { steps: 4 });
  await page.mouse.move(x + byPx, y, { steps: 4 });
  await page.mouse.up();
}

test('two sprays on the hedge: dragged, moved by keys, and the best days taken over into its series', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/plan/${HEDGE}`);
  await expect(title(page)).toHaveText(/What was done leaves \d+ of 100/);
  const done = await left(page);

  await test.step('two cuts, told in the title with what they leave', async () => {
    await page.getByRole('button', { name: 'Add a cut' }).click();
    await page.getByRole('button', { name: 'Add a cut' }).click();
    await expect(title(page)).toHaveText(/^Two sprays leave \d+ of 100 \(\d+–\d+\)/);
    expect(await left(page)).toBeLessThan(done);
  });

  await test.step('dragged along the year, the first moves and the title follows', async () => {
    const before = await cut(page, 1).getAttribute('aria-valuetext');
    await drag(page, 1, -60);
    await expect(cut(page, 1)).not.toHaveAttribute('aria-valuetext', before!);
    const dragged = Number(await cut(page, 1).getAttribute('aria-valuenow'));
    await cut(page, 1).press('ArrowRight');
    await expect(cut(page, 1)).toHaveAttribute('aria-valuenow', String(dragged + 1));
    await cut(page, 1).press('PageUp');
    await expect(cut(page, 1)).toHaveAttribute('aria-valuenow', String(dragged + 8));
  });

  await test.step('too near to each other the label is named, and the way out is a key', async () => {
    await page.getByLabel('Day of 1').fill('2026-06-20');
    await page.getByLabel('Day of 2').fill('2026-06-25');
    await expect(page.getByText(/Not that day: Closer than \d+ days/).first()).toBeVisible();
    await expect(cut(page, 2)).toHaveAttribute('aria-valuetext', /may not be that day/);
    await cut(page, 2).press('Delete');
    await expect(cut(page, 2)).toBeHidden();
    await expect(page.getByText(/Not that day/)).toBeHidden();
  });

  await test.step('the best days leave least, and are told with their ranges', async () => {
    await page.getByRole('button', { name: 'Find them' }).click();
    await page.getByRole('button', { name: 'best two' }).click({ timeout: 60_000 });
    await expect(title(page)).toHaveText(/^Two sprays leave/);
    await expect(page.getByText('Trying days')).toBeHidden();
    const best = await left(page);
    // The second generation's spray, carried to weeks in which little of it is out.
    await drag(page, 2, -150);
    await expect.poll(() => left(page)).toBeGreaterThan(best);
    await page.getByRole('button', { name: 'best two' }).click();
    await expect.poll(() => left(page)).toBe(best);
    await expect(page.getByRole('region', { name: 'What decides it most' })).toContainText('%');
    await expect(title(page)).toHaveText(/one more would take \d+ more/);
  });

  await test.step('the schools are laid beside each other, none of them preached', async () => {
    await page.getByText('What the schools would do').click();
    const first = page.getByRole('listitem').filter({ hasText: 'First crawlers, then fortnightly' });
    await expect(first).toContainText('your school');
    await expect(first).toContainText(/leaves \d+ of 100 \(\d+–\d+\) \d\.\d times, \d\.\d h/);
    await expect(page.getByRole('listitem').filter({ hasText: 'Monthly, by the calendar' })).toBeVisible();
  });

  await test.step('the whole bargain tells what each takes, and three years what becomes of it', async () => {
    const bargain = page.getByRole('table', { name: /What each leaves/ });
    await expect(bargain.getByRole('row', { name: /^as planned/ })).toContainText(String(await left(page)));
    const hours = async (name: RegExp) =>
      Number(await bargain.getByRole('row', { name }).getByRole('cell').nth(3).textContent());
    expect(await hours(/^best two/)).toBeCloseTo(2 * (await hours(/^best one/)), 0);
    await page.getByText('Three years of it').click();
    const years = page.getByRole('table', { name: /How many there are after each year/ });
    const after = async (name: RegExp) =>
      parseInt((await years.getByRole('row', { name }).getByRole('cell').nth(2).textContent())!, 10);
    expect(await after(/^This plan, each year/)).toBeLessThan(await after(/^Left alone from here on/));
    expect(await after(/^and the source cleared/)).toBeLessThan(await after(/^This plan, each year/));
    await expect(page.getByRole('region', { name: 'What decides it most' })).toContainText(
      /would narrow it by about \d+ %/,
    );
  });

  await test.step('the table tells the same week by week', async () => {
    await page.getByText('As a table').click();
    await expect(
      page
        .getByRole('table', { name: /Alive by week/ })
        .getByRole('row')
        .last(),
    ).toContainText(String(await left(page)).slice(0, 1));
  });

  await test.step('kept, it is there again; made a series, the watch tells its dates', async () => {
    await page.getByRole('button', { name: 'Keep this plan' }).click();
    await expect(page.getByText('The plan is kept with the watch.')).toBeVisible();
    const day = await cut(page, 1).getAttribute('aria-valuetext');
    await page.getByRole('button', { name: 'Make it a series' }).click();
    await expect(page.getByText('Planned: Plan of 2026.')).toBeVisible();
    await page.reload();
    await expect(cut(page, 1)).toHaveAttribute('aria-valuetext', day!);
    await page.getByRole('link', { name: 'To the watch' }).click();
    await expect(page.getByRole('region', { name: 'Series' })).toContainText('Plan of 2026');
  });
});

test('on a phone, in an empty garden with nothing told: hand work, free days and a figure of one’s own', async ({
  page,
  stepped,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const garden = await planted(page, stepped.address, {}, 'outdoors');
  const hedge = await garden.plant('Hedge', 'euonymus');
  const watch = await garden.watch(hedge, 'euonymus-scale');
  await page.goto(`${stepped.address}/when/plan/${watch.id}`);
  await expect(title(page)).toHaveText('Nothing is planned: left alone, 100 of 100 stay');
  await expect(page.getByText(/goes by the usual months, which are weeks wide/)).toBeVisible();

  await page.getByRole('button', { name: 'Add a cut' }).click();
  await expect(title(page)).toHaveText(/^One spray leaves \d+ of 100/);
  await expect(page.getByText('whether the weather will be fit nobody can say here')).toBeVisible();
  await page.getByLabel('What with, 1').selectOption({ label: 'Cut out the worst' });
  await expect(title(page)).toHaveText(/^One time of hand work leaves \d+ of 100/);
  const usual = await left(page);

  await page.getByText('The figures it is computed from').click();
  const low = page.getByLabel('Cut out the worst: what it takes off, low');
  await low.fill('200');
  await low.blur();
  await expect(page.getByText('The middle lies between the low and the high end.')).toBeVisible();
  await low.fill('80');
  await page.getByLabel('Cut out the worst: what it takes off, middle').fill('85');
  await page.getByLabel('Cut out the worst: what it takes off, high').fill('90');
  await page.getByLabel('Cut out the worst: what it takes off, high').blur();
  await expect(page.getByText('Your figures are kept.')).toBeVisible();
  await expect.poll(() => left(page)).toBeLessThan(usual);
  await expect(page.getByText('your own', { exact: true })).toBeVisible();

  await page.getByLabel('Saturday').check();
  await expect(page.getByText('Your free days are kept.')).toBeVisible();
  await expect(page.getByText('Not that day: Not one of your free days.')).toBeVisible();
  // A Saturday.
  await page.getByLabel('Day of 1').fill('2026-06-06');
  await expect(page.getByText('Not that day: Not one of your free days.')).toBeHidden();
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(390);
});

test('looking back at last season: what was done, what it left, and the days that were best', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/plan/${HEDGE}`);
  await page.getByRole('link', { name: 'Look back at last season' }).click();
  await expect(title(page)).toHaveText(/West hedge, 2025: what was done left \d+ of 100/);
  const done = page.getByRole('region', { name: 'What was done' });
  await expect(done.getByRole('listitem')).toHaveText([/31 March 2025/, /9 June 2025/, /23 June 2025/]);
  await expect(page.getByRole('region', { name: 'What was left' })).toContainText('would have left least on');
  await expect(page.getByRole('region', { name: 'What was counted' })).toContainText('22 April 2025');
});
