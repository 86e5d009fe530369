import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop that is to tell of errors itself and does not. */
export const noUnknownArm = loopCheck({
  name: 'script/no-unknown-arm',
  level: 'warning',
  title: 'Nothing answers an unknown option, or a missing argument',
  why: 'With a colon in front of the option string the shell says nothing of mistakes. The script goes on as if the option had not been given.',
  standard: 'POSIX getopts',
  examples: {
    wrong: getoptsExample(':ab', ['a) all=1', 'b) boxes=1']),
    right: getoptsExample(':ab', ['a) all=1', 'b) boxes=1', '\\?) exit 2']),
    nearMiss: getoptsExample(':ab:', ['a) all=1', 'b) boxes=$OPTARG', '*) exit 2']),
  },
  faults({ kind, declared, silent, armsComplete, unknown, missing, place }) {
    if (kind !== 'getopts' || declared === undefined || silent !== true || !armsComplete) return undefined;
    const takesOne = declared.some(({ presence }) => presence !== 'none');
    const lacking: Lacking | undefined =
      unknown === undefined
        ? takesOne && missing === undefined
          ? 'both'
          : 'unknown'
        : takesOne && missing === undefined
          ? 'missing'
          : undefined;
    return lacking === undefined ? [] : [{ data: { lacking }, place: declared[0]?.place ?? place }];
  },
  message: ({ lacking }: { lacking: Lacking }) =>
    `the option string begins with a colon, and no arm answers ${ANSWERED[lacking]}`,
  fix: ({ lacking }) =>
    `add ${lacking === 'missing' ? "an arm ':)'" : lacking === 'unknown' ? "an arm '\\?)'" : "arms '\\?)' and ':)'"} that tells what is wrong and ends with a status other than 0`,
});

type Lacking = 'unknown' | 'missing' | 'both';

const ANSWERED: Readonly<Record<Lacking, string>> = {
  unknown: 'an unknown option',
  missing: 'a missing argument',
  both: 'an unknown option or a missing argument',
};
