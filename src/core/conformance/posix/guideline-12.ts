import type { Command } from '../../model/command.ts';
import { nothingToJudge, notJudged, type Rule } from '../rule.ts';

export const guideline12: Rule = {
  standard: 'posix',
  section: 'Guideline 12',
  label: 'order of operands',
  asks: 'where the order of operands matters, the utility says how',
  judge(view) {
    const withUsage = view.described.filter((at) => at.command.forms.length > 0);
    const several = withUsage.filter((at) => at.command.forms.some((form) => form.operands.length > 1));
    if (several.length > 0) {
      return {
        standing: 'meets',
        count: several.length,
        evidence: 'the usage lines name the operands in order',
        instances: [],
      };
    }
    const unsaid = withUsage.filter(({ command }) => showsNone(command));
    if (unsaid.length > 0) {
      return {
        standing: 'departs',
        count: unsaid.length,
        evidence: 'the operands are listed, but the usage line has one word for all of them',
        instances: unsaid.flatMap(({ command, path }) =>
          command.operands.items.map(({ name, place }) => ({ subject: name, command: path, place })),
        ),
      };
    }
    return withUsage.length > 0
      ? nothingToJudge('no command shows more than one operand')
      : notJudged('in which order the operands are written', 'give the help output with the usage lines');
  },
};

/** Whether the usage lines have a word such as `ARGUMENTS...` where several operands are listed. */
function showsNone({ forms, operands }: Command): boolean {
  const shown = forms.flatMap((form) => form.operands.map(({ name }) => name.toLowerCase()));
  const isGeneric =
    shown.length > 0 && shown.every((name) => /^<?(?:args?|arguments?|operands?|params?)>?$/.test(name));
  return isGeneric && operands.items.filter(({ kind }) => kind === 'word').length > 1;
}
