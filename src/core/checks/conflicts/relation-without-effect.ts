import {
  causePlace,
  causesList,
  causeWords,
  memberWords,
  relationWords,
} from '../../messages/relation-words.ts';
import type { Relation } from '../../model/relation.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck, type Reporter } from '../define-check.ts';

type Data = {
  readonly relation: string;
  /** An option or operand that does not exist. */
  readonly unknown: string | null;
  /** What says as much already; empty where the relation can never fail. */
  readonly causes: readonly string[];
};

/** One finding for each relation that changes nothing: it can never fail, repeats others, or names what does not exist. */
export const relationWithoutEffect = defineCheck({
  name: 'conflicts/relation-without-effect',
  level: 'warning',
  title: 'A relation can never fail, repeats others, or names what does not exist',
  why: 'It was meant to refuse some command lines, but refuses none that are not refused anyway: the rule itself is wrong.',
  standard: 'practice',
  needs: ['which options and operands go together', 'whether the list of options is complete'],
  since: 2,
  examples: {
    wrong: `dabbawala: 1
program: tiffin
options:
  --brief: a line for each box
  --full: all that is known of each box
relations:
  - at-most-one: [--brief, --full]
  - subject: --full
    excludes: [--brief]
`,
    right: `dabbawala: 1
program: tiffin
options:
  --brief: a line for each box
  --full: all that is known of each box
relations:
  - at-most-one: [--brief, --full]
`,
    nearMiss: `dabbawala: 1
program: tiffin
options:
  --brief: a line for each box
  --full: all that is known of each box
relations:
  - at-most-one: [--brief, --full]
  - later-wins: [--brief, --full]
`,
  },
  judge(view, report) {
    for (const { at, verdicts } of view.relations) {
      report.judged(at.command.relations.length);
      for (const { relation, causes } of verdicts.withoutEffect) {
        // A usage line may show one thing in several places.
        if (view.isHelp(relation.place)) continue;
        report.finding({
          ...departure(at, relation),
          data: { relation: relationWords(relation), unknown: null, causes: causes.map(causeWords) },
          related: causes.map((cause) => ({ place: causePlace(cause), note: causeWords(cause) })),
        });
      }
      for (const { relation, member } of verdicts.unknownMembers) {
        // What a usage line draws is there.
        if (view.isHelp(relation.place)) continue;
        const isComplete = at.line.every(({ options }) => options.complete?.value === true);
        if (member.kind === 'option' && !isComplete) reportOpenList(at, relation, report);
        else {
          report.finding({
            ...departure(at, relation),
            data: { relation: relationWords(relation), unknown: memberWords(member), causes: [] },
            place: member.place ?? relation.place,
          });
        }
      }
    }
  },
  message({ relation, unknown, causes }: Data) {
    if (unknown !== null)
      return `the relation '${unquoted(relation)}' names ${unknown}, which does not exist`;
    return causes.length === 0
      ? `the relation '${unquoted(relation)}' can never fail`
      : `the relation '${unquoted(relation)}' only repeats others: ${causesList(causes)}`;
  },
  fix: ({ unknown }) =>
    unknown === null ? 'remove it, or correct it' : 'name an option or operand that the command has',
});

function departure(at: CommandAt, relation: Relation) {
  return { command: at.path, subject: relation.kind, place: relation.place };
}

function reportOpenList(at: CommandAt, relation: Relation, report: Reporter<Data>): void {
  report.notJudged({
    command: at.path,
    count: 1,
    reason: 'whether the list of options is complete',
    remedy: "if it is, say 'complete: true' in an interface document",
    place: relation.place,
  });
}

/** Names in a quoted relation stand without quotes of their own. */
function unquoted(relation: string): string {
  return relation.replaceAll("'", '');
}
