import type { OptionArgument } from '../../model/argument.ts';
import type { Interface } from '../../model/interface.ts';
import { argumentOf, type Option } from '../../model/option.ts';
import { shownPart } from '../../model/shown-part.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { saysValues } from '../says-values.ts';
import { mdocArgument, mdocLines } from './mdoc-text.ts';

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/**
 * An interface as a manual page in mdoc, section 1, ending in a newline. `date` is the day that stands at its foot, as YYYY-MM-DD: the
 * core has no clock.
 */
export function manualPage(cli: Interface, date: string): string {
  const program = cli.program.value;
  const summary = (cli.root.description?.value ?? cli.root.summary?.value ?? 'no description')
    .replace(/\s+/g, ' ')
    .trim();
  const [first = ''] = summary.split(/(?<=\.) /);
  const shown = [...walkCommands(shownPart(cli))].filter(({ line }) =>
    line.every(({ hidden }) => hidden?.value !== true),
  );
  const [root, ...below] = shown;
  const lines = [
    `.Dd ${dateOf(date)}`,
    `.Dt ${mdocArgument(program.toUpperCase())} 1`,
    '.Os',
    '.Sh NAME',
    `.Nm ${mdocArgument(program)}`,
    `.Nd ${mdocArgument(/^.*[^.\s]/s.exec(first)?.[0] ?? '')}`,
    '.Sh SYNOPSIS',
    ...(root === undefined ? [] : synopsis(root, program)),
    '.Sh DESCRIPTION',
    ...mdocLines(summary),
    ...(root === undefined ? [] : commandLines(root)),
    ...below
      .filter(isTold)
      .flatMap((at) => [
        `.Ss ${mdocArgument(at.path.slice(1).join(' '))}`,
        ...mdocLines(at.command.description?.value ?? at.command.summary?.value ?? ''),
        ...usageLines(at),
        ...commandLines(at),
      ]),
    ...section(
      'ENVIRONMENT',
      cli.environment.map(({ name, help }) => [`Ev ${mdocArgument(name)}`, help?.value]),
    ),
    ...section(
      'FILES',
      cli.files.map(({ path, help }) => [`Pa ${mdocArgument(path)}`, help?.value]),
    ),
    ...section(
      'EXIT STATUS',
      cli.exitStatuses.map(({ from: least, to, help }) => [
        mdocArgument(least === to ? String(least) : `${least} to ${to}`),
        help?.value,
      ]),
    ),
    ...examples(shown),
    ...(cli.seeAlso.length === 0
      ? []
      : ['.Sh SEE ALSO', ...cli.seeAlso.flatMap(({ value }) => mdocLines(value))]),
    ...(cli.bugAddress === undefined
      ? []
      : ['.Sh BUGS', ...mdocLines(`Report bugs to ${cli.bugAddress.value}.`)]),
  ];
  // A paragraph does not begin where a section does.
  const kept = lines.filter((line, i) => line !== '.Pp' || !/^\.S[hs] /.test(lines[i - 1] ?? ''));
  return `${kept.join('\n')}\n`;
}

function dateOf(date: string): string {
  const [year = '', month = '', day = ''] = date.split('-');
  return `${MONTHS[Number(month) - 1] ?? month} ${Number(day)}, ${year}`;
}

function isTold({ command }: CommandAt): boolean {
  return command.described || command.summary !== undefined || command.options.items.length > 0;
}

/** The forms of the program itself; a command line with options where none is known. */
function synopsis({ command }: CommandAt, program: string): string[] {
  if (command.forms.length === 0) return ['.Nm', '.Op Ar option ...'];
  return command.forms.flatMap(({ text }) => ['.Nm', ...plainLines(withoutName(text, program))]);
}

function withoutName(text: string, name: string): string {
  return text.startsWith(name) ? text.slice(name.length).trim() : text;
}

/** The synopses of a command, in lines of their own. */
function usageLines({ command, path }: CommandAt): string[] {
  if (command.forms.length === 0 && command.options.items.length === 0) return [];
  // Which command the options below are of shows in its synopsis only.
  const shown =
    command.forms.length === 0 ? [`${path.join(' ')} [OPTION]...`] : command.forms.map(({ text }) => text);
  return ['.Pp', ...shown.map((text) => `.Dl ${mdocArgument(text)}`)];
}

/** A text in one line, which may be longer than running text. */
function plainLines(text: string): string[] {
  return text === '' ? [] : [`.No ${mdocArgument(text)}`];
}

/** The operands, options and subcommands of a command, each with its text. */
function commandLines({ command }: CommandAt): string[] {
  const withdrawn = ({ hidden }: { readonly hidden: Option['hidden'] }) => hidden?.value === true;
  return [
    ...list(
      'The operands are as follows:',
      command.operands.items.map(({ name, help }) => [`Ar ${mdocArgument(name)}`, help?.value]),
    ),
    ...list(
      'The options are as follows:',
      command.options.items
        .filter((one) => !withdrawn(one))
        .map((option) => [optionHead(option), optionText(option)]),
    ),
    ...list(
      'The commands are as follows:',
      command.commands.items
        .filter((one) => !withdrawn(one))
        .map((one) => [
          one.names.map(({ text }) => `Cm ${mdocArgument(text)}`).join(' , '),
          one.summary?.value,
        ]),
    ),
  ];
}

type Item = readonly [head: string, text: string | undefined];

function list(lead: string, items: readonly Item[]): string[] {
  return items.length === 0 ? [] : ['.Pp', lead, ...tagged(items)];
}

function section(title: string, items: readonly Item[]): string[] {
  return items.length === 0 ? [] : [`.Sh ${title}`, ...tagged(items)];
}

function tagged(items: readonly Item[]): string[] {
  return [
    '.Bl -tag -width Ds',
    ...items.flatMap(([head, text]) => [`.It ${head}`, ...mdocLines(text ?? '')]),
    '.El',
  ];
}

/** `Fl c , Fl -config Ns = Ns Ar FILE`. */
function optionHead(option: Option): string {
  const names = [...option.names, ...option.negatedNames];
  return names
    .map((name, i) => {
      const shown = name.text.startsWith('-')
        ? `Fl ${mdocArgument(name.text.slice(1))}`
        : `Cm ${mdocArgument(name.text)}`;
      // The argument is told once, behind the last name that takes it.
      const isLast = i === option.names.length - 1;
      const argument = argumentOf(option, name)?.value;
      return isLast && argument !== undefined
        ? `${shown}${argumentText(argument, name.text.startsWith('--'))}`
        : shown;
    })
    .join(' , ');
}

function argumentText({ presence, words, count }: OptionArgument, isLong: boolean): string {
  if (presence === 'none') return '';
  const placeholders = words.map(
    (word) => `Ar ${mdocArgument((word.placeholder?.value ?? 'argument').replace(/^<([^<>]*)>$/, '$1'))}`,
  );
  const shown = `${placeholders.length === 0 ? 'Ar argument' : placeholders.join(' ')}${count?.value.most === null ? ' ...' : ''}`;
  if (presence === 'optional') return ` Ns Oo ${isLong ? '= Ns ' : ''}${shown} Oc`;
  return isLong ? ` Ns = Ns ${shown}` : ` ${shown}`;
}

/** The text of an option, with what is known of its argument and not said in it. */
function optionText(option: Option): string {
  const help = option.help?.value ?? '';
  const [word] = option.argument?.value.words ?? [];
  const values = (word?.values?.value ?? [])
    .filter(({ hidden }) => hidden?.value !== true)
    .map(({ value }) => value);
  const notes: string[] = [];
  if (!saysValues(help, values)) notes.push(`One of ${values.join(', ')}.`);
  if (word?.default !== undefined && !help.includes(word.default.value))
    notes.push(`The default is ${word.default.value}.`);
  if (option.deprecated !== undefined) notes.push('Deprecated.');
  const ended = help === '' || /[.!?]$/.test(help) || notes.length === 0 ? help : `${help}.`;
  return [ended, ...notes].filter((part) => part !== '').join(' ');
}

function examples(shown: readonly CommandAt[]): string[] {
  const all = shown.flatMap(({ command }) => command.examples.map(({ commandLine }) => commandLine));
  return all.length === 0 ? [] : ['.Sh EXAMPLES', ...all.map((line) => `.Dl ${mdocArgument(line)}`)];
}
