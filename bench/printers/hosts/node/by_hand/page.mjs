// The helps of interfaces.
import { interfaces, show } from '../declared.mjs';
import { EVERY_GUTTER, entryLines, wrapped } from './layout.mjs';
import { textWithNotes } from './notes.mjs';
import { optionHead, optionInSynopsis } from './option-heads.mjs';
import { EVERY_COMMAND_HEAD, heading, ORDERS, TABLE_HEADS, TITLES } from './parts.mjs';
import { EVEN } from './slips.mjs';
import { AXES, styleOf } from './style.mjs';
import { operandWord, synopsisLines } from './synopsis.mjs';

/**
 * Prints the helps of all interfaces of standard input; `hyphens` stand before long names, `slipsOf` gives what is uneven in the help of a path, `axes`
 * are what its style is drawn from.
 */
export function printHelps(hyphens, slipsOf = () => EVEN, axes = AXES) {
  for (const from of interfaces()) {
    for (const [path, text] of helpsOf(from, styleOf(from, axes), hyphens, slipsOf)) show(from, path, text);
  }
}

/** The helps of an interface: each `[path, text]`, `path` the words behind the program. */
export function helpsOf(from, style, hyphens, slipsOf = () => EVEN) {
  const helps = [];
  const visit = (command, path) => {
    const words = [from.program, ...path];
    const page = { style, hyphens, slips: slipsOf(style, words), from, path: words, command };
    helps.push([path, `${pageLines(page).join('\n')}\n`]);
    for (const below of command.commands) visit(below, [...path, below.name]);
  };
  visit(from.root, []);
  return helps;
}

function pageLines(page) {
  const { style, hyphens, slips, from, path, command } = page;
  const { version, epilogue, width } = from;
  const title = TITLES[style.title]?.(path.join(' '), version, command.summary);
  const lists = {
    operands: () => operandList(page),
    options: () => optionLists(page),
    commands: () => commandList(page),
  };
  const facts = { style, name: path.join(' '), version, width, names: spokenNames(page) };
  const parts = [
    ...slips.blocks('first', facts),
    title === undefined ? [] : wrapped(title, width),
    synopsisLines(style, hyphens, path, command, width),
    title?.includes(command.summary.slice(1)) ? [] : wrapped(command.summary, width),
    ...slips.blocks('above options', facts),
    ...ORDERS[style.order].map((part) => lists[part]()),
    style.examples === 'none' ? [] : exampleLines(page),
    epilogue === '' ? [] : wrapped(epilogue, width),
    ...slips.blocks('last', facts),
  ];
  return parts.filter((lines) => lines.length > 0).flatMap((lines, i) => (i === 0 ? lines : ['', ...lines]));
}

/** The options of which texts speak: the first two, by their first names. */
function spokenNames({ style, hyphens, command }) {
  const spoken = shownOptions(command)
    .slice(0, 2)
    .map((option) => optionInSynopsis(style, hyphens, { ...option, presence: 'none' }));
  return spoken.length === 0 ? ['--help'] : spoken;
}

function shownOptions({ options }) {
  return options.filter(({ flags }) => !flags.includes('hidden'));
}

function optionLists({ style, hyphens, slips, from, command }) {
  const shown = shownOptions(command);
  const own = { ...NO_FACTS, short: 'h', long: 'help', help: 'show this help' };
  const groups = [...new Set(['', ...shown.map((option) => option.heading)])];
  return groups.flatMap((group, i) => {
    const word = group === '' ? style['options called'] : group;
    const options = [...shown, own].filter((option) => option.heading === group);
    const entries = options.map((option) => ({
      head: optionHead(style, hyphens, option),
      text: textWithNotes(style, option),
    }));
    const isTable = i === 0 && EVERY_GUTTER[style.gutter].isColumn;
    const table = isTable ? TABLE_HEADS[style['table head'] ?? 'none'] : [];
    const listed = entryLines(style, slips, style.gutter, [...table, ...entries], from.width);
    const lines = [...heading(style, word), ...listed];
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

function operandList({ style, slips, from, command: { operands, commands } }) {
  const told = commands.length > 0 ? [] : operands.filter(({ help }) => help !== '');
  if (told.length === 0) return [];
  const entries = told.map((operand) => ({
    head: operandWord(style, { ...operand, least: 1, most: 1 }),
    text: operand.help,
  }));
  return [
    ...heading(style, style['operands called']),
    ...entryLines(style, slips, style.gutter, entries, from.width),
  ];
}

function commandList({ style, slips, from, command: { commands } }) {
  const shown = commands.filter(({ isHidden }) => !isHidden);
  if (shown.length === 0) return [];
  const entries = shown.map((below) => ({
    head: EVERY_COMMAND_HEAD[style['command head']](style, below),
    text: below.summary,
  }));
  return [
    ...heading(style, style['commands called']),
    ...entryLines(style, slips, style['command gutter'], entries, from.width),
  ];
}

function exampleLines({ style, hyphens, path, command }) {
  const lines = shownOptions(command)
    .filter(({ presence }) => presence === 'none')
    .slice(0, 2)
    .map((option) => `  ${path.join(' ')} ${optionInSynopsis(style, hyphens, option)}`);
  return lines.length === 0 ? [] : [...heading(style, 'examples'), ...lines];
}
