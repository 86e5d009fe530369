import assert from 'node:assert/strict';
import { test } from 'node:test';
import { type Trace, traceWords } from 'dabbawala/analysis';
import fc from 'fast-check';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';
import { readText } from '../support/read-text.ts';

const OPTIONS = [
  'options:',
  '  -q, --quiet: a',
  '  -s, --sort=KEY: {help: b, argument: {values: [quay, size]}}',
  '  -m, --map[=WHEN]: c',
  '  --late-boxes: d',
  '  --late-fee: e',
  '  --colour: {help: f, negated: --no-colour}',
  '',
].join('\n');

function program(body: string, rules = ''): ReturnType<typeof readText> {
  return readText(
    `dabbawala: 1\nprogram: tiffin\ncomplete: true\n${rules === '' ? '' : `parsing: {${rules}}\n`}${body}`,
  );
}

/** The parts of a trace as `text=role:name`, words parted by bars. */
function shown({ words }: Trace): string {
  return words
    .map(({ text, parts }) =>
      parts
        .map(({ start, end, role, name, verdict }) => {
          const meant = name ?? (verdict === null ? '' : verdict);
          return `${text.slice(start, end)}=${role}${meant === '' ? '' : `:${meant}`}`;
        })
        .join(' '),
    )
    .join(' | ');
}

function problems({ problems: found }: Trace): string[] {
  return found.map(({ code, word }) => `${code}${word === null ? '' : ` ${word}`}`);
}

const trace = (body: string, words: string, rules?: string) =>
  traceWords(program(body, rules), words === '' ? [] : words.split(' '));

test('each word is read by the parsing rules', () => {
  const operands = 'operands:\n  BOX: {count: 0..}\n';
  const cases: [words: string, rules: string, shown: string][] = [
    ['-qs quay', '', '-q=option:-q s=option:-s | quay=option-argument:--sort'],
    ['-qsquay', '', '-q=option:-q s=option:-s quay=option-argument:--sort'],
    ['--so=quay', '', '--so=option:--sort quay=option-argument:--sort'],
    ['--so quay', '', '--so=option:--sort | quay=option-argument:--sort'],
    ['--late', '', '--late=option:ambiguous'],
    ['--no-col', '', '--no-col=option:--no-colour'],
    ['-- -q', '', '--=end-of-options | -q=operand:BOX'],
    ['-- -q', 'double-hyphen: refused', '--=option:unknown | -q=option:-q'],
    ['-- -q', 'double-hyphen: ordinary', '--=operand:BOX | -q=option:-q'],
    ['- x', '', '-=operand:BOX | x=operand:BOX'],
    ['x -q', '', 'x=operand:BOX | -q=option:-q'],
    ['x -q', 'operand-order: first-operand-ends-options', 'x=operand:BOX | -q=operand:BOX'],
    ['--map x', '', '--map=option:--map | x=operand:BOX'],
    ['--map x', 'optional-values: joined-or-separate', '--map=option:--map | x=option-argument:--map'],
    ['--map=x', '', '--map=option:--map x=option-argument:--map'],
    ['-s -q', '', '-s=option:-s | -q=option-argument:--sort'],
    ['-5', 'negative-numbers: true', '-5=operand:BOX'],
    ['-5', 'number-option: true', '-5=option:-NUM'],
    ['--SORT quay', 'case-sensitive: false', '--SORT=option:--sort | quay=option-argument:--sort'],
    ['qs quay', 'bundle-without-hyphen: true', 'q=option:-q s=option:-s | quay=option-argument:--sort'],
    [
      '-squay x',
      'value-forms: [-x V]',
      '-s=option:-s q=option:-q u=option:unknown ay=option:not-judged | x=option-argument:--sort',
    ],
    ['--sort=quay', 'value-forms: [--x V]', '--sort=quay=option:unknown'],
    ['--zz x', 'unknown-options: ignored', '--zz=option:unknown | x=operand:BOX'],
    ['-late-b', 'long-hyphens: one-or-two', '-late-b=option:--late-boxes'],
    ['-late', 'long-hyphens: one-or-two', '-late=option:ambiguous'],
    ['-qs quay', 'long-hyphens: one-or-two', '-q=option:-q s=option:-s | quay=option-argument:--sort'],
    ['-so=quay', 'long-hyphens: one-or-two', '-so=option:--sort quay=option-argument:--sort'],
    ['-late-b', 'long-hyphens: one-where-no-letter', '-late-b=option:--late-boxes'],
    ['-so=quay', 'long-hyphens: one-where-no-letter', '-s=option:-s o=quay=option-argument:--sort'],
    ['-zz', 'long-hyphens: one-or-two', '-zz=option:unknown'],
    ['--q', 'long-hyphens: one-or-two, grouping: false', '--q=option:-q'],
    ['--late-b -q', '', '--late-b=option:--late-boxes | -q=option:-q'],
  ];
  for (const [words, rules, expected] of cases) {
    assert.equal(shown(trace(OPTIONS + operands, words, rules)), expected, `${words} ${rules}`);
  }
});

test('any number is an option with what its entry takes', () => {
  assert.equal(
    shown(trace('options:\n  -NUM WORD: look there\n', '-15 x', 'number-option: true')),
    '-15=option:-NUM | x=option-argument:-NUM',
  );
});

test('what is wrong is told in the words that the standards ask for', () => {
  const body = `${OPTIONS}operands:\n  BOX: {count: 1, type: integer, range: 1..40}\n`;
  const cases: [words: string, message: string][] = [
    ['--quite 1', "tiffin: unknown option '--quite'; did you mean '--quiet'?"],
    ['-z 1', "tiffin: unknown option '-z'"],
    ['--late 1', "tiffin: option '--late' is ambiguous: it could be '--late-boxes' or '--late-fee'"],
    ['1 -s', "tiffin: option '-s' needs an argument: KEY"],
    ['--quiet=x 1', "tiffin: option '--quiet' takes no argument"],
    ['--no-colour=x 1', "tiffin: option '--no-colour' takes no argument"],
    ['-s north 1', "tiffin: 'north' is not a valid argument of '--sort': expected one of quay, size"],
    ['', "tiffin: operand 'BOX' is missing"],
    ['1 2', "tiffin: unexpected operand '2'"],
    ['x', "tiffin: 'x' is no BOX: expected a whole number"],
    ['41', "tiffin: '41' is no BOX: expected a number from 1 to 40"],
  ];
  for (const [words, message] of cases) {
    assert.deepEqual(
      trace(body, words).problems.map((problem) => problem.message),
      [message],
      words,
    );
  }
  assert.deepEqual(problems(trace(body, '-s quay 1', 'value-forms: [-xV]')), [
    'value-missing 0',
    'value-not-allowed 1',
    'too-many-operands 2',
  ]);
  assert.deepEqual(problems(trace(body, '--help')), ['unknown-option 0', 'operand-missing']);
  assert.deepEqual(problems(trace(body.replace('-q, --quiet', '-h, --help'), '--help')), []);
});

test('relations, repetition and mandatory options are judged where they are stated', () => {
  const body = [
    'options:',
    '  --day=DAY: {help: a, required: true}',
    '  -a: {help: b, repetition: refused}',
    '  -b: c',
    '  -c: d',
    '  --form=KIND: e',
    'relations:',
    '  - at-most-one: [-a, -b]',
    '  - subject: -c',
    '    requires: [--form=card]',
    '',
  ].join('\n');
  const cases: [string, string[]][] = [
    ['--day mon', []],
    ['-a', ['option-missing']],
    ['--day mon -a -b', ['option-excluded 3']],
    ['--day mon -a -a', ['option-repeated 3']],
    ['--day mon -c', ['option-excluded 2']],
    ['--day mon -c --form=roll', ['option-excluded 2']],
    ['--day mon -c --form=card', []],
  ];
  for (const [words, expected] of cases) assert.deepEqual(problems(trace(body, words)), expected, words);
});

test('subcommands are found, in full or abbreviated, and what is no command is told', () => {
  const body = [
    'options:',
    '  -q, --quiet: {help: a, inheritance: anywhere-below}',
    '  -n: b',
    'commands:',
    '  route:plan: {summary: c, operands: {CARRIER: {count: 1}}}',
    '  route:print: {summary: d, operands: {CARRIER: {count: 1}}}',
    '  run: {summary: e, operands: {COMMAND: {kind: command-line, count: 1..}}}',
    '',
  ].join('\n');
  const segments = 'segment-abbreviations: true, segment-separator: ":"';
  const cases: [words: string, rules: string, shown: string, problems: string[]][] = [
    [
      '-n route:plan -q x',
      '',
      '-n=option:-n | route:plan=command:route:plan | -q=option:-q | x=operand:CARRIER',
      [],
    ],
    ['r:pl x', segments, 'r:pl=command:route:plan | x=operand:CARRIER', []],
    ['r:p x', segments, 'r:p=command:ambiguous | x=operand', ['ambiguous-command 0']],
    ['route:pla x', '', 'route:pla=command:unknown | x=operand', ['unknown-command 0']],
    [
      'route:plan -n x',
      '',
      'route:plan=command:route:plan | -n=option:unknown | x=operand:CARRIER',
      ['unknown-option 1'],
    ],
    ['run ls -l', '', 'run=command:run | ls=operand:COMMAND | -l=operand', []],
    ['-q', '', '-q=option:-q', ['command-missing']],
  ];
  for (const [words, rules, expected, wrong] of cases) {
    const found = trace(body, words, rules);
    assert.equal(shown(found), expected, words);
    assert.deepEqual(problems(found), wrong, words);
  }
  assert.deepEqual(trace(body, 'run ls -l').operands, ['ls', '-l']);
  assert.deepEqual(trace(body, 'route:plan x').command, ['tiffin', 'route:plan']);
});

test('operands fall to the form that fits, several words to an option that takes several', () => {
  const body = [
    'usage:',
    '  - tiffin SOURCE... TARGET',
    '  - tiffin --list [DAY]',
    'options:',
    '  --list: a',
    '  --move FROM TO: b',
    '',
  ].join('\n');
  assert.equal(shown(trace(body, 'a b c')), 'a=operand:SOURCE | b=operand:SOURCE | c=operand:TARGET');
  assert.equal(shown(trace(body, '--list mon')), '--list=option:--list | mon=operand:DAY');
  const moved = trace(body, '--move x y --list');
  assert.deepEqual(moved.options[0], { name: '--move', negated: false, values: ['x', 'y'], word: 0 });
  assert.deepEqual(problems(trace(body, '--list --move x')), ['value-missing 1']);
});

test('where a list may lack options or commands, nothing is said not to exist', () => {
  const cli = readText('Usage: tiffin [OPTION]... [BOX]\n\n  -q, --quiet  less\n');
  const found = traceWords(cli, ['--zz', '-qz', 'x']);
  assert.deepEqual(problems(found), ['not-judged 0', 'not-judged 1']);
  assert.deepEqual(
    found.words[1]?.parts.map(({ verdict }) => verdict),
    ['exact', 'not-judged'],
  );
});

test('rules that no source says and that mattered are listed', () => {
  const assumed = (words: string, rules?: string) =>
    trace(`${OPTIONS}operands:\n  BOX: {count: 0..}\n`, words, rules).assumed.map(({ rule }) => rule);
  assert.deepEqual(assumed('--quiet'), []);
  assert.deepEqual(assumed('--qui'), ['optionAbbreviations']);
  assert.deepEqual(assumed('--qui', 'option-abbreviations: true'), []);
  assert.deepEqual(assumed('x -q'), ['operandOrder']);
  assert.deepEqual(assumed('x y'), []);
  assert.ok(assumed('-quiet').includes('longHyphens'));
  assert.ok(!assumed('-quat').includes('longHyphens'));
});

test('any interface and any words give a trace whose parts lie in their words', () => {
  const words = fc.array(
    fc.oneof(
      fc.string({ maxLength: 8 }),
      fc.stringMatching(/^--?[a-z]{1,6}(=[a-z]?)?$/),
      fc.constantFrom('--', '-', '', '+x', '-1', '--__proto__', '--constructor=x', '-\u{1f371}x'),
    ),
    { maxLength: 8 },
  );
  fc.assert(
    fc.property(arbitraryInterface, words, (cli, given) => {
      const found = traceWords(cli, given);
      assert.equal(found.words.length, given.length);
      for (const { text, parts } of found.words) {
        let end = 0;
        for (const part of parts) {
          assert.ok(part.start >= end && part.end >= part.start && part.end <= text.length);
          end = part.end;
        }
      }
      for (const { word, message } of found.problems) {
        assert.ok(word === null || (word >= 0 && word < given.length));
        assert.ok(message.startsWith(`${cli.program.value}: `));
      }
    }),
    { numRuns: 500 },
  );
});

test('an operand that an option brings is not missing, and a file for another use is no operand', () => {
  const cli = readText(
    'Usage: tally [OPTION]... LABELS [BOX]...\n\n  -e, --label=LABELS  look for LABELS\n  -f, --from=FILE     take LABELS from FILE\n  -o, --out=FILE      write to FILE\n',
  );
  const lacks = (words: string) =>
    traceWords(cli, words === '' ? [] : words.split(' ')).problems.map(({ code }) => code);
  assert.deepEqual(lacks('-e late'), []);
  assert.deepEqual(lacks('-f labels.txt'), []);
  assert.deepEqual(lacks('-o out.txt'), ['operand-missing']);
  const files = readText('Usage: tally [OPTION]... FILE\n\n  -o, --out=FILE  write to FILE\n');
  assert.deepEqual(
    traceWords(files, ['-o', 'x']).problems.map(({ code }) => code),
    ['operand-missing'],
  );
});
