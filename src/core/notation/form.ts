import { makeValueWord } from '../model/argument.ts';
import type { Form } from '../model/command.ts';
import { stated } from '../model/fact.ts';
import type { Operand } from '../model/operand.ts';
import type { Span } from '../source/source.ts';
import type { UsageReading } from './usage-reading.ts';

/** What is known of the command whose synopsis it is. */
export interface FormContext {
  /** How many of the literal words behind the program lead to the command. */
  readonly pathLength: number;
  /** Names of its subcommands. */
  readonly commandNames: ReadonlySet<string>;
  readonly hasCommands: boolean;
}

/** A synopsis that begins with the name of the command itself, of which nothing else is known. */
export const OWN_SYNOPSIS: FormContext = { pathLength: 0, commandNames: new Set(), hasCommands: false };

/** The form that a synopsis shows: literal words that are no commands are operands. */
export function formOf(reading: UsageReading, context: FormContext): Form {
  const literals = reading.literals
    .slice(context.pathLength)
    .filter((literal) => !context.commandNames.has(literal.text));
  const operands = literals.map(({ text, place }): Operand => literalOperand(text, place));
  const others = reading.form.operands;
  const commandAt = others.findIndex((operand) => operand.kind === 'command-line');
  // Where subcommands are listed, the placeholder for one and its arguments are no operands of this command.
  const kept = context.hasCommands && commandAt >= 0 ? others.slice(0, commandAt) : others;
  return { ...reading.form, operands: [...operands, ...kept] };
}

function literalOperand(name: string, place: Span): Operand {
  return {
    kind: 'word',
    name,
    word: makeValueWord({ placeholder: stated(name, place) }),
    vocabulary: [],
    count: stated({ least: 1, most: 1 }, place),
    help: undefined,
    place,
  };
}
