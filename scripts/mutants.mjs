// Changes the code in small ways and counts what the tests notice: `npm run mutants [area…]`. Takes hours for all.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { areas } from './mutants/areas.mjs';
import { ensurePackages } from './prepare.mjs';

await ensurePackages();
const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !areas[name]);
if (unknown.length > 0) {
  console.error(`No such area: ${unknown.join(', ')}. There are: ${Object.keys(areas).join(', ')}`);
  process.exit(1);
}

/** Changes that count: those the tests had a chance to notice, or should have had. */
function scoreOf(file) {
  const { files } = JSON.parse(readFileSync(file, 'utf8'));
  const mutants = Object.values(files).flatMap(({ mutants }) => mutants);
  const count = (...statuses) => mutants.filter(({ status }) => statuses.includes(status)).length;
  const noticed = count('Killed', 'Timeout');
  const missed = count('Survived', 'NoCoverage');
  return { noticed, missed, percent: (100 * noticed) / (noticed + missed) };
}

let short = 0;
for (const name of asked.length > 0 ? asked : Object.keys(areas)) {
  const report = `reports/mutants/${name.replaceAll('/', '-')}.json`;
  const { status } = spawnSync('npx', ['stryker', 'run', 'stryker.config.mjs'], {
    stdio: ['ignore', process.env.CI ? 'ignore' : 'inherit', 'inherit'],
    env: { ...process.env, MUTANT_AREA: name },
  });
  if (status !== 0 || !existsSync(report)) process.exit(status || 1);
  const { noticed, missed, percent } = scoreOf(report);
  if (percent < areas[name].least) short++;
  console.log(
    `${name}: ${percent.toFixed(1)} % of ${noticed + missed} changes noticed (at least ${areas[name].least} %)`,
  );
}
process.exit(short > 0 ? 1 : 0);
