import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parseArgs } from 'node:util';
import { cac } from 'cac';
import { Command, Option } from 'commander';
import { audit, readDocument, readObject } from 'dabbawala';
import { judgeRelations } from 'dabbawala/analysis';
import type { Interface, Command as ModelCommand } from 'dabbawala/model';
import { documentYaml } from 'dabbawala/writers';
import yargs from 'yargs';
import { optionLine } from '../support/read-text.ts';
import { commandAt } from '../support/read-yaml.ts';

function read(object: unknown, program?: string): Interface {
  const { interface: cli, problems } = readObject(object, { program });
  assert.deepEqual(problems, []);
  assert.ok(cli !== undefined);
  audit([cli]);
  return cli;
}

const lines = (command: ModelCommand) => command.options.items.map(optionLine);

const operands = (command: ModelCommand) =>
  command.operands.items.map(({ name, count, word, help }) => [
    name,
    count?.value.least,
    count?.value.most,
    word.values?.value.map(({ value }) => value).join() ?? '',
    help?.value ?? '',
  ]);

test('a commander program is read with options, arguments, allowed values, defaults and subcommands', () => {
  const program = new Command('tiffin')
    .version('1.4')
    .description('keep the books')
    .option('-c, --config <file>', 'read settings from file', 'tiffin.conf')
    .option('--colour [when]', 'use colours')
    .option('--no-colour', 'use none')
    .enablePositionalOptions();
  program
    .command('box')
    .alias('b')
    .description('list the boxes')
    .argument('<day>', 'day of the boxes')
    .argument('[owners...]', 'owners of boxes')
    .addOption(
      new Option('-s, --sort <key>', 'sort by key')
        .choices(['owner', 'quay'])
        .default('owner')
        .env('TIFFIN_SORT'),
    )
    .addOption(new Option('-l, --late', 'late ones only').conflicts('sort'))
    .requiredOption('-k, --kitchen <name>', 'kitchen');
  const cli = read(program);
  assert.equal(cli.version?.value, '1.4');
  assert.deepEqual(lines(cli.root), [
    '-V --version: output the version number',
    '-c --config mandatory <file> =tiffin.conf: read settings from file',
    '--colour !--no-colour optional [when]: use colours'.replace('[when]', 'when'),
    '-h --help: display help for command',
  ]);
  assert.deepEqual(
    cli.root.commands.items.map(({ names }) => names.map(({ text }) => text)),
    [['box', 'b'], ['help']],
  );
  const box = commandAt(cli, 'box');
  assert.deepEqual(lines(box), [
    '-s --sort mandatory <key> {owner,quay} =owner: sort by key',
    '-l --late: late ones only',
    '-k --kitchen mandatory <name>: kitchen',
    '-h --help: display help for command',
  ]);
  assert.deepEqual(operands(box), [
    ['day', 1, 1, '', 'day of the boxes'],
    ['owners', 0, null, '', 'owners of boxes'],
  ]);
  assert.deepEqual(
    box.options.items.map(({ required, environment }) => [required?.value, environment[0]?.value]),
    [
      [false, 'TIFFIN_SORT'],
      [false, undefined],
      [true, undefined],
      [false, undefined],
    ],
  );
  assert.deepEqual(
    box.relations.map(({ kind, subject, members }) => [kind, subject?.name, members.map(({ name }) => name)]),
    [['excludes', '--late', ['--sort']]],
  );
  assert.equal(cli.root.rules.operandOrder?.value, 'options-before-subcommand');
  assert.deepEqual(judgeRelations({ command: box, line: [cli.root, box], path: [] }).neverUsable, []);
});

test('a yargs program is read with options, arguments, allowed values, defaults and subcommands', () => {
  const program = yargs([])
    .scriptName('tiffin')
    .option('config', {
      alias: 'c',
      type: 'string',
      default: 'tiffin.conf',
      describe: 'read settings from file',
    })
    .option('verbose', { alias: 'v', type: 'count', describe: 'say more' })
    .command(['box <day> [owners..]', 'b'], 'list the boxes', (builder) =>
      builder
        .positional('day', { choices: ['monday', 'tuesday'], describe: 'day of the boxes' })
        .option('sort', { alias: 's', choices: ['owner', 'quay'], default: 'owner', describe: 'sort by key' })
        .option('late', { type: 'boolean', describe: 'late ones only', conflicts: 'sort' })
        .demandOption('late')
        .command('map <town>', 'draw a map', { scale: { type: 'number', describe: 'scale of the map' } }),
    )
    .strict();
  const cli = read(program);
  assert.deepEqual(lines(cli.root), [
    '--help: Show help',
    '--version: Show version number',
    '-c --config mandatory ? =tiffin.conf: read settings from file',
    '-v --verbose: say more',
  ]);
  assert.equal(cli.root.options.items[3]?.repetition?.value, 'counted');
  const box = commandAt(cli, 'box');
  assert.deepEqual(
    box.names.map(({ text }) => text),
    ['box', 'b'],
  );
  assert.deepEqual(lines(box), [
    '-s --sort mandatory ? {owner,quay} =owner: sort by key',
    '--late: late ones only',
  ]);
  assert.equal(box.options.items[1]?.required?.value, true);
  assert.deepEqual(operands(box), [
    ['day', 1, 1, 'monday,tuesday', 'day of the boxes'],
    ['owners', 0, null, '', ''],
  ]);
  assert.deepEqual(
    box.relations.map(({ kind, subject }) => [kind, subject?.name]),
    [['excludes', '--late']],
  );
  const map = commandAt(cli, 'box', 'map');
  assert.deepEqual(lines(map), ['--scale mandatory ?: scale of the map']);
  assert.equal(cli.root.rules.unknownOptions?.value, 'refused');
});

test('a command of a cac program that has no name cannot be called, and is none', () => {
  const program = cac('tiffin');
  const box = program.command('box', 'list the boxes');
  const lid = program.command('lid', 'list the lids');
  Object.assign(box, { name: undefined });
  Object.assign(lid, { name: '  ' });
  program.command('day', 'list the days');
  const cli = read(program);
  assert.deepEqual(
    cli.root.commands.items.map(({ names }) => names[0]?.text),
    ['day'],
  );
  assert.deepEqual(readDocument({ name: 'written', text: documentYaml(cli) }).problems, []);
});

test('a cac program is read with options, arguments, defaults and subcommands', () => {
  const program = cac('tiffin');
  program.option('-c, --config <file>', 'read settings from file', { default: 'tiffin.conf' });
  program
    .command('box <day> [...owners]', 'list the boxes')
    .alias('b')
    .option('--late', 'late ones only')
    .option('--no-map', 'draw no map')
    .option('--sort [key]', 'sort by key');
  program.command('', 'keep the books').option('-q, --quiet', 'say nothing');
  program.help();
  program.version('1.4');
  const cli = read(program);
  assert.equal(cli.version?.value, '1.4');
  assert.deepEqual(lines(cli.root), [
    '-c --config mandatory <file> =tiffin.conf: read settings from file',
    '-h --help: Display this message',
    '-v --version: Display version number',
    '-q --quiet: say nothing',
  ]);
  const box = commandAt(cli, 'b');
  assert.deepEqual(lines(box), [
    '--late: late ones only',
    '--no-map: draw no map',
    '--sort optional key: sort by key',
  ]);
  assert.deepEqual(operands(box), [
    ['day', 1, 1, '', ''],
    ['owners', 0, null, '', ''],
  ]);
});

test('a configuration of parseArgs is read, and its rules are those of the real parser', () => {
  const config = {
    options: {
      sort: { type: 'string', short: 's', default: 'owner' },
      owner: { type: 'string', multiple: true },
      late: { type: 'boolean' },
    },
    allowPositionals: true,
    allowNegative: true,
  } as const;
  const cli = read(config, 'tiffin');
  assert.deepEqual(lines(cli.root), [
    '-s --sort mandatory ? =owner: ',
    '--owner mandatory ?: ',
    '--late !--no-late: ',
  ]);
  const given = (...args: string[]) => parseArgs({ ...config, args }).values;
  assert.deepEqual(given('-squay', '--no-late', '--owner=a', '--owner', 'b'), {
    __proto__: null,
    sort: 'quay',
    late: false,
    owner: ['a', 'b'],
  });
  assert.equal(cli.root.rules.optionAbbreviations?.value, false);
  assert.throws(() => given('--lat'), /Unknown option/);
});

test('objects of another shape are a problem, and names such as __proto__ are ordinary', () => {
  for (const object of [undefined, null, 1, 'x', {}, [], { options: {} }, { commands: [] }, () => 1]) {
    const { interface: cli, problems } = readObject(object);
    assert.equal(cli, undefined);
    assert.equal(problems[0]?.code, 'object-unknown');
  }
  const odd = JSON.parse('{"options":{"__proto__":{"type":"boolean"},"constructor":{"type":"string"}}}');
  assert.deepEqual(lines(read(odd).root), ['--__proto__: ', '--constructor mandatory ?: ']);
});
