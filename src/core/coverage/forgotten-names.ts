import { optionsInReach } from '../abbreviations/option-scope.ts';
import { listKey } from '../collections/list-key.ts';
import type { CommandInventory, Inventory, OfferedWord } from '../model/inventory.ts';
import { argumentOf } from '../model/option.ts';
import { shownOption } from '../model/shown-part.ts';
import type { CommandAt } from '../model/walk.ts';

/** A name of an option or command for which completion does less than for another of its names. */
export interface ForgottenName {
  readonly name: string;
  /** The name for which it does it. */
  readonly other: string;
  /** What is forgotten: the name itself, what follows it as a command or some of the options there, or its option-argument. */
  readonly what: 'name' | 'branch' | 'options' | 'argument';
  /** What is offered under the other name. */
  readonly word: OfferedWord | undefined;
}

/**
 * The names that the completion of one command forgets while it has another name of the same thing. What a script leaves out by custom, such as all letters or all
 * aliases, it does not forget.
 */
export function forgottenNames(
  at: CommandAt,
  own: CommandInventory | undefined,
  byPath: ReadonlyMap<string, CommandInventory>,
  { isPartial }: Inventory,
): ForgottenName[] {
  if (own === undefined || isPartial) return [];
  return [
    ...forgottenCommands(at, own, byPath),
    ...forgottenOptions(at, own),
    ...forgottenArguments(at, own),
  ];
}

function forgottenCommands(
  { command, path }: CommandAt,
  own: CommandInventory,
  byPath: ReadonlyMap<string, CommandInventory>,
): ForgottenName[] {
  const words = new Map(own.operands.words.map((word) => [word.text, word]));
  return command.commands.items.flatMap(({ names }): ForgottenName[] => {
    const texts = names.map(({ text }) => text);
    const branches = texts.filter((text) => byPath.has(listKey([...path, text])));
    const [branch] = branches;
    const countOf = (text: string) => byPath.get(listKey([...path, text]))?.options.length ?? 0;
    const most = branches.reduce((sum, text) => Math.max(sum, countOf(text)), 0);
    const fullest = branches.length < 2 ? undefined : branches.find((text) => countOf(text) === most);
    const offered = texts.filter((text) => words.has(text));
    const [shown] = offered;
    if (shown === undefined) return [];
    return texts.flatMap((name): ForgottenName[] => {
      // A script that leads on from a name knows it.
      if (!words.has(name) && branches.includes(name))
        return [{ name, other: shown, what: 'name', word: words.get(shown) }];
      if (words.has(name) && branch !== undefined && !branches.includes(name))
        return [{ name, other: branch, what: 'branch', word: words.get(name) }];
      return fullest !== undefined && branches.includes(name) && offersMore(path, fullest, name, byPath)
        ? [{ name, other: fullest, what: 'options', word: words.get(name) }]
        : [];
    });
  });
}

/** Whether all options that are offered behind one name of a command are behind another too, and more. */
function offersMore(
  path: readonly string[],
  other: string,
  name: string,
  byPath: ReadonlyMap<string, CommandInventory>,
): boolean {
  const [more, less] = [other, name].map((one) => byPath.get(listKey([...path, one]))?.options ?? []);
  if (more === undefined || less === undefined || less.length === 0 || more.length <= less.length)
    return false;
  const offered = new Set(more.map(({ text }) => text));
  return less.every(({ text }) => offered.has(text));
}

function forgottenOptions(at: CommandAt, own: CommandInventory): ForgottenName[] {
  const words = new Map(own.options.map((word) => [word.text, word]));
  const spelled = optionsInReach(at)
    .map(shownOption)
    .filter(
      ({ names, hidden, deprecated }) =>
        names.length > 1 && hidden?.value !== true && deprecated === undefined,
    );
  const whole = spelled.filter(({ names }) => names.every(({ text }) => words.has(text))).length;
  return spelled.flatMap(({ names }): ForgottenName[] => {
    const shown = names.find(({ text }) => words.has(text))?.text;
    const [lacking, ...more] = names.filter(({ text }) => !words.has(text));
    // Where most options are offered under all names, one that is not was forgotten; a letter alone leaves out what tells most.
    const isOdd = whole > spelled.length - whole || lacking?.form === 'long';
    if (shown === undefined || lacking === undefined || more.length > 0 || !isOdd) return [];
    return [{ name: lacking.text, other: shown, what: 'name', word: words.get(shown) }];
  });
}

/** Option-arguments that are completed behind one name of an option and not behind another that is offered too. */
function forgottenArguments({ command }: CommandAt, own: CommandInventory): ForgottenName[] {
  const isCompleted = (text: string) => own.arguments.get(text)?.isNothing === false;
  const isOffered = new Set(own.options.map(({ text }) => text));
  const all = command.options.items.map(shownOption).filter((option) => {
    const takes = option.names.filter((name) => argumentOf(option, name)?.value.presence !== 'none');
    return (
      takes.length > 1 &&
      takes.length === option.names.length &&
      takes.every(({ text }) => isOffered.has(text))
    );
  });
  const whole = all.filter(({ names }) => names.every(({ text }) => isCompleted(text))).length;
  return all.flatMap(({ names }): ForgottenName[] => {
    const shown = names.find(({ text }) => isCompleted(text))?.text;
    const lacking = names.find(({ text }) => !isCompleted(text))?.text;
    if (shown === undefined || lacking === undefined || whole === 0) return [];
    return [
      {
        name: lacking,
        other: shown,
        what: 'argument',
        word: own.options.find(({ text }) => text === lacking),
      },
    ];
  });
}
