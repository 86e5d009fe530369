import { notJudged, type Rule } from '../rule.ts';

export const guideline13: Rule = {
  standard: 'posix',
  section: 'Guideline 13',
  label: 'hyphen as operand',
  asks: "where operands name files, '-' means standard input or output",
  judge(view) {
    const mentions = view.described.filter((at) =>
      at.command.forms.some((form) => form.operands.some(({ name }) => name === '-')),
    );
    if (mentions.length > 0) {
      return {
        standing: 'meets',
        count: mentions.length,
        evidence: "the usage lines show the operand '-'",
        instances: [],
      };
    }
    return notJudged(
      "the sources do not say what the operand '-' means",
      'state it in the help text of the operand in an interface document',
    );
  },
};
