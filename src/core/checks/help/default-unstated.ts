import { quoteName } from '../../messages/wording.ts';
import { declaredWords, isInTexts } from '../declared-words.ts';
import { defineCheck } from '../define-check.ts';
import { tellsByHand } from '../told-by-hand.ts';

/** One finding for each option or operand with a default that its help does not show. */
export const defaultUnstated = defineCheck({
  name: 'help/default-unstated',
  level: 'note',
  title: 'A default is declared but not shown',
  why: 'Nobody knows what happens when the option is left out, and nobody notices when the default changes.',
  standard: 'practice',
  needs: ['defaults from a document, parser object or script', 'the help output'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: "sort by KEY: owner, or by default by something else"\n    argument: {default: quay}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: "sort by KEY (default: quay)"\n    argument: {default: quay}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {default: quay}\n',
  },
  judge(view, report) {
    const isByHand = tellsByHand(view);
    for (const declared of declaredWords(view)) {
      const { name, path, word, shown, help, place } = declared;
      const literal = word.default?.value;
      if (literal === undefined || literal === '') continue;
      // Where no text tells of the option, its default is the least of what is lacking.
      if (help === undefined && view.isScript(place)) continue;
      const isShown = shown?.default !== undefined || isInTexts(declared, literal);
      // A parser may add the default to a text that does not speak of it.
      if (!isShown && shown === undefined && !isByHand && !/\bdefault/i.test(help?.value ?? '')) {
        report.notJudged({
          command: path,
          count: 1,
          reason: 'whether the help output shows the defaults',
          remedy: 'give the help output beside the document',
          place,
        });
        continue;
      }
      report.judged();
      if (!isShown)
        report.finding({
          command: path,
          subject: name,
          data: { name, default: literal },
          place,
          fixes: [{ kind: 'add-to-text', name, text: ` (default: ${literal})` }],
        });
    }
  },
  message: ({ name, default: literal }: { name: string; default: string }) =>
    `the help of ${quoteName(name)} does not show its default, ${quoteName(literal)}`,
  fix: ({ default: literal }) => `say '(default: ${literal})' in its text`,
});
