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
      'engine',
      'answers',
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
tell('the sources hold, the programs are built');

const reports = mkdtempSync(join(tmpdir(), 'juglans-test-'));

/** Unit tests of some folders; what they came to, and 1 where anything failed. */
async function unitTests(...folders) {
  const report = join(reports, `${folders[0]}.json`);
  const { status, output } = await runAside(
    'npx',
    ['jest', '--json', `--outputFile=${report}`, '--roots', ...folders],
    {
      env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
    },
  );
  if (status !== 0) console.error(output);
  tell(`unit tests of ${folders.join(', ')} are through`);
  return { status, ...JSON.parse(readFileSync(report, 'utf8')) };
}

// What needs no records runs while the driver is still being compiled.
const withoutRecords = await unitTests('core', 'knowledge', 'engine', 'answers', 'web');
await driver;
tell('the driver is compiled');
const units = [withoutRecords, await unitTests('server', 'demo')];
const browserReport = join(reports, 'playwright.json');
const browser = spawnSync('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
  stdio: 'inherit',
  env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: browserReport },
});
tell('the interface is through');

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
const sum = (count) => units.reduce((total, unit) => total + count(unit), 0);
const passed = sum((unit) => unit.numPassedTests);
const failed = sum((unit) => unit.numFailedTests + unit.numRuntimeErrorTestSuites) + pages.unexpected;
console.log(`unit: ${passed} passed; interface: ${pages.expected} passed, ${pages.flaky} flaky`);
console.log(`${passed + pages.expected} passed, ${failed} failed`);
process.exit(units.some(({ status }) => status !== 0) || browser.status !== 0 || failed > 0 ? 1 : 0);
