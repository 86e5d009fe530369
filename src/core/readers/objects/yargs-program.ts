import { type Command, makeCommand } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import { type Bag, bagOf, callOf, listOf, membersOf, textOf } from './object-access.ts';
import { COMPLETE, fact, interfaceOf, operandOf, rulesOfParser, textFact, wordOf } from './object-parts.ts';
import type { ObjectSettings } from './object-settings.ts';
import { aliasGroups } from './yargs-aliases.ts';
import { addDeclaration, type Declared, noDeclarations, recordBuilder } from './yargs-builder.ts';
import { type OptionDeclaration, optionOfDeclaration, relationsOfDeclarations } from './yargs-option.ts';

/** Whether an object is a program of the parser yargs. */
export function isYargsProgram(object: unknown): boolean {
  const bag = bagOf(object);
  return typeof bag?.getOptions === 'function' && internalOf(object) !== undefined;
}

/** The object with the tables of a program; before version 17 of the parser it is the program itself. */
function internalOf(object: unknown): unknown {
  const bag = bagOf(object);
  if (typeof bag?.getInternalMethods === 'function') return callOf(object, 'getInternalMethods');
  return typeof bag?.getUsageInstance === 'function' ? object : undefined;
}

/**
 * Reads a program of the parser yargs. The functions that build its subcommands are called with an object that only writes
 * down what they declare.
 */
export function readYargsProgram(object: unknown, { program }: ObjectSettings): Interface {
  const internal = internalOf(object);
  const name = program ?? textOf(bagOf(object)?.$0);
  const declared = declaredOf(object, internal);
  const parser = callOf(object, 'getStrict') === true ? 'yargs-strict' : 'yargs';
  const root = commandOf([name ?? 'program'], undefined, declared, true);
  return interfaceOf(
    name === undefined ? inferred('program', null) : fact(name),
    {
      ...root,
      rules: rulesOfParser(parser, {}),
    },
    { parser: fact([parser]) },
  );
}

/** What the program itself declares, from the tables that the parser keeps. */
function declaredOf(object: unknown, internal: unknown): Declared {
  const options = bagOf(callOf(object, 'getOptions')) ?? {};
  const descriptions = bagOf(callOf(callOf(internal, 'getUsageInstance'), 'getDescriptions')) ?? {};
  const demanded = bagOf(callOf(object, 'getDemandedOptions')) ?? {};
  const deprecated = bagOf(callOf(object, 'getDeprecatedOptions')) ?? {};
  const groups = membersOf(callOf(object, 'getGroups'));
  const validation = callOf(internal, 'getValidationInstance');
  const conflicts = bagOf(callOf(validation, 'getConflicting')) ?? {};
  const implied = bagOf(callOf(validation, 'getImplied')) ?? {};
  const aliases = aliasGroups(options.alias);
  const declared = noDeclarations();
  for (const [key] of membersOf(options.key)) {
    const names = aliases.get(key) ?? [key];
    if (names.some((name) => declared.options.has(name))) continue;
    // The parser keeps what it is told under the name that it was told of.
    const isIn = (list: unknown) => names.some((name) => listOf(list).includes(name));
    const saidIn = (table: Bag | undefined) =>
      names.map((name) => table?.[name]).find((one) => one !== undefined);
    addDeclaration(declared, key, {
      alias: names.filter((name) => name !== key),
      type: ['boolean', 'count', 'number', 'string'].find((table) => isIn(options[table])),
      array: isIn(options.array),
      describe: textOf(saidIn(descriptions))?.replace(/^__yargsString__:/, ''),
      choices: saidIn(bagOf(options.choices)),
      default: saidIn(bagOf(options.default)),
      nargs: saidIn(bagOf(options.narg)),
      demandOption: names.some((name) => name in demanded),
      deprecated: saidIn(deprecated),
      hidden: isIn(options.hiddenOptions),
      global: !isIn(options.local),
      group: groups.find(([, keys]) => isIn(keys))?.[0],
      conflicts: saidIn(conflicts),
      implies: saidIn(implied),
    });
  }
  const instance = callOf(internal, 'getCommandInstance');
  const commandAliases = membersOf(bagOf(instance)?.aliasMap);
  for (const [name, handler] of membersOf(callOf(instance, 'getCommandHandlers'))) {
    const own = commandAliases.flatMap(([alias, command]) => (command === name ? [alias] : []));
    declared.commands.push({ ...bagOf(handler), aliases: own });
  }
  return declared;
}

/** Builders that declare themselves again must come to an end. */
const DEPTH_LIMIT = 20;

function commandOf(
  names: readonly string[],
  handler: Bag | undefined,
  declared: Declared,
  isRoot: boolean,
  depth = 0,
): Command {
  // What the command without a name declares is the program's own.
  const own = declared.commands.find((one) => isDefault(one));
  const behind = recordBuilder(own?.builder);
  const known = new Map([...behind.options, ...declared.options]);
  const positionals = [...positionalsOf(handler), ...(isRoot ? positionalsOf(own) : [])];
  const isPositional = new Set([
    ...declared.positionals,
    ...behind.positionals,
    ...positionals.map(({ name }) => name),
  ]);
  const options = [...known].filter(([key]) => !isPositional.has(key));
  const commands = depth >= DEPTH_LIMIT ? [] : declared.commands.filter((one) => !isDefault(one));
  const description = textFact(handler?.description ?? own?.description);
  return makeCommand({
    names: names.map((text) => ({ text, place: null })),
    summary: isRoot ? undefined : description,
    description,
    options: { items: options.map(([key, option]) => optionOfDeclaration(key, option)), complete: COMPLETE },
    commands: { items: commands.map((one) => subcommandOf(one, depth + 1)), complete: COMPLETE },
    operands: {
      items: positionals.map(({ name, isRequired, isRepeated }) => {
        const { describe, choices, default: given, type } = known.get(name) ?? {};
        return operandOf(name, isRequired, isRepeated, {
          word: wordOf({
            placeholder: name,
            values: choices,
            default: given,
            type: type === 'number' ? 'number' : undefined,
          }),
          help: textFact(describe),
        });
      }),
      complete: COMPLETE,
    },
    relations: relationsOfDeclarations(new Map<string, OptionDeclaration>(options)),
    hidden: handler?.description === false ? fact(true) : undefined,
    deprecated:
      handler?.deprecated === undefined || handler.deprecated === false
        ? undefined
        : fact({ since: undefined, replacedBy: undefined }),
    described: true,
    place: null,
  });
}

function subcommandOf(handler: Bag, depth: number): Command {
  const [name = ''] = (textOf(handler.original) ?? '').split(/\s+/);
  const aliases = Array.isArray(handler.aliases)
    ? handler.aliases.flatMap((alias) => textOf(alias) ?? [])
    : [];
  return commandOf([name, ...aliases], handler, recordBuilder(handler.builder), false, depth);
}

function isDefault(handler: Bag): boolean {
  return /^(?:\$0|\*)(?:\s|$)/.test(textOf(handler.original) ?? '');
}

interface Positional {
  readonly name: string;
  readonly isRequired: boolean;
  readonly isRepeated: boolean;
}

/** `<day> [more..]` behind the name of a command. */
function positionalsOf(handler: Bag | undefined): Positional[] {
  const words = (textOf(handler?.original) ?? '').split(/\s+/).slice(1);
  return words.flatMap((word) => {
    const match = /^([<[])([^\]>|.]+)(?:\|[^\]>.]*)?(\.\.)?\]?>?$/.exec(word);
    if (match === null || /^options$/i.test(match[2] ?? '')) return [];
    return [{ name: match[2] ?? '', isRequired: match[1] === '<', isRepeated: match[3] !== undefined }];
  });
}
