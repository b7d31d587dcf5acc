import { expect } from '@playwright/test';
import { test } from './server.ts';

test('a part of the program that is gone after an upgrade asks for a reload, and the other pages still open', async ({
  page,
  sharedDemo,
}) => {
  await page.goto(`${sharedDemo.address}/now`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.route('**/assets/recipes-page-*.js', (route) => route.fulfill({ status: 404, body: 'gone' }));
  await page.getByRole('banner').getByRole('link', { name: 'Mix', exact: true }).click();
  await page.getByRole('link', { name: 'Recipes' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A new version is here');
  await expect(page.getByRole('button', { name: 'Reload' })).toBeVisible();
  await page.getByRole('banner').getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('A new version is here');
  await page.unroute('**/assets/recipes-page-*.js');
  await page.goBack();
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Jar test for a new pair');
});

test('an answer the page cannot show breaks that page only, and can be tried again', async ({
  page,
  sharedDemo,
}) => {
  const odd = '**/api/book';
  await page.route(odd, (route) => route.fulfill({ json: { entries: [{ kind: 'odd' }] } }));
  await page.goto(`${sharedDemo.address}/seasons/book`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('This page could not be shown');
  await page.getByRole('banner').getByRole('link', { name: 'Garden', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/plants/);
});
