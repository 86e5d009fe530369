import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { dabbawala, ROOT, runProgram } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-accepted-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));
const TIFFIN = join(ROOT, 'demo/tiffin-1.4/tiffin.yaml');

test('all that is found is accepted at once, later audits are silent, and a new mistake fails alone', async () => {
  const file = join(FOLDER, 'accepted.yaml');
  const before = await dabbawala(['audit', TIFFIN]);
  assert.equal(before.status, 1);
  const accepting = await dabbawala(['audit', TIFFIN, `--accepted=${file}`, '--accept=as in 1.4']);
  assert.deepEqual([accepting.status, accepting.stderr], [0, '']);
  assert.match(accepting.stdout, /accepted\.yaml: \d+ more accepted\n$/);
  const text = readFileSync(file, 'utf8');
  assert.match(
    text,
    /\n {2}- \{at: tiffin box add, check: conflicts\/default-not-allowed, of: --litres, because: as in 1\.4\}\n/,
  );
  const silent = await dabbawala(['audit', TIFFIN, `--accepted=${file}`, '--fail-on=note']);
  assert.equal(silent.status, 0);
  assert.match(silent.stdout, /\d+ accepted findings passed over\n/);
  const next = join(FOLDER, 'next.yaml');
  writeFileSync(
    next,
    readFileSync(TIFFIN, 'utf8').replace('  --colour[', '  --j: jump the queue\n  --colour['),
  );
  const failing = await dabbawala(['audit', next, `--accepted=${file}`, '--format=lines']);
  assert.equal(failing.status, 1);
  assert.match(
    failing.stdout,
    /^\S+next\.yaml:\d+:3: warning: '--j' is a long option of one letter \[names\/one-letter-long\]\n/,
  );
  const again = await dabbawala(['audit', next, `--accepted=${file}`, '--accept=soon', '--until=2999-12-31']);
  assert.equal(again.status, 0);
  assert.match(readFileSync(file, 'utf8'), /of: --j, because: soon, until: 2999-12-31\}/);
  assert.equal((await dabbawala(['audit', next, `--accepted=${file}`])).status, 0);
});

test('the settings may name the file of accepted findings', async () => {
  const folder = join(FOLDER, 'set');
  mkdirSync(folder);
  writeFileSync(join(folder, 'dabbawala-settings.yaml'), 'dabbawala-settings: 1\naccepted: known.yaml\n');
  const run = (...words: string[]) =>
    runProgram(process.execPath, [join(ROOT, 'dist/cli/bin.js'), 'audit', TIFFIN, ...words], '', {}, folder);
  assert.equal((await run('--accept=so it is')).status, 0);
  assert.equal((await run()).status, 0);
  writeFileSync(join(folder, 'dabbawala-settings.yaml'), 'dabbawala-settings: 1\naccepted: ../known.yaml\n');
  const outside = await run();
  assert.match(outside.stderr, /'\.\.\/known\.yaml' is outside the folder of the settings file/);
});

test('mistakes with accepted findings are told, and no file is lost by them', async () => {
  const none = await dabbawala(['audit', TIFFIN, '--accept=so it is']);
  assert.equal(none.status, 2);
  assert.match(none.stderr, /expected --accepted=FILE with --accept/);
  const day = await dabbawala(['audit', TIFFIN, '--accepted=x', '--accept=y', '--until=2027-02-30']);
  assert.equal(day.status, 2);
  assert.match(day.stderr, /'2027-02-30' is not a value of '--until': expected a day such as 2027-01-31\n/);
  assert.equal((await dabbawala(['audit', TIFFIN, `--accepted=${join(FOLDER, 'missing.yaml')}`])).status, 2);
  const broken = join(FOLDER, 'broken.yaml');
  const text = 'dabbawala-accepted: 1\nfindings:\n  - {at: tiffin, chekc: a/b, of: c, because: d}\n';
  writeFileSync(broken, text);
  const result = await dabbawala(['audit', TIFFIN, `--accepted=${broken}`, '--accept=more']);
  assert.equal(result.status, 2);
  assert.match(result.stderr, /broken\.yaml:3:\d+: .*chekc/);
  assert.equal(readFileSync(broken, 'utf8'), text);
});
