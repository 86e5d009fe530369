// The helps of an interface, in the style that was drawn for it.
import { entryLines, wrapped } from '../printers/hosts/node/by_hand/layout.mjs';
import { textWithNotes } from '../printers/hosts/node/by_hand/notes.mjs';
import { optionHead } from '../printers/hosts/node/by_hand/option-heads.mjs';
import { COMMAND_HEADS, heading, ORDERS, TITLES } from '../printers/hosts/node/by_hand/parts.mjs';
import { EVEN } from '../printers/hosts/node/by_hand/slips.mjs';
import { operandWord, synopsisLines } from '../printers/hosts/node/by_hand/synopsis.mjs';

const HYPHENS = '--';

/** The help of the program, and of each of its commands: `[{path, text}]`. */
export function helpsOf(from) {
  return [from.root, ...from.root.commands].map((command) => ({
    path: command.path,
    text: `${pageLines(from, command).join('\n')}\n`,
  }));
}

function pageLines(from, command) {
  const { style, width, version } = from;
  const name = command.path.join(' ');
  const title =
    command.summary === '' ? name : TITLES[style.title]?.(name, version, command.summary.replace(/\.$/, ''));
  const lists = {
    operands: () => operandList(from, command),
    options: () => optionList(from, command),
    commands: () => commandList(from, command),
  };
  const isRoot = command === from.root;
  const parts = [
    title === undefined ? [] : wrapped(title, width),
    command.synopses ?? synopsisLines(style, HYPHENS, command.path, command, width),
    command.summary === '' || title?.includes(command.summary.slice(1))
      ? []
      : wrapped(command.summary, width),
    ...ORDERS[style.order].map((part) => lists[part]()),
    isRoot ? pairList(from, 'environment', from.variables) : [],
    isRoot ? pairList(from, 'exit status', from.statuses) : [],
    exampleLines(from, command),
    ...(isRoot ? from.epilogue : []).map((paragraph) => wrapped(paragraph, width)),
  ];
  return parts.filter((lines) => lines.length > 0).flatMap((lines, i) => (i === 0 ? lines : ['', ...lines]));
}

/** What every help shows: the option for help; a program shows its version too. */
function standardOptions({ root }, command) {
  const none = {
    aliases: [],
    presence: 'none',
    values: [],
    default: '',
    least: '',
    environment: '',
    flags: [],
  };
  const help = { ...none, short: 'h', long: 'help', help: command.helpText ?? 'show this help and exit' };
  const version = { ...none, short: 'V', long: 'version', help: 'show the version and exit' };
  return command === root ? [help, version] : [help];
}

function optionList(from, command) {
  const { style, width } = from;
  const options = [...command.options, ...standardOptions(from, command)];
  const entries = options.map((option) => ({
    head: optionHead(style, HYPHENS, option),
    text: textWithNotes(style, option),
  }));
  return [
    ...heading(style, style['options called']),
    ...entryLines(style, EVEN, style.gutter, entries, width),
  ];
}

function operandList({ style, width }, { operands, commands }) {
  if (operands.length === 0 || commands.length > 0) return [];
  const entries = operands
    .filter(({ isUnlisted }) => !isUnlisted)
    .map((operand) => ({ head: operandWord(style, { ...operand, least: 1, most: 1 }), text: operand.help }));
  return [
    ...heading(style, style['operands called']),
    ...entryLines(style, EVEN, style.gutter, entries, width),
  ];
}

function commandList({ style, width, root }, command) {
  if (command !== root || root.commands.length === 0) return [];
  const entries = [...root.commands, ...(root.listedOnly ?? [])]
    .filter(({ isUnlisted }) => !isUnlisted)
    .map((below) => ({
      head: COMMAND_HEADS[style['command head']](style, below),
      text: below.listed ?? below.summary,
    }));
  return [
    ...heading(style, style['commands called']),
    ...entryLines(style, EVEN, style['command gutter'], entries, width),
  ];
}

function pairList({ style, width }, word, pairs) {
  if (pairs.length === 0) return [];
  const entries = pairs.map(([head, text]) => ({ head: String(head), text }));
  return [
    ...heading(style, word),
    ...entryLines({ ...style, 'blank lines': 'none' }, EVEN, 'column', entries, width),
  ];
}

function exampleLines({ style }, { path, examples }) {
  if (examples.length === 0) return [];
  return [
    ...heading(style, 'examples'),
    ...examples.map((words) => `  ${(words.path ?? path).concat(words).join(' ')}`),
  ];
}
