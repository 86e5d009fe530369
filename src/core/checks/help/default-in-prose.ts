import { quoteName } from '../../messages/wording.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { defineCheck } from '../define-check.ts';
import { describedWords } from '../described-words.ts';

/** One finding for each option or operand of a document whose text tells a default that is not declared. */
export const defaultInProse = defineCheck({
  name: 'help/default-in-prose',
  level: 'note',
  title: 'A default is given only in the text',
  why: 'What is made of the document, such as completion and comparison, knows nothing of the default: when the text is changed, nobody is told that the program means something else.',
  standard: 'practice',
  needs: ['an interface document', 'the text of the option'],
  since: 10,
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM: "show NUM boxes (default: 10)"\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM:\n    help: "show NUM boxes (default: 10)"\n    argument: {default: 10}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM: "show NUM boxes (default: as many as there are)"\n',
  },
  judge(view, report) {
    const documents = new Set(
      view.interface.sources.flatMap(({ source, kind }) => (kind === 'document' ? [source] : [])),
    );
    for (const at of view.described) {
      for (const { name, word, text, place } of describedWords(at)) {
        if (place === null || !documents.has(place.source)) continue;
        const told = toldDefault(text)?.value;
        if (told === undefined || !LITERAL.test(told)) continue;
        report.judged();
        if (word.default !== undefined) continue;
        report.finding({
          command: at.path,
          subject: name,
          data: { name, default: told },
          place,
          fixes: [{ kind: 'declare-default', name, value: told }],
        });
      }
    }
  },
  message: ({ name, default: told }: { name: string; default: string }) =>
    `the text of ${quoteName(name)} tells its default (${told}), and the declaration has none`,
  fix: ({ default: told }) => `declare the default: ${told}`,
});

/** A word that could be typed, and not one for a state: `none`, `unlimited` and `current` may stand for what no value does. */
const LITERAL =
  /^(?!(?:all|any|both|current|default|disabled|empty|enabled|never|no|none|off|on|unlimited|unset|yes)$)[\w.,:/~+-]+$/i;
