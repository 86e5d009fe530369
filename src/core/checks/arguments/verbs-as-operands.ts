import { listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each form in which several mandatory operands are called like acts. */
export const verbsAsOperands = defineCheck({
  name: 'arguments/verbs-as-operands',
  level: 'warning',
  title: 'Actions are declared as required operands',
  why: 'The usage line asks for all of them at once although only one is meant. The parser accepts any word in each place, and callers cannot see what to write.',
  standard: 'practice',
  needs: ['the operands of the usage line'],
  since: 4,
  examples: {
    wrong:
      'usage: tiffin [-h] open close list\n\npositional arguments:\n  open\n  close\n  list\n\noptions:\n  -h  help\n',
    right:
      'usage: tiffin [-h] {open,close,list}\n\npositional arguments:\n  {open,close,list}\n\noptions:\n  -h  help\n',
    nearMiss:
      'usage: tiffin [-h] order list\n\npositional arguments:\n  order\n  list\n\noptions:\n  -h  help\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const { operands } of command.forms) {
        if (operands.length === 0) continue;
        report.judged();
        const verbs = operands.filter(
          ({ name, kind, count }) =>
            kind === 'word' && (count?.value.least ?? 0) > 0 && view.words.isVerb(name),
        );
        const [first, second] = verbs;
        if (first === undefined || second === undefined) continue;
        report.finding({
          command: path,
          subject: first.name,
          data: { names: verbs.map(({ name }) => name) },
          place: first.place,
          related: [{ place: second.place, note: 'must be given besides' }],
        });
      }
    }
  },
  message: ({ names }: { names: readonly string[] }) =>
    `${listNames(names)} must all be given, but look like actions to choose from`,
  fix: () => 'declare one operand with these as its allowed values, or a subcommand for each',
});
