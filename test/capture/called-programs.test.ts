import assert from 'node:assert/strict';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { audit, readDocument } from 'dabbawala';
import type { Interface } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import { type Ended, ROOT, runProgram } from '../support/run-dabbawala.ts';

const BIN = join(ROOT, 'dist/cli/bin.js');
const HELP = `printf 'Usage: %s [-q] BOX\\n\\n  -q, --quiet    say nothing\\n' "$0"`;
let folder = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-called-'));
  program('lamp', `#!/bin/sh\n${HELP}\n`);
});
after(() => rmSync(folder, { recursive: true }));

function program(name: string, text: string | Buffer, mode = 0o755): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  chmodSync(path, mode);
  return path;
}

/** Runs `dabbawala capture` in the folder of the programs. */
function capture(words: readonly string[], env: Record<string, string> = {}): Promise<Ended> {
  return runProgram(process.execPath, [BIN, 'capture', ...words], '', env, folder);
}

function documentOf({ stdout }: Ended): Interface {
  const { interface: cli, problems } = readDocument({ name: 'document', text: stdout });
  assert.deepEqual(problems, []);
  assert.ok(cli !== undefined);
  return cli;
}

test('what cannot be run is told for what it is, with status 2', async () => {
  program('text', 'echo lamp\n');
  program('data', Buffer.from([0, 1, 2, 3, 0, 255, 254]));
  program('hollow', '');
  program('lost', '#!/no/such/shell\n');
  program('closed', '#!/bin/sh\n', 0o644);
  mkdirSync(join(folder, 'directory'), { recursive: true });
  symlinkSync('b', join(folder, 'a'));
  symlinkSync('a', join(folder, 'b'));
  const cases: [string, RegExp][] = [
    ['', /: expected the name or path of a program, found an empty word\n$/],
    ['x'.repeat(5000), /: 'x{79}…' cannot be run: its name is too long \(ENAMETOOLONG\)\n$/],
    [`./${'x'.repeat(5000)}`, /: its name is too long \(ENAMETOOLONG\)\n$/],
    [
      '/etc/passwd/x',
      /: '\/etc\/passwd\/x' cannot be run: a part of the path is not a folder; check the path \(ENOTDIR\)\n$/,
    ],
    ['./a', /: '\.\/a' cannot be run: its symbolic links lead in a circle \(ELOOP\)\n$/],
    [
      './absent',
      /: '\.\/absent' cannot be run: there is no such file or folder; check the path \(ENOENT\)\n$/,
    ],
    ['absent-lamp', /: no program is called 'absent-lamp' in the folders of PATH; /],
    [
      './text',
      /: '\.\/text' is a text file without '#!' in its first line; add one such as '#!\/bin\/sh', or give the program that runs it in front\n$/,
    ],
    ['./data', /: '\.\/data' is not a program\n$/],
    ['./hollow', /: '\.\/hollow' is not a program\n$/],
    ['./lost', /: '\.\/lost' cannot be run: its first line names '\/no\/such\/shell', which is not there\n$/],
    [
      './closed',
      /: '\.\/closed' is not executable; make it so with 'chmod \+x', or give the program that runs it in front\n$/,
    ],
    ['./directory', /: expected a program, '\.\/directory' is a directory\n$/],
  ];
  for (const [word, message] of cases) {
    const { status, stdout, stderr } = await capture([word]);
    assert.deepEqual([status, stdout], [2, ''], word);
    assert.match(stderr, message);
    assert.doesNotMatch(stderr, /keep-home/);
  }
  const { status, stderr } = await capture(['./lamp'], { TMPDIR: join(folder, 'absent') });
  assert.equal(status, 2);
  assert.match(
    stderr,
    /^dabbawala: the folder for temporary files '.*' cannot be used: .*; set TMPDIR to another folder\n$/,
  );
});

test('a path is that of the working directory, and stands in the document as it was given', async () => {
  const cli = documentOf(await capture(['./lamp']));
  assert.equal(cli.program.value, 'lamp');
  assert.deepEqual(
    cli.invocations.map(({ value }) => value),
    [['./lamp']],
  );
  assert.equal(cli.observations[0]?.standardOutput.text.split('\n')[0], 'Usage: ./lamp [-q] BOX');
  const absolute = documentOf(await capture([join(folder, 'lamp')]));
  assert.deepEqual(absolute.invocations, []);
  const found = documentOf(await capture(['lamp'], { PATH: `${folder}:${process.env.PATH}` }));
  assert.equal(found.program.value, 'lamp');
});

test('--program names the program, and --keep-folder runs it where its files are', async () => {
  const named = documentOf(await capture(['--program', 'light', './lamp']));
  assert.equal(named.program.value, 'light');
  writeFileSync(join(folder, 'lamp.sh'), HELP);
  const lost = await capture(['sh', 'lamp.sh']);
  assert.equal(lost.status, 2);
  assert.match(
    lost.stderr,
    /'sh lamp\.sh' gave no help of its own and ended with status \d+: it said '.*'; if it needs what is in this folder, give '--keep-folder'; if it/,
  );
  const before = readdirSync(folder);
  const kept = documentOf(await capture(['--keep-folder', 'sh', 'lamp.sh']));
  assert.equal(kept.program.value, 'lamp.sh');
  assert.deepEqual(
    kept.invocations.map(({ value }) => value),
    [['sh', 'lamp.sh']],
  );
  assert.deepEqual(readdirSync(folder), before);
});

test('an option of capture behind the program is refused, unless -- says that it is the program’s', async () => {
  for (const words of [['-o', 'out.yaml'], ['--output=out.yaml'], ['-oout.yaml'], ['--yes'], ['--help']]) {
    const { status, stdout, stderr } = await capture(['./lamp', ...words]);
    assert.deepEqual([status, stdout], [2, ''], words.join(' '));
    assert.match(
      stderr,
      /^dabbawala: '.*' after PROGRAM is not read as an option of capture; put it before '\.\/lamp', or put '--' before the program's own words\n/,
    );
  }
  for (const words of [
    ['./lamp', '--', '-o', 'x'],
    ['--', './lamp', '-o', 'x'],
  ]) {
    const cli = documentOf(await capture(words));
    assert.equal(cli.program.value, 'lamp');
    assert.deepEqual(
      cli.invocations.map(({ value }) => value),
      [['./lamp', '-o', 'x']],
    );
  }
  assert.equal((await capture(['./lamp', '-x', 'box'])).status, 0);
});

test('an error message is no help, and makes no document', async () => {
  for (const message of [
    "unknown shorthand flag: 'o' in -o",
    'lamp: unrecognized option --help',
    '  --help  is no option of lamp',
    'Error: cannot connect to the lamp\n    at connect (lamp.js:1)\n',
  ]) {
    const path = program('broken', `#!/bin/sh\ncat >&2 <<'END'\n${message}\nEND\nexit 1\n`);
    const { status, stdout, stderr } = await capture([path]);
    assert.deepEqual([status, stdout], [2, ''], message);
    assert.match(stderr, /gave no help of its own and ended with status 1: it said '/);
  }
});

test('an error message that begins with the path of the program begins with its name', async () => {
  const refuses = `case $1 in --help) ${HELP} ;; *) echo "$0: no such option" >&2; exit 2 ;; esac`;
  const path = program('proud', `#!/bin/sh\n${refuses}\n`);
  const { interface: cli } = await captureProgram([path], { probe: true });
  assert.ok(cli !== undefined);
  const checks = audit([cli]).findings.map(({ check }) => check);
  assert.ok(!checks.includes('behaviour/error-without-name'));
});

test('two captures of one program are the same, with a probe too', async () => {
  program(
    'changing',
    `#!/bin/sh\n${HELP}\nprintf '      --log=FILE  write to FILE (default: %s)\\n' "$(mktemp)"\nprintf '      --home=DIR  look into DIR (default: %s)\\n' "$HOME/x"\n`,
  );
  const words = ['--probe', '--yes', './changing'];
  const first = await capture(words);
  assert.equal(first.status, 0);
  assert.equal(first.stdout, (await capture(words)).stdout);
  assert.ok(!first.stdout.includes(tmpdir()));
});

test('a console whose help is that of its command list is asked for the list', async () => {
  const options = [
    '  -h, --help            Display help for the given command. When no command is given display help for the list command',
    '  -q, --quiet           Do not output any message',
    '  -n, --no-interaction  Do not ask any interactive question',
    '  -v|vv|vvv, --verbose  Increase the verbosity of messages',
  ].join('\n');
  const list = `Harbour 1.4\n\nUsage:\n  command [options] [arguments]\n\nOptions:\n${options}\n\nAvailable commands:\n  list         List commands\n route\n  route:plan   Plan a route\n  route:print  Print a route\n`;
  const help = (name: string) =>
    `Description:\n  Do ${name}\n\nUsage:\n  ${name} [options]\n\nOptions:\n${options}\n`;
  program(
    'harbour',
    `#!/bin/sh\ncase "$1" in\nlist) [ $# -gt 1 ] && cat <<'E' || cat <<'F'\n${help('list')}E\n${list}F\n;;\nroute:*) printf '%s\\n' "$1"; cat <<'G'\n${help('route')}G\n;;\n*) cat <<'H'\n${help('list')}H\n;;\nesac\n`,
  );
  const ended = await capture(['./harbour']);
  assert.deepEqual([ended.status, ended.stderr], [0, '']);
  const cli = documentOf(ended);
  assert.deepEqual(cli.parser?.value, ['symfony-console']);
  const names = cli.root.commands.items.map((command) => command.names[0]?.text);
  assert.deepEqual(names, ['list', 'route:plan', 'route:print']);
  assert.equal(cli.root.rules.segmentAbbreviations?.value, true);
  assert.match(
    (await capture(['--plan', './harbour'])).stdout,
    /^\.\/harbour list, where the help lists no commands/m,
  );
});
