// What must be there before anything of ours runs. Only Node's own modules: it works on a fresh clone.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { CHROMIUM_PATH } from './chromium.mjs';

/** Runs a command with its output shown; ends the program when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (error) console.error(error.message);
  if (status !== 0) process.exit(status ?? 1);
}

const succeeds = (command, args) => spawnSync(command, args, { stdio: 'ignore' }).status === 0;

/** Installs Debian packages when this user may, else says the one command that does and ends. */
function installDebian(packages, why) {
  const mayInstall = process.getuid?.() === 0 && succeeds('apt-get', ['--version']);
  if (!mayInstall) {
    console.error(
      `${why}. Install it with:\n  sudo apt-get update && sudo apt-get install -y ${packages.join(' ')}`,
    );
    process.exit(1);
  }
  console.log(`${why}; installing ${packages.join(', ')}…`);
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', ...packages], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
}

function ensureCompiler() {
  const missing = [
    ['g++', 'g++'],
    ['make', 'make'],
    ['python3', 'python3'],
  ]
    .filter(([command]) => !succeeds(command, ['--version']))
    .map(([, name]) => name);
  if (missing.length > 0)
    installDebian(
      missing,
      'The database driver is compiled at install and needs a C++ compiler, make and Python',
    );
}

const loadsDriver = () => succeeds(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:')"]);

/** Whether a version meets one of "^20.19.0" and ">=22.12.0": the Node this needs is written down once. */
export function meetsNode(range, version) {
  const [major, minor] = version.split('.').map(Number);
  return range.split('||').some((part) => {
    const [, sign, least, leastMinor] = /(\^|>=)(\d+)\.(\d+)/.exec(part) ?? [];
    if (major === Number(least)) return minor >= Number(leastMinor);
    return sign === '>=' && major > Number(least);
  });
}

function ensureNode() {
  const { engines } = JSON.parse(readFileSync('package.json', 'utf8'));
  if (meetsNode(engines.node, process.versions.node)) return;
  console.error(`Juglans needs Node ${engines.node}; this is ${process.versions.node}.`);
  process.exit(1);
}

/** Packages as the lock file has them; the database driver is left to be built. */
export function ensureSources() {
  ensureNode();
  const installed = 'node_modules/.package-lock.json';
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync('package-lock.json').mtimeMs) return;
  console.log('Installing packages…');
  run('npm', ['ci', '--ignore-scripts', '--prefer-offline', '--no-audit', '--no-fund']);
}

/** Builds the database driver unless it loads already; resolves when it does, ends the program when it cannot. */
export async function ensureDriver() {
  if (loadsDriver()) return;
  ensureCompiler();
  console.log('Compiling the database driver, which takes a few minutes the first time…');
  const { status, output } = await runAside('npm', ['rebuild', 'better-sqlite3'], {
    env: { ...process.env, JOBS: 'max' },
  });
  if (status === 0 && loadsDriver()) return;
  console.error(output);
  console.error('The database driver better-sqlite3 could not be built; its messages are above.');
  process.exit(1);
}

/** All that is needed to run: packages, and a database driver that loads. */
export async function ensurePackages() {
  ensureSources();
  await ensureDriver();
}

/** Runs a command beside others; its output is kept until it ends. */
export function runAside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    const parts = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => parts.push(part));
    child.on('error', (error) => parts.push(Buffer.from(error.message)));
    child.on('close', (status) => resolve({ status: status ?? 1, output: Buffer.concat(parts).toString() }));
  });
}

export function ensureChromium() {
  const missing = [
    [existsSync(CHROMIUM_PATH), 'chromium'],
    [succeeds('certutil', ['-H']) || existsSync('/usr/bin/certutil'), 'libnss3-tools'],
    [succeeds('ip', ['-V']), 'iproute2'],
  ]
    .filter(([isThere]) => !isThere)
    .map(([, name]) => name);
  if (missing.length > 0)
    installDebian(
      missing,
      'The tests of the interface need Chromium, a way to make it trust a computer, and networks to part',
    );
}

const SOURCES = [
  'core',
  'knowledge',
  'engine',
  'answers',
  'simulated',
  'server',
  'web',
  'demo',
  'package-lock.json',
  'vite.config.ts',
  'vite.server.config.ts',
];

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** Builds the interface and the programs when a source is newer than the last build. */
export function ensureBuild() {
  const built = 'dist/server/main.js';
  if (
    existsSync(built) &&
    existsSync('dist/web/index.html') &&
    statSync(built).mtimeMs > Math.max(...SOURCES.map(newest))
  )
    return;
  run('npx', ['vite', 'build', '--logLevel', 'warn']);
  run('npx', ['vite', 'build', '--config', 'vite.server.config.ts', '--logLevel', 'warn']);
}
