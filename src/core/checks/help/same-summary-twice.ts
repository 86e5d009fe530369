import { groupedBy } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { Knowable } from '../../model/fact.ts';
import { mainName } from '../../model/option.ts';
import { isWithin } from '../../words/letters-within.ts';
import { nameWords } from '../../words/name-words.ts';
import { areSpellings } from '../../words/spellings.ts';
import { normalisedText, wordsOf } from '../../words/text-likeness.ts';
import { defineCheck } from '../define-check.ts';

type Same = {
  readonly kind: 'command' | 'operand' | 'value';
  readonly names: readonly string[];
  readonly other: string;
};

interface Told {
  readonly name: string;
  readonly text: Knowable<string>;
}

/** One finding for each text that several commands, operands of a command, or values of an option have. */
export const sameSummaryTwice = defineCheck({
  name: 'help/same-summary-twice',
  level: 'note',
  title: 'Two commands, operands or values have the same text',
  why: 'A text copied from the neighbour tells the reader something false, or does not say how the two differ.',
  standard: 'practice',
  needs: ['the texts of commands, operands and values'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin COMMAND\n\nCommands:\n  open    begin the round of a day\n  close   begin the round of a day\n',
    right:
      'Usage: tiffin COMMAND\n\nCommands:\n  open    begin the round of a day\n  close   end the round of a day\n',
    nearMiss:
      'Usage: tiffin COMMAND\n\nCommands:\n  list    list the boxes\n  ls      list the boxes\n  open    not yet\n  close   not yet\n  delete  same as remove\n  remove  take a box away\n',
  },
  judge(view, report) {
    for (const { command, path } of view.commands) {
      const lists: [Same['kind'], readonly Told[]][] = [
        [
          'command',
          command.commands.items
            .filter(isShown)
            .map((one) => ({ name: commandName(one), text: one.summary })),
        ],
        ['operand', command.operands.items.map(({ name, help }) => ({ name, text: help }))],
        ...command.options.items.flatMap((option): [Same['kind'], readonly Told[]][] =>
          (option.argument?.value.words ?? []).map(({ values }) => [
            'value',
            (values?.value ?? []).map(({ value, help }) => ({
              name: `${mainName(option).text} ${value}`,
              text: help,
            })),
          ]),
        ),
      ];
      for (const [kind, told] of lists) {
        report.judged(told.length);
        for (const group of groupedBy(told, keyOf).values()) {
          const [first, ...rest] = group;
          const copies = rest.filter(
            (one) => first !== undefined && !isSharedText(first, one) && !mayBeOne(first.name, one.name),
          );
          const [copy] = copies;
          if (first === undefined || copy === undefined) continue;
          report.finding({
            command: path,
            subject: copy.name,
            data: { kind, names: copies.map(({ name }) => name), other: first.name },
            place: copy.text?.place ?? null,
            related: [{ place: first.text?.place ?? null, note: `the text of ${quoteName(first.name)}` }],
          });
        }
      }
    }
  },
  message: ({ kind, names, other }: Same) =>
    `the ${names.length === 1 ? kind : `${kind}s`} ${listNames(names)} ${names.length === 1 ? 'has' : 'have'} the same text as ${quoteName(other)}`,
  fix: ({ names, other }) =>
    `say how ${listNames(names)} ${names.length === 1 ? 'differs' : 'differ'} from ${quoteName(other)}`,
});

/** Whether two things stand before one text, `none, off   never make a copy`: then they are names of one. */
function isSharedText({ text: one }: Told, { text: other }: Told): boolean {
  return one?.place?.source === other?.place?.source && one?.place?.start === other?.place?.start;
}

function isShown({ hidden }: Command): boolean {
  return hidden?.value !== true;
}

/** Texts that are no copies though they are alike: they speak of another thing, or of the state of this one. */
const REFERS =
  /\b(?:same as|alias|synonym|equivalent|like|see|ditto|deprecated|obsolete|reserved|undocumented|not yet|unsupported|ignored)\b/i;

/** What copies of a text have in common; undefined for texts of fewer than two words, and for those that say of many things what state they are in. */
function keyOf({ text }: Told): string | undefined {
  const words = text?.value ?? '';
  return wordsOf(words).size < 2 || REFERS.test(words) ? undefined : normalisedText(words);
}

/** Whether two names may be those of one thing: spellings of each other, one the beginning or the letters of the other, or words in common. */
function mayBeOne(a: string, b: string): boolean {
  const [one, other] = [a, b].map((name) => name.toLowerCase().replace(/[^\p{L}\d]/gu, ''));
  if (one === undefined || other === undefined || areSpellings(a, b)) return true;
  const [short = '', long = ''] = [one, other].sort((x, y) => x.length - y.length);
  const words = new Set(nameWords(a));
  return (
    (short[0] === long[0] && isWithin(short, long)) ||
    (!a.startsWith('-') && nameWords(b).some((word) => words.has(word)))
  );
}
