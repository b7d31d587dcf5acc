import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** Below this share of all lines of TypeScript the tests are too few to notice much. */
const LEAST_SHARE = 0.24;

const isTest = (file) => /\.(test|spec)\.tsx?$/.test(file) || file.startsWith('e2e/');
const linesIn = (file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;
const linesOf = (files) => files.reduce((sum, file) => sum + linesIn(file), 0);

/** Prints how much of the code is tests; false when it is too little. Only lines with something on them count. */
export function tellTestShare() {
  const { stdout } = spawnSync('git', ['ls-files', '*.ts', '*.tsx'], { encoding: 'utf8' });
  const files = stdout.split('\n').filter((file) => file !== '' && !file.endsWith('.d.ts'));
  const [tests, all] = [linesOf(files.filter(isTest)), linesOf(files)];
  const enough = tests >= LEAST_SHARE * all;
  const share = ((100 * tests) / all).toFixed(1);
  console.log(
    `Tests are ${tests} of ${all} lines of TypeScript: ${share} %, at least ${100 * LEAST_SHARE} %`,
  );
  return enough;
}
