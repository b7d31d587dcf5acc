import { expect, type Page } from '@playwright/test';
import { v7 } from 'uuid';
import { addDays } from '#core/calendar';
import { blankSpray, blankSprayer, type Growth, type Place } from '#core/records';
import { type Planted, planted } from './planted.ts';
import { test } from './server.ts';

const SCAB = '01900000-0000-7004-8000-000000000004';
const title = (page: Page) => page.getByRole('main').getByRole('heading', { level: 1 });
const row = (page: Page, name: RegExp) =>
  page.getByRole('row').filter({ has: page.getByRole('button', { name }) });

/** A thermometer, and the place that is read from it. */
async function readAt(garden: Planted, placeId: string, kind: 'logger' | 'thermometer') {
  const station = { id: v7(), name: 'Shed', kind };
  await garden.put('/stations', station);
  const place: Place = {
    id: placeId,
    name: 'outdoors',
    kind: 'outdoors',
    stationId: station.id,
    minOffsetC: 0,
    maxOffsetC: 0,
    standInIds: [],
  };
  await garden.put('/places', place);
  return station;
}

test('the made-up garden: one wet time covered, one got through; spots are counted, and the diary has learned', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/infections/${SCAB}`);
  await expect(title(page)).toHaveText(
    'Apple or pear scab: one wet time got through, 17–18 May; look for spots now',
  );
  await expect(row(page, /^1–2 May$/)).toContainText('covered');
  await expect(row(page, /^17–18 May$/)).toContainText('got through');
  await expect(page.getByRole('region', { name: 'The night of 17 May' })).toContainText('Moderate from');

  await test.step('another time is opened from its line', async () => {
    await row(page, /^1–2 May$/)
      .getByRole('button')
      .click();
    await expect(page.getByRole('region', { name: 'The wet time of 1 May' })).toContainText(
      'still protected',
    );
  });

  await test.step('what is next says the same on Now and on the watch', async () => {
    await expect(page.getByRole('region', { name: 'Next', exact: true })).toContainText('Worth a cover');
    await page.goto(`${demo.address}/look/${SCAB}`);
    const next = page.getByRole('region', { name: 'What happens next' });
    await expect(next).toContainText('Cover before the rain');
    await expect(next).toContainText('Look for spots');
    await expect(page.getByRole('region', { name: 'Infections' })).toContainText('one wet time got through');
  });

  await test.step('spots counted on their day stand beside what was expected', async () => {
    await page.goto(`${demo.address}/look/${SCAB}/count?protocol=spots`);
    await expect(page.getByText('Leaf 1 of 20')).toBeVisible();
    for (const spots of [3, 0]) {
      for (let i = 0; i < spots; i++) await page.keyboard.press('Space');
      await page.keyboard.press('p');
      await page.keyboard.press('p');
      await page.keyboard.press('p');
      await page.keyboard.press('p');
      await page.keyboard.press('p');
      if (spots > 0) await page.keyboard.press('Enter');
    }
    await page.getByRole('button', { name: /^Finish with 2 leaves/ }).click();
    await expect(page).toHaveURL(/\/look\/[\w-]+(\?|$)/);
    await page.goto(`${demo.address}/when/infections/${SCAB}`);
    await expect(row(page, /^17–18 May$/)).toContainText('spots, 29 May');
    await expect(page.getByRole('region', { name: 'Was it right here?' })).toContainText('spots at');
  });
});

test.describe('an empty garden', () => {
  test.use({ startsOn: '2026-05-20' });

  /** A logger's hours: rain from some hours on, humid while it rains and for a while after. */
  const loggerFile = (
    from: string,
    days: number,
    wetOn: Readonly<Record<string, readonly [number, number]>>,
  ) =>
    [
      'Date and time,Temperature °C,Rain mm,Humidity %',
      ...Array.from({ length: days }, (_, i) => addDays(from, i)).flatMap((date) =>
        Array.from({ length: 24 }, (_, hour) => {
          const [first, last] = wetOn[date] ?? [99, 99];
          const wet = hour >= first && hour <= last;
          return `${date} ${String(hour).padStart(2, '0')}:00,${wet ? 13 : 10 + (hour > 8 ? 6 : 0)},${wet ? 0.6 : 0},${wet ? 97 : 60}`;
        }),
      ),
    ].join('\n');

  test('a logger file, a rainy week, a cover, what got through, and none found on its day', async ({
    page,
    stepped,
  }) => {
    const garden = await planted(page, stepped.address, {});
    const tree = await garden.plant('Old apple', 'apple');
    const watch = await garden.watch(tree, 'apple-scab');
    const station = await readAt(garden, tree.placeId, 'logger');
    const green: Growth = {
      id: v7(),
      plantId: tree.id,
      stage: 'green-tip',
      on: '2026-04-15',
      leaves: null,
      note: '',
    };
    await garden.put('/growth', green);
    const captan = await garden.product('Captan 80', 'captan', { groups: ['fungus'] });
    const sprayer = blankSprayer({ id: v7(), name: 'Knapsack', capacityMl: 8000, reachM: 3 });
    await garden.put('/sprayers', sprayer);

    await test.step('the file comes in with its hours', async () => {
      await page.goto(`${stepped.address}/when/stations/${station.id}/import`);
      await page.getByLabel('File').setInputFiles({
        name: 'shed.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(loggerFile('2026-04-10', 40, { '2026-05-06': [2, 16], '2026-05-16': [1, 15] })),
      });
      await page.getByRole('button', { name: 'Compare with what is there' }).click();
      await page.getByRole('button', { name: /^Write 40 days/ }).click();
      await expect(page.getByText(/40 days were added/)).toBeVisible();
    });

    await test.step('both wet times got through bare leaves', async () => {
      await page.goto(`${stepped.address}/when/infections/${watch.id}`);
      await expect(title(page)).toContainText('two wet times got through');
      await expect(row(page, /^6 May$/)).toContainText('got through');
      await expect(row(page, /^6 May$/)).toContainText('15 h');
      await expect(page.getByText('told by your logger')).toBeVisible();
    });

    await test.step('with a cover logged two days before, the second was covered', async () => {
      const spray = blankSpray({
        id: v7(),
        watchId: watch.id,
        parts: [{ productId: captan.id, lineId: captan.lines[0]!.id, rate: 1.5, productAmount: 3 }],
        sprayerId: sprayer.id,
        on: '2026-05-14',
        leafState: 'in-leaf',
        sprayMl: 2000,
        coverage: 'everything',
      });
      await garden.put('/sprays', spray);
      await page.reload();
      await expect(row(page, /^16 May$/)).toContainText(/covered/);
      await expect(row(page, /^6 May$/)).toContainText('got through');
    });

    await test.step('none found on the days its spots would show is kept against it', async () => {
      await expect(row(page, /^6 May$/)).toContainText(/1\d May|2\d May/);
      await page.goto(`${stepped.address}/look/${watch.id}/count`);
      await page.getByRole('button', { name: /nothing on any$/ }).click();
      await expect(page).toHaveURL(/\/look\/[\w-]+(\?|$)/);
      await page.goto(`${stepped.address}/when/infections/${watch.id}`);
      await expect(row(page, /^6 May$/)).toContainText('none, 20 May');
      await expect(page.getByRole('region', { name: 'Was it right here?' })).toContainText('0 of 1 look');
    });
  });

  test('on the phone, a typed forecast only: told with its chance, and "wet at breakfast" is kept and undone', async ({
    page,
    stepped,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const garden = await planted(page, stepped.address, { temperatureUnit: 'F', measureSystem: 'us' });
    const rose = await garden.plant('Red rose', 'rose');
    const watch = await garden.watch(rose, 'rose-black-spot');
    await test.step('before anybody tells of the weather: its season, its habits, and how to tell', async () => {
      await page.goto(`${stepped.address}/when/infections/${watch.id}`);
      await expect(title(page)).toContainText('nobody tells of the weather');
      await expect(page.getByRole('region', { name: 'Habits first' })).toContainText('Clear or shred');
      await expect(page.getByRole('region', { name: 'Until then' })).toContainText('Look every fortnight');
      await page.goto(`${stepped.address}/now`);
      await page.getByRole('link', { name: 'Read a gauge, or type a forecast' }).click();
      await expect(page).toHaveURL(/\/when\/stations$/);
    });
    const station = await readAt(garden, rose.placeId, 'thermometer');
    const days = Array.from({ length: 5 }, (_, i) => ({
      date: addDays('2026-05-20', i),
      minC: 15,
      maxC: 22,
      rainMm: i === 2 ? 14 : 0,
      windMs: 2,
    }));
    expect(
      (
        await page.request.put(`${stepped.address}/api/stations/${station.id}/forecast`, { data: { days } })
      ).ok(),
    ).toBe(true);
    await page.goto(`${stepped.address}/when/infections/${watch.id}`);
    await expect(page.getByRole('region', { name: 'Next', exact: true })).toContainText(/\d in 10/);
    await expect(row(page, /22/).first()).toContainText('to come');

    const asked = page.getByRole('group', { name: 'Leaves at breakfast' });
    await asked.getByRole('button', { name: 'wet' }).click();
    await expect(asked.getByRole('button', { name: 'wet' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(asked.getByRole('button', { name: 'wet' })).toHaveAttribute('aria-pressed', 'false');

    await test.step('a week on, with nothing read, it stands as it had been forecast', async () => {
      await garden.step(7);
      await page.reload();
      await expect(page.getByText('Nobody read the rain since 20 May')).toBeVisible();
      await expect(title(page)).toContainText('one wet time may have got through');
      await page.goto(`${stepped.address}/now`);
      await expect(page.getByRole('main')).toContainText('What may have got through shows on these days');
    });
  });
});
