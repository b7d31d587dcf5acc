// The app on a person's own records, kept in ./data unless DATA says otherwise: `npm start`.
import { spawn } from 'node:child_process';
import { ensureBuild, ensurePackages } from './prepare.mjs';

await ensurePackages();
ensureBuild();
const server = spawn(process.execPath, ['dist/server/main.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
