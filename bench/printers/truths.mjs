// The truth about each printed help: its declaration, less what the printer does not show.
import { changingFacts, commandsOf } from './shown.mjs';

/** Names that every program may have and no declaration holds. */
const GENERAL = ['-h', '--help', '-V', '-v', '--version', '-help', '-version', '-?'];

/**
 * The truths about the helps that a library prints of declarations. Each is `{text, path, program, aliases, options, commands, operands, neutral}`; what is
 * undefined is not shown, and is counted in `omitted`. `print` gives the helps of a list of declarations.
 */
export function truthsOf(declarations, print) {
  const helps = print(declarations);
  const changing = changingFacts(declarations, print);
  const omitted = {};
  const truths = [];
  for (const [i, declaration] of declarations.entries()) {
    for (const { command, path, above } of commandsOf(declaration)) {
      const text = helps[i].get(path.join(' '));
      if (text === undefined) continue;
      const shown = new Shown(
        text,
        (kind, at) => changing[i].has(`${path.join(' ')}|${kind}|${at}`),
        omitted,
      );
      truths.push(truthOf(declaration, command, path, above, shown));
    }
  }
  const refused = helps.filter((printed) => printed.size === 0).length;
  if (refused > 0) omitted['whole interfaces, refused by the library'] = refused;
  return { truths, omitted };
}

/** What one help shows. */
class Shown {
  #changes;
  #omitted;

  constructor(text, changes, omitted) {
    this.text = text;
    // What was broken at the end of a line is looked for as if it were not.
    this.joined = text.replace(/\s+/g, ' ');
    this.#changes = changes;
    this.#omitted = omitted;
  }

  /** Whether a literal stands in the help, by itself. */
  has(literal) {
    const escaped = literal.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
    return new RegExp(`(?<![\\w-])${escaped}(?![\\w-])`).test(this.joined);
  }

  /** Whether a name of an option stands in the help, also as `--[no-]name` or `-[no-]name`, or with its argument glued to the letter. */
  hasName(name) {
    if (/^-[^-]$/.test(name)) {
      const letter = name[1].replace(/[?]/, '\\?');
      return new RegExp(`(?<![\\w-])-${letter}(?![a-z\\d-])`).test(this.joined);
    }
    const bare = name.replace(/^-+/, '');
    return this.has(name) || new RegExp(`--?\\[no-?\\]${bare}(?![\\w-])`).test(this.joined);
  }

  /** A fact where it is shown; else undefined, and counted. */
  fact(kind, at, literals, value) {
    if (this.#changes(kind, at) && literals.every((literal) => this.has(literal))) return value;
    this.#omitted[kind] = (this.#omitted[kind] ?? 0) + 1;
    return undefined;
  }

  omit(kind) {
    this.#omitted[kind] = (this.#omitted[kind] ?? 0) + 1;
  }
}

function truthOf(declaration, command, path, above, shown) {
  const hidden = command.options.filter((option) => option.hidden);
  const spoken = [...above.flatMap(({ options }) => options), ...hidden];
  return {
    text: shown.text,
    program: declaration.program,
    path,
    options: command.options.flatMap((option, at) => (option.hidden ? [] : optionTruth(option, at, shown))),
    // A help may tell the other names of the command that it is about.
    aliases: path.length === 0 ? [] : command.names.slice(1).filter((name) => shown.has(name)),
    commands: command.commands.flatMap((below) => (below.hidden ? [] : commandTruth(below, shown))),
    operands: command.operands.flatMap((operand, at) => operandTruth(operand, at, shown)),
    neutral: {
      options: [...GENERAL, ...spoken.flatMap(spellings)],
      commands: hiddenNames(command),
      // What is not shown under its name may be shown as its choice.
      operands: command.operands.flatMap(({ placeholder, values }) => [
        placeholder,
        ...(values ?? []).map(({ value }) => value),
      ]),
    },
  };
}

function hiddenNames({ commands }) {
  return commands.filter(({ hidden }) => hidden).flatMap(({ names }) => names);
}

/** All names of an option, as they are typed, those that take it back included. */
export function spellings({ short, long, aliases, single, argument }) {
  const bare = [long, ...aliases].filter((name) => name !== undefined);
  const hyphens = single ? '-' : '--';
  const taken =
    argument === undefined ? bare.flatMap((name) => [`${hyphens}no-${name}`, `${hyphens}no${name}`]) : [];
  return [...(short === undefined ? [] : [`-${short}`]), ...bare.map((name) => hyphens + name), ...taken];
}

function optionTruth(option, at, shown) {
  const { short, long, aliases, single, argument, environment, required, help, imitates } = option;
  const hyphens = single ? '-' : '--';
  const names = [
    ...(short === undefined ? [] : [`-${short}`]),
    ...[long, ...aliases].filter(Boolean).map((name) => hyphens + name),
  ];
  // A library may tell an alias without hyphens; aliases are words that stand nowhere else.
  const isAlias = (name) => aliases.some((alias) => hyphens + alias === name);
  const found = names.filter(
    (name) => shown.hasName(name) || (isAlias(name) && shown.has(name.slice(hyphens.length))),
  );
  for (const name of names) if (!found.includes(name)) shown.omit('name');
  if (found.length === 0) return [];
  const fact = (kind, literals, value) =>
    value === undefined ? undefined : shown.fact(kind, at, literals, value);
  const values = argument?.values?.map(({ value }) => value);
  return [
    {
      names: found,
      spellings: spellings(option),
      presences: presences(option, at, shown),
      values: fact('values', values ?? [], values),
      default: fact('default', [argument?.default ?? ''], argument?.default),
      range: fact('range', argument?.range?.map(String) ?? [], argument?.range),
      environment: fact('environment', [environment ?? ''], environment),
      required: required ? fact('required', [], true) : undefined,
      help: textShown(help, shown),
      hasValues: values !== undefined,
      hasDefault: argument?.default !== undefined,
      isRequired: required,
      imitates,
    },
  ];
}

/** What a reading may say of an argument: undefined where the help does not show it. */
function presences({ argument, repeated }, at, shown) {
  if (argument === undefined) return ['none'];
  if (shown.fact('argument', at, [], true) === undefined) return undefined;
  // Any number of words may be none.
  if (repeated) return ['mandatory', 'optional'];
  if (argument.presence === 'mandatory') return ['mandatory'];
  return shown.fact('optional', at, [], true) ? ['optional'] : ['optional', 'mandatory'];
}

/** A text without what line breaks make of it: one blank for each, none behind a hyphen. */
export function unwrapped(text) {
  return text.replace(/\s+/g, ' ').replaceAll('- ', '-');
}

function textShown(help, shown) {
  if (help === '') return undefined;
  if (unwrapped(shown.text).includes(unwrapped(help))) return help;
  shown.omit('text');
  return undefined;
}

function commandTruth({ names, summary }, shown) {
  const found = names.filter((name) => shown.has(name));
  for (const name of names) if (!found.includes(name)) shown.omit('command');
  return found[0] === names[0] ? [{ names: found, all: names, summary: textShown(summary, shown) }] : [];
}

function operandTruth({ placeholder, least, most, values, help, imitates }, at, shown) {
  const listed = values?.map(({ value }) => value);
  const spelled = [placeholder, placeholder.toUpperCase(), placeholder.toLowerCase()];
  const isNamed = spelled.some((one) => shown.has(one));
  // Where a choice stands in its place, the choice names it.
  const choice =
    listed !== undefined && shown.text.includes(`{${listed.join()}}`) ? listed.join() : undefined;
  const name = (isNamed ? shown.fact('operand-name', at, [], placeholder) : undefined) ?? choice;
  if (name === undefined) {
    if (!isNamed) shown.omit('operand-name');
    return [];
  }
  return [
    {
      name,
      least: shown.fact('least', at, [], least),
      isMany: most < 0 ? shown.fact('most', at, [], true) : undefined,
      values: listed === undefined ? undefined : shown.fact('operand-values', at, listed, listed),
      help: textShown(help, shown),
      imitates,
    },
  ];
}
