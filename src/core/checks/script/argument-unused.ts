import { quoteName } from '../../messages/wording.ts';
import type { DeclaredName, OptionArm } from '../../model/option-loop.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** A finding for each arm that never reads the argument of its option, or reads one that the option does not take. */
export const argumentUnused = loopCheck({
  name: 'script/argument-unused',
  level: 'warning',
  title: 'An argument is taken and never read, or read and not taken',
  why: 'A word that the caller gave is dropped, or the arm works with what an option before it left behind.',
  standard: 'POSIX getopts',
  examples: {
    wrong: getoptsExample('o:', ['o) out=1', '*) exit 2']),
    right: getoptsExample('o:', ['o) out=$OPTARG', '*) exit 2']),
    nearMiss: getoptsExample('o:q', ['o) ;;\n    q) quiet=1', '*) exit 2']),
  },
  faults({ kind, declared, arms }) {
    if (kind !== 'getopts' || declared === undefined) return undefined;
    const byName = new Map(declared.map((one) => [one.name, one]));
    return arms.flatMap((arm) => {
      const own = arm.names.map(({ name }) => byName.get(name)).filter((one) => one !== undefined);
      const [first] = own;
      const fault = first === undefined ? undefined : faultOf(arm, own);
      if (first === undefined || fault === undefined) return [];
      return [
        {
          subject: first.name,
          data: { name: first.name, kind: fault },
          place: arm.names.find(({ name }) => name === first.name)?.place ?? arm.place,
          related: [{ place: first.place, note: 'declared here' }],
        },
      ];
    });
  },
  message: ({ name, kind }: { name: string; kind: Fault }) =>
    kind === 'unread'
      ? `${quoteName(name)} takes an argument, and its arm never reads it`
      : `the arm of ${quoteName(name)} reads an argument, and the option takes none`,
  fix: ({ name, kind }) =>
    kind === 'unread'
      ? `read 'OPTARG' in the arm, or take the colon behind '${name.slice(1)}' out of the option string`
      : `put a colon behind '${name.slice(1)}' in the option string, or do not read 'OPTARG'`,
});

type Fault = 'unread' | 'not-taken';

/** What is wrong with an arm that answers some options; an arm that does nothing, or ends the script, passes the argument over on purpose. */
function faultOf(arm: OptionArm, options: readonly DeclaredName[]): Fault | undefined {
  if (arm.readsArgument)
    return options.every(({ presence }) => presence === 'none') ? 'not-taken' : undefined;
  const isLeft = arm.isEmpty || arm.end === 'exits' || arm.mayExit;
  return !isLeft && options.every(({ presence }) => presence === 'mandatory') ? 'unread' : undefined;
}
