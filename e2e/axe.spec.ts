import axe, { type RunOptions } from 'axe-core';
import { expect, type Page } from '@playwright/test';
import { PAGES } from './page-list.ts';
import { settled, test } from './server.ts';

const LEVEL_AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
/** What may differ where the same page is laid out anew, on a phone. */
const LAYOUT_RULES = [
  'color-contrast',
  'target-size',
  'scrollable-region-focusable',
  'button-name',
  'link-name',
  'aria-hidden-focus',
];

/** Faults that keep somebody out. What passes is not told, and style sheets are not read a second time. */
async function seriousOn(page: Page, where: string, runOnly: RunOptions['runOnly']): Promise<string[]> {
  const violations = await page.evaluate(
    async (only) => {
      const { axe: inPage } = window as unknown as { axe: typeof axe };
      const result = await inPage.run(document, {
        runOnly: only,
        resultTypes: ['violations'],
        preload: false,
      });
      return result.violations;
    },
    runOnly as RunOptions['runOnly'] & object,
  );
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${where} ${id}: ${nodes
          .slice(0, 3)
          .map((node) => `${node.html.slice(0, 160)} ${node.any[0]?.message ?? ''}`)
          .join(' | ')}`,
    );
}

/** Colours on their way from one theme to the other are nobody's fault: they are set at their end. */
const whenStill = (page: Page) =>
  page.evaluate(() => {
    for (const animation of document.getAnimations())
      if (animation.effect?.getComputedTiming().endTime !== Infinity) animation.finish();
  });

/** A page on a laptop and, laid out anew, on a phone; the other themes change colours and little else. */
async function seriousEitherWay(page: Page, where: string): Promise<string[]> {
  await page.evaluate(axe.source);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.emulateMedia({ colorScheme: 'light' });
  const onLaptop = await seriousOn(page, `${where} on a laptop`, { type: 'tag', values: LEVEL_AA });
  await page.emulateMedia({ colorScheme: 'dark' });
  await whenStill(page);
  const inTheDark = await seriousOn(page, `${where} in the dark`, ['color-contrast']);
  await page.emulateMedia({ colorScheme: 'light' });
  const setTheme = (theme: string | null) =>
    page.evaluate((name) => {
      if (name === null) delete document.documentElement.dataset.theme;
      else document.documentElement.dataset.theme = name;
    }, theme);
  await setTheme('noon');
  await whenStill(page);
  const inTheSun = await seriousOn(page, `${where} in bright sun`, ['color-contrast']);
  await setTheme(null);
  await page.setViewportSize({ width: 390, height: 844 });
  await whenStill(page);
  return [
    ...onLaptop,
    ...inTheDark,
    ...inTheSun,
    ...(await seriousOn(page, `${where} on a phone`, LAYOUT_RULES)),
  ];
}

/** On the narrowest of phones, and on a usual one with text twice as large, nothing leaves the page sideways. */
async function sidewaysAnyhow(page: Page, where: string): Promise<string[]> {
  const leaves: string[] = [];
  for (const [width, text] of [
    [320, '100%'],
    [390, '200%'],
  ] as const) {
    await page.setViewportSize({ width, height: 844 });
    await page.evaluate((size) => void (document.documentElement.style.fontSize = size), text);
    const widthNow = () => page.evaluate(() => document.documentElement.scrollWidth);
    // A chart is drawn anew a moment after its page is.
    await expect
      .poll(widthNow, { timeout: 3000 })
      .toBeLessThanOrEqual(width)
      .catch(() => undefined);
    const wide = await widthNow();
    await page.evaluate(() => void (document.documentElement.style.fontSize = ''));
    if (wide > width) leaves.push(`${where} at ${width} px, text ${text}: ${wide} px wide`);
  }
  return leaves;
}

for (const [place, paths] of Object.entries(PAGES)) {
  test.describe(place, () => {
    for (const path of paths) {
      test(`axe finds nothing serious at ${path}`, async ({ onlooker }) => {
        await onlooker.goto(path);
        await settled(onlooker);
        await onlooker.evaluate(() =>
          document.querySelectorAll('main details').forEach((it) => it.setAttribute('open', '')),
        );
        expect(await seriousEitherWay(onlooker, path)).toEqual([]);
        expect(await sidewaysAnyhow(onlooker, path)).toEqual([]);
      });
    }
  });
}

test('axe finds nothing serious on a round, a stop or its summary', async ({ page, demo }) => {
  await page.goto(`${demo.address}/look/round`);
  await page.getByRole('button', { name: 'Start the round' }).click();
  await page.getByRole('link', { name: /^Next: / }).click();
  await page.getByText('Skip it, or add a note or photo').click();
  await expect(page.getByText('Stop 1 of 16')).toBeVisible();
  expect(await seriousEitherWay(page, 'a stop')).toEqual([]);
  await page.getByRole('button', { name: /^Nothing found/ }).click();
  await page.getByRole('link', { name: 'the whole round' }).click();
  await expect(page.getByText('1 of 16 stops done')).toBeVisible();
  expect(await seriousEitherWay(page, 'the round')).toEqual([]);
  await page.getByRole('button', { name: 'Finish the round' }).click();
  await expect(page.getByText('1 looked at, 0 skipped')).toBeVisible();
  expect(await seriousEitherWay(page, 'its summary')).toEqual([]);
});
