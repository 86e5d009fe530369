import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { annotateHelp, readHelp } from 'dabbawala';
import type { Command, Interface, Operand } from 'dabbawala/model';
import { parse } from 'yaml';
import { optionLine } from '../support/read-text.ts';

const LAYOUTS = join(import.meta.dirname, 'layouts');

/** What a fixture may expect; what it leaves out is not looked at. */
interface Expected {
  /** The names of the command that the text is about. */
  readonly names?: string[];
  /** What the text says that the command does. */
  readonly summary?: string;
  readonly forms?: number;
  /** Each option in one line, as `optionLine` writes it. */
  readonly options?: string[];
  readonly required?: string[];
  readonly ranges?: Record<string, string>;
  /** The environment variables of options. */
  readonly environment?: Record<string, string>;
  /** The summary of each command; its path, and its aliases behind commas, are the key. */
  readonly commands?: Record<string, string | null>;
  /** The options of commands below the one described, by their paths. */
  readonly below?: Record<string, string[]>;
  /** The synopses that a list shows for commands, by their paths, each with its operands. */
  readonly synopses?: Record<string, string>;
  /** The operands of the first form, each with its count. */
  readonly operands?: string[];
  /** The operands that a list describes, each with its count where the list tells it. */
  readonly listed?: string[];
  /** The environment variables, each with its text. */
  readonly variables?: Record<string, string | null>;
  /** The codes of the problems; without it there are none. */
  readonly problems?: string[];
  /** The allowed values of the operands that a list has, by their names. */
  readonly values?: Record<string, string>;
  /** The exit statuses, or ranges of them, each with its text. */
  readonly statuses?: Record<string, string | null>;
  /** The numbers of the lines that have a role, counted from 1. */
  readonly roles?: Record<string, number[]>;
}

function describedCommand(command: Command): Command {
  const below = command.commands.items.find(
    (one) => one.described || one.commands.items.some((two) => two.described),
  );
  return command.described || below === undefined ? command : describedCommand(below);
}

function summaries(command: Command, path: readonly string[] = []): [string, string | null][] {
  return command.commands.items.flatMap((below) => {
    const [name = '', ...aliases] = below.names.map(({ text }) => text);
    const key = [[...path, name].join(' '), ...aliases].join(', ');
    return [
      [key, below.summary?.value ?? null] as [string, string | null],
      ...summaries(below, [...path, name]),
    ];
  });
}

function synopses(command: Command, path: readonly string[] = []): [string, string][] {
  return command.commands.items.flatMap((below) => {
    const own = [...path, below.names[0]?.text ?? ''];
    const shown = below.forms.map(
      ({ text, operands }) =>
        [own.join(' '), [text, ...operands.map((one) => counted(one) ?? one.name)].join('; ')] as [
          string,
          string,
        ],
    );
    return [...shown, ...synopses(below, own)];
  });
}

function optionsBelow(command: Command, path: readonly string[] = []): [string, string[]][] {
  return command.commands.items.flatMap((below) => {
    const own = [...path, below.names[0]?.text ?? ''];
    const options = below.options.items.map(optionLine);
    return [[own.join(' '), options] as [string, string[]], ...optionsBelow(below, own)].filter(
      ([, lines]) => lines.length > 0,
    );
  });
}

/** `FILE 1..any`; undefined where it is not told how often the operand may stand. */
function counted({ name, count }: Operand): string | undefined {
  return count && `${name} ${count.value.least}..${count.value.most ?? 'any'}`;
}

function readAs(cli: Interface): Required<Omit<Expected, 'problems' | 'roles'>> {
  const command = describedCommand(cli.root);
  const options = command.options.items;
  return {
    names: command.names.map(({ text }) => text),
    summary: command.description?.value ?? '',
    forms: command.forms.length,
    options: options.map(optionLine),
    required: options.flatMap(({ required, names }) => (required?.value ? [names.at(-1)?.text ?? ''] : [])),
    ranges: Object.fromEntries(
      options.flatMap(({ names, argument }) => {
        const range = argument?.value.words.at(-1)?.range?.value;
        return range === undefined
          ? []
          : [[names.at(-1)?.text ?? '', `${range.least ?? ''}..${range.most ?? ''}`]];
      }),
    ),
    environment: Object.fromEntries(
      options.flatMap(({ names, environment }) =>
        environment.length === 0
          ? []
          : [[names.at(-1)?.text ?? '', environment.map(({ value }) => value).join()]],
      ),
    ),
    commands: Object.fromEntries(summaries(command)),
    below: Object.fromEntries(optionsBelow(command)),
    synopses: Object.fromEntries(synopses(command)),
    operands: (command.forms[0]?.operands ?? []).map((operand) => counted(operand) ?? `${operand.name} ?..?`),
    listed: command.operands.items.map((operand) => counted(operand) ?? operand.name),
    values: Object.fromEntries(
      command.operands.items.flatMap(({ name, word: { values } }) =>
        values === undefined ? [] : [[name, values.value.map(({ value }) => value).join()]],
      ),
    ),
    variables: Object.fromEntries(cli.environment.map(({ name, help }) => [name, help?.value ?? null])),
    statuses: Object.fromEntries(
      cli.exitStatuses.map(({ from: first, to, help }) => [
        first === to ? `${first}` : `${first}..${to}`,
        help?.value ?? null,
      ]),
    ),
  };
}

for (const name of readdirSync(LAYOUTS).sort()) {
  test(`layout: ${name.replaceAll('-', ' ')}`, () => {
    const text = readFileSync(join(LAYOUTS, name, 'help.txt'), 'utf8');
    const {
      problems: codes = [],
      roles = {},
      ...expected
    } = parse(readFileSync(join(LAYOUTS, name, 'expected.yaml'), 'utf8')) as Expected;
    const { interface: cli, problems } = readHelp({ name: 'help.txt', text });
    assert.deepEqual(
      problems.map(({ code }) => code),
      codes,
    );
    assert.ok(cli !== undefined);
    const read = readAs(cli);
    const looked = Object.keys(expected) as (keyof typeof expected)[];
    assert.deepEqual(Object.fromEntries(looked.map((key) => [key, read[key]])), expected);
    const { lines } = annotateHelp({ name: 'help.txt', text });
    for (const [role, numbers] of Object.entries(roles))
      assert.deepEqual(
        lines.flatMap((one) => (one.role === role ? [one.line] : [])),
        numbers,
        role,
      );
  });
}
