import {
  type Command,
  type CommandName,
  type Example,
  type Form,
  makeCommand,
} from '../../../model/command.ts';
import type { Basis, Fact, Knowable } from '../../../model/fact.ts';
import type { PlacedText } from '../../../notation/placed-text.ts';
import { readUsageNotation } from '../../../notation/usage-notation.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import { type AnyRecord, factOf } from '../../../structured/shape/record.ts';
import type { Placed, Report } from '../../../structured/shape/shape.ts';
import { type CommandRecord, FLAGS, type FormRecord } from '../format/command-format.ts';
import { type Completeness, DESCRIBING_KEYS, inherited } from '../format/completeness.ts';
import { acceptedFromEntries } from './accepted-from-entries.ts';
import { deprecationOf } from './facts.ts';
import { operandFromEntry } from './operand-from-entry.ts';
import { optionFromEntry } from './option-from-entry.ts';
import { relationFromRecord } from './relation-from-record.ts';
import { rulesFromRecord } from './rules-from-record.ts';

/** Where a command stands. */
export interface CommandContext {
  readonly names: readonly CommandName[];
  /** How many commands lead to it from the program's own. */
  readonly depth: number;
  readonly above: Completeness;
  readonly report: Report;
}

/** Makes a command, and those below it, of a record. */
export function commandFromRecord(from: CommandRecord, context: CommandContext): Command {
  const { said } = from;
  const { names, depth, report } = context;
  const describes = DESCRIBING_KEYS.some((key) => said[key] !== undefined);
  const above = inherited(context.above, describes, said.commands !== undefined);
  const complete = completenessOf(from, above);
  const below = completenessOf(from, context.above);
  const flags: Basis = from.basisOf(FLAGS);
  const commands = (said.commands?.value ?? []).flatMap((entry) =>
    commandFromEntry(entry, depth + 1, below, report),
  );
  const commandNames = new Set(commands.flatMap((command) => command.names.map(({ text }) => text)));
  const formContext = { pathLength: depth, commandNames, hasCommands: commands.length > 0 };
  const options = (said.options?.value ?? []).flatMap((entry) => optionFromEntry(entry, flags, report) ?? []);
  return makeCommand({
    names,
    summary: factOf(from, 'summary', said.summary),
    description: factOf(from, 'description', said.description),
    forms: (said.usage?.value ?? []).map(({ short, full }) =>
      full === undefined ? readUsageNotation(short, options, formContext) : formFromRecord(full),
    ),
    options: {
      items: options,
      complete: complete.options,
    },
    commands: { items: commands, complete: complete.commands },
    operands: { items: (said.operands?.value ?? []).flatMap(operandFromEntry), complete: complete.operands },
    relations: (said.relations?.value ?? []).flatMap((one) => relationFromRecord(one, report)),
    examples: (said.examples?.value ?? []).flatMap(exampleFrom),
    defaultCommand: factOf(from, 'default-command', said['default-command']),
    pluginCommands: factOf(from, 'plugin-commands', said['plugin-commands']),
    rules: rulesFromRecord(said.parsing),
    hidden: factOf(from, 'hidden', said.hidden),
    deprecated: deprecationOf(from, said.deprecated),
    accepted: acceptedFromEntries(said.accepted, report),
    heading: factOf(from, 'heading', said.heading),
    described: said.described?.value ?? describes,
    place: names[0]?.place ?? from.place,
  });
}

function commandFromEntry(
  entry: Entry<CommandRecord>,
  depth: number,
  above: Completeness,
  report: Report,
): Command[] {
  if (entry.name === undefined) return [];
  const names = namesOf(entry.name);
  if (names.length === 0) {
    report('bad-notation', 'expected the name of a command, with aliases after commas', entry.place);
    return [];
  }
  return [commandFromRecord(entry.value, { names, depth, above, report })];
}

/** `list, ls`: the name and its aliases. */
function namesOf(notation: PlacedText): CommandName[] {
  return [...notation.text.matchAll(/[^,]+/g)].flatMap((match) => {
    const text = match[0].trim();
    const start = match.index + match[0].indexOf(text);
    return text === '' ? [] : [{ text, place: notation.span(start, start + text.length) }];
  });
}

function completenessOf(from: CommandRecord, above: Completeness): Completeness {
  const { complete } = from.said;
  if (complete === undefined) return above;
  if (!('said' in complete)) {
    const fact = truthOf(from, 'complete', complete);
    return { options: fact, commands: fact, operands: fact };
  }
  const { said } = complete;
  return {
    options: said.options === undefined ? above.options : truthOf(complete, 'options', said.options),
    commands: said.commands === undefined ? above.commands : truthOf(complete, 'commands', said.commands),
    operands: said.operands === undefined ? above.operands : truthOf(complete, 'operands', said.operands),
  };
}

function truthOf(
  from: AnyRecord,
  key: string,
  said: Placed<'true' | 'false' | 'unknown'>,
): Knowable<boolean> {
  return said.value === 'unknown' ? undefined : factOf(from, key, { ...said, value: said.value === 'true' });
}

function formFromRecord({ said, place }: FormRecord): Form {
  return {
    text: said.text?.value ?? '',
    options: (said.options?.value ?? []).map((one) => ({
      name: one.said.name?.value ?? '',
      required: one.said.required?.value ?? false,
      repeated: one.said.repeated?.value ?? false,
      place: one.place,
    })),
    operands: (said.operands?.value ?? []).flatMap(operandFromEntry),
    place,
  };
}

type SaidExample = NonNullable<CommandRecord['said']['examples']>['value'][number];

function exampleFrom({ short, full }: SaidExample): Example[] {
  if (short !== undefined) return [{ commandLine: short.value, help: undefined, place: short.place }];
  const line = full?.said['command-line'];
  if (full === undefined || line === undefined) return [];
  return [{ commandLine: line.value, help: factOf(full, 'help', full.said.help), place: full.place }];
}

/** The canonical name of a program as the name of its root command. */
export function rootName(program: Fact<string>): CommandName {
  return { text: program.value, place: program.place };
}
