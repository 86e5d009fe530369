// The style of one help: a choice on each axis, drawn on its own, so that what stands together here has stood together nowhere.
import { createHash } from 'node:crypto';
import { Random } from '../../../../random.mjs';
import { GUTTERS } from './layout.mjs';
import { BRACKETS, DEFAULTS, ENVIRONMENTS, QUOTES, RANGES, REPEATED, REQUIRED, VALUES } from './notes.mjs';
import { ARGUMENTS, LETTER_ARGUMENTS, NEGATIONS, SEPARATORS } from './option-heads.mjs';
import { COMMAND_HEADS, HEADINGS, LIST_NAMES, ORDERS, TITLES } from './parts.mjs';
import { COMMAND_WORDS, MANY, OPTION_WORDS, OPTIONAL, PLACES, USAGE_WORDS } from './synopsis.mjs';

/** From each axis to its choices. A choice that is a list, `[choice, weight]`, is drawn so many times as often as another. */
const AXES = {
  title: Object.keys(TITLES),
  usage: [['Usage:', 6], ['usage:', 3], ...Object.keys(USAGE_WORDS).slice(2)],
  'usage place': Object.keys(PLACES),
  'usage options': [['[options]', 4], ...Object.keys(OPTION_WORDS).slice(1)],
  'usage command': Object.keys(COMMAND_WORDS),
  'operand optional': Object.keys(OPTIONAL),
  'operand many': Object.keys(MANY),
  'operand brackets': [['none', 2], '<>'],
  heading: [['Options:', 5], ...Object.keys(HEADINGS).slice(1)],
  'options called': [['options', 4], ...LIST_NAMES.options.slice(1)],
  'commands called': [['commands', 3], ...LIST_NAMES.commands.slice(1)],
  'operands called': LIST_NAMES.operands,
  order: Object.keys(ORDERS),
  indentation: ['0', '1', ['2', 6], '3', ['4', 3], '8', 'tab'],
  gutter: [['column', 8], ...Object.keys(GUTTERS).slice(1)],
  'command gutter': [['column', 4], ...Object.keys(GUTTERS).slice(1)],
  overflow: ['below', 'two blanks'],
  'text breaks': [['at the width', 3], 'never'],
  'blank lines': [['none', 5], 'between entries'],
  separator: [[', ', 8], ...Object.keys(SEPARATORS).slice(1)],
  'name order': [['letter first', 5], 'letter last'],
  'letter column': [['none', 2], 'aligned'],
  argument: [['=X', 3], [' X', 3], ...Object.keys(ARGUMENTS).slice(2)],
  'letter argument': [['none', 5], ...Object.keys(LETTER_ARGUMENTS).slice(1)],
  negation: Object.keys(NEGATIONS),
  'command head': [['names', 4], ...Object.keys(COMMAND_HEADS).slice(1)],
  brackets: Object.keys(BRACKETS),
  quotes: [['none', 4], ...Object.keys(QUOTES).slice(1)],
  default: Object.keys(DEFAULTS),
  values: Object.keys(VALUES),
  range: Object.keys(RANGES),
  environment: Object.keys(ENVIRONMENTS),
  required: Object.keys(REQUIRED),
  repeated: Object.keys(REPEATED),
  examples: [['none', 2], 'at the end'],
};

/** The style of an interface: from each axis to a choice, and a `seed` for what is drawn within its help. It stays the same when a fact is taken away from the interface. */
export function styleOf({ program, version, summary, epilogue, width }) {
  const hash = createHash('sha256').update([program, version, summary, epilogue, width].join('\t')).digest();
  const random = new Random(hash.readUInt32LE(0), hash.readUInt32LE(4));
  const chosen = Object.entries(AXES).map(([axis, choices]) => [
    axis,
    random.pick(choices.flatMap(weighted)),
  ]);
  return { ...Object.fromEntries(chosen), seed: hash.readUInt32LE(8) };
}

function weighted(choice) {
  return Array.isArray(choice) ? Array(choice[1]).fill(choice[0]) : [choice];
}
