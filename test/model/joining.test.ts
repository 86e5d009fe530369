import assert from 'node:assert/strict';
import { test } from 'node:test';
import { extendInterface, joinInterfaces, readHelp, readObject } from 'dabbawala';
import type { Interface, Option } from 'dabbawala/model';
import { readText } from '../support/read-text.ts';
import { commandAt, readYaml } from '../support/read-yaml.ts';

const HELP = `Usage: tiffin box list [OPTION]... [DAY]
List the boxes of DAY.

  -s, --sort=KEY   sort by KEY (default: owner)
  -a, --all        list returned boxes too
      --map        draw the way of each box
`;

function joined(...views: Interface[]): Interface {
  const [one, ...others] = joinInterfaces(views);
  assert.deepEqual(others, []);
  assert.ok(one !== undefined);
  return one;
}

const option = (cli: Interface, name: string, ...path: string[]): Option | undefined =>
  commandAt(cli, ...path).options.items.find(({ names }) => names.some(({ text }) => text === name));

test('views of one command are joined fact by fact: the document first, the help for what it does not say', () => {
  const document = readYaml(
    'commands:\n  box:\n    commands:\n      list:\n        options:\n          --sort=ORDER:\n            argument: {values: [owner, quay]}\n            required: false\n',
  );
  for (const views of [
    [document, readText(HELP)],
    [readText(HELP), document],
  ]) {
    const cli = joined(...views);
    const sort = option(cli, '--sort', 'box', 'list');
    assert.deepEqual(
      sort?.names.map(({ text }) => text),
      ['--sort', '-s'],
    );
    const [word] = sort?.argument?.value.words ?? [];
    assert.equal(word?.placeholder?.value, 'ORDER');
    assert.deepEqual(
      word?.values?.value.map(({ value }) => value),
      ['owner', 'quay'],
    );
    assert.equal(word?.default?.value, 'owner');
    assert.equal(sort?.help?.value, 'sort by KEY (default: owner)');
    assert.equal(sort?.required?.value, false);
    assert.equal(commandAt(cli, 'box', 'list').options.items.length, 3);
    assert.equal(cli.sources.length, 2);
  }
});

test('what one view infers gives way to what another states, whatever their kinds', () => {
  const document = readYaml('options:\n  --map: {argument: none, inferred: [argument]}\n');
  const help = readText('Usage: tiffin\n\n  --map=TOWN  draw a map of TOWN\n');
  assert.equal(option(joined(document, help), '--map')?.argument?.value.presence, 'mandatory');
  const stated = readYaml('options:\n  --map: draw a map\n');
  assert.equal(option(joined(help, stated), '--map')?.argument?.value.presence, 'none');
});

test('the synopsis of the help of a command counts before that of a list, whichever comes first', () => {
  const list = readText(
    'Usage: tiffin box <command>\n\nCommands:\n  list [day]   list boxes\n  open <box>   open one\n',
  );
  for (const views of [
    [list, readText(HELP)],
    [readText(HELP), list],
  ]) {
    const cli = joined(...views);
    const shown = (name: string) => commandAt(cli, 'box', name).forms.map(({ text }) => text);
    assert.deepEqual(shown('list'), ['tiffin box list [OPTION]... [DAY]']);
    assert.deepEqual(shown('open'), ['open <box>']);
  }
});

test('two options that one view tells apart stay two, and each gets its own view', () => {
  const document = readYaml('options:\n  -b, --bicycle: by bicycle\n  -b, --breakfast: before eight\n');
  const help = readText('Usage: tiffin\n\n  -b, --breakfast  early\n  -b, --bicycle    slow\n');
  const cli = joined(document, help);
  assert.deepEqual(
    cli.root.options.items.map(({ names, help: text }) => [
      names.map((name) => name.text).join(),
      text?.value,
    ]),
    [
      ['-b,--bicycle', 'by bicycle'],
      ['-b,--breakfast', 'before eight'],
    ],
  );
});

test('a list is whole where one of its views is, and unknown where one is only a part', () => {
  const whole = readYaml('complete: true\noptions:\n  --all: x\n');
  const part = readYaml('complete: false\noptions:\n  --map: y\n');
  const open = readYaml('options:\n  --late: z\n');
  assert.equal(joined(whole, part).root.options.complete?.value, true);
  assert.equal(joined(part, open).root.options.complete, undefined);
  assert.equal(joined(part, part).root.options.complete?.value, false);
});

test('a parser object gives way to a document and goes before help', () => {
  const { interface: object } = readObject(
    { options: { sort: { type: 'string', default: 'quay' } } },
    { program: 'tiffin' },
  );
  assert.ok(object !== undefined);
  const help = readText('Usage: tiffin\n\n  --sort=KEY  sort by KEY (default: owner)\n');
  const [word] = option(joined(help, object), '--sort')?.argument?.value.words ?? [];
  assert.deepEqual([word?.default?.value, word?.placeholder?.value], ['quay', 'KEY']);
});

test('programs with different names are a family', () => {
  const other = readHelp({ name: 'x', text: 'Usage: boxsort [-q]\n\n  -q  quiet\n' }).interface;
  assert.ok(other !== undefined);
  const family = joinInterfaces([readYaml('options:\n  -q: x\n'), other, readYaml('options:\n  -v: y\n')]);
  assert.deepEqual(
    family.map(({ program, root }) => [program.value, root.options.items.length]),
    [
      ['tiffin', 2],
      ['boxsort', 1],
    ],
  );
});

test('an extension adds options and commands at their paths, and joins none', () => {
  const base = readYaml(
    'complete: true\ncommands:\n  box:\n    summary: boxes\n    options:\n      -s, --sort: sort\n',
  );
  const extension = readYaml(
    'extends: tiffin\ncommands:\n  box:\n    options:\n      -s, --ship: by ship\n    commands:\n      pilot: send a pilot\n  tide: show the tide\n',
  );
  const cli = extendInterface(base, extension);
  assert.deepEqual(
    commandAt(cli, 'box').options.items.map(({ names }) => names.map(({ text }) => text).join()),
    ['-s,--sort', '-s,--ship'],
  );
  assert.equal(commandAt(cli, 'box', 'pilot').summary?.value, 'send a pilot');
  assert.equal(commandAt(cli, 'tide').summary?.value, 'show the tide');
  assert.equal(commandAt(cli, 'box').options.complete?.value, true);
  const twice = extendInterface(base, readYaml('extends: tiffin\ncommands:\n  box: other boxes\n'));
  assert.equal(twice.root.commands.items.length, 2, 'a command that both declare stands twice');
});
