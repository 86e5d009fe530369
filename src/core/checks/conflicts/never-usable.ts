import { causePlace, causesList, causeWords } from '../../messages/relation-words.ts';
import { listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each smallest set of relations by which options, or the whole command, can never be given validly. */
export const neverUsable = defineCheck({
  name: 'conflicts/never-usable',
  level: 'error',
  title: 'No valid command line can contain an option, or none is valid at all',
  why: 'The help offers the option, and every attempt to use it is refused: the rules for what goes together contradict each other.',
  standard: 'practice',
  needs: ['which options and operands go together'],
  since: 2,
  examples: {
    wrong: `dabbawala: 1
program: tiffin
options:
  --brief: a line for each box
  --full: all that is known of each box
  --map: draw the route of each box
relations:
  - at-most-one: [--brief, --full]
  - subject: --map
    requires: [--brief, --full]
`,
    right: `dabbawala: 1
program: tiffin
options:
  --brief: a line for each box
  --full: all that is known of each box
  --map: draw the route of each box
relations:
  - at-most-one: [--brief, --full]
  - subject: --map
    requires: [--full]
`,
    nearMiss: `dabbawala: 1
program: tiffin
options:
  --sort=KEY: sort by KEY
  --map: draw the route of each box
relations:
  - subject: --map
    requires: [--sort=quay]
  - subject: --map
    excludes: [--sort=owner]
`,
  },
  judge(view, report) {
    for (const { at, verdicts } of view.relations) {
      report.judged(verdicts.judged);
      if (verdicts.undecided > 0) {
        report.notJudged({
          command: at.path,
          count: verdicts.undecided,
          reason: 'too many options are tied together by relations to decide which can be used',
          remedy: 'split the relations into smaller ones',
          place: at.command.place,
        });
      }
      const found = [
        ...(verdicts.impossible === undefined ? [] : [{ names: [], causes: verdicts.impossible }]),
        ...verdicts.neverUsable.map(({ members, causes }) => ({
          names: members.map(({ text }) => text),
          causes,
        })),
      ];
      for (const { names, causes } of found) {
        const [first, ...others] = causes;
        report.finding({
          command: at.path,
          subject: names[0] ?? at.path.at(-1) ?? '',
          data: { names, command: at.path.join(' '), causes: causes.map(causeWords) },
          place: first === undefined ? null : causePlace(first),
          related: others.map((cause) => ({ place: causePlace(cause), note: causeWords(cause) })),
        });
      }
    }
  },
  message({
    names,
    command,
    causes,
  }: {
    /** Empty where no command line of the command is valid. */
    names: readonly string[];
    command: string;
    causes: readonly string[];
  }) {
    const why = causesList(causes);
    return names.length === 0
      ? `no command line of '${command}' is valid: ${why}`
      : `no valid command line can contain ${listNames(names)}: ${why}`;
  },
  fix: ({ causes }) =>
    causes.length === 1 ? 'change this relation' : `change one of these ${causes.length} relations`,
});
