// Jest's test words on Mocha, which runs a test again within a millisecond: thousands of changes are tried, each on
// the tests that reach it. Loaded anew for every test file (see loader.mjs), so that a file's hooks stay its own.
import { expect } from 'expect';
import { bind as eachOf } from 'jest-each';
import mocha from 'mocha';

const { Suite, Test } = mocha;

const fileName = new URL(import.meta.url).searchParams.get('of');
const open = [process.env.MUTANT_WHOLE_FILES ? asOneTest() : Suite.create(rootSuite(), fileName)];

/** Tests of one file that build on each other are told apart by nobody: the file is one test, in its order. */
function asOneTest() {
  const file = new Suite(fileName);
  const whole = new Test(fileName, () => runInOrder(file, [], []));
  rootSuite().addTest(whole);
  whole.timeout(0);
  return file;
}

async function runInOrder(suite, before, after) {
  const [beforeEach, afterEach] = [
    [...before, ...suite._beforeEach],
    [...suite._afterEach, ...after],
  ];
  const runAll = async (steps) => {
    for (const { fn } of steps) await fn();
  };
  await runAll(suite._beforeAll);
  try {
    for (const test of suite.tests) {
      try {
        await runAll([...beforeEach, test]);
      } finally {
        await runAll(afterEach);
      }
    }
    for (const inner of suite.suites) await runInOrder(inner, beforeEach, afterEach);
  } finally {
    await runAll(suite._afterAll);
  }
}

function rootSuite() {
  let root;
  globalThis.describe('root', function findRoot() {
    root = this.parent;
  });
  root.suites = root.suites.filter(({ title }) => title !== 'root');
  return root;
}

function suite(title, fill) {
  const inner = Suite.create(open[0], title);
  open.unshift(inner);
  fill.call(inner);
  open.shift();
}

function single(title, run, timeoutMs) {
  const added = new Test(title, run);
  open[0].addTest(added);
  if (timeoutMs) added.timeout(timeoutMs);
}

const describe = Object.assign(suite, { each: eachOf(suite) });
const test = Object.assign(single, { each: eachOf(single) });
const beforeAll = (run) => open[0].beforeAll(run);
const afterAll = (run) => open[0].afterAll(run);
const beforeEach = (run) => open[0].beforeEach(run);
const afterEach = (run) => open[0].afterEach(run);

export { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test };
