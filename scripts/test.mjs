// Runs the tests on a fresh build, installing first what they need; with --no-system no Debian packages, so that suites which use them are left out.
// With --require-all, a suite that was left out for want of a program is a failure. Other words are patterns: only test files whose names contain one of
// them are run.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { installDebianPackages } from './debian-packages.mjs';
import { fail, installPackages, root, run } from './setup.mjs';

const requireAll = process.argv.includes('--require-all');
const patterns = process.argv.slice(2).filter((word) => !word.startsWith('-'));

installDebianPackages({ mayInstall: !process.argv.includes('--no-system') });
installPackages();
run(process.execPath, ['scripts/build.mjs']);
run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', 'examples/workbench', '--logLevel', 'warn']);

const files = readdirSync(join(root, 'test'), { recursive: true })
  .filter((name) => name.endsWith('.test.ts'))
  .filter((name) => patterns.length === 0 || patterns.some((pattern) => name.includes(pattern)))
  .sort()
  .map((name) => join('test', name));
if (files.length === 0) fail('no test file matches');

// esbuild is there only when the packages are installed.
const { buildTests } = await import('./build-tests.mjs');
const scratch = mkdtempSync(join(tmpdir(), 'dabbawala-tests-'));
const tap = join(scratch, 'results.tap');
const { status } = spawnSync(
  process.execPath,
  [
    '--enable-source-maps',
    '--test',
    // Only what never ends reaches this: on a busy machine a test may take many times as long.
    '--test-timeout=1800000',
    // By itself Node.js leaves one processor alone, which is half of a small machine.
    `--test-concurrency=${Math.max(2, availableParallelism() - 1)}`,
    '--test-reporter=spec',
    '--test-reporter-destination=stdout',
    '--test-reporter=tap',
    `--test-reporter-destination=${tap}`,
    ...(await buildTests(root, files)),
  ],
  { cwd: root, stdio: 'inherit' },
);
const leftOut = readFileSync(tap, 'utf8').match(/^\s*ok .* # SKIP.*$/gm) ?? [];
rmSync(scratch, { recursive: true, force: true });
process.stdout.write(
  `\nLeft out: ${leftOut.length}\n${leftOut.map((line) => `  ${line.trim()}\n`).join('')}`,
);
if (status !== 0) process.exit(status ?? 1);
if (requireAll && leftOut.length > 0) fail('tests were left out, and all are required');
