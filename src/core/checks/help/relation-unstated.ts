import type { Fix } from '../../findings/fix.ts';
import { memberWords, relationWords } from '../../messages/relation-words.ts';
import type { Command } from '../../model/command.ts';
import type { Member, Relation } from '../../model/relation.ts';
import { defineCheck } from '../define-check.ts';
import { NamedMembers } from '../named-members.ts';

/** A relation of more members is not looked for in texts; nor is one looked for in more usage lines. */
const MAX_MEMBERS = 100;
const MAX_FORMS = 100;

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
      const named = new NamedMembers(at);
      for (const relation of at.command.relations) {
        // What help output shows is said by that.
        if (relation.basis !== 'stated' || view.isHelp(relation.place)) continue;
        report.judged();
        const members = [...(relation.subject === undefined ? [] : [relation.subject]), ...relation.members];
        const [first] = members;
        if (first === undefined || members.length < 2 || members.length > MAX_MEMBERS) continue;
        if (isSaid(relation, members, at.command, named)) continue;
        report.finding({
          command: at.path,
          subject: first.name,
          data: { relation: relationWords(relation), member: memberWords(first) },
          place: relation.place,
          fixes: relationFix(relation, members),
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

/** The relation of two options, said in the text of the first. */
function relationFix({ kind }: Relation, [first, second, ...others]: readonly Member[]): Fix[] {
  if (first === undefined || second === undefined || others.length > 0) return [];
  if (first.value !== undefined || !/^[-+]/.test(first.name) || !/^[-+]/.test(second.name)) return [];
  const other = second.value === undefined ? second.name : `${second.name}=${second.value}`;
  const said = {
    requires: `; requires ${other}`,
    excludes: `; cannot be used with ${other}`,
    'at-most-one': `; cannot be used with ${other}`,
    'exactly-one': `; cannot be used with ${other}`,
    'all-or-none': `; only with ${other}`,
    'at-least-one': undefined,
    'later-wins': undefined,
  }[kind];
  return said === undefined ? [] : [{ kind: 'add-to-text', name: first.name, text: said }];
}

/** Relations that a synopsis shows by a bar. */
const APART: ReadonlySet<Relation['kind']> = new Set(['excludes', 'at-most-one', 'exactly-one']);

/** A text of one member that names another, a usage line that has two of them, or a sentence of the command that does. */
function isSaid(
  relation: Relation,
  members: readonly Member[],
  { description, summary, forms }: Command,
  named: NamedMembers,
): boolean {
  const spellings = members.map((member) => named.namesOf(member));
  const countIn = (text: string) => spellings.filter((names) => named.hasOne(text, names)).length;
  if (countIn(description?.value ?? '') > 1 || countIn(summary?.value ?? '') > 1) return true;
  const counts = forms.slice(0, MAX_FORMS).map(({ text }) => countIn(text));
  const isDrawn = forms
    .slice(0, MAX_FORMS)
    .some(({ text }, i) => (counts[i] ?? 0) > 1 && (!APART.has(relation.kind) || text.includes('|')));
  // Synopses of their own keep options apart that exclude each other.
  const isApart = counts.filter((count) => count === 1).length > 1;
  if (isDrawn || (isApart && relation.kind !== 'requires')) return true;
  return members.some((member, i) => {
    const text = named.textOf(member);
    return spellings.some((names, j) => i !== j && named.hasOne(text, names));
  });
}
