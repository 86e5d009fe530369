import { listKey } from '../collections/list-key.ts';
import type { Interface } from '../model/interface.ts';
import type { CommandInventory, Inventory, OfferedArgument, OfferedWord, Shell } from '../model/inventory.ts';
import { argumentOf } from '../model/option.ts';
import { type CommandAt, walkCommands } from '../model/walk.ts';
import { type Expected, type ExpectedValues, expectedAt } from './expected.ts';
import { type ForgottenName, forgottenNames } from './forgotten-names.ts';
import type { WrongArgument } from './wrong-argument.ts';
import { wrongFiles } from './wrong-files.ts';

/** Something in the interface that is not offered. */
export interface MissingThing {
  /** As it would be typed: `--late`, `list`, or `owner` behind a subject. */
  readonly name: string;
  /** For values, the option or operand that takes them. */
  readonly subject: string | undefined;
  /** What it is in the interface. */
  readonly thing: Expected['thing'];
}

/** A word that is offered. */
export interface OfferedThing {
  /** As it would be typed. */
  readonly name: string;
  /** For values, the option or operand that takes them; undefined for others. */
  readonly subject: string | undefined;
  /** What the completion offers. */
  readonly word: OfferedWord;
  /** What it is in the interface; undefined where it is not in it. */
  readonly thing: Expected['thing'] | undefined;
}

/** How far one kind of thing is covered at one command. */
export interface KindCoverage {
  /** In the interface, and offered. */
  readonly offered: readonly OfferedThing[];
  /** In the interface, and not offered. */
  readonly missing: readonly MissingThing[];
  /** Not found in a script of which a part could not be read. */
  readonly undecided: readonly MissingThing[];
  /** Offered, and not in an interface that is known to be complete. */
  readonly stale: readonly OfferedThing[];
  /** Offered, and not in an interface that may be a part. */
  readonly unknown: readonly OfferedThing[];
  /** Options that are offered with the wrong kind of argument. */
  readonly wrong: readonly WrongArgument[];
  /** Offered though hidden or deprecated. */
  readonly withdrawn: readonly OfferedThing[];
}

/** What completion can offer of an interface. */
export const COVERED_KINDS = ['commands', 'options', 'values'] as const;

/** One kind of what completion can offer. */
export type CoveredKind = (typeof COVERED_KINDS)[number];

/** How much of one command completion offers. */
export interface CommandCoverage {
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  /** Names for which less is done than for another name of the same. */
  readonly forgotten: readonly ForgottenName[];
  /** What is offered there; undefined where the completion does not know the command. */
  readonly inventory: CommandInventory | undefined;
  /** By kind. */
  readonly kinds: Readonly<Record<CoveredKind, KindCoverage>>;
}

/** What one shell offers of an interface. */
export interface ShellCoverage {
  /** The shell. */
  readonly shell: Shell;
  /** What it was told, or its script was read to offer. */
  readonly inventory: Inventory;
  /** By command, in the order of the interface. */
  readonly commands: readonly CommandCoverage[];
}

/** Compares what completion offers with what an interface has. Commands that an inventory does not know are missing with all they have. */
export function coverage(cli: Interface, inventories: readonly Inventory[]): ShellCoverage[] {
  const known = new Set(
    [...walkCommands(cli)].flatMap((at) =>
      expectedAt(at).options.flatMap(({ names, also }) => [...names, ...also]),
    ),
  );
  return inventories.map((inventory) => {
    const { isPartial } = inventory;
    const byPath = new Map(inventory.commands.map((command) => [listKey(command.path), command]));
    return {
      shell: inventory.shell,
      inventory,
      commands: [...walkCommands(cli)]
        .filter(({ command }) => command.hidden?.value !== true)
        .map((at) => {
          const own = byPath.get(listKey(at.path));
          const forgotten = forgottenNames(at, own, byPath, inventory);
          return undecided(
            { ...commandCoverage(at, own, { isPartial, known }), forgotten, inventory: own },
            inventory,
          );
        }),
    };
  });
}

/** What is missing where only a part is known may stand in the rest. */
function undecided(covered: CommandCoverage, { isPartial }: Inventory): CommandCoverage {
  if (!isPartial) return covered;
  const { kinds } = covered;
  const moved = (kind: KindCoverage): KindCoverage => ({ ...kind, missing: [], undecided: kind.missing });
  return {
    ...covered,
    kinds: { commands: moved(kinds.commands), options: moved(kinds.options), values: moved(kinds.values) },
  };
}

const NOTHING: OfferedArgument = { words: [], files: undefined, isFolders: false, isNothing: false };

function commandCoverage(
  at: CommandAt,
  inventory: CommandInventory | undefined,
  of: { readonly isPartial: boolean; readonly known: ReadonlySet<string> },
): Pick<CommandCoverage, 'command' | 'kinds'> {
  const expected = expectedAt(at);
  const { command } = at;
  const operands = inventory?.operands ?? NOTHING;
  const takesValues = expected.values.some(({ optionNames }) => optionNames === undefined);
  const options = covered(
    expected.options,
    inventory?.options ?? [],
    undefined,
    command.options.complete?.value === true,
    () => openAbove(at),
  );
  const commands = covered(
    expected.commands,
    isForCommands(at, takesValues) ? operands.words : [],
    undefined,
    command.commands.complete?.value === true,
  );
  return {
    command: at.path,
    kinds: {
      commands,
      options: {
        ...options,
        wrong: [...wrongOptions(at, inventory), ...wrongFiles(at, inventory, of)],
      },
      values: valueCoverage(expected.values, inventory),
    },
  };
}

/** Whether only commands can stand in the place of the first operand; else words there may be names of anything. */
function isForCommands({ command }: CommandAt, takesValues: boolean): boolean {
  if (command.commands.items.length > 0) return true;
  const takesOperands =
    command.forms.some(({ operands }) => operands.length > 0) || command.operands.items.length > 0;
  return !takesValues && command.forms.length > 0 && !takesOperands;
}

/** The names of options of the commands above, of which nothing says whether they may be given here too. */
function openAbove({ line }: CommandAt): ReadonlySet<string> {
  return new Set(
    line
      .slice(0, -1)
      .flatMap(({ options }) => options.items)
      .filter(({ inheritance }) => inheritance === undefined)
      .flatMap(({ names }) => names.map(({ text }) => text)),
  );
}

function covered(
  expected: readonly Expected[],
  words: readonly OfferedWord[],
  subject: string | undefined,
  isComplete: boolean,
  openNames: () => ReadonlySet<string> = () => new Set(),
): KindCoverage {
  const byName = new Map(
    expected.flatMap((one) => [...one.also, ...one.names].map((name) => [name, one] as const)),
  );
  const things = words.map(
    (word): OfferedThing => ({ name: word.text, subject, word, thing: byName.get(word.text)?.thing }),
  );
  const offeredNames = new Set(words.map(({ text }) => text));
  const strange = things.filter(({ thing }) => thing === undefined);
  const open = isComplete && strange.length > 0 ? openNames() : new Set<string>();
  return {
    offered: things.filter(({ thing }) => thing !== undefined),
    missing: expected
      .filter(({ isWithdrawn, names }) => !isWithdrawn && !names.some((name) => offeredNames.has(name)))
      .map(({ name, thing }) => ({ name, subject, thing })),
    undecided: [],
    stale: isComplete ? strange.filter(({ name }) => !open.has(name)) : [],
    unknown: isComplete ? strange.filter(({ name }) => open.has(name)) : strange,
    wrong: [],
    withdrawn: things.filter(({ name }) => byName.get(name)?.isWithdrawn === true),
  };
}

function valueCoverage(
  expected: readonly ExpectedValues[],
  inventory: CommandInventory | undefined,
): KindCoverage {
  const all = expected.map(({ subject, optionNames, values }) => {
    const offered =
      optionNames === undefined
        ? inventory?.operands
        : optionNames.map((name) => inventory?.arguments.get(name)).find((one) => one !== undefined);
    const { words, files } = offered ?? NOTHING;
    const valueNames = new Set(values.flatMap(({ names }) => names));
    // Options that are offered in the place of a value are no stale values, but the wrong thing.
    const real = words.filter(({ text }) => valueNames.has(text) || !text.startsWith('-'));
    const one = covered(values, real, subject, true);
    const [value] = values;
    const hasNone = one.missing.length === values.length;
    const isWrong = value !== undefined && hasNone;
    const reason = files === true ? 'files-for-values' : real.length < words.length ? 'takes-one' : undefined;
    return {
      ...one,
      wrong:
        isWrong && reason !== undefined
          ? [{ name: subject, reason, word: words[0], thing: value.thing }]
          : [],
    };
  });
  const each = <K extends keyof KindCoverage>(key: K) => all.flatMap((one) => one[key] as never[]);
  return {
    offered: each('offered'),
    missing: each('missing'),
    undecided: [],
    stale: each('stale'),
    unknown: each('unknown'),
    wrong: each('wrong'),
    withdrawn: each('withdrawn'),
  };
}

/** Options that completion takes to have an argument and that have none, or the other way round. */
function wrongOptions(at: CommandAt, inventory: CommandInventory | undefined): WrongArgument[] {
  const offered = new Map((inventory?.options ?? []).map((option) => [option.text, option]));
  return at.command.options.items.flatMap((option): WrongArgument[] => {
    const wrong = option.names.flatMap((name): WrongArgument[] => {
      const { text } = name;
      const word = offered.get(text);
      const presence = argumentOf(option, name)?.value.presence;
      if (word?.takesArgument === undefined || presence === undefined || presence === 'optional') return [];
      if (word.takesArgument === (presence === 'mandatory')) return [];
      return [{ name: text, reason: word.takesArgument ? 'takes-none' : 'takes-one', word, thing: option }];
    });
    // The names of an option are one mistake; the long one tells more.
    const told = wrong.find(({ name }) => name.startsWith('--')) ?? wrong[0];
    return told === undefined ? [] : [told];
  });
}
