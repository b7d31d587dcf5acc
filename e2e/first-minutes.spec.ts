import { expect, type Locator, type Page } from '@playwright/test';
import { test } from './server.ts';

/** What a new user does, counted: every tap and every field filled is one. */
function hand() {
  let done = 0;
  return {
    count: () => done,
    async tap(what: Locator) {
      done++;
      await what.click();
    },
    async fill(what: Locator, text: string) {
      done++;
      await what.fill(text);
    },
    async choose(what: Locator, label: string) {
      done++;
      await what.selectOption({ label });
    },
  };
}

const MOST_TAPS = 25;
const answerTo = (page: Page, question: RegExp, label: string) =>
  page.getByRole('group', { name: question }).last().getByRole('button', { name: label, exact: true });

test.describe('north, in °F', () => {
  test.use({ startsOn: '2026-04-20' });

  test('from an empty folder to a named watch with a dated next step, with no thermometer, in 25 taps', async ({
    page,
    stepped,
  }) => {
    const { tap, fill, choose, count } = hand();
    await page.goto(stepped.address);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Welcome. Where is the garden?');

    await test.step('where it is, and what is known of its year', async () => {
      await fill(page.getByLabel('A town near it'), 'hanover, pa');
      await tap(page.getByRole('button', { name: 'Hanover, PA, United States' }));
      await expect(page.getByText('39.80° N, 76.98° W, America/New_York')).toBeVisible();
      await fill(page.getByLabel('A midsummer afternoon, °F'), '87');
      await fill(page.getByLabel('A midwinter night, °F'), '22');
      await choose(page.getByLabel('Last frost of spring'), 'late April');
      await choose(page.getByLabel('First frost of autumn'), 'mid-October');
      await tap(page.getByRole('button', { name: 'Next: the plant' }));
    });

    await test.step('the plant, by another of its names', async () => {
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Which plant worries you?');
      await fill(page.getByLabel('What it is', { exact: true }), 'wintercreeper');
      await tap(page.getByRole('button', { name: /^Evergreen euonymus \(wintercreeper\)/ }));
      await tap(page.getByText('chest-high', { exact: true }));
      await tap(page.getByRole('button', { name: 'Next: what you see' }));
    });

    await test.step('what is seen, until it has a name', async () => {
      await expect(page.getByRole('list', { name: 'First steps' })).toContainText('What you see');
      await tap(answerTo(page, /sticky or shiny/, 'No'));
      await tap(answerTo(page, /narrow white flecks/, 'Yes'));
      await tap(answerTo(page, /Lift one bump/, 'A cover lifts off, a separate soft body stays'));
      await tap(answerTo(page, /Under a lens/, 'Pear- or oyster-shaped, brown, skin at the narrow end'));
      await tap(page.getByRole('button', { name: 'Open a watch: euonymus scale' }));
    });

    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Evergreen euonymus, euonymus scale');
    expect(count()).toBeLessThanOrEqual(MOST_TAPS);
    const due = page.getByRole('region', { name: 'What happens next' });
    await expect(due).toContainText('open until');
    await due.getByText('Why before the hatch').click();
    await expect(due).toContainText('a guess from what you told of frost and heat: no thermometer (grade C)');
    await page.goto(`${stepped.address}/when/normals`);
    await expect(page.getByRole('img', { name: /^Usual lows and highs, °F: Jan 2/ })).toBeVisible();
    await expect(page.getByText('Every reading that comes in sets it right a little.')).toBeVisible();
  });
});

test.describe('south, in °C', () => {
  test.use({ startsOn: '2026-10-12', viewport: { width: 390, height: 844 } });

  test('the same on a phone: a lemon under glass without frost, wrong answers and “not sure” on the way, to a named watch', async ({
    page,
    stepped,
  }) => {
    const { tap, fill, count } = hand();
    await page.goto(stepped.address);
    await fill(page.getByLabel('A town near it'), 'zzzzqq');
    await expect(page.getByText('No town of that name is listed.')).toBeVisible();
    await fill(page.getByLabel('A town near it'), 'port macq');
    await tap(page.getByRole('button', { name: 'Port Macquarie, Australia' }));
    await expect(page.getByText(/31\.\d\d° S, 152\.\d\d° E, Australia\/Sydney/)).toBeVisible();
    await fill(page.getByLabel('A midsummer afternoon, °C'), '8');
    await fill(page.getByLabel('A midwinter night, °C'), '9');
    await tap(page.getByRole('button', { name: 'Next: the plant' }));
    await expect(page.getByRole('alert').filter({ hasText: 'below the winter night' })).toBeVisible();
    await fill(page.getByLabel('A midsummer afternoon, °C'), '27');
    await tap(page.getByRole('button', { name: 'Next: the plant' }));
    await fill(page.getByLabel('What it is', { exact: true }), 'limon');
    await tap(page.getByRole('button', { name: /^Lemon/ }));
    await tap(page.getByText('in a sunroom', { exact: true }));
    await tap(page.getByRole('button', { name: 'Next: what you see' }));
    await expect(page.getByRole('alert')).toContainText('choose how big it is');
    await tap(page.getByText('chest-high', { exact: true }));
    await tap(page.getByRole('button', { name: 'Next: what you see' }));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('What have you noticed?');
    await tap(answerTo(page, /sticky or shiny/, 'Yes'));
    await tap(answerTo(page, /black film/, 'Not sure'));
    await tap(answerTo(page, /like a letter H/, 'Yes'));
    await tap(answerTo(page, /Lift one bump/, 'Cover and insect come off as one'));
    await tap(answerTo(page, /Under a lens/, 'High smooth dome'));
    await tap(page.getByRole('button', { name: 'Open a watch: black scale' }));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lemon, black scale');
    expect(count()).toBeLessThanOrEqual(MOST_TAPS);
    // Crawlers walk from November there: tapes a fortnight before, and what was never counted is counted.
    const next = page.getByRole('region', { name: 'What happens next' });
    await expect(next).toContainText('from 16 October, until 30 October');
    await expect(next.getByRole('link', { name: 'Count' })).toBeVisible();
    await page.goto(`${stepped.address}/garden`);
    await expect(page.getByRole('region', { name: 'Sunroom' })).toContainText('Lemon');
  });
});

test.describe('by where the device is', () => {
  test.use({
    startsOn: '2027-01-15',
    geolocation: { latitude: -42.8794, longitude: 147.3294 },
    permissions: ['geolocation'],
  });

  test('its position gives the nearest town, to a kilometre and no closer', async ({ page, stepped }) => {
    await page.goto(stepped.address);
    await page.getByRole('button', { name: 'Use where this device is' }).click();
    await expect(page.getByText(/Hobart.*Australia: 42\.88° S, 147\.33° E, Australia\/Hobart/)).toBeVisible();
    await expect(page.getByLabel('A midsummer afternoon, °C')).toBeVisible();
  });
});
