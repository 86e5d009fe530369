import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { readScript } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import { absent } from '../support/programs.ts';
import { ROOT } from '../support/run-dabbawala.ts';

test('a trace on scripts made by chance tells what the shells do that run them', () => {
  const bench = join(ROOT, 'bench/scripts/against-shells.mjs');
  const run = spawnSync(process.execPath, [bench, '--scripts=40', '--lines=3', '--seed=3'], {
    encoding: 'utf8',
  });
  assert.equal(run.status, 0, run.stdout + run.stderr);
});

const WORDS = ['-h', '-hv', '-o', '-ox', '--out', '--level', '--level=3', '--le', '-z', '--', 'box', 'quay'];

test('what zparseopts takes and refuses is what a trace tells', { skip: absent('zsh') }, () => {
  const path = join(ROOT, 'test/script/scripts/zparseopts-with-arrays/script.sh');
  const { interface: cli } = readScript({ name: 'script', text: readFileSync(path, 'utf8') });
  assert.ok(cli !== undefined);
  for (const first of WORDS)
    for (const second of WORDS) {
      const words = [first, second];
      const { problems } = traceWords(cli, words);
      const { status } = spawnSync('zsh', ['-f', path, ...words], { encoding: 'utf8' });
      assert.equal(problems.length > 0, status !== 0, words.join(' '));
    }
});
