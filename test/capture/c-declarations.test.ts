import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import type { Interface } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import { absent } from '../support/programs.ts';
import { ROOT } from '../support/run-dabbawala.ts';

const SOURCES = join(ROOT, 'test/capture/c-programs');
let folder = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-c-'));
});
after(() => rmSync(folder, { recursive: true }));

/** Compiles a program and gives its path. */
function compiled(name: string, ...libraries: string[]): string {
  const path = join(folder, name);
  const { status, stderr } = spawnSync('gcc', ['-o', path, join(SOURCES, `${name}.c`), ...libraries], {
    encoding: 'utf8',
  });
  assert.equal(status, 0, stderr);
  return path;
}

async function declared(path: string) {
  const { interface: cli, problems } = await captureProgram([path], { declared: true });
  assert.ok(cli);
  return { cli, messages: problems.map(({ message }) => message) };
}

/** Each option: its names, each with what it takes, and whether help leaves it out. */
function options({ root }: Interface): string[] {
  const marks = { none: '', optional: '[=]', mandatory: '=' };
  return root.options.items.map((option) => {
    const names = option.names.map(({ text, argument }) => {
      const presence = (argument ?? option.argument)?.value.presence;
      return `${text}${presence === undefined ? '?' : marks[presence]}`;
    });
    return `${names.join(' ')}${option.hidden?.value === true ? ' hidden' : ''}`;
  });
}

const skip = absent('gcc');

test('what a program declares to getopt_long is read before it works, spellings and all', {
  skip,
}, async () => {
  const { cli, messages } = await declared(compiled('tide'));
  assert.deepEqual(messages, []);
  assert.deepEqual(cli.parser?.value, ['getopt-long']);
  assert.deepEqual(options(cli), [
    '-q --quiet',
    '-p= --port= --harbour=',
    '-b --backup[=]',
    '-x',
    '-, hidden',
    '-h --help',
    '--moon hidden',
    '---keel hidden',
  ]);
  assert.equal(cli.root.options.complete?.value, true);
  assert.equal(cli.root.rules.operandOrder?.value, 'first-operand-ends-options');
  const port = cli.root.options.items.find(({ names }) => names[0]?.text === '-p');
  assert.equal(port?.help?.value, 'tides of PORT');
  assert.equal(port?.argument?.value.words[0]?.placeholder?.value, 'PORT');
});

test('what a program declares to argp is read with its children, and what argp adds', { skip }, async () => {
  const { cli, messages } = await declared(compiled('buoy'));
  assert.deepEqual(messages, []);
  assert.deepEqual(cli.parser?.value, ['argp']);
  assert.deepEqual(options(cli), [
    '-d[=] --depth[=]',
    '--drift hidden',
    '-c= --colour= --color=',
    '-? --help',
    '--usage',
    '--program-name= hidden',
    '--HANG[=] hidden',
    '-V --version',
  ]);
});

test('options behind a first look for help and version are read too', { skip }, async () => {
  const { cli, messages } = await declared(compiled('lock'));
  assert.deepEqual(messages, []);
  assert.deepEqual(cli.parser?.value, ['getopt-long-only']);
  assert.deepEqual(options(cli).slice(0, 2), ['--gate=', '--paddle']);
});

test('what a program declares to popt is read with the tables in its table', {
  skip:
    skip || (existsSync('/usr/lib/x86_64-linux-gnu/libpopt.so.0') ? false : 'popt is not on this machine'),
}, async () => {
  const { cli, messages } = await declared(compiled('raft', '-l:libpopt.so.0'));
  assert.deepEqual(messages, []);
  assert.deepEqual(cli.parser?.value, ['popt']);
  assert.deepEqual(options(cli), ['-l= --logs=', '-r= --rope= hidden', '--sink hidden']);
});

test('a program that runs another in its place is told so: the other is not taken for it', {
  skip,
}, async () => {
  const tide = compiled('tide');
  const path = join(folder, 'pilot');
  const source = `extern int execv(const char *, char **);\nint main(int count, char **words) { (void)count; return execv("${tide}", words); }\n`;
  const { status } = spawnSync('gcc', ['-x', 'c', '-o', path, '-'], { input: source });
  assert.equal(status, 0);
  const { cli, messages } = await declared(path);
  assert.match(
    messages.join('\n'),
    /pilot': it reached no parser that can be read .*; what its help shows is kept$/,
  );
  assert.deepEqual(cli.parser, undefined);
  assert.equal(cli.root.options.items.length, 6);
  assert.ok(!existsSync(join(folder, 'worked')));
});

test('without a compiler a program in C is told so', { skip }, async () => {
  const path = compiled('tide');
  const before = process.env.PATH;
  process.env.PATH = folder;
  try {
    const { messages } = await declared(path);
    assert.deepEqual(messages, [
      `'${path}': it reached no parser that can be read; for one of C, a C compiler is needed ('cc'); what its help shows is kept`,
    ]);
  } finally {
    process.env.PATH = before;
  }
});
