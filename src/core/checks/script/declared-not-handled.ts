import { listNames } from '../../messages/wording.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop whose option string declares options that no arm of its `case` answers. */
export const declaredNotHandled = loopCheck({
  name: 'script/declared-not-handled',
  level: 'error',
  title: 'An option is declared, and no arm answers it',
  why: 'The parser accepts the option, and the script does nothing about it, or takes it for a mistake.',
  standard: 'POSIX getopts',
  examples: {
    wrong: getoptsExample('ab', ['a) all=1', '*) exit 2']),
    right: getoptsExample('ab', ['a) all=1', 'b) boxes=1', '*) exit 2']),
    nearMiss: getoptsExample('ab', ['a|b) all=1', '*) exit 2']),
  },
  faults({ declared, arms, armsComplete, unknown, place }) {
    // An arm for all the rest that keeps something may well answer them.
    if (declared === undefined || !armsComplete || unknown?.keeps === true) return undefined;
    const handled = new Set(arms.flatMap(({ names }) => names.map(({ name }) => name)));
    // What answers a mistake tells how the script is used, which is all that is asked of help.
    const explains = unknown !== undefined && (unknown.prints.length > 0 || unknown.end === 'exits');
    const missing = declared.filter(({ name }) => !handled.has(name) && !(explains && HELP.test(name)));
    const [first] = missing;
    if (first === undefined) return [];
    return [
      {
        subject: first.name,
        data: { names: missing.map(({ name }) => name) },
        place: first.place,
        related: [{ place, note: 'the loop that should answer it' }],
      },
    ];
  },
  message: ({ names }: { names: readonly string[] }) =>
    `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} declared, and no arm of the 'case' answers ${names.length === 1 ? 'it' : 'them'}`,
  fix: ({ names }) =>
    `add an arm for ${listNames(names)}, or take ${names.length === 1 ? 'it' : 'them'} out of the option string`,
});

const HELP = /^(?:-h|-H|--help)$/;
