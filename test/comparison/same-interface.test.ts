import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { joinInterfaces, readDocument } from 'dabbawala';
import { type Comparison, compareInterfaces } from 'dabbawala/analysis';
import type { Command, Interface, Knowable } from 'dabbawala/model';
import { documentJson, documentYaml } from 'dabbawala/writers';
import fc from 'fast-check';
import { arbitraryInterface } from '../support/arbitrary-interface.ts';
import { demoSources } from '../support/demo-sources.ts';
import { readText } from '../support/read-text.ts';
import { ROOT } from '../support/run-dabbawala.ts';

function assertEmpty({ changes, notCompared, release }: Comparison): void {
  assert.deepEqual({ changes, notCompared, release }, { changes: [], notCompared: [], release: 'none' });
}

function read(text: string): Interface {
  const { interface: cli } = readDocument({ name: 'tiffin.yaml', text });
  assert.ok(cli !== undefined, text);
  return cli;
}

test('any interface against itself has no changes, written as YAML or JSON or not', () => {
  fc.assert(
    fc.property(arbitraryInterface, (cli) => {
      assertEmpty(compareInterfaces(cli, cli));
      assertEmpty(compareInterfaces(cli, read(documentYaml(cli))));
      assertEmpty(compareInterfaces(read(documentJson(cli)), cli));
    }),
    { numRuns: 200 },
  );
});

/** The interface with everything in another order whose order does not count, and with texts wrapped elsewhere. */
function shuffled(cli: Interface): Interface {
  const rewrapped = (text: Knowable<string>): Knowable<string> =>
    text && { ...text, value: text.value.replaceAll(' ', '\n    ') };
  const command = (old: Command): Command => ({
    ...old,
    summary: rewrapped(old.summary),
    description: rewrapped(old.description),
    options: {
      ...old.options,
      items: old.options.items
        .map((option) => ({
          ...option,
          help: rewrapped(option.help),
          argument: option.argument && {
            ...option.argument,
            value: {
              ...option.argument.value,
              words: option.argument.value.words.map((word) => ({
                ...word,
                values: word.values && { ...word.values, value: word.values.value.toReversed() },
              })),
            },
          },
        }))
        .reverse(),
    },
    commands: { ...old.commands, items: old.commands.items.map(command).reverse() },
    relations: old.relations
      .map((relation) => ({ ...relation, members: relation.members.toReversed() }))
      .reverse(),
  });
  return {
    ...cli,
    root: command(cli.root),
    environment: cli.environment.toReversed(),
    exitStatuses: cli.exitStatuses.toReversed(),
    files: cli.files.toReversed(),
  };
}

test('an interface against itself in another order, with texts wrapped elsewhere, has no changes', () => {
  for (const name of readdirSync(join(ROOT, 'demo')).filter((one) => one.startsWith('tiffin-'))) {
    const [cli] = joinInterfaces(demoSources([`demo/${name}/tiffin.yaml`]));
    assert.ok(cli !== undefined);
    // Of two options with one letter the first one has it: their order counts.
    const once =
      name === 'tiffin-1.4' ? read(documentYaml(cli).replace('-b, --breakfast', '-e, --breakfast')) : cli;
    assertEmpty(compareInterfaces(once, shuffled(once)));
  }
  for (const name of ['demo/rounds/rounds.yaml', 'dabbawala.yaml']) {
    const [cli] = demoSources([name]);
    assert.ok(cli !== undefined);
    assertEmpty(compareInterfaces(cli, shuffled(cli)));
  }
});

const wordy = fc
  .array(fc.constantFrom('boxes', 'carriers', 'quay', 'of', 'the', 'before', 'noon', 'that'), {
    minLength: 3,
    maxLength: 20,
  })
  .map((words) => words.join(' '));

/** Help output in two columns, its texts wrapped to a width, the second column where it is asked for. */
function helpText(options: readonly (readonly [string, string])[], width: number, column: number): string {
  const lines = ['Usage: tiffin [OPTION]... BOX...', '', 'Options:'];
  for (const [name, text] of options) {
    const wrapped: string[] = [];
    for (const word of text.split(' ')) {
      const last = wrapped.at(-1);
      if (last !== undefined && column + last.length + 1 + word.length <= width)
        wrapped[wrapped.length - 1] = `${last} ${word}`;
      else wrapped.push(word);
    }
    const [first = '', ...others] = wrapped;
    lines.push(`  ${name.padEnd(column - 4)}  ${first}`, ...others.map((line) => ' '.repeat(column) + line));
  }
  return `${lines.join('\n')}\n`;
}

test('help output against itself captured in another width, in another order, has no changes', () => {
  const names = ['-a, --all', '-l, --late=DAYS', '    --route=NAME', '-q, --quiet', '    --quay[=NAME]'];
  fc.assert(
    fc.property(
      fc.array(wordy, { minLength: names.length, maxLength: names.length }),
      fc.integer({ min: 50, max: 80 }),
      fc.integer({ min: 81, max: 200 }),
      fc.integer({ min: 24, max: 34 }),
      (texts, narrow, wide, column) => {
        const options = names.map((name, i) => [name, texts[i] ?? ''] as const);
        const old = readText(helpText(options, narrow, 24));
        const fresh = readText(helpText(options.toReversed(), wide, column));
        assertEmpty(compareInterfaces(old, fresh));
      },
    ),
    { numRuns: 300 },
  );
});
