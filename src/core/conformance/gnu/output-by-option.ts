import { optionsInReach } from '../../abbreviations/option-scope.ts';
import type { CommandAt } from '../../model/walk.ts';
import { departsOrMeets, type Instance, nothingToJudge, type Rule } from '../rule.ts';

/** Operands that are written to: `OUTPUT`, `OUTFILE`, `OUTPUT-FILE`, `OUT_DIR`. */
const OUTPUT = /^<?out(?:put)?(?:[-_ ]?(?:file|name|filename|path|dir|directory))?>?$/i;

export const outputByOption: Rule = {
  standard: 'gnu',
  section: '4.8',
  label: 'output by option',
  asks: 'output files are named by options, preferably -o or --output',
  judge(view) {
    const judged = view.described.filter((at) => operandsOf(at).length > 0);
    const byOperand = judged.flatMap(outputOperands);
    if (byOperand.length === 0 && !judged.some(hasOutputOption))
      return nothingToJudge('nothing shows where output goes');
    return departsOrMeets(
      byOperand,
      judged.length,
      'output files named by operands',
      'output is named by an option',
    );
  },
};

function operandsOf({ command }: CommandAt) {
  const shown = command.forms.flatMap((form) => form.operands);
  return shown.length > 0 ? shown : command.operands.items;
}

function outputOperands(at: CommandAt): Instance[] {
  if (hasOutputOption(at)) return [];
  const operand = operandsOf(at).find(({ name }) => OUTPUT.test(name));
  return operand === undefined ? [] : [{ subject: operand.name, command: at.path, place: operand.place }];
}

function hasOutputOption(at: CommandAt): boolean {
  return optionsInReach(at).some(({ names }) =>
    names.some(({ text }) => /^(?:-o|--out(?:put)?(?:-(?:file|dir|directory))?)$/.test(text)),
  );
}
