import { type Command, makeCommand } from '../../model/command.ts';
import { inferred } from '../../model/fact.ts';
import type { Interface } from '../../model/interface.ts';
import { type Bag, bagOf, callOf, membersOf, textOf, textsOf } from './object-access.ts';
import { COMPLETE, fact, interfaceOf, operandOf, rulesOfParser, textFact, wordOf } from './object-parts.ts';
import type { ObjectSettings } from './object-settings.ts';
import { addDeclaration, type Declared, noDeclarations, recordBuilder } from './yargs-builder.ts';
import { type OptionDeclaration, optionOfDeclaration, relationsOfDeclarations } from './yargs-option.ts';

/** Whether an object is a program of the parser yargs. */
export function isYargsProgram(object: unknown): boolean {
  const bag = bagOf(object);
  return typeof bag?.getOptions === 'function' && typeof bag.getInternalMethods === 'function';
}

/**
 * Reads a program of the parser yargs. The functions that build its subcommands are called with an object that only writes
 * down what they declare.
 */
export function readYargsProgram(object: unknown, { program }: ObjectSettings): Interface {
  const internal = callOf(object, 'getInternalMethods');
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
  const has = (table: string, key: string) => Array.isArray(options[table]) && options[table].includes(key);
  const aliases = bagOf(options.alias) ?? {};
  const isAlias = new Set(membersOf(aliases).flatMap(([, names]) => textsOf(names)));
  const declared = noDeclarations();
  for (const [key] of membersOf(options.key)) {
    if (isAlias.has(key)) continue;
    const type = ['boolean', 'count', 'number', 'string'].find((table) => has(table, key));
    const group = groups.find(([, keys]) => Array.isArray(keys) && keys.includes(key))?.[0];
    addDeclaration(declared, key, {
      alias: aliases[key],
      type,
      array: has('array', key),
      describe: textOf(descriptions[key])?.replace(/^__yargsString__:/, ''),
      choices: bagOf(options.choices)?.[key],
      default: bagOf(options.default)?.[key],
      nargs: bagOf(options.narg)?.[key],
      demandOption: key in demanded,
      deprecated: deprecated[key],
      hidden: has('hiddenOptions', key),
      global: !has('local', key),
      group,
      conflicts: conflicts[key],
      implies: implied[key],
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
  const own = declared.commands.find((one) => isDefault(one));
  const positionals = [...positionalsOf(handler), ...(isRoot ? positionalsOf(own) : [])];
  const isPositional = new Set([...declared.positionals, ...positionals.map(({ name }) => name)]);
  const options = [...declared.options].filter(([key]) => !isPositional.has(key));
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
        const { describe, choices, default: given, type } = declared.options.get(name) ?? {};
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
  return /^\$0(?:\s|$)/.test(textOf(handler.original) ?? '');
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
