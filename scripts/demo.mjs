// The made-up garden, from a fresh clone on: `npm run demo`; `npm run demo -- --fresh` begins it anew.
import { spawn } from 'node:child_process';
import { ensureBuild, ensurePackages } from './prepare.mjs';

await ensurePackages();
ensureBuild();
const server = spawn(process.execPath, ['dist/server/demo.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
