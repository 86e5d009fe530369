import assert from 'node:assert/strict';
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import {
  chmodSync,
  existsSync,
  lstatSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, afterEach, before, test } from 'node:test';
import { dabbawala, dabbawalaEach, type Ended, ROOT, runProgram } from '../support/run-dabbawala.ts';

const BIN = join(ROOT, 'dist/cli/bin.js');
const HELP = join(ROOT, 'demo/tiffin-1.4/help/tiffin-box-list.txt');
const NO_FULL_DEVICE = existsSync('/dev/full') ? false : 'this system has no /dev/full';
let folder = '';
let lamp = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-output-'));
  lamp = join(folder, 'lamp');
  writeFileSync(lamp, "#!/bin/sh\nprintf 'Usage: lamp [-q] BOX\\n\\n  -q, --quiet    say nothing\\n'\n");
  chmodSync(lamp, 0o755);
});
afterEach(() => {
  for (const name of readdirSync(folder)) if (name !== 'lamp') rmSync(join(folder, name));
});
after(() => rmSync(folder, { recursive: true }));

/** Runs the command in a shell, which redirects its streams; `$0` is Node.js and `$1` the command. */
function inShell(script: string): Promise<Ended> {
  return runProgram('bash', ['-c', script, process.execPath, BIN, HELP, lamp], '', {}, folder);
}

function captureInto(path: string): Promise<Ended> {
  return dabbawala(['capture', '-o', path, lamp]);
}

test('standard output that fails is one message and status 2', { skip: NO_FULL_DEVICE }, async () => {
  for (const words of [
    'explain',
    'audit "$2"',
    'abbreviations "$2"',
    'convert "$2"',
    '--help',
    'capture "$3"',
  ]) {
    const { status, stderr } = await inShell(`"$0" "$1" ${words} >/dev/full`);
    assert.equal(
      stderr,
      'dabbawala: standard output: cannot be written: no space is left on the device (ENOSPC)\n',
      words,
    );
    assert.equal(status, 2, words);
  }
});

test('standard error that fails is status 2, and nothing more', { skip: NO_FULL_DEVICE }, async () => {
  const { status, stdout, stderr } = await inShell('"$0" "$1" audit "$2" absent 2>/dev/full');
  assert.deepEqual([status, stderr], [2, '']);
  assert.match(stdout, /note/);
});

test('a reader that goes away early ends the command quietly, with the status of its result', async () => {
  const found = await inShell(
    `"$0" "$1" audit --fail-on=note --rule=option-abbreviations=true "$2" | :; echo "\${PIPESTATUS[0]}"`,
  );
  assert.deepEqual([found.stdout, found.stderr], ['1\n', '']);
  const done = await inShell(`"$0" "$1" explain | head -n 1; echo "\${PIPESTATUS[0]}"`);
  assert.deepEqual([done.stdout, done.stderr], ['abbreviations\n0\n', '']);
  const refused = await inShell(`"$0" "$1" audit absent 2>&1 | :; echo "\${PIPESTATUS[0]}"`);
  assert.equal(refused.stdout, '2\n');
});

test('-o FILE writes beside a regular file and renames: mode and owner stay, and nothing else is left', async () => {
  const path = join(folder, 'lamp.yaml');
  writeFileSync(path, 'old\n', { mode: 0o640 });
  const { uid, gid } = statSync(path);
  assert.equal((await captureInto(path)).status, 0);
  const { mode, uid: owner, gid: group } = statSync(path);
  assert.deepEqual([mode & 0o7777, owner, group], [0o640, uid, gid]);
  assert.match(readFileSync(path, 'utf8'), /^dabbawala: 1\n/);
  assert.deepEqual(readdirSync(folder).sort(), ['lamp', 'lamp.yaml']);
});

test('-o FILE gives root back to nobody: the owner of the file stays', {
  skip: process.getuid?.() === 0 ? false : 'only root can give files away',
}, async () => {
  const path = join(folder, 'lamp.yaml');
  writeFileSync(path, 'old\n');
  execFileSync('chown', ['12345:12346', path]);
  assert.equal((await captureInto(path)).status, 0);
  const { uid, gid } = statSync(path);
  assert.deepEqual([uid, gid], [12345, 12346]);
});

test('-o FILE writes behind a symbolic link, also where nothing is there yet, and keeps the link', async () => {
  writeFileSync(join(folder, 'lamp.yaml'), 'old\n');
  symlinkSync('lamp.yaml', join(folder, 'to-old'));
  symlinkSync('new.yaml', join(folder, 'to-new'));
  for (const [link, target] of [
    ['to-old', 'lamp.yaml'],
    ['to-new', 'new.yaml'],
  ] as const) {
    assert.equal((await captureInto(join(folder, link))).status, 0);
    assert.ok(lstatSync(join(folder, link)).isSymbolicLink());
    assert.match(readFileSync(join(folder, target), 'utf8'), /^dabbawala: 1\n/);
  }
  symlinkSync('b', join(folder, 'a'));
  symlinkSync('a', join(folder, 'b'));
  const { status, stderr } = await captureInto(join(folder, 'a'));
  assert.equal(status, 2);
  assert.match(stderr, /cannot be written: its symbolic links lead in a circle \(ELOOP\)\n$/);
});

test('-o FILE writes to a FIFO and to a device, and leaves them what they are', async (t) => {
  const fifo = join(folder, 'fifo');
  execFileSync('mkfifo', [fifo]);
  const reader = spawn('cat', [fifo]);
  // Where nothing is written, it would wait for ever.
  t.after(() => reader.kill());
  const chunks: Buffer[] = [];
  reader.stdout.on('data', (chunk) => chunks.push(chunk));
  const ended = new Promise((done) => reader.on('close', done));
  assert.equal((await captureInto(fifo)).status, 0);
  await ended;
  assert.match(Buffer.concat(chunks).toString(), /^dabbawala: 1\n/);
  assert.ok(statSync(fifo).isFIFO());
  // A link to the device: were it replaced, only the link would go.
  symlinkSync('/dev/null', join(folder, 'null'));
  assert.equal((await captureInto(join(folder, 'null'))).status, 0);
  assert.ok(statSync('/dev/null').isCharacterDevice());
});

test('-o FILE leaves the old file whole where the new one cannot be written', () => {
  const path = join(folder, 'lamp.yaml');
  writeFileSync(path, 'old\n');
  const big = join(folder, 'big');
  const options = Array.from({ length: 300 }, (_, i) => `  --option-${i}  say ${i}`);
  writeFileSync(big, `#!/bin/sh\ncat <<'END'\nUsage: big [OPTION]...\n${options.join('\n')}\nEND\n`);
  chmodSync(big, 0o755);
  const { status, stderr } = spawnSync(
    'bash',
    ['-c', 'ulimit -f 1; exec "$0" "$@"', process.execPath, BIN, 'capture', '-o', path, big],
    { encoding: 'utf8' },
  );
  assert.equal(status, 2);
  assert.match(stderr, /cannot be written: the file would be too large \(EFBIG\)/);
  assert.equal(readFileSync(path, 'utf8'), 'old\n');
  assert.deepEqual(readdirSync(folder).sort(), ['big', 'lamp', 'lamp.yaml']);
});

/** Controls of both kinds, and characters that reorder what follows. */
const RAW = /[\0-\x08\x0b-\x1f\x7f-\x9f\u202a-\u202e\u2066-\u2069]/;
const CONTROLS = '\x1b[31m\u009b31m\u202e\x07';

test('no output of any command or format has a control in it', async () => {
  const quoted = JSON.stringify(CONTROLS);
  const document = join(folder, 'tiffin.json');
  writeFileSync(
    document,
    `{"dabbawala": 1, "program": "tiffin", "summary": ${quoted}, "complete": true,
      "options": {"--late": {"help": ${quoted}}, "--sort": {"argument": {"placeholder": ${quoted}, "values": [${quoted}, "b"]}}},
      "commands": {${quoted}: {"summary": ${quoted}}, "box": {"summary": ${quoted}}}, ${quoted}: 1}`,
  );
  const fresh = join(folder, 'fresh.json');
  writeFileSync(fresh, `{"dabbawala": 1, "program": "tiffin", "options": {"--later": {"help": ${quoted}}}}`);
  const help = join(folder, 'help.txt');
  writeFileSync(
    help,
    `Usage: tiffin [OPTION]...\n\n  --late${CONTROLS}=X  say ${CONTROLS}\n  --later=A${CONTROLS}  say ${CONTROLS}\n`,
  );
  const script = join(folder, 'tiffin.bash');
  writeFileSync(script, `complete -W "box ${CONTROLS} --${CONTROLS}" tiffin\n`);
  const lines = [
    ['audit', document],
    ['audit', help],
    ['annotate', help],
    ['annotate', '--format=json', help],
    ['audit', CONTROLS],
    ['audit', `--only=${CONTROLS}`, document],
    [CONTROLS],
    ['audit', `--${CONTROLS}`],
    ['abbreviations', document],
    ['abbreviations', document, '--', CONTROLS, `--${CONTROLS}`],
    ['trace', document, '--', CONTROLS, `--late=${CONTROLS}`, '--sort', CONTROLS],
    ['compare', document, fresh],
    ['compare', '--format=markdown', document, fresh],
    ['compare', `--add=--${CONTROLS}`, document],
    ['coverage', '--lines', document, script],
    ['convert', '--to=yaml', document],
    ['convert', '--to=json', document],
    ['convert', '--to=markdown', document],
    ['convert', '--to=man', document],
    ['convert', '--to=bash', document],
    ['convert', '--to=zsh', document],
    ['convert', '--to=fish', document],
    ['capture', '--plan', CONTROLS],
    ['capture', CONTROLS],
    ['explain', CONTROLS],
  ];
  const json = lines.filter(([name]) =>
    ['audit', 'annotate', 'abbreviations', 'trace', 'compare', 'coverage'].includes(name ?? ''),
  );
  const all = [
    ...lines,
    ...json
      .filter((words) => !words.includes('--format=markdown'))
      .map(([name = '', ...words]) => [name, '--format=json', ...words]),
  ];
  const ended = await dabbawalaEach(all);
  for (const [i, words] of all.entries()) {
    const { stdout = '', stderr = '' } = ended[i] ?? {};
    const found = RAW.exec(stdout + stderr);
    const around = (stdout + stderr).slice(Math.max(0, (found?.index ?? 0) - 60), (found?.index ?? 0) + 20);
    assert.equal(found, null, `${JSON.stringify(words)}: ${JSON.stringify(around)}`);
    assert.doesNotMatch(stderr, /\n\s+at /, words.join(' '));
  }
});
