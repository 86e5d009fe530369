import { listNames } from '../../messages/wording.ts';
import type { LoopKind } from '../../model/option-loop.ts';
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
  faults({ kind, declared, arms, armsComplete, unknown, place }) {
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
        data: { names: missing.map(({ name }) => name), loop: kind },
        place: first.place,
        // What `argparse` takes may be taken for the sake of old callers, or be what holds anyway.
        ...(kind === 'argparse' ? { level: 'warning' as const } : {}),
        related: [
          {
            place,
            note: kind === 'argparse' ? 'the call that declares it' : 'the loop that should answer it',
          },
        ],
      },
    ];
  },
  message: ({ names, loop }: { names: readonly string[]; loop: LoopKind }) =>
    loop === 'argparse'
      ? `'argparse' takes ${listNames(names)}, and nothing looks at the variable that ${names.length === 1 ? 'it sets' : 'they set'}`
      : `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} declared, and no arm of the 'case' answers ${names.length === 1 ? 'it' : 'them'}`,
  fix: ({ names, loop }) =>
    loop === 'argparse'
      ? `look at the variable of ${listNames(names)}, or take ${names.length === 1 ? 'it' : 'them'} out of the call`
      : `add an arm for ${listNames(names)}, or take ${names.length === 1 ? 'it' : 'them'} out of the option string`,
});

const HELP = /^(?:-h|-H|--help)$/;
