import { makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../core/model/argument.ts';
import { type Command, makeCommand } from '../../core/model/command.ts';
import { type Fact, observed } from '../../core/model/fact.ts';
import { type Interface, makeInterface, type Observation } from '../../core/model/interface.ts';
import { makeOption, type Option } from '../../core/model/option.ts';
import { UNKNOWN_RULES } from '../../core/model/parsing-rules.ts';
import type { Place } from '../../core/source/source.ts';
import type { OptionNames } from './option-names.ts';
import type { ProbedOptions, ShownArgument } from './option-walk.ts';
import type { ShownRule } from './rule-questions.ts';

/** What was asked of one command. */
export interface ProbedCommand {
  readonly path: readonly string[];
  readonly options: ProbedOptions;
  /** The letters that help shows. */
  readonly letters: ReadonlySet<string>;
  readonly rules: readonly ShownRule[];
}

/** What a program's parser said, as an interface in which every fact is observed; `observationOf` gives the run with some words. */
export function probedInterface(
  program: string,
  commands: readonly ProbedCommand[],
  observationOf: (words: readonly string[]) => Observation | undefined,
): Interface {
  const inside = commands.reduce<Command>(
    (root, probed) => withCommand(root, probed.path, probed, observationOf),
    bareCommand(program),
  );
  return makeInterface({ program: observed(program, null), root: inside, sources: [] });
}

function bareCommand(name: string): Command {
  return makeCommand({ names: [{ text: name, place: null }], place: null });
}

/** A command with what was told of the one at a path below it. */
function withCommand(
  command: Command,
  path: readonly string[],
  probed: ProbedCommand,
  observationOf: (words: readonly string[]) => Observation | undefined,
): Command {
  const [word, ...rest] = path;
  if (word === undefined) {
    const rules = probed.rules.map(({ rule, value, words }) => [
      rule,
      observed<unknown>(value, messageOf(observationOf(words), '')),
    ]);
    return {
      ...command,
      options: {
        items: [...hiddenOptions(probed, observationOf), ...refusedOptions(probed, observationOf)],
        complete: undefined,
      },
      rules: { ...UNKNOWN_RULES, ...Object.fromEntries(rules) },
    };
  }
  const { items } = command.commands;
  const at = items.findIndex(({ names }) => names[0]?.text === word);
  const below = withCommand(items[at] ?? bareCommand(word), rest, probed, observationOf);
  const all = at < 0 ? [...items, below] : items.with(at, below);
  return { ...command, commands: { items: all, complete: undefined } };
}

/** The options with a name that help does not show: hidden ones, and those of which help shows another spelling. */
function hiddenOptions(
  { options: { names, arguments: shownArguments }, letters }: ProbedCommand,
  observationOf: (words: readonly string[]) => Observation | undefined,
): Option[] {
  const isSeen = new Set<string>();
  return names.all.flatMap(({ name, words }) => {
    // Where one hyphen is as good as two, a letter is a long name too.
    if (words === undefined || isSeen.has(name) || letters.has(name)) return [];
    const spellings = names.spellingsOf(name);
    for (const one of spellings) isSeen.add(one);
    const place = messageOf(observationOf(words), `--${name}`);
    const argument = spellings.map((one) => shownArguments.get(one)).find((one) => one !== undefined);
    return [
      makeOption({
        names: spellings.map((one) => ({
          text: `--${one}`,
          form: 'long' as const,
          argument: undefined,
          place: one === name ? place : null,
        })),
        argument: argument && argumentFact(argument, place),
        hidden: isWhollyHidden(spellings, names) ? observed(true, place) : undefined,
        place,
      }),
    ];
  });
}

/** The options of which the parser refuses a name. */
function refusedOptions(
  { options }: ProbedCommand,
  observationOf: (words: readonly string[]) => Observation | undefined,
): Option[] {
  return [...options.refused].map(([name, words]) => {
    const text = `--${name}`;
    const place = messageOf(observationOf(words), text);
    const names = [{ text, form: 'long' as const, argument: undefined, place: null }];
    return makeOption({ names, refusedNames: [observed(text, place)], place: null });
  });
}

function isWhollyHidden(spellings: readonly string[], names: OptionNames): boolean {
  return names.all.every(({ name, words }) => words !== undefined || !spellings.includes(name));
}

function argumentFact(shown: ShownArgument, place: Place): Fact<OptionArgument> {
  if (shown === 'none') return observed({ ...NO_ARGUMENT, place }, place);
  const presence = shown === 'required' ? 'mandatory' : 'optional';
  return observed({ presence, words: [makeValueWord()], count: undefined, place }, place);
}

/** Where a message names something; its first line where it does not. */
function messageOf(observation: Observation | undefined, name: string): Place {
  if (observation === undefined) return null;
  const { standardError, standardOutput } = observation;
  const source = standardError.text.trim() === '' ? standardOutput : standardError;
  const at = name === '' ? -1 : source.text.indexOf(name);
  if (at >= 0) return { source, start: at, end: at + name.length };
  const line = source.text.indexOf('\n');
  return { source, start: 0, end: line < 0 ? source.text.length : line };
}
