import type { TextEdit } from '../../edits/text-edits.ts';
import type { LoopAnswer, OptionLoop } from '../../model/option-loop.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop in which a wrong option does not end the script, or ends it as if nothing were wrong. */
export const errorStatus = loopCheck({
  name: 'script/error-status',
  level: 'warning',
  title: 'A wrong option does not make the script fail',
  why: 'Callers go by the exit status. With 0, or where the script goes on, they take the wrong command line for one that worked.',
  standard: 'POSIX XCU 1.4',
  examples: {
    wrong: getoptsExample('a', ['a) all=1', '*) echo "usage: tiffin [-a]" >&2; exit 0']),
    right: getoptsExample('a', ['a) all=1', '*) echo "usage: tiffin [-a]" >&2; exit 2']),
    nearMiss: getoptsExample('a', ['a) all=1', '*) wrong=1'], '[ -z "$wrong" ] || exit 2\n'),
  },
  faults(loop) {
    const fault = faultOf(loop);
    if (fault === undefined) return loop.declared === undefined && loop.kind !== 'words' ? undefined : [];
    return [
      {
        data: { kind: fault.kind, loop: loop.kind },
        place: fault.answer?.place ?? loop.declared?.[0]?.place ?? loop.place,
        edits: fault.kind === 'status-0' ? otherStatus(loop) : [],
      },
    ];
  },
  message: ({ kind, loop }: { kind: Fault; loop: OptionLoop['kind'] }) =>
    kind === 'status-0'
      ? 'an unknown option ends the script with status 0'
      : kind === 'goes-on'
        ? 'the script goes on behind an unknown option'
        : loop === 'getopt'
          ? "nothing looks at whether 'getopt' took the command line, and the script goes on where it did not"
          : 'the shell tells of an unknown option, and the script goes on',
  fix: ({ loop }) =>
    loop === 'getopt'
      ? "end the script with a status other than 0, usually 2, where 'getopt' fails"
      : 'end the script with a status other than 0, usually 2, where an option is unknown',
});

type Fault = 'status-0' | 'goes-on' | 'unanswered';

function faultOf({
  kind,
  declared,
  armsComplete,
  silent,
  unknown,
}: OptionLoop): { readonly kind: Fault; readonly answer: LoopAnswer | undefined } | undefined {
  if (unknown === undefined) {
    if (kind === 'words' || kind === 'zparseopts' || kind === 'argparse' || declared === undefined)
      return undefined;
    // Nothing is said at all where the script was to tell of errors: that is another check's.
    return kind === 'getopt' || (silent === false && armsComplete)
      ? { kind: 'unanswered', answer: undefined }
      : undefined;
  }
  if (unknown.end === 'exits')
    return unknown.status === 0 ? { kind: 'status-0', answer: unknown } : undefined;
  const isSettled = unknown.keeps || unknown.mayExit || unknown.end === 'breaks';
  // Words that a loop of its own leaves alone may be for another program.
  if (isSettled || (kind === 'words' && unknown.prints.length === 0)) return undefined;
  return { kind: 'goes-on', answer: unknown };
}

/** Another status in the place of 0, where the arm that ends the script answers nothing else and ends it once. */
function otherStatus({ unknown, arms }: OptionLoop): TextEdit[] {
  if (unknown === undefined || arms.some(({ place }) => place.start === unknown.place.start)) return [];
  const { source, start, end } = unknown.place;
  const [found, ...others] = source.text
    .slice(start, end)
    .matchAll(/\bexit(?:[ \t]+0)?(?=[ \t]*(?:[;}\n]|$))/g);
  return found === undefined || others.length > 0
    ? []
    : [
        {
          place: { source, start: start + found.index, end: start + found.index + found[0].length },
          text: 'exit 2',
        },
      ];
}
