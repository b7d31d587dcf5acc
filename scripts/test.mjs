// Everything that must hold: types, lint, boundaries, unit tests, the real interface. Ends non-zero on any failure.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages, run } from './prepare.mjs';

ensurePackages();
ensureChromium();
run('npx', ['tsc']);
run('npx', ['eslint', '.', '--max-warnings', '0']);
run('npx', [
  'depcruise',
  'core',
  'knowledge',
  'server',
  'web',
  'demo',
  'bench',
  '--config',
  '.dependency-cruiser.cjs',
]);
ensureBuild();

const reports = mkdtempSync(join(tmpdir(), 'juglans-test-'));
const jestReport = join(reports, 'jest.json');
const browserReport = join(reports, 'playwright.json');
const jest = spawnSync('npx', ['jest', '--json', `--outputFile=${jestReport}`], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
});
const browser = spawnSync('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
  stdio: 'inherit',
  env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: browserReport },
});

const unit = JSON.parse(readFileSync(jestReport, 'utf8'));
const pages = JSON.parse(readFileSync(browserReport, 'utf8')).stats;
rmSync(reports, { recursive: true, force: true });
// A suite that could not even start counts as a failure of its own.
const failed = unit.numFailedTests + unit.numRuntimeErrorTestSuites + pages.unexpected;
console.log(`unit: ${unit.numPassedTests} passed; interface: ${pages.expected} passed, ${pages.flaky} flaky`);
console.log(`${unit.numPassedTests + pages.expected} passed, ${failed} failed`);
process.exit(jest.status !== 0 || browser.status !== 0 || failed > 0 ? 1 : 0);
