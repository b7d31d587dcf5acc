import { areas } from './scripts/mutants/areas.mjs';

const name = process.env.MUTANT_AREA;
const { mutate, tests, withoutConstants = false, wholeFiles = false } = areas[name];

// The workers read it, since what a test is depends on it.
if (wholeFiles) process.env.MUTANT_WHOLE_FILES = '1';

/** One area of the code is changed in small ways, and its tests must notice: `npm run mutants`. */
export default {
  plugins: ['@stryker-mutator/mocha-runner', './scripts/mutants/ignore-error-words.mjs'],
  testRunner: 'mocha',
  testRunnerNodeArgs: ['--import', 'tsx', '--import', './scripts/mutants/loader.mjs'],
  mochaOptions: { spec: tests, 'no-config': true, 'no-package': true },
  coverageAnalysis: 'perTest',
  ignoreStatic: withoutConstants,
  mutate,
  ignorers: ['error-words'],
  concurrency: 2,
  timeoutMS: 10_000,
  tempDirName: '.stryker-tmp',
  reporters: ['json', 'clear-text', 'progress-append-only'],
  jsonReporter: { fileName: `reports/mutants/${name.replaceAll('/', '-')}.json` },
  clearTextReporter: { allowColor: false, reportTests: false, reportMutants: false },
  disableTypeChecks: false,
};
