// Everything that must hold: form, types, lint, boundaries, the share of tests, unit tests, the real
// interface. Ends non-zero on any failure.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensureDriver, ensureSources, runAside } from './prepare.mjs';
import { tellTestShare } from './test-share.mjs';

const began = Date.now();
const tell = (what) => console.log(`[${Math.round((Date.now() - began) / 1000)} s] ${what}`);

/** Checks that only read the sources; they run while the driver is compiled. */
const SOURCE_CHECKS = [
  ['tsc', []],
  ['eslint', ['.', '--max-warnings', '0']],
  [
    'depcruise',
    [
      'core',
      'knowledge',
      'simulated',
      'server',
      'web',
      'demo',
      'bench',
      '--config',
      '.dependency-cruiser.cjs',
    ],
  ],
  ['prettier', ['--check', '--log-level', 'warn', '.']],
];

ensureSources();
ensureChromium();
tell('packages are there');
const driver = ensureDriver();
for (const [command, args] of SOURCE_CHECKS) {
  const { status, output } = await runAside('npx', [command, ...args]);
  if (status === 0) continue;
  console.error(output);
  console.error(`${command} found faults`);
  process.exit(1);
}
if (!tellTestShare()) process.exit(1);
ensureBuild();
await driver;
tell('the sources hold, the programs are built');

const reports = mkdtempSync(join(tmpdir(), 'juglans-test-'));
const jestReport = join(reports, 'jest.json');
const browserReport = join(reports, 'playwright.json');
const jest = spawnSync('npx', ['jest', '--json', `--outputFile=${jestReport}`], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
});
tell('unit tests are through');
const browser = spawnSync('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
  stdio: 'inherit',
  env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: browserReport },
});
tell('the interface is through');

const unit = JSON.parse(readFileSync(jestReport, 'utf8'));
const { stats: pages, suites } = JSON.parse(readFileSync(browserReport, 'utf8'));
rmSync(reports, { recursive: true, force: true });

/** Journeys that did not pass at once, each with the record of what it did. */
function tellRecords({ suites: inner = [], specs = [] }) {
  inner.forEach(tellRecords);
  for (const { title, tests } of specs) {
    const records = tests.flatMap(({ results }) => results).flatMap(({ attachments }) => attachments);
    for (const { name, path } of records)
      if (name === 'trace') console.log(`"${title}" is recorded in ${path}`);
  }
}
tellRecords({ suites });

// A suite that could not even start counts as a failure of its own.
const failed = unit.numFailedTests + unit.numRuntimeErrorTestSuites + pages.unexpected;
console.log(`unit: ${unit.numPassedTests} passed; interface: ${pages.expected} passed, ${pages.flaky} flaky`);
console.log(`${unit.numPassedTests + pages.expected} passed, ${failed} failed`);
process.exit(jest.status !== 0 || browser.status !== 0 || failed > 0 ? 1 : 0);
