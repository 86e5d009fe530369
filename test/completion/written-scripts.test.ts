import assert from 'node:assert/strict';
import { test } from 'node:test';
import { joinInterfaces, readDocument } from 'dabbawala';
import { type Interface, SHELLS } from 'dabbawala/model';
import { bashCompletion, fishCompletion, zshCompletion } from 'dabbawala/writers';
import fc from 'fast-check';
import { assertExact, observeWritten, offeredBehind } from '../support/completion.ts';
import { demoSources } from '../support/demo-sources.ts';
import { absent } from '../support/programs.ts';
import { readYaml } from '../support/read-yaml.ts';

const DOCUMENTS = [
  'demo/tiffin-2.0/tiffin.yaml',
  'demo/rounds/rounds.yaml',
  'demo/washup/washup.yaml',
  'dabbawala.yaml',
];

for (const shell of SHELLS) {
  test(`${shell} offers exactly what the programs of the demo and this one have`, {
    skip: absent(shell),
  }, async () => {
    for (const name of DOCUMENTS) {
      const [cli] = joinInterfaces(demoSources([name]));
      assert.ok(cli !== undefined);
      assertExact(cli, await observeWritten(shell, cli));
    }
  });
}

/** Texts that mean something to a shell or to its completion. */
const hostile = fc.oneof(
  fc.constantFrom(
    "it's",
    'say "no"',
    '$HOME and `id`',
    '$(id)',
    'a:b',
    '[x] (y) {z}',
    'a\\b',
    '*?~!',
    '; rm',
    '%s \t tab',
    'é 漢 🍱',
    "'",
    '\\',
    ':',
    '-- ends',
    'a;b&c|d>e',
  ),
  fc.string({ minLength: 1, maxLength: 12 }),
);
const value = fc.oneof(
  fc.stringMatching(/^[a-z][a-z0-9-]{0,6}$/),
  fc.constantFrom(
    "it's",
    'a b',
    'x:y',
    '$HOME',
    '`id`',
    'a\\b',
    '*',
    'q"q',
    '(p)',
    'é',
    '~',
    'a=b',
    '#1',
    '[x]',
    '{a,b}',
    '!',
    '%d',
    '^',
  ),
);
const description = hostile.map((text) => JSON.stringify(`${text} `.trim() === '' ? 'none' : text));

interface Generated {
  readonly letter: string;
  readonly name: string;
  readonly text: string;
  readonly values: readonly string[] | undefined;
}

const option: fc.Arbitrary<Generated> = fc.record({
  letter: fc.stringMatching(/^[a-zA-Z0-9]$/),
  name: fc.stringMatching(/^[a-z][a-z0-9]{1,5}(-[a-z]{1,4})?$/),
  text: description,
  values: fc.option(fc.uniqueArray(value, { minLength: 1, maxLength: 4 }), { nil: undefined }),
});

function optionLines(options: readonly Generated[], indent: string): string[] {
  return options.map(({ letter, name, text, values }, i) => {
    const names = i % 3 === 0 ? `--${name}` : `-${letter}, --${name}`;
    if (values === undefined) return `${indent}? "${names}"\n${indent}: {help: ${text}}`;
    const listed = values.map((one) =>
      i % 2 === 0 ? JSON.stringify(one) : `${JSON.stringify(one)}: ${text}`,
    );
    const all = i % 2 === 0 ? `[${listed.join(', ')}]` : `{${listed.join(', ')}}`;
    return `${indent}? "${names}=VALUE"\n${indent}: {help: ${text}, argument: {values: ${all}}}`;
  });
}

const options = fc.uniqueArray(option, {
  minLength: 1,
  maxLength: 6,
  comparator: (a, b) => a.letter === b.letter || a.name === b.name,
});
const commandName = fc.stringMatching(/^[a-z]{1,5}(:[a-z]{1,4})?$/);

const generated: fc.Arbitrary<Interface> = fc
  .record({
    options,
    commands: fc.uniqueArray(fc.tuple(commandName, description, options, fc.boolean()), {
      maxLength: 4,
      selector: ([name]) => name,
    }),
  })
  .map(({ options: own, commands }) => {
    const lines = ['complete: true', 'options:', ...optionLines(own, '  ')];
    if (commands.length > 0) lines.push('commands:');
    for (const [name, text, below, isNested] of commands) {
      lines.push(`  "${name}":`, `    summary: ${text}`, '    options:', ...optionLines(below, '      '));
      if (isNested)
        lines.push('    commands:', '      deep:', '        options:', ...optionLines(below, '          '));
    }
    return readDocument({
      name: 'tiffin.yaml',
      text: `dabbawala: 1\nprogram: tiffin\n${lines.join('\n')}\n`,
    });
  })
  .map(({ interface: cli, problems }) => {
    assert.deepEqual(problems, []);
    assert.ok(cli !== undefined);
    return cli;
  });

for (const shell of SHELLS) {
  test(`${shell} offers exactly what 50 generated interfaces have, with texts and values that mean something to it`, {
    skip: absent(shell),
  }, async () => {
    await fc.assert(
      fc.asyncProperty(generated, async (cli) => assertExact(cli, await observeWritten(shell, cli))),
      { numRuns: 50, endOnFailure: true },
    );
  });
}

test('options are used up, exclude each other and end at --, and arguments are offered behind theirs', {
  skip: SHELLS.map(absent).find((reason) => reason !== false) ?? false,
}, async () => {
  const cli = readYaml(
    'complete: true\nparsing: {grouping: true, operand-order: mixed}\noptions:\n' +
      '  -a, --all: list all\n  -b, --brief: be brief\n  -f, --full: say all\n' +
      '  -s, --sort=KEY: {help: sort by KEY, argument: {values: [owner, quay]}}\n' +
      '  --skip=BOX: {help: leave BOX out, argument: {type: text}, repetition: all-count}\n' +
      'relations:\n  - at-most-one: [--brief, --full]\noperands:\n  DAY: {help: the day, argument: {values: [monday, friday]}}\n'.replace(
        'argument: {values: [monday, friday]}',
        'values: [monday, friday], count: 1',
      ),
  );
  const all = ['--all', '--brief', '--full', '--skip', '--sort', '-a', '-b', '-f', '-s'];
  const without = (...gone: string[]) => all.filter((name) => !gone.includes(name));
  const long = (names: readonly string[]) => names.filter((name) => name.startsWith('--'));
  const cases: [line: string[], offered: string[]][] = [
    [['--'], long(all)],
    [['--all', '--'], long(without('--all'))],
    [['-a', '--'], long(without('--all'))],
    [['--brief', '--'], long(without('--brief', '--full'))],
    [['-ab', '--'], long(without('--all', '--brief', '--full'))],
    [['--skip', 'x', '--'], long(all)],
    [['--sort', 'o'], ['owner']],
    [
      ['-s', ''],
      ['owner', 'quay'],
    ],
    [['--sort', 'owner', '--'], long(without('--sort'))],
    [['--', '-'], []],
    [['--', 'f'], ['friday']],
    [['--al'], ['--all']],
  ];
  for (const shell of SHELLS) {
    const offered = await offeredBehind(
      shell,
      cli,
      cases.map(([line]) => line),
    );
    for (const [i, [line, expected]] of cases.entries())
      assert.deepEqual(
        offered[i]?.map((one) => one.replace(/=$/, '')),
        expected,
        `${shell}: tiffin ${line.join(' ')}`,
      );
  }
});

test('a text that is too long is cut between two characters, in one line', () => {
  for (const start of ['', 'x']) {
    const cli = readYaml(`options:
  - { names: [--late], help: "${start}${'🍱'.repeat(200)}" }
  - { names: [--rinse], help: "${'first words\\n '.repeat(30)}" }
`);
    for (const script of [zshCompletion(cli), fishCompletion(cli)]) {
      assert.match(script, new RegExp(`${start}(?:🍱){49}…`, 'u'));
      assert.match(script, /(?:first words ){8}fir…/u);
      assert.doesNotMatch(script, /\p{Cs}/u);
    }
    assert.doesNotMatch(bashCompletion(cli), /\p{Cs}/u);
  }
});
