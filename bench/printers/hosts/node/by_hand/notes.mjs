// What is said of an option behind its text: default, values, range, environment, required, repeated.

/** How a note is told apart from the text. Each takes the notes of one option and gives what is written behind its text. */
export const BRACKETS = {
  '(x) (y)': (notes) => notes.map((note) => `(${note})`).join(' '),
  '[x] [y]': (notes) => notes.map((note) => `[${note}]`).join(' '),
  '(x, y)': (notes) => `(${notes.join(', ')})`,
  '[x; y]': (notes) => `[${notes.join('; ')}]`,
  'X. Y.': (notes) => notes.map((note) => `${note[0].toUpperCase()}${note.slice(1)}.`).join(' '),
};

export const MORE_BRACKETS = {
  '{x} {y}': (notes) => notes.map((note) => `{${note}}`).join(' '),
  '<x> <y>': (notes) => notes.map((note) => `<${note}>`).join(' '),
  '[x, y]': (notes) => `[${notes.join(', ')}]`,
  '(x; y)': (notes) => `(${notes.join('; ')})`,
  'X, y.': ([first, ...rest]) => `${[first[0].toUpperCase() + first.slice(1), ...rest].join(', ')}.`,
  '- x - y': (notes) => notes.map((note) => `- ${note}`).join(' '),
  'lines below': (notes) => notes.map((note) => `\n${note[0].toUpperCase()}${note.slice(1)}`).join(''),
  'bullets below': (notes) => notes.map((note) => `\n- ${note}`).join(''),
  'brackets below': (notes) => notes.map((note) => `\n[${note}]`).join(''),
};

export const LATEST_BRACKETS = {
  '; x; y': (notes) => notes.map((note) => `; ${note}`).join(''),
  '| x | y': (notes) => notes.map((note) => `| ${note}`).join(' '),
  'x. y.': (notes) => notes.map((note) => `${note}.`).join(' '),
};

/** The notes that begin behind a full stop. */
const SENTENCES = 'X. Y.';

/** Where the notes stand: behind the text, or before it. */
export const NOTE_PLACES = { behind: false, before: true };

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

export const MORE_DEFAULTS = {
  '=x': (word) => `=${word}`,
  'x by default': (word) => `${word} by default`,
  'def: x': (word) => `def: ${word}`,
  'default : x': (word) => `default : ${word}`,
  'default->x': (word) => `default -> ${word}`,
  'the default is x': (word) => `the default is ${word}`,
  'if not given, x is used': (word) => `if not given, ${word} is used`,
  'default to x': (word) => `default to ${word}`,
};

export const LATEST_DEFAULTS = {
  'default value is x': (word) => `default value is ${word}`,
  'defaults to: x': (word) => `defaults to: ${word}`,
  'x is the default': (word) => `${word} is the default`,
  'default(x)': (word) => `default(${word})`,
  'initial value: x': (word) => `initial value: ${word}`,
  'if omitted: x': (word) => `if omitted: ${word}`,
  'x if not given': (word) => `${word} if not given`,
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

export const MORE_VALUES = {
  '{a|b}': undefined,
  '[a|b]': undefined,
  'a, b': (words) => words.join(', '),
  'a|b in a note': (words) => words.join('|'),
  'a or b': (words) => listed(words, 'or'),
  'either a or b': (words) => `either ${listed(words, 'or')}`,
  'can be a, b or c': (words) => `can be ${listed(words, 'or')}`,
  'may be a, b or c': (words) => `may be ${listed(words, 'or')}`,
  'possible values are a, b': (words) => `possible values are ${words.join(', ')}`,
  'accepted values: a, b': (words) => `accepted values: ${words.join(', ')}`,
  'available: a, b': (words) => `available: ${words.join(', ')}`,
  'supported: a, b': (words) => `supported: ${words.join(', ')}`,
  'valid options: a, b': (words) => `valid options: ${words.join(', ')}`,
  'options: a, b': (words) => `options: ${words.join(', ')}`,
  'choose from a, b': (words) => `choose from ${words.join(', ')}`,
  'possible values: [a, b]': (words) => `possible values: [${words.join(', ')}]`,
  'one of {a, b}': (words) => `one of {${words.join(', ')}}`,
  'one of [a|b]': (words) => `one of [${words.join('|')}]`,
  'enum: a, b': (words) => `enum: ${words.join(', ')}`,
};

export const LATEST_VALUES = {
  'allowed values are: a, b': (words) => `allowed values are: ${words.join(', ')}`,
  'should be one of: a, b': (words) => `should be one of: ${words.join(', ')}`,
  'one of a/b': (words) => `one of ${words.join('/')}`,
  'values: {a, b}': (words) => `values: {${words.join(', ')}}`,
  'valid: a | b': (words) => `valid: ${words.join(' | ')}`,
  'permitted: a, b': (words) => `permitted: ${words.join(', ')}`,
  'available values are a, b': (words) => `available values are ${words.join(', ')}`,
  'takes a, b or c': (words) => `takes ${listed(words, 'or')}`,
  'in {a,b}': (words) => `in {${words.join(',')}}`,
  'expected: a|b': (words) => `expected: ${words.join('|')}`,
};

const PLACED_VALUES = {
  '{a|b}': (words) => `{${words.join('|')}}`,
  '[a|b]': (words) => `[${words.join('|')}]`,
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

export const MORE_RANGES = {
  '1..=9': (least, most) => `${least}..=${most}`,
  '1 to 9': (least, most) => `${least} to ${most}`,
  '>= 1, <= 9': (least, most) => `>= ${least}, <= ${most}`,
  '1 <= x <= 9': (least, most) => `${least} <= x <= ${most}`,
  'range: [1, 9]': (least, most) => `range: [${least}, ${most}]`,
  'min 1 max 9': (least, most) => `min ${least} max ${most}`,
  'in 1..9': (least, most) => `in ${least}..${most}`,
  'must be between 1 and 9': (least, most) => `must be between ${least} and ${most}`,
  'at least 1 and at most 9': (least, most) => `at least ${least} and at most ${most}`,
  'valid range: 1-9': (least, most) => `valid range: ${least}-${most}`,
};

export const LATEST_RANGES = {
  'range [1..9]': (least, most) => `range [${least}..${most}]`,
  '1 - 9': (least, most) => `${least} - ${most}`,
  'minimum 1, maximum 9': (least, most) => `minimum ${least}, maximum ${most}`,
  'within 1..9': (least, most) => `within ${least}..${most}`,
  'valid values: 1 to 9': (least, most) => `valid values: ${least} to ${most}`,
  'not less than 1, not more than 9': (least, most) => `not less than ${least}, not more than ${most}`,
};

export const ENVIRONMENTS = {
  'env: X': (name) => `env: ${name}`,
  'env X': (name) => `env ${name}`,
  $X: (name) => `$${name}`,
  'environment variable: X': (name) => `environment variable: ${name}`,
};

export const MORE_ENVIRONMENTS = {
  'env: $X': (name) => `env: $${name}`,
  'env var: X': (name) => `env var: ${name}`,
  'env=X': (name) => `env=${name}`,
  'environment: X': (name) => `environment: ${name}`,
  'ENV: X': (name) => `ENV: ${name}`,
  '%X%': (name) => `%${name}%`,
  '${X}': (name) => `\${${name}}`,
  'can be set with X': (name) => `can be set with ${name}`,
  'overrides $X': (name) => `overrides $${name}`,
  'or set $X': (name) => `or set $${name}`,
  'also read from $X': (name) => `also read from $${name}`,
  'env variable X': (name) => `env variable ${name}`,
};

export const LATEST_ENVIRONMENTS = {
  'environment variable X': (name) => `environment variable ${name}`,
  'set by $X': (name) => `set by $${name}`,
  'from $X': (name) => `from $${name}`,
  'variable: X': (name) => `variable: ${name}`,
  'taken from X': (name) => `taken from ${name}`,
  'environment X': (name) => `environment ${name}`,
};

export const REQUIRED = { required: 'required', mandatory: 'mandatory' };

export const MORE_REQUIRED = {
  REQUIRED: 'REQUIRED',
  'this option is required': 'this option is required',
  'must be given': 'must be given',
  'must be specified': 'must be specified',
  'mandatory option': 'mandatory option',
};

export const LATEST_REQUIRED = {
  'always required': 'always required',
  'is required': 'is required',
  'must be set': 'must be set',
  obligatory: 'obligatory',
  'not optional': 'not optional',
};

export const REPEATED = {
  'can be repeated': 'can be repeated',
  'may be given several times': 'may be given several times',
  'can be used multiple times': 'can be used multiple times',
  repeatable: 'repeatable',
};

export const MORE_REPEATED = {
  'multiple allowed': 'multiple allowed',
  'can be given more than once': 'can be given more than once',
  'may be specified multiple times': 'may be specified multiple times',
  'multiple times possible': 'multiple times possible',
  'use several times for more': 'can be specified several times',
};

export const LATEST_REPEATED = {
  'may be repeated': 'may be repeated',
  multiple: 'multiple',
  'zero or more times': 'zero or more times',
  'can be specified many times': 'can be specified many times',
};

const EVERY = {
  brackets: { ...BRACKETS, ...MORE_BRACKETS, ...LATEST_BRACKETS },
  default: { ...DEFAULTS, ...MORE_DEFAULTS, ...LATEST_DEFAULTS },
  values: { ...VALUES, ...MORE_VALUES, ...LATEST_VALUES },
  range: { ...RANGES, ...MORE_RANGES, ...LATEST_RANGES },
  environment: { ...ENVIRONMENTS, ...MORE_ENVIRONMENTS, ...LATEST_ENVIRONMENTS },
  required: { ...REQUIRED, ...MORE_REQUIRED, ...LATEST_REQUIRED },
  repeated: { ...REPEATED, ...MORE_REPEATED, ...LATEST_REPEATED },
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
    ...(values.length > 0 && EVERY.values[style.values]
      ? [EVERY.values[style.values](values.map(quote))]
      : []),
    ...(least === '' ? [] : [EVERY.range[style.range](least, most)]),
    ...(option.default === '' ? [] : [EVERY.default[style.default](quote(option.default))]),
    ...(flags.includes('required') ? [EVERY.required[style.required]] : []),
    ...(flags.includes('repeated') ? [EVERY.repeated[style.repeated]] : []),
    ...(environment === '' ? [] : [EVERY.environment[style.environment](environment)]),
  ];
  if (notes.length === 0) return help;
  const behind = EVERY.brackets[style.brackets](notes);
  if (help === '') return behind.replace(/^; /, '').trim();
  if (NOTE_PLACES[style['note place']] && !/^[\n;]/.test(behind)) return `${behind} ${help}`;
  if (/^[\n;]/.test(behind)) return help + behind;
  const isSentence = style.brackets === SENTENCES || ['X, y.', 'x. y.'].includes(style.brackets);
  return isSentence && !help.endsWith('.') ? `${help}. ${behind}` : `${help} ${behind}`;
}

function listed(words, last) {
  return words.length < 2 ? words.join() : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}
