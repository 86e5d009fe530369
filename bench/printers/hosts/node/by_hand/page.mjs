// The helps of interfaces.
import { interfaces, show } from '../declared.mjs';
import { entryLines, wrapped } from './layout.mjs';
import { textWithNotes } from './notes.mjs';
import { optionHead, optionInSynopsis } from './option-heads.mjs';
import { COMMAND_HEADS, heading, ORDERS, TITLES } from './parts.mjs';
import { styleOf } from './style.mjs';
import { operandWord, synopsisLines } from './synopsis.mjs';

/** Prints the helps of all interfaces of standard input; `hyphens` stand before long names. */
export function printHelps(hyphens) {
  for (const from of interfaces()) {
    const style = styleOf(from);
    const visit = (command, path) => {
      show(from, path, `${pageLines(style, hyphens, from, [from.program, ...path], command).join('\n')}\n`);
      for (const below of command.commands) visit(below, [...path, below.name]);
    };
    visit(from.root, []);
  }
}

function pageLines(style, hyphens, from, path, command) {
  const { version, epilogue, width } = from;
  const title = TITLES[style.title]?.(path.join(' '), version, command.summary);
  const lists = {
    operands: () => operandList(style, command, width),
    options: () => optionLists(style, hyphens, command, width),
    commands: () => commandList(style, command, width),
  };
  const parts = [
    title === undefined ? [] : wrapped(title, width),
    synopsisLines(style, hyphens, path, command, width),
    title?.includes(command.summary.slice(1)) ? [] : wrapped(command.summary, width),
    ...ORDERS[style.order].map((part) => lists[part]()),
    style.examples === 'none' ? [] : exampleLines(style, hyphens, path, command),
    epilogue === '' ? [] : wrapped(epilogue, width),
  ];
  return parts.filter((lines) => lines.length > 0).flatMap((lines, i) => (i === 0 ? lines : ['', ...lines]));
}

function optionLists(style, hyphens, command, width) {
  const shown = command.options.filter(({ flags }) => !flags.includes('hidden'));
  const own = { ...NO_FACTS, short: 'h', long: 'help', help: 'show this help' };
  const groups = [...new Set(['', ...shown.map((option) => option.heading)])];
  return groups.flatMap((group, i) => {
    const word = group === '' ? style['options called'] : group;
    const options = [...shown, own].filter((option) => option.heading === group);
    const entries = options.map((option) => ({
      head: optionHead(style, hyphens, option),
      text: textWithNotes(style, option),
    }));
    const lines = [...heading(style, word), ...entryLines(style, style.gutter, entries, width)];
    return i === 0 ? lines : ['', ...lines];
  });
}

const NO_FACTS = {
  aliases: [],
  presence: 'none',
  values: [],
  default: '',
  least: '',
  environment: '',
  flags: [],
  heading: '',
};

function operandList(style, { operands, commands }, width) {
  const told = commands.length > 0 ? [] : operands.filter(({ help }) => help !== '');
  if (told.length === 0) return [];
  const entries = told.map((operand) => ({
    head: operandWord(style, { ...operand, least: 1, most: 1 }),
    text: operand.help,
  }));
  return [...heading(style, style['operands called']), ...entryLines(style, style.gutter, entries, width)];
}

function commandList(style, { commands }, width) {
  const shown = commands.filter(({ isHidden }) => !isHidden);
  if (shown.length === 0) return [];
  const entries = shown.map((below) => ({
    head: COMMAND_HEADS[style['command head']](style, below),
    text: below.summary,
  }));
  return [
    ...heading(style, style['commands called']),
    ...entryLines(style, style['command gutter'], entries, width),
  ];
}

function exampleLines(style, hyphens, path, { options }) {
  const lines = options
    .filter(({ flags, presence }) => presence === 'none' && !flags.includes('hidden'))
    .slice(0, 2)
    .map((option) => `  ${path.join(' ')} ${optionInSynopsis(style, hyphens, option)}`);
  return lines.length === 0 ? [] : [...heading(style, 'examples'), ...lines];
}
