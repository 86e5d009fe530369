import { quoteName } from '../../messages/wording.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** A finding for each arm that answers an option which the option string does not declare. */
export const handledNotDeclared = loopCheck({
  name: 'script/handled-not-declared',
  level: 'error',
  title: 'An arm answers an option that is not declared',
  why: 'The parser refuses the option before the arm can answer it, so that it never runs.',
  standard: 'POSIX getopts',
  examples: {
    wrong: getoptsExample('a', ['a) all=1', 'b) boxes=1', '*) exit 2']),
    right: getoptsExample('ab', ['a) all=1', 'b) boxes=1', '*) exit 2']),
    nearMiss: getoptsExample(':a:', ['a) all=$OPTARG', ':) exit 2', '\\?) exit 2']),
  },
  faults({ declared, arms, unknown }) {
    if (declared === undefined) return undefined;
    const known = new Set(declared.map(({ name }) => name));
    return arms.flatMap(({ names, place }) =>
      names
        // `-?` is what a letter that does not exist comes to.
        .filter(({ name }) => !known.has(name) && name !== '-?')
        .map(({ name, place: own }) => ({
          subject: name,
          data: { name },
          place: own,
          // In one arm with what answers mistakes, the option has its effect all the same, behind a message.
          ...(unknown?.place.start === place.start ? { level: 'note' as const } : {}),
        })),
    );
  },
  message: ({ name }: { name: string }) =>
    `an arm answers ${quoteName(name)}, which is not in the option string`,
  fix: ({ name }) => `declare ${quoteName(name)} in the option string, or take the arm out`,
});
