// Speed, read and not asserted: `npm run bench`.
import { ensureBuild, ensurePackages, run } from './prepare.mjs';

await ensurePackages();
ensureBuild();
run('npx', ['tsx', 'bench/main.ts']);
