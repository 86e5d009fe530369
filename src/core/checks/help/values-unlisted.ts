import { listSome, quoteName } from '../../messages/wording.ts';
import { valuesInProse } from '../../notation/prose-values.ts';
import { declaredWords, isInTexts } from '../declared-words.ts';
import { defineCheck } from '../define-check.ts';
import { tellsByHand } from '../told-by-hand.ts';

/** How many values a message names. */
const VALUES_SHOWN = 4;

/** One finding for each option or operand with allowed values that its help does not show. */
export const valuesUnlisted = defineCheck({
  name: 'help/values-unlisted',
  level: 'note',
  title: 'Allowed values are declared but not shown',
  why: 'The parser refuses every other word, and readers of the help learn the values only from its errors.',
  standard: 'practice',
  needs: ['allowed values from a document, parser object or script', 'the help output'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: "sort by KEY: owner or quay"\n    argument: {values: [owner, quay, size]}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: "sort by KEY: owner, quay or size"\n    argument: {values: [owner, quay, size]}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay, size]}\n',
  },
  judge(view, report) {
    const isByHand = tellsByHand(view);
    for (const declared of declaredWords(view)) {
      const { name, path, word, shown, help, place } = declared;
      const values = (word.values?.value ?? [])
        .filter(({ hidden, deprecated }) => hidden?.value !== true && deprecated === undefined)
        .map(({ value }) => value);
      if (values.length === 0) continue;
      const listed = new Set(shown?.values?.value.map(({ value }) => value));
      const lacking = values.filter((value) => !listed.has(value) && !isInTexts(declared, value));
      // A parser may add the values to a text; one that lists some of them itself is judged as it is.
      const mayBeAdded = !isByHand && valuesInProse(help?.value ?? '') === undefined;
      if (lacking.length > 0 && shown === undefined && mayBeAdded) {
        report.notJudged({
          command: path,
          count: 1,
          reason: 'whether the help output shows the allowed values',
          remedy: 'give the help output beside the document',
          place,
        });
        continue;
      }
      report.judged();
      if (lacking.length === 0) continue;
      report.finding({ command: path, subject: name, data: { name, values, lacking }, place });
    }
  },
  message: ({
    name,
    values,
    lacking,
  }: {
    name: string;
    values: readonly string[];
    lacking: readonly string[];
  }) =>
    lacking.length === values.length
      ? `the help of ${quoteName(name)} shows none of its ${values.length} allowed values`
      : `the help of ${quoteName(name)} leaves out ${listSome(lacking.map(quoteName), VALUES_SHOWN)} of its ${values.length} allowed values`,
  fix: ({ name }) => `list every value of ${quoteName(name)} in its text or in its placeholder`,
});
