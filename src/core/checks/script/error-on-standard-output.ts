import type { TextEdit } from '../../edits/text-edits.ts';
import type { LoopAnswer } from '../../model/option-loop.ts';
import { getoptsExample, loopCheck } from '../loop-check.ts';

/** One finding for each loop whose script writes of mistakes to standard output and nowhere else. */
export const usageErrorOnStandardOutput = loopCheck({
  name: 'script/error-on-standard-output',
  level: 'note',
  title: 'A usage error is written to standard output',
  why: 'In a pipeline the message goes into the next program, and nobody reads it.',
  standard: 'POSIX XCU 1.4',
  examples: {
    wrong: getoptsExample(':a', ['a) all=1', '\\?) echo "usage: tiffin [-a]"; exit 2']),
    right: getoptsExample(':a', ['a) all=1', '\\?) echo "usage: tiffin [-a]" >&2; exit 2']),
    nearMiss: getoptsExample('ah', ['a) all=1', 'h) echo "usage: tiffin [-a]"; exit 0', '*) exit 2']),
  },
  faults({ kind, silent, unknown }) {
    // Where the parser tells of the mistake itself, it does so on standard error.
    if (unknown === undefined || (kind !== 'words' && silent !== true)) return undefined;
    const [first] = unknown.prints;
    if (first === undefined || unknown.prints.some(({ stream }) => stream !== 'standard-output')) return [];
    return [
      {
        data: {},
        place: first.place,
        related: [{ place: unknown.place, note: 'answers an unknown option' }],
        edits: toStandardError(unknown),
      },
    ];
  },
  message: (_data: Record<string, never>) =>
    'what is printed about an unknown option goes to standard output',
  fix: () => "print it to standard error: '>&2'",
});

/** What the arm prints by itself goes to standard error; what a function prints may be asked for elsewhere too. */
function toStandardError({ prints, place: arm }: LoopAnswer): TextEdit[] {
  const isOwn = prints.every(
    ({ place }) => place.source === arm.source && place.start >= arm.start && place.end <= arm.end,
  );
  return isOwn ? prints.map(({ place }) => ({ place: { ...place, start: place.end }, text: ' >&2' })) : [];
}
