import { notJudged, type Rule } from '../rule.ts';

export const guideline11: Rule = {
  standard: 'posix',
  section: 'Guideline 11',
  label: 'order of options',
  asks: 'the order of different options does not matter',
  judge(view) {
    const dependent = view.described.flatMap((at) =>
      at.command.options.items
        .filter((option) => option.appliesToNextOperand?.value === true)
        .map((option) => ({
          subject: option.names[0]?.text ?? '',
          command: at.path,
          place: option.place,
        })),
    );
    if (dependent.length > 0) {
      return {
        standing: 'departs',
        count: dependent.length,
        evidence: 'options that apply to the next operand only',
        instances: dependent,
      };
    }
    return notJudged(
      'whether the order of options matters',
      "say 'applies-to-next-operand: true', or a relation 'later-wins', in an interface document",
    );
  },
};
