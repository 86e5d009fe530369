import { cellCode, codeBlock, inlineCode, plainText } from '../../markdown/markdown-text.ts';
import type { Deprecation } from '../../model/argument.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { Knowable } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';
import type { Relation } from '../../model/relation.ts';
import { shownPart } from '../../model/shown-part.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { notationsOf } from '../../notation/option-notation.ts';
import { wordNotes } from './describe-word.ts';

/**
 * An interface as a reference in Markdown, ending in a newline: a section for each command that is described and not hidden,
 * with usage, operands, options, subcommands and examples.
 */
export function referenceMarkdown(cli: Interface): string {
  const { program, version } = cli;
  const title = version === undefined ? program.value : `${program.value} ${version.value}`;
  const commands = [...walkCommands(shownPart(cli))].filter(isShown);
  const parts = [
    `# ${plainText(title)}`,
    ...commands.flatMap((at) => commandParts(at)),
    ...programParts(cli),
  ];
  return `${parts.join('\n\n')}\n`;
}

function isShown({ line, command, path }: CommandAt): boolean {
  const isHidden = line.some((one) => one.hidden?.value === true);
  return !isHidden && (path.length === 1 || command.described || command.commands.items.length > 0);
}

function commandParts({ command, path }: CommandAt): string[] {
  const parts: string[] = [];
  if (path.length > 1) parts.push(`## ${plainText(path.join(' '))}`);
  const aliases = command.names.slice(1).map(({ text }) => inlineCode(text));
  const text = command.description ?? command.summary;
  if (text !== undefined) parts.push(plainText(text.value));
  if (aliases.length > 0) parts.push(`Also called ${aliases.join(', ')}.`);
  if (command.deprecated !== undefined) parts.push(`${deprecationText(command.deprecated)}.`);
  if (command.forms.length > 0) parts.push(codeBlock(command.forms.map((form) => form.text)));
  parts.push(
    ...table('Operand', command.operands.items.map(operandRow)),
    ...table('Option', command.options.items.filter(({ hidden }) => hidden?.value !== true).map(optionRow)),
  );
  const relations = command.relations.map((relation) => `- ${relationText(relation)}`);
  if (relations.length > 0) parts.push(relations.join('\n'));
  parts.push(
    ...table(
      'Command',
      command.commands.items.filter(({ hidden }) => hidden?.value !== true).map(commandRow),
    ),
  );
  if (command.examples.length > 0) {
    parts.push('Examples:', codeBlock(command.examples.map(({ commandLine }) => commandLine)));
  }
  return parts;
}

type Row = readonly [string, string];

function table(title: string, rows: readonly Row[]): string[] {
  if (rows.length === 0) return [];
  return [
    [
      `| ${title} | Meaning |`,
      '| --- | --- |',
      ...rows.map(([left, right]) => `| ${left} | ${right} |`),
    ].join('\n'),
  ];
}

function optionRow(option: Option): Row {
  const [notation] = notationsOf(option);
  const text = notation?.text ?? option.names.map((name) => name.text).join(', ');
  const words = option.argument?.value.words ?? [];
  const notes = words.flatMap((word) => wordNotes(word, option.help?.value));
  if (option.required?.value === true) notes.push('required');
  if (option.repetition !== undefined) notes.push(REPETITIONS[option.repetition.value]);
  if (option.environment.length > 0) {
    notes.push(`environment: ${option.environment.map(({ value }) => cellCode(value)).join(', ')}`);
  }
  if (option.sameAs !== undefined) {
    const { option: other, value } = option.sameAs.value;
    notes.push(`same as ${cellCode(value === undefined ? other : `${other}=${value}`)}`);
  }
  if (option.deprecated !== undefined) notes.push(deprecationText(option.deprecated));
  return [cellCode(text), meaning(option.help, notes)];
}

const REPETITIONS = {
  refused: 'may be given once',
  'last-wins': 'the last one wins',
  'all-count': 'may be given several times',
  counted: 'counts how often it is given',
} as const;

function operandRow(operand: Operand): Row {
  const notes = wordNotes(operand.word, operand.help?.value);
  const { count } = operand;
  if (count !== undefined) {
    const { least, most } = count.value;
    if (most === null) notes.push(least === 0 ? 'any number' : `${least} or more`);
    else if (least === 0) notes.push('optional');
    else if (most > 1) notes.push(least === most ? `${least} words` : `${least} to ${most} words`);
  }
  if (operand.kind === 'command-line') notes.push('the rest is a command line of its own');
  const name = operand.kind === 'keyword' ? `${operand.name}=` : operand.name;
  return [cellCode(operand.word.placeholder?.value ?? name), meaning(operand.help, notes)];
}

function commandRow(command: Command): Row {
  return [cellCode(commandName(command)), meaning(command.summary, [])];
}

function meaning(help: Knowable<string>, notes: readonly string[]): string {
  const rest = notes.join('; ');
  if (help === undefined) return rest;
  return rest === '' ? plainText(help.value) : `${plainText(help.value)} (${rest})`;
}

function deprecationText({ value }: { readonly value: Deprecation }): string {
  const since = value.since === undefined ? '' : ` since ${plainText(value.since.value)}`;
  const instead = value.replacedBy === undefined ? '' : `, use ${cellCode(value.replacedBy.value)} instead`;
  return `deprecated${since}${instead}`;
}

function relationText({ kind, subject, members }: Relation): string {
  const named = members.map(({ name, value }) => inlineCode(value === undefined ? name : `${name}=${value}`));
  const listed = named.join(', ');
  const asking = subject === undefined ? '' : inlineCode(subject.name);
  switch (kind) {
    case 'exactly-one':
      return `Exactly one of ${listed} must be given.`;
    case 'at-most-one':
      return `At most one of ${listed} may be given.`;
    case 'at-least-one':
      return `At least one of ${listed} must be given.`;
    case 'all-or-none':
      return `Either all of ${listed} are given, or none.`;
    case 'requires':
      return `${asking} requires ${listed}.`;
    case 'excludes':
      return `${asking} excludes ${listed}.`;
    case 'later-wins':
      return `Of ${listed}, the last one given wins.`;
  }
}

function programParts(cli: Interface): string[] {
  const parts: string[] = [];
  const section = (title: string, heading: string, rows: readonly Row[]) => {
    if (rows.length > 0) parts.push(`## ${title}`, ...table(heading, rows));
  };
  section(
    'Environment',
    'Variable',
    cli.environment.map(({ name, help }): Row => [cellCode(name), meaning(help, [])]),
  );
  section(
    'Files',
    'File',
    cli.files.map(({ path, help }): Row => [cellCode(path), meaning(help, [])]),
  );
  section(
    'Exit status',
    'Status',
    cli.exitStatuses.map(
      ({ from: least, to, help }): Row => [
        least === to ? `${least}` : `${least} to ${to}`,
        meaning(help, []),
      ],
    ),
  );
  if (cli.seeAlso.length > 0) {
    parts.push('## See also', cli.seeAlso.map(({ value }) => `- ${plainText(value)}`).join('\n'));
  }
  if (cli.bugAddress !== undefined) parts.push('## Bugs', plainText(cli.bugAddress.value));
  return parts;
}
