import type { TextEdit } from '../../edits/text-edits.ts';
import type { Span } from '../../source/source.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop behind which operands are read while the options still stand before them. */
export const operandsNotShifted = loopCheck({
  name: 'script/operands-not-shifted',
  level: 'error',
  title: 'Operands are read without taking the options away',
  why: "'getopts' leaves the words where they are: with any option given, '$1' is that option and not the first operand.",
  standard: 'POSIX getopts',
  examples: {
    wrong: getoptsExample('a', ['a) all=1', '*) exit 2'], 'cat "$1"\n').replace(
      'shift $((OPTIND - 1))\n',
      '',
    ),
    right: getoptsExample('a', ['a) all=1', '*) exit 2'], 'cat "$1"\n'),
    nearMiss: getoptsExample('a', ['a) all=1', '*) exit 2'], `cat "\${@:OPTIND:1}"\n`).replace(
      'shift $((OPTIND - 1))\n',
      '',
    ),
  },
  faults: ({ kind, notShifted, place }) =>
    kind !== 'getopts'
      ? undefined
      : notShifted === null
        ? []
        : [
            {
              data: {},
              place: notShifted,
              related: [{ place, note: 'the options are read here' }],
              edits: shiftBehind(place),
              reveals: 'script/operands-unchecked',
            },
          ],
  message: (_data: Record<string, never>) =>
    'an operand is read, and the options before it were not taken away',
  fix: () => "put 'shift $((OPTIND - 1))' behind the loop",
});

/** The line that takes the options away, behind a loop that ends its line. */
function shiftBehind({ source, start, end }: Span): TextEdit[] {
  const { text } = source;
  const line = text.lastIndexOf('\n', start - 1) + 1;
  const before = text.slice(line, start);
  const behind = text.indexOf('\n', end);
  const at = behind < 0 ? text.length : behind;
  const isAlone = /^[ \t]*$/.test(before) && /^[ \t]*(?:#.*)?$/.test(text.slice(end, at));
  return isAlone ? [{ place: { source, start: at, end: at }, text: `\n${before}shift $((OPTIND - 1))` }] : [];
}
