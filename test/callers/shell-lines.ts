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
const call = fc.array(word, { maxLength: 4 }).map((words) => ['tally', ...words].join(' '));

/** A command in one line, with one call or two. */
export const lineCommand = fc.oneof(
  call,
  fc
    .tuple(call, fc.constantFrom(' > /dev/null', ' 2>&1', ' </dev/null', ' >/dev/null 2>&1'))
    .map((parts) => parts.join('')),
  fc.tuple(call, fc.constantFrom(' && ', '; '), call).map((parts) => parts.join('')),
  call.map((one) => `if ${one}; then true; fi`),
  call.map((one) => `echo $(${one})`),
  // Within backticks, backslashes mean something before all else.
  call.filter((one) => !/[\\$]/.test(one)).map((one) => `echo \`${one}\``),
  call.map((one) => `( ${one} ) && { ${one}; }`),
  call.map((one) => `env BOX=1 nice -n 1 timeout 5 ${one}`),
  call.map((one) => `for x in 1; do ${one}; done | cat`),
  call.map((one) => `run() { ${one}; }; run`),
);

/** A command, also over several lines and with a comment behind it. */
export const anyCommand = fc.oneof(
  lineCommand,
  call.map((one) => `${one} # tally x`),
  call.map((one) => one.replace(/ /g, ' \\\n  ')).filter((one) => !/['"][^'"]*\\\n/.test(one)),
  call.map((one) => `cat <<END\ntally in a text, $(${one})\nEND`),
);
