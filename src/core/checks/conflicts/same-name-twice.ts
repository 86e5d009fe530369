import type { AuditView } from '../../audit-view.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { isAtLeast, type Level } from '../../findings/level.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Command, CommandName } from '../../model/command.ts';
import type { Option, OptionName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck, type Reporter } from '../define-check.ts';
import {
  areArgumentAndFlag,
  areFlagsTwice,
  areListedApart,
  areToldApart,
  areTwoThings,
  isLetterOfTwo,
} from '../entries-of-one-name.ts';

type Twice = { readonly name: string; readonly kind: 'option' | 'command' | 'entry' };

interface Declared {
  readonly option: Option;
  readonly name: OptionName;
}

/** One finding for each name that two options of one command claim, or two subcommands. */
export const sameNameTwice = defineCheck({
  name: 'conflicts/same-name-twice',
  level: 'error',
  title: 'One name is given to two options or commands',
  why: 'The parser can follow only one of the two declarations. Callers who read the other one get something else.',
  standard: 'practice',
  needs: ['the options and subcommands of the command', 'their texts, where help output shows them'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID     print one box only\n  -b, --breakfast  deliver before eight\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID     print one box only\n  -e, --early      deliver before eight\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -b, --box=ID   print one box only\n  -b ID          print one box only, and its route\n',
  },
  judge(view, report) {
    for (const at of view.described) reportEach(at.path, doubledOptions(view, at, report), report);
    for (const { command, path } of view.commands)
      reportEach(path, doubledCommands(view, command, report), report);
  },
  message: ({ name, kind }: Twice) =>
    kind === 'entry'
      ? `${quoteName(name)} is listed twice`
      : `${quoteName(name)} names two different ${kind}s`,
  fix: ({ kind }) => (kind === 'entry' ? 'remove one of the two entries' : 'rename one of the two'),
});

/** A name with a second declaration. */
interface Doubled {
  readonly kind: Twice['kind'];
  readonly first: CommandName;
  readonly second: CommandName;
  readonly level: Level;
}

/** One finding for each name, with all its further declarations, as grave as the worst of them. */
function reportEach(command: readonly string[], doubled: readonly Doubled[], report: Reporter<Twice>): void {
  for (const [, all] of groupedBy(doubled, ({ kind, first }) => `${kind} ${first.text}`)) {
    const [one] = all;
    if (one === undefined) continue;
    const { kind, first } = one;
    report.finding({
      level: all.reduce((worst, { level }) => (isAtLeast(level, worst) ? level : worst), one.level),
      command,
      subject: first.text,
      data: { name: first.text, kind },
      place: first.place,
      related: all.map(({ second }) => ({ place: second.place, note: 'declared again here' })),
    });
  }
}

function doubledOptions(view: AuditView, { command }: CommandAt, report: Reporter<Twice>): Doubled[] {
  const declared = new Map<string, Declared>();
  const doubled: Doubled[] = [];
  for (const option of command.options.items) {
    for (const name of [...option.names, ...option.negatedNames]) {
      report.judged();
      const before = declared.get(name.text);
      if (before === undefined) declared.set(name.text, { option, name });
      else if (before.option !== option) {
        const mayBeOne = view.isHelp(before.name.place) && before.name.place?.source === name.place?.source;
        const level = levelOf(before, { option, name }, mayBeOne, declared);
        if (level !== undefined) doubled.push({ kind: 'option', first: before.name, second: name, level });
      }
    }
  }
  return doubled;
}

/** How surely a name is that of two options; undefined where both entries may tell of one. */
function levelOf(
  before: Declared,
  { option, name }: Declared,
  mayBeOne: boolean,
  declared: ReadonlyMap<string, Declared>,
): Level | undefined {
  const isPartOfAnother = () => isCombination(option, declared);
  if (!mayBeOne) return 'error';
  // What help shows under another heading may be of another part of the program.
  if (areTwoThings(before.option, option, name.text) && !isPartOfAnother())
    return before.option.heading?.value === option.heading?.value ? 'error' : 'note';
  if (areListedApart(before.option, option, name.text) || areFlagsTwice(before.option, option))
    return 'warning';
  const isTold = areToldApart(before.option, option, name.text) || isLetterOfTwo(before.option, option, name);
  return (isTold && !isPartOfAnother()) || areArgumentAndFlag(before.option, option, name)
    ? 'note'
    : undefined;
}

function doubledCommands(view: AuditView, command: Command, report: Reporter<Twice>): Doubled[] {
  const doubled: Doubled[] = [];
  const declared = new Map<string, { name: CommandName; sub: Command }>();
  for (const sub of command.commands.items) {
    const [main] = sub.names;
    const [again] = sub.listedAgain;
    if (main !== undefined && again !== undefined)
      doubled.push({ kind: 'entry', first: main, second: { ...main, place: again }, level: 'warning' });
    for (const name of sub.names) {
      report.judged();
      const before = declared.get(name.text);
      // Help output may list a word for several reasons; one command's own name is no other name of the next.
      const isSure = !view.isHelp(name.place) || (before !== undefined && areTwoCommands(before.sub, sub));
      if (before === undefined) declared.set(name.text, { name, sub });
      else if (isSure) {
        const mayBeApart = view.isHelp(name.place) && before.sub.heading?.value !== sub.heading?.value;
        doubled.push({
          kind: 'command',
          first: before.name,
          second: name,
          level: mayBeApart ? 'note' : 'error',
        });
      }
    }
  }
  return doubled;
}

/** Whether two entries are of two commands: their names are not the same, and each begins with one of its own. */
function areTwoCommands(a: Command, b: Command): boolean {
  const [own, others] = [a, b].map(({ names }) => names.map(({ text }) => text));
  if (own === undefined || others === undefined) return false;
  const areSame = own.length === others.length && own.every((name) => others.includes(name));
  return own.length !== others.length || (!areSame && own[0] !== others[0]);
}

/** Whether all names of an entry are those of options before it, several of them: `--help -v` shows a command line. */
function isCombination({ names }: Option, declared: ReadonlyMap<string, Declared>): boolean {
  const options = names.map(({ text }) => declared.get(text)?.option);
  return options.every((option) => option !== undefined) && new Set(options).size > 1;
}
