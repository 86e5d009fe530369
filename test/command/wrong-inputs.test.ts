import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { audit, readSource } from 'dabbawala';
import { readSourceFile } from 'dabbawala/node';
import { assertNoFindings, auditProgram } from 'dabbawala/testing';
import { dabbawala, ROOT } from '../support/run-dabbawala.ts';

const HELP = 'Usage: tiffin [-q] BOX\n\n  -q, --quiet  say nothing\n';
const NODE_TRACE = `lamp.js:7
  throw new Error('no lamp');
  ^

Error: no lamp
    at light (lamp.js:7:9)
    at Object.<anonymous> (lamp.js:9:1)
`;

/** What is given in mistake, with what it is told to look like. */
const FOREIGN: readonly (readonly [looksLike: string, text: string])[] = [
  ['a program or other binary data', '\x7fELF\x02\x01\x01\0\0\0 --help %s\n'],
  ['a program or other binary data', '\ufffd\ufffd\x01\x02\x03\x04\x05\x06 -q  %d\ufffd\n'],
  ['a script', '#!/usr/bin/perl\nuse Getopt::Std;\n'],
  ['a script', '#!/usr/bin/env python3\nimport argparse\n'],
  ['a completion script', '#compdef tiffin\n_arguments --late\n'],
  ['a crontab', '# boxes\nMAILTO=office\n0 5 * * mon-fri tiffin box list --late\n@daily tiffin round open\n'],
  ['JSON or YAML', '{"name": "tiffin", "options": {"--late": "x"}}\n'],
  ['JSON or YAML', '[{"a": 1}]\n'],
  ['JSON or YAML', '---\n# boxes\nname: tiffin\noptions:\n  --late: x\n'],
  ['a page in HTML or XML', '<!DOCTYPE html>\n<html><body>--late</body></html>\n'],
  ['an error message', 'bash: tiffin: command not found\n'],
  ['an error message', "tiffin: unrecognized option '--help'\nTry 'tiffin -h' for more.\n"],
  ['an error message', 'error: unknown option --help\n  --help is not known\n'],
  ['an error message', 'cat: tiffin.txt: No such file or directory\n'],
  ['the stack trace', NODE_TRACE],
  [
    'the stack trace',
    'Traceback (most recent call last):\n  File "lamp.py", line 1, in <module>\nImportError: no lamp\n',
  ],
  ['the stack trace', 'panic: no lamp\n\ngoroutine 1 [running]:\nmain.main()\n\t/lamp.go:3 +0x1d\n'],
  ['the stack trace', 'Exception in thread "main" java.lang.Error\n\tat Lamp.main(Lamp.java:3)\n'],
];

let folder = '';
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'dabbawala-wrong-'));
});
after(() => rm(folder, { recursive: true }));

async function file(name: string, content: string | Buffer): Promise<string> {
  const path = join(folder, name);
  await writeFile(path, content);
  return path;
}

test('a text that is no source is told for what it looks like, with its place, and is not read', () => {
  for (const [looksLike, text] of FOREIGN) {
    const { interface: cli, problems } = readSource({ name: 'given', text });
    assert.equal(cli, undefined, text);
    assert.equal(problems.length, 1, text);
    assert.ok(
      problems[0]?.message.includes(`this looks like ${looksLike}`),
      `${text}\n${problems[0]?.message}`,
    );
    assert.equal(problems[0]?.consequence, 'unusable');
    assert.equal(problems[0]?.place?.start, 0);
  }
});

test('help output that has something of such texts in it is read', () => {
  const texts = [
    ...readdirSync(join(ROOT, 'demo/tiffin-1.4/help')).map((name) =>
      readFileSync(join(ROOT, 'demo/tiffin-1.4/help', name), 'utf8'),
    ),
    `error: no box given\n\n${HELP}`,
    `Traceback (most recent call last):\n\n${HELP}`,
    `${HELP}\nExamples:\n  0 5 * * * tiffin box list\n  {"a": 1}\n`,
    `[options] and {boxes}\n\n${HELP}`,
    `\x1b[1mUsage\x1b[0m: tiffin\n\n  -q  say nothing\n`,
  ];
  for (const text of texts) assert.notEqual(readSource({ name: 'help', text }).interface, undefined, text);
});

test('each command refuses such a text with status 2, and --kind reads it all the same', async () => {
  const path = await file('tiffin.html', '<html>\n  -q  say nothing\n');
  for (const words of [['audit'], ['convert'], ['abbreviations'], ['compare', path]]) {
    const { status, stderr } = await dabbawala([...words, path]);
    assert.equal(status, 2, words.join(' '));
    assert.match(
      stderr,
      /tiffin\.html:1:1: expected help output, an interface document, a shell script, a manual page or Markdown with help in it, this looks like a page in HTML or XML; /,
    );
  }
  assert.notEqual((await dabbawala(['convert', '--kind=help', path])).stdout, '');
});

test('UTF-16 is read in both byte orders, with a byte order mark and without', async () => {
  const little = Buffer.from(HELP, 'utf16le');
  const big = Buffer.from(little).swap16();
  const texts = {
    'little.txt': Buffer.concat([Buffer.from([0xff, 0xfe]), little]),
    'big.txt': Buffer.concat([Buffer.from([0xfe, 0xff]), big]),
    'bare-little.txt': little,
    'bare-big.txt': big,
  };
  for (const [name, bytes] of Object.entries(texts)) {
    const { source, problems } = await readSourceFile(await file(name, bytes));
    assert.deepEqual([source?.text, problems], [HELP, []], name);
  }
});

test('two programs can be compared, and it is told that they are two', async () => {
  const tiffin = await file('tiffin.txt', HELP);
  const rounds = await file('rounds.txt', HELP.replace('tiffin', 'rounds'));
  const two = await dabbawala(['compare', tiffin, rounds]);
  assert.equal(two.status, 0);
  assert.equal(
    two.stderr,
    "dabbawala: the sources are of different programs, 'tiffin' and 'rounds'; if they are the same, give its name with --program\n",
  );
  assert.equal((await dabbawala(['compare', '--program=tiffin', tiffin, rounds])).stderr, '');
});

test('a name that selects nothing is a mistake of the caller, not a green result', () => {
  const { interface: cli } = readSource({ name: 'tiffin', text: HELP });
  assert.ok(cli !== undefined);
  for (const selection of [
    { only: ['nmaes'], except: [] },
    { only: [], except: ['help/say-nothing'] },
    { only: ['tiffin bx'], except: [] },
  ])
    assert.throws(
      () => audit([cli], { selection }),
      /^MisuseError: audit: selection: expected a check, an area or a command, found '.*'/,
    );
  const misspelt: object = { selecton: { only: ['names'] } };
  assert.throws(
    () => audit([cli], misspelt),
    /^MisuseError: audit: expected one of checks, .*, found 'selecton'; did you mean 'selection'\?$/,
  );
  const key: object = { onyl: ['names'] };
  assert.throws(
    () => audit([cli], { selection: key }),
    /^MisuseError: audit: selection: expected one of only, except, found 'onyl'/,
  );
  assert.ok(
    audit([cli], { selection: { only: ['names'] } }).findings.every(({ check }) =>
      check.startsWith('names/'),
    ),
  );
  const text = `${HELP}  --n=DAY  the day\n`;
  assert.throws(() => assertNoFindings(text), { name: 'AssertionError' });
  const wrong = (settings: object) => () => assertNoFindings(text, settings);
  assert.throws(
    wrong({ failOn: 'warnin' }),
    /^MisuseError: failOn: expected one of error, warning, note, found 'warnin'; did you mean 'warning'\?$/,
  );
  assert.throws(
    wrong({ fail: 'note' }),
    /^MisuseError: auditProgram: expected one of program, failOn, except, accepted, today, found 'fail'/,
  );
  assert.throws(
    wrong({ except: ['help/option-undescibed'] }),
    /^MisuseError: except: expected a check, found 'help\/option-undescibed'; did you mean/,
  );
  assert.throws(() => auditProgram([]), /^MisuseError: auditProgram: expected a program, found '\[\]'/);
});
