// What must be there before anything of ours runs. Only Node's own modules: it works on a fresh clone.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
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

/** Packages as the lock file has them, and a database driver that loads. */
export function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 11)) {
    console.error(`Juglans needs Node 20.11 or later; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const installed = 'node_modules/.package-lock.json';
  if (!existsSync(installed) || statSync(installed).mtimeMs < statSync('package-lock.json').mtimeMs) {
    ensureCompiler();
    console.log(
      'Installing packages; the database driver is compiled, which takes a few minutes the first time…',
    );
    run('npm', ['ci', '--no-audit', '--no-fund']);
  }
  if (!loadsDriver()) {
    ensureCompiler();
    run('npm', ['rebuild', 'better-sqlite3']);
    if (!loadsDriver()) {
      console.error('The database driver better-sqlite3 could not be built; its messages are above.');
      process.exit(1);
    }
  }
}

export function ensureChromium() {
  if (!existsSync(CHROMIUM_PATH)) installDebian(['chromium'], 'The tests of the interface need Chromium');
}

const SOURCES = [
  'core',
  'knowledge',
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
