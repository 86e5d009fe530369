import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { firstBy } from '../../collections/grouped.ts';
import type { AllowedValue, Offer, ValueWord } from '../../model/argument.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import type { Operand } from '../../model/operand.ts';
import { argumentOf, mainName, type Option } from '../../model/option.ts';
import { shownPart } from '../../model/shown-part.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { ExcludedNames } from './excluded-names.ts';

/** A value with its text; an empty text where it has none. */
export interface PlannedValue {
  readonly value: string;
  readonly text: string;
}

/** What completion offers in the place of one word. */
export interface PlannedWord {
  readonly label: string;
  readonly offers: Offer;
  readonly values: readonly PlannedValue[];
}

export interface PlannedOption {
  readonly names: readonly string[];
  readonly text: string;
  readonly presence: 'none' | 'optional' | 'mandatory';
  readonly words: readonly PlannedWord[];
  /** Whether it is offered again where it stands already. */
  readonly again: boolean;
  /** Names of other options beside which it may not stand. */
  readonly excludes: readonly string[];
}

/** What completion offers at one command. */
export interface PlannedCommand {
  readonly path: readonly string[];
  /** The path as part of a function's name, no two alike: empty for the program. */
  readonly id: string;
  readonly options: readonly PlannedOption[];
  /** The subcommands to offer. */
  readonly commands: readonly PlannedValue[];
  /** Every name of every subcommand, hidden ones too, with the canonical one. */
  readonly steps: readonly { readonly name: string; readonly to: string }[];
  readonly operands: readonly (PlannedWord & { readonly again: boolean })[];
  /** Whether options may stand behind operands. */
  readonly mixed: boolean;
}

/** What a completion script is to offer, the same for every shell. */
export interface CompletionPlan {
  readonly program: string;
  readonly commands: readonly PlannedCommand[];
  /** Whether several letters may stand behind one hyphen. */
  readonly groups: boolean;
}

/** Plans a completion script: hidden and deprecated names are left out, and names that no shell could take as one word. */
export function completionPlan(cli: Interface): CompletionPlan {
  const ids = new Map<string, number>();
  const commands = [...walkCommands(shownPart(cli))]
    .filter(({ path }) => path.slice(1).every(isOneWord))
    .map((at) => planCommand(at, ids));
  const hasLongShort = commands.some(({ options }) =>
    options.some(({ names }) => names.some((name) => /^-[^-]./.test(name))),
  );
  return {
    program: cli.program.value,
    commands,
    groups: !hasLongShort && nearestRule([cli.root], 'grouping')?.value !== false,
  };
}

function planCommand(at: CommandAt, ids: Map<string, number>): PlannedCommand {
  const { command, line } = at;
  const subcommands = command.commands.items;
  const order = nearestRule(line, 'operandOrder')?.value ?? 'mixed';
  const excluded = new ExcludedNames(at);
  return {
    path: at.path,
    id: newId(at.path.slice(1), ids),
    options: optionsInReach(at)
      .filter((option) => !isWithdrawn(option))
      .flatMap((option) => planOption(option, excluded)),
    commands: subcommands
      .filter((one) => !isWithdrawn(one) && isOneWord(commandName(one)))
      .map((one) => ({
        value: commandName(one),
        text: oneLine(one.summary?.value ?? one.description?.value),
      })),
    steps: subcommands
      .filter((one) => isOneWord(commandName(one)))
      .flatMap((one) =>
        one.names
          .filter(({ text }) => isOneWord(text))
          .map(({ text }) => ({ name: text, to: commandName(one) })),
      ),
    operands: subcommands.length > 0 ? [] : operandsOf(command).map(planOperand),
    mixed: order === 'mixed',
  };
}

/** Letters, digits and underscores that tell a command path, with a number where another path has the same: `ids` has the last one of each. */
function newId(path: readonly string[], ids: Map<string, number>): string {
  const plain = path.map((name) => name.replace(/[^A-Za-z0-9]+/g, '_')).join('__');
  let number = ids.get(plain) ?? 0;
  let id = plain;
  do {
    number++;
    if (number > 1) id = `${plain}_${number}`;
  } while (id !== plain && ids.has(id));
  ids.set(plain, number);
  ids.set(id, Math.max(1, ids.get(id) ?? 0));
  return id;
}

/** An option, and its negated names as another one beside which it may not stand. */
function planOption(option: Option, excluded: ExcludedNames): PlannedOption[] {
  const again = option.repetition?.value === 'all-count' || option.repetition?.value === 'counted';
  const text = oneLine(option.help?.value);
  const others = excluded.of(option).filter(isOneWord);
  const names = option.names.map((name) => name.text).filter(isOneWord);
  const own = new Set(names);
  const negated = option.negatedNames
    .map(({ text }) => text)
    .filter((name) => isOneWord(name) && !own.has(name));
  const argument = argumentOf(option, mainName(option))?.value;
  const planned: PlannedOption[] = [];
  if (names.length > 0) {
    planned.push({
      names,
      text,
      presence: argument?.presence ?? 'none',
      words:
        argument === undefined || argument.presence === 'none'
          ? []
          : wordsOf(argument.words).map((word) => planWord(word)),
      again,
      excludes: [...others, ...negated],
    });
  }
  if (negated.length > 0)
    planned.push({
      names: negated,
      text: text === '' ? '' : `not: ${text}`,
      presence: 'none',
      words: [],
      again: false,
      excludes: [...others, ...names],
    });
  return planned;
}

function wordsOf(words: readonly ValueWord[]): readonly (ValueWord | undefined)[] {
  return words.length === 0 ? [undefined] : words;
}

function planOperand(operand: Operand): PlannedWord & { readonly again: boolean } {
  return {
    ...planWord(operand.word, operand.name),
    again: operand.count?.value.most !== 1 && operand.count !== undefined,
  };
}

/** The operands of the only form, with what is listed of them; else those that are listed. */
function operandsOf({ forms, operands }: Command): readonly Operand[] {
  const [form, ...others] = forms;
  if (form === undefined || others.length > 0) return operands.items;
  const byName = firstBy(operands.items, ({ name }) => name);
  return form.operands.map((operand) => {
    const listed = byName.get(operand.name);
    return listed === undefined ? operand : { ...operand, word: listed.word };
  });
}

function planWord(word: ValueWord | undefined, name?: string): PlannedWord {
  const values = (word?.values?.value ?? []).filter(
    (value) => !isWithdrawn(value) && isOfferedValue(value.value),
  );
  const label = oneLine((word?.placeholder?.value ?? name ?? 'argument').replace(/[<>[\]]/g, ''));
  return {
    label,
    offers: values.length > 0 ? 'values' : offerFor(word),
    values: values.map((value: AllowedValue) => ({ value: value.value, text: oneLine(value.help?.value) })),
  };
}

/** What stands for a word without known values: files where nothing else is said, as shells do by themselves. */
function offerFor(word: ValueWord | undefined): Offer {
  if (word?.offers !== undefined && word.offers.value !== 'values') return word.offers.value;
  switch (word?.type?.value) {
    case undefined:
    case 'file':
      return 'files';
    case 'directory':
      return 'directories';
    case 'command':
      return 'commands';
    default:
      return 'nothing';
  }
}

/** Whether a thing is hidden or deprecated, and so not offered. */
export function isWithdrawn(thing: Pick<Option, 'hidden' | 'deprecated'>): boolean {
  return thing.hidden?.value === true || thing.deprecated !== undefined;
}

/** Whether a name is one word on every shell's command line without quotes, and no option of another kind. */
export function isOneWord(name: string): boolean {
  return /^[\p{L}\p{N}_+-][^\s=\p{C}'"`\\$]*$/u.test(name) && name !== '-' && name !== '--';
}

/** Whether a value can be offered: it has no controls, and no blanks at its ends. */
export function isOfferedValue(text: string): boolean {
  return text.trim() !== '' && text.trim() === text && !/\p{C}/u.test(text);
}

/** The first words of a text, in one line: no more of a long text is looked at than is shown. */
function oneLine(text: string | undefined): string {
  let line = '';
  for (const [word] of (text ?? '').matchAll(/[^\s\p{C}]+/gu)) {
    line += line === '' ? word : ` ${word}`;
    if (line.length > TEXT_LIMIT)
      return `${line
        .slice(0, TEXT_LIMIT - 1)
        .replace(HALF_CHARACTER, '')
        .trimEnd()}…`;
  }
  return line;
}

/** The half of a character at which a text was cut. */
const HALF_CHARACTER = /[\uD800-\uDBFF]$/;

const TEXT_LIMIT = 100;
