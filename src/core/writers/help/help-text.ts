import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import { shownPart } from '../../model/shown-part.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { notationsOf } from '../../notation/option-notation.ts';
import { printable } from '../../source/printable.ts';
import { textWidth } from '../../source/text-width.ts';
import { wrapText } from '../../source/text-wrap.ts';
import { saysValues } from '../says-values.ts';

/** Lines are this wide at most, in columns, where nothing else is asked. */
const WIDTH = 80;

/** Texts begin at this column at most; longer names stand in a line of their own. */
const MOST_BEFORE_TEXT = 30;

/**
 * An interface as the help output of its program, in the layout of the GNU Coding Standards 4.8.2, ending in a newline: what a script prints as its usage
 * text. A command with subcommands is followed by the help of each that is described.
 */
export function helpText(cli: Interface, width: number = WIDTH): string {
  const commands = [...walkCommands(shownPart(cli))].filter(isShown);
  const parts = commands.map((at) => commandHelp(at, width));
  const { bugAddress } = cli;
  if (bugAddress !== undefined) parts.push(`Report bugs to ${printable(bugAddress.value)}.`);
  return `${parts.join('\n\n')}\n`;
}

function isShown({ line, command, path }: CommandAt): boolean {
  return !line.some(({ hidden }) => hidden?.value === true) && (path.length === 1 || command.described);
}

function commandHelp({ command, path }: CommandAt, width: number): string {
  const text = command.description ?? command.summary;
  const operands = command.operands.items.flatMap(({ name, help }): Row[] =>
    help === undefined ? [] : [[name, help.value]],
  );
  const shown = command.options.items.filter(({ hidden }) => hidden?.value !== true);
  const hasLetters = shown.some(hasLetter);
  const options = shown.map((option) => optionRow(option, hasLetters));
  const commands = command.commands.items
    .filter(({ hidden }) => hidden?.value !== true)
    .map((one): Row => [one.names.map((name) => name.text).join(', '), one.summary?.value ?? '']);
  const lists = [
    list('Operands', operands, width),
    list('Options', options, width),
    list('Commands', commands, width),
    examples(command),
  ];
  const parts = [
    usage(command, path),
    text === undefined ? '' : wrapText(printable(text.value), width, '', ''),
    ...lists,
  ];
  return parts.filter((part) => part !== '').join('\n\n');
}

function usage({ forms }: Command, path: readonly string[]): string {
  const shown = forms.length === 0 ? [path.join(' ')] : forms.map(({ text }) => text);
  return shown.map((text, i) => `${i === 0 ? 'Usage:' : '  or: '} ${printable(text)}`).join('\n');
}

/** What stands in front of a text, and the text. */
type Row = readonly [names: string, text: string];

function hasLetter({ names }: Option): boolean {
  return names.some(({ form }) => form !== 'long');
}

/** An option; among options with letters, long names stand below long names. */
function optionRow(option: Option, hasLetters: boolean): Row {
  const names = withPlaceholder(option) ?? notationsOf(option).next().value?.text ?? namesOf(option);
  return [hasLetters && !hasLetter(option) ? `    ${names}` : names, withNotes(option)];
}

function namesOf({ names }: Option): string {
  return names.map(({ text }) => text).join(', ');
}

/** The names with a placeholder of our own, where an argument follows that no source has a word for; undefined for others. */
function withPlaceholder(option: Option): string | undefined {
  const { presence, words = [] } = option.argument?.value ?? {};
  if (presence === undefined || presence === 'none') return undefined;
  if (words.some(({ placeholder, values, keys }) => placeholder ?? values ?? keys)) return undefined;
  const isLong = option.names.at(-1)?.form === 'long';
  const shown = presence === 'optional' ? (isLong ? '[=VALUE]' : '[VALUE]') : isLong ? '=VALUE' : ' VALUE';
  return namesOf(option) + shown;
}

/** The text of an option, with the values and the default that it does not say. */
function withNotes({ help, argument, required }: Option): string {
  const text = help?.value ?? '';
  const notes = (argument?.value.words ?? []).flatMap(({ values, default: literal }) => {
    const words = (values?.value ?? [])
      .filter(({ hidden }) => hidden?.value !== true)
      .map(({ value }) => value);
    return [
      ...(words.length === 0 || saysValues(text, words) ? [] : [`one of: ${words.join(', ')}`]),
      ...(literal === undefined || text.includes(literal.value) ? [] : [`default: ${literal.value}`]),
    ];
  });
  if (required?.value === true && !/\b(?:required|must)\b/.test(text)) notes.push('required');
  return notes.length === 0 ? text : `${text} (${notes.join('; ')})`.trimStart();
}

function list(title: string, rows: readonly Row[], width: number): string {
  if (rows.length === 0) return '';
  let column = 0;
  for (const [names] of rows) {
    const wanted = textWidth(names) + 4;
    if (wanted <= MOST_BEFORE_TEXT && wanted > column) column = wanted;
  }
  const indent = ' '.repeat(column === 0 ? MOST_BEFORE_TEXT : column);
  const lines = rows.map(([names, text]) => {
    const head = `  ${printable(names)}`;
    if (text === '') return head;
    const gap = indent.length - textWidth(head);
    return gap >= 2
      ? wrapText(printable(text), width, head + ' '.repeat(gap), indent)
      : `${head}\n${wrapText(printable(text), width, indent, indent)}`;
  });
  return `${title}:\n${lines.join('\n')}`;
}

function examples({ examples: shown }: Command): string {
  return shown.length === 0
    ? ''
    : `Examples:\n${shown.map(({ commandLine }) => `  ${printable(commandLine)}`).join('\n')}`;
}
