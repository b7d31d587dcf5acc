import { mkdir, rename, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { expect } from '@playwright/test';
import { STATION, test } from './server.ts';

const SUNROOM = '01900000-0000-7001-8000-000000000002';

test("a public daily file with flags, a logger's hours and a broken file each come in as what they are", async ({
  page,
  demo,
}, testInfo) => {
  await page.goto(`${demo.address}/when/stations/${SUNROOM}/import`);
  const file = (name: string, text: string | Buffer) =>
    page.getByLabel('File').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await file('photo.csv', Buffer.from([0xff, 0xd8, 0, 1, 2, 3]));
  await expect(page.getByRole('alert')).toContainText('This file cannot be read');
  // From the disk: sent as bytes through the browser's debugging line, 26 MB can take longer than a
  // click may.
  const huge = testInfo.outputPath('huge.csv');
  await writeFile(huge, Buffer.alloc(26_000_000, '1,2,3\n'));
  await page.getByLabel('File').setInputFiles(huge);
  await expect(page.getByRole('alert')).toContainText('The file has 26 MB');
  await file('wide.csv', `${'a,'.repeat(9999)}b\n1`);
  await expect(page.getByRole('alert')).toContainText('too many');

  const head = '"STATION","DATE","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES"';
  await file(
    'ghcn.csv',
    [
      head,
      '"XX000000001","2017-05-01","183",",,Z","46",",,Z"',
      '"XX000000001","2017-05-02","990",",X,Z","46",",,Z"',
    ].join('\n'),
  );
  await expect(page.getByText('1 value beyond bounds')).toBeVisible();
  await expect(page.getByText('no sound maximum')).toBeVisible();
  await expect(page.getByText('1 May 2017, 4.6 °C to 18.3 °C')).toBeVisible();

  const hours = Array.from(
    { length: 24 },
    (_, hour) => `2017-05-03 ${String(hour).padStart(2, '0')}:00,${20 + hour}`,
  );
  await file('logger.csv', ['Time,Temp,Formula', ...hours.map((line) => `${line},=1+1`)].join('\n'));
  await expect(page.getByText('Answer what is still open above')).toBeVisible();
  await page.getByText('°F', { exact: true }).click();
  await expect(page.getByText(/3 May 2017, .*6\.1 °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Compare with what is there' }).click();
  await page.getByRole('button', { name: 'Write 1 day' }).click();
  await expect(page.getByText('1 day was added.')).toBeVisible();
});

test('forty years of days come in; a slip is found, left out, and taken back', async ({ page, demo }) => {
  const days = await (await page.request.get(`${demo.address}/api/stations/${STATION}/days.csv`)).text();
  const [head, ...rows] = days.trim().split('\n');
  // Three stretches of the station's own days, as if they had been measured one after another long ago.
  const old = [1971, 1984, 1997].flatMap((year) =>
    rows.slice(0, 4740).map((row) => {
      const shifted = new Date(Date.UTC(year, 0, 1) + Date.parse(row.slice(0, 10)) - Date.UTC(2011, 0, 1));
      return `${shifted.toISOString().slice(0, 10)}${row.slice(10)}`;
    }),
  );
  const text = [head, ...old].join('\n').replace(/(\n1980-07-04,[^,]*),[^,]*/, '$1,59.9');
  await page.goto(`${demo.address}/when/stations/${SUNROOM}/import`);
  await page
    .getByLabel('File')
    .setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: 'Compare with what is there' }).click();
  await expect(page.getByText('Worth a second look')).toBeVisible();
  await page.getByRole('button', { name: /^Write 1\d{4} days/ }).click();
  await expect(page.getByRole('heading', { name: 'A second look at sunroom logger' })).toBeVisible();
  const doubts = page.getByRole('region', { name: 'Doubtful days' });
  const slip = doubts.getByRole('listitem').filter({ hasText: '4 July 1980' });
  await expect(slip).toContainText('59.9 °C stands out');
  await slip.getByRole('button', { name: 'Leave it out' }).click();
  const decided = page.getByRole('region', { name: 'Decided' });
  await expect(decided).toContainText('4 July 1980');
  await decided.getByRole('button', { name: 'Take back' }).click();
  await expect(slip).toBeVisible();
});

test("a logger's file dropped when the day moves on is read by itself", async ({ page, demo }) => {
  await page.goto(`${demo.address}/when/stations`);
  await page.getByRole('button', { name: '+1 week' }).click();
  const folder = page.getByRole('region', { name: 'Watched folder' });
  await expect(folder).toContainText('sunroom-logger-2026-05-29.csv');
  await expect(folder).toContainText('7 days added');
});

test("a max–min thermometer is read each morning, ten rows of forecast typed, and a place's offset learned", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/when/stations`);
  await page.getByLabel('Name').fill('Shed wall');
  await page.getByRole('button', { name: 'Add it' }).click();
  const station = page.getByRole('listitem').filter({ hasText: 'Shed wall' });
  await station.getByRole('link', { name: 'Enter a reading' }).click();
  await page.getByLabel(/^Low/).fill('14');
  await page.getByLabel(/^High/).fill('4');
  await page.getByRole('button', { name: /Keep|Save|Enter/ }).click();
  await expect(page.getByText('is below the low')).toBeVisible();
  await page.getByLabel(/^High/).fill('24');
  await page.getByRole('button', { name: /Keep|Save|Enter/ }).click();
  await expect(page.getByText('is below the low')).toBeHidden();

  await page.goto(`${demo.address}/when/stations`);
  await station.getByRole('link', { name: 'Type a forecast' }).click();
  const rows = page.getByRole('row');
  await page.getByLabel(/^From a file/).setInputFiles({
    name: 'old.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('date,min °C,max °C\n2026-01-01,1,2\n'),
  });
  await expect(page.getByRole('alert')).toContainText('does not tell Fri 29 May');
  await page.getByLabel(/^From a file/).setInputFiles({
    name: 'next.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('date,min °C,max °C,rain\n2026-05-29,9,21,0\n2026-05-30,10,23,4\n'),
  });
  await expect(page.getByText('2 days are filled in')).toBeVisible();
  await expect(rows.nth(2).getByRole('textbox').nth(1)).toHaveValue('23');
  await rows.nth(1).getByRole('textbox').first().fill('8');
  await rows.nth(1).getByRole('textbox').nth(1).fill('19');
  await page.getByRole('button', { name: /Keep|Save/ }).click();
  await expect(page.getByText('2 days of forecast are kept.')).toBeVisible();
  await station.getByRole('link', { name: 'Type a forecast' }).click();
  await expect(rows.nth(1).getByRole('textbox').nth(1)).toHaveValue('19');

  await page.goto(`${demo.address}/setup`);
  const house = page.getByRole('form', { name: 'Cold house' });
  await house.getByText('Learn the offset').click();
  const pair = house.getByRole('group', { name: 'A day read there' });
  for (const [day, low, high] of [
    ['2026-05-26', '12', '26'],
    ['2026-05-27', '13', '27'],
    ['2026-05-28', '12', '27'],
  ] as const) {
    await pair.getByLabel('Day').fill(day);
    await pair.getByLabel(/^Low/).fill(low);
    await pair.getByLabel(/^High/).fill(high);
    await pair.getByRole('button', { name: 'Add the day' }).click();
    await expect(pair.getByLabel(/^Low/)).toHaveValue('');
  }
  await expect(house.getByText(/give or take/)).toBeVisible();
  await house.getByRole('button', { name: 'Use these' }).click();
  await house.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Cold house was saved.')).toBeVisible();
});

test("a logger's years of hours come in by the folder while the pages answer; what is no file is told", async ({
  page,
  demo,
}) => {
  const { folder } = (await (await page.request.get(`${demo.address}/api/weather-files`)).json()) as {
    folder: string;
  };
  const lines = ['Time,Temp °C'];
  for (let day = Date.UTC(2004, 0, 1); day < Date.UTC(2010, 0, 1); day += 86_400_000)
    for (let hour = 0; hour < 24; hour++)
      lines.push(
        `${new Date(day).toISOString().slice(0, 10)} ${String(hour).padStart(2, '0')}:00,${5 + hour}`,
      );
  lines.push('End of log');
  await mkdir(join(folder, 'sunroom-logger-old.csv'));
  // It comes in whole: a file that still grows while it is read would be read twice.
  const aside = join(dirname(folder), 'hours.csv');
  await writeFile(aside, lines.join('\n'));
  await rename(aside, join(folder, 'sunroom-logger-2009.csv'));
  await page.goto(`${demo.address}/when/stations`);
  const list = page.getByRole('region', { name: 'Watched folder' });
  await expect(list.getByText('not read: it is a folder')).toBeVisible();
  await expect(list.getByText('2192 days added, 1 row could not be used')).toBeVisible();
  await page.reload();
  await expect(list.getByText('2192 days added')).toBeVisible();
});
