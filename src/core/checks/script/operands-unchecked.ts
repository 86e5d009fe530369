import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop behind which operands are used, and nothing looks at how many there are. */
export const operandsUnchecked = loopCheck({
  name: 'script/operands-unchecked',
  level: 'note',
  title: 'Nothing checks how many operands there are',
  why: 'With an operand forgotten, the script works with an empty word in its place.',
  standard: 'practice',
  examples: {
    wrong: getoptsExample('a', ['a) all=1', '*) exit 2'], 'cat "$1"\n'),
    right: getoptsExample('a', ['a) all=1', '*) exit 2'], '[ $# -eq 1 ] || exit 2\ncat "$1"\n'),
    nearMiss: getoptsExample('a', ['a) all=1', '*) exit 2'], `cat "\${1:-boxes}"\n`),
  },
  faults: ({ unchecked, notShifted, place }) =>
    notShifted !== null
      ? undefined
      : unchecked === null
        ? []
        : [{ data: {}, place: unchecked, related: [{ place, note: 'the options are read here' }] }],
  message: (_data: Record<string, never>) => 'an operand is used, and nothing checks whether it was given',
  fix: () => "look at '$#' behind the loop, and tell what is missing",
});
