import { groupedBy } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { longNames, mainName, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each option whose name is the text of others. */
export const helpOfAnotherOption = defineCheck({
  name: 'help/help-of-another-option',
  level: 'note',
  title: 'The text of an option describes another',
  why: 'The text was copied from another option and not corrected, or the two are one option and nothing says so.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --fee         late boxes\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --fee         what they cost\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --late        late boxes\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const byWords = new Map<string, Option>();
      for (const option of command.options.items)
        for (const { text } of longNames(option))
          byWords.set(nameWords(text.toLowerCase()).join(' '), option);
      const told = command.options.items.filter(({ help }) => help !== undefined);
      report.judged(told.length);
      // One word behind many options is one slip, of what prints the help.
      for (const [other, faulty] of groupedBy(told, (option) => describedAs(option, byWords))) {
        const [first] = faulty;
        if (first?.help === undefined) continue;
        report.finding({
          command: path,
          subject: mainName(first).text,
          data: {
            names: [...new Set(faulty.map((option) => mainName(option).text))],
            other: mainName(other).text,
          },
          place: first.help.place,
          related: [{ place: mainName(other).place, note: 'is called so' }],
        });
      }
    }
  },
  message: ({ names, other }: { names: readonly string[]; other: string }) =>
    `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? 'describes' : 'describe'} ${quoteName(other)}`,
  fix: ({ names, other }) =>
    names.length === 1
      ? `say what ${quoteName(names[0] ?? '')} does, or make it a name of ${quoteName(other)}`
      : 'say what each of them does',
});

/** What the texts of the two options speak of that every program has. */
const SPEAKS_OF = { help: /\b(?:help|usage|options)\b/i, version: /\b(?:version|release)\b/i } as const;

/** The option for help, where that for the version speaks of it, and the other way round: `--version  print this help`. */
function swapped(option: Option, byWords: ReadonlyMap<string, Option>): Option | undefined {
  const text = option.help?.value ?? '';
  const [own, other] =
    byWords.get('version') === option ? (['version', 'help'] as const) : (['help', 'version'] as const);
  const isOfOwn = byWords.get(own) !== option || SPEAKS_OF[own].test(text);
  return !isOfOwn && SPEAKS_OF[other].test(text) ? byWords.get(other) : undefined;
}

/** The option that has the text of another one for its name; undefined where none has, or where the text is about a word of its own name. */
function describedAs(option: Option, byWords: ReadonlyMap<string, Option>): Option | undefined {
  const words = option.help?.value.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
  const other = byWords.get(words.join(' ')) ?? swapped(option, byWords);
  const own = new Set(longNames(option).flatMap(({ text }) => nameWords(text.toLowerCase())));
  // A letter without a long name may well be described by the word that it stands for.
  const isOfOwn = other === option || own.size === 0 || words.some((word) => own.has(word));
  return isOfOwn ? undefined : other;
}
