import assert from 'node:assert/strict';
import { chmodSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { audit, readDocument } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import { type Command, type Interface, walkCommands } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import { documentYaml } from 'dabbawala/writers';
import { absent } from '../support/programs.ts';
import { dabbawala, ROOT, runProgram } from '../support/run-dabbawala.ts';

const STOWAGE = 'demo/programs/stowage.py';
const skip = absent('python3');
let folder = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-declared-'));
  symlinkSync(join(ROOT, 'node_modules'), join(folder, 'node_modules'));
});
after(() => rmSync(folder, { recursive: true }));

const LANGUAGES: Readonly<Record<string, string>> = {
  '.mjs': 'node',
  '.cjs': 'node',
  '.pl': 'perl',
  '.rb': 'ruby',
};

/** Writes a program, in Python unless its name says otherwise, and captures what it declares. */
async function declaredBy(name: string, text: string, timeLimit = 20_000) {
  const path = join(folder, name);
  const language = LANGUAGES[/\.\w+$/.exec(name)?.[0] ?? ''] ?? 'python3';
  writeFileSync(path, `#!/usr/bin/env ${language}\n${text}`);
  chmodSync(path, 0o755);
  const { interface: cli, problems } = await captureProgram([path], {
    declared: true,
    timeLimit,
    program: name,
  });
  return { cli, messages: problems.map(({ message }) => message) };
}

function commandOf(cli: Interface | undefined, ...path: string[]): Command {
  assert.ok(cli);
  const found = [...walkCommands(cli)].find((at) => at.path.slice(1).join(' ') === path.join(' '));
  assert.ok(found, path.join(' '));
  return found.command;
}

function optionOf(command: Command, name: string) {
  const found = command.options.items.find(({ names }) => names.some(({ text }) => text === name));
  assert.ok(found, name);
  return found;
}

test('capture --declared tells what the parser declares and help does not show', { skip }, async () => {
  const { status, stdout, stderr } = await dabbawala(['capture', '--declared', '--yes', STOWAGE]);
  assert.deepEqual([status, stderr], [0, '']);
  const { interface: cli, problems } = readDocument({ name: 'stowage.yaml', text: stdout });
  assert.deepEqual(problems, []);
  const [root, plan] = [commandOf(cli), commandOf(cli, 'plan')];
  assert.deepEqual([cli?.parser?.value, cli?.parser?.basis], [['argparse'], 'stated']);
  assert.equal(optionOf(root, '--skip-tide-table').hidden?.value, true);
  assert.equal(optionOf(commandOf(cli, 'show'), '--raw').hidden?.value, true);
  assert.equal(optionOf(root, '--verbose').repetition?.value, 'counted');
  assert.match(optionOf(root, '--verbose').declaredAt?.value ?? '', /^demo\/programs\/stowage\.py:\d+$/);
  assert.deepEqual(
    plan.names.map(({ text }) => text),
    ['plan', 'p'],
  );
  assert.equal(optionOf(plan, '--boat').required?.value, true);
  const [tiers] = optionOf(plan, '--tiers').argument?.value.words ?? [];
  assert.deepEqual(
    [tiers?.type?.value, tiers?.range?.value, tiers?.default?.value],
    ['integer', { least: 1, most: 4 }, '2'],
  );
  assert.deepEqual(
    plan.relations.map(({ kind, members }) => [kind, members.map(({ name }) => name)]),
    [['at-most-one', ['--port', '--starboard']]],
  );
  assert.deepEqual(
    plan.operands.items.map(({ name, count }) => [name, count?.value]),
    [['box', { least: 1, most: null }]],
  );
  assert.equal(root.options.complete?.value, true);
  // The name of the parser says all of its rules, for every command.
  assert.doesNotMatch(stdout, /parsing:|&a1/);
  // What the real parser would refuse: --skip is no longer unique among what is declared alone.
  assert.ok(cli);
  assert.equal(traceWords(cli, ['--skip', 'show', 'swift']).problems.length, 0);
  const helpOnly = await dabbawala(['capture', STOWAGE]);
  assert.doesNotMatch(helpOnly.stdout, /skip-tide-table|raw/);
});

test('nothing is run that was not agreed to, and the plan tells of it', { skip }, async () => {
  const { status, stdout, stderr } = await dabbawala(['capture', '--declared', STOWAGE]);
  assert.deepEqual([status, stdout], [2, '']);
  assert.match(stderr, /with what its parser declares\n[\s\S]*expected '--yes'/);
  const plan = await dabbawala(['capture', '--declared', '--plan', STOWAGE]);
  assert.match(
    plan.stdout,
    /stowage\.py --help, ended where it is about to parse, with what its parser declares\n/,
  );
});

test('a program ends where it is about to parse: it does none of its work', { skip }, async () => {
  const path = JSON.stringify(join(folder, 'worked'));
  const { cli, messages } = await declaredBy(
    'worker',
    "import argparse, atexit\nparser = argparse.ArgumentParser(add_help=False)\nparser.add_argument('--loud', action='store_true')\n" +
      `atexit.register(lambda: open(${path}, 'a').write('end '))\nparser.parse_args(['--loud'])\nopen(${path}, 'a').write('work ')\n` +
      "print('Usage: worker [--loud]\\n\\n  --loud  be loud')\n",
  );
  assert.deepEqual(messages, []);
  assert.deepEqual([cli?.parser?.value, cli?.parser?.basis], [['argparse'], 'stated']);
  // Once, when it was asked for its help, for which it works.
  assert.equal(readFileSync(join(folder, 'worked'), 'utf8'), 'work end ');
});

test('a small parser that reads a part of the line first does not count', { skip }, async () => {
  const { cli, messages } = await declaredBy(
    'twice',
    "import argparse\nfirst = argparse.ArgumentParser(add_help=False)\nfirst.add_argument('--settings')\n" +
      'known, rest = first.parse_known_args()\nparser = argparse.ArgumentParser(parents=[first], allow_abbrev=False)\n' +
      "parser.add_argument('--late', help=argparse.SUPPRESS)\nparser.parse_args(rest)\n",
  );
  assert.deepEqual(messages, []);
  assert.deepEqual(
    commandOf(cli).options.items.map(({ names }) => names.at(-1)?.text),
    ['--help', '--settings', '--late'],
  );
  assert.deepEqual(cli?.parser?.value, ['argparse-exact']);
});

test('optparse is read too, with what help leaves out', { skip }, async () => {
  const { cli, messages } = await declaredBy(
    'older',
    "import optparse\nparser = optparse.OptionParser()\nparser.add_option('-k', '--kind', choices=['card', 'sheet'], default='card', help='kind (%default)')\n" +
      "parser.add_option('--secret', help=optparse.SUPPRESS_HELP)\nparser.disable_interspersed_args()\nparser.parse_args()\n",
  );
  assert.deepEqual(messages, []);
  const root = commandOf(cli);
  const [kind] = optionOf(root, '--kind').argument?.value.words ?? [];
  assert.deepEqual(
    [kind?.values?.value.map(({ value }) => value), kind?.default?.value],
    [['card', 'sheet'], 'card'],
  );
  assert.equal(optionOf(root, '--secret').hidden?.value, true);
  assert.deepEqual(
    [cli?.parser?.value, root.rules.operandOrder?.value],
    [['optparse'], 'first-operand-ends-options'],
  );
});

const OWN_HELP = "print('Usage: own [-q] BOX\\n\\n  -q, --quiet  say nothing')\n";

test('programs whose parser cannot be read are told so, and their help is kept', { skip }, async () => {
  const cases: [name: string, text: string, message: RegExp][] = [
    [
      'own',
      OWN_HELP,
      /^'.*own': it reached no parser that can be read \(those of C, Python.*\); what its help shows is kept$/,
    ],
    [
      'broken',
      `import argparse\nclass Odd(argparse.ArgumentParser):\n    _actions = property(lambda self: 1 / 0, lambda self, value: None)\n` +
        `import sys\ntry:\n    Odd(add_help=False).parse_args()\nexcept ZeroDivisionError:\n    pass\n${OWN_HELP}`,
      /its parser cannot be read: ZeroDivisionError: division by zero; |reached no parser/,
    ],
    [
      'garbage',
      `import os\ntry:\n    os.write(4, b'{"dabbawala": ')\nexcept OSError:\n    pass\n${OWN_HELP}`,
      /what its parser declares did not come through; what its help shows is kept$/,
    ],
    [
      'forged',
      `import os\ntry:\n    os.write(4, b'{"dabbawala": "1", "program": "x", "options": 7}')\nexcept OSError:\n    pass\n${OWN_HELP}`,
      /^a part of what the parser declares is left out: expected a mapping from option to help, found /,
    ],
  ];
  for (const [name, text, message] of cases) {
    const { cli, messages } = await declaredBy(name, text);
    assert.equal(messages.length, 1, name);
    assert.match(messages[0] ?? '', message);
    assert.equal(commandOf(cli).options.items.length, 1, name);
  }
});

test('one that works before it parses is ended in time, with what it started', { skip }, async () => {
  const { messages } = await declaredBy(
    'slow',
    "import subprocess, sys, time\nif '--help' in sys.argv:\n    subprocess.Popen(['sleep', '997'])\n    time.sleep(997)\n",
    1500,
  );
  assert.ok(
    messages.some((message) => /before its time was up/.test(message)),
    messages.join('\n'),
  );
  const { stdout } = await runProgram('ps', ['-eo', 'args']);
  assert.doesNotMatch(stdout, /sleep 997/);
});

test('options whose values overwrite each other are told by the variable that the parser keeps them in', {
  skip,
}, async () => {
  const { cli } = await declaredBy(
    'kept',
    "import argparse\nparser = argparse.ArgumentParser()\nparser.add_argument('--quay', help='at QUAY')\nparser.add_argument('--berth', dest='quay', help='at BERTH')\n" +
      "parser.add_argument('--loud', dest='sound', action='store_true')\nparser.add_argument('--mute', dest='sound', action='store_false')\n" +
      "parser.add_argument('--box', dest='boxes', action='append')\nparser.add_argument('--crate', dest='boxes', action='append')\nparser.parse_args()\n",
  );
  assert.ok(cli);
  assert.equal(optionOf(commandOf(cli), '--berth').key?.value, 'quay');
  assert.equal(optionOf(commandOf(cli), '--quay').key, undefined);
  const found = audit([cli]).findings.filter(({ check }) => check === 'conflicts/key-collision');
  assert.deepEqual(
    found.map(({ message }) => message),
    ["the values of '--quay' and '--berth' are both kept in 'quay': the last one given overwrites the other"],
  );
});

test('one that reads the terminal or runs another program does not hang, and only its own parser counts', {
  skip,
}, async () => {
  const parser =
    "import argparse\nparser = argparse.ArgumentParser()\nparser.add_argument('--oil')\nparser.parse_args()\n";
  const reads = await declaredBy(
    'asks',
    `try:\n    open('/dev/tty').readline()\nexcept OSError:\n    pass\n${parser}`,
  );
  assert.deepEqual(reads.messages, []);
  assert.equal(optionOf(commandOf(reads.cli), '--oil').hidden, undefined);
  const other = join(folder, 'other.py');
  writeFileSync(other, parser);
  const runs = await declaredBy(
    'wrapper',
    `import os, sys\nos.execvp('python3', ['python3', ${JSON.stringify(other)}, *sys.argv[1:]])\n`,
  );
  // What runs in its place is another program.
  assert.match(
    runs.messages.join('\n'),
    /wrapper': it reached no parser that can be read .*; what its help shows is kept$/,
  );
  assert.equal(optionOf(commandOf(runs.cli), '--oil').argument?.value.presence, 'mandatory');
});

test('the exporter can be called from a program of one’s own', { skip }, async () => {
  const code =
    "import argparse, json, dabbawala_declarations\nparser = argparse.ArgumentParser(prog='lamp')\nparser.add_argument('--oil', type=float)\n" +
    'print(json.dumps(dabbawala_declarations.document(parser)))\n' +
    "try:\n    dabbawala_declarations.document('lamp')\nexcept TypeError as mistake:\n    print(mistake)\n";
  const PYTHONPATH = join(ROOT, 'dist/node/drivers/python');
  const { stdout } = await runProgram('python3', ['-c', code], '', { PYTHONPATH });
  const [text = '', mistake] = stdout.split('\n');
  const { interface: cli, problems } = readDocument({ name: 'lamp.json', text });
  assert.deepEqual(problems, []);
  assert.equal(optionOf(commandOf(cli), '--oil').argument?.value.words[0]?.type?.value, 'number');
  assert.match(
    mistake ?? '',
    /^expected an ArgumentParser, an OptionParser or a click command, found 'str'$/,
  );
});

const WORK =
  "\nimport('node:fs').then((fs) => fs.appendFileSync(new URL('worked-js', import.meta.url), 'work '));\n";

test('programs of Node.js are read at the object of their parser, and do none of their work', async () => {
  const programs: [name: string, parser: string, text: string][] = [
    [
      'a.mjs',
      'commander',
      "import { Command, Option } from 'commander';\nnew Command('a').option('-q, --quiet', 'less').addOption(new Option('--secret <x>', 'x').hideHelp()).parse();",
    ],
    [
      'b.mjs',
      'yargs-strict',
      "import yargs from 'yargs';\nyargs([]).help(false).version(false).parse();\nyargs(process.argv.slice(2)).option('quiet', { type: 'boolean', alias: 'q' }).option('secret', { type: 'string', hidden: true }).strict().argv;",
    ],
    [
      'c.mjs',
      'cac',
      "import { cac } from 'cac';\nconst c = cac('c');\nc.option('-q, --quiet', 'less');\nc.option('--secret <x>', 'x');\nc.help();\nc.parse();",
    ],
    [
      'd.mjs',
      'parse-args',
      "import { parseArgs } from 'node:util';\nif (process.argv.includes('--help')) console.log('Usage: d [-q]\\n\\n  -q, --quiet  less');\nparseArgs({ options: { quiet: { type: 'boolean', short: 'q' }, secret: { type: 'string' }, help: { type: 'boolean' } } });",
    ],
  ];
  const older =
    "(process.argv.slice(2)).option('quiet', { type: 'boolean' }).alias('q', 'quiet').command(['*', 'light'], 'Lights it', (more) => more.option('secret', { type: 'string' })).parse();";
  const required = "import { createRequire } from 'node:module';\ncreateRequire(import.meta.url)";
  programs.push(
    ['e.mjs', 'yargs', `${required}('yargs-16')${older}`],
    ['f.mjs', 'yargs', `${required}('yargs-16/yargs')${older}`],
  );
  for (const [name, parser, text] of programs) {
    const { cli, messages } = await declaredBy(name, `${text}${WORK}`);
    assert.deepEqual([cli?.parser?.value, cli?.parser?.basis], [[parser], 'stated'], `${name}: ${messages}`);
    const root = commandOf(cli);
    assert.equal(optionOf(root, '--quiet').names[0]?.text, '-q', name);
    assert.equal(optionOf(root, '--secret').argument?.value.presence, 'mandatory', name);
  }
  // Two of them go on when they have printed their help: once each, and not where they were ended.
  assert.equal(readFileSync(join(folder, 'worked-js'), 'utf8'), 'work work ');
});

test('Perl is read too, with how Getopt::Long is set up', { skip: absent('perl') }, async () => {
  const { cli } = await declaredBy(
    'e.pl',
    'use strict; use Getopt::Long qw(:config bundling no_ignore_case);\nmy ($size, @list) = (3);\n' +
      "GetOptions('quiet|q!' => \\my $quiet, 'size|s=i' => \\$size, 'list=s' => \\@list, 'define=s%' => \\my %map, 'colour:s' => \\my $colour, 'v+' => \\my $v) or die;\n" +
      "open my $out, '>', 'worked' or die;\nprint \"Usage: e [-q]\\n\\n  -q, --quiet  less\\n\";\n",
  );
  // It has no help, and is told so; what it declares is known all the same.
  assert.deepEqual(cli?.parser?.value, ['perl-getopt-long-bundling']);
  const root = commandOf(cli);
  assert.deepEqual(
    optionOf(root, '--quiet').negatedNames.map(({ text }) => text),
    ['--no-quiet', '--noquiet'],
  );
  const [size] = optionOf(root, '--size').argument?.value.words ?? [];
  assert.deepEqual([size?.type?.value, size?.default?.value], ['integer', '3']);
  assert.equal(optionOf(root, '--list').repetition?.value, 'all-count');
  assert.equal(optionOf(root, '--define').argument?.value.words[0]?.type?.value, 'pairs');
  assert.equal(optionOf(root, '--colour').argument?.value.presence, 'optional');
  assert.equal(optionOf(root, '-v').repetition?.value, 'counted');
  assert.match(optionOf(root, '-v').declaredAt?.value ?? '', /\/e\.pl:4$/);
  assert.deepEqual([root.rules.caseSensitive?.value, root.rules.grouping?.value], [true, true]);
});

test('Ruby is read too, with the line that declares each option', { skip: absent('ruby') }, async () => {
  const { cli, messages } = await declaredBy(
    'g.rb',
    "require 'optparse'\nparser = OptionParser.new do |line|\n  line.on('-q', '--[no-]quiet', 'less')\n" +
      "  line.on('--colour WHEN', %w[always never],\n    'when to colour')\n  line.on('--size [N]', Integer)\nend\nparser.parse!\nFile.write('worked', '')\n",
  );
  assert.deepEqual(messages.slice(1), []);
  assert.deepEqual(cli?.parser?.value, ['ruby-optparse']);
  const root = commandOf(cli);
  const [quiet, colour] = [optionOf(root, '--quiet'), optionOf(root, '--colour')];
  assert.deepEqual(
    [quiet.names, quiet.negatedNames].map((names) => names.map(({ text }) => text)),
    [['-q', '--quiet'], ['--no-quiet']],
  );
  assert.deepEqual(
    colour.argument?.value.words[0]?.values?.value.map(({ value }) => value),
    ['always', 'never'],
  );
  assert.equal(optionOf(root, '--size').argument?.value.presence, 'optional');
  assert.deepEqual(
    [quiet, colour].map(({ declaredAt }) => /\/g\.rb:\d+$/.exec(declaredAt?.value ?? '')?.[0]),
    ['/g.rb:4', '/g.rb:5'],
  );
});

test('a finding says where the program declares its option, as text and as JSON', { skip }, async () => {
  const { cli } = await declaredBy(
    'h',
    "import argparse\nparser = argparse.ArgumentParser()\nparser.add_argument('--n')\nparser.parse_args()\n",
  );
  assert.ok(cli);
  const path = join(folder, 'h.yaml');
  writeFileSync(path, documentYaml(cli));
  const audited = await dabbawala(['audit', path]);
  assert.match(audited.stdout, /a long option of\s+one letter\n.*\n.*\n {4}declared at: \S+\/h:4\n/);
  const { findings } = JSON.parse((await dabbawala(['audit', '--format=json', path])).stdout);
  const places = findings.map(({ check, declaredAt }: { check: string; declaredAt: unknown }) => [
    check,
    declaredAt,
  ]);
  assert.match(new Map<string, string>(places).get('names/one-letter-long') ?? '', /\/h:4$/);
  assert.equal(new Map(places).get('gnu/version-option-missing'), null);
});
