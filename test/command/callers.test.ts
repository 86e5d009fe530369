import assert from 'node:assert/strict';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { dabbawala, ROOT, startDabbawala } from '../support/run-dabbawala.ts';

const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-callers-'));
after(() => rmSync(FOLDER, { recursive: true, force: true }));
const OLD = join(ROOT, 'demo/tiffin-1.4/tiffin.yaml');
const NEW = join(ROOT, 'demo/tiffin-2.0/tiffin.yaml');

const EXTENSION = `dabbawala: 1
program: tiffin-late
extends: tiffin
commands:
  box:
    commands:
      list:
        options:
          --late-fee: add the fee of each late box
`;

/** A report whose messages stand in one line each. */
function unwrapped(report: string): string {
  return report.replace(/\n {4}(?![ |])/g, ' ');
}

/** A folder with files, by their paths in it. */
function folder(name: string, files: Readonly<Record<string, string>>): string {
  for (const [path, text] of Object.entries(files)) {
    const whole = join(FOLDER, name, path);
    mkdirSync(join(whole, '..'), { recursive: true });
    writeFileSync(whole, text);
  }
  return join(FOLDER, name);
}

test('calls in a folder are told with their lines, and who abbreviates what', async () => {
  const path = folder('told', {
    'a.sh': 'tiffin box list --late\n',
    'b.sh': 'tiffin box list --lat --colour\n',
  });
  const { status, stdout: wrapped, stderr } = await dabbawala(['callers', OLD, path]);
  const stdout = unwrapped(wrapped);
  assert.deepEqual([status, stderr], [0, '']);
  assert.match(stdout, /a\.sh:1:17: note: '--late' is short for '--late-boxes' \[tiffin box list\]/);
  assert.match(stdout, /b\.sh:1:23: warning: unknown option '--colour'/);
  assert.match(stdout, /--late +--late-boxes +tiffin box list +1/);
  assert.match(stdout, /2 calls in 2 files: 1 wrong, 1 abbreviated, 0 in full\n$/);
});

test('calls fail the command at the level that is asked for', async () => {
  const path = folder('fails', { 'a.sh': 'tiffin box list --late\n' });
  assert.equal((await dabbawala(['callers', OLD, path, '--fail-on=warning'])).status, 0);
  assert.equal((await dabbawala(['callers', OLD, path, '--fail-on=note'])).status, 1);
  const json = JSON.parse((await dabbawala(['callers', OLD, path, '--format=json'])).stdout);
  assert.deepEqual(
    json.invocations.map((one: { command: string[]; place: { start: object } }) => [
      one.command.join(' '),
      one.place.start,
    ]),
    [['tiffin box list', { line: 1, column: 1, offset: 0 }]],
  );
});

test('what version control ignores, binary files, links to folders and what others brought are passed over', async () => {
  const call = 'tiffin box list --late\n';
  const path = folder('ignored', {
    '.gitignore': 'out/\n*.tmp.sh\n!keep.tmp.sh\n',
    'out/a.sh': call,
    'a.tmp.sh': call,
    'keep.tmp.sh': call,
    'node_modules/x/a.sh': call,
    'sub/.gitignore': 'b.sh\n',
    'sub/b.sh': call,
    'sub/c.sh': call,
    'd.sh': `\0${call}`,
    'e.txt': call,
  });
  symlinkSync(join(path, 'sub/c.sh'), join(path, 'sub/z.sh'));
  symlinkSync(path, join(path, 'sub/loop'));
  symlinkSync(join(path, 'nowhere'), join(path, 'sub/dangling.sh'));
  const { status, stdout } = await dabbawala(['callers', OLD, path, '--format=json']);
  assert.equal(status, 0);
  const sources = JSON.parse(stdout).invocations.map((one: { place: { source: string } }) =>
    one.place.source.slice(path.length + 1),
  );
  assert.deepEqual(sources, ['keep.tmp.sh', 'sub/c.sh']);
});

test('a file that is not there is told, the rest is done, and the status is 2', async () => {
  const path = folder('missing', { 'a.sh': 'tiffin box list --late\n' });
  const { status, stdout, stderr } = await dabbawala(['callers', OLD, join(path, 'none.sh'), path]);
  assert.equal(status, 2);
  assert.match(stderr, /^dabbawala:.*none\.sh: /);
  assert.match(stdout, /1 call in 1 file/);
});

test('reports are saved to files as well, in whatever format', async () => {
  const path = folder('saved', { 'a.sh': 'tiffin box list --late\n' });
  const [sarif, markdown] = [join(path, 'out.sarif'), join(path, 'out.md')];
  const saves = [`--save=sarif=${sarif}`, `--save=markdown=${markdown}`];
  const { status, stdout } = await dabbawala([
    'callers',
    OLD,
    join(path, 'a.sh'),
    '--format=lines',
    ...saves,
  ]);
  assert.equal(status, 0);
  assert.match(
    stdout,
    /^\S+a\.sh:1:17: note: '--late' is short for '--late-boxes' \[callers\/abbreviated\]\n$/,
  );
  assert.equal(JSON.parse(readFileSync(sarif, 'utf8')).runs[0].results.length, 1);
  assert.match(readFileSync(markdown, 'utf8'), /^## `tiffin`\n\n1 note\.\n/);
  const wrong = await dabbawala(['callers', OLD, path, '--save=text']);
  assert.equal(wrong.status, 2);
  assert.match(wrong.stderr, /'text' is not a value of '--save': expected FORMAT=FILE/);
  const nowhere = await dabbawala(['callers', OLD, path, `--save=json=${join(path, 'no/where')}`]);
  assert.equal(nowhere.status, 2);
  assert.match(nowhere.stderr, /no\/where: cannot be written/);
});

test('a rewriting that is killed leaves every file old or new', async () => {
  const old = 'tiffin box list --late\n'.repeat(200);
  const next = old.replaceAll('--late', '--late-boxes');
  const names = Array.from({ length: 300 }, (_, i) => `f${i}.sh`);
  const path = folder('killed', Object.fromEntries(names.map((name) => [name, old])));
  const texts = () => names.map((name) => readFileSync(join(path, name), 'utf8'));
  const run = startDabbawala(['callers', OLD, path, '--rewrite']);
  const ended = once(run, 'exit');
  const last = join(path, 'f0.sh');
  while (run.exitCode === null && readFileSync(last, 'utf8') === old)
    await new Promise((resolve) => setTimeout(resolve, 2));
  run.kill('SIGKILL');
  await ended;
  const after = texts();
  assert.ok(after.includes(next));
  assert.ok(after.every((text) => text === old || text === next));
});

test('a comparison tells which callers break', async () => {
  const path = folder('compared', {
    'a.sh': 'tiffin round close --no x 4\ntiffin box list --late\ntiffin box list\n',
  });
  const stdout = unwrapped((await dabbawala(['compare', OLD, NEW, `--callers=${path}`])).stdout);
  assert.match(stdout, /Callers: 2 of 3 calls in 1 file will break\n/);
  assert.match(stdout, /a\.sh:1:20: error: nobody is told: '--no' was '--note' and is '--notify' now/);
  const { callers } = JSON.parse(
    (await dabbawala(['compare', OLD, NEW, `--callers=${path}`, '--format=json'])).stdout,
  );
  assert.deepEqual(
    callers.changed.map((one: { changes: { effect: string }[] }) => one.changes.map(({ effect }) => effect)),
    [['other-meaning'], ['refused']],
  );
});

test('a comparison fixes the calls that names fix, and tells the others', async () => {
  const text = 'tiffin round close -yn x 4\ntiffin box list --late\ntiffin ledger post --pass x ann 3\n';
  const path = folder('fixed', { 'a.sh': text });
  const patch = await dabbawala(['compare', OLD, NEW, `--callers=${path}`, '--format=patch']);
  assert.match(patch.stdout, /^-tiffin round close -yn x 4$/m);
  assert.match(patch.stdout, /^\+tiffin round close -yr x 4$/m);
  assert.match(
    patch.stderr,
    /a\.sh:3:20: '--pass' was .* now; no other name fixes it, so see to it by hand\n$/,
  );
  assert.equal(patch.status, 0);
  assert.equal((await dabbawala(['compare', OLD, NEW, `--callers=${path}`, '--rewrite'])).status, 0);
  assert.equal(
    readFileSync(join(path, 'a.sh'), 'utf8'),
    text.replace('-yn', '-yr').replace('--late', '--late-boxes'),
  );
  const without = await dabbawala(['compare', OLD, NEW, '--format=patch']);
  assert.equal(without.status, 2);
  assert.match(without.stderr, /expected --callers with --format=patch/);
});

test('what a new name or an extension would break in callers is told', async () => {
  const path = folder('added', { 'a.sh': 'tiffin box list --late\ntiffin box list\n' });
  const extension = join(folder('extension', { 'late.yaml': EXTENSION }), 'late.yaml');
  for (const what of ['--add=box list --late-fee', `--with=${extension}`]) {
    const { stdout } = await dabbawala(['compare', OLD, what, `--callers=${path}`]);
    assert.match(unwrapped(stdout), /Callers: 1 of 2 calls in 1 file will break\n/, what);
    assert.match(
      unwrapped(stdout),
      /a\.sh:1:17: warning: option '--late' is ambiguous.*write '--late-boxes'/,
      what,
    );
  }
  const json = JSON.parse(
    (await dabbawala(['compare', OLD, '--add=box list --late-fee', `--callers=${path}`, '--format=json']))
      .stdout,
  );
  assert.equal(json.added[0].callers.changed[0].changes[0].instead, '--late-boxes');
  const names = ['--add=box list --late-fee', '--add=box list --late-map'];
  const both = await dabbawala(['compare', OLD, ...names, `--callers=${path}`, '--rewrite']);
  assert.deepEqual([both.status, both.stderr], [0, '']);
  assert.equal(readFileSync(join(path, 'a.sh'), 'utf8'), 'tiffin box list --late-boxes\ntiffin box list\n');
});

test('what a new name would break in callers stands in Markdown', async () => {
  const path = folder('added-markdown', { 'a.sh': 'tiffin box list --late\ntiffin box list\n' });
  const { stdout: markdown } = await dabbawala([
    ...['compare', OLD, '--add=box list --late-fee', `--callers=${path}`, '--format=markdown'],
  ]);
  assert.match(
    markdown,
    /### Callers: 1 of 2 calls in 1 file will break\n\n- `.*a\.sh:1:17`: .* Write `--late-boxes`\.\n/,
  );
});

test('an audit warns of the abbreviations that callers write', async () => {
  const path = folder('audited', { 'a.sh': 'tiffin box list --late\ntiffin box list --late --al\n' });
  const { status, stdout } = await dabbawala([
    'audit',
    OLD,
    '--only=abbreviations/fragile-word',
    `--callers=${path}`,
  ]);
  assert.equal(status, 1);
  assert.match(
    unwrapped(stdout),
    /warning: callers write '--late' for '--late-boxes' \(2 times\) and '--al' for '--all' \(1 time\), until/,
  );
  assert.match(stdout, /a\.sh:1:17: '--late' is written here/);
});
