import fc from 'fast-check';

const piece = fc.constantFrom(
  'box',
  '--late',
  "'a b'",
  '"c d"',
  'e\\ f',
  '"g\\"h"',
  "'i\"j'",
  '"k\\\\l"',
  '-x',
  '=',
  'm,n',
  "''",
  '"o\'p"',
  '%q',
  '@r',
  '"\\$s"',
  "'$t'",
  '~u',
  'v#w',
  '--',
  '{y}',
);
const word = fc.array(piece, { minLength: 1, maxLength: 3 }).map((pieces) => pieces.join(''));

/** A call of `tally` as one writes it for a shell. */
export const call = fc.array(word, { maxLength: 4 }).map((words) => ['tally', ...words].join(' '));

/** A line with one call or two. */
export const line = fc.oneof(
  call,
  fc.tuple(call, fc.constantFrom(' && ', '; '), call).map((parts) => parts.join('')),
);
