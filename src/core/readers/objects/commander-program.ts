import { type Command, makeCommand } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import type { Inheritance, Option } from '../../model/option.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import { type Bag, bagOf, bagsOf, callOf, listOf, textOf, textsOf } from './object-access.ts';
import {
  argumentOf,
  COMPLETE,
  fact,
  flagsOf,
  interfaceOf,
  NONE,
  operandOf,
  optionOf,
  relationOf,
  rulesOfParser,
  textFact,
  withNegations,
  wordOf,
} from './object-parts.ts';
import type { ObjectSettings } from './object-settings.ts';

/** Whether an object is a program of the parser commander: a command with registered arguments, options and commands. */
export function isCommanderProgram(object: unknown): boolean {
  const bag = bagOf(object);
  return operandsOf(bag) !== undefined && Array.isArray(bag?.options) && Array.isArray(bag.commands);
}

/** The operands that a command declares: under another name before version 11. */
function operandsOf(command: Bag | undefined): readonly unknown[] | undefined {
  const declared = command?.registeredArguments ?? command?._args;
  return Array.isArray(declared) ? declared : undefined;
}

/** The option for help, which was none of the others before version 12; undefined where there is none. */
function helpBeforeVersion12(command: Bag): Bag | undefined {
  const flags = textOf(command._helpFlags);
  if (command._hasHelpOption !== true || flags === undefined) return undefined;
  return { flags, description: command._helpDescription };
}

/** Reads a program of the parser commander. */
export function readCommanderProgram(object: unknown, { program }: ObjectSettings): Interface {
  const own = textOf(callOf(object, 'name'));
  const name = program ?? own;
  const version = textFact(callOf(object, 'version'));
  const root = commandOf(bagOf(object) ?? {}, name ?? 'program', []);
  return interfaceOf(name === undefined ? inferred('program', null) : fact(name), root, {
    version,
    parser: fact(['commander']),
  });
}

function commandOf(command: Bag, name: string, above: readonly Bag[]): Command {
  const line = [...above, command];
  const declared = bagsOf(command.options);
  const help = bagOf(callOf(command, '_getHelpOption')) ?? helpBeforeVersion12(command);
  const all = help === undefined ? declared : [...declared, help];
  const helpCommand = bagOf(callOf(command, '_getHelpCommand'));
  const commands = [...listOf(command.commands), ...(helpCommand === undefined ? [] : [helpCommand])];
  const operands = bagsOf(operandsOf(command));
  const defaultCommand = textFact(command._defaultCommandName);
  return makeCommand({
    names: [name, ...(above.length === 0 ? [] : textsOf(command._aliases))].map((text) => ({
      text,
      place: null,
    })),
    summary: textFact(command._summary) ?? (above.length === 0 ? undefined : textFact(command._description)),
    description: textFact(command._description),
    options: { items: withNegations(all.map((option) => optionFrom(option, command))), complete: COMPLETE },
    commands: {
      items: commands.flatMap((one) => {
        const sub = bagOf(one);
        const subName = textOf(callOf(one, 'name'));
        return sub === undefined || subName === undefined ? [] : [commandOf(sub, subName, line)];
      }),
      complete: COMPLETE,
    },
    operands: { items: operands.map(operandFrom), complete: COMPLETE },
    relations: all.flatMap((option) => conflictsOf(option, all)),
    defaultCommand,
    rules:
      above.length === 0
        ? rulesOfParser('commander', setRules(command))
        : { ...UNKNOWN_RULES, ...setRules(command) },
    hidden: command._hidden === true ? fact(true) : undefined,
    described: true,
    place: null,
  });
}

function optionFrom(option: Bag, command: Bag): Option {
  const { names, negatedNames, placeholder } = flagsOf(textOf(option.flags) ?? '');
  const isRepeated = option.variadic === true;
  const presence = option.optional === true ? 'optional' : option.required === true ? 'mandatory' : undefined;
  const word = wordOf({ placeholder, values: option.argChoices, default: option.defaultValue });
  const inheritance: Inheritance =
    command._enablePositionalOptions === true ? 'before-subcommand' : 'anywhere-below';
  const environment = textOf(option.envVar);
  return optionOf({
    names,
    negatedNames,
    argument: presence === undefined ? NONE : fact(argumentOf(presence, isRepeated, word)),
    required: fact(option.mandatory === true && option.defaultValue === undefined),
    repetition: repetitionOf(option, presence !== undefined),
    inheritance: listOf(command.commands).length > 0 ? fact(inheritance) : undefined,
    environment: environment === undefined ? [] : [fact(environment)],
    help: textFact(option.description),
    heading: textFact(option.helpGroupHeading),
    hidden: option.hidden === true ? fact(true) : undefined,
  });
}

/** Of values the last counts, unless a function of the program's gathers them. */
function repetitionOf(option: Bag, takesValue: boolean): Option['repetition'] {
  if (option.variadic === true) return fact('all-count');
  return takesValue && option.parseArg === undefined ? fact('last-wins') : undefined;
}

function operandFrom(operand: Bag) {
  const name = textOf(operand._name) ?? 'operand';
  const word = wordOf({ placeholder: name, values: operand.argChoices, default: operand.defaultValue });
  return operandOf(name, operand.required === true, operand.variadic === true, {
    word,
    help: textFact(operand.description),
  });
}

/** What an option says it conflicts with, by the names under which the parser keeps values. */
function conflictsOf(option: Bag, all: readonly Bag[]) {
  const subject = mainFlag(option);
  const others = textsOf(option.conflictsWith).flatMap((key) => {
    const other = all.find((one) => callOf(one, 'attributeName') === key);
    return other === undefined ? [] : [mainFlag(other)];
  });
  return others.length === 0 ? [] : [relationOf('excludes', subject, others)];
}

function mainFlag(option: Bag): string {
  return textOf(option.long) ?? textOf(option.short) ?? '';
}

/** The rules that each command may set for itself. */
function setRules(command: Bag): Partial<ParsingRules> {
  const order =
    command._passThroughOptions === true
      ? 'first-operand-ends-options'
      : command._enablePositionalOptions === true
        ? 'options-before-subcommand'
        : 'mixed';
  return {
    operandOrder: fact(order),
    unknownOptions: fact(command._allowUnknownOption === true ? 'passed-on' : 'refused'),
  };
}
