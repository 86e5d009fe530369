// Synopses.
import { wrapped } from './layout.mjs';
import { optionInSynopsis } from './option-heads.mjs';

/** The word before the first synopsis. An empty one stands for none at all. */
export const USAGE_WORDS = {
  'Usage:': 'Usage:',
  'usage:': 'usage:',
  'USAGE:': 'USAGE:',
  USAGE: 'USAGE',
  'Syntax:': 'Syntax:',
  SYNOPSIS: 'SYNOPSIS',
  none: '',
};

export const MORE_USAGE_WORDS = {
  'Usage :': 'Usage :',
  'USAGE :': 'USAGE :',
  Usage: 'Usage',
  'Use:': 'Use:',
  'Usage is:': 'Usage is:',
  'Command syntax:': 'Command syntax:',
  'How to use:': 'How to use:',
  '# Usage': '# Usage',
};

export const LATEST_USAGE_WORDS = {
  'Invocation:': 'Invocation:',
  'Call:': 'Call:',
  'Command line:': 'Command line:',
  'Synopsis:': 'Synopsis:',
  'Usage -': 'Usage -',
};

/** Where the synopsis stands. */
export const PLACES = { 'behind the word': '', 'below, 2': '  ', 'below, 4': '    ', 'below, tab': '\t' };

/** What stands for the options. */
export const OPTION_WORDS = {
  '[options]': '[options]',
  '[OPTIONS]': '[OPTIONS]',
  '[OPTION]...': '[OPTION]...',
  '[<options>]': '[<options>]',
  '[flags]': '[flags]',
  'each by itself': undefined,
};

export const MORE_OPTION_WORDS = {
  '{options}': '{options}',
  '<options>': '<options>',
  '[-options]': '[-options]',
  '[OPTIONS...]': '[OPTIONS...]',
  '[switches]': '[switches]',
  '[--options]': '[--options]',
};

export const LATEST_OPTION_WORDS = {
  '[option ...]': '[option ...]',
  '[OPT]...': '[OPT]...',
  '[option(s)]': '[option(s)]',
  '[...options]': '[...options]',
  '[opts]': '[opts]',
};

export const COMMAND_WORDS = {
  '<command>': '<command>',
  COMMAND: 'COMMAND',
  '<command> [<args>]': '<command> [<args>]',
  'command [arguments]': 'command [arguments]',
  '[command]': '[command]',
};

export const MORE_COMMAND_WORDS = {
  '<cmd>': '<cmd>',
  '{command}': '{command}',
  '<subcommand>': '<subcommand>',
  'COMMAND [ARG...]': 'COMMAND [ARG...]',
  '[COMMAND] [OPTIONS]': '[COMMAND] [OPTIONS]',
  'command ...': 'command ...',
};

export const LATEST_COMMAND_WORDS = {
  '<action>': '<action>',
  SUBCOMMAND: 'SUBCOMMAND',
  '[<command>]': '[<command>]',
  '<verb>': '<verb>',
};

export const OPTIONAL = { '[X]': (word) => `[${word}]` };

/** Any number of an operand: where one must be given, and where none need. */
export const MANY = {
  'X...': [(word) => `${word}...`, (word) => `[${word}...]`],
  'X ...': [(word) => `${word} ...`, (word) => `[${word} ...]`],
  'X [X...]': [(word) => `${word} [${word}...]`, (word) => `[${word}...]`],
  '[X]...': [(word) => `${word}...`, (word) => `[${word}]...`],
};

export const MORE_MANY = {
  'X [X ...]': [(word) => `${word} [${word} ...]`, (word) => `[${word} ...]`],
  'X…': [(word) => `${word}…`, (word) => `[${word}…]`],
  'X [...]': [(word) => `${word} [...]`, (word) => `[${word} [...]]`],
  'X+': [(word) => `${word}+`, (word) => `${word}*`],
};

export const LATEST_MANY = {
  'X..': [(word) => `${word}..`, (word) => `[${word}..]`],
  'X, ...': [(word) => `${word}, ...`, (word) => `[${word}, ...]`],
};

const EVERY = {
  usage: { ...USAGE_WORDS, ...MORE_USAGE_WORDS, ...LATEST_USAGE_WORDS },
  options: { ...OPTION_WORDS, ...MORE_OPTION_WORDS, ...LATEST_OPTION_WORDS },
  command: { ...COMMAND_WORDS, ...MORE_COMMAND_WORDS, ...LATEST_COMMAND_WORDS },
  many: { ...MANY, ...MORE_MANY, ...LATEST_MANY },
};

/** The lines of the synopsis of a command. */
export function synopsisLines(style, hyphens, path, command, width) {
  const place = PLACES[style['usage place']];
  const word = EVERY.usage[style.usage];
  // A word without a colon is a heading; where there is none, the synopsis stands at the margin.
  const isBehind = place === '' && word.endsWith(':');
  const below = place === '' ? '  ' : place;
  const before = word === '' ? '' : isBehind ? `${word} ` : below;
  const name = path.join(' ');
  const words = [...optionWords(style, hyphens, command), ...operandWords(style, command)];
  const margin = ' '.repeat(before.replace('\t', ' '.repeat(8)).length + Math.min(name.length + 1, 24));
  const [first, ...rest] = grouped(words, width - margin.length);
  const lines = [
    first === undefined ? before + name : `${before}${name} ${first}`,
    ...rest.map((line) => margin + line),
  ];
  return isBehind || word === '' ? lines : [word, ...lines];
}

/** Words in lines, where none is broken. */
function grouped(words, width) {
  return wrapped(words.map((word) => word.replaceAll(' ', '\u00a0')).join(' '), width).map((line) =>
    line.replaceAll('\u00a0', ' '),
  );
}

function optionWords(style, hyphens, { options, commands }) {
  const shown = options.filter(({ flags }) => !flags.includes('hidden'));
  if (shown.length === 0) return [];
  const word = EVERY.options[style['usage options']];
  if (word !== undefined || (commands.length > 0 && shown.length > 6)) return [word ?? '[options]'];
  return shown.map((option) => {
    const one = optionInSynopsis(style, hyphens, option);
    return option.flags.includes('required') ? one : `[${one}]`;
  });
}

function operandWords(style, { operands, commands }) {
  if (commands.length > 0) return [EVERY.command[style['usage command']]];
  return operands.map((operand) => operandWord(style, operand));
}

export function operandWord(style, { placeholder, least, most }) {
  const word = style['operand brackets'] === '<>' ? `<${placeholder}>` : placeholder;
  if (most < 0) return EVERY.many[style['operand many']][least > 0 ? 0 : 1](word);
  return least > 0 ? word : OPTIONAL[style['operand optional']](word);
}
