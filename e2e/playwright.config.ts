import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS, CHROMIUM_PATH } from '../scripts/chromium.mjs';

/** Journeys through the real interface, in Debian's Chromium, each on a server and records of its own. */
export default defineConfig({
  testDir: '.',
  fullyParallel: true,
  workers: 3,
  // A journey that only passes the second time is reported as flaky, by name.
  retries: 1,
  // A busy machine is no fault of what is tested; nothing waits longer than it has to.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  outputDir: '../test-results',
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_FILE ? [['list'], ['json']] : [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 25_000,
    contextOptions: { reducedMotion: 'reduce' },
    // Only the journeys without a server need it; elsewhere it would hide requests from the tests.
    serviceWorkers: 'block',
    launchOptions: { executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS },
    // A journey that failed is tried again with all it does recorded, and named with the record.
    trace: 'on-first-retry',
  },
});
