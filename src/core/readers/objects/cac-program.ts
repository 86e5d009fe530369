import { type Command, makeCommand } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import { type Bag, bagOf, bagsOf, listOf, textOf, textsOf } from './object-access.ts';
import {
  argumentOf,
  COMPLETE,
  fact,
  flagsOf,
  interfaceOf,
  NONE,
  operandOf,
  optionOf,
  rulesOfParser,
  textFact,
  withNegations,
  wordOf,
} from './object-parts.ts';
import type { ObjectSettings } from './object-settings.ts';

/** Whether an object is a program of the parser cac: commands beside a global command. */
export function isCacProgram(object: unknown): boolean {
  const bag = bagOf(object);
  return Array.isArray(bag?.commands) && Array.isArray(bagOf(bag.globalCommand)?.options);
}

/** Reads a program of the parser cac; the command without a name is that of the program itself. */
export function readCacProgram(object: unknown, { program }: ObjectSettings): Interface {
  const bag = bagOf(object) ?? {};
  const global = bagOf(bag.globalCommand) ?? {};
  const name = program ?? textOf(bag.name);
  const commands = bagsOf(bag.commands);
  const own: Bag = commands.find((command) => command.name === '') ?? {};
  const shared = optionsOf(global).map((option) => ({
    ...option,
    inheritance: fact('anywhere-below' as const),
  }));
  const takesUnknown = bagOf(own.config)?.allowUnknownOptions === true;
  const root = makeCommand({
    ...commandParts(own),
    names: [{ text: name ?? 'program', place: null }],
    options: { items: withNegations([...shared, ...optionsOf(own)]), complete: COMPLETE },
    commands: {
      items: commands.flatMap(commandOf),
      complete: COMPLETE,
    },
    rules: rulesOfParser('cac', { unknownOptions: fact(takesUnknown ? 'passed-on' : 'refused') }),
  });
  return interfaceOf(name === undefined ? inferred('program', null) : fact(name), root, {
    version: textFact(global.versionNumber),
    parser: fact(['cac']),
  });
}

/** A command by its name; none where it has no name, and so cannot be called. */
function commandOf(command: Bag): Command[] {
  const name = textOf(command.name)?.trim() ?? '';
  if (name === '') return [];
  const made = makeCommand({
    ...commandParts(command),
    names: [name, ...textsOf(command.aliasNames)].map((text) => ({ text, place: null })),
    summary: textFact(command.description),
    options: { items: withNegations(optionsOf(command)), complete: COMPLETE },
    commands: { items: [], complete: COMPLETE },
  });
  return [made];
}

/** What the program's own command and the others have in common. */
function commandParts(command: Bag) {
  return {
    description: textFact(command.description),
    operands: { items: listOf(command.args).flatMap(operandsOf), complete: COMPLETE },
    examples: textsOf(command.examples).map((commandLine) => ({ commandLine, help: undefined, place: null })),
    described: true,
    place: null,
  };
}

function operandsOf(operand: unknown) {
  const { value, required, variadic } = bagOf(operand) ?? {};
  const name = textOf(value);
  if (name === undefined) return [];
  return [operandOf(name, required === true, variadic === true, { word: wordOf({ placeholder: name }) })];
}

function optionsOf(command: Bag): Option[] {
  return listOf(command.options).flatMap((one) => {
    const option = bagOf(one);
    const flags = textOf(option?.rawName);
    if (option === undefined || flags === undefined) return [];
    const { names, negatedNames, placeholder } = flagsOf(flags);
    const { default: given, type } = bagOf(option.config) ?? {};
    const isRepeated = Array.isArray(type);
    const word = wordOf({ placeholder, default: given });
    const presence = option.required === true ? 'mandatory' : 'optional';
    return [
      optionOf({
        names,
        negatedNames,
        argument: option.isBoolean === true ? NONE : fact(argumentOf(presence, false, word)),
        repetition: isRepeated ? fact('all-count') : undefined,
        help: textFact(option.description),
      }),
    ];
  });
}
