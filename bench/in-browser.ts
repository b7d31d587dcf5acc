import { chromium } from '@playwright/test';
import { build, type Rollup } from 'vite';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from '../scripts/chromium.mjs';

/** Bundles a module that exports `measure` and runs it in headless Chromium; gives back what it gives. */
export async function measureInBrowser<Result>(entry: string): Promise<Result> {
  const built = (await build({
    configFile: false,
    logLevel: 'error',
    build: { write: false, minify: true, lib: { entry, formats: ['iife'], name: 'Measured' } },
  })) as Rollup.RollupOutput[];
  const browser = await chromium.launch({ executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS });
  try {
    const page = await browser.newPage();
    // A page of a site of its own: some packages look for what a blank page may not have.
    await page.route('**/*', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
    await page.goto('http://localhost/');
    await page.addScriptTag({ content: built[0]!.output[0].code });
    return (await page.evaluate(() =>
      (globalThis as unknown as { Measured: { measure(): Result } }).Measured.measure(),
    )) as Result;
  } finally {
    await browser.close();
  }
}
