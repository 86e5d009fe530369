import { type Bag, bagOf, membersOf, textOf, textsOf } from './object-access.ts';
import type { OptionDeclaration } from './yargs-option.ts';

/** What the builder of a command declares. */
export interface Declared {
  readonly options: Map<string, OptionDeclaration>;
  readonly positionals: Set<string>;
  /** The commands below, as the parser keeps them: `original`, `description`, `builder`, `aliases`. */
  readonly commands: Bag[];
}

export function noDeclarations(): Declared {
  return { options: new Map(), positionals: new Set(), commands: [] };
}

/** Adds what is said of an option to what is known of it. */
export function addDeclaration(declared: Declared, key: string, more: OptionDeclaration): void {
  declared.options.set(key, { ...declared.options.get(key), ...more });
}

/** What a builder declares: a function is called with a recorder, an object lists options. */
export function recordBuilder(builder: unknown): Declared {
  const declared = noDeclarations();
  if (typeof builder === 'function') {
    try {
      builder(recorder(declared));
    } catch {
      // What was declared before it failed counts.
    }
    return declared;
  }
  for (const [key, option] of membersOf(builder)) addDeclaration(declared, key, declarationOf(option));
  return declared;
}

/** An object that takes every call of a builder, writes down declarations, and gives itself back. */
function recorder(declared: Declared): unknown {
  const self: unknown = new Proxy(() => self, {
    get: (_, method) => {
      // A promise would be waited for.
      if (typeof method !== 'string' || method === 'then') return undefined;
      return (...words: readonly unknown[]) => {
        record(declared, method, words);
        return self;
      };
    },
    apply: () => self,
  });
  return self;
}

function record(declared: Declared, method: string, words: readonly unknown[]): void {
  const [first, second, third] = words;
  const keys = namesOf(first);
  if (method === 'command') {
    declared.commands.push(handlerOf(first, second, third));
  } else if (keys.length === 0 && (method === 'option' || method === 'options')) {
    for (const [key, option] of membersOf(first)) addDeclaration(declared, key, declarationOf(option));
  } else {
    const more = declarationOfCall(method, second);
    if (more !== undefined) for (const key of keys) addDeclaration(declared, key, more);
    if (method === 'positional') for (const key of keys) declared.positionals.add(key);
  }
}

/** What a call says of the options that it names first. */
function declarationOfCall(method: string, value: unknown): OptionDeclaration | undefined {
  switch (method) {
    case 'option':
    case 'options':
    case 'positional':
      return declarationOf(value);
    case 'boolean':
    case 'count':
    case 'number':
    case 'string':
      return { type: method };
    case 'array':
      return { array: true };
    case 'alias':
    case 'choices':
    case 'conflicts':
    case 'default':
    case 'describe':
    case 'group':
    case 'implies':
    case 'nargs':
      return { [method]: value };
    case 'demandOption':
    case 'require':
    case 'required':
      return { demandOption: true };
    case 'deprecateOption':
      return { deprecated: true };
    case 'hide':
      return { hidden: true };
    default:
      return undefined;
  }
}

/** A command as one object (`{command, describe, builder}`), or as words in a row. */
function handlerOf(first: unknown, description: unknown, builder: unknown): Bag {
  const commandModule = Array.isArray(first) ? undefined : bagOf(first);
  const [original, ...aliases] =
    commandModule === undefined ? namesOf(first) : namesOf(commandModule.command);
  return {
    original,
    aliases: [...aliases, ...(commandModule === undefined ? [] : namesOf(commandModule.aliases))],
    description:
      commandModule === undefined
        ? description
        : (commandModule.describe ?? commandModule.description ?? commandModule.desc),
    builder: commandModule === undefined ? builder : commandModule.builder,
    deprecated: commandModule?.deprecated,
  };
}

function namesOf(value: unknown): string[] {
  const one = textOf(value);
  return one === undefined ? textsOf(value) : [one];
}

function declarationOf(option: unknown): OptionDeclaration {
  const bag = bagOf(option) ?? {};
  const type = ['boolean', 'count', 'number', 'string'].find((one) => bag[one] === true);
  return {
    ...bag,
    ...(type === undefined ? {} : { type }),
    describe: bag.describe ?? bag.description ?? bag.desc,
    demandOption: bag.demandOption ?? bag.demand ?? bag.require ?? bag.required,
  };
}
