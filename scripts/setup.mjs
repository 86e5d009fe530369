// Gets a fresh checkout ready: the npm packages, and dist/ where it is missing or older than the sources.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { argv } from 'node:process';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a program and ends with its status where it fails. */
export function run(program, words, options = {}) {
  const { status, error } = spawnSync(program, words, {
    cwd: root,
    stdio: 'inherit',
    ...options,
  });
  if (error !== undefined) fail(`cannot run ${program}: ${error.message}`);
  if (status !== 0) process.exit(status ?? 1);
}

export function fail(message) {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

function changed(path) {
  return existsSync(path) ? statSync(path).mtimeMs : 0;
}

/** Installs the npm packages unless they are those of the lock file. */
export function installPackages() {
  const installed = changed(join(root, 'node_modules/.package-lock.json'));
  if (installed >= changed(join(root, 'package-lock.json')) && installed > 0) return;
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
}

/** Builds dist/ unless it is newer than all sources. */
export function buildIfNeeded() {
  const sources = ['src', 'scripts'].flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true }).map((name) => join(root, folder, name)),
  );
  const newest = Math.max(changed(join(root, 'package.json')), ...sources.map(changed));
  if (changed(join(root, 'dist/cli/bin.js')) < newest) run(process.execPath, ['scripts/build.mjs']);
}

if (argv[1] === fileURLToPath(import.meta.url)) {
  installPackages();
  buildIfNeeded();
}
