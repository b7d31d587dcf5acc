import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { test } from './server.ts';

const OUTDOORS = '01900000-0000-7002-8000-000000000001';
const SUNROOM = '01900000-0000-7002-8000-000000000002';

/** Puts a plant into the made-up garden and gives the address where something on it is noted. */
async function plantOf(
  request: APIRequestContext,
  address: string,
  number: number,
  name: string,
  hostId: string,
  placeId = OUTDOORS,
): Promise<string> {
  const id = `01900000-0000-7fff-8000-00000000000${number}`;
  const response = await request.put(`${address}/api/plants/${id}`, {
    data: {
      id,
      name,
      hostId,
      placeId,
      count: 1,
      heightM: 2,
      spreadM: 1,
      lengthM: null,
      yearPlanted: null,
      vigour: 'fair',
      light: 'sun',
      watering: 'rain',
      edible: false,
      age: 'mature',
      outOfReach: false,
      retiredOn: null,
      retiredWhy: '',
      note: '',
    },
  });
  expect(response.status()).toBe(200);
  return `${address}/look/new?plant=${id}`;
}

async function tick(page: Page, answers: readonly [question: RegExp, answer: string][]) {
  await page.getByText(/more signs?, never met/).click();
  for (const [question, answer] of answers)
    await page
      .getByRole('group', { name: question })
      .last()
      .getByRole('button', { name: answer, exact: true })
      .click();
}

const result = (page: Page) => page.getByRole('region', { name: 'What it may be' }).locator('p').first();

test('a sticky camellia under glass is brown soft scale', async ({ page, request, demo }) => {
  await page.goto(await plantOf(request, demo.address, 1, 'Red camellia', 'camellia', SUNROOM));
  await tick(page, [
    [/sticky or shiny/, 'Yes'],
    [/black film/, 'Yes'],
    [/white cottony or ribbed sacs/, 'No'],
    [/tiny white flies rise/, 'No'],
    [/Lift one bump/, 'Cover and insect come off as one'],
    [/Under a lens/, 'Flat, see-through oval'],
  ]);
  await expect(result(page)).toHaveText('Brown soft scale');
  await page.getByText('Why, and why not').first().click();
  await expect(page.getByRole('region', { name: 'What it may be' })).toContainText(
    'shape: flat, see-through oval',
  );
});

test('a red smear under white felt on bark is a felt scale', async ({ page, request, demo }) => {
  await page.goto(await plantOf(request, demo.address, 2, 'Crape myrtle', 'crape-myrtle'));
  await tick(page, [
    [/white felt or dense white grains/, 'Yes'],
    [/black film/, 'Yes'],
    [/Press one/, 'Pink or red fluid'],
    [/Where do most/, 'On old bark, forks and scars'],
  ]);
  await expect(result(page)).toHaveText('Crapemyrtle bark scale');
  await page.getByRole('button', { name: 'Open a watch: crapemyrtle bark scale' }).click();
  await expect(page.getByText('Alive: fluid or a plump body')).toBeVisible();
});

test('a winding mine on soft citrus growth, a curled red peach leaf, a stippled leaf: each comes to its own', async ({
  page,
  request,
  demo,
}) => {
  await page.goto(await plantOf(request, demo.address, 3, 'Little lemon', 'lemon', SUNROOM));
  await tick(page, [
    [/pale winding trail/, 'Yes'],
    [/edges rolled over/, 'Yes'],
    [/Where do most/, 'Inside the leaf'],
    [/mined leaf to the light/, 'Yes, one is inside'],
  ]);
  await expect(result(page)).toHaveText('Citrus leaf miner');
  await page.goto(await plantOf(request, demo.address, 4, 'Wall peach', 'peach'));
  await tick(page, [
    [/thick, puckered and reddened/, 'Yes'],
    [/What colour is/, 'Red, pink or purple'],
    [/soft little insects crowded/, 'No'],
    [/sticky or shiny/, 'No'],
    [/Where do most/, 'Spots or dust on the leaf, no insects'],
  ]);
  await expect(result(page)).toHaveText('Peach leaf curl');
  await page.goto(await plantOf(request, demo.address, 5, 'Red rose', 'rose'));
  await tick(page, [
    [/finely stippled/, 'Yes'],
    [/fine webbing or silk/, 'Yes'],
    [/do specks walk/, 'Yes'],
  ]);
  await expect(result(page)).toHaveText('Spider mites');
  await page.getByRole('button', { name: 'Open a watch: spider mites' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Red rose, spider mites' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Count twigs' })).toHaveCount(0);
});

test('white woolly larvae are saved as helpers', async ({ page, request, demo }) => {
  await page.goto(await plantOf(request, demo.address, 6, 'Magnolia', 'magnolia'));
  await tick(page, [
    [/white woolly things walk fast/, 'Yes'],
    [/What colour is/, 'White'],
    [/white mealy wax/, 'No'],
    [/sticky or shiny/, 'No'],
    [/white felt or dense/, 'No'],
    [/smooth domed or flat bumps/, 'No'],
    [/Where do most/, 'On young twigs and stems'],
    [/grey-green growth/, 'No'],
    [/tiny eggs stand on hairs/, 'No'],
  ]);
  await expect(result(page)).toHaveText('Ladybird larvae, white woolly kinds');
  await expect(page.getByRole('region', { name: 'What it may be' })).toContainText('Keep it');
  await page.getByRole('button', { name: /Note it: ladybird larvae/ }).click();
  await expect(page.getByText('Status: ruled out.')).toBeVisible();
});

test('a crusted, blackened pot with whitefly about it opens two watches and names where it came from', async ({
  page,
  request,
  demo,
}) => {
  await page.goto(await plantOf(request, demo.address, 7, 'Pot of lemon', 'lemon', SUNROOM));
  await tick(page, [
    [/sticky or shiny/, 'Yes'],
    [/black film/, 'Yes'],
    [/smooth domed or flat bumps/, 'Yes'],
    [/ridges like a letter H/, 'Yes'],
    [/tiny white flies rise/, 'Yes'],
    [/Do ants run/, 'Yes'],
    [/Lift one bump/, 'Cover and insect come off as one'],
    [/Under a lens/, 'High smooth dome'],
  ]);
  await expect(page.getByText('There may be two troubles')).toBeVisible();
  await page.getByRole('button', { name: /Open two watches/ }).click();
  await expect(page.getByRole('link', { name: /Pot of lemon, black scale/ })).toBeVisible();
  await page.getByRole('link', { name: /Pot of lemon, whitefly/ }).click();
  const spread = page.getByRole('region', { name: 'Where from, where to' });
  await expect(spread).toContainText('Set apart until both are clean: Calamondin, Kumquat, Potted camellia.');
  await spread.getByLabel('It came from').selectOption({ label: 'Potted camellia' });
  await expect(spread.getByRole('listitem').first()).toHaveText(
    /Potted camellia it may have come from there/,
  );
});

test('the field guide is found from any page and understands plain words', async ({ page, demo }) => {
  await page.goto(`${demo.address}/garden`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('plants');
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find')).toBeFocused();
  // A slow fetch of the next page: what was typed just before must not take the click back.
  let letGo = () => {};
  const clicked = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route(/target-page.*\.js/, async (route) => {
    await clicked;
    await route.continue();
  });
  await page.keyboard.type('squiggly line');
  await page.getByRole('link', { name: /Citrus leaf miner/ }).click();
  letGo();
  await expect(page.getByRole('heading', { level: 1, name: 'Citrus leaf miner' })).toBeVisible();
  await page.getByLabel('Told apart from').selectOption({ label: 'Citrus greasy spot' });
  await page.getByRole('button', { name: 'Side by side' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Citrus leaf miner or citrus greasy spot?',
  );
  await page.goBack();
  await page.getByRole('link', { name: 'Kumquat', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Kumquat' })).toBeVisible();
  await page.goto(`${demo.address}/look/guide?q=zzzz`);
  await expect(page.getByText('Nothing holds all of')).toBeVisible();
});
