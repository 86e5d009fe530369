// The names of an option and its argument, as the left column of a list shows them.
import { EVERY_GUTTER } from './layout.mjs';
import { placedValues } from './notes.mjs';

export const SEPARATORS = {
  ', ': ', ',
  '|': '|',
  ' | ': ' | ',
  '/': '/',
  ' ': ' ',
  ' or ': ' or ',
  ',': ',',
  'a new line': '\n',
};

export const MORE_SEPARATORS = {
  '; ': '; ',
  ' , ': ' , ',
  ' and ': ' and ',
  '(-q)': undefined,
  '[-q]': undefined,
};

export const LATEST_SEPARATORS = {
  ', or ': ', or ',
  'two blanks': '  ',
};

/** How an argument stands behind a long name: one that must be given, and one that may. */
export const ARGUMENTS = {
  '=X': [(word) => `=${word}`, (word) => `[=${word}]`],
  ' X': [(word) => ` ${word}`, (word) => ` [${word}]`],
  '=<X>': [(word) => `=<${word}>`, (word) => `[=<${word}>]`],
  ' <X>': [(word) => ` <${word}>`, (word) => ` [<${word}>]`],
};

export const MORE_ARGUMENTS = {
  ':X': [(word) => `:${word}`, (word) => `[:${word}]`],
  ' {X}': [(word) => ` {${word}}`, (word) => ` [{${word}}]`],
  ' "X"': [(word) => ` "${word}"`, (word) => ` ["${word}"]`],
  '={X}': [(word) => `={${word}}`, (word) => `[={${word}}]`],
  ' = X': [(word) => ` = ${word}`, (word) => ` [= ${word}]`],
};

export const LATEST_ARGUMENTS = {
  ' (X)': [(word) => ` (${word})`, (word) => ` [(${word})]`],
  '=(X)': [(word) => `=(${word})`, (word) => `[=(${word})]`],
};

/** How it stands behind the letter, where a long name follows. */
export const LETTER_ARGUMENTS = {
  none: () => '',
  ' X': (word) => ` ${word}`,
  X: (word) => word,
};

export const MORE_LETTER_ARGUMENTS = {
  '=X': (word) => `=${word}`,
};

/** An option that may be taken back. */
export const NEGATIONS = {
  '--[no-]x': (hyphens, name) => [`${hyphens}[no-]${name}`],
  '--x, --no-x': (hyphens, name) => [`${hyphens}${name}`, `${hyphens}no-${name}`],
};

export const MORE_NEGATIONS = {
  '--(no-)x': (hyphens, name) => [`${hyphens}(no-)${name}`],
  '--x / --no-x': (hyphens, name) => [`${hyphens}${name} / ${hyphens}no-${name}`],
};

const EVERY = {
  separator: { ...SEPARATORS, ...MORE_SEPARATORS, ...LATEST_SEPARATORS },
  argument: { ...ARGUMENTS, ...MORE_ARGUMENTS, ...LATEST_ARGUMENTS },
  letter: { ...LETTER_ARGUMENTS, ...MORE_LETTER_ARGUMENTS },
  negation: { ...NEGATIONS, ...MORE_NEGATIONS },
};

/** The head of an option. */
export function optionHead(style, hyphens, option) {
  const { short, long, aliases, flags } = option;
  const longNames = [long, ...aliases].filter((name) => name !== '');
  const spelled = longNames.flatMap((name) =>
    flags.includes('negatable') ? EVERY.negation[style.negation](hyphens, name) : [hyphens + name],
  );
  const letter = short === '' ? [] : [`-${short}`];
  if (spelled.length === 0) return `${letter}${letterOnlyArgument(style, option)}`;
  const argument = argumentOf(style, option);
  const word = placeholderOf(style, option);
  const letterArgument =
    argument === '' || option.presence === 'optional' ? '' : EVERY.letter[style['letter argument']](word);
  const isLast = style['name order'] === 'letter last';
  const letters = letter.map((name) => name + letterArgument);
  const longs = spelled.map((name, i) =>
    i === spelled.length - 1 || letterArgument !== '' ? name + argument : name,
  );
  const separator = separatorOf(style);
  if (separator === undefined) return bracketed(style, letters, longs);
  const joined = (isLast ? [...longs, ...letters] : [...letters, ...longs]).join(separator);
  const isAligned =
    style['letter column'] === 'aligned' && !isLast && letter.length === 0 && separator !== '\n';
  return isAligned ? ' '.repeat(2 + separator.length) + joined : joined;
}

/** The names behind the first in brackets: `--quiet (-q)`. */
function bracketed(style, letters, longs) {
  const [first, ...more] = [...longs, ...letters];
  const [open, close] = [style.separator.at(0), style.separator.at(-1)];
  return [first, ...more.map((name) => `${open}${name}${close}`)].join(' ');
}

/** Names in lines of their own have their texts below them. */
function separatorOf(style) {
  const separator = EVERY.separator[style.separator];
  return separator === '\n' && !EVERY_GUTTER[style.gutter].isBelow ? ', ' : separator;
}

/** One option in a synopsis: its first name. */
export function optionInSynopsis(style, hyphens, option) {
  const { short, long, presence } = option;
  if (short !== '') return `-${short}${presence === 'none' ? '' : letterOnlyArgument(style, option)}`;
  return `${hyphens}${long}${argumentOf(style, option)}`;
}

function letterOnlyArgument(style, option) {
  if (option.presence === 'none') return '';
  const word = placeholderOf(style, option);
  return option.presence === 'optional' ? `[${word}]` : ` ${word}`;
}

function argumentOf(style, option) {
  if (option.presence === 'none') return '';
  const placed = placedValues(style, option.values);
  const name = placed === undefined ? style.argument : style.argument.replace(/[<>{}"'()]/g, '');
  const [mandatory, optional] = EVERY.argument[name];
  return (option.presence === 'optional' ? optional : mandatory)(placed ?? option.placeholder);
}

function placeholderOf(style, option) {
  const placed = placedValues(style, option.values);
  if (placed !== undefined) return placed;
  // Behind a letter the argument has the brackets that it has behind the long name.
  return style.argument.includes('<') ? `<${option.placeholder}>` : option.placeholder;
}
