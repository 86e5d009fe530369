import { listNames, quoteName } from '../../messages/wording.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { argumentOf, type Option, type OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each long name with one hyphen that is also a group of letters. */
export const nameReadsAsLetters = defineCheck({
  name: 'conflicts/name-reads-as-letters',
  level: 'warning',
  title: 'A long name with one hyphen is also a group of short options',
  why: 'The parser reads such a word in one of two ways. Callers who mean the other get several options at once, or one instead of several.',
  standard: 'POSIX XBD 12.2, Guideline 5',
  needs: ['the options of the command', 'whether letters can be grouped'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: true}\noptions:\n  -so: sort boxes\n  -s: print sizes\n  -o: print owners\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: false}\noptions:\n  -so: sort boxes\n  -s: print sizes\n  -o: print owners\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: true}\noptions:\n  -sort: sort boxes\n  -s: print sizes\n  -o: print owners\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const singles = at.command.options.items.flatMap((option) =>
        option.names.filter(({ form }) => form === 'single-hyphen-long'),
      );
      if (singles.length === 0) continue;
      const letters = lettersOf(at.command.options.items);
      const grouping = nearestRule(at.line, 'grouping');
      for (const name of singles) {
        const group = groupOf(name, letters) ?? joinedTo(name, letters);
        if (group === undefined || grouping?.value === false) {
          report.judged();
        } else if (grouping === undefined) {
          report.notJudged({
            command: at.path,
            count: 1,
            reason: 'whether the parser takes groups of letters',
            remedy: 'state it by --rule=grouping=true, or =false',
            place: name.place,
          });
        } else {
          report.judged();
          report.finding({
            command: at.path,
            subject: name.text,
            data: { name: name.text, letters: group },
            place: name.place,
          });
        }
      }
    }
  },
  message: ({ name, letters }: { name: string; letters: readonly string[] }) =>
    letters[1]?.startsWith('-') === false
      ? `${quoteName(name)} is also ${quoteName(letters[0] ?? '')} with the argument ${quoteName(letters[1])}`
      : `${quoteName(name)} is also ${listNames(letters)} in one word`,
  fix: ({ name }) => `give it two hyphens (${quoteName(`-${name}`)})`,
});

function lettersOf(options: readonly Option[]): ReadonlyMap<string, Option> {
  return new Map(
    options.flatMap((option) =>
      option.names.filter(({ form }) => form === 'short').map(({ text }) => [text, option] as const),
    ),
  );
}

/** The letters that a word is as a group, all of them flags but the last; undefined where it is none. */
function groupOf(name: OptionName, letters: ReadonlyMap<string, Option>): string[] | undefined {
  const group = [...name.text.slice(1)].map((letter) => `-${letter}`);
  // `-vv` is a letter given twice by custom.
  if (new Set(group).size < 2) return undefined;
  const isFlag = (letter: string) => {
    const option = letters.get(letter);
    const named = option?.names.find(({ text }) => text === letter);
    return (
      option !== undefined && named !== undefined && argumentOf(option, named)?.value.presence === 'none'
    );
  };
  return group.slice(0, -1).every(isFlag) && letters.has(group.at(-1) ?? '') ? group : undefined;
}

/** The letter and the argument that a word is where the argument is joined to it (`-form` is `-f orm`); undefined where it is none. */
function joinedTo(name: OptionName, letters: ReadonlyMap<string, Option>): string[] | undefined {
  const [letter, argument] = [name.text.slice(0, 2), name.text.slice(2)];
  const option = letters.get(letter);
  const named = option?.names.find(({ text }) => text === letter);
  const presence =
    option === undefined || named === undefined ? undefined : argumentOf(option, named)?.value.presence;
  // Those of one option are its own spellings.
  if (option === undefined || presence === undefined || presence === 'none' || option.names.includes(name))
    return undefined;
  return argument.length > 1 ? [letter, argument] : undefined;
}
