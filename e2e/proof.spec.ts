import { expect, type Page } from '@playwright/test';
import { v7 } from 'uuid';
import type { CivilDate } from '#core/calendar';
import { blankSpray, type Inspection, type Tag, type Tape, type Watch } from '#core/records';
import { cameraFile } from './camera-file.ts';
import { type Planted, planted } from './planted.ts';
import { printed } from './printed.ts';
import { HEDGE, test } from './server.ts';

const title = (page: Page) => page.getByRole('main').getByRole('heading', { level: 1 });
const region = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** A count on twigs; tagged where tags are given. */
const count = (watch: Watch, on: CivilDate, live: readonly number[], tags: readonly Tag[] = []) => ({
  id: v7(),
  watchId: watch.id,
  on,
  protocol: 'twig',
  units: live.map((alive, i) => ({
    counts: { live: alive, dead: 2, holed: 0 },
    ...(tags[i] ? { tagId: tags[i].id } : {}),
  })),
  roundId: null,
  sprayId: null,
  note: '',
});
const about = (level: number) =>
  Array.from({ length: 20 }, (_, i) => Math.round(level * (0.5 + (i % 5) * 0.25)));

async function hedgeIn(page: Page, address: string) {
  const garden = await planted(page, address, {});
  const plant = await garden.plant('Hedge', 'euonymus', { heightM: 1.5, spreadM: 1, lengthM: 6 });
  const watch = await garden.watch(plant, 'euonymus-scale');
  const oil = await garden.product('Oil', 'mineral-oil', {});
  const sprayers = (await (await page.request.get(`${address}/api/shelf`)).json()) as {
    sprayers: { id: string }[];
  };
  const spray = (on: CivilDate, rate = 1.5) =>
    garden.put(
      '/sprays',
      blankSpray({
        id: v7(),
        watchId: watch.id,
        parts: [{ productId: oil.id, lineId: oil.lines[0]!.id, rate, productAmount: 30 }],
        sprayerId: sprayers.sprayers[0]!.id,
        on,
        leafState: 'in-leaf',
        sprayMl: 2000,
      }),
    );
  return { garden, plant, watch, spray };
}

test.describe('before and after on a phone', () => {
  test.use({ startsOn: '2026-06-05', viewport: { width: 390, height: 844 }, hasTouch: true });

  test('tags chosen by chance, pictures, the spray, the same tags weeks later with the old picture, and the verdict', async ({
    page,
    stepped,
  }) => {
    const { garden, watch, spray } = await hedgeIn(page, stepped.address);
    await page.goto(`${stepped.address}/look/${watch.id}/before`);
    await page.getByLabel('How many tags').fill('12');
    await page.getByRole('button', { name: 'Hang them' }).click();
    await expect(page.getByRole('heading', { name: 'Tag 1 (1 of 12)' })).toBeVisible();

    const walk = region(page, 'Tag by tag');
    const untouched: string[] = [];
    for (let i = 1; i <= 12; i++) {
      await expect(page.getByRole('heading', { name: `Tag ${i} (${i} of 12)` })).toBeVisible();
      untouched.push((await walk.getByText('Leave this one untreated.').count()) > 0 ? 'alone' : 'treat');
      if (i < 12) await walk.getByRole('button', { name: 'Next tag' }).click();
    }
    // One of every two neighbours.
    for (let pair = 0; pair < 12; pair += 2)
      expect(untouched.slice(pair, pair + 2).toSorted()).toEqual(['alone', 'treat']);
    for (let i = 1; i < 12; i++) await walk.getByRole('button', { name: 'The one before' }).click();
    await walk.getByLabel('Photograph it').setInputFiles({
      name: 'tag.jpg',
      mimeType: 'image/jpeg',
      buffer: await cameraFile(page, '2026:06:05 10:00:00'),
    });
    await expect(walk.getByText('1 photographed today')).toBeVisible();

    const { tags } = (
      (await (await page.request.get(`${stepped.address}/api/watches/${watch.id}`)).json()) as {
        picture: { tags: Tag[] };
      }
    ).picture;
    await garden.put(
      '/samples',
      count(
        watch,
        '2026-06-05',
        tags.map(() => 20),
        tags,
      ),
    );
    await page.reload();
    await expect(page.getByRole('status').filter({ hasText: 'Do the work now' })).toBeVisible();
    await spray('2026-06-05');
    await page.reload();
    await expect(page.getByText('A count tells from 19 June 2026 on.')).toBeVisible();

    await garden.step(20);
    await page.goto(`${stepped.address}/look/${watch.id}`);
    await region(page, 'Tagged').getByRole('link', { name: 'After the work' }).click();
    await expect(title(page)).toHaveText('After the work: Hedge');
    await expect(walk.getByRole('img', { name: 'Before, 5 June 2026' })).toBeVisible();
    await walk.getByLabel('Photograph it').setInputFiles({
      name: 'tag.jpg',
      mimeType: 'image/jpeg',
      buffer: await cameraFile(page, '2026:06:25 10:00:00'),
    });
    await walk.getByRole('link', { name: 'Lay them on each other' }).click();
    await expect(title(page)).toHaveText('Hedge: 5 June 2026 and 25 June 2026');
    const slider = page.getByRole('slider', { name: /^Where the line between the pictures stands/ });
    await slider.fill('100');
    await expect(slider).toHaveValue('100');

    await garden.put(
      '/samples',
      count(
        watch,
        '2026-06-25',
        tags.map(({ untouched: alone }) => (alone ? 18 : 2)),
        tags,
      ),
    );
    await page.goto(`${stepped.address}/look/${watch.id}/after`);
    await expect(page.getByRole('status').filter({ hasText: /^It worked: it took 8\d %/ })).toBeVisible();
    await page.getByRole('button', { name: 'Yes, scorched' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'It burned the leaves.' })).toBeVisible();
  });
});

test.describe('why it did not work', () => {
  test.use({ startsOn: '2026-08-01' });

  const look = (watch: Watch, on: CivilDate, answers: Inspection['answers']): Inspection => ({
    id: v7(),
    watchId: watch.id,
    on,
    answers,
    coversTurned: 20,
  });
  const tape = (watch: Watch, putOn: CivilDate, takenOff: CivilDate, crawlers: number): Tape => ({
    id: v7(),
    watchId: watch.id,
    label: 'T',
    putOn,
    takenOff,
    crawlers,
    colour: null,
  });
  async function counted(garden: Planted, watch: Watch, first: CivilDate, last: CivilDate) {
    await garden.put('/samples', count(watch, first, about(8)));
    await garden.put('/samples', count(watch, last, about(8)));
  }

  test('a wrong stage: named by the tapes, and put into the programme with one tap', async ({
    page,
    stepped,
  }) => {
    const { garden, watch, spray } = await hedgeIn(page, stepped.address);
    const weeks = ['2026-06-10', '2026-06-17', '2026-06-24', '2026-07-01', '2026-07-08'] as const;
    for (const [i, caught] of [4, 50, 40, 3].entries())
      await garden.put('/tapes', tape(watch, weeks[i]!, weeks[i + 1]!, caught));
    await counted(garden, watch, '2026-05-12', '2026-06-20');
    await spray('2026-05-14');
    await page.goto(`${stepped.address}/seasons/watch/${watch.id}/why`);
    const reasons = region(page, 'Reasons, Hedge');
    const first = reasons.getByRole('article').first();
    await expect(first).toContainText('Wrong moment');
    await expect(first).toContainText('for: on the days it was done few of them were soft');
    await first.getByRole('button', { name: 'Put it into the programme' }).click();
    await expect(page.getByText('Planned: Next time: wrong moment.')).toBeVisible();
    await page.goto(`${stepped.address}/when/programme`);
    await expect(page.getByRole('main')).toContainText('Next time: wrong moment');
  });

  test('a source: an infested plant that touches it', async ({ page, stepped }) => {
    const { garden, plant, watch, spray } = await hedgeIn(page, stepped.address);
    const beside = await garden.plant('Over the fence', 'euonymus');
    const source = await garden.watch(beside, 'euonymus-scale');
    await page.request.put(`${stepped.address}/api/plants/${plant.id}/touching/${beside.id}`, {
      data: { touches: true },
    });
    await garden.put('/samples', count(source, '2026-05-20', about(30)));
    await counted(garden, watch, '2026-06-01', '2026-07-10');
    await spray('2026-06-08');
    await page.goto(`${stepped.address}/look/${watch.id}`);
    await page.getByRole('link', { name: 'Why that may be' }).click();
    const first = region(page, 'Reasons, Hedge').getByRole('article').first();
    await expect(first).toContainText('Came back from a source');
    await expect(first).toContainText('for: an infested plant touches it');
  });

  test('old covers: nobody can tell, then one look after another, and it did work', async ({
    page,
    stepped,
  }) => {
    const { garden, watch, spray } = await hedgeIn(page, stepped.address);
    await counted(garden, watch, '2026-06-01', '2026-07-10');
    await spray('2026-06-08');
    await page.goto(`${stepped.address}/seasons/watch/${watch.id}/why`);
    await expect(title(page)).toHaveText('Hedge: no fall can be shown');
    await expect(page.getByText('Nobody can tell from these records.')).toBeVisible();
    await garden.put('/inspections', look(watch, '2026-07-12', { press: 'dry', 'turn-over': 'empty' }));
    await page.reload();
    await expect(region(page, 'Reasons, Hedge').getByRole('article').first()).toContainText(
      'these are old covers',
    );
    const telling = region(page, 'The look that would tell');
    for (const asked of ['Is it clean?', 'Are nearly all empty or dry?']) {
      if ((await telling.getByText(asked).count()) === 0) continue;
      await telling.getByRole('button', { name: 'Yes' }).click();
      await expect(telling.getByText(asked)).toHaveCount(0);
    }
    await expect(title(page)).toHaveText('Hedge: it did work; these are old covers');
  });
});

test("the year's review: gone through, decided, kept, and printed on two to four sheets", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/seasons/review`);
  await expect(title(page)).toHaveText('The year 2026 so far');
  const hedge = page.getByRole('article').filter({ hasText: 'West hedge, euonymus scale' });
  await hedge.getByLabel('Do it differently').check();
  const lilac = page.getByRole('article').filter({ hasText: 'Lilac, oystershell scale' });
  await lilac.getByLabel('Close it: it is over').check();
  for (const next of ['right or wrong', 'next year', 'to buy', 'the sheet'])
    await page.getByRole('button', { name: `On to: ${next}` }).click();
  await page.getByLabel('Note for the sheet').fill('A cold spring.');
  await page.getByRole('button', { name: 'Keep it with the season' }).click();
  await expect(page.getByText('The review is kept, and one watch is closed.')).toBeVisible();

  const told = async () => {
    const { reviews } = await asked<{ reviews: unknown[] }>('/api/year-reviews');
    const { watches } = await asked<{ watches: { watch: { outcome: string }; plant: { name: string } }[] }>(
      '/api/watches',
    );
    return [reviews.length, watches.find(({ plant }) => plant.name === 'Lilac')!.watch.outcome];
  };
  const asked = async <T>(path: string) =>
    (await (await page.request.get(`${demo.address}${path}`)).json()) as T;
  expect(await told()).toEqual([1, 'closed']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(told).toEqual([0, 'open']);
  await page.getByRole('button', { name: 'Keep it with the season' }).click();
  await expect.poll(told).toEqual([1, 'closed']);

  await page.reload();
  await expect(page.getByText('Kept on 29 May 2026.')).toBeVisible();
  const { pages, text } = await printed(page);
  expect(pages).toBeGreaterThanOrEqual(2);
  expect(pages).toBeLessThanOrEqual(4);
  for (const words of [
    'The year 2026 so far',
    'It fell to 40 % (24–68 %) of the count before.',
    'Do it differently.',
    'counts lay within the range foretold',
    'To buy',
    'A cold spring.',
  ])
    expect(text).toContain(words);
  expect(text).not.toContain('Keep it with the season');
  const { reviews } = await asked<{ reviews: { sheet: string }[] }>('/api/year-reviews');
  expect(reviews).toHaveLength(1);
  expect(reviews[0]!.sheet).toContain('Decided: do it differently.');
});

test('handed over: one page for a laboratory with nothing personal, and as plain text', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${HEDGE}`);
  await page.getByRole('link', { name: 'Hand it over' }).click();
  await page.getByText('A laboratory').click();
  await page.getByRole('textbox', { name: 'Question' }).fill('Is it euonymus scale, and alive?');
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await expect(sheet).toContainText('Choose twigs with grown ones');
  await expect(region(page, 'Sample label')).toContainText('twigs with covers on them');
  const { pages, text } = await printed(page);
  expect(pages).toBeLessThanOrEqual(2);
  expect(text).toContain('Is it euonymus scale, and alive?');
  expect(text).toContain('9 June 2025: Mineral horticultural oil 1.5 %');
  for (const personal of ['West hedge', 'Fallow Bank', 'Horticultural oil, all seasons'])
    expect(text).not.toContain(personal);
  await page.getByLabel('With the names of plants and products, and notes').check();
  await expect(sheet).toContainText('called West hedge');

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as plain text' }).click();
  const file = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of file) chunks.push(chunk as Buffer);
  expect(Buffer.concat(chunks).toString('utf8')).toContain('QUESTION\nIs it euonymus scale, and alive?');
});

test('all seasons: every watch, what the year changed, and a path to each', async ({ page, demo }) => {
  await page.goto(`${demo.address}/seasons`);
  await expect(title(page)).toHaveText('2026: 1 watch fell');
  await expect(page.getByRole('row', { name: /West hedge/ })).toContainText('4 heavy');
  await expect(page.getByRole('row', { name: /^Tanks sprayed/ })).toContainText('134');
  const changed = region(page, 'What changed');
  await expect(changed.getByRole('listitem').first()).toContainText('West hedge');
  await expect(changed).toContainText('Not compared: counted at different times of the year.');
  await changed.getByRole('link', { name: 'West hedge, euonymus scale' }).click();
  await expect(page.getByRole('img', { name: /live per 10 cm/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /21 June 2024/ })).toContainText(
    'Horticultural oil, all seasons',
  );
  await expect(region(page, 'What the counts taught')).toContainText(
    '2 watches of this trouble taught it together',
  );
  await page.getByRole('link', { name: 'Did the last work do anything?' }).click();
  await expect(title(page)).toHaveText('West hedge: it fell after the work');
});
