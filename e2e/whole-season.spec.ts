import { expect, type Page } from '@playwright/test';
import { sayAllClear } from './all-clear.ts';
import { test } from './server.ts';

const answer = (page: Page, question: RegExp, label: string) =>
  page
    .getByRole('group', { name: question })
    .last()
    .getByRole('button', { name: label, exact: true })
    .click();
const place = (page: Page, name: string) =>
  page.getByRole('banner').getByRole('link', { name, exact: true }).click();

test('one trouble, from "what is this?" to "did it work?"', async ({ page, demo }) => {
  await page.goto(demo.address);

  await test.step('a plant is added, with a mistake put right', async () => {
    await place(page, 'Garden');
    await page.getByRole('link', { name: 'Add a plant' }).click();
    await page.getByLabel('Name').fill('Garage hedge');
    await page.getByLabel('What it is').fill('spindle');
    await page.getByRole('button', { name: 'Spindle (deciduous euonymus)' }).click();
    await page.getByLabel('Height').fill('two');
    await page.getByLabel('Spread').fill('0.8');
    await page.getByLabel('Length of the row').fill('6');
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Height' })).toBeVisible();
    await page.getByLabel('Height').fill('1.5');
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Garage hedge' })).toBeVisible();
  });

  await test.step('what is this? not enough, then a name with its reasons', async () => {
    await page.getByRole('link', { name: 'Note something on it' }).click();
    const result = page.getByRole('region', { name: 'What it may be' });
    await expect(result).toContainText('Not enough to name it');
    await answer(page, /sticky or shiny/, 'No');
    await answer(page, /narrow white flecks/, 'Yes');
    await expect(page.getByRole('region', { name: 'Look at this next' })).toBeVisible();
    await expect(result).toContainText('Not enough to name it');
    await answer(page, /Lift one bump/, 'A cover lifts off, a separate soft body stays');
    await answer(page, /Under a lens/, 'Pear- or oyster-shaped, brown, skin at the narrow end');
    await answer(page, /Turn covers over/, 'A plump body');
    await page.getByLabel('Covers turned over').fill('12');
    await expect(result.getByText('Euonymus scale').first()).toBeVisible();
    await result.getByText('Why, and why not').first().click();
    await expect(result).toContainText('For it');
    await page.getByRole('button', { name: 'Open a watch: euonymus scale' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Garage hedge, euonymus scale' })).toBeVisible();
    await expect(page.getByText('Alive: fluid or a plump body')).toBeVisible();
  });

  await test.step('twigs are counted from the keys', async () => {
    await page.getByRole('link', { name: 'Count twigs' }).click();
    await expect(page.getByRole('button', { name: 'Next twig' })).toBeVisible();
    for (const live of [4, 0, 7, 2, 5, 3]) {
      for (let n = 0; n < live; n++) await page.keyboard.press('Space');
      await page.keyboard.press('d');
      if (live === 4) {
        await page.keyboard.press('h');
        await page.keyboard.press('Backspace');
      }
      await page.keyboard.press('Enter');
    }
    await expect(page.getByText('So far')).toContainText('3.5');
    await page.getByRole('button', { name: 'Finish with 6 twigs' }).click();
    const counts = page.getByRole('region', { name: 'Counts' });
    await expect(counts.getByRole('row').nth(1)).toContainText('3.5');
    await expect(counts.getByRole('row').nth(1)).toContainText('moderate');
  });

  await test.step('tapes: a wrong one is refused beside its field, two good ones kept, one taken out and put back', async () => {
    const tape = async (crawlers: string, putOn: string, takenOff: string) => {
      await page.getByRole('link', { name: 'Enter a tape' }).first().click();
      await page.getByLabel('Crawlers on it').fill(crawlers);
      await page.getByLabel('Put on').fill(putOn);
      await page.getByLabel('Taken off').fill(takenOff);
      await page.getByRole('button', { name: 'Keep it' }).click();
    };
    await tape('-3', '2026-05-22', '2026-05-15');
    await expect(page.getByRole('alert').filter({ hasText: 'Crawlers on it' })).toContainText('negative');
    await page.getByLabel('Crawlers on it').fill('3');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Taken off' })).toContainText('after');
    await page.getByLabel('Put on').fill('2026-05-15');
    await page.getByLabel('Taken off').fill('2026-05-22');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('The first crawlers').first()).toBeVisible();
    await tape('41', '2026-05-22', '2026-05-29');
    await expect(page.getByText('Rising: the hatch is under way')).toBeVisible();
    await page.getByRole('button', { name: 'take out the tape of 29 May' }).click();
    await expect(page.getByText('The first crawlers')).toBeVisible();
    await expect(page.getByText('The tape was taken out.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(page.getByText('Rising: the hatch is under way')).toBeVisible();
  });

  await test.step('when: two published figures told apart, a date with its range, another method', async () => {
    await place(page, 'When');
    await page.getByLabel('Watch').selectOption({ label: 'Garage hedge, euonymus scale' });
    await expect(page.getByRole('heading', { level: 1 })).toContainText(
      /crawlers are out, reach them until about \d+ June/,
    );
    const published = page.getByRole('region', { name: 'Published points and windows' });
    await expect(published.getByText('First crawlers').first()).toBeVisible();
    await expect(published.getByText('296–456 °C·days')).toBeVisible();
    await expect(page.getByText(/% thermometer/)).toBeVisible();
    const sum = page
      .locator('dt', { hasText: 'Sum to last night' })
      .locator('xpath=following-sibling::dd[1]');
    const bySine = await sum.textContent();
    await page.getByLabel('Method').selectOption('average');
    await expect(sum).not.toHaveText(bySine!);
    await page.getByText('As a table').click();
    await expect(page.getByRole('table').first()).toBeVisible();
  });

  await test.step('a week passes: the window is open and Now says why', async () => {
    await page.getByRole('button', { name: '+1 week' }).click();
    await expect(page.getByText('It is Fri 5 June')).toBeVisible();
    await place(page, 'Now');
    const due = page.getByRole('article').filter({ hasText: 'Spray Garage hedge' });
    await expect(due).toContainText('open');
    // Of the new day: until it is answered the list stands as it was a week ago.
    await expect(due).toContainText('Not today');
    await due.getByText('Why now').click();
    await expect(due).toContainText('First crawlers caught or seen');
    await expect(due).toContainText('grade C');
    await due.getByRole('link', { name: 'Mix' }).click();
  });

  await test.step('mix: the leaf line chosen, the bare-wood line out of reach, spoons with what they give', async () => {
    const pour = page.getByRole('region', { name: 'What to pour' });
    await sayAllClear(page);
    // 1.5 × 0.8 × 6 m is 7.2 m³ at 0.11 l: 0.79 l, of which 1.5 % is 11.9 ml: nine and a half quarter
    // teaspoons.
    await expect(pour).toContainText('0.79 l of spray in one fill');
    await expect(pour).toContainText('11.9 ml');
    await expect(pour).toContainText('2 × teaspoon + 1 × ½ teaspoon = 12.5 ml, which gives 1.58 %');
    await page.getByText('lines that are not for this').click();
    await expect(page.getByText('at its strength it burns leaves')).toBeVisible();
    await expect(page.getByRole('radio', { name: /Deciduous trees and shrubs, dormant/ })).toHaveCount(0);
    await page.getByText('bare and hardened').click();
    await expect(page.getByText('You say otherwise')).toBeVisible();
    await page
      .getByRole('region', { name: 'How it stands today' })
      .getByText('in leaf', { exact: true })
      .click();
    await page.getByLabel(/Finished spray/).fill('nonsense');
    await expect(page.getByRole('alert').filter({ hasText: 'Finished spray' })).toBeVisible();
    await page.getByLabel(/Finished spray/).fill('7');
    await expect(pour).toContainText('7 l of spray in 2 fills');
    await expect(page.getByRole('region', { name: 'Cautions' })).toContainText('The label is the law');
    await page.getByRole('button', { name: 'Log the spray' }).click();
    await expect(page.getByText(/The spray of 5 June is logged, with .* °C/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'Sprays' })).toContainText('7 l of spray');
  });

  await test.step("four weeks on a check is due; the hedge's tapes were past the peak", async () => {
    for (let week = 0; week < 3; week++) {
      await page.getByRole('button', { name: '+1 week' }).click();
      await expect(page.getByRole('banner')).toContainText(['12 June', '19 June', '26 June'][week]!);
    }
    await place(page, 'Now');
    await expect(page.getByRole('article').filter({ hasText: 'Did it work? Garage hedge' })).toBeVisible();
    await place(page, 'When');
    await page.getByLabel('Watch').selectOption({ label: 'West hedge, euonymus scale' });
    await expect(page.getByText('Past the peak').first()).toBeVisible();
  });

  await test.step('seasons: what changed, and what was done between', async () => {
    await place(page, 'Seasons');
    const row = page.getByRole('row', { name: /West hedge/ });
    await expect(row).toContainText('clearing');
    await row.getByRole('link', { name: 'West hedge' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(
      /West hedge: it fell to \d+ % \(\d+–\d+ %\)/,
    );
    await expect(page.getByText('horticultural oil').first()).toBeVisible();
    await expect(page.getByText('never treated')).toBeVisible();
    await place(page, 'Seasons');
    await page.getByRole('row', { name: /Lilac/ }).getByRole('link', { name: 'Lilac' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lilac: one count so far');
  });

  await test.step('a restart keeps everything', async () => {
    await demo.restart();
    await page.goto(`${demo.address}/look`);
    await expect(page.getByRole('banner')).toContainText('26 June');
    await page.getByRole('link', { name: /Garage hedge, euonymus scale/ }).click();
    await expect(page.getByRole('region', { name: 'Counts' }).getByRole('row').nth(1)).toContainText('3.5');
    await expect(page.getByRole('region', { name: 'Sprays' })).toContainText('5 June');
  });
});
