import assert from 'node:assert/strict';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { audit, readDocument } from 'dabbawala';
import { optionScope } from 'dabbawala/analysis';
import { type Interface, walkCommands } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import fc from 'fast-check';
import { absent } from '../support/programs.ts';
import { dabbawala } from '../support/run-dabbawala.ts';

let folder = '';
/** Where programs note the words that they are run with, and as whom. */
let log = '';

before(() => {
  folder = mkdtempSync(join(tmpdir(), 'dabbawala-probed-'));
  // The superuser's tests run programs as a user without rights.
  chmodSync(folder, 0o755);
  log = join(folder, 'log');
});
after(() => rmSync(folder, { recursive: true }));

function program(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  chmodSync(path, 0o755);
  writeFileSync(log, '');
  chmodSync(log, 0o666);
  return path;
}

async function probed(path: string, probeLimit = 450) {
  const { interface: cli, problems, runs } = await captureProgram([path], { probe: true, probeLimit });
  assert.ok(cli);
  return { cli, runs, messages: problems.map(({ message }) => message) };
}

/** The options that a parser told and no help shows, each with its names and how it takes an argument. */
function hidden(cli: Interface): string[] {
  const options = cli.root.options.items.filter((option) => option.hidden?.basis === 'observed');
  return options
    .map(({ names, argument }) =>
      [...names.map(({ text }) => text), argument === undefined ? 'unknown' : argument.value.presence].join(
        ' ',
      ),
    )
    .sort();
}

const HELP = `Usage: harbour [OPTION]... [PORT]

  -q, --quiet         say less
      --route=PORT    sail to PORT
      --help          print this help
`;

/** A shell script whose parser is the C library's `getopt_long`, by the command for scripts. */
function shellProgram(names: readonly string[], help = HELP): string {
  return `#!/bin/sh
printf '%s\\n' "$*" >> ${log}
getopt -n harbour -o q -l ${names.join(',')} -- "$@" > parsed || exit 2
case $1 in --help) cat <<'END'
${help}END
esac
`;
}

const PARSERS: Readonly<
  Record<string, readonly [needs: string, text: () => string, hidden: readonly string[]]>
> = {
  'getopt_long in a script': [
    'getopt',
    () => shellProgram(['quiet', 'route:', 'help', 'rowing', 'anchor:', 'quay', 'ballast::']),
    ['--anchor mandatory', '--ballast optional', '--quay none', '--rowing none'],
  ],
  "Python's getopt": [
    'python3',
    () => `#!/usr/bin/env python3
import getopt, sys
try:
    options, ports = getopt.getopt(sys.argv[1:], 'qx', ['quiet', 'route=', 'help', 'rowing', 'anchor=', 'quay'])
except getopt.GetoptError as error:
    sys.exit(f'harbour: {error}')
if ('--help', '') in options:
    print('''${HELP}''', end='')
`,
    ['--anchor mandatory', '--quay none', '--rowing none'],
  ],
  argparse: [
    'python3',
    () => `#!/usr/bin/env python3
import argparse
parser = argparse.ArgumentParser(prog='harbour')
parser.add_argument('-q', '--quiet', action='store_true', help='say less')
parser.add_argument('--route', metavar='PORT', help='sail to PORT')
parser.add_argument('--rowing', action='store_true', help=argparse.SUPPRESS)
parser.add_argument('--anchor', help=argparse.SUPPRESS)
parser.add_argument('--quay', action='store_true', help=argparse.SUPPRESS)
parser.parse_args()
`,
    ['--anchor mandatory', '--quay none', '--rowing none'],
  ],
  'Getopt::Long': [
    'perl',
    () => `#!/usr/bin/env perl
use Getopt::Long;
GetOptions('quiet|q' => \\my $q, 'route=s' => \\my $r, 'help' => \\my $h, 'rowing' => \\my $w, 'anchor:s' => \\my $a, 'quay=i' => \\my $k)
  or exit 2;
print <<'END' if $h;
${HELP}END
`,
    ['--anchor optional', '--quay mandatory', '--rowing none'],
  ],
};

for (const [name, [needs, text, expected]] of Object.entries(PARSERS)) {
  test(`${name} tells its hidden options, and that prefixes stand for them`, {
    skip: absent(needs),
  }, async () => {
    const { cli, messages } = await probed(program('harbour', text()));
    assert.deepEqual(messages, []);
    assert.deepEqual(hidden(cli), expected);
    const { optionAbbreviations, prefixTie, caseSensitive } = cli.root.rules;
    assert.deepEqual([optionAbbreviations?.value, optionAbbreviations?.basis], [true, 'observed']);
    assert.equal(prefixTie?.value, 'refused');
    assert.equal(caseSensitive?.value, name !== 'Getopt::Long');
    const [at] = walkCommands(cli);
    assert.ok(at);
    const { index } = optionScope(at);
    assert.deepEqual(
      ['--ro', '--an', '--qui', '--qu'].map((word) => index.resolve(word, 5).verdict),
      ['ambiguous', 'unique', 'unique', 'ambiguous'],
    );
  });
}

test('all names of generated options are found, however they share prefixes', {
  skip: absent('getopt'),
}, async () => {
  const part = fc.constantFrom('a', 'an', 'anchor', 'b', 'bar', 'bargo', '-', 'no-', 'o');
  const name = fc
    .array(part, { minLength: 2, maxLength: 4 })
    .map((parts) => parts.join(''))
    .filter((one) => /^[a-z]/.test(one) && !one.endsWith('-') && one !== 'help');
  await fc.assert(
    fc.asyncProperty(fc.uniqueArray(name, { minLength: 2, maxLength: 8 }), async (names) => {
      const { cli } = await probed(
        program('harbour', shellProgram(['help', 'route:', 'quiet', ...names])),
        250,
      );
      const found = cli.root.options.items.flatMap((option) => option.names.map(({ text }) => text));
      assert.deepEqual(
        names.filter((one) => !found.includes(`--${one}`)),
        [],
      );
      assert.equal(found.length, names.length + 4);
    }),
    { numRuns: 5 },
  );
});

test('each prefix has a value, and two options behind it that no program has', {
  skip: absent('getopt'),
}, async () => {
  const { runs } = await probed(program('harbour', shellProgram(['quiet', 'route:', 'help', 'rowing'])), 150);
  const words = runs.map((run) => run.words.slice(run.words.indexOf(join(folder, 'harbour')) + 1));
  assert.ok(words.length <= 160);
  const asking = words.filter((one) => one.length > 1);
  assert.ok(asking.length > 100);
  for (const one of asking) {
    const [first = '', ...others] = one;
    assert.match(
      first,
      /^(?:--[\w-]*=no-such-value|--dabbawala-not-there|-\w+(?:=no-such-value)?|--[\w-]+)$/,
    );
    assert.ok(others.every((other) => /^--dabbawala-(?:not-there|nor-this)$/.test(other)));
  }
});

test('options that are called like words of messages are told for what they are', {
  skip: absent('getopt'),
}, async () => {
  const names = ['unique', 'ambiguous', 'ignored', 'unexpected', 'possibilities:'];
  const { cli, runs, messages } = await probed(
    program('harbour', shellProgram(['quiet', 'route:', 'help', ...names])),
    130,
  );
  assert.deepEqual(messages, []);
  assert.deepEqual(hidden(cli), [
    '--ambiguous none',
    '--ignored none',
    '--possibilities mandatory',
    '--unexpected none',
    '--unique none',
  ]);
  assert.ok(runs.length <= 135);
});

/** A script whose parser takes a prefix for the first option that begins so. */
function takingFirst(options: readonly string[]): string {
  return `#!/usr/bin/env python3
import sys
OPTIONS = ${JSON.stringify(options)}
for word in sys.argv[1:]:
    name, _, value = word.partition('=')
    found = next((one for one in OPTIONS if one.startswith(name)), None)
    if found is None:
        sys.exit(f"harbour: unknown option '{name}'")
    if value:
        sys.exit(f"harbour: option '{found}' takes no value")
    if found == '--help':
        print('''Usage: harbour [OPTION]...\\n\\n  --quiet   say less\\n  --route   sail\\n  --rowing  row\\n  --help    print this help''')
`;
}

test('options of a parser that takes the first of several names are not taken for one', {
  skip: absent('python3'),
}, async () => {
  const text = takingFirst(['--quiet', '--route', '--rowing', '--help']);
  const { cli } = await probed(program('harbour', text), 130);
  assert.equal(cli.root.rules.optionAbbreviations?.value, true);
  assert.deepEqual([cli.root.rules.prefixTie, cli.root.rules.spellingsTie], [undefined, undefined]);
  assert.deepEqual(
    cli.root.options.items.map(({ names }) => names.map((one) => one.text).join(' ')),
    ['--quiet', '--route', '--rowing', '--help'],
  );
});

test('names that speak of harm are never completed, and told', { skip: absent('getopt') }, async () => {
  const help =
    `${HELP}      --reboot        start the harbour again\n      --wipe          wipe the quay\n      --wipe-all      wipe them all\n`.replace(
      '--route',
      '--sail',
    );
  const { cli, messages } = await probed(
    program(
      'harbour',
      shellProgram(
        ['quiet', 'sail:', 'help', 'reboot', 'kill-all', 'keel', 'wipe', 'wipe-all', 'dry-run'],
        help,
      ),
    ),
  );
  const asked = readFileSync(log, 'utf8').split('\n');
  const prefixes = asked.flatMap((line) => /^--?([\w-]+)/.exec(line)?.[1] ?? []);
  // 'k' is a tie with 'keel'.
  const completed = prefixes.filter(
    (one) =>
      'reboot'.startsWith(one) || 'wipe-all'.startsWith(one) || (one !== 'k' && 'kill-all'.startsWith(one)),
  );
  assert.deepEqual(completed, []);
  assert.ok(asked.some((line) => line.startsWith('--k=')));
  assert.ok(hidden(cli).includes('--dry-run none'));
  assert.deepEqual(messages, [
    "its parser was not asked for '--kill-all', '--reboot', '--wipe' and '--wipe-all', because of what that may do",
  ]);
});

test('a program is asked with no more rights than it needs', { skip: absent('unshare') }, async () => {
  const whoami = `#!/bin/sh
[ $# -gt 2 ] && { id -u; tail -n +3 /proc/net/dev | cut -d: -f1 | tr -d ' '; } >> ${log}
case $1 in --help) cat <<'END'
${HELP}END
;; *) echo "harbour: unknown option $1" >&2; exit 2
esac
`;
  const { messages } = await probed(program('harbour', whoami));
  const [user, ...networks] = new Set(readFileSync(log, 'utf8').trim().split('\n'));
  if (process.getuid?.() === 0) assert.notEqual(user, '0');
  const hasNetwork = messages.some((message) => message.includes('could not be taken'));
  if (!hasNetwork) assert.deepEqual(networks, ['lo']);
});

test('a program that does not refuse an option that does not exist is asked nothing more', async () => {
  const lenient = `#!/bin/sh\necho "$*" >> ${log}\ncat <<'END'\n${HELP}END\n`;
  const { cli, messages } = await probed(program('harbour', lenient));
  assert.deepEqual(messages, [
    'its parser was not asked: it does not refuse an option that does not exist before all else, or not by its name',
  ]);
  assert.equal(cli.root.rules.optionAbbreviations?.basis === 'observed', false);
  assert.ok(readFileSync(log, 'utf8').split('\n').length < 10);
});

test('a parser that takes no abbreviations is asked little, and said to take none', async () => {
  const text = `#!/usr/bin/env node
const { parseArgs } = require('node:util');
try {
  const { values } = parseArgs({
    options: { quiet: { type: 'boolean', short: 'q' }, route: { type: 'string' }, help: { type: 'boolean' }, rowing: { type: 'boolean' } },
  });
  if (values.help) process.stdout.write(${JSON.stringify(HELP)});
} catch (error) {
  console.error('harbour: ' + error.message);
  process.exit(2);
}
`;
  const { cli, runs, messages } = await probed(program('harbour', text));
  assert.deepEqual(messages, []);
  assert.deepEqual(
    [cli.root.rules.optionAbbreviations?.value, cli.root.rules.caseSensitive?.value, hidden(cli)],
    [false, true, []],
  );
  assert.ok(runs.length < 30);
});

test('spellings that hide behind another are looked for where a name is likely to go on', {
  skip: absent('python3'),
}, async () => {
  const names = ['--anchorage-verbose', '--anchorage-version'];
  const text = takingFirst(['--quiet', '--route', '--rowing', '--help', ...names]);
  const { cli } = await probed(program('harbour', text), 250);
  assert.deepEqual(
    hidden(cli),
    names.map((name) => `${name} none`),
  );
});

test('a program that hangs is asked no more, and what is left unasked is told', {
  skip: absent('getopt'),
}, async () => {
  const hanging = shellProgram(['quiet', 'route:', 'help']).replace(
    'getopt',
    'case $1 in --[m-z]*=*) sleep 60;; esac\ngetopt',
  );
  const path = program('harbour', hanging);
  const { problems } = await captureProgram([path], { probe: true, probeLimit: 200, timeLimit: 1500 });
  assert.deepEqual(
    problems.map(({ message }) => message),
    ['several runs of its parser took too long; no more was asked'],
  );
  const { messages } = await probed(program('harbour', shellProgram(['quiet', 'route:', 'help'])), 30);
  assert.deepEqual(messages, ['its parser was asked 30 times, which is the limit; options may be left']);
});

test('commands are asked whether a prefix stands for them, and for their options', {
  skip: absent('getopt'),
}, async () => {
  const console = (match: string) => `#!/bin/sh
fail() { echo "harbour: $1" >&2; exit 2; }
case $1 in
${match}) shift; set -- "$@" plan ;;
-*|'') getopt -n harbour -o q -l quiet,help -- "$@" > parsed || exit 2
  printf 'Usage: harbour [-q] COMMAND\n\nOptions:\n  -q, --quiet  say less\n  --help       print this help\n\nCommands:\n  plan   plan a route\n  sail   sail it\n'
  exit ;;
*) fail "unknown command '$1'" ;;
esac
getopt -n harbour -o q -l help,tide: -- "$@" > parsed || exit 2
printf 'Usage: harbour plan\n\nOptions:\n  --help  print this help\n'
`;
  const plan = async (match: string) => {
    const { cli } = await probed(program('harbour', console(match)), 300);
    const command = cli.root.commands.items.find(({ names }) => names[0]?.text === 'plan');
    const names = command?.options.items.flatMap((option) => option.names.map(({ text }) => text));
    return [cli.root.rules.commandAbbreviations?.value, names];
  };
  assert.deepEqual(await plan('p|pl|pla|plan'), [true, ['--help', '--tide']]);
  assert.deepEqual(await plan('plan'), [false, ['--help', '--tide']]);
});

test('an option that help shows and the parser refuses is an error, and competes with no other', {
  skip: absent('getopt'),
}, async () => {
  const help = HELP.replace('--route=PORT', '--routes=PORT').replace('--quiet ', '--quite ');
  const path = program('harbour', shellProgram(['quiet', 'route:', 'help', 'routed'], help));
  const { status, stdout } = await dabbawala(['capture', '--probe', '--yes', '--questions=150', path]);
  assert.equal(status, 0);
  const { interface: cli, problems } = readDocument({ name: 'harbour.yaml', text: stdout });
  assert.ok(cli);
  assert.deepEqual(problems, []);
  const [finding] = audit([cli]).findings.filter(({ check }) => check === 'behaviour/shown-option-refused');
  assert.equal(finding?.level, 'error');
  assert.match(
    finding?.message ?? '',
    /^the help shows '--quite' and '--routes', and the parser refuses them/,
  );
  const [at] = walkCommands(cli);
  assert.ok(at);
  assert.deepEqual(optionScope(at).index.names, ['--help', '--quiet', '--route', '--routed']);
});
