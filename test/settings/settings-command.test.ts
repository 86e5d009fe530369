import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { ROOT, runProgram } from '../support/run-dabbawala.ts';

const folder = mkdtempSync(join(tmpdir(), 'dabbawala-settings-'));
const below = join(folder, 'programs/tiffin');
mkdirSync(below, { recursive: true });
after(() => rmSync(folder, { recursive: true, force: true }));

const HELP = 'Usage: tiffin [OPTION]...\n\n  --n=X        one\n  --late-fee   add it\n';
writeFileSync(join(folder, 'rounds.txt'), 'Usage: rounds [OPTION]...\n\n  --late-fee=X  add X\n');

function run(words: readonly string[], body: string | undefined) {
  const file = join(folder, 'dabbawala-settings.yaml');
  rmSync(file, { force: true });
  if (body !== undefined) writeFileSync(file, `dabbawala-settings: 1\n${body}`);
  return runProgram(process.execPath, [join(ROOT, 'dist/cli/bin.js'), ...words], HELP, {}, below);
}

test('the nearest settings above the working directory count, and can be left out', async () => {
  assert.equal((await run(['audit', '-'], undefined)).status, 1);
  const off = 'levels: {names: off}\n';
  const settled = await run(['audit', '-'], off);
  assert.equal(settled.status, 0, settled.stderr);
  assert.doesNotMatch(settled.stdout, /one-letter-long/);
  assert.equal((await run(['audit', '--no-settings', '-'], off)).status, 1);
  writeFileSync(join(below, 'own.yaml'), 'dabbawala-settings: 1\nfail-on: never\n');
  assert.match((await run(['audit', '--settings=own.yaml', '-'], off)).stdout, /one-letter-long/);
});

test('what stands on the command line counts before the settings', async () => {
  assert.equal((await run(['audit', '-'], 'fail-on: never\n')).status, 0);
  assert.equal((await run(['audit', '--fail-on=warning', '-'], 'fail-on: never\n')).status, 1);
  assert.equal((await run(['audit', '--fail-on=never', '-'], 'fail-on: note\n')).status, 0);
  const words = ['abbreviations', '-', '--', '--late'];
  assert.match(
    (await run(words, 'parsing: {option-abbreviations: false}\n')).stdout,
    /takes no abbreviation|not accepted|unknown/,
  );
  const rule = ['abbreviations', '--rule=option-abbreviations=true', '-', '--', '--late'];
  assert.equal((await run(rule, 'parsing: {option-abbreviations: false}\n')).status, 0);
});

test('mistakes of the settings are told as those of a source, and end with status 2', async () => {
  const ended = await run(['audit', '-'], 'levels: {nams: off}\n');
  assert.equal(ended.status, 2);
  assert.equal(
    ended.stderr,
    "dabbawala:../../dabbawala-settings.yaml:2:10: expected a check or an area, found 'nams'; did you mean 'names'?\n",
  );
  assert.match(ended.stdout, /one-letter-long/);
  const missing = await run(['audit', '--settings=none.yaml', '-'], undefined);
  assert.equal(missing.status, 2);
  assert.match(missing.stderr, /^dabbawala:none\.yaml: no such file/);
});

test('the family is read from where the settings stand', async () => {
  const ended = await run(['audit', '--only=names/one-name-many-meanings', '-'], 'family: rounds.txt\n');
  assert.equal(ended.status, 1, ended.stderr);
  assert.match(ended.stdout, /'--late-fee' takes no argument here, and needs an argument in\s+'rounds'/);
});
