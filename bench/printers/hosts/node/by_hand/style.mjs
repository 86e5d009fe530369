// The style of one help: a choice on each axis, drawn on its own, so that what stands together here has stood together nowhere.
import { createHash } from 'node:crypto';
import { Random } from '../../../../random.mjs';
import { BULLETS, GUTTERS, LATEST_GUTTERS, MORE_GUTTERS } from './layout.mjs';
import {
  BRACKETS,
  DEFAULTS,
  ENVIRONMENTS,
  LATEST_BRACKETS,
  LATEST_DEFAULTS,
  LATEST_ENVIRONMENTS,
  LATEST_RANGES,
  LATEST_REPEATED,
  LATEST_REQUIRED,
  LATEST_VALUES,
  MORE_BRACKETS,
  MORE_DEFAULTS,
  MORE_ENVIRONMENTS,
  MORE_RANGES,
  MORE_REPEATED,
  MORE_REQUIRED,
  MORE_VALUES,
  NOTE_PLACES,
  QUOTES,
  RANGES,
  REPEATED,
  REQUIRED,
  VALUES,
} from './notes.mjs';
import {
  ARGUMENTS,
  LATEST_ARGUMENTS,
  LATEST_SEPARATORS,
  LETTER_ARGUMENTS,
  MORE_ARGUMENTS,
  MORE_LETTER_ARGUMENTS,
  MORE_NEGATIONS,
  MORE_SEPARATORS,
  NEGATIONS,
  SEPARATORS,
} from './option-heads.mjs';
import {
  COMMAND_HEADS,
  HEADINGS,
  LATEST_HEADINGS,
  LATEST_LIST_NAMES,
  LIST_NAMES,
  MORE_COMMAND_HEADS,
  MORE_HEADINGS,
  ORDERS,
  TABLE_HEADS,
  TITLES,
} from './parts.mjs';
import {
  COMMAND_WORDS,
  LATEST_COMMAND_WORDS,
  LATEST_MANY,
  LATEST_OPTION_WORDS,
  LATEST_USAGE_WORDS,
  MANY,
  MORE_COMMAND_WORDS,
  MORE_MANY,
  MORE_OPTION_WORDS,
  MORE_USAGE_WORDS,
  OPTION_WORDS,
  OPTIONAL,
  PLACES,
  USAGE_WORDS,
} from './synopsis.mjs';

/** From each axis to its choices. A choice that is a list, `[choice, weight]`, is drawn so many times as often as another. */
export const AXES = {
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

/** Choices that are met less often, or that nobody had looked at when those above were. */
const MORE = {
  usage: MORE_USAGE_WORDS,
  'usage options': MORE_OPTION_WORDS,
  'usage command': MORE_COMMAND_WORDS,
  'operand many': MORE_MANY,
  heading: MORE_HEADINGS,
  gutter: MORE_GUTTERS,
  'command gutter': MORE_GUTTERS,
  separator: MORE_SEPARATORS,
  argument: MORE_ARGUMENTS,
  'letter argument': MORE_LETTER_ARGUMENTS,
  negation: MORE_NEGATIONS,
  'command head': MORE_COMMAND_HEADS,
  brackets: MORE_BRACKETS,
  default: MORE_DEFAULTS,
  values: MORE_VALUES,
  range: MORE_RANGES,
  environment: MORE_ENVIRONMENTS,
  required: MORE_REQUIRED,
  repeated: MORE_REPEATED,
  'note place': NOTE_PLACES,
};

/** Every choice, those of `MORE` as often as all others of their axis together. */
export const WIDER_AXES = {
  ...widened(AXES, MORE),
  bullet: [['none', 6], ...Object.keys(BULLETS).slice(1)],
};

/** Choices that nobody had looked at when those of `WIDER_AXES` were. */
const LATEST = {
  usage: LATEST_USAGE_WORDS,
  'usage options': LATEST_OPTION_WORDS,
  'usage command': LATEST_COMMAND_WORDS,
  'operand many': LATEST_MANY,
  heading: LATEST_HEADINGS,
  'options called': named(LATEST_LIST_NAMES.options),
  'commands called': named(LATEST_LIST_NAMES.commands),
  'operands called': named(LATEST_LIST_NAMES.operands),
  gutter: LATEST_GUTTERS,
  'command gutter': LATEST_GUTTERS,
  separator: LATEST_SEPARATORS,
  argument: LATEST_ARGUMENTS,
  brackets: LATEST_BRACKETS,
  default: LATEST_DEFAULTS,
  values: LATEST_VALUES,
  range: LATEST_RANGES,
  environment: LATEST_ENVIRONMENTS,
  required: LATEST_REQUIRED,
  repeated: LATEST_REPEATED,
};

/** Every choice, those of `LATEST` as often as all others of their axis together. */
export const WIDEST_AXES = {
  ...widened(WIDER_AXES, LATEST),
  'table head': [['none', 4], ...Object.keys(TABLE_HEADS).slice(1)],
};

/** Axes with more choices, which are drawn as often as all others of their axis together. */
function widened(axes, more) {
  const wider = Object.entries(more).map(([axis, choices]) => {
    const before = (axes[axis] ?? []).flatMap(weighted);
    const weight = Math.max(1, Math.round(before.length / Object.keys(choices).length));
    return [axis, [...before, ...Object.keys(choices).map((choice) => [choice, weight])]];
  });
  return { ...axes, ...Object.fromEntries(wider) };
}

function named(words) {
  return Object.fromEntries(words.map((word) => [word, word]));
}

/** The style of an interface: from each axis to a choice, and a `seed` for what is drawn within its help. It stays the same when a fact is taken away from the interface. */
export function styleOf({ program, version, summary, epilogue, width }, axes = AXES) {
  const hash = createHash('sha256').update([program, version, summary, epilogue, width].join('\t')).digest();
  const random = new Random(hash.readUInt32LE(0), hash.readUInt32LE(4));
  const chosen = Object.entries(axes).map(([axis, choices]) => [
    axis,
    random.pick(choices.flatMap(weighted)),
  ]);
  return { ...Object.fromEntries(chosen), seed: hash.readUInt32LE(8) };
}

function weighted(choice) {
  return Array.isArray(choice) ? Array(choice[1]).fill(choice[0]) : [choice];
}
