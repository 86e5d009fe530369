import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { gzipSync } from 'node:zlib';
import { readFoundFile, readSourceFile } from 'dabbawala/node';
import { type Ended, ROOT, runProgram } from '../support/run-dabbawala.ts';

const BIN = join(ROOT, 'dist/cli/bin.js');
const HELP = 'Usage: tiffin [-q] BOX\n\n  -q  say nothing\n';
let folder = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-special-'));
});
after(() => rmSync(folder, { recursive: true }));

function inShell(script: string, at = folder): Promise<Ended> {
  return runProgram('bash', ['-c', script, process.execPath, BIN], '', {}, at);
}

/** A folder of a project below the one of the tests. */
function project(name: string): string {
  const path = join(folder, name, 'project');
  mkdirSync(path, { recursive: true });
  writeFileSync(join(path, 'help.txt'), HELP);
  return path;
}

test('a SOURCE may be a pipe that the shell makes, a FIFO, or standard input by its path', async () => {
  writeFileSync(join(folder, 'help.txt'), HELP);
  for (const script of [
    '"$0" "$1" convert <(cat help.txt)',
    '"$0" "$1" convert <(sleep 1; cat help.txt)',
    'mkfifo fifo; (sleep 1; cat help.txt >fifo) & "$0" "$1" convert fifo; rm fifo',
    'cat help.txt | "$0" "$1" convert /dev/stdin',
  ]) {
    const { status, stdout, stderr } = await inShell(script);
    assert.deepEqual([status, stderr], [0, ''], script);
    assert.match(stdout, /^dabbawala: 1\nprogram: tiffin\n/, script);
  }
});

test('a pipe through which nothing comes is a message, whether or not somebody holds it open', async () => {
  const fifo = join(folder, 'silent');
  execFileSync('mkfifo', [fifo]);
  const alone = await readSourceFile(fifo, { waitLimit: 100 });
  assert.match(alone.problems[0]?.message ?? '', /^nothing came through the pipe in time; /);
  const holder = runProgram('bash', ['-c', 'exec 9<>"$0"; sleep 2', fifo]);
  await new Promise((done) => setTimeout(done, 500));
  const held = await readSourceFile(fifo, { waitLimit: 100 });
  assert.match(held.problems[0]?.message ?? '', /^nothing came through the pipe in time; /);
  await holder;
  const empty = await inShell('"$0" "$1" audit <(true)');
  assert.equal(empty.status, 2);
});

test('what was found and not named must be a regular file of a sensible size', async () => {
  const path = join(folder, 'found');
  execFileSync('mkfifo', [path]);
  assert.equal((await readFoundFile(path)).problems[0]?.code, 'no-regular-file');
  rmSync(path);
  writeFileSync(path, Buffer.alloc(2 * 1024 * 1024, 'x'));
  assert.equal((await readFoundFile(path)).problems[0]?.code, 'file-too-large');
});

test('settings in a folder above that are no file are told and passed over', async () => {
  const at = project('settings');
  const path = join(folder, 'settings', 'dabbawala-settings.yaml');
  execFileSync('mkfifo', [path]);
  const fifo = await inShell('"$0" "$1" audit help.txt', at);
  assert.equal(fifo.status, 0);
  assert.equal(fifo.stderr, 'dabbawala:../dabbawala-settings.yaml: expected a regular file; it is ignored\n');
  rmSync(path);
  mkdirSync(path);
  const directory = await inShell('"$0" "$1" audit help.txt', at);
  assert.equal(directory.status, 0);
  assert.match(directory.stderr, /expected a regular file/);
});

test('a family outside the folder of the settings is not read, by whatever path', async () => {
  const at = project('family');
  const outside = join(folder, 'family', 'outside.txt');
  writeFileSync(outside, 'Usage: rounds [-q]\n\n  -q  quit\n');
  symlinkSync(outside, join(at, 'link.txt'));
  for (const path of ['../outside.txt', outside, 'link.txt']) {
    writeFileSync(join(at, 'dabbawala-settings.yaml'), `dabbawala-settings: 1\nfamily: [${path}]\n`);
    const { status, stderr } = await inShell('"$0" "$1" audit help.txt', at);
    assert.equal(status, 0);
    assert.match(
      stderr,
      /^dabbawala:dabbawala-settings\.yaml:2:10: '.*' is outside the folder of the settings/,
    );
  }
  const { stderr } = await inShell('"$0" "$1" audit help.txt ../outside.txt', at);
  assert.match(stderr, /is outside/);
  writeFileSync(join(at, 'inside.txt'), 'Usage: rounds [-q]\n\n  -q  quit\n');
  writeFileSync(join(at, 'dabbawala-settings.yaml'), 'dabbawala-settings: 1\nfamily: [inside.txt]\n');
  assert.equal((await inShell('"$0" "$1" audit help.txt', at)).stderr, '');
});

test('a file compressed by gzip is read, and one that is damaged or unpacks to too much is a message', async () => {
  writeFileSync(join(folder, 'tiffin.txt.gz'), gzipSync(HELP));
  const { status, stdout, stderr } = await inShell('"$0" "$1" convert - <tiffin.txt.gz');
  assert.deepEqual([status, stderr], [0, '']);
  assert.match(stdout, /^dabbawala: 1\nprogram: tiffin\n/);
  const damaged = join(folder, 'damaged.gz');
  writeFileSync(damaged, gzipSync(HELP).subarray(0, 30));
  const cut = await readSourceFile(damaged);
  assert.equal(cut.source, undefined);
  assert.equal(cut.problems[0]?.message, 'expected a file compressed by gzip, this one is damaged');
  const bomb = join(folder, 'bomb.gz');
  writeFileSync(bomb, gzipSync(Buffer.alloc(40 * 1024 * 1024)));
  assert.match(
    (await readSourceFile(bomb)).problems[0]?.message ?? '',
    /^a source can have at most \d+ bytes/,
  );
});
