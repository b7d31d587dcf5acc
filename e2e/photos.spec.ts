import { expect } from '@playwright/test';
import { cameraFile } from './camera-file.ts';
import { sayAllClear } from './all-clear.ts';
import { HEDGE, HEDGE_PLANT, test } from './server.ts';

test('a photo is asked for before a spray, taken in with its day, measured and marked', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/mix?watch=${HEDGE}`);
  await sayAllClear(page);
  const asked = page.getByText('A photo first.');
  await expect(asked).toBeVisible();
  await page.getByLabel('Take one').setInputFiles({
    name: 'hedge.jpg',
    mimeType: 'image/jpeg',
    buffer: await cameraFile(page, '2026:05:27 10:15:00'),
  });
  await expect(asked).toBeHidden();

  await page.goto(`${demo.address}/look/${HEDGE}`);
  const photos = page.getByRole('region', { name: 'Photos' });
  await expect(photos.getByRole('link')).toContainText('27 May');
  await photos
    .getByLabel('Add photos')
    .setInputFiles([{ name: 'broken.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') }]);
  await expect(photos.getByRole('alert')).toContainText('broken.jpg cannot be opened');
  await expect(photos.getByRole('img')).toHaveCount(1);

  await photos.getByRole('link').click();
  const picture = page.getByRole('group', { name: /^The photo, with/ });
  await expect(picture.getByRole('img')).toHaveJSProperty('naturalWidth', 1600);
  await page.getByText('Scale', { exact: true }).click();
  const { width, height } = (await picture.boundingBox())!;
  await picture.click({ position: { x: width * 0.25, y: height * 0.9 } });
  await picture.click({ position: { x: width * 0.75, y: height * 0.9 } });
  await page.getByLabel('Its length, mm').fill('-3');
  await page.getByRole('button', { name: 'Set the scale' }).click();
  await expect(page.getByRole('alert')).toContainText('a length from 0.1');
  await page.getByLabel('Its length, mm').fill('40');
  await page.getByRole('button', { name: 'Set the scale' }).click();
  await expect(page.getByText('the picture is 80 mm wide')).toBeVisible();

  await page.getByText('Bump', { exact: true }).click();
  await picture.click({ position: { x: width / 3, y: height / 2 } });
  await picture.click({ position: { x: width / 2, y: height / 2 } });
  // And one from the keyboard, then away again.
  await picture.press('ArrowLeft');
  await picture.press('Shift+ArrowUp');
  await picture.press('Enter');
  await expect(page.getByText('3 bumps')).toBeVisible();
  // A mark set while nobody answers waits here, and stands above what the server last told.
  await demo.kill();
  await picture.press('Enter');
  await expect(page.getByText('2 bumps')).toBeVisible();
  await demo.startAgain();
  await page.reload();
  await expect(page.getByText('2 bumps')).toBeVisible();
  await expect(page.getByText('the picture is 80 mm wide')).toBeVisible();
  // Thrown away it is gone; taken back it is the same, marks and all.
  await expect(page.getByText(/waiting|waits/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Throw the photo away' }).click();
  await expect(photos.getByRole('img')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await photos.getByRole('link').click();
  await expect(page.getByText('2 bumps')).toBeVisible();
  await expect(picture.getByRole('img')).toHaveJSProperty('naturalWidth', 1600);
});

test('a picture of a plant that shows no trouble opens large, is marked, thrown away and taken back', async ({
  page,
  demo,
}) => {
  const address = `${demo.address}/garden/${HEDGE_PLANT}`;
  await page.goto(address);
  const photos = page.getByRole('region', { name: 'Photos through the years' });
  await photos.getByLabel('Add photos').setInputFiles({
    name: 'whole.jpg',
    mimeType: 'image/jpeg',
    buffer: await cameraFile(page, '2026:05:27 10:15:00'),
  });
  const link = photos.getByRole('link', { name: 'Photo of 27 May 2026' });
  await link.click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^West hedge, .*27 May 2026$/);
  const picture = page.getByRole('group', { name: /^The photo, with/ });
  await expect(picture.getByRole('img')).toHaveJSProperty('naturalWidth', 1600);
  // Leaf area is measured of a trouble: here there is none.
  await expect(page.getByRole('link', { name: 'Measure leaf area' })).toHaveCount(0);
  await page.getByText('Hole', { exact: true }).click();
  await picture.press('ArrowLeft');
  await picture.press('Enter');
  await expect(page.getByText('1 hole')).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 hole')).toBeVisible();
  await page.getByRole('button', { name: 'Throw the photo away' }).click();
  await expect(page).toHaveURL(address);
  await expect(link).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await link.click();
  await expect(page.getByText('1 hole')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the plant' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'West hedge' })).toBeVisible();
});
