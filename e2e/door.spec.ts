import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { test } from './server.ts';

const PASSPHRASE = 'three walnuts in a shell';

async function setPassphrase(page: Page, address: string): Promise<void> {
  await page.goto(`${address}/setup/network`);
  await expect(page.getByRole('button', { name: 'Listen on the home network' })).toBeDisabled();
  await page.getByLabel('Passphrase', { exact: true }).fill('short');
  await page.getByLabel('Once more').fill('shor');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('Once more: is not the same')).toBeVisible();
  await page.getByLabel('Once more').fill('short');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText(/at least 10 characters; three or four words do well/)).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await page.getByLabel('Once more').fill(PASSPHRASE);
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('A passphrase is set.')).toBeVisible();
}

test('the phone comes in over https with the passphrase, keeps what it enters, and can be shut out', async ({
  page,
  browser,
  demo,
}) => {
  await setPassphrase(page, demo.address);
  await page.getByRole('button', { name: 'Listen on the home network' }).click();
  const onThePhone = page.getByRole('region', { name: 'On the phone' });
  await expect(onThePhone.getByRole('img')).toBeVisible();
  await onThePhone.getByText('what to compare').click();
  await expect(onThePhone).toContainText(/([0-9A-F]{2}:){31}[0-9A-F]{2}/);
  const trust = page.getByRole('region', { name: 'Without a signal' });
  await expect(trust).toContainText(/\/api\/authority\.crt/);
  await expect(trust).toContainText(/([0-9A-F]{2}:){31}[0-9A-F]{2}/);
  await trust.getByText('If the phone only saves a file').click();
  await expect(trust.getByText(/Choose “CA certificate”/)).toBeVisible();
  const shown = (await onThePhone.getByRole('listitem').first().textContent())!;
  // The same door by this computer's own name: the test needs no network.
  const address = `https://127.0.0.1:${new URL(shown).port}`;

  const phone = await browser.newPage({
    ignoreHTTPSErrors: true,
    viewport: { width: 390, height: 844 },
    userAgent: 'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Safari/604.1',
  });
  // What it is to trust is there before it is let in.
  const file = await phone.request.get(`${address}/api/authority.crt`);
  expect(file.headers()['content-type']).toBe('application/x-x509-ca-cert');
  await phone.goto(`${address}/garden`);
  await expect(phone.getByRole('heading', { name: 'Say the passphrase' })).toBeVisible();
  await expect(phone.getByText('Fallow Bank')).toHaveCount(0);
  await phone.getByLabel('Passphrase').fill('open sesame, please');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByText('Passphrase: that is not it')).toBeVisible();
  await phone.getByLabel('Passphrase').fill(PASSPHRASE);
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByRole('main').getByText('West hedge').first()).toBeVisible();
  const [cookie] = await phone.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, secure: true, sameSite: 'Strict' });

  await page.reload();
  const devices = page.getByRole('region', { name: 'Devices' });
  await expect(devices).toContainText('not yet opened without a signal');
  await devices.getByRole('button', { name: /shut out Safari, iPhone/ }).click();
  await expect(page.getByText('Safari, iPhone was shut out.')).toBeVisible();
  await phone.goto(`${address}/look`);
  await expect(phone.getByRole('heading', { name: 'Say the passphrase' })).toBeVisible();

  await page.getByRole('button', { name: 'Stop listening' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Only this computer can be reached');
  await expect(phone.goto(address)).rejects.toThrow();
  await phone.close();
  // This computer, too, says the passphrase; after a restart it is still let in.
  await demo.restart();
  await page.goto(`${demo.address}/setup/network`);
  await devices.getByRole('button', { name: 'log out' }).click();
  await expect(page.getByRole('heading', { name: 'Say the passphrase' })).toBeVisible();
});

test('a backup is made, what it holds is shown before it is taken in, and a new garden begins from it', async ({
  page,
  demo,
  empty,
}, testInfo) => {
  await page.goto(`${demo.address}/setup/backups`);
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(page.getByText(/is made and was read back whole/)).toBeVisible();
  const plants = (await (await page.request.get(`${demo.address}/api/plants`)).json()) as {
    plants: { id: string; name: string }[];
  };
  const {
    moves: _m,
    touching: _t,
    watches: _w,
    ...hedge
  } = plants.plants.find(({ name }) => name === 'West hedge')! as { id: string; name: string } & Record<
    string,
    unknown
  >;
  await page.request.put(`${demo.address}/api/plants/${hedge.id}`, {
    data: { ...hedge, name: 'Renamed by mistake' },
  });
  await page
    .getByRole('button', { name: /restore/ })
    .first()
    .click();
  const bringIn = page.getByRole('region', { name: 'Bring one in' });
  await expect(bringIn).toContainText('Fallow Bank, as of 29 May 2026. It is whole and sound.');
  await expect(bringIn.getByRole('row', { name: /plants/ })).toContainText('1');
  await page.getByText('put it in place of everything').click();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(
    page.getByText(/What was here before is kept as juglans-2026-05-29-before-restore.zip/),
  ).toBeVisible();
  await page.goto(`${demo.address}/garden`);
  await expect(page.getByRole('main').getByText('West hedge').first()).toBeVisible();
  await expect(page.getByText('Renamed by mistake')).toHaveCount(0);

  await page.goto(`${demo.address}/setup/backups`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take the garden away as a file' }).click(),
  ]);
  const file = testInfo.outputPath('garden.zip');
  await download.saveAs(file);

  await page.goto(empty.address);
  await page.getByRole('link', { name: 'Bring it in from a backup' }).click();
  const upload = page.getByLabel('Archive of a garden');
  await upload.setInputFiles({
    name: 'photo.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(file).subarray(0, 20_000),
  });
  await expect(page.getByRole('alert')).toContainText('This archive cannot be taken in');
  await upload.setInputFiles(file);
  await expect(page.getByText('It is whole and sound.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Done.')).toBeVisible();
  await page.goto(`${empty.address}/garden`);
  await expect(page.getByRole('main').getByText('West hedge').first()).toBeVisible();
});
