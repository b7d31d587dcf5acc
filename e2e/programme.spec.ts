import { expect, type Page } from '@playwright/test';
import { sayAllClear } from './all-clear.ts';
import { planted } from './planted.ts';
import { test } from './server.ts';
import { v7 } from 'uuid';

/** Nobody knows tonight's weather: said at the bench, as it asks. */
async function sayNotSure(page: Page): Promise<void> {
  const sky = page.getByRole('group', { name: 'Sky' });
  if (await sky.isVisible()) await sky.getByText('not sure', { exact: true }).click();
}

async function logTank(page: Page): Promise<void> {
  await sayAllClear(page);
  await sayNotSure(page);
  await page.getByRole('button', { name: 'Log the spray' }).click();
  await expect(page.getByText(/The spray of .* is logged/)).toBeVisible();
}

const row = (page: Page, name: RegExp) =>
  page.getByRole('article').filter({ has: page.getByRole('heading', { name }) });

test('neem on two pots: weekly, one closed at the check, the other carried on and then every second week', async ({
  page,
  stepped,
}) => {
  const garden = await planted(
    page,
    stepped.address,
    { schools: { 'neem-repeat': 'weekly-then-fortnightly' } },
    'sunroom',
  );
  const [lemon, kumquat] = [await garden.plant('Lemon', 'lemon'), await garden.plant('Kumquat', 'kumquat')];
  const [onLemon, onKumquat] = [
    await garden.watch(lemon, 'brown-soft-scale'),
    await garden.watch(kumquat, 'brown-soft-scale'),
  ];
  await garden.product('Amber neem', 'raw-neem', {}, { containsOil: true });
  const both = `${stepped.address}/mix?watch=${onLemon.id}&watch=${onKumquat.id}`;

  await test.step('one tank for both; each is told what usually follows, and takes it', async () => {
    await page.goto(both);
    await logTank(page);
    for (const watch of [onLemon, onKumquat]) {
      await page.goto(`${stepped.address}/look/${watch.id}`);
      const offers = page.getByRole('region', { name: 'And then?' });
      await expect(offers).toContainText('9–10 May, then 16–17 May');
      await offers.getByRole('button', { name: /^Plan it Neem weekly/ }).click();
      await expect(page.getByText('Planned: Neem weekly, then every second week.')).toBeVisible();
      await expect(page.getByRole('region', { name: 'Series' })).toContainText(
        'Next: Spray with cold-pressed neem oil, 9–10 May',
      );
    }
  });

  await test.step('a week later both are due, and sprayed again two days late from one tank', async () => {
    await garden.step(9);
    await page.goto(`${stepped.address}/now`);
    await expect(row(page, /Lemon, brown soft scale/).filter({ hasText: 'cold-pressed neem' })).toContainText(
      'was due 10 May',
    );
    await page.goto(both);
    await logTank(page);
    await expect(page.getByRole('region', { name: 'Series' })).toContainText('18–19 May');
  });

  await test.step('the check on day ten closes one pot', async () => {
    await garden.step(1);
    await page.goto(`${stepped.address}/look/${onLemon.id}`);
    await page.getByRole('button', { name: 'Close the watch' }).click();
    await expect(page.getByText('The watch is closed.')).toBeVisible();
    await page.goto(`${stepped.address}/now`);
    await expect(
      row(page, /Kumquat, brown soft scale/).filter({ hasText: 'cold-pressed neem' }),
    ).toContainText('18–19 May');
    await expect(page.getByText('Lemon, brown soft scale')).toHaveCount(0);
  });

  await test.step('two counts that find nothing turn weeks into fortnights', async () => {
    for (const days of [1, 2]) {
      await garden.step(days);
      await page.goto(`${stepped.address}/look/${onKumquat.id}/count`);
      for (let i = 0; i < 10; i++) await page.getByRole('button', { name: 'Nothing here' }).click();
      await page.getByRole('button', { name: /^Finish with/ }).click();
      await expect(page.getByRole('region', { name: 'Counts' })).toBeVisible();
    }
    await expect(page.getByRole('region', { name: 'Series' })).toContainText(
      'Next: Spray with cold-pressed neem oil, 25–27 May',
    );
  });
});

test.describe('in winter', () => {
  test.use({ startsOn: '2026-11-20' });

  test('nine trees under three sprays: planned at once, one tank, and the next is named across New Year', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, { schools: { dormant: 'three-sprays' } });
    for (let i = 1; i <= 9; i++)
      await garden.plant(`Tree ${i}`, i < 7 ? 'apple' : 'pear', { heightM: 2.5, spreadM: 2 });
    await garden.product(
      'Winter oil',
      'mineral-oil',
      { leafStates: ['dormant', 'delayed-dormant'], rateLow: 2, rateHigh: 3 },
      { containsOil: true },
    );
    await page.goto(`${stepped.address}/when/programme`);
    await expect(page.getByText('No series runs.')).toBeVisible();
    const many = page.getByRole('region', { name: 'For many plants' });
    await many.getByRole('button', { name: 'All of them' }).click();
    await many.getByRole('button', { name: 'Plan it for 9 plants' }).click();
    await expect(page.getByText('Planned for 9 plants: winter sprays.')).toBeVisible();
    // Nothing is planned twice on a plant.
    await expect(many).toContainText('planned on them already');

    await page.goto(`${stepped.address}/now`);
    const first = row(page, /^Dormant oil: Tree 1, Tree 2, Tree 3 and 6 more/);
    await expect(first).toContainText('At leaf fall');
    await first.getByRole('link', { name: 'Mix for 9 plants' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mixing for 9 plants');
    await page
      .getByRole('region', { name: 'How it stands today' })
      .getByText('bare', { exact: false })
      .first()
      .click();
    // On bare wood nobody is asked about bloom any more.
    await expect(page.getByRole('group', { name: /in bloom/ })).toHaveCount(0);
    await logTank(page);

    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Planned for later' })).toContainText(
      'Dormant oil: Tree 1, Tree 2, Tree 3 and 6 more',
    );
    await page.goto(`${stepped.address}/when/calendar`);
    await expect(
      page.getByRole('region', { name: 'Entries' }).getByText('Dormant oil: Tree 9').first(),
    ).toBeVisible();
    await page.goto(`${stepped.address}/seasons/book`);
    await expect(page.getByText('the whole plant')).toHaveCount(9);
  });

  test('oil once in the month where winters are mild: one a week late moves the next, across New Year', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, {
      latitudeDeg: 33,
      temperatureUnit: 'F',
      measureSystem: 'us',
      schools: { dormant: 'monthly-oil' },
    });
    const myrtle = await garden.plant('Myrtle', 'crape-myrtle');
    const felt = await garden.watch(myrtle, 'crapemyrtle-bark-scale');
    await garden.product(
      'Winter oil',
      'mineral-oil',
      { leafStates: ['dormant', 'delayed-dormant'], rateLow: 2, rateHigh: 3 },
      { containsOil: true },
    );
    await garden.step(18);
    const spray = async () => {
      await page.goto(`${stepped.address}/mix?watch=${felt.id}`);
      await page.getByText('bare and hardened (dormant)').click();
      await logTank(page);
    };
    await page.goto(`${stepped.address}/now`);
    await page
      .getByRole('group', { name: /^Myrtle: / })
      .first()
      .getByRole('button', { name: 'bare' })
      .click();
    await expect(page.getByText('Logged: bare, Myrtle.')).toBeVisible();
    await spray();
    await garden.step(31);
    await garden.step(4);
    await spray();
    // Logged on 8 December and, a week late, on 12 January: four weeks on is 9 February.
    await page.goto(`${stepped.address}/when/dormant`);
    await expect(page.getByRole('main')).toContainText('9 February');
    await page.goto(`${stepped.address}/when/calendar`);
    await expect(page.getByRole('region', { name: 'Entries' })).toContainText('9 February');
  });
});

test('a fig with rust: stripped, wetted, and the next days are named; a date of one’s own beside it', async ({
  page,
  stepped,
}) => {
  const garden = await planted(page, stepped.address, { schools: { 'fig-rust': 'strip' } });
  const fig = await garden.plant('Fig', 'fig');
  const rust = await garden.watch(fig, 'fig-rust');
  await page.goto(`${stepped.address}/look/${rust.id}/hand`);
  await page.getByRole('button', { name: 'Log it' }).click();
  const offers = page.getByRole('region', { name: 'And then?' });
  await expect(offers).toContainText('Strip, wet bare stems and ground, and twice more');
  await offers.getByRole('button', { name: /^Change it first Strip/ }).click();
  const change = page.getByRole('form', { name: 'Change the series' });
  await change.getByLabel('Days, least').last().fill('x');
  await change.getByRole('button', { name: 'Plan it so' }).click();
  await expect(change.getByRole('alert')).toContainText('whole days');
  await change.getByLabel('Days, least').last().fill('12');
  await change.getByRole('button', { name: 'Plan it so' }).click();
  const series = page.getByRole('region', { name: 'Series' });
  await expect(series).toContainText('Done 2 May');
  await expect(series).toContainText('Next: Bare stems and the ground beneath, 2–5 May');

  await series.getByRole('button', { name: 'A date of my own' }).click();
  const form = page.getByRole('form', { name: 'A date of my own' });
  await form.getByText('something else').click();
  await form.getByRole('button', { name: 'Plan it', exact: true }).click();
  await expect(form.getByRole('alert')).toContainText('say what is to be done');
  await form.getByLabel('What is to be done').fill('Thin the crown');
  await form.getByText('in so many days, then again').click();
  await form.getByRole('button', { name: 'Plan it', exact: true }).click();
  await expect(series).toContainText('Thin the crown, 9–12 May');

  await page.goto(`${stepped.address}/now/day`);
  await expect(page.getByRole('heading', { name: /^Today and tomorrow: / })).toBeVisible();
  const tick = page.getByRole('form', { name: 'Tick what was done' });
  await tick.getByLabel('What').selectOption({ label: 'cleared' });
  await tick.getByLabel('Fig').check();
  await tick.getByRole('button', { name: 'Log for 1 plant' }).click();
  await expect(page.getByText('Logged: cleared, Fig.')).toBeVisible();
  await page.goto(`${stepped.address}/look/${rust.id}`);
  await expect(page.getByRole('region', { name: 'Hand work' })).toContainText('cleared');
});

test('spinosad and oil by turns on a flush: bloom holds them back, and lets them go when it is over', async ({
  page,
  stepped,
}) => {
  const garden = await planted(
    page,
    stepped.address,
    { schools: { 'leaf-mining': 'every-flush' } },
    'sunroom',
  );
  const kumquat = await garden.plant('Kumquat', 'kumquat');
  const miner = await garden.watch(kumquat, 'citrus-leaf-miner');
  await garden.product('Deep soil', 'spinosad', {});
  await garden.product('Leaf oil', 'mineral-oil', {}, { containsOil: true });
  const log = (stage: string, on: string) =>
    garden.put('/growth', { id: v7(), plantId: kumquat.id, stage, on, note: '' } as { id: string });
  await log('flush-start', '2026-05-01');
  await page.goto(`${stepped.address}/mix?watch=${miner.id}`);
  await logTank(page);
  await page.getByRole('button', { name: /^Plan it Spinosad and oil by turns/ }).click();
  const series = page.getByRole('region', { name: 'Series' });
  await expect(series).toContainText(/Next: Spray with (mineral horticultural oil|spinosad), 12–16 May/);
  await expect(series).toContainText('expected about 31 May');

  await log('bloom-start', '2026-05-02');
  await garden.step(10);
  await page.goto(`${stepped.address}/now`);
  const held = row(page, /Kumquat, citrus leaf miner/).filter({ hasText: 'by turns' });
  await expect(held).toContainText('held back');
  await expect(held).toContainText('It is in bloom that bees visit.');
  await log('bloom-end', '2026-05-12');
  await page.reload();
  await expect(held).toContainText('until 16 May');

  // A day of 37 °C ahead stops the oil at the bench; when it has passed, the next turn is counted from the one
  // really done.
  await page.goto(`${stepped.address}/mix?watch=${miner.id}`);
  await sayAllClear(page);
  await page.getByLabel('Low, °C').fill('19');
  await page.getByLabel('High, °C').fill('37');
  await page.getByRole('group', { name: 'Sky' }).getByText('dry', { exact: true }).click();
  const oil = page.getByRole('radio', { name: /^Leaf oil not yet its turn in the series/ });
  await expect(oil).toBeChecked();
  await expect(
    page.getByText('No hour today: it gets hotter within two days than this bears').first(),
  ).toBeVisible();
  await garden.step(6);
  await page.goto(`${stepped.address}/mix?watch=${miner.id}`);
  await logTank(page);
  await page.goto(`${stepped.address}/look/${miner.id}`);
  await expect(series).toContainText('Done 2 May and 18 May');
  await expect(series).toContainText('Next: Spray with spinosad, 28 May–1 June');
});

test('a trap is hung, emptied weekly, catches, and is acted on: each time the next is named', async ({
  page,
  stepped,
}) => {
  const garden = await planted(page, stepped.address, { schools: { 'leaf-mining': 'every-flush' } });
  const kumquat = await garden.plant('Kumquat', 'kumquat');
  const miner = await garden.watch(kumquat, 'citrus-leaf-miner');
  await garden.product('Deep soil', 'spinosad', {});
  const trap = row(page, /^Empty the trap: Kumquat/);
  const read = async (caught: string) => {
    await page.goto(`${stepped.address}/now`);
    await trap.getByRole('link', { name: 'Enter the trap' }).click();
    await page.getByLabel('Caught', { exact: true }).fill(caught);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(`${caught} caught were kept.`)).toBeVisible();
  };
  await page.goto(`${stepped.address}/look/${miner.id}/tape`);
  await page.getByLabel('Hang a trap today, named').fill('Low branch');
  await page.getByRole('button', { name: 'Hang it' }).click();
  await expect(page.getByRole('region', { name: 'Hanging now' })).toContainText('due 9 May');

  await garden.step(7);
  await read('0');
  await page.goto(`${stepped.address}/now`);
  await expect(trap).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Next looks' })).toContainText('Kumquat, citrus leaf miner');
  await garden.step(7);
  await read('12');
  await page.goto(`${stepped.address}/now`);
  await expect(row(page, /^Adults fly: Kumquat/)).toContainText('They lay in soft leaves now');

  await garden.put('/growth', {
    id: v7(),
    plantId: kumquat.id,
    stage: 'flush-start',
    on: '2026-05-14',
    note: '',
  } as { id: string });
  await page.goto(`${stepped.address}/now`);
  const cover = row(page, /flush.*Kumquat|Kumquat.*flush/);
  await cover.getByRole('link', { name: 'Mix' }).click();
  await logTank(page);
  await page.goto(`${stepped.address}/look/${miner.id}`);
  await page
    .getByRole('button', { name: /^Plan it/ })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'Series' })).toContainText('Next: ');
  await page.goto(`${stepped.address}/now`);
  await expect(cover).toHaveCount(0);
});

test('a school that feeds four times: each comes to Now at its stage, and is ticked there', async ({
  page,
  stepped,
}) => {
  const garden = await planted(page, stepped.address, { schools: { feeding: 'four-a-season' } });
  const [apple, pear] = [await garden.plant('Apple', 'apple'), await garden.plant('Pear', 'pear')];
  for (const { id } of [apple, pear])
    for (const [stage, on] of [
      ['bloom-start', '2026-04-20'],
      ['petal-fall', '2026-05-02'],
    ] as const)
      await garden.put('/growth', { id: v7(), plantId: id, stage, on, note: '' } as { id: string });
  await page.goto(`${stepped.address}/now`);
  const feed = row(page, /^Feed: Apple and Pear/);
  await expect(feed).toContainText('As petals fall');
  await feed.getByRole('button', { name: 'Fed all 2' }).click();
  await expect(page.getByRole('region', { name: 'Planned for later' })).toContainText('from 16 May');
  await page.goto(`${stepped.address}/mix/recipes?recipe=biological-feed`);
  await expect(
    page.getByRole('region', { name: 'What goes in' }).getByRole('listitem').filter({ hasText: 'molasses' }),
  ).toBeVisible();
});

test('a mix of seven parts is copied, changed and made; its wait runs on when the page is left, and elsewhere', async ({
  page,
  stepped,
  browser,
}) => {
  await planted(page, stepped.address, {});
  await page.goto(`${stepped.address}/mix/recipes?recipe=biological-feed`);
  await page.getByRole('button', { name: 'Copy and change' }).click();
  const editor = page.getByRole('form', { name: 'Change the recipe' });
  await expect(editor.getByRole('group', { name: /^Part / })).toHaveCount(7);
  await editor.getByLabel('Name', { exact: true }).fill('');
  await editor.getByLabel('How much').first().fill('lots');
  await editor.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(editor.getByRole('alert').first()).toContainText('cannot be empty');
  await editor.getByLabel('Name', { exact: true }).fill('Spring feed');
  await editor.getByLabel('How much').first().fill('4');
  await editor.getByRole('button', { name: 'Another part' }).click();
  await editor.getByLabel('What goes in').last().fill('nettle brew');
  await editor.getByLabel('How much').last().fill('20');
  await editor.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Spring feed');

  const parts = page.getByRole('region', { name: 'What goes in' });
  await page.getByLabel('To make, l').fill('10');
  await expect(parts.getByRole('listitem').filter({ hasText: 'nettle brew' })).toContainText('200 ml');
  await expect(parts).toContainText('not on parts to be eaten');
  await expect(parts).toContainText('Used within 24 h');

  await page.getByRole('button', { name: 'Wait 12 h for step 1' }).click();
  await expect(page.getByRole('timer', { name: 'Step 1' })).toContainText('719:');
  await page.goto(`${stepped.address}/mix/recipes?recipe=soap-spray`);
  await expect(page.getByRole('list', { name: 'Waits that run' })).toContainText('Spring feed, step 1');
  const elsewhere = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await elsewhere.goto(`${stepped.address}/mix/recipes`);
  await elsewhere.getByRole('button', { name: 'Spring feed, step 1' }).click();
  await expect(elsewhere.getByRole('timer', { name: 'Step 1' })).toContainText('to go');
  await elsewhere.getByRole('button', { name: 'stop the wait of step 1' }).click();
  await expect(elsewhere.getByRole('button', { name: 'Wait 12 h for step 1' })).toBeVisible();
  await elsewhere.context().close();

  await page.goto(`${stepped.address}/mix/recipes`);
  await page.getByText('Spring feed', { exact: true }).click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByText('The recipe was taken out.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Spring feed', { exact: true })).toBeVisible();
});

test.describe('in spring', () => {
  test.use({ startsOn: '2026-04-01' });

  test('a home mix of seven parts four times: it comes off the shelf, feeds, and the next is named each time', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, { schools: { feeding: 'four-a-season' } });
    const trees = [await garden.plant('Apple', 'apple'), await garden.plant('Pear', 'pear')];
    const seen = async (stage: string, on: string) => {
      for (const { id } of trees)
        await garden.put('/growth', { id: v7(), plantId: id, stage, on, note: '' } as { id: string });
    };
    const mix = async (next: string) => {
      await page.goto(`${stepped.address}/now`);
      await row(page, /^Feed: Apple and Pear/)
        .getByRole('link', { name: 'The recipe, and its log' })
        .click();
      const log = page.getByRole('form', { name: 'Log that it was sprayed' });
      await expect(log).toContainText('No label stands behind it');
      await log.getByRole('button', { name: 'Log for 2 plants' }).click();
      await expect(page.getByText(/^Logged: Biological mix/)).toBeVisible();
      await page.goto(`${stepped.address}/now`);
      await expect(row(page, /^Feed: Apple and Pear/)).toHaveCount(0);
      await expect(page.getByRole('main')).toContainText(next);
    };
    await seen('bud-swell', '2026-04-01');

    await test.step('what goes in is put on the shelf, one of it counted and priced', async () => {
      await page.goto(`${stepped.address}/mix/recipes?recipe=biological-feed`);
      const parts = page.getByRole('region', { name: 'What goes in' });
      await expect(page.getByRole('form', { name: 'Log that it was sprayed' })).toContainText(
        'on the shelf first',
      );
      for (let left = 6; left > 0; left--) {
        await expect(parts.getByRole('button', { name: /^Put it on the shelf/ })).toHaveCount(left);
        await parts
          .getByRole('button', { name: /^Put it on the shelf/ })
          .first()
          .click();
      }
      await page.goto(`${stepped.address}/mix/shelf`);
      await page.getByRole('link', { name: 'cold-pressed neem or another plant oil' }).click();
      await page.getByText('The pack: what is left').click();
      await page.getByLabel('Left in the pack, ml').fill('60');
      await page.getByLabel('A pack holds, ml').fill('500');
      await page.getByLabel('and costs').fill('20');
      await page.getByRole('button', { name: /^Keep/ }).click();
      await expect(page.getByText('was kept.')).toBeVisible();
    });

    await test.step('a season of it is 100 ml of neem: 40 to buy', async () => {
      await page.goto(`${stepped.address}/mix/recipes?recipe=biological-feed`);
      const season = page.getByRole('region', { name: 'For a season' });
      const neem = season.getByRole('row', { name: /^cold-pressed neem/ });
      await expect(neem).toContainText('100 ml');
      await expect(neem).toContainText('40 ml');
      await expect(neem).toContainText('4.00');
      await expect(season).toContainText('4.00 in your money, without plain liquid soap');
      await season.getByLabel('Times a season').fill('some');
      await expect(season.getByText('whole times, 1 to 100')).toBeVisible();
      await season.getByLabel('Times a season').fill('2');
      await expect(neem).toContainText('nothing');
    });

    await test.step('four times: two by the usual weeks, then by what was seen', async () => {
      await mix('from 22 April');
      await garden.step(21);
      await page.goto(`${stepped.address}/now`);
      await expect(row(page, /^Feed: Apple and Pear/)).toContainText('about then, until the stage is logged');
      await mix('from 13 May');
      await garden.step(5);
      await seen('bloom-start', '2026-04-26');
      await garden.step(13);
      await seen('petal-fall', '2026-05-10');
      await mix('from 24 May');
      await garden.step(14);
      await mix('Nothing is due');
      await page.goto(`${stepped.address}/mix/shelf`);
      await expect(page.getByRole('listitem').filter({ hasText: 'cold-pressed neem' })).toContainText(
        '0 ml left',
      );
      await expect(page.getByRole('listitem').filter({ hasText: 'molasses' })).toContainText(
        'used 4 times this year',
      );
    });
  });
});
