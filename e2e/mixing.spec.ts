import { expect, type Page } from '@playwright/test';
import { sayAllClear } from './all-clear.ts';
import { HEDGE, test } from './server.ts';

const CAMELLIA = '01900000-0000-7004-8000-000000000008';
const pour = (page: Page) => page.getByRole('region', { name: 'What to pour' });

/** Counts every tap a person makes, by counting what the page hears. */
async function countTaps(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const taps = window as unknown as { taps: number };
    taps.taps = 0;
    addEventListener(
      'click',
      (event) => {
        if (event.isTrusted) taps.taps++;
      },
      true,
    );
  });
  return () => page.evaluate(() => (window as unknown as { taps: number }).taps);
}

test(
  'from a watch to a logged spray in few taps; what stands open is asked, an edit keeps what was, the ' +
    'pack is lighter',
  async ({ page, demo }) => {
    await page.goto(`${demo.address}/look/${HEDGE}`);
    const taps = await countTaps(page);
    await page.getByRole('link', { name: 'Mix for it' }).click();
    await sayAllClear(page);
    await expect(pour(page)).toContainText('2.17 l of spray in one fill');
    await expect(page.getByText('it took 2.1 l to 2.2 l when it was sprayed so before')).toBeVisible();
    await page.getByRole('button', { name: 'Log the spray' }).click();
    const sprays = page.getByRole('region', { name: 'Sprays' });
    await expect(sprays).toContainText('29 May: Horticultural oil, all seasons, 2.17 l of spray');
    await sprays.getByText('everything was wetted', { exact: true }).first().click();
    await expect(sprays.getByRole('group', { name: 'How well did it cover?' })).toHaveCount(0);
    await sprays.getByText('crawlers', { exact: true }).click();
    await expect(sprays.getByRole('group')).toHaveCount(0);
    expect(await taps()).toBeLessThan(12);

    await sprays.getByRole('link', { name: /edit the spray of 29 May/ }).click();
    await expect(
      page.getByRole('region', { name: 'What stood here before' }).getByRole('listitem'),
    ).toHaveCount(2);
    await page.getByLabel(/^Spray used/).fill('-2');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('must be above 0')).toBeVisible();
    await page.getByLabel(/^Spray used/).fill('3');
    await page.getByLabel(/^Horticultural oil/).fill('45');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(sprays).toContainText('3 l of spray');
    await sprays.getByRole('button', { name: /take out the spray of 29 May/ }).click();
    await expect(sprays).not.toContainText('3 l of spray');
    await expect(page.getByText('The spray was taken out.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(sprays).toContainText('3 l of spray');
    await sprays.getByRole('link', { name: /edit the spray of 29 May/ }).click();
    await expect(page.getByRole('region', { name: 'What stood here before' })).toContainText(
      '2.17 l of spray, 32.5 ml or g',
    );

    await page.goto(`${demo.address}/mix/shelf`);
    const oil = page
      .getByRole('listitem')
      .filter({ has: page.getByRole('link', { name: 'Horticultural oil, all seasons' }) });
    await expect(oil).toContainText('855 ml left');
    await expect(oil).toContainText('West hedge, euonymus scale from 12 June 2026');
    await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
    await sayAllClear(page);
    await page.getByRole('link', { name: 'Which hours are fit for it' }).click();
    await expect(page.getByLabel('Plant')).toHaveValue('01900000-0000-7003-8000-000000000006');
    await page.goBack();
    await page.getByText('lines that are not for this').click();
    await expect(
      page.getByText('Its label leaves 14 days between uses. Not before 12 June 2026.').first(),
    ).toBeVisible();
  },
);

test('one tank for two plants, two products in it, and what may never meet', async ({
  page,
  request,
  demo,
}) => {
  const line = {
    id: '01900000-0000-7fff-8000-000000000100',
    crop: 'Trees and shrubs',
    region: '',
    hostIds: [],
    groups: ['armored', 'soft'],
    leafStates: ['in-leaf'],
    rateLow: 3,
    rateHigh: 5,
    rateUnit: 'g-per-l',
    leastC: null,
    greatestC: null,
    intervalDays: null,
    usesPerYear: null,
    mostPerYear: null,
    daysToHarvest: null,
    reentryHours: null,
    rainFreeHours: null,
  };
  const product = {
    strengthPercent: 80,
    containsOil: false,
    formulation: 'powder',
    modeOfAction: '',
    organic: true,
    unlabelled: false,
    mustNotTouch: '',
    apart: [],
    stock: { amount: 5, countedOn: '2026-05-29' },
    expiresOn: null,
    pack: null,
  };
  const put = async (n: number, name: string, materialId: string) => {
    const id = `01900000-0000-7fff-8000-00000000000${n}`;
    const response = await request.put(`${demo.address}/api/products/${id}`, {
      data: {
        ...product,
        id,
        name,
        materialId,
        lines: [{ ...line, id: `01900000-0000-7fff-8000-00000000010${n}` }],
      },
    });
    expect(response.status()).toBe(200);
  };
  await put(1, 'Bicarbonate powder', 'bicarbonate');
  await put(2, 'Sulfur powder', 'sulfur');
  await put(3, 'Lime sulfur', 'lime-sulfur');
  await put(4, 'Acid conditioner', 'acid');
  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
  await sayAllClear(page);
  // The choice goes through the address, which takes a moment.
  const apple = page.getByLabel('Apple by the gate, San Jose scale');
  await apple.click();
  await expect(apple).toBeChecked();
  await expect(page).toHaveURL(/watch=.*watch=/);
  await sayAllClear(page);
  await page.getByRole('radio', { name: /Horticultural oil, all seasons/ }).check();
  const more = page.getByLabel('Anything else in the same tank?');
  await more.selectOption({ label: 'Bicarbonate powder, Trees and shrubs' });
  await expect(pour(page)).toContainText('Bicarbonate powder');
  await expect(pour(page)).toContainText('Only 5 g left');
  await expect(pour(page).getByRole('listitem').filter({ hasText: 'try it in a jar' })).toBeVisible();
  await expect(
    pour(page).getByRole('listitem').filter({ hasText: 'it would clog your fine screen' }),
  ).toBeVisible();
  await page.getByRole('button', { name: /take out of the tank: Bicarbonate/ }).click();
  await more.selectOption({ label: 'Sulfur powder, Trees and shrubs' });
  await expect(page.getByRole('alert').filter({ hasText: 'Not in one tank' })).toBeVisible();
  await expect(pour(page)).toHaveCount(0);
  await page.getByRole('button', { name: /take out of the tank: Sulfur/ }).click();

  await page.getByRole('button', { name: 'Log the spray' }).click();
  await expect(page.getByText(/The spray of 29 May is logged/)).toBeVisible();
  await page.goto(`${demo.address}/seasons/book`);
  await expect(page.getByRole('row', { name: /29 May 2026/ })).toHaveCount(2);

  // Acid and lime sulfur: the bench pours nothing, whatever is ticked.
  await page.goto(`${demo.address}/mix`);
  await page.getByLabel('For what').selectOption({ label: 'Lilac, oystershell scale' });
  await page.getByRole('radio', { name: /Lime sulfur/ }).check();
  await page
    .getByLabel('Anything else in the same tank?')
    .selectOption({ label: 'Acid conditioner, Trees and shrubs' });
  await expect(page.getByRole('alert').filter({ hasText: 'deadly gas' })).toBeVisible();
  await page.getByRole('checkbox', { name: /against a rule of thumb/ }).check();
  await expect(pour(page)).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Log the spray' })).toHaveCount(0);
});

test('a new product begins with what is usual, is checked for sense, and is refused at the field', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/mix/shelf`);
  await page.getByRole('link', { name: 'Add a product' }).click();
  await page.getByLabel('Active ingredient').selectOption({ label: 'Insecticidal soap' });
  await expect(page.getByRole('group', { name: 'Line 2' })).toHaveCount(0);
  await expect(page.getByLabel('Highest rate')).toHaveValue('2');
  await page.getByLabel('Highest rate').fill('12');
  await expect(page.getByRole('list', { name: 'Worth a second look' })).toContainText(
    'comes to 12 % of the spray, where 1–2 % is usual',
  );
  await page.getByLabel('Lowest rate').fill('-1');
  await page.getByText('What the label limits').first().click();
  await page.getByLabel('Days between uses').fill('999');
  await page.getByText('The pack: what is left').click();
  await page.getByLabel(/^Left in the pack/).fill('-3');
  await page.getByLabel('Strength, %').fill('strong');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Name: cannot be empty')).toBeVisible();
  await expect(page.getByText('Strength, %: a number')).toBeVisible();
  await expect(page.getByText('Lowest rate: must be above 0')).toBeVisible();
  await expect(page.getByText('Days between uses: at most 365')).toBeVisible();
  await expect(page.getByText(/Left in the pack, ml or as printed: must be above 0/)).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Soap of the second shelf');
  await page.getByLabel('Strength, %').fill('40');
  await page.getByLabel('Lowest rate').fill('1');
  await page.getByLabel('Highest rate').fill('2');
  await page.getByLabel('Days between uses').fill('7');
  await page.getByLabel(/^Left in the pack/).fill('250');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Soap of the second shelf' });
  await expect(row).toContainText('250 ml left');

  const sprayers = page.getByRole('region', { name: 'Sprayers' });
  await sprayers.getByLabel('Name').fill('Ocean');
  await sprayers.getByLabel('Holds, l').fill('9999999');
  await sprayers.getByText('How far it reaches, its screen').click();
  await sprayers.getByLabel('Reaches, m').fill('nonsense');
  await sprayers.getByRole('button', { name: 'Add it' }).click();
  await expect(sprayers).toContainText('at most 500 l');
  await expect(sprayers).toContainText('Reaches, m: a number');
  await sprayers.getByLabel('Name').fill('Hose dial');
  await sprayers.getByLabel('Kind').selectOption('hose-end');
  await sprayers.getByLabel('Holds, l').fill('0.9');
  await sprayers.getByLabel('Reaches, m').fill('6');
  await sprayers.getByLabel('Its settings').fill('1 2 4 8');
  await sprayers.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('Hose dial was added.')).toBeVisible();
  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
  await sayAllClear(page);
  await page.getByLabel('Sprayer').selectOption({ label: 'Hose dial, 0.9 l' });
  // 1.5 % is nearest 4 US tablespoons in a gallon, 1.56 %.
  await expect(pour(page)).toContainText('Dial to 4 US tablespoons per US gallon');
  await expect(pour(page)).toContainText('gives 1.56 %');
});

test('a drench asks which way round before it says an amount', async ({ page, request, demo }) => {
  const id = '01900000-0000-7fff-8000-000000000009';
  const response = await request.put(`${demo.address}/api/products/${id}`, {
    data: {
      id,
      name: 'Root drench',
      materialId: 'dinotefuran',
      strengthPercent: 2,
      containsOil: false,
      formulation: 'soluble',
      modeOfAction: '',
      organic: false,
      unlabelled: false,
      mustNotTouch: '',
      apart: [],
      stock: null,
      expiresOn: null,
      pack: null,
      lines: [
        {
          id: '01900000-0000-7fff-8000-000000000109',
          crop: 'Shrubs',
          region: 'not near water',
          hostIds: [],
          groups: ['leaf-miner'],
          leafStates: ['in-leaf'],
          rateLow: 3,
          rateHigh: 3,
          rateUnit: 'ml-per-cm-diameter',
          leastC: null,
          greatestC: null,
          intervalDays: null,
          usesPerYear: 1,
          mostPerYear: null,
          daysToHarvest: null,
          reentryHours: null,
          rainFreeHours: null,
        },
      ],
    },
  });
  expect(response.status()).toBe(200);
  const watches = (await (await request.get(`${demo.address}/api/watches`)).json()) as {
    watches: { watch: { id: string }; plant: { name: string } }[];
  };
  const box = watches.watches.find(({ plant }) => plant.name === 'Boxwood edging')!.watch.id;
  await page.goto(`${demo.address}/mix?watch=${box}`);
  await sayAllClear(page);
  // Bees visit box: the garden's school has none of it there.
  await page.getByText('lines that are not for this').click();
  await expect(page.getByText('this school never does it there')).toBeVisible();
  await page.goto(`${demo.address}/setup`);
  await page.getByLabel('Drenches through the roots?').selectOption('after-bloom');
  await expect(page.getByText('The school is changed.')).toBeVisible();
  const plants = (await (await request.get(`${demo.address}/api/plants`)).json()) as {
    plants: { id: string; name: string }[];
  };
  const plantId = plants.plants.find(({ name }) => name === 'Boxwood edging')!.id;
  for (const [i, stage] of ['bloom-start', 'petal-fall'].entries()) {
    await request.put(`${demo.address}/api/growth/01900000-0000-7fff-8000-00000000020${i}`, {
      data: {
        id: `01900000-0000-7fff-8000-00000000020${i}`,
        plantId,
        stage,
        on: `2026-05-${10 + 10 * i}`,
        note: '',
      },
    });
  }
  await page.goto(`${demo.address}/mix?watch=${box}`);
  await sayAllClear(page);
  await page.getByRole('radio', { name: /Root drench/ }).check();
  await expect(page.getByRole('region', { name: 'Cautions' })).toContainText('licensed hands');
  await page.getByLabel(/^Each trunk/).fill('31.4 x');
  await expect(page.getByText('numbers above 0, parted by spaces')).toBeVisible();
  await page.getByLabel(/^Each trunk/).fill('31.4');
  await page.getByLabel(/^Measured at height/).fill('0.2');
  await expect(pour(page)).toContainText('Say which: one is 3.14 times the other');
  await expect(pour(page)).not.toContainText('in all');
  await page.getByText('round it (circumference)').click();
  await expect(pour(page)).toContainText('30 ml in all');
  await page.getByText('straight through (diameter)').click();
  await expect(pour(page)).toContainText('94 ml in all');
});

test('schools differ by plant; recipes run timers; advice shows where it matters; the card goes on paper', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/garden`);
  await page
    .getByRole('main')
    .getByRole('link', { name: /West hedge/ })
    .first()
    .click();
  await page.getByText('Treated as the garden').click();
  await page.getByLabel('Only what organic growing allows?').selectOption('organic-only');
  await expect(page.getByText('Differs from the garden in 1 question')).toBeVisible();
  await page.getByLabel('Feeding as part of the cure?').selectOption('monthly');
  await expect(page.getByRole('region', { name: 'Feeding' })).toContainText('Next:');

  await page.goto(`${demo.address}/mix/recipes?recipe=oil-and-soap`);
  await page.getByLabel(/^To make/).fill('2');
  await expect(page.getByRole('region', { name: 'What goes in' })).toContainText('20 ml');
  await page.getByRole('button', { name: /Wait 2 min/ }).click();
  await expect(page.getByRole('timer')).toContainText(/1:5\d to go|2:00 to go/);
  await page.getByRole('button', { name: /stop the wait/ }).click();
  await expect(page.getByRole('timer')).toHaveCount(0);

  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);

  await sayAllClear(page);
  await expect(page.getByRole('region', { name: 'Which line of which label' })).toContainText(
    'Our water is hard',
  );
  await page.emulateMedia({ media: 'print' });
  await expect(pour(page)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cautions' })).toBeVisible();
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Log the spray' })).toBeHidden();
  await page.emulateMedia({ media: null });

  await page.goto(`${demo.address}/mix?watch=${CAMELLIA}`);

  await sayAllClear(page);
  await page
    .getByRole('group', { name: /bees gather honeydew/ })
    .getByText('yes')
    .click();
  await expect(page.getByText('No line on your shelf fits today.')).toBeVisible();
  await page.getByText('lines that are not for this').click();
  await expect(page.getByText('Bees gather its honeydew.').first()).toBeVisible();
});
