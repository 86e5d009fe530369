import { listNames, quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { countedUnit, unitCalled } from '../../notation/told-unit.ts';
import { defineCheck } from '../define-check.ts';
import { unknownArguments } from '../unknown-arguments.ts';

type Misleading = {
  /** The option whose text it is; null where it is what the help says of the program. */
  readonly name: string | null;
  /** What its argument is called; null where the text speaks of one that nothing is called. */
  readonly placeholder: string | null;
  /** What the text says that it is, or the word that it has for it. */
  readonly says: string;
};

/** One finding for each option whose placeholder calls its argument a number where the text calls it a file, or the other way round, and for each text that speaks of an argument by a word that none has. */
export const placeholderMisleads = defineCheck({
  name: 'help/placeholder-misleads',
  level: 'note',
  title: 'A placeholder says something else than the text',
  why: 'People read the placeholder first, and type what it says.',
  standard: 'POSIX XBD 12.1',
  needs: ['placeholders', 'the texts of the options'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --map=NUM     name of the file that takes the map\n  --boxes=NUM   number of boxes\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE    name of the file that takes the map\n  --boxes=NUM   number of boxes\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --files=NUM   file count of a box\n  --lists=FILE  number the lists of FILE\n  --depth=NUM   folders to go down\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const option of command.options.items) {
        const [word, ...others] = option.argument?.value.words ?? [];
        const placeholder = word?.placeholder?.value.replace(/[<>[\]]/g, '');
        if (placeholder === undefined || others.length > 0 || option.help === undefined) continue;
        report.judged();
        const says = contradicted(placeholder, option);
        if (says === undefined) continue;
        const name = mainName(option).text;
        report.finding({
          command: path,
          subject: name,
          data: { name, placeholder, says },
          place: option.help.place,
        });
      }
      for (const { of, word, place } of unknownArguments(command)) {
        report.judged();
        report.finding({
          command: path,
          subject: of ?? word,
          data: { name: of, placeholder: null, says: word },
          place,
        });
      }
    }
  },
  message: ({ name, placeholder, says }: Misleading) =>
    placeholder === null
      ? `${name === null ? 'the help' : `the text of ${quoteName(name)}`} speaks of ${says}, and no argument is called so`
      : `the argument of ${quoteName(name ?? '')} is called ${placeholder}, and its text says that it is a ${says}`,
  fix: () => 'call the argument what it is',
});

const NUMBER = /^(?:n|num|number|count|int|integer|float|double)$/i;
const FILE = /^(?:file|filename|path|dir|directory|dirname|folder)$/i;
const OF_FILE =
  /^(?:the )?(?:(?:full )?(?:name|path) of (?:the |a )?)?(?:file|folder|directory)(?= (?:that|to|with|which|in|from|for|where)\b)/i;
const OF_NUMBER =
  /^(?:the )?(?:(?:maximum |minimum )?number of|how many|how often|(?:seconds|minutes|bytes) (?:to|of|before|between))\b/i;

/** What the text says that the argument is; undefined where it says nothing else than the placeholder. */
function contradicted(placeholder: string, { help, argument }: Option): string | undefined {
  const text = help?.value ?? '';
  if (NUMBER.test(placeholder) && OF_FILE.test(text)) return 'file';
  if (FILE.test(placeholder) && OF_NUMBER.test(text)) return 'number';
  const [word] = argument?.value.words ?? [];
  const unit = countedUnit(text);
  // `length of the rope in metres [default: 12]`
  const isNumber = unit !== undefined && /^\d+(?:\.\d+)?$/.test(word?.default?.value ?? '');
  if (FILE.test(placeholder) && isNumber) return 'number';
  const values = word?.values?.value ?? [];
  if ((FILE.test(placeholder) || NUMBER.test(placeholder)) && areChoices(values))
    return `choice of ${listNames(values.map(({ value }) => value))}`;
  const called = unitCalled(placeholder);
  return unit !== undefined && called !== undefined && unit !== called ? `number of ${unit}` : undefined;
}

/** Whether values are words to choose from, of which none is a file or a number. */
function areChoices(values: readonly { readonly value: string }[]): boolean {
  const isWord = ({ value }: { readonly value: string }) =>
    /^[a-z]{2,}(?:-[a-z]+)*$/i.test(value) && !/^(?:boolean|string|number|true|false)$/.test(value);
  return values.length > 1 && values.every(isWord);
}
