// The names of an option and its argument, as the left column of a list shows them.
import { GUTTERS } from './layout.mjs';
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

/** How an argument stands behind a long name: one that must be given, and one that may. */
export const ARGUMENTS = {
  '=X': [(word) => `=${word}`, (word) => `[=${word}]`],
  ' X': [(word) => ` ${word}`, (word) => ` [${word}]`],
  '=<X>': [(word) => `=<${word}>`, (word) => `[=<${word}>]`],
  ' <X>': [(word) => ` <${word}>`, (word) => ` [<${word}>]`],
};

/** How it stands behind the letter, where a long name follows. */
export const LETTER_ARGUMENTS = {
  none: () => '',
  ' X': (word) => ` ${word}`,
  X: (word) => word,
};

/** An option that may be taken back. */
export const NEGATIONS = {
  '--[no-]x': (hyphens, name) => [`${hyphens}[no-]${name}`],
  '--x, --no-x': (hyphens, name) => [`${hyphens}${name}`, `${hyphens}no-${name}`],
};

/** The head of an option. */
export function optionHead(style, hyphens, option) {
  const { short, long, aliases, flags } = option;
  const longNames = [long, ...aliases].filter((name) => name !== '');
  const spelled = longNames.flatMap((name) =>
    flags.includes('negatable') ? NEGATIONS[style.negation](hyphens, name) : [hyphens + name],
  );
  const letter = short === '' ? [] : [`-${short}`];
  if (spelled.length === 0) return `${letter}${letterOnlyArgument(style, option)}`;
  const argument = argumentOf(style, option);
  const word = placeholderOf(style, option);
  const letterArgument =
    argument === '' || option.presence === 'optional' ? '' : LETTER_ARGUMENTS[style['letter argument']](word);
  const isLast = style['name order'] === 'letter last';
  const letters = letter.map((name) => name + letterArgument);
  const longs = spelled.map((name, i) =>
    i === spelled.length - 1 || letterArgument !== '' ? name + argument : name,
  );
  const separator = separatorOf(style);
  const joined = (isLast ? [...longs, ...letters] : [...letters, ...longs]).join(separator);
  const isAligned =
    style['letter column'] === 'aligned' && !isLast && letter.length === 0 && separator !== '\n';
  return isAligned ? ' '.repeat(2 + separator.length) + joined : joined;
}

/** Names in lines of their own have their texts below them. */
function separatorOf(style) {
  const separator = SEPARATORS[style.separator];
  return separator === '\n' && !GUTTERS[style.gutter].isBelow ? ', ' : separator;
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
  const name = placed === undefined ? style.argument : style.argument.replace(/[<>]/g, '');
  const [mandatory, optional] = ARGUMENTS[name];
  return (option.presence === 'optional' ? optional : mandatory)(placed ?? option.placeholder);
}

function placeholderOf(style, option) {
  const placed = placedValues(style, option.values);
  if (placed !== undefined) return placed;
  return style.argument.includes('<') ? `<${option.placeholder}>` : option.placeholder;
}
