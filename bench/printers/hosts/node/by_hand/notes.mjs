// What is said of an option behind its text: default, values, range, environment, required, repeated.

/** How a note is told apart from the text. Each takes the notes of one option and gives what is written behind its text. */
export const BRACKETS = {
  '(x) (y)': (notes) => notes.map((note) => `(${note})`).join(' '),
  '[x] [y]': (notes) => notes.map((note) => `[${note}]`).join(' '),
  '(x, y)': (notes) => `(${notes.join(', ')})`,
  '[x; y]': (notes) => `[${notes.join('; ')}]`,
  'X. Y.': (notes) => notes.map((note) => `${note[0].toUpperCase()}${note.slice(1)}.`).join(' '),
};

/** The notes that begin behind a full stop. */
const SENTENCES = 'X. Y.';

export const QUOTES = {
  none: (word) => word,
  "'x'": (word) => `'${word}'`,
  '"x"': (word) => `"${word}"`,
  '`x`': (word) => `\`${word}\``,
};

export const DEFAULTS = {
  'default: x': (word) => `default: ${word}`,
  'default x': (word) => `default ${word}`,
  'default is x': (word) => `default is ${word}`,
  'default = x': (word) => `default = ${word}`,
  'default=x': (word) => `default=${word}`,
  'defaults to x': (word) => `defaults to ${word}`,
  'by default x': (word) => `by default ${word}`,
  'default value: x': (word) => `default value: ${word}`,
};

/** The values of an option, in a note or (those in angle and round brackets and braces) in the place of its placeholder. */
export const VALUES = {
  'a|b': undefined,
  '<a|b>': undefined,
  '{a,b}': undefined,
  '(a|b)': undefined,
  'choices: a, b': (words) => `choices: ${words.join(', ')}`,
  'one of: a, b': (words) => `one of: ${words.join(', ')}`,
  'one of a, b or c': (words) => `one of ${listed(words, 'or')}`,
  'possible values: a, b': (words) => `possible values: ${words.join(', ')}`,
  'values: a|b': (words) => `values: ${words.join('|')}`,
  'valid values are a, b and c': (words) => `valid values are ${listed(words, 'and')}`,
  'allowed: a/b': (words) => `allowed: ${words.join('/')}`,
  'must be a, b or c': (words) => `must be ${listed(words, 'or')}`,
};

const PLACED_VALUES = {
  'a|b': (words) => words.join('|'),
  '<a|b>': (words) => `<${words.join('|')}>`,
  '{a,b}': (words) => `{${words.join(',')}}`,
  '(a|b)': (words) => `(${words.join('|')})`,
};

export const RANGES = {
  'range: 1-9': (least, most) => `range: ${least}-${most}`,
  'range 1..9': (least, most) => `range ${least}..${most}`,
  '1-9': (least, most) => `${least}-${most}`,
  'from 1 to 9': (least, most) => `from ${least} to ${most}`,
  'between 1 and 9': (least, most) => `between ${least} and ${most}`,
  'min: 1, max: 9': (least, most) => `min: ${least}, max: ${most}`,
};

export const ENVIRONMENTS = {
  'env: X': (name) => `env: ${name}`,
  'env X': (name) => `env ${name}`,
  $X: (name) => `$${name}`,
  'environment variable: X': (name) => `environment variable: ${name}`,
};

export const REQUIRED = { required: 'required', mandatory: 'mandatory' };

export const REPEATED = {
  'can be repeated': 'can be repeated',
  'may be given several times': 'may be given several times',
  'can be used multiple times': 'can be used multiple times',
  repeatable: 'repeatable',
};

/** The values as a placeholder, where the style puts them there; else undefined. */
export function placedValues(style, values) {
  return values.length === 0 ? undefined : PLACED_VALUES[style.values]?.(values);
}

/** The text of an option with all notes. */
export function textWithNotes(style, option) {
  const { help, values, least, most, environment, flags } = option;
  const quote = QUOTES[style.quotes];
  const notes = [
    ...(values.length > 0 && VALUES[style.values] ? [VALUES[style.values](values.map(quote))] : []),
    ...(least === '' ? [] : [RANGES[style.range](least, most)]),
    ...(option.default === '' ? [] : [DEFAULTS[style.default](quote(option.default))]),
    ...(flags.includes('required') ? [REQUIRED[style.required]] : []),
    ...(flags.includes('repeated') ? [REPEATED[style.repeated]] : []),
    ...(environment === '' ? [] : [ENVIRONMENTS[style.environment](environment)]),
  ];
  if (notes.length === 0) return help;
  const behind = BRACKETS[style.brackets](notes);
  if (help === '') return behind;
  return style.brackets === SENTENCES && !help.endsWith('.') ? `${help}. ${behind}` : `${help} ${behind}`;
}

function listed(words, last) {
  return words.length < 2 ? words.join() : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}
