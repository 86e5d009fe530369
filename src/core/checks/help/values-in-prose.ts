import { listSome, quoteName } from '../../messages/wording.ts';
import { valuesInProse as scan } from '../../notation/prose-values.ts';
import { defineCheck } from '../define-check.ts';
import { describedWords } from '../described-words.ts';

/** How many values a message names. */
const VALUES_SHOWN = 4;

/** One finding for each option or operand that is declared free and whose text lists what it may be. */
export const valuesInProse = defineCheck({
  name: 'help/values-in-prose',
  level: 'warning',
  title: 'Allowed values are given only in the text',
  why: 'The parser accepts any word, so a misspelled value is found late or never, and completion has nothing to offer.',
  standard: 'practice',
  needs: ['a document, parser object or script that declares the value', 'the text of the option'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY: "sort by KEY, one of owner, quay or size"\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: "sort by KEY, one of owner, quay or size"\n    argument: {values: [owner, quay, size]}\n',
    nearMiss: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY: sort by KEY, or not at all\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      for (const { name, word, text, place } of describedWords(at)) {
        // In help output the text is the declaration.
        if (view.isHelp(place)) continue;
        report.judged();
        if (word.values !== undefined || word.keys !== undefined || word.type?.value === 'integer') continue;
        const values = scan(text)?.values.map(({ value }) => value) ?? [];
        if (values.length < 2) continue;
        report.finding({
          command: at.path,
          subject: name,
          data: { name, values },
          place,
          fixes: [{ kind: 'declare-values', name, values }],
        });
      }
    }
  },
  message: ({ name, values }: { name: string; values: readonly string[] }) =>
    `the text of ${quoteName(name)} lists its values (${listSome(values, VALUES_SHOWN)}), but the declaration accepts any`,
  fix: ({ name }) => `declare the values of ${quoteName(name)} so that the parser refuses others`,
});
