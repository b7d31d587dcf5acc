import { expect, type Page } from '@playwright/test';
import { test, type Running } from './server.ts';

const PHONE = { viewport: { width: 390, height: 844 } };

/**
 * The stops the server knows of each round, those it has twice, and counts that should be there and are
 * not.
 */
async function kept({ address }: Running) {
  const { rounds } = (await (await fetch(`${address}/api/rounds`)).json()) as {
    rounds: { round: { id: string }; stops: number }[];
  };
  const { round } = (await (await fetch(`${address}/api/rounds/${rounds[0]!.round.id}`)).json()) as {
    round: { changes: unknown[]; stops: { watchId: string | null; done: unknown[] }[] };
  };
  const counted = round.stops.filter(({ watchId, done }) => watchId !== null && done.length > 0);
  return {
    stops: rounds.map(({ stops }) => stops),
    doneTwice: round.stops.filter(({ done }) => done.length > 1).length,
    countsMissing: counted.length - round.changes.length,
  };
}

async function nothingFound(page: Page, times: number): Promise<void> {
  for (let i = 0; i < times; i++) {
    const title = await page.getByRole('heading', { level: 1 }).textContent();
    await page.getByRole('button', { name: /^Nothing found/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(title!);
  }
}

async function begin(page: Page, address: string): Promise<void> {
  await page.goto(`${address}/look/round`);
  await page.getByRole('button', { name: 'Start the round' }).click();
  await expect(page.getByText('0 of 16 stops done')).toBeVisible();
  await page.getByRole('link', { name: /^Next: / }).click();
  await expect(page.getByText('Stop 1 of 16')).toBeVisible();
}

test.describe('on the phone', () => {
  test.use(PHONE);
  test(
    'the server killed in the middle of a round and started again: what was entered meanwhile is there ' +
      'once',
    async ({ page, demo }) => {
      await begin(page, demo.address);
      await nothingFound(page, 3);
      await demo.kill();
      await nothingFound(page, 5);
      await expect(page.getByText(/waiting to be sent/)).toBeVisible();
      await demo.startAgain();
      await expect(page.getByText(/waiting to be sent/)).toBeHidden({ timeout: 20_000 });
      expect(await kept(demo)).toEqual({ stops: [8], doneTwice: 0, countsMissing: 0 });
    },
  );

  test('a stop is counted, another skipped with a reason, and the round says what changed', async ({
    page,
    demo,
  }) => {
    await begin(page, demo.address);
    await page.goto(`${demo.address}/look/round`);
    await page
      .getByRole('link', { name: /West hedge/ })
      .last()
      .click();
    await page.getByRole('link', { name: 'Count 10 twigs' }).click();
    for (let twig = 0; twig < 10; twig++) {
      await page.getByRole('button', { name: /one live more/ }).click();
      await page.getByRole('button', { name: 'Next twig' }).click();
    }
    await page.getByRole('button', { name: 'Finish with 10 twigs' }).click();
    await expect(page.getByText(/^Stop \d+ of 16/)).toBeVisible();
    await page.getByText('Skip it, or add a note or photo').click();
    await page.getByLabel('Note').fill('wasps about');
    const skipped = await page.getByRole('heading', { level: 1 }).textContent();
    await page.getByRole('button', { name: 'wet' }).click();
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(skipped!);
    await page.getByRole('link', { name: 'the whole round' }).click();
    await expect(page.getByText('skipped: wet, wasps about')).toBeVisible();
    await page.getByRole('button', { name: 'Finish the round' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('None of the 1 counted rose');
    const counted = page.getByRole('region', { name: 'Counted' });
    await expect(counted).toContainText('1 (0.5–2) live per 10 cm');
    await expect(counted).toContainText('It fell to 36 %');
  });
});
