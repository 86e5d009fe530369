import type { CommandAt } from '../../model/walk.ts';
import { type Instance, notJudged, type Rule } from '../rule.ts';

export const guideline13: Rule = {
  standard: 'posix',
  section: 'Guideline 13',
  label: 'hyphen as operand',
  asks: "where operands name files, '-' means standard input or output",
  judge(view) {
    const mentions = view.described.filter((at) =>
      at.command.forms.some((form) => form.operands.some(({ name }) => name.split('|').includes('-'))),
    );
    if (mentions.length > 0) {
      return {
        standing: 'meets',
        count: mentions.length,
        evidence: "the usage lines show the operand '-'",
        instances: [],
      };
    }
    const unsaid = view.described.flatMap(speaksOfStreams);
    if (unsaid.length > 0) {
      return {
        standing: 'departs',
        count: unsaid.length,
        evidence: "standard input is read without a file, but nothing says what the operand '-' means",
        instances: unsaid,
      };
    }
    return notJudged("what the operand '-' means", 'say it in the text of the operand');
  },
};

/** The file operands of a command whose texts speak of standard input for them, and never of a hyphen. */
function speaksOfStreams({ command, path }: CommandAt): Instance[] {
  const operands = [...command.operands.items, ...command.forms.flatMap((form) => form.operands)];
  const files = operands.filter(({ name, word }) => word.type?.value === 'file' || /\bfiles?\b/i.test(name));
  const texts = [command.summary, command.description, ...operands.map(({ help }) => help)]
    .map((fact) => fact?.value ?? '')
    .join('\n');
  const [file] = files;
  if (file === undefined || !/\bstandard input\b|\bstdin\b/i.test(texts)) return [];
  const saysHyphen = /(?:^|[\s'"`(‘“])-(?=$|[\s'"`),.;:’”])/m.test(texts);
  return saysHyphen ? [] : [{ subject: file.name, command: path, place: file.place }];
}
