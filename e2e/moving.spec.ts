import { expect } from '@playwright/test';
import { v7 } from 'uuid';
import { planted } from './planted.ts';
import { test } from './server.ts';

test.describe("a pot's autumn", () => {
  test.use({ startsOn: '2026-08-15' });

  test('from the last look to the end of its quarantine, in a garden without a thermometer', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, {
      climate: {
        lastFrost: '05-01',
        firstFrost: '10-12',
        summerHighC: 26,
        winterLowC: -8,
        summerLowC: null,
        summers: 'even',
      },
    });
    await garden.put('/places', {
      id: v7(),
      name: 'Stairs',
      kind: 'cold-house',
      stationId: null,
      minOffsetC: 0,
      maxOffsetC: 0,
      standInIds: [],
    } as { id: string });
    await garden.plant('Lemon', 'lemon', { heightM: 1, spreadM: 0.7 });
    await garden.plant('Old apple', 'apple');
    await page.goto(`${stepped.address}/garden`);
    await page.getByRole('main').getByRole('link', { name: 'Moving in and out' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Lemon inside by \d+ September$/);
    const lemon = page.getByRole('article', { name: 'Lemon' });
    await expect(lemon.getByText(/bears 3 °C \(by its kind, grade C\)/)).toBeVisible();
    await expect(lemon.getByText(/one winter in ten is so cold by then/)).toBeVisible();
    await expect(page.getByRole('article', { name: 'Old apple' })).toHaveCount(0);
    const by = /\d+ September/.exec((await page.getByRole('heading', { level: 1 }).textContent())!)![0];

    // Now tells of it too, and leads here.
    await page.goto(`${stepped.address}/now`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('One is open');
    await page
      .getByRole('region', { name: 'Pots to move' })
      .getByRole('link', { name: `Lemon: inside by ${by}` })
      .click();

    // Done for all pots, taken back, and done for the one.
    const all = page.getByRole('region', { name: 'All pots' });
    await all.getByRole('button', { name: 'Looked, nothing for Lemon' }).first().click();
    await expect(lemon.getByText('done 15 August').first()).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(lemon.getByText('done 15 August')).toHaveCount(0);
    await lemon.getByRole('button', { name: 'Looked, nothing for Lemon' }).first().click();
    await expect(lemon.getByText('done 15 August').first()).toBeVisible();

    const carryIn = lemon.getByRole('button', { name: 'Carried in for Lemon' });
    for (let week = 0; week < 5 && !(await carryIn.isVisible()); week++) {
      const wash = lemon.getByRole('button', { name: 'Washed for Lemon' });
      if (await wash.isVisible()) await wash.click();
      await garden.step(7);
      await page.reload();
      await expect(lemon).toBeVisible();
    }
    await carryIn.click();
    await expect(page.getByText(/^Lemon: to Stairs/)).toBeVisible();
    const stairs = page.getByRole('region', { name: 'Stairs' });
    await expect(stairs.getByRole('article', { name: 'Lemon' })).toBeVisible();
    await expect(stairs.getByText(/Apart from others/)).toBeVisible();
    await garden.step(16);
    await page.reload();
    await stairs.getByRole('button', { name: 'Looked, nothing for Lemon' }).last().click();
    await expect(stairs.getByText(/Apart from others done/)).toBeVisible();
    // Its page says the same.
    await stairs.getByRole('link', { name: 'Lemon' }).click();
    await expect(page.getByRole('region', { name: 'Places it stood in' })).toContainText('to Stairs');
    await expect(page.getByRole('region', { name: 'Growth and care' })).toContainText(
      'looked over, nothing found',
    );
  });
});

test('without a word about the cold it asks, and a bought plant is kept apart', async ({ page, empty }) => {
  const garden = await planted(page, empty.address, {}, 'sunroom');
  await garden.plant('Camellia', 'camellia');
  await page.goto(`${empty.address}/garden/moving`);
  await expect(page.getByText('Nobody told how cold it gets here.')).toBeVisible();
  await page.getByText('A plant was bought').click();
  await page.getByRole('button', { name: 'Keep it apart' }).click();
  await expect(page.getByText('Which: choose the plant')).toBeVisible();
  await page.getByLabel('Which').selectOption({ label: 'Camellia' });
  await page.getByRole('button', { name: 'Keep it apart' }).click();
  await expect(page.getByRole('article', { name: 'Camellia' }).getByText(/Apart from others/)).toBeVisible();
});
