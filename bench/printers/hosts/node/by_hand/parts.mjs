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

export const MORE_HEADINGS = {
  'Options :': (word) => [`${capital(word)} :`],
  '[Options]:': (word) => [`[${capital(word)}]:`],
  '--- Options ---': (word) => [`--- ${capital(word)} ---`],
  '# Options': (word) => [`# ${capital(word)}`],
  '*Options*': (word) => [`*${capital(word)}*`],
  'where options are:': (word) => [`where ${word} are:`],
  'List of options:': (word) => [`List of ${word}:`],
  'underlined with =': (word) => [`${capital(word)}:`, '='.repeat(word.length + 1)],
  'The following options are available:': (word) => [`The following ${word} are available:`],
  'Supported options:': (word) => [`Supported ${word}:`],
  'indented Options:': (word) => [`  ${capital(word)}:`],
};

export const LATEST_HEADINGS = {
  'Options are:': (word) => [`${capital(word)} are:`],
  '<Options>': (word) => [`<${capital(word)}>`],
  '>> Options': (word) => [`>> ${capital(word)}`],
  '~~ Options ~~': (word) => [`~~ ${capital(word)} ~~`],
  'Options -': (word) => [`${capital(word)} -`],
};

const EVERY_HEADING = { ...HEADINGS, ...MORE_HEADINGS, ...LATEST_HEADINGS };

export const LIST_NAMES = {
  options: ['options', 'flags', 'optional arguments', 'switches'],
  commands: ['commands', 'subcommands', 'actions'],
  operands: ['arguments', 'operands', 'positional arguments', 'parameters'],
};

export const LATEST_LIST_NAMES = {
  options: ['general options', 'command line options', 'named arguments', 'option list', 'parameters'],
  commands: ['command list', 'tasks', 'verbs', 'operations', 'available subcommands'],
  operands: ['args', 'inputs', 'required arguments', 'argument list'],
};

/** The lines above the first list of options: none, or those of a table. */
export const TABLE_HEADS = {
  none: [],
  'Option Description': [{ head: 'Option', text: 'Description' }],
  'Option Description, underlined': [
    { head: 'Option', text: 'Description' },
    { head: '------', text: '-----------' },
  ],
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

export const MORE_COMMAND_HEADS = {
  'name/alias': (_style, { name, aliases }) => [name, ...aliases].join('/'),
  'name or alias': (_style, { name, aliases }) => [name, ...aliases].join(' or '),
  'name - ': (_style, { name, aliases }) => [name, ...aliases].join(' | '),
};

/** Every way in which a list shows a command, by its name. */
export const EVERY_COMMAND_HEAD = { ...COMMAND_HEADS, ...MORE_COMMAND_HEADS };

export function heading(style, word) {
  return EVERY_HEADING[style.heading](word);
}

export function capital(word) {
  return word[0].toUpperCase() + word.slice(1);
}
