// Blocks of a help that declare no option, command or operand, as many programs have them.
import { wrapped } from './layout.mjs';
import { heading } from './parts.mjs';

/** By name: the place of a block, and its lines. */
export const BLOCKS = {
  'an error': { place: 'first', lines: ({ name }) => [`${name}: unrecognized option '--help'`] },
  'a banner': {
    place: 'first',
    lines: ({ name, version }) => [
      '='.repeat(44),
      `  ${name.toUpperCase()}  release ${version}`,
      '='.repeat(44),
    ],
  },
  'a notice': {
    place: 'first',
    lines: ({ name, version }) => [
      `${name} ${version}, (c) the office on the north quay`,
      'You may pass it on under the terms of the harbour.',
    ],
  },
  'a sentence': {
    place: 'above options',
    lines: ({ width }) => wrapped(`${MANDATORY} ${MANDATORY.replace('long', 'all')}`, width),
  },
  'a sentence with a colon': { place: 'above options', lines: () => ['These may stand in any order:'] },
  'a paragraph': {
    place: 'last',
    lines: ({ names, width }) => wrapped(aboutNames(names), width),
  },
  'a paragraph that begins with a name': {
    place: 'last',
    lines: ({ names, width }) =>
      wrapped(`${names[0]} is for those who weigh by hand. ${aboutNames(names)}`, width),
  },
  variables: {
    place: 'last',
    lines: ({ style }) => [
      ...heading(style, 'environment'),
      '  HARBOUR_HOME    where the boxes stand at night',
      '  HARBOUR_TIDE    the tide table to use, unless another is given',
    ],
  },
  'exit statuses': {
    place: 'last',
    lines: ({ style }) => [
      ...heading(style, 'exit status'),
      '  0  all boxes were read',
      '  1  a box was late',
      '  2  the list could not be read',
    ],
  },
  'words with texts': {
    place: 'last',
    lines: ({ style }) => [
      ...heading(style, 'formats'),
      '  plain    one box to a line',
      '  table    boxes and their lids in columns',
      '  sheet    what the office wants',
    ],
  },
  keys: {
    place: 'last',
    lines: ({ style }) => [
      ...heading(style, 'keys'),
      '  q, ESC   leave',
      '  +, -     more or less',
      '  SPACE    stop',
    ],
  },
  'examples with texts below': {
    place: 'last',
    lines: ({ style, name, names }) => [
      ...heading(style, 'examples'),
      `  ${name} ${names[0]}`,
      '      what the office does each morning',
      `  ${name} ${names.at(-1)} boxes.txt`,
      '      the same for one list',
    ],
  },
  'examples in a sentence': {
    place: 'last',
    lines: ({ name, names }) => [`For instance, '${name} ${names[0]}' reads the list of today.`],
  },
  'numbered notes': {
    place: 'last',
    lines: () => [
      'Notes:',
      ' 1. Boxes without a lid are passed over.',
      ' 2. The tide is that of the north quay.',
    ],
  },
  'other pages': { place: 'last', lines: () => ['SEE ALSO', '  crane(1), quay(1), tide-table(5)'] },
};

const MANDATORY = 'Arguments that long options need are needed by the letters too.';

function aboutNames(names) {
  const [first, second = first] = names;
  return `Without ${second} the list of the day is taken, and ${first} has no meaning then. Who gives both ${first} and ${second} gets what the later one of them asks for, unless the office has shut.`;
}
