import { argumentOf, type Option, type OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { wordsOf } from '../text-likeness.ts';
import { quoteName } from '../wording.ts';

interface Declared {
  readonly option: Option;
  readonly name: OptionName;
}

/** One finding for each name that two options of one command claim. */
export const sameNameTwice = defineCheck<{ name: string }>({
  name: 'conflicts/same-name-twice',
  level: 'error',
  title: 'One name is given to two options',
  why: 'The parser can follow only one of the two declarations; whoever reads the other gets something else.',
  standard: 'practice',
  needs: ['the options of the command', 'their texts'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID     print one box only\n  -b, --breakfast  deliver before eight\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID     print one box only\n  -e, --early      deliver before eight\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID   print one box only\n  -b ID          print one box only, and its route\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const declared = new Map<string, Declared>();
      for (const option of at.command.options.items) {
        for (const name of [...option.names, ...option.negatedNames]) {
          report.judged();
          const before = declared.get(name.text);
          if (before === undefined) {
            declared.set(name.text, { option, name });
          } else if (before.option !== option && areTwoThings(before.option, option, name.text)) {
            report.finding({
              command: at.path,
              subject: name.text,
              data: { name: name.text },
              place: before.name.place,
              related: [{ place: name.place, note: 'declared again here' }],
            });
          }
        }
      }
    }
  },
  message: ({ name }) => `${quoteName(name)} names two different options`,
  mend: ({ name }) => `give one of the two another name than ${quoteName(name)}`,
});

/**
 * Whether two entries cannot be one option. A help text may show forms of one option in several entries, or mention it
 * again: both must have texts that share no word, and, but for the name they share, other names of the same kind.
 */
function areTwoThings(a: Option, b: Option, shared: string): boolean {
  const others = (option: Option) => option.names.filter((name) => name.text !== shared);
  const aForms = others(a).map((name) => name.form);
  if (!others(b).some((name) => aForms.includes(name.form))) return false;
  if ([a, b].some((option) => givesValue(option, shared))) return false;
  const aWords = wordsOf(a.help?.value ?? '');
  const bWords = wordsOf(b.help?.value ?? '');
  if (aWords.size === 0 || bWords.size === 0) return false;
  return ![...aWords].some((word) => bWords.has(word));
}

/** Whether an entry shows a name with a given value (`--check=quiet`), which makes it one form of several. */
function givesValue(option: Option, text: string): boolean {
  const name = option.names.find((candidate) => candidate.text === text);
  const argument = name === undefined ? undefined : argumentOf(option, name)?.value;
  return argument?.words.some((word) => /^[a-z0-9][\w.-]*$/.test(word.placeholder?.value ?? '')) ?? false;
}
