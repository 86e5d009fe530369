import { NO_ARGUMENT } from '../../model/argument.ts';
import type { Command, Example, Form } from '../../model/command.ts';
import type { Basis, Knowable } from '../../model/fact.ts';
import { saysTheSame } from '../../model/same.ts';
import type { FormContext } from '../../notation/form.ts';
import { unplaced } from '../../notation/placed-text.ts';
import { readUsageNotation } from '../../notation/usage-notation.ts';
import { FLAGS } from '../../readers/document/format/command-format.ts';
import { type Completeness, inherited } from '../../readers/document/format/completeness.ts';
import { acceptedValue } from './accepted-value.ts';
import { collectionValue } from './collection-value.ts';
import type { DocumentValue } from './document-value.ts';
import { operandsValue } from './operand-value.ts';
import { optionsValue } from './option-value.ts';
import { RecordValue } from './record-value.ts';
import { relationValue } from './relation-value.ts';
import { rulesValue } from './rules-value.ts';
import { setDeprecated } from './word-value.ts';

/** Sets the keys of a command; `depth` commands lead to it, and `above` is what those say of their lists. */
export function setCommand(record: RecordValue, command: Command, depth: number, above: Completeness): void {
  record.text('summary', command.summary);
  record.text('description', command.description);
  const flags = flagsBasis(command);
  const usage = command.forms.map((form) => formValue(form, command, depth));
  const parsing = rulesValue(command.rules);
  const parts: [string, DocumentValue | undefined][] = [
    ['usage', usage.length > 1 || usage[0] instanceof Map ? usage : usage[0]],
    ['options', optionsValue(command.options.items, flags)],
    ['operands', operandsValue(command.operands.items)],
    ['relations', command.relations.length === 0 ? undefined : command.relations.map(relationValue)],
    ['examples', command.examples.length === 0 ? undefined : command.examples.map(exampleValue)],
  ];
  const describes = record.has('description') || parts.some(([, value]) => value !== undefined);
  if (describes !== command.described) record.set('described', command.described);
  record.text('heading', command.heading);
  record.fact('hidden', command.hidden, (hidden) => hidden);
  setDeprecated(record, command.deprecated);
  record.set('accepted', acceptedValue(command.accepted));
  const below = setComplete(record, command, describes, above);
  record.set('parsing', parsing);
  record.fact('plugin-commands', command.pluginCommands, (value) => value);
  record.text('default-command', command.defaultCommand);
  for (const [key, value] of parts) record.set(key, value);
  record.mark(FLAGS, flags);
  record.set('commands', commandsValue(command.commands.items, depth + 1, below));
}

function commandsValue(
  commands: readonly Command[],
  depth: number,
  above: Completeness,
): DocumentValue | undefined {
  const things = commands.map((command) => {
    const record = new RecordValue();
    setCommand(record, command, depth, above);
    return { name: command.names.map(({ text }) => text).join(', '), value: record.short('summary') };
  });
  return collectionValue(things, 'command', 'summary');
}

/** How it is known that options drawn without an argument take none, where it is known of all in the same way. */
function flagsBasis(command: Command): Basis {
  const bases = command.options.items.flatMap(({ argument }) =>
    argument !== undefined && saysTheSame(argument.value, NO_ARGUMENT) ? [argument.basis] : [],
  );
  const [first = 'stated'] = bases;
  return bases.every((basis) => basis === first) ? first : 'stated';
}

function contextOf(command: Command, depth: number): FormContext {
  const { items } = command.commands;
  const commandNames = new Set(items.flatMap((sub) => sub.names.map(({ text }) => text)));
  return { pathLength: depth, commandNames, hasCommands: items.length > 0 };
}

/** The text of a form, or a mapping where the text does not tell what the form shows. */
function formValue(form: Form, command: Command, depth: number): DocumentValue {
  const read = readUsageNotation(unplaced(form.text), command.options.items, contextOf(command, depth));
  if (saysTheSame(read, form)) return form.text;
  const record = new RecordValue();
  record.set('text', form.text);
  if (form.options.length > 0) {
    record.set(
      'options',
      form.options.map(({ name, required, repeated }) => {
        const option = new RecordValue();
        option.set('name', name);
        if (required) option.set('required', required);
        if (repeated) option.set('repeated', repeated);
        return option.map;
      }),
    );
  }
  record.set('operands', operandsValue(form.operands));
  return record.map;
}

function exampleValue({ commandLine, help }: Example): DocumentValue {
  if (help === undefined) return commandLine;
  const record = new RecordValue();
  record.set('command-line', commandLine);
  record.text('help', help);
  return record.map;
}

/** Says of a command's lists what those above do not; gives what the commands below take over. */
function setComplete(
  record: RecordValue,
  command: Command,
  describes: boolean,
  above: Completeness,
): Completeness {
  const own: Completeness = {
    options: command.options.complete,
    commands: command.commands.complete,
    operands: command.operands.complete,
  };
  const implied = inherited(above, describes, command.commands.items.length > 0);
  const keys = (['options', 'commands', 'operands'] as const).filter(
    (key) => !saysTheSame(own[key], implied[key]),
  );
  const [first] = keys;
  if (first === undefined) return above;
  if (keys.length === 3 && saysTheSame(own.options, own.commands) && saysTheSame(own.options, own.operands)) {
    record.set('complete', completeWord(own.options));
    if (own.options !== undefined) record.mark('complete', own.options.basis);
    return own;
  }
  const lists = new RecordValue();
  for (const key of keys) {
    lists.set(key, completeWord(own[key]));
    lists.mark(key, own[key]?.basis ?? 'stated');
  }
  record.set('complete', lists.map);
  return {
    options: keys.includes('options') ? own.options : above.options,
    commands: keys.includes('commands') ? own.commands : above.commands,
    operands: keys.includes('operands') ? own.operands : above.operands,
  };
}

function completeWord(complete: Knowable<boolean>): DocumentValue {
  return complete === undefined ? 'unknown' : complete.value;
}
