import assert from 'node:assert/strict';
import { test } from 'node:test';
import { optionScopes } from 'dabbawala/analysis';
import { nearestRule } from 'dabbawala/model';
import { commandAt, onlyOption, readYaml } from '../support/read-yaml.ts';

test('a bare letter stands beside a long name with an optional value', () => {
  const option = onlyOption('options:\n  -b, --backup[=CONTROL]: keep the old list\n');
  assert.equal(option.argument?.value.presence, 'optional');
  assert.deepEqual(
    option.names.map((name) => [name.text, name.argument?.value.presence]),
    [
      ['-b', 'none'],
      ['--backup', undefined],
    ],
  );
  const mandatory = onlyOption('options:\n  -k, --kitchen=NAME: kitchen that fills the box\n');
  assert.deepEqual(
    mandatory.names.map((name) => name.argument),
    [undefined, undefined],
  );
});

test('an option-argument has two words with placeholders of their own', () => {
  const option = onlyOption(
    'options:\n  --move FROM TO:\n    argument:\n      words: [{type: file}, {type: directory}]\n',
  );
  assert.deepEqual(
    option.argument?.value.words.map((word) => [word.placeholder?.value, word.type?.value]),
    [
      ['FROM', 'file'],
      ['TO', 'directory'],
    ],
  );
});

test('words such as KEY=VALUE have known keys', () => {
  const option = onlyOption(
    'options:\n  -o KEY=VALUE:\n    argument:\n      type: pairs\n      keys:\n        litres: {help: size, value: {type: number, range: 1..9}}\n        lid: whether it has a lid\n',
  );
  const [word] = option.argument?.value.words ?? [];
  assert.equal(word?.type?.value, 'pairs');
  assert.deepEqual(
    word?.keys?.value.map(({ key, help, value }) => [key, help?.value, value?.range?.value]),
    [
      ['litres', 'size', { least: 1, most: 9 }],
      ['lid', 'whether it has a lid', undefined],
    ],
  );
});

test('operands are keywords, or a command line that is handed on', () => {
  const { root } = readYaml(
    'operands:\n  if: {kind: keyword, placeholder: FILE, count: 0..1}\n  COMMAND: {kind: command-line, count: 1..}\n',
  );
  assert.deepEqual(
    root.operands.items.map(({ name, kind, count }) => [name, kind, count?.value]),
    [
      ['if', 'keyword', { least: 0, most: 1 }],
      ['COMMAND', 'command-line', { least: 1, most: null }],
    ],
  );
});

test('one command has several forms, each with its own options and operands', () => {
  const { root } = readYaml(
    'usage:\n  - tiffin -a BOX...\n  - tiffin -d [--force] DAY\noptions:\n  -a: add\n  -d: drop\n  --force: ask nothing\n',
  );
  assert.deepEqual(
    root.forms.map(({ options, operands }) => [
      options.map(({ name, required }) => (required ? name : `[${name}]`)),
      operands.map(({ name, count }) => [name, count?.value.most]),
    ]),
    [
      [['-a'], [['BOX', null]]],
      [['-d', '[--force]'], [['DAY', 1]]],
    ],
  );
});

test('options stand only before the subcommand, or apply to the next operand', () => {
  const { root } = readYaml(
    'options:\n  --quay=NAME: {inheritance: before-subcommand}\n  --fragile: {applies-to-next-operand: true}\n',
  );
  const [quay, fragile] = root.options.items;
  assert.equal(quay?.inheritance?.value, 'before-subcommand');
  assert.equal(fragile?.appliesToNextOperand?.value, true);
  assert.equal(fragile?.inheritance, undefined);
});

test('of two options the later wins', () => {
  const { root } = readYaml('options:\n  -q:\n  -v:\nrelations:\n  - later-wins: [-q, -v]\n');
  assert.deepEqual(
    root.relations.map(({ kind, members }) => [kind, members.map(({ name }) => name)]),
    [['later-wins', ['-q', '-v']]],
  );
});

test('a command has a default subcommand, and others from plugins', () => {
  const { root } = readYaml(
    'default-command: list\nplugin-commands: true\ncommands:\n  list, ls: list boxes\n',
  );
  assert.equal(root.defaultCommand?.value, 'list');
  assert.equal(root.pluginCommands?.value, true);
  assert.deepEqual(
    root.commands.items[0]?.names.map(({ text }) => text),
    ['list', 'ls'],
  );
});

test('options begin with a plus, have a hyphen and a word, or a negated name', () => {
  const { root } = readYaml('options:\n  +x: a\n  -sort KEY: b\n  --[no-]colour: c\n  -?: d\n');
  assert.deepEqual(
    root.options.items.map(({ names, negatedNames }) => [
      names.map(({ text, form }) => `${text} ${form}`).join(),
      negatedNames.map(({ text }) => text).join(),
    ]),
    [
      ['+x plus', ''],
      ['-sort single-hyphen-long', ''],
      ['--colour long', '--no-colour'],
      ['-? short', ''],
    ],
  );
});

test('abbreviations are accepted in subcommands and not before', () => {
  const cli = readYaml(
    'parsing: {option-abbreviations: false}\noptions:\n  --quiet: a\ncommands:\n  box:\n    parsing: {option-abbreviations: true}\n    options:\n      --late-boxes: b\n',
  );
  assert.deepEqual(
    optionScopes(cli).map(({ at, index }) => [
      at.path.join(' '),
      index.resolve('--la').verdict,
      index.resolve('--qui').verdict,
    ]),
    [
      ['tiffin', 'unknown', 'unknown'],
      ['tiffin box', 'unique', 'unknown'],
    ],
  );
  const box = commandAt(cli, 'box');
  assert.equal(nearestRule([cli.root, box], 'grouping'), undefined);
});

test('what is not said is not known, and a list is complete only where the document says so', () => {
  const { root } = readYaml(
    'options:\n  --all: {argument: unknown}\ncommands:\n  box:\n    options:\n      -a: x\n  kitchen: y\n',
  );
  assert.equal(root.options.complete, undefined);
  assert.equal(root.options.items[0]?.argument, undefined);
  assert.equal(root.options.items[0]?.required, undefined);
  const whole = readYaml(
    'complete: true\noptions:\n  --all: x\ncommands:\n  box:\n    complete: {options: unknown}\n    options:\n      -a: x\n  kitchen: y\n',
  );
  const complete = (name: string) => commandAt(whole, name).options.complete?.value;
  assert.equal(whole.root.options.complete?.value, true);
  assert.equal(complete('box'), undefined);
  assert.equal(commandAt(whole, 'box').commands.complete?.value, true);
  assert.equal(complete('kitchen'), undefined, 'a command that is only named is not described');
});

test('options stand under headings, and how a fact is known is kept', () => {
  const { root } = readYaml(
    'options:\n  Colours:\n    --colour: use colours\n  -v: {help: more, repetition: counted, inferred: [repetition]}\n',
  );
  const [colour, more] = root.options.items;
  assert.equal(colour?.heading?.value, 'Colours');
  assert.equal(more?.heading, undefined);
  assert.deepEqual([more?.repetition?.basis, more?.help?.basis], ['inferred', 'stated']);
});
