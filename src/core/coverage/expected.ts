import { optionsInReach } from '../abbreviations/option-scope.ts';
import type { AllowedValue, ValueWord } from '../model/argument.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Knowable } from '../model/fact.ts';
import { takesEitherHyphens, withOtherHyphens } from '../model/long-hyphens.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { Operand } from '../model/operand.ts';
import { argumentOf, mainName, type Option, type OptionName } from '../model/option.ts';
import { shownOption } from '../model/shown-part.ts';
import type { CommandAt } from '../model/walk.ts';

/** Something that completion is to offer, by any of its names. */
export interface Expected {
  /** The name that reports use. */
  readonly name: string;
  readonly names: readonly string[];
  /** Other words that stand for it, which need not be offered, such as the `--no-x` that a parser makes. */
  readonly also: readonly string[];
  /** Whether it is hidden or deprecated, so that it had better not be offered. */
  readonly isWithdrawn: boolean;
  readonly thing: Option | Command | AllowedValue;
}

/** A word with known values, at the option or operand that takes it. */
export interface ExpectedValues {
  /** The option, by its names, or the operand; undefined names for operands. */
  readonly subject: string;
  readonly optionNames: readonly string[] | undefined;
  readonly values: readonly Expected[];
}

/** What completion is to offer at one command. */
export interface ExpectedAt {
  readonly at: CommandAt;
  readonly commands: readonly Expected[];
  readonly options: readonly Expected[];
  /** For the options that the command declares itself, and its first operand. */
  readonly values: readonly ExpectedValues[];
}

/** What an interface has at one command that completion can offer. */
export function expectedAt(at: CommandAt): ExpectedAt {
  const { command } = at;
  const alsoOf = alsoAccepted(at);
  return {
    at,
    commands: command.commands.items.map((one) => ({
      name: commandName(one),
      names: one.names.map(({ text }) => text),
      also: [],
      isWithdrawn: isWithdrawn(one),
      thing: one,
    })),
    options: optionsInReach(at).flatMap((option) => expectedOption(option, alsoOf)),
    values: [...command.options.items.flatMap(optionValues), ...operandValues(command)],
  };
}

/** An option, and its negated names as one more where it has some. */
function expectedOption(option: Option, alsoOf: (name: string) => string[]): Expected[] {
  // A notation such as -NUM stands for names, and is none.
  const expected = (
    all: Option['names'],
    names = all.filter(({ text }) => !NOTATION.test(text)),
  ): Expected[] =>
    names[0] === undefined
      ? []
      : [
          {
            name:
              all !== option.negatedNames && names.length === all.length
                ? mainName(shownOption(option)).text
                : names[0].text,
            names: names.map(({ text }) => text),
            also: names.flatMap(({ text }) => alsoOf(text)),
            isWithdrawn: isWithdrawn(option),
            thing: option,
          },
        ];
  const hidden = new Set(option.hiddenNames.map(({ value }) => value));
  const isHidden = ({ text }: OptionName) => hidden.has(text);
  const [first, ...others] = [
    ...expected(option.names.filter((name) => !isHidden(name))),
    ...expected(option.negatedNames),
  ];
  if (first === undefined) return [];
  // What the help leaves out may be offered, and need not be.
  return [
    { ...first, also: [...first.also, ...option.names.filter(isHidden).map(({ text }) => text)] },
    ...others,
  ];
}

/** The words besides a name that the parser takes at a command. */
function alsoAccepted(at: CommandAt): (name: string) => string[] {
  const negated = hasNegations(at);
  const isEither = takesEitherHyphens(at.line);
  return (name) => [
    ...(negated ? [`--no-${name.replace(/^-+/, '')}`] : []),
    ...(isEither && name.length > 2 ? [withOtherHyphens(name)] : []),
  ];
}

/** Whether every option has a negated name: by a rule of the parser, or by a notation such as --no-OPTION in the list. */
function hasNegations({ command, line }: CommandAt): boolean {
  if (nearestRule(line, 'generatedNegation')?.value === true) return true;
  return command.options.items.some((option) =>
    [...option.names, ...option.negatedNames].some(({ text }) => /^--no-[A-Z]{3,}$/.test(text)),
  );
}

const NOTATION = /^-{1,2}(?:\w+-)?[A-Z]{3,}$/;

function optionValues(option: Option): ExpectedValues[] {
  const argument = argumentOf(option, mainName(option))?.value;
  const [word] = argument?.words ?? [];
  const values = valuesOf(word);
  if (values.length === 0 || word?.separator !== undefined) return [];
  return [
    {
      subject: mainName(shownOption(option)).text,
      optionNames: option.names.map(({ text }) => text),
      values,
    },
  ];
}

/** Of operands, the first is what a shell is asked for. */
function operandValues(command: Command): ExpectedValues[] {
  const first = firstOperand(command);
  const values = valuesOf(first?.word);
  return values.length === 0 || command.commands.items.length > 0
    ? []
    : [{ subject: first?.name ?? '', optionNames: undefined, values }];
}

/** The first operand of a command, by its only form or its list. */
export function firstOperand({ forms, operands }: Command): Operand | undefined {
  const [form, ...others] = forms;
  const [first] = others.length === 0 && form !== undefined ? form.operands : operands.items;
  return operands.items.find(({ name }) => name === first?.name) ?? first;
}

function valuesOf(word: ValueWord | undefined): Expected[] {
  return (word?.values?.value ?? []).map((value) => ({
    name: value.value,
    names: [value.value],
    also: [],
    isWithdrawn: isWithdrawn(value),
    thing: value,
  }));
}

function isWithdrawn(thing: {
  readonly hidden: Knowable<boolean>;
  readonly deprecated: Knowable<unknown>;
}): boolean {
  return thing.hidden?.value === true || thing.deprecated !== undefined;
}
