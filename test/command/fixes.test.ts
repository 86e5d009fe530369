import assert from 'node:assert/strict';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, watch, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { dabbawala, ROOT, runProgram, startDabbawala } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-fixing-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));

function file(folder: string, name: string, text: string): string {
  mkdirSync(join(FOLDER, folder), { recursive: true });
  const path = join(FOLDER, folder, name);
  writeFileSync(path, text);
  return path;
}

const TIFFIN = readFileSync(join(ROOT, 'demo/tiffin-1.4/tiffin.yaml'), 'utf8');

test('a document keeps its comments, blanks and quotes where it is fixed', async () => {
  const kept = join(ROOT, 'test/fixes/documents/kept-as-written');
  const path = file('kept', 'crates.yaml', readFileSync(join(kept, 'before.yaml'), 'utf8'));
  await dabbawala(['audit', path, '--no-settings', '--rewrite']);
  assert.equal(readFileSync(path, 'utf8'), readFileSync(join(kept, 'after.yaml'), 'utf8'));
});

test('the patch, and the rewriting, fix the demo alike; twice is once, and no caller breaks', async () => {
  const path = file('demo', 'tiffin.yaml', TIFFIN);
  const old = file('demo', 'old.yaml', TIFFIN);
  const patch = await dabbawala(['audit', path, '--format=patch']);
  assert.equal(patch.status, 1);
  const first = await dabbawala(['audit', path, '--rewrite']);
  assert.match(first.stdout, /\n4 findings can be fixed: '--format=patch' shows how, '--rewrite' does it\n/);
  const fixed = readFileSync(path, 'utf8');
  writeFileSync(path, TIFFIN);
  const patched = await runProgram('patch', ['-p0', '--posix'], patch.stdout, {}, '/');
  assert.equal(patched.status, 0, patched.stdout + patched.stderr);
  assert.equal(readFileSync(path, 'utf8'), fixed);
  const second = await dabbawala(['audit', path, '--rewrite']);
  assert.equal(readFileSync(path, 'utf8'), fixed);
  assert.doesNotMatch(second.stdout, /can be fixed/);
  assert.doesNotMatch(second.stdout, /--colour|portion_size/);
  const compared = await dabbawala(['compare', old, path, '--fail-on=warning']);
  assert.equal(compared.status, 0, compared.stdout);
});

test('the other reports have the edits too', async () => {
  const path = file('reports', 'tiffin.yaml', TIFFIN);
  const json = JSON.parse((await dabbawala(['audit', path, '--format=json'])).stdout);
  const colour = json.findings.find((one: { check: string }) => one.check === 'help/values-in-prose');
  assert.deepEqual(
    colour.edits.map(({ text }: { text: string }) => text),
    ['\n    help: ', '\n    argument: {values: [always, auto, never]}'],
  );
  const sarif = JSON.parse((await dabbawala(['audit', path, '--format=sarif'])).stdout);
  const fixed = sarif.runs[0].results.filter((one: { fixes?: unknown }) => one.fixes !== undefined);
  assert.equal(fixed.length, 4);
});

test('a fix that would break callers is not made, and it is said why', async () => {
  const text =
    'dabbawala: 1\nprogram: crates\ncomplete: true\nparsing: {option-abbreviations: true, spellings-tie: true}\noptions:\n' +
    '  --late-boxes: list late boxes\n  --own-boxes: list own boxes\n  --way_home: draw the way\n  -h, --help: print this help, and exit\n';
  const path = file('breaking', 'crates.yaml', text);
  const { stdout } = await dabbawala(['audit', path, '--no-settings', '--rewrite']);
  assert.match(
    stdout.replace(/\n +/g, ' '),
    /crates\.yaml:8:3: not fixed: it would break callers: '--w' to '--way' stood for '--way_home', and now for nothing \[names\/separators-mixed\]\n/,
  );
  assert.equal(readFileSync(path, 'utf8'), text);
});

test('what comes from standard input is not rewritten, and a patch of it says what to do', async () => {
  const { stdout, status } = await dabbawala(['audit', '-', '--no-settings', '--format=patch'], TIFFIN);
  assert.equal(status, 1);
  assert.match(stdout, /^--- a\/-\n\+\+\+ b\/-\n/);
  const refused = await dabbawala(['audit', '-', '--no-settings', '--rewrite'], TIFFIN);
  assert.equal(refused.status, 2);
  assert.match(refused.stderr, /^dabbawala: -: standard input cannot be rewritten; /);
});

const WAYS = {
  report: (path: string) => ['audit', path, `--save=json=${path}.out`],
  'file of accepted findings': (path: string) => [
    'audit',
    path,
    `--accepted=${path}.out`,
    '--accept=so it is',
  ],
  document: (path: string) => ['audit', path, '--rewrite'],
};

for (const [what, words] of Object.entries(WAYS))
  test(`an audit that is killed as it writes a ${what} leaves the old one whole, or the new one`, async () => {
    const isDocument = what === 'document';
    const old = isDocument ? TIFFIN : 'dabbawala-accepted: 1\naccepted: []\n';
    const reference = file('whole', 'tiffin.yaml', TIFFIN);
    const target = (path: string) => (isDocument ? path : `${path}.out`);
    writeFileSync(target(reference), old);
    await dabbawala(words(reference));
    const shortened = (text: string) => text.replaceAll(FOLDER, '').replaceAll(/\/(?:whole|killed\d)\//g, '');
    const whole = shortened(readFileSync(target(reference), 'utf8'));
    for (let i = 0; i < 2; i++) {
      const path = file(`killed${i}`, 'tiffin.yaml', TIFFIN);
      writeFileSync(target(path), old);
      const run = startDabbawala(words(path));
      const ended = once(run, 'exit');
      // The first thing that is written into the folder, whatever it is called.
      const watcher = watch(join(FOLDER, `killed${i}`), () => setTimeout(() => run.kill('SIGKILL'), i / 2));
      await ended;
      watcher.close();
      const found = readFileSync(target(path), 'utf8');
      assert.ok(found === old || shortened(found) === whole, `${i}: ${found.slice(0, 200)}`);
    }
  });

test('abbreviations of callers are written in full, where the audit is told of them', async () => {
  const source = file('callers', 'tiffin.yaml', TIFFIN);
  const script = file('callers', 'night.sh', '#!/bin/sh\ntiffin box list --late  # for the harbour\n');
  const words = ['audit', source, `--callers=${script}`, '--only=abbreviations/fragile-word'];
  const before = await dabbawala([...words, '--format=lines']);
  assert.match(before.stdout, /warning: callers write '--late' for '--late-boxes' \(1 time\)/);
  await dabbawala([...words, '--rewrite']);
  assert.equal(readFileSync(script, 'utf8'), '#!/bin/sh\ntiffin box list --late-boxes  # for the harbour\n');
  assert.equal(readFileSync(source, 'utf8'), TIFFIN);
  assert.doesNotMatch((await dabbawala([...words, '--format=lines'])).stdout, /warning/);
});
