import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { memberWords, relationWords } from '../../messages/relation-words.ts';
import type { Option } from '../../model/option.ts';
import type { Member, Relation } from '../../model/relation.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each relation of which neither the usage lines nor the texts of its members speak. */
export const relationUnstated = defineCheck({
  name: 'help/relation-unstated',
  level: 'note',
  title: 'Options exclude or require each other, and nothing says so',
  why: 'The combination looks right but is refused. If it is ignored instead, nobody learns of it at all.',
  standard: 'POSIX XBD 12.1',
  needs: ['which options and operands go together', 'usage lines or texts'],
  since: 4,
  examples: {
    wrong: `dabbawala: 1
program: tiffin
usage: tiffin [OPTION]...
options:
  --brief: a line for each box
  --full: all that is known of each box
relations:
  - at-most-one: [--brief, --full]
`,
    right: `dabbawala: 1
program: tiffin
usage: tiffin [--brief | --full]
options:
  --brief: a line for each box
  --full: all that is known of each box
relations:
  - at-most-one: [--brief, --full]
`,
    nearMiss: `dabbawala: 1
program: tiffin
usage: tiffin [OPTION]...
options:
  --brief: a line for each box
  --full: all that is known of each box, so not with --brief
relations:
  - at-most-one: [--brief, --full]
`,
  },
  judge(view, report) {
    for (const at of view.described) {
      for (const relation of at.command.relations) {
        // What help output shows is said by that.
        if (relation.basis !== 'stated' || view.isHelp(relation.place)) continue;
        report.judged();
        const members = [...(relation.subject === undefined ? [] : [relation.subject]), ...relation.members];
        const [first] = members;
        if (first === undefined || members.length < 2 || isSaid(relation, members, at)) continue;
        report.finding({
          command: at.path,
          subject: first.name,
          data: { relation: relationWords(relation), member: memberWords(first) },
          place: relation.place,
        });
      }
    }
  },
  message: ({ relation }: { relation: string; member: string }) =>
    `neither the usage nor the texts say that ${sentence(relation)}`,
  fix: ({ member }) => `say it in the text of ${member}, or show it with bars and brackets in the usage line`,
});

/** `exactly one of ... is meant`: a relation as the end of a sentence. */
function sentence(relation: string): string {
  return /^'.*' (?:requires|excludes)/.test(relation) ? relation : `${relation} may be given`;
}

/** A text of one member that names another, a usage line that has two of them, or a sentence of the command that does. */
function isSaid(relation: Relation, members: readonly Member[], at: CommandAt): boolean {
  const { command } = at;
  const options = optionsInReach(at);
  const namesOf = (member: Member) =>
    options
      .find(({ names }) => names.some(({ text }) => text === member.name))
      ?.names.map(({ text }) => text) ?? [member.name];
  const spellings = members.map(namesOf);
  const countIn = (text: string) =>
    spellings.filter((names) => names.some((name) => hasName(text, name))).length;
  if (countIn(command.description?.value ?? '') > 1 || countIn(command.summary?.value ?? '') > 1) return true;
  const isDrawn = command.forms.some(({ text }) => countIn(text) > 1);
  // Synopses of their own keep options apart that exclude each other.
  const isApart = command.forms.filter(({ text }) => countIn(text) === 1).length > 1;
  if (isDrawn || (isApart && relation.kind !== 'requires')) return true;
  return members.some((member, i) => {
    const text = textOf(member, options, at);
    return spellings.some((names, j) => i !== j && names.some((name) => hasName(text, name)));
  });
}

function textOf(member: Member, options: readonly Option[], { command }: CommandAt): string {
  const option = options.find(({ names }) => names.some(({ text }) => text === member.name));
  const operand = command.operands.items.find(({ name }) => name === member.name);
  return (option === undefined ? operand?.help : option.help)?.value ?? '';
}

/** Whether a name stands in a text as a word of its own. */
function hasName(text: string, name: string): boolean {
  for (let at = text.indexOf(name); at >= 0; at = text.indexOf(name, at + 1)) {
    const isStart = at === 0 || !/[\w-]/.test(text[at - 1] ?? '');
    if (isStart && !/[\w-]/.test(text[at + name.length] ?? '')) return true;
  }
  return false;
}
