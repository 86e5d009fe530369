// What surrounds synopsis and options: titles, headings, lists of commands and operands, examples.
import { operandWord } from './synopsis.mjs';

/** The first line, or none. */
export const TITLES = {
  none: undefined,
  'x - summary': (name, _version, summary) => `${name} - ${summary}`,
  'x: summary': (name, _version, summary) => `${name}: ${summary}`,
  'x 1.2 - summary': (name, version, summary) => `${name} ${version} - ${summary}`,
  'x 1.2': (name, version) => `${name} ${version}`,
  'x version 1.2': (name, version) => `${name} version ${version}`,
  Summary: (_name, _version, summary) => `${summary[0].toUpperCase()}${summary.slice(1)}.`,
};

/** The line above a list, from the word for what it lists. */
export const HEADINGS = {
  'Options:': (word) => [`${capital(word)}:`],
  OPTIONS: (word) => [word.toUpperCase()],
  'OPTIONS:': (word) => [`${word.toUpperCase()}:`],
  Options: (word) => [capital(word)],
  'options:': (word) => [`${word}:`],
  'The options are:': (word) => [`The ${word} are:`],
  'Available options:': (word) => [`Available ${word}:`],
  underlined: (word) => [capital(word), '-'.repeat(word.length)],
  '[options]': (word) => [`[${word}]`],
  '== Options ==': (word) => [`== ${capital(word)} ==`],
};

export const LIST_NAMES = {
  options: ['options', 'flags', 'optional arguments', 'switches'],
  commands: ['commands', 'subcommands', 'actions'],
  operands: ['arguments', 'operands', 'positional arguments', 'parameters'],
};

/** What follows the synopsis, in order. */
export const ORDERS = {
  'operands options commands': ['operands', 'options', 'commands'],
  'commands options operands': ['commands', 'options', 'operands'],
  'options commands operands': ['options', 'commands', 'operands'],
};

/** How the list of commands shows one. */
export const COMMAND_HEADS = {
  names: (_style, { name, aliases }) => [name, ...aliases].join(', '),
  'name (alias)': (_style, { name, aliases }) =>
    aliases.length === 0 ? name : `${name} (${aliases.join(', ')})`,
  'name|alias': (_style, { name, aliases }) => [name, ...aliases].join('|'),
  'name operands': (style, { name, operands }) =>
    [name, ...operands.map((operand) => operandWord(style, operand))].join(' '),
};

export function heading(style, word) {
  return HEADINGS[style.heading](word);
}

export function capital(word) {
  return word[0].toUpperCase() + word.slice(1);
}
