// Prints a synopsis and nothing else, each interface in a notation of its own: what a script prints that was called in the wrong way.
import { createHash } from 'node:crypto';
import { Random } from '../../../random.mjs';
import { wrapped } from './by_hand/layout.mjs';
import { interfaces, show } from './declared.mjs';

/** From each axis to its choices, drawn by themselves. */
const AXES = {
  word: ['Usage: ', 'usage: ', 'Syntax: ', 'USAGE: ', 'Usage:\n  ', 'Usage:\n\t'],
  brackets: [(text) => `[${text}]`, (text) => `[${text}]`, (text) => `[ ${text} ]`],
  spellings: ['|', ' | ', ', ', '/'],
  // One that must be given, and one that may.
  argument: [
    [(word) => `=${word}`, (word) => `[=${word}]`],
    [(word) => ` ${word}`, (word) => `[=${word}]`],
    [(word) => ` ${word}`, (word) => ` [${word}]`],
  ],
  placeholder: [(word) => word, (word) => `<${word}>`],
  values: [
    (list) => `{${list.join(',')}}`,
    (list) => `{${list.join('|')}}`,
    (list) => list.join('|'),
    (list) => `<${list.join('|')}>`,
    (list) => `(${list.join('|')})`,
  ],
  // At least one, and any number.
  many: [
    [(word) => `${word}...`, (word) => `[${word}...]`],
    [(word) => `${word} ...`, (word) => `[${word} ...]`],
    [(word) => `${word} [${word} ...]`, (word) => `[${word} ...]`],
    [(word) => `${word} [${word}...]`, (word) => `[${word}]...`],
    [(word) => `${word} [...]`, (word) => `[${word} [...]]`],
  ],
  operands: [(word) => word, (word) => `<${word}>`],
  repeated: [(text) => text, (text) => `${text}...`],
  order: ['options first', 'operands first'],
  margin: [4, 8, 'name'],
};

/** The notation of an interface, which stays the same when a fact is taken away from it. */
function notationOf({ program, version, summary, epilogue, width }) {
  const hash = createHash('sha256')
    .update([program, version, summary, epilogue, width, 'synopsis'].join('\t'))
    .digest();
  const random = new Random(hash.readUInt32LE(0), hash.readUInt32LE(4));
  return Object.fromEntries(Object.entries(AXES).map(([axis, choices]) => [axis, random.pick(choices)]));
}

function synopsis(notation, name, { options, operands }, width) {
  const shown = options
    .filter(({ flags }) => !flags.includes('hidden'))
    .map((option) => optionWord(notation, option));
  const behind = operands.map((one) => operandWord(notation, one));
  const words = notation.order === 'options first' ? [...shown, ...behind] : [...behind, ...shown];
  const before = notation.word.split('\n').at(-1).replace('\t', ' '.repeat(8)).length;
  const margin =
    notation.margin === 'name' ? before + Math.min(name.length + 1, 24) : before + notation.margin;
  const joined = words.map((word) => word.replaceAll(' ', '\u00a0')).join(' ');
  const [first = '', ...rest] = wrapped(joined, width - margin);
  const lines = [
    `${notation.word}${name} ${first}`.trimEnd(),
    ...rest.map((line) => ' '.repeat(margin) + line),
  ];
  return lines.join('\n').replaceAll('\u00a0', ' ');
}

function optionWord(notation, option) {
  const { short, long, aliases, presence, values, placeholder, flags } = option;
  const names = [
    ...(short === '' ? [] : [`-${short}`]),
    ...[long, ...aliases]
      .filter((name) => name !== '')
      .map((name) => (flags.includes('negatable') ? `--[no-]${name}` : `--${name}`)),
  ];
  const isRequired = flags.includes('required');
  // Outside of brackets, names that a comma parts would be two options.
  const separator = isRequired && notation.spellings === ', ' ? '|' : notation.spellings;
  const isLetter = names.at(-1).length === 2;
  const word = values.length > 0 ? notation.values(values) : notation.placeholder(placeholder);
  const [mandatory, optional] = isLetter ? LETTER_ARGUMENTS : notation.argument;
  const argument = presence === 'none' ? '' : (presence === 'optional' ? optional : mandatory)(word);
  const all = names.join(separator) + argument;
  const bracketed = isRequired ? (names.length > 1 ? `(${all})` : all) : notation.brackets(all);
  return flags.includes('repeated') ? notation.repeated(bracketed) : bracketed;
}

const LETTER_ARGUMENTS = [(word) => ` ${word}`, (word) => `[${word}]`];

function operandWord(notation, { placeholder, least, most }) {
  const word = notation.operands(placeholder);
  if (most < 0) return notation.many[least > 0 ? 0 : 1](word);
  return least > 0 ? word : notation.brackets(word);
}

for (const from of interfaces()) {
  const notation = notationOf(from);
  show(from, [], `${synopsis(notation, from.program, from.root, from.width)}\n`);
}
