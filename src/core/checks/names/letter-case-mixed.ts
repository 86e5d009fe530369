import type { AuditView } from '../../audit-view.ts';
import { countOf, listNames } from '../../messages/wording.ts';
import { defineCheck, type Reporter } from '../define-check.ts';

/** `--no-print-GDEF`: initials that stand for something are written so everywhere. */
const HAS_INITIALS = /^--(?:[a-z\d]+-)+[A-Z]+\d*(?:-[a-z\d]+)*$/;

/** One finding for an interface of whose long names a few have upper case letters, and one for each group of commands of which one has. */
export const letterCaseMixed = defineCheck({
  name: 'names/letter-case-mixed',
  level: 'note',
  title: 'Upper and lower case are mixed among the long names, or the commands',
  why: 'Names are typed from memory, and people do not remember case: each capital is an error message for someone.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['the long options', 'the commands'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --HTML     write a page\n  --quiet    say nothing\n  --map      draw a map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --html     write a page\n  --quiet    say nothing\n  --map      draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -H, --html  write a page\n  -Q          say nothing\n  --map       draw a map\n',
  },
  judge(view, report) {
    const seen = new Map<
      string,
      { place: (typeof view.scopes)[number]['names'][number]['name']['place']; path: readonly string[] }
    >();
    for (const { at, names } of view.scopes) {
      for (const { name, generated } of names) {
        if (name.form === 'long' && !generated && !seen.has(name.text))
          seen.set(name.text, { place: name.place, path: at.path });
      }
    }
    judgeCommands(view, report);
    report.judged(seen.size);
    // `--dryRun` joins its words by capitals, which is another matter.
    const upper = [...seen].filter(
      ([name]) => /[A-Z]/.test(name) && !/[a-z][A-Z]/.test(name) && !HAS_INITIALS.test(name),
    );
    const others = [...seen].filter(([name]) => !/[A-Z]/.test(name)).length;
    const [first] = upper;
    if (first === undefined || upper.length >= others) return;
    report.finding({
      command: first[1].path,
      subject: first[0],
      data: { of: 'names', names: upper.map(([name]) => name), others },
      place: first[1].place,
      fixes: upper.map(([name, { path }]) => ({
        kind: 'rename-option',
        command: path,
        name,
        to: name.toLowerCase(),
      })),
    });
  },
  apart: true,
  message: ({ of, names, others }: Mixed) =>
    `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} capitals, ${countOf(others, of === 'names' ? 'other name' : 'other command')} none`,
  fix: ({ of }) =>
    `write all ${of === 'names' ? 'long names' : 'commands'} in lower case, and keep the others as hidden aliases`,
});

type Mixed = {
  readonly of: 'names' | 'commands';
  readonly names: readonly string[];
  /** How many have no capitals. */
  readonly others: number;
};

/** Of so many commands without capitals, one with some is the odd one. */
const MIN_OTHERS = 2;

/** The commands of each group of which one has capitals and the others none. */
function judgeCommands(view: AuditView, report: Reporter<Mixed>): void {
  for (const { command, path } of view.commands) {
    const names = command.commands.items.flatMap((one) => one.names.slice(0, 1));
    report.judged(names.length);
    const [odd, ...more] = names.filter(({ text }) => /[A-Z]/.test(text));
    const others = names.length - 1;
    if (odd === undefined || more.length > 0 || others < MIN_OTHERS) continue;
    report.finding({
      command: path,
      subject: odd.text,
      data: { of: 'commands', names: [odd.text], others },
      place: odd.place,
    });
  }
}
