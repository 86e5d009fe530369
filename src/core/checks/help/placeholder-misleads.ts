import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

type Misleading = { readonly name: string; readonly placeholder: string; readonly says: 'number' | 'file' };

/** One finding for each option whose placeholder calls its argument a number where the text calls it a file, or the other way round. */
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
        const says = contradicted(placeholder, option.help.value);
        if (says === undefined) continue;
        const name = mainName(option).text;
        report.finding({
          command: path,
          subject: name,
          data: { name, placeholder, says },
          place: option.help.place,
        });
      }
    }
  },
  message: ({ name, placeholder, says }: Misleading) =>
    `the argument of ${quoteName(name)} is called ${placeholder}, and its text says that it is a ${says}`,
  fix: () => 'call the argument what it is',
});

const NUMBER = /^(?:n|num|number|count|int|integer)$/i;
const FILE = /^(?:file|filename|path|dir|directory|folder)$/i;
const OF_FILE =
  /^(?:the )?(?:(?:full )?(?:name|path) of (?:the |a )?)?(?:file|folder|directory)(?= (?:that|to|with|which|in|from|for|where)\b)/i;
const OF_NUMBER =
  /^(?:the )?(?:(?:maximum |minimum )?number of|how many|how often|(?:seconds|minutes|bytes) (?:to|of|before|between))\b/i;

function contradicted(placeholder: string, text: string): Misleading['says'] | undefined {
  if (NUMBER.test(placeholder) && OF_FILE.test(text)) return 'file';
  return FILE.test(placeholder) && OF_NUMBER.test(text) ? 'number' : undefined;
}
