import { quoteName } from '../../messages/wording.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { declaredWords } from '../declared-words.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each option or operand whose text tells another default than the one declared. */
export const defaultDisagrees = defineCheck({
  name: 'help/default-disagrees',
  level: 'warning',
  title: 'The text states a default other than the declared one',
  why: 'Callers who trust the help and leave the option out get something else, and nothing tells them.',
  standard: 'practice',
  needs: ['defaults from a document, parser object or script', 'the help output or the text'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM:\n    help: "how many boxes (default: 10)"\n    argument: {default: 12}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM:\n    help: "how many boxes (default: 12)"\n    argument: {default: 12}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --boxes=NUM:\n    help: "how many boxes (default: a dozen)"\n    argument: {default: 12}\n',
  },
  judge(view, report) {
    for (const { name, path, word, shown, help, place } of declaredWords(view)) {
      // Two sources that tell it differently are told by a check of sources.
      if (shown?.default !== undefined && view.interface.views.length > 1) continue;
      const declared = word.default?.value;
      const told = shown?.default?.value ?? toldDefault(help?.value ?? '')?.value;
      if (declared === undefined || told === undefined) continue;
      report.judged();
      if (!isLiteral(told) || !isLiteral(declared) || isSame(told, declared)) continue;
      report.finding({
        command: path,
        subject: name,
        data: { name, declared, told },
        place: word.default?.place ?? place,
        related: [{ place: shown?.default?.place ?? help?.place ?? null, note: `tells ${quoteName(told)}` }],
      });
    }
  },
  message: ({ name, declared, told }: { name: string; declared: string; told: string }) =>
    `the default of ${quoteName(name)} is ${quoteName(declared)}, but its text says ${quoteName(told)}`,
  fix: () => 'correct the text or the declaration, whichever is out of date',
});

/** A single word as it could be typed: texts may also tell a default in words (`a dozen`, `the current folder`). */
function isLiteral(value: string): boolean {
  return /^[\w.,:/+-]+$/.test(value);
}

function isSame(a: string, b: string): boolean {
  if (a.toLowerCase() === b.toLowerCase()) return true;
  const [left, right] = [Number(a), Number(b)];
  // `5s` is 5 with its unit; `none` for a number says that there is no default.
  if (Number.isNaN(left) || Number.isNaN(right)) return Number.isNaN(left) !== Number.isNaN(right);
  return left === right;
}
