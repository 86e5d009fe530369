import assert from 'node:assert/strict';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { dabbawala } from '../support/run-dabbawala.ts';

const OLD = 'demo/tiffin-1.4/tiffin.yaml';
const NEW = 'demo/tiffin-2.0/tiffin.yaml';

const folder = mkdtempSync(join(tmpdir(), 'dabbawala-compare-'));
after(() => rmSync(folder, { recursive: true }));

test('compare finds what 2.0 of the demo breaks, the silent changes of meaning first', async () => {
  const { status, stdout } = await dabbawala(['compare', '--format=json', OLD, NEW]);
  assert.equal(status, 0);
  const { version, release, changes } = JSON.parse(stdout);
  assert.deepEqual([version, release], [1, 'major']);
  const found = changes.map(
    (change: { kind: string; command: string[]; subject: string }) =>
      `${change.kind} ${change.command.join(' ')} ${change.subject}`,
  );
  assert.deepEqual(found.slice(0, 2), [
    'name-taken-over tiffin ledger post --password',
    'abbreviation-taken-over tiffin round close --note',
  ]);
  for (const planted of [
    'abbreviation-ambiguous tiffin box list --late-boxes',
    'command-removed tiffin box find find',
    'value-removed tiffin box list --sort',
    'default-changed tiffin --config',
    'argument-changed tiffin --colour',
    'option-renamed tiffin round close --note',
    'option-renamed tiffin kitchen --portion_size',
  ])
    assert.ok(found.includes(planted), planted);
  const late = changes.find((change: { kind: string }) => change.kind === 'abbreviation-ambiguous');
  assert.deepEqual(
    [late.words[0].from, late.words[0].to, late.likely, late.level],
    ['--l', '--late-', ['--late'], 'error'],
  );
  assert.deepEqual(
    late.places.map((place: { version: string; source: string; start: { line: number } }) => [
      place.version,
      place.source,
      place.start.line,
    ]),
    [
      ['old', OLD, 53],
      ['new', NEW, 57],
    ],
  );
});

test('compare ends with status 1 only where it is told what to fail on', async () => {
  assert.equal((await dabbawala(['compare', OLD, NEW])).status, 0);
  assert.equal((await dabbawala(['compare', '--fail-on=error', OLD, NEW])).status, 1);
  const same = await dabbawala(['compare', '--fail-on=note', OLD, OLD]);
  assert.deepEqual([same.status, same.stdout], [0, 'tiffin 1.4 to 1.4\nnothing has changed for callers\n']);
});

test('compare writes a section for a change log', async () => {
  const { stdout } = await dabbawala(['compare', '--format=markdown', OLD, NEW]);
  assert.match(stdout, /^## tiffin 1\.4 to 2\.0\n\nNeeds a major release: /);
  assert.match(
    stdout,
    /\n### No longer accepted\n\n- `tiffin box list`: '--late' [^\n]* written `--late`\.\n/,
  );
});

test('a release is the least one where something was not compared, in every form', async () => {
  const [old, fresh] = ['old', 'new'].map((name) => join(folder, `${name}.txt`));
  assert.ok(old !== undefined && fresh !== undefined);
  writeFileSync(old, 'Usage: tiffin [OPTION]...\n\n  --all   list all\n  --box   list boxes\n');
  writeFileSync(fresh, 'Usage: tiffin [OPTION]...\n\n  --all   list all\n  --lid   list lids\n');
  const reports = await Promise.all(
    ['text', 'markdown', 'json'].map((format) => dabbawala(['compare', `--format=${format}`, old, fresh])),
  );
  const [text, markdown, json] = reports.map(({ stdout }) => stdout);
  assert.match(text ?? '', /^needs at least a minor release: /m);
  assert.match(markdown ?? '', /^Needs at least a minor release: /m);
  assert.match(markdown ?? '', /^### Not compared\n\n- .*: '--box'\.\n\nIt is not known whether /m);
  assert.equal(JSON.parse(json ?? '').releaseIsLeast, true);
});

test('compare tells what an extension or a new name would do', async () => {
  const extended = await dabbawala([
    'compare',
    'demo/rounds/rounds.yaml',
    '--with=demo/rounds/rounds-harbour.yaml',
  ]);
  assert.equal(extended.status, 0, extended.stderr);
  assert.match(extended.stdout, /^rounds 3\.1 with rounds-harbour\n/);
  assert.match(extended.stdout, /'--s' stood for '--stops' and is\s+now ambiguous: it also begins '--ship'/);
  const added = await dabbawala(['compare', OLD, '--add=box list --late-fee', '--add=box list --moon']);
  assert.match(added.stdout, /similar names that would be harmless: --fee,/);
  assert.match(added.stdout, /box list --moon would change nothing for callers\n$/);
  const json = await dabbawala(['compare', OLD, '--add=box list --late-fee', '--format=json']);
  assert.equal(JSON.parse(json.stdout).added[0].harmless[0], '--fee');
});

test('compare refuses command lines that say too little or too much, and sources of several programs', async () => {
  for (const [words, message] of [
    [[OLD], /expected a second source/],
    [[OLD, NEW, '--add=--x'], /expected no NEW with --add/],
    [[OLD, '--add=sea --x'], /there is no command 'sea'/],
    [[OLD, 'missing.yaml'], /missing\.yaml: no such file/],
  ] as const) {
    const { status, stderr } = await dabbawala(['compare', ...words]);
    assert.equal(status, 2);
    assert.match(stderr, message);
  }
});
