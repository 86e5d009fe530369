import type { AuditView } from '../../audit-view.ts';
import type { Level } from '../../findings/level.ts';
import { quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import type { Place } from '../../source/source.ts';
import { writtenTimesInSource } from '../../source/word-counts.ts';
import { isSlipInside } from '../../words/slip-inside.ts';
import { normalisedText, stemsOf } from '../../words/text-likeness.ts';
import { defineCheck } from '../define-check.ts';
import { OF_PROGRAM } from '../global-options.ts';

type Disagreement = { readonly command: string } & (
  | { readonly kind: 'help-option' | 'version-option'; readonly other: string }
  | { readonly kind: 'summary' | 'summary-word' | 'summary-of-other'; readonly other: string }
  | { readonly kind: 'synopsis' | 'global' | 'unlisted' | 'listed-misspelt'; readonly other: string }
);

/** One finding for each command whose own help says something else than the list that names it, or speaks of another command. */
export const commandsDisagree = defineCheck({
  name: 'help/commands-disagree',
  level: 'warning',
  title: 'The help of a command is not about it',
  why: 'Help that was copied from the next command tells readers of that one. They cannot know which of the two texts is true.',
  standard: 'practice',
  needs: ['the help of the program and that of its commands'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin route [OPTION]...\n\nOptions:\n  -h, --help  help for rounds\n  --map       draw a map\n',
    right:
      'Usage: tiffin route [OPTION]...\n\nOptions:\n  -h, --help  help for route\n  --map       draw a map\n',
    nearMiss:
      'Usage: tiffin route [OPTION]...\n\nOptions:\n  -h, --help  help for this command\n  --map       draw a map\n',
  },
  judge(view, report) {
    const known = new Set(view.commands.flatMap(({ path }) => path));
    const told = new ListedSummaries();
    for (const at of view.described) {
      const found = [
        ...globalOption(at),
        ...unlistedBelow(at, view),
        ...helpOption(at, known),
        ...ofAnotherProgram(at),
        ...summary(at, told),
        ...synopsis(at),
      ];
      report.judged();
      for (const { data, place, level } of found)
        report.finding({ command: at.path, subject: data.command, data, place, level });
    }
  },
  message: ({ kind, command, other }: Disagreement) => MESSAGES[kind](quoteName(command), quoteName(other)),
  fix: () => 'correct the text that was copied or left behind',
});

const MESSAGES: { readonly [K in Disagreement['kind']]: (command: string, other: string) => string } = {
  'help-option': (command, other) => `the help option of ${command} speaks of ${other}`,
  'version-option': (command, other) => `the version option of ${command} speaks of ${other}`,
  synopsis: (command, other) => `the usage line of ${command} is that of ${other}`,
  global: (command, other) =>
    `the help of ${command} has ${other} among the global options, and that of the program has not`,
  'listed-misspelt': (command, other) => `the list has ${other} where the help of ${command} has its name`,
  unlisted: (command, other) => `${command} has a help of its own, and the list of ${other} lacks it`,
  summary: (command, other) =>
    `the list calls ${command} ${other}, and its own help shares no word with that`,
  'summary-word': (command, other) => `the list calls ${command} ${other}, and its own help has another word`,
  'summary-of-other': (command, other) => `the help of ${command} says of it what the list says of ${other}`,
};

interface Found {
  readonly data: Disagreement;
  readonly place: Place;
  readonly level: Level;
}

/** `help for NAME`, where NAME is no word that the command is called by. */
function helpOption({ command, path }: CommandAt, known: ReadonlySet<string>): Found[] {
  const option = command.options.items.find(({ names }) => names.some(({ text }) => text === '--help'));
  const [, words = ''] =
    /^help for ((?:[a-z][\w-]* ){0,3}[a-z][\w-]*)$/i.exec(option?.help?.value.trim() ?? '') ?? [];
  const names = words.split(' ');
  const own = new Set([...path, ...command.names.map(({ text }) => text)]);
  const isOther = words !== '' && names.every((name) => !own.has(name)) && names.length === 1;
  // `help for commands` names no command, unless there is one of that name.
  const isName =
    known.has(words) || !/^(?:commands?|subcommands?|this|options?|usage|more|everything|all)$/.test(words);
  return isOther && isName && path.length > 1
    ? [
        {
          data: { command: path.join(' '), kind: 'help-option', other: words },
          place: option?.help?.place ?? null,
          level: 'warning',
        },
      ]
    : [];
}

/** `help for NAME` and `version for NAME` in the help of a program that is called otherwise. */
function ofAnotherProgram({ command, path }: CommandAt): Found[] {
  if (path.length > 1) return [];
  const own = [...path, ...command.names.map(({ text }) => text)].map((name) => name.toLowerCase());
  for (const { names, help } of command.options.items.filter(({ help }) => help !== undefined)) {
    const [, asked = '', other = ''] =
      /^(?:show |print |display )?(help|version) (?:for|of) ([a-z][\w-]*)$/i.exec(help?.value.trim() ?? '') ??
      [];
    const isOption = names.some(({ text }) => text === `--${asked.toLowerCase()}`);
    const called = other.toLowerCase();
    const isRelated = own.some((name) => name.includes(called) || called.includes(name));
    if (!isOption || other === '' || isRelated || GENERAL.test(other)) continue;
    return [
      {
        data: {
          command: path.join(' '),
          kind: asked.toLowerCase() === 'help' ? 'help-option' : 'version-option',
          other,
        },
        place: help?.place ?? null,
        level: 'note',
      },
    ];
  }
  return [];
}

/** What help and versions are of without being called so. */
const GENERAL =
  /^(?:commands?|subcommands?|this|the|options?|usage|more|everything|all|it|program|tool|details?|[a-z]+s)$/i;

/** A synopsis of another command: it begins with the path of this one but for its last word. */
function synopsis({ command, path }: CommandAt): Found[] {
  const own = new Set(command.names.map(({ text }) => text));
  // `tiffin --print` is a mode, and no command.
  if (path.length < 2 || path.at(-1)?.startsWith('-') === true) return [];
  return command.forms.slice(0, 1).flatMap(({ text, place }): Found[] => {
    const words = text.split(/\s+/);
    const other = words[path.length - 1] ?? '';
    const isOfParent = path.slice(0, -1).every((word, i) => words[i] === word);
    const isName = /^[a-z][\w-]*$/.test(other) && !own.has(other) && !STANDS_FOR_COMMAND.test(other);
    return isOfParent && isName
      ? [{ data: { command: path.join(' '), kind: 'synopsis', other }, place, level: 'note' }]
      : [];
  });
}

/** What stands for any command in a synopsis. */
const STANDS_FOR_COMMAND = /^(?:sub-?)?(?:command|cmd|action|verb|options?|flags?)s?$/;

/** Whether two texts begin with two verbs and are the same behind them, and the command is called by one of the two. */
function isOtherVerb(listed: string, own: string, name: string): boolean {
  const [[a = '', ...restA], [b = '', ...restB]] = [listed.split(' '), own.split(' ')];
  const areAlike = a !== b && restA.length > 1 && restA.join(' ') === restB.join(' ');
  const isCalled = (verb: string) => [...stemsOf(verb)].some((stem) => stemsOf(name).has(stem));
  return areAlike && isCalled(a) !== isCalled(b);
}

/** An option that the help of a command calls global, which no help above it lists. */
function globalOption({ command, path, line }: CommandAt): Found[] {
  const above = line.slice(0, -1);
  const isShown = above.length > 0 && above.every(({ described }) => described);
  const known = new Set(above.flatMap(({ options }) => options.items.flatMap(namesOf)));
  const unknown = command.options.items.find(
    (option) =>
      OF_PROGRAM.test(option.heading?.value ?? '') &&
      !namesOf(option).some((name) => known.has(name) || ASKS.test(name)),
  );
  return !isShown || known.size === 0 || unknown === undefined
    ? []
    : [
        {
          data: { command: path.join(' '), kind: 'global', other: mainName(unknown).text },
          place: unknown.place,
          level: 'note',
        },
      ];
}

/** How to ask for help or the version need not be told at the program. */
const ASKS = /^-(?:-(?:help|version)|[h?])$/;

function namesOf({ names, negatedNames }: Option): string[] {
  return [...names, ...negatedNames].map(({ text }) => text);
}

/** Fewer commands are no list of which one is missed. */
const LEAST_LISTED = 2;

/** A command with a help of its own, of which that of the command above it does not have the name. */
function unlistedBelow({ command, path, line }: CommandAt, view: AuditView): Found[] {
  const parent = line.at(-2);
  const source = parent?.forms[0]?.place?.source;
  if (parent === undefined || source === undefined || !command.described) return [];
  const own = command.forms[0]?.place ?? null;
  const listed = parent.commands.items.filter(({ place }) => place?.source === source).length;
  // A name with other marks is no word that is counted.
  const isTold = command.names.some(({ text }) =>
    /^[\w-]+$/.test(text) ? writtenTimesInSource(text, source) > 0 : source.text.includes(text),
  );
  const near = parent.commands.items.find(
    (one) =>
      one !== command &&
      !one.described &&
      one.place?.source === source &&
      isSlipInside(commandName(one), path.at(-1) ?? ''),
  );
  // An extension adds commands that the program does not know.
  const areHelp = view.isHelp(own) && view.isHelp(parent.forms[0]?.place ?? null);
  if (areHelp && near !== undefined)
    return [
      {
        data: { command: path.join(' '), kind: 'listed-misspelt', other: commandName(near) },
        place: near.place,
        level: 'warning',
      },
    ];
  return !areHelp || own === null || own.source === source || listed < LEAST_LISTED || isTold
    ? []
    : [
        {
          data: { command: path.join(' '), kind: 'unlisted', other: path.slice(0, -1).join(' ') },
          place: own,
          level: 'note',
        },
      ];
}

/** Fewer words are no sentence. */
const MIN_WORDS = 2;

/** The commands of each list by their summaries, each list gone through once. */
class ListedSummaries {
  readonly #known = new Map<Command, ReadonlyMap<string, Command>>();

  of(parent: Command): ReadonlyMap<string, Command> {
    const known = this.#known.get(parent);
    if (known !== undefined) return known;
    const made = new Map(
      parent.commands.items.flatMap((one) =>
        one.summary === undefined ? [] : [[normalisedText(one.summary.value), one] as const],
      ),
    );
    this.#known.set(parent, made);
    return made;
  }
}

/** The summary in the list above and the description in the command's own help, where they have no word in common, differ in one, or are of two commands. */
function summary({ command, path, line }: CommandAt, summaries: ListedSummaries): Found[] {
  const [listed, own] = [command.summary, command.description ?? command.remarks[0]];
  if (
    listed === undefined ||
    own === undefined ||
    path.length < 2 ||
    listed.place?.source === own.place?.source
  )
    return [];
  const told = (kind: 'summary-word' | 'summary-of-other', other: string): Found[] => [
    { data: { command: path.join(' '), kind, other }, place: own.place, level: 'warning' },
  ];
  const text = normalisedText(own.value);
  const parent = line.at(-2);
  const copied =
    parent === undefined || normalisedText(listed.value) === text
      ? undefined
      : summaries.of(parent).get(text);
  if (copied !== undefined && copied !== command) return told('summary-of-other', commandName(copied));
  if (isOtherVerb(normalisedText(listed.value), text, path.at(-1) ?? ''))
    return told('summary-word', listed.value);
  const [a, b] = [stemsOf(listed.value), stemsOf(own.value)];
  const shared = [...a].filter((word) => b.has(word));
  // A description that names the command speaks of it.
  const isNamed = path.slice(1).some((name) => [...stemsOf(name)].some((word) => b.has(word)));
  if (a.size < MIN_WORDS || b.size < MIN_WORDS || shared.length > 0) return [];
  // Running text may begin with something else than what the command does.
  const isSure = command.description !== undefined && !isNamed;
  return [
    {
      data: { command: path.join(' '), kind: 'summary', other: listed.value },
      place: listed.place,
      level: isSure ? 'warning' : 'note',
    },
  ];
}
