import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { test } from 'node:test';
import { ROOT } from '../support/run-dabbawala.ts';

test('a trace on scripts made by chance tells what the shells do that run them', () => {
  const bench = join(ROOT, 'bench/scripts/against-shells.mjs');
  const run = spawnSync(process.execPath, [bench, '--scripts=40', '--lines=3', '--seed=3'], {
    encoding: 'utf8',
  });
  assert.equal(run.status, 0, run.stdout + run.stderr);
});
