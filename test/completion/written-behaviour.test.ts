import assert from 'node:assert/strict';
import { test } from 'node:test';
import { SHELLS, type Shell } from 'dabbawala/model';
import { observeWritten, offeredBehind } from '../support/completion.ts';
import { absent } from '../support/programs.ts';
import { readYaml } from '../support/read-yaml.ts';

const SKIP = SHELLS.map(absent).find((reason) => reason !== false) ?? false;

/** A program with all that a script has to know beside names: aliases, nesting, inheritance, kinds of argument, what is withdrawn. */
const TIFFIN = readYaml(
  [
    'complete: true',
    'parsing: {grouping: true, operand-order: mixed}',
    'options:',
    '  --verbose: {help: say more, inheritance: anywhere-below, repetition: counted}',
    '  --colour[=WHEN]: {help: colour it, argument: {values: [always, never]}}',
    '  -o, --output=FILE: {help: write to FILE, argument: {type: file}}',
    '  --folder=FOLDER: {help: look into FOLDER, argument: {type: directory}}',
    '  --as=NAME: {help: do it as NAME, argument: {type: text}}',
    '  --old: {help: as it was, deprecated: true}',
    '  --inner: {help: for tests, hidden: true}',
    'commands:',
    '  box, boxes:',
    '    summary: list the boxes',
    '    options:',
    '      --late: only late ones',
    '    operands:',
    '      DAY: {help: the day, values: [monday, friday], count: 1}',
    '  deep:',
    '    summary: go on',
    '    commands:',
    '      down:',
    '        summary: further',
    '        options: {--far: to the end}',
    '  run:',
    '    summary: run a program',
    '    parsing: {operand-order: first-operand-ends-options}',
    '    usage: tiffin run [OPTION]... NAME [WORD]...',
    '    options: {--dry: only say it}',
    '    operands:',
    '      NAME: {help: its name, values: [one, two], count: 1}',
    '      WORD: {help: its words, type: text, count: 0..}',
    '  gone: {summary: no more, hidden: true, options: {--left: what is left}}',
  ].join('\n'),
);

/** Each line with the words that are offered, whichever shell is asked. */
const CASES: readonly (readonly [line: readonly string[], offered: readonly string[]])[] = [
  [[''], ['box', 'deep', 'run']],
  [['bo'], ['box']],
  [
    ['boxes', '--'],
    ['--late', '--verbose'],
  ],
  [['box', 'm'], ['monday']],
  [['box', 'monday', '--la'], ['--late']],
  [['deep', ''], ['down']],
  [
    ['deep', 'down', '--'],
    ['--far', '--verbose'],
  ],
  [['--as', 'x', 'deep', ''], ['down']],
  [['--output', 'box', 'de'], ['deep']],
  [['-obox', 'de'], ['deep']],
  [['-o', 'box', 'de'], ['deep']],
  [['--verbose', '--verb'], ['--verbose']],
  [['box', '--verbose', '--verb'], ['--verbose']],
  [['run', 'o'], ['one']],
  [['run', '--d'], ['--dry']],
  [['run', 'one', '--d'], []],
  [['gone', '--le'], ['--left']],
  [['--ol'], []],
  [['--in'], []],
  [['--as', ''], []],
];

for (const shell of SHELLS) {
  test(`${shell}: aliases, nesting, inherited options, arguments before commands, and what is withdrawn`, {
    skip: SKIP,
  }, async () => {
    const offered = await offeredBehind(
      shell,
      TIFFIN,
      CASES.map(([line]) => line),
    );
    for (const [i, [line, expected]] of CASES.entries()) {
      const words = offered[i]?.map((word) => word.replace(/=$/, '')) ?? [];
      assert.deepEqual(words, expected, `${shell}: tiffin ${line.join(' ')}`);
    }
  });

  test(`${shell}: values of an argument that may be left out, files and folders where they belong`, {
    skip: SKIP,
  }, async () => {
    const { commands } = await observeWritten(shell as Shell, TIFFIN);
    const [root] = commands;
    const given = (name: string) => root?.arguments.get(name);
    assert.deepEqual(
      given('--colour')
        ?.words.map(({ text }) => text)
        .sort(),
      ['always', 'never'],
    );
    assert.equal(given('--output')?.files, true);
    assert.equal(given('--folder')?.files, true);
    assert.deepEqual([given('--as')?.files, given('--as')?.words], [false, []]);
    if (shell === 'bash') return;
    const texts = new Map(root?.options.map(({ text, description }) => [text, description]));
    assert.equal(texts.get('--output'), 'write to FILE');
    assert.equal(root?.operands.words.find(({ text }) => text === 'box')?.description, 'list the boxes');
  });
}
