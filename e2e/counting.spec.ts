import { expect, type Page } from '@playwright/test';
import { cameraFile } from './camera-file.ts';
import { HEDGE, test } from './server.ts';

const watchId = (number: number) =>
  `01900000-0000-7004-8000-0000000000${number.toString(16).padStart(2, '0')}`;
const SCAB = watchId(4),
  MINER = watchId(5);

const firstRow = (page: Page) => page.getByRole('region', { name: 'Counts' }).getByRole('row').nth(1);

test('two tapes of a look are entered together: what is wrong is told at its own, and neither is kept before', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${HEDGE}/tape`);
  await page.getByRole('button', { name: 'Another tape' }).click();
  const tape = (nth: number) =>
    page
      .getByRole('group')
      .filter({ has: page.getByLabel('Crawlers on it') })
      .nth(nth);
  for (const [nth, label, count] of [
    [0, 'South', '31'],
    [1, 'North', 'many'],
  ] as const) {
    await tape(nth).getByLabel('Which tape').fill(label);
    await tape(nth).getByLabel('Crawlers on it').fill(count);
    await tape(nth).getByLabel('Put on').fill('2026-05-22');
    await tape(nth).getByLabel('Taken off').fill('2026-05-29');
  }
  await page.getByRole('button', { name: 'Keep them' }).click();
  await expect(tape(1).getByRole('alert')).toContainText('whole number');
  await expect(tape(0).getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Tapes this season' }).getByRole('row')).toHaveCount(2);
  await tape(1).getByLabel('Crawlers on it').fill('12');
  await page.getByRole('button', { name: 'Keep them' }).click();
  await expect(page.getByText('43 crawlers were kept.')).toBeVisible();
  const tapes = page.getByRole('region', { name: 'Tapes this season' });
  await expect(tapes).toContainText('South');
  await expect(tapes).toContainText('North');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(tapes).not.toContainText('North');
  await expect(tapes).not.toContainText('South');
});

test('twenty twigs take at most 25 keys beyond the counts themselves', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/${HEDGE}/count`);
  await expect(page.getByRole('button', { name: 'Next twig' })).toBeVisible();
  let presses = 0;
  const key = async (name: string) => {
    presses++;
    await page.keyboard.press(name);
  };
  for (let twig = 0; twig < 20; twig++) {
    for (let n = 0; n < twig % 4; n++) await page.keyboard.press('Space');
    await key('Enter');
  }
  presses++;
  await page.getByRole('button', { name: 'Finish with 20 twigs' }).click();
  await expect(firstRow(page)).toContainText('20 twigs');
  await expect(firstRow(page)).toContainText('1.5');
  expect(presses).toBeLessThanOrEqual(25);
});

test('mined leaves, spotted area and taps are each counted their own way and never compared with another', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${MINER}/count`);
  for (let leaf = 0; leaf < 10; leaf++) {
    if (leaf < 4) await page.getByRole('button', { name: /one mines more/ }).click();
    await page.getByRole('button', { name: leaf < 4 ? 'Next leaf' : 'Nothing here' }).click();
  }
  await expect(page.getByText('So far 40 % (17–69 %) of leaves mined')).toBeVisible();
  await page.getByRole('button', { name: 'Finish with 10 leaves' }).click();
  await expect(firstRow(page)).toContainText('40 % (17–69 %)');

  await page.goto(`${demo.address}/look/${SCAB}/count`);
  for (const area of ['clean', '2 %', '5 %', '10 %'])
    await page.getByRole('button', { name: area, exact: true }).click();
  await page.getByLabel('Or typed, % of the leaf').fill('130');
  await page.getByRole('button', { name: 'Next leaf' }).click();
  await expect(page.getByRole('alert')).toContainText('0 to 100');
  await page.getByLabel('Or typed, % of the leaf').fill('3');
  await page.getByRole('button', { name: 'Next leaf' }).click();
  await page.getByRole('button', { name: 'Finish with 5 leaves' }).click();
  await expect(firstRow(page)).toContainText('4 % (');

  await page.goto(`${demo.address}/look/${SCAB}/count`);
  await page.getByLabel('Count', { exact: true }).selectOption({ label: 'Leaves, there or not' });
  await expect(page.getByText('The two cannot be compared')).toBeVisible();
});

test('tags hung, counted, sprayed round and counted again say what the spray did', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/${HEDGE}`);
  const tagged = page.getByRole('region', { name: 'Tagged' });
  await tagged.getByRole('link', { name: 'Before the work' }).click();
  await page.getByLabel('How many tags').fill('1');
  await page.getByRole('button', { name: 'Hang them' }).click();
  await expect(page.getByRole('alert')).toContainText('from 2 to 80');
  await page.getByLabel('How many tags').fill('6');
  await page.getByRole('button', { name: 'Hang them' }).click();
  await expect(page.getByText('6 tags are listed')).toBeVisible();
  // Leaves carry tags too, and are counted as leaves.
  await page.getByText('Hang more tags').click();
  await page.getByLabel('How many tags').fill('2');
  await page.getByLabel('On', { exact: true }).selectOption({ label: 'Leaves, scale on them' });
  await page.getByRole('button', { name: 'Hang them' }).click();
  await expect(page.getByText('2 tags are listed')).toBeVisible();
  await page.goto(`${demo.address}/look/${HEDGE}`);
  await expect(tagged).toContainText('8 tagged, 4 of them to be left alone');
  await tagged.getByRole('link', { name: 'Count the tagged leaves' }).click();
  await expect(page.getByText('Leaf 1 of 2: tag 7')).toBeVisible();
  await page.goBack();
  await tagged.getByRole('link', { name: 'Count the tagged twigs' }).click();
  await expect(page.getByText('Twig 1 of 6: tag 1')).toBeVisible();
  for (let tag = 0; tag < 6; tag++) {
    for (let n = 0; n < 8; n++) await page.keyboard.press('Space');
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Finish with 6 twigs' }).click();
  await expect(firstRow(page)).toContainText('6 twigs, tagged');
  // The last tag took all eight too.
  await expect(firstRow(page)).toContainText(/left alone: 8\b/);
});

test('numbers are typed where there are many, and a count of the day before last is dated so', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${HEDGE}/count`);
  await page.getByText('Many? Type the numbers').click();
  for (const [live, dead] of [
    ['60', '12'],
    ['41', '0'],
  ] as const) {
    await page.getByLabel('Live', { exact: true }).fill(live);
    await page.getByLabel('Dead', { exact: true }).fill(dead);
    await page.getByRole('button', { name: 'Next twig' }).click();
  }
  await page.getByLabel('Live', { exact: true }).fill('x');
  await expect(page.getByRole('button', { name: 'Next twig' })).toBeDisabled();
  await page.getByText('Counted on another day?').click();
  await page.getByLabel('Counted on', { exact: true }).fill('2026-05-27');
  await page.getByRole('button', { name: 'Finish with 2 twigs' }).click();
  await expect(page.getByRole('region', { name: 'Counts' })).toContainText('27 May');
  await expect(page.getByRole('region', { name: 'Counts' })).toContainText('51 (');

  const says = page.getByRole('region', { name: 'What this count says' });
  await expect(says).toContainText(
    '51 (4.6–551) live per 10 cm, 2 twigs, 27 May: severe; may be moderate to severe',
  );
  await expect(says).toContainText('None of them is holed');
  await expect(says).toContainText(/Since 26 April: /);
  await expect(says).toContainText('is weighed first');
  await expect(says.getByRole('link', { name: 'Mix now' })).toBeVisible();
  await says.getByRole('button', { name: 'Wait: look again in two to three weeks' }).click();
  await expect(page.getByText('Planned: Wait, and look again.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Series' })).toContainText('12–19 June');
  await says.getByRole('button', { name: 'Close the watch' }).click();
  await expect(page.getByText('The watch is closed.')).toBeVisible();
  await expect(says.getByRole('button', { name: 'Close the watch' })).toHaveCount(0);
});

test('the cover of a spray is checked at ten spots', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/${HEDGE}`);
  await page.getByRole('link', { name: 'check the cover of 11 April' }).click();
  for (let spot = 0; spot < 10; spot++)
    await page.getByRole('button', { name: spot < 7 ? /^Reached/ : /^Not reached/ }).click();
  await expect(page.getByText('All 10 spots done.')).toBeVisible();
  await page.getByRole('button', { name: 'Finish with 10 spots' }).click();
  await expect(page.getByRole('region', { name: 'Counts' })).toContainText('70 % (40–89 %) of spots reached');
});

test('a trap is hung, read and its gap told; growth is logged and minded at the bench', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${MINER}/tape`);
  await page.getByLabel('Hang a trap today, named').fill('Sill');
  await page.getByRole('button', { name: 'Hang it' }).click();
  await expect(page.getByRole('region', { name: 'Hanging now' })).toContainText('Sill, since 29 May');
  for (const [caught, from, to] of [
    ['4', '2026-05-01', '2026-05-08'],
    ['9', '2026-05-15', '2026-05-28'],
  ] as const) {
    await page.goto(`${demo.address}/look/${MINER}/tape`);
    await page.getByLabel('Caught', { exact: true }).fill(caught);
    await page.getByLabel('Which trap').fill('Sill');
    await page.getByLabel('Set, or last emptied').fill(from);
    await page.getByLabel('Looked at').fill(to);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(`${caught} caught were kept.`)).toBeVisible();
  }
  const traps = page.getByRole('region', { name: 'Traps' });
  await expect(traps).toContainText('nothing hung from 8 May to 15 May');
  await expect(traps.getByRole('row').last()).toContainText('4.8');

  await page.goto(`${demo.address}/garden/01900000-0000-7003-8000-000000000006`);
  const diary = page.getByRole('region', { name: 'Growth and care' });
  await diary.getByText('Log a stage or some care').click();
  await diary.getByRole('button', { name: 'Log it' }).click();
  await expect(diary.getByRole('alert')).toContainText('choose one');
  await diary.getByLabel('What').selectOption({ label: 'first flowers open' });
  await diary.getByRole('button', { name: 'Log it' }).click();
  await expect(diary).toContainText('29 May: first flowers open');
  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
  await expect(page.getByText('No line on your shelf fits today.')).toBeVisible();
  await page.getByText('lines that are not for this').click();
  await expect(page.getByText('It is in bloom that bees visit.').first()).toBeVisible();
});

test('a leaf in a photo is measured, its mask adjusted, and written to the count', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/${SCAB}`);
  await page.getByLabel('Add photos').setInputFiles({
    name: 'leaf.jpg',
    mimeType: 'image/jpeg',
    buffer: await cameraFile(page, '2026:05:27 10:15:00'),
  });
  await page.getByRole('region', { name: 'Photos' }).getByRole('link').click();
  await page.getByRole('link', { name: 'Measure leaf area' }).click();
  // Three spots of radius 60 on an ellipse of 1000 by 560: 1.9 %.
  const result = page.getByRole('region', { name: 'Result' });
  await expect(result).toContainText(/^(1\.[6-9]|2|2\.[0-2]) %/);
  await page.getByText('Rounded out').click();
  await expect(result).toContainText(/^(1\.[6-9]|2|2\.[0-2]) %/);
  await page.getByRole('button', { name: 'Add it to the count' }).click();
  await page.getByRole('link', { name: 'Go on with the count' }).click();
  await expect(page.getByText('Going on with a count kept on this device')).toBeVisible();
  await expect(page.getByText('Leaf 2 of 20')).toBeVisible();
});

test('the eye trainer tells the truth after a guess and keeps the record', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/eye`);
  await page.getByRole('button', { name: 'That is my guess' }).click();
  await expect(page.getByRole('alert')).toContainText('0 to 100');
  for (let guess = 0; guess < 5; guess++) {
    await page.getByRole('textbox').fill('5');
    await page.getByRole('button', { name: 'That is my guess' }).click();
    await expect(page.getByText(/It is [\d.]+ %; you said 5/)).toBeVisible();
    await page.getByRole('button', { name: 'Next one' }).click();
  }
  const standing = page.getByRole('region', { name: 'Leaf area' });
  await expect(standing).toContainText('Agreement (Lin)');
  await expect(standing).toContainText('100 %: try the numbers between');
});

test('keys act on what has focus: Enter on "Finish" finishes, and adds no empty twig', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/look/${HEDGE}/count`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  // A number of the tally pressed by mouse lets go of the focus, so that Enter is for the next twig.
  await page.getByRole('button', { name: /one .*live.* more/i }).click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Space');
  await page.keyboard.press('Enter');
  const finish = page.getByRole('button', { name: /^Finish with/ });
  await expect(finish).toHaveText('Finish with 2 twigs');
  await page.getByRole('button', { name: 'Take the last one back' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /one .*live.* more, now 1/i })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Next/ }).focus();
  await page.keyboard.press('Enter');
  await expect(finish).toHaveText('Finish with 2 twigs');
  await finish.focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`/look/${HEDGE}\\?counted=`));
  await expect(page.getByText('2 twigs were kept.')).toBeVisible();
});
